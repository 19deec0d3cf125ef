-- What a stone has worked is kept as a sum: adding up every step of every job again took longer with each of them.
ALTER TABLE stone ADD COLUMN IF NOT EXISTS worked_seconds DOUBLE NOT NULL DEFAULT 0;
CREATE OR REPLACE TRIGGER plan_step_added AFTER INSERT ON plan_step FOR EACH ROW
  UPDATE stone SET worked_seconds = worked_seconds + NEW.worked_seconds
    WHERE id = NEW.stone_id AND NEW.worked_seconds <> 0;
CREATE OR REPLACE TRIGGER plan_step_worked AFTER UPDATE ON plan_step FOR EACH ROW
  UPDATE stone SET worked_seconds = worked_seconds + NEW.worked_seconds - OLD.worked_seconds
    WHERE id = NEW.stone_id AND NEW.worked_seconds <> OLD.worked_seconds;
CREATE OR REPLACE TRIGGER plan_step_removed AFTER DELETE ON plan_step FOR EACH ROW
  UPDATE stone SET worked_seconds = worked_seconds - OLD.worked_seconds
    WHERE id = OLD.stone_id AND OLD.worked_seconds <> 0;
UPDATE stone s SET s.worked_seconds =
  COALESCE((SELECT SUM(p.worked_seconds) FROM plan_step p WHERE p.stone_id = s.id), 0);
-- Lists by key instead of by reading the whole table.
ALTER TABLE customer ADD INDEX IF NOT EXISTS customer_listed (erased_at, name, id);
ALTER TABLE blade ADD INDEX IF NOT EXISTS blade_steel (steel), ADD INDEX IF NOT EXISTS blade_name (name);
