-- What a blade that went back to the bench was thought to have; confirmed when its remedy was followed and the test then
-- passed.
CREATE TABLE IF NOT EXISTS fault_cause (
  job_id INT UNSIGNED NOT NULL,
  round TINYINT UNSIGNED NOT NULL,
  cause VARCHAR(40) NOT NULL,
  confirmed BOOLEAN NOT NULL DEFAULT FALSE,
  PRIMARY KEY (job_id, round),
  KEY fault_cause_cause (confirmed, cause),
  CONSTRAINT fault_cause_job FOREIGN KEY (job_id) REFERENCES job (id)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4;
