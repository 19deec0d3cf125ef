-- One row a stroke counted by the angle gauge, numbered within its step.
CREATE TABLE IF NOT EXISTS gauge_stroke (
  plan_step_id INT UNSIGNED NOT NULL,
  number INT UNSIGNED NOT NULL,
  side ENUM('right', 'left') NOT NULL,
  mean_deg DECIMAL(5, 2) NOT NULL,
  sd_deg DECIMAL(5, 2) NOT NULL,
  from_share DECIMAL(4, 3) NOT NULL,
  to_share DECIMAL(4, 3) NOT NULL,
  seconds DECIMAL(5, 2) NOT NULL,
  PRIMARY KEY (plan_step_id, number),
  CONSTRAINT gauge_stroke_of_step FOREIGN KEY (plan_step_id) REFERENCES plan_step (id) ON DELETE CASCADE
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;
