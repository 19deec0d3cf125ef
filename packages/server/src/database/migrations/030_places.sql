-- Where blades are promised: a fixed shop, the stops of a market round, moorings; and the days on which nobody is there.
CREATE TABLE IF NOT EXISTS place (
  id INT UNSIGNED NOT NULL AUTO_INCREMENT PRIMARY KEY,
  name VARCHAR(80) NOT NULL,
  address VARCHAR(200) NOT NULL DEFAULT '',
  opens_at TIME NULL,
  closes_at TIME NULL,
  in_use BOOLEAN NOT NULL DEFAULT TRUE,
  UNIQUE KEY place_name (name)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4;

-- The weekdays of a place (1 is Monday).
CREATE TABLE IF NOT EXISTS place_day (
  place_id INT UNSIGNED NOT NULL,
  weekday TINYINT UNSIGNED NOT NULL CHECK (weekday BETWEEN 1 AND 7),
  PRIMARY KEY (place_id, weekday),
  CONSTRAINT place_day_place FOREIGN KEY (place_id) REFERENCES place (id)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4;

CREATE TABLE IF NOT EXISTS closed_days (
  id INT UNSIGNED NOT NULL AUTO_INCREMENT PRIMARY KEY,
  from_day DATE NOT NULL,
  to_day DATE NOT NULL,
  reason VARCHAR(80) NOT NULL DEFAULT ''
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4;

ALTER TABLE job
  ADD COLUMN IF NOT EXISTS place_id INT UNSIGNED NULL,
  ADD KEY IF NOT EXISTS job_place (place_id);

-- What the weekdays said so far.
CREATE TABLE IF NOT EXISTS mooring (
  weekday TINYINT UNSIGNED NOT NULL PRIMARY KEY,
  wharf VARCHAR(80) NOT NULL
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4;
INSERT IGNORE INTO place (name) SELECT DISTINCT wharf FROM mooring ORDER BY weekday;
INSERT IGNORE INTO place_day (place_id, weekday)
  SELECT p.id, m.weekday FROM mooring m JOIN place p ON p.name = m.wharf;
UPDATE job j JOIN mooring m ON m.weekday = WEEKDAY(j.promised_on) + 1 JOIN place p ON p.name = m.wharf
  SET j.place_id = p.id WHERE j.place_id IS NULL;
DROP TABLE mooring;
