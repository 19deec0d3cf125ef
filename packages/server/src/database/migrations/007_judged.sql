-- What else is written down of a blade at intake, and what is judged, asked, agreed and photographed.
ALTER TABLE job
  -- With what each measure was taken; what nobody measured stands as the last visit's or the usual of the kind.
  ADD COLUMN IF NOT EXISTS measured_with JSON NULL,
  ADD COLUMN IF NOT EXISTS angle_assumed BOOLEAN NOT NULL DEFAULT FALSE,
  ADD COLUMN IF NOT EXISTS angle_readings JSON NULL,
  ADD COLUMN IF NOT EXISTS belly_start_mm DECIMAL(7,2) NULL,
  ADD COLUMN IF NOT EXISTS tip_rise_mm DECIMAL(7,2) NULL,
  ADD COLUMN IF NOT EXISTS outline JSON NULL,
  ADD COLUMN IF NOT EXISTS answers JSON NULL,
  ADD COLUMN IF NOT EXISTS protection_done JSON NULL,
  ADD COLUMN IF NOT EXISTS estimate_agreed_by VARCHAR(80) NULL,
  ADD COLUMN IF NOT EXISTS estimate_agreed_at DATETIME(3) NULL,
  ADD INDEX IF NOT EXISTS job_tag (tag_number, id);

CREATE TABLE IF NOT EXISTS estimate_line (
  job_id INT UNSIGNED NOT NULL,
  position TINYINT UNSIGNED NOT NULL,
  label VARCHAR(120) NOT NULL,
  low_minor INT UNSIGNED NOT NULL,
  high_minor INT UNSIGNED NOT NULL,
  PRIMARY KEY (job_id, position),
  CONSTRAINT estimate_line_job FOREIGN KEY (job_id) REFERENCES job (id)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4;

CREATE TABLE IF NOT EXISTS consent (
  id INT UNSIGNED NOT NULL AUTO_INCREMENT PRIMARY KEY,
  job_id INT UNSIGNED NOT NULL,
  matter VARCHAR(40) NOT NULL,
  words VARCHAR(300) NOT NULL,
  answer ENUM('yes', 'no') NOT NULL,
  given_by VARCHAR(80) NOT NULL,
  at DATETIME(3) NOT NULL DEFAULT CURRENT_TIMESTAMP(3),
  staff_id INT UNSIGNED NOT NULL,
  KEY consent_job (job_id, id),
  CONSTRAINT consent_job FOREIGN KEY (job_id) REFERENCES job (id),
  CONSTRAINT consent_staff FOREIGN KEY (staff_id) REFERENCES staff (id)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4;

CREATE TABLE IF NOT EXISTS price (
  item VARCHAR(20) NOT NULL,
  price_group VARCHAR(20) NOT NULL,
  amount_minor INT UNSIGNED NOT NULL,
  PRIMARY KEY (item, price_group)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4;

-- The pictures lie beside the records, so that one copy of the data folder holds everything.
CREATE TABLE IF NOT EXISTS photograph (
  id INT UNSIGNED NOT NULL AUTO_INCREMENT PRIMARY KEY,
  job_id INT UNSIGNED NOT NULL,
  at DATETIME(3) NOT NULL DEFAULT CURRENT_TIMESTAMP(3),
  staff_id INT UNSIGNED NOT NULL,
  width_px SMALLINT UNSIGNED NOT NULL,
  height_px SMALLINT UNSIGNED NOT NULL,
  note VARCHAR(300) NOT NULL DEFAULT '',
  marks JSON NOT NULL,
  picture MEDIUMBLOB NOT NULL,
  small_picture MEDIUMBLOB NOT NULL,
  KEY photograph_job (job_id, id),
  CONSTRAINT photograph_job FOREIGN KEY (job_id) REFERENCES job (id),
  CONSTRAINT photograph_staff FOREIGN KEY (staff_id) REFERENCES staff (id)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4;
