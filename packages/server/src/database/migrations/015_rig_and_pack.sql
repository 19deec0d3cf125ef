-- Which stones go into the clamp rig and which into the pack, and how far the rig is raised at the finer ones.
ALTER TABLE stone
  ADD COLUMN IF NOT EXISTS fits_rig BOOLEAN NULL,
  ADD COLUMN IF NOT EXISTS portable BOOLEAN NOT NULL DEFAULT FALSE;
ALTER TABLE machine ADD COLUMN IF NOT EXISTS raise_deg DECIMAL(4,2) NULL;
