-- What happened is kept as a code with its parameters; older lines keep the prose they were written in.
ALTER TABLE job_event ADD COLUMN IF NOT EXISTS message JSON NULL AFTER text;
