-- What works in scallops has a round of its own: it must be no larger than that of the scallop.
ALTER TABLE stone ADD COLUMN IF NOT EXISTS radius_mm DECIMAL(6,2) NULL AFTER length_mm;
