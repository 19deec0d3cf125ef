-- Blades by the day they went home: how long their edges last is read from there.
ALTER TABLE job ADD KEY IF NOT EXISTS job_returned_at (returned_at, id);
