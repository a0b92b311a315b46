-- What somebody counted on the shelf; what the work took stands in the jobs. Every count stays, the last of a part holds.
CREATE TABLE shelf_count (
    seq     INTEGER PRIMARY KEY,
    part    TEXT NOT NULL,
    name    TEXT NOT NULL,
    metres  INTEGER NOT NULL,
    amount  REAL NOT NULL,
    pieces  TEXT NOT NULL, -- lengths in mm, as a JSON array
    at      TEXT NOT NULL,
    by_whom TEXT NOT NULL
);
CREATE INDEX shelf_count_part ON shelf_count (part, seq);
PRAGMA user_version = 4;
