-- When in the work a close picture was taken, of which spot, its scale and what was measured on it.
ALTER TABLE photograph ADD COLUMN IF NOT EXISTS close_up JSON NULL;
