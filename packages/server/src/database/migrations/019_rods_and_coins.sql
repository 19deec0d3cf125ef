-- Each rod is a rung of its own; how its angle was set, and how many passes it took, are kept for the next visit.
UPDATE touch_up SET rung = 'smooth rod' WHERE rung = 'rod';
ALTER TABLE touch_up
  ADD COLUMN IF NOT EXISTS coin_mm DECIMAL(5,2) NULL,
  ADD COLUMN IF NOT EXISTS coin_count TINYINT UNSIGNED NULL,
  ADD COLUMN IF NOT EXISTS angle_deg DECIMAL(5,2) NULL,
  ADD COLUMN IF NOT EXISTS passes TINYINT UNSIGNED NULL;
