-- A job is a chain of revisions; undo and redo move its head. No revision is ever deleted.
CREATE TABLE job (
    id         TEXT PRIMARY KEY,
    title      TEXT NOT NULL,
    machine    TEXT NOT NULL,
    left_off   TEXT NOT NULL,
    head       INTEGER NOT NULL,
    put_away   INTEGER NOT NULL DEFAULT 0,
    opened_at  TEXT NOT NULL,
    changed_at TEXT NOT NULL
);
CREATE TABLE revision (
    job_id    TEXT NOT NULL REFERENCES job (id),
    seq       INTEGER NOT NULL,
    parent    INTEGER,
    json      TEXT NOT NULL,
    what      TEXT NOT NULL,
    merge_key TEXT NOT NULL,
    at        TEXT NOT NULL,
    PRIMARY KEY (job_id, seq)
);
CREATE INDEX revision_parent ON revision (job_id, parent);
CREATE TABLE preference (
    name  TEXT PRIMARY KEY,
    value TEXT NOT NULL
);
PRAGMA user_version = 1;
