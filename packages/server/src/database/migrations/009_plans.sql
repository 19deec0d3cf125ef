-- Every kind of blade planned: how the shop holds an angle, versions of a plan, its habits and templates.
ALTER TABLE machine
  ADD COLUMN IF NOT EXISTS stone_for_rod_mm DECIMAL(8,2) NULL,
  ADD COLUMN IF NOT EXISTS rail_offset_mm DECIMAL(8,2) NULL,
  ADD COLUMN IF NOT EXISTS shim_mm DECIMAL(8,3) NULL;

-- Every plan that was ever settled for a job; the last one is the job's own.
CREATE TABLE IF NOT EXISTS plan_version (
  id INT UNSIGNED NOT NULL AUTO_INCREMENT PRIMARY KEY,
  job_id INT UNSIGNED NOT NULL,
  number SMALLINT UNSIGNED NOT NULL,
  at DATETIME(3) NOT NULL DEFAULT CURRENT_TIMESTAMP(3),
  staff_id INT UNSIGNED NOT NULL,
  reason VARCHAR(300) NOT NULL DEFAULT '',
  choices JSON NOT NULL,
  record JSON NOT NULL,
  steps JSON NOT NULL,
  UNIQUE KEY plan_version_number (job_id, number),
  CONSTRAINT plan_version_job FOREIGN KEY (job_id) REFERENCES job (id),
  CONSTRAINT plan_version_staff FOREIGN KEY (staff_id) REFERENCES staff (id)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4;

-- The schools this shop follows unless a plan says otherwise: one row.
CREATE TABLE IF NOT EXISTS shop_habit (
  id TINYINT UNSIGNED NOT NULL PRIMARY KEY,
  choices JSON NOT NULL,
  version INT UNSIGNED NOT NULL DEFAULT 0
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4;

CREATE TABLE IF NOT EXISTS plan_template (
  id INT UNSIGNED NOT NULL AUTO_INCREMENT PRIMARY KEY,
  kind_id VARCHAR(40) NOT NULL,
  name VARCHAR(80) NOT NULL,
  note VARCHAR(300) NOT NULL DEFAULT '',
  choices JSON NOT NULL,
  job_id INT UNSIGNED NOT NULL,
  at DATETIME(3) NOT NULL DEFAULT CURRENT_TIMESTAMP(3),
  staff_id INT UNSIGNED NOT NULL,
  UNIQUE KEY plan_template_name (kind_id, name),
  CONSTRAINT plan_template_job FOREIGN KEY (job_id) REFERENCES job (id),
  CONSTRAINT plan_template_staff FOREIGN KEY (staff_id) REFERENCES staff (id)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4;
