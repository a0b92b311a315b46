-- What a search looks through, in small letters: title, machine and all that a job says, without the names of its fields.
ALTER TABLE job ADD COLUMN said TEXT NOT NULL DEFAULT '';
UPDATE job SET said = lower(title || ' ' || machine || ' '
    || coalesce((SELECT r.json FROM revision r WHERE r.job_id = job.id AND r.seq = job.head), ''));
CREATE INDEX job_listed ON job (put_away, changed_at DESC);
PRAGMA user_version = 5;
