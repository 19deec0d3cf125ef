-- Blades, the rack, and each visit of a blade as a job with its measurements.
CREATE TABLE IF NOT EXISTS blade (
  id INT UNSIGNED NOT NULL AUTO_INCREMENT PRIMARY KEY,
  customer_id INT UNSIGNED NOT NULL,
  name VARCHAR(80) NOT NULL DEFAULT '',
  kind VARCHAR(40) NOT NULL,
  steel VARCHAR(80) NOT NULL,
  created_at DATETIME(3) NOT NULL DEFAULT CURRENT_TIMESTAMP(3),
  CONSTRAINT blade_customer FOREIGN KEY (customer_id) REFERENCES customer (id)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4;

CREATE TABLE IF NOT EXISTS stone (
  id INT UNSIGNED NOT NULL AUTO_INCREMENT PRIMARY KEY,
  name VARCHAR(60) NOT NULL,
  abrasive VARCHAR(20) NOT NULL,
  median_grain_um DECIMAL(8,3) NOT NULL CHECK (median_grain_um > 0),
  grit_label VARCHAR(40) NOT NULL DEFAULT '',
  bond VARCHAR(20) NOT NULL,
  soak_minutes DECIMAL(6,1) NOT NULL DEFAULT 0,
  liquid VARCHAR(10) NOT NULL,
  cut_factor DECIMAL(6,3) NOT NULL DEFAULT 1 CHECK (cut_factor > 0),
  scratch_factor DECIMAL(6,3) NOT NULL DEFAULT 1 CHECK (scratch_factor > 0),
  change_seconds DECIMAL(6,1) NOT NULL DEFAULT 0,
  retired BOOLEAN NOT NULL DEFAULT FALSE,
  version INT UNSIGNED NOT NULL DEFAULT 0
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4;

CREATE TABLE IF NOT EXISTS job (
  id INT UNSIGNED NOT NULL AUTO_INCREMENT PRIMARY KEY,
  blade_id INT UNSIGNED NOT NULL,
  tag_number SMALLINT UNSIGNED NOT NULL,
  -- The tag while it hangs on a blade in the shop; null once the blade is gone, so that tags are used again.
  tag_in_use SMALLINT UNSIGNED AS (IF(stage IN ('returned', 'declined'), NULL, tag_number)) PERSISTENT,
  stage ENUM('taken in', 'planned', 'on the bench', 'testing', 'ready', 'returned', 'declined')
    NOT NULL DEFAULT 'taken in',
  round TINYINT UNSIGNED NOT NULL DEFAULT 1,
  version INT UNSIGNED NOT NULL DEFAULT 0,
  promised_on DATE NOT NULL,
  taken_in_at DATETIME(3) NOT NULL DEFAULT CURRENT_TIMESTAMP(3),
  returned_at DATETIME(3) NULL,
  use_id VARCHAR(40) NOT NULL,
  cuts VARCHAR(200) NOT NULL DEFAULT '',
  asked_for VARCHAR(500) NOT NULL DEFAULT '',
  sharpness VARCHAR(10) NOT NULL,
  careful_hands BOOLEAN NOT NULL DEFAULT FALSE,
  edge_length_mm DECIMAL(7,2) NOT NULL,
  height_heel_mm DECIMAL(7,3) NOT NULL,
  height_middle_mm DECIMAL(7,3) NOT NULL,
  height_tip_mm DECIMAL(7,3) NOT NULL,
  spine_heel_mm DECIMAL(7,3) NOT NULL,
  spine_middle_mm DECIMAL(7,3) NOT NULL,
  spine_tip_mm DECIMAL(7,3) NOT NULL,
  thickness_behind_edge_mm DECIMAL(7,4) NOT NULL,
  bevel_face_mm DECIMAL(7,4) NULL,
  present_angle_per_side_deg DECIMAL(7,4) NULL,
  plan_choices JSON NULL,
  plan_record JSON NULL,
  remarks VARCHAR(500) NOT NULL DEFAULT '',
  decline_reason VARCHAR(300) NULL,
  CONSTRAINT job_blade FOREIGN KEY (blade_id) REFERENCES blade (id),
  UNIQUE KEY job_tag_in_use (tag_in_use),
  KEY job_stage (stage, promised_on)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4;

CREATE TABLE IF NOT EXISTS damage (
  job_id INT UNSIGNED NOT NULL,
  damage_key VARCHAR(40) NOT NULL,
  kind VARCHAR(20) NOT NULL,
  side VARCHAR(10) NOT NULL,
  from_mm DECIMAL(7,2) NOT NULL,
  length_mm DECIMAL(7,2) NOT NULL,
  depth_mm DECIMAL(6,3) NOT NULL,
  PRIMARY KEY (job_id, damage_key),
  CONSTRAINT damage_job FOREIGN KEY (job_id) REFERENCES job (id) ON DELETE CASCADE
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4;

-- What happened to a blade, in order, never changed.
CREATE TABLE IF NOT EXISTS job_event (
  id BIGINT UNSIGNED NOT NULL AUTO_INCREMENT PRIMARY KEY,
  job_id INT UNSIGNED NOT NULL,
  at DATETIME(3) NOT NULL DEFAULT CURRENT_TIMESTAMP(3),
  staff_id INT UNSIGNED NOT NULL,
  kind VARCHAR(30) NOT NULL,
  text VARCHAR(600) NOT NULL,
  KEY job_event_job (job_id, id),
  CONSTRAINT job_event_job FOREIGN KEY (job_id) REFERENCES job (id),
  CONSTRAINT job_event_staff FOREIGN KEY (staff_id) REFERENCES staff (id)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4;
