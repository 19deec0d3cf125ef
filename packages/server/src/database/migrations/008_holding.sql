-- How the angle was held: clamp jaw and place, rod height, shims. Set again at the next visit.
ALTER TABLE job ADD COLUMN IF NOT EXISTS holding VARCHAR(200) NOT NULL DEFAULT '';
