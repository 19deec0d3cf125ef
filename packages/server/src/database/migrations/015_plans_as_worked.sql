-- Which stones go into the clamp rig and which into the pack, and how far the rig is raised at the finer ones.
ALTER TABLE stone
  ADD COLUMN IF NOT EXISTS fits_rig BOOLEAN NULL,
  ADD COLUMN IF NOT EXISTS portable BOOLEAN NOT NULL DEFAULT FALSE;
ALTER TABLE machine ADD COLUMN IF NOT EXISTS raise_deg DECIMAL(4,2) NULL;
-- What a step was foreseen to take when work began, and by which model: later plans are computed anew, this stays.
ALTER TABLE plan_step
  ADD COLUMN IF NOT EXISTS forecast_p10_seconds DOUBLE NULL,
  ADD COLUMN IF NOT EXISTS forecast_p50_seconds DOUBLE NULL,
  ADD COLUMN IF NOT EXISTS forecast_p90_seconds DOUBLE NULL,
  ADD COLUMN IF NOT EXISTS model_version SMALLINT UNSIGNED NULL;
