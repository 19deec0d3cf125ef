-- Two ways of doing a thing on like blades, drawn by lot and written down before the work.
CREATE TABLE IF NOT EXISTS trial (
  id INT UNSIGNED NOT NULL AUTO_INCREMENT PRIMARY KEY,
  question VARCHAR(40) NOT NULL,
  first_school VARCHAR(40) NOT NULL,
  second_school VARCHAR(40) NOT NULL,
  note VARCHAR(300) NOT NULL,
  -- Whoever knows it can draw the lots again.
  seed INT UNSIGNED NOT NULL,
  draws SMALLINT UNSIGNED NOT NULL DEFAULT 0,
  begun_at DATETIME(3) NOT NULL DEFAULT CURRENT_TIMESTAMP(3),
  begun_by INT UNSIGNED NOT NULL,
  stopped_at DATETIME(3) NULL,
  stopped_by INT UNSIGNED NULL,
  stop_reason VARCHAR(300) NOT NULL DEFAULT '',
  CONSTRAINT trial_begun_by FOREIGN KEY (begun_by) REFERENCES staff (id)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4;
CREATE TABLE IF NOT EXISTS trial_blade (
  trial_id INT UNSIGNED NOT NULL,
  blade_id INT UNSIGNED NOT NULL,
  way ENUM('pair', 'alternate') NOT NULL,
  begins_with ENUM('first', 'second') NOT NULL,
  -- Visits from this one on belong to it.
  from_job_id INT UNSIGNED NOT NULL,
  drawn_at DATETIME(3) NOT NULL DEFAULT CURRENT_TIMESTAMP(3),
  PRIMARY KEY (trial_id, blade_id),
  KEY trial_blade_blade (blade_id),
  CONSTRAINT trial_blade_trial FOREIGN KEY (trial_id) REFERENCES trial (id),
  CONSTRAINT trial_blade_of FOREIGN KEY (blade_id) REFERENCES blade (id)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4;
