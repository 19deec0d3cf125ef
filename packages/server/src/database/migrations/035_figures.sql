-- What the shop's figures are added up from: a row for each blade that went home. Reading all steps and bills again would
-- take longer with each of them.
CREATE TABLE IF NOT EXISTS visit_figure (
  job_id INT UNSIGNED NOT NULL PRIMARY KEY,
  returned_on DATE NOT NULL,
  place_id INT UNSIGNED NULL,
  kind VARCHAR(40) NOT NULL,
  customer_id INT UNSIGNED NOT NULL,
  worked_seconds DOUBLE NOT NULL,
  -- As the plan told it when each step began; null where nothing was told.
  foreseen_seconds DOUBLE NULL,
  quoted_low_minor INT UNSIGNED NULL,
  quoted_high_minor INT UNSIGNED NULL,
  -- The customer said yes to the estimate.
  agreed BOOLEAN NOT NULL,
  earned_minor INT UNSIGNED NOT NULL,
  days_late SMALLINT NOT NULL,
  late_because ENUM('sent back', 'took longer', 'waited for an answer', 'begun late', 'other') NULL,
  sent_back BOOLEAN NOT NULL,
  declined BOOLEAN NOT NULL,
  KEY visit_figure_sent_back (sent_back, returned_on),
  KEY visit_figure_customer (customer_id, returned_on, worked_seconds, earned_minor, days_late, sent_back, declined),
  CONSTRAINT visit_figure_job FOREIGN KEY (job_id) REFERENCES job (id) ON DELETE CASCADE
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4;
-- The same by day, place and kind: a year of them is read in a moment however many blades there were. Place 0 is none.
CREATE TABLE IF NOT EXISTS day_figure (
  returned_on DATE NOT NULL,
  place_id INT UNSIGNED NOT NULL,
  kind VARCHAR(40) NOT NULL,
  blades INT NOT NULL,
  worked_seconds DOUBLE NOT NULL,
  earned_minor BIGINT NOT NULL,
  late INT NOT NULL,
  late_sent_back INT NOT NULL,
  late_took_longer INT NOT NULL,
  late_waited INT NOT NULL,
  late_begun INT NOT NULL,
  sent_back INT NOT NULL,
  declined INT NOT NULL,
  -- Of those with an estimate.
  quoted INT NOT NULL,
  agreed INT NOT NULL,
  quoted_low_minor BIGINT NOT NULL,
  quoted_high_minor BIGINT NOT NULL,
  charged_minor BIGINT NOT NULL,
  charged_above INT NOT NULL,
  charged_below INT NOT NULL,
  -- Of those whose time was foreseen.
  foreseen_seconds DOUBLE NOT NULL,
  foreseen_worked_seconds DOUBLE NOT NULL,
  PRIMARY KEY (returned_on, place_id, kind)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4;
-- What each stone did for blades that went home, by month.
CREATE TABLE IF NOT EXISTS stone_figure (
  stone_id INT UNSIGNED NOT NULL,
  month DATE NOT NULL,
  blades INT NOT NULL,
  steps INT NOT NULL,
  worked_seconds DOUBLE NOT NULL,
  steel_mm3 DOUBLE NOT NULL,
  PRIMARY KEY (stone_id, month),
  CONSTRAINT stone_figure_stone FOREIGN KEY (stone_id) REFERENCES stone (id)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4;
-- What came back is looked up by the day it was told.
ALTER TABLE complaint ADD KEY IF NOT EXISTS complaint_opened (opened_at);
