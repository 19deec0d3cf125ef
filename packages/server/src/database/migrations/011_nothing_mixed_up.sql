-- Keys bound to what was asked; clocks told as elapsed time; a blade and a tag in the shop once; people who can be
-- deactivated and signed out; versions of photographs.
ALTER TABLE idempotency
  -- SHA-256 of method, path and validated body; empty on keys from before it was kept.
  ADD COLUMN IF NOT EXISTS request_hash CHAR(64) CHARACTER SET ascii COLLATE ascii_bin NOT NULL DEFAULT '',
  MODIFY COLUMN answer JSON NULL,
  ADD INDEX IF NOT EXISTS idempotency_created (created_at);

ALTER TABLE plan_step
  -- Elapsed seconds of the run the clock is in when they were told, and when that was by this database's clock.
  ADD COLUMN IF NOT EXISTS running_seconds DECIMAL(10,3) NULL,
  ADD COLUMN IF NOT EXISTS running_at DATETIME(3) NULL,
  -- What the customer must have said yes to before the step is begun; null on steps from before it was kept.
  ADD COLUMN IF NOT EXISTS asks JSON NULL;

UPDATE plan_step
  SET running_at = CURRENT_TIMESTAMP(3),
    running_seconds = LEAST(10800, GREATEST(0, UNIX_TIMESTAMP(CURRENT_TIMESTAMP(3)) - running_since_ms / 1000))
  WHERE running_since_ms IS NOT NULL AND running_at IS NULL;

ALTER TABLE job
  -- Where a declined blade stood, for an undo.
  ADD COLUMN IF NOT EXISTS declined_at_stage VARCHAR(20) NULL,
  -- A visit written down although the blade was in the shop already, before that was refused.
  ADD COLUMN IF NOT EXISTS second_entry BOOLEAN NOT NULL DEFAULT FALSE;

UPDATE job j SET j.declined_at_stage = CASE
    WHEN j.plan_record IS NULL THEN 'taken in'
    WHEN EXISTS (SELECT 1 FROM plan_step p WHERE p.job_id = j.id AND p.status = 'done') THEN 'on the bench'
    ELSE 'planned' END
  WHERE j.stage = 'declined' AND j.declined_at_stage IS NULL;

-- At its first visit nothing is from the last one: what was never measured stays so.
UPDATE job j SET j.measured_with = REPLACE(j.measured_with, '"last visit"', '"the usual"')
  WHERE NOT EXISTS (SELECT 1 FROM job f WHERE f.blade_id = j.blade_id AND f.id < j.id);

-- Declined blades used to vanish; one whose tag or whose blade came again later has gone home.
UPDATE job j SET j.stage = 'returned',
    j.returned_at = COALESCE((SELECT MAX(e.at) FROM job_event e WHERE e.job_id = j.id), j.taken_in_at)
  WHERE j.stage = 'declined' AND EXISTS (SELECT 1 FROM job l
    WHERE l.id > j.id AND (l.tag_number = j.tag_number OR l.blade_id = j.blade_id));

UPDATE job j SET j.second_entry = TRUE
  WHERE j.stage <> 'returned' AND EXISTS (SELECT 1 FROM job l
    WHERE l.blade_id = j.blade_id AND l.id > j.id AND l.stage <> 'returned');

-- The tag hangs on a declined blade too, until it is handed over.
ALTER TABLE job
  MODIFY COLUMN tag_in_use SMALLINT UNSIGNED AS (IF(stage = 'returned', NULL, tag_number)) PERSISTENT,
  ADD COLUMN IF NOT EXISTS blade_in_shop INT UNSIGNED
    AS (IF(stage = 'returned' OR second_entry, NULL, blade_id)) PERSISTENT,
  ADD UNIQUE INDEX IF NOT EXISTS job_blade_in_shop (blade_in_shop);

-- Two ids that differ by an accent are two ids.
ALTER TABLE damage MODIFY COLUMN damage_key VARCHAR(40) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL;

ALTER TABLE photograph ADD COLUMN IF NOT EXISTS version INT UNSIGNED NOT NULL DEFAULT 0;

ALTER TABLE staff
  ADD COLUMN IF NOT EXISTS active BOOLEAN NOT NULL DEFAULT TRUE,
  -- Raised to end every session of a person: a session carries the epoch it began in.
  ADD COLUMN IF NOT EXISTS session_epoch INT UNSIGNED NOT NULL DEFAULT 0;

-- Wrong tries to sign in, by name and address: each makes the next wait longer.
CREATE TABLE IF NOT EXISTS sign_in_failure (
  login VARCHAR(40) COLLATE utf8mb4_bin NOT NULL,
  address VARCHAR(45) COLLATE utf8mb4_bin NOT NULL,
  failures SMALLINT UNSIGNED NOT NULL,
  last_at DATETIME(3) NOT NULL DEFAULT CURRENT_TIMESTAMP(3),
  PRIMARY KEY (login, address),
  KEY sign_in_failure_last (last_at)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4;
