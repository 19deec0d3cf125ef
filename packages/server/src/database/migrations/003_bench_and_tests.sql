-- Steps of a plan with the work done on them, burr checks, and edge tests by zone.
CREATE TABLE IF NOT EXISTS plan_step (
  id INT UNSIGNED NOT NULL AUTO_INCREMENT PRIMARY KEY,
  job_id INT UNSIGNED NOT NULL,
  position SMALLINT UNSIGNED NOT NULL,
  operation VARCHAR(20) NOT NULL,
  stone_id INT UNSIGNED NULL,
  detail JSON NOT NULL,
  status ENUM('to do', 'done') NOT NULL DEFAULT 'to do',
  strokes_right INT UNSIGNED NOT NULL DEFAULT 0,
  strokes_left INT UNSIGNED NOT NULL DEFAULT 0,
  worked_seconds DECIMAL(10,3) NOT NULL DEFAULT 0,
  running_since_ms BIGINT UNSIGNED NULL,
  revision INT UNSIGNED NOT NULL DEFAULT 0,
  override_reason VARCHAR(300) NULL,
  -- A step of an earlier plan that had been worked before the plan was changed.
  superseded BOOLEAN NOT NULL DEFAULT FALSE,
  KEY plan_step_job (job_id, superseded, position),
  CONSTRAINT plan_step_job FOREIGN KEY (job_id) REFERENCES job (id),
  CONSTRAINT plan_step_stone FOREIGN KEY (stone_id) REFERENCES stone (id)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4;

CREATE TABLE IF NOT EXISTS burr_check (
  plan_step_id INT UNSIGNED NOT NULL,
  round TINYINT UNSIGNED NOT NULL,
  side ENUM('right', 'left') NOT NULL,
  zone ENUM('heel', 'middle', 'belly', 'tip') NOT NULL,
  finding ENUM('none', 'slight', 'clear', 'heavy') NOT NULL,
  PRIMARY KEY (plan_step_id, round, side, zone),
  CONSTRAINT burr_check_step FOREIGN KEY (plan_step_id) REFERENCES plan_step (id) ON DELETE CASCADE
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4;

CREATE TABLE IF NOT EXISTS edge_reading (
  job_id INT UNSIGNED NOT NULL,
  phase ENUM('before', 'after') NOT NULL,
  round TINYINT UNSIGNED NOT NULL,
  zone ENUM('heel', 'middle', 'belly', 'tip') NOT NULL,
  light VARCHAR(20) NULL,
  paper VARCHAR(20) NULL,
  force_1_gf DECIMAL(7,1) NULL,
  force_2_gf DECIMAL(7,1) NULL,
  force_3_gf DECIMAL(7,1) NULL,
  PRIMARY KEY (job_id, phase, round, zone),
  CONSTRAINT edge_reading_job FOREIGN KEY (job_id) REFERENCES job (id)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4;
