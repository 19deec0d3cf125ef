-- What is kept of a step beside strokes, time and burr: strokes added, what was shown, what was measured.
ALTER TABLE plan_step ADD COLUMN IF NOT EXISTS notes JSON NULL;
