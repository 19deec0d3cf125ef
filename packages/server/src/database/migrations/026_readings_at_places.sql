-- What was read at one place of an edge; with what is read once for the blade.
ALTER TABLE edge_reading ADD COLUMN IF NOT EXISTS places JSON NULL;
