-- The clock of a device is not compared with another's any more.
ALTER TABLE plan_step DROP COLUMN IF EXISTS running_since_ms;
