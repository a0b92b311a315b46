-- Where the work stood belongs to each revision, so that undo and redo can show it in the list of jobs.
ALTER TABLE revision ADD COLUMN left_off TEXT NOT NULL DEFAULT '';
UPDATE revision SET left_off = (SELECT job.left_off FROM job WHERE job.id = revision.job_id)
 WHERE seq = (SELECT job.head FROM job WHERE job.id = revision.job_id);
-- Marks the file as a book: 'MFBK'.
PRAGMA application_id = 1296450123;
PRAGMA user_version = 2;
