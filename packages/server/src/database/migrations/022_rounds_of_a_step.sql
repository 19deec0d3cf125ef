-- Strokes of the rounds before this one: what a step worked again wants is counted from here.
ALTER TABLE plan_step
  ADD COLUMN IF NOT EXISTS earlier_right INT UNSIGNED NOT NULL DEFAULT 0,
  ADD COLUMN IF NOT EXISTS earlier_left INT UNSIGNED NOT NULL DEFAULT 0;
