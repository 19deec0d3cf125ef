-- How a rig was set for a blade, to be set again at its next visit: jaws from the heel, mark on its rule, block under it.
ALTER TABLE job
  ADD COLUMN IF NOT EXISTS jaw_mm DECIMAL(6,1) NULL,
  ADD COLUMN IF NOT EXISTS rule_mark_mm DECIMAL(6,1) NULL,
  ADD COLUMN IF NOT EXISTS block VARCHAR(60) NOT NULL DEFAULT '';
