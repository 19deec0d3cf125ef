-- Who is at the bench on a day, and when; nobody said anything of those who have no row.
CREATE TABLE IF NOT EXISTS day_presence (
  on_day DATE NOT NULL,
  staff_id INT UNSIGNED NOT NULL,
  present BOOLEAN NOT NULL,
  from_time TIME NOT NULL,
  until_time TIME NOT NULL,
  PRIMARY KEY (on_day, staff_id),
  CONSTRAINT day_presence_staff FOREIGN KEY (staff_id) REFERENCES staff (id)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4;
-- Blades that are to come first, or to wait.
CREATE TABLE IF NOT EXISTS day_mark (
  job_id INT UNSIGNED NOT NULL PRIMARY KEY,
  mark ENUM('first', 'held') NOT NULL,
  CONSTRAINT day_mark_job FOREIGN KEY (job_id) REFERENCES job (id) ON DELETE CASCADE
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4;
