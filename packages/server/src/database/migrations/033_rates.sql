-- What the bench learns from: who finished a step when, on which steel, and what the model foresaw uncorrected.
ALTER TABLE plan_step
  ADD COLUMN IF NOT EXISTS foreseen_seconds DOUBLE NULL,
  ADD COLUMN IF NOT EXISTS foreseen_steel VARCHAR(80) NULL,
  ADD COLUMN IF NOT EXISTS finished_at DATETIME(3) NULL,
  ADD COLUMN IF NOT EXISTS finished_by INT UNSIGNED NULL;
-- A record of rates, or null: the clock ran, the check was passed, nobody was interrupted, a person did it by hand.
ALTER TABLE plan_step
  ADD COLUMN IF NOT EXISTS log_ratio DOUBLE AS (
    IF(status = 'done' AND stone_id IS NOT NULL AND finished_by IS NOT NULL AND override_reason IS NULL
       AND worked_seconds >= 5 AND foreseen_seconds > 0
       AND COALESCE(JSON_VALUE(notes, '$.interrupted'), '0') NOT IN ('1', 'true'),
       LN(worked_seconds / foreseen_seconds), NULL)) VIRTUAL,
  ADD KEY IF NOT EXISTS plan_step_finished (finished_at, id);
ALTER TABLE staff ADD COLUMN IF NOT EXISTS teaches BOOLEAN NOT NULL DEFAULT TRUE;
-- Sums of them, kept with every step: adding up all steps again would take longer with each.
CREATE TABLE IF NOT EXISTS step_rate (
  stone_id INT UNSIGNED NOT NULL,
  steel VARCHAR(80) NOT NULL,
  staff_id INT UNSIGNED NOT NULL,
  model_version SMALLINT UNSIGNED NOT NULL,
  records INT NOT NULL,
  log_sum DOUBLE NOT NULL,
  square_sum DOUBLE NOT NULL,
  PRIMARY KEY (model_version, stone_id, steel, staff_id),
  CONSTRAINT step_rate_stone FOREIGN KEY (stone_id) REFERENCES stone (id),
  CONSTRAINT step_rate_staff FOREIGN KEY (staff_id) REFERENCES staff (id)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4;
CREATE OR REPLACE TRIGGER plan_step_unlearnt AFTER UPDATE ON plan_step FOR EACH ROW
  UPDATE step_rate SET records = records - 1, log_sum = log_sum - OLD.log_ratio,
      square_sum = square_sum - OLD.log_ratio * OLD.log_ratio
    WHERE OLD.log_ratio IS NOT NULL AND model_version = OLD.model_version AND stone_id = OLD.stone_id
      AND steel = OLD.foreseen_steel AND staff_id = OLD.finished_by;
CREATE OR REPLACE TRIGGER plan_step_learnt AFTER UPDATE ON plan_step FOR EACH ROW FOLLOWS plan_step_unlearnt
  INSERT INTO step_rate (stone_id, steel, staff_id, model_version, records, log_sum, square_sum)
    SELECT NEW.stone_id, NEW.foreseen_steel, NEW.finished_by, NEW.model_version, 1, NEW.log_ratio, NEW.log_ratio * NEW.log_ratio
    FROM DUAL WHERE NEW.log_ratio IS NOT NULL
    ON DUPLICATE KEY UPDATE records = records + 1, log_sum = log_sum + NEW.log_ratio,
      square_sum = square_sum + NEW.log_ratio * NEW.log_ratio;
