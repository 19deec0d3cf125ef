-- Which edge of a blade with two a fault was found on; nothing where there is one.
ALTER TABLE damage ADD COLUMN IF NOT EXISTS edge CHAR(1) NULL AFTER depth_mm;
