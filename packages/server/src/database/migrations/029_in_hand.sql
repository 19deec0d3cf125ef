-- Who has a blade in hand, and when they last did something to it.
ALTER TABLE job
  ADD COLUMN IF NOT EXISTS in_hand_by INT UNSIGNED NULL,
  ADD COLUMN IF NOT EXISTS in_hand_at DATETIME(3) NULL;
