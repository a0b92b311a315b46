-- Where the work stands is said in other words now; the list of jobs shows them as they were saved.
UPDATE job SET left_off = 'not started' WHERE left_off = 'not begun';
UPDATE revision SET left_off = 'not started' WHERE left_off = 'not begun';
UPDATE job SET left_off = 'finished' || substr(left_off, 5) WHERE left_off LIKE 'made, all %';
UPDATE revision SET left_off = 'finished' || substr(left_off, 5) WHERE left_off LIKE 'made, all %';
PRAGMA user_version = 3;
