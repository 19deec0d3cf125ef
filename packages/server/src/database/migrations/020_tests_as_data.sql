-- Every test of an edge is read as a class; what is read once for the blade stands in a row of its own, and on what it
-- was tested beside it.
ALTER TABLE edge_reading
  MODIFY zone ENUM('heel', 'middle', 'belly', 'tip', 'blade') NOT NULL,
  ADD COLUMN IF NOT EXISTS classes JSON NULL,
  ADD COLUMN IF NOT EXISTS media JSON NULL;
UPDATE edge_reading SET classes = JSON_OBJECT('light', light, 'paper', paper) WHERE classes IS NULL;
ALTER TABLE edge_reading DROP COLUMN IF EXISTS light, DROP COLUMN IF EXISTS paper;
