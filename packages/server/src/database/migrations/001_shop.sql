-- The shop, its people and those who bring blades.
CREATE TABLE IF NOT EXISTS setting (
  name VARCHAR(40) NOT NULL PRIMARY KEY,
  value VARCHAR(500) NOT NULL
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4;

CREATE TABLE IF NOT EXISTS staff (
  id INT UNSIGNED NOT NULL AUTO_INCREMENT PRIMARY KEY,
  name VARCHAR(80) NOT NULL,
  login VARCHAR(40) NOT NULL,
  password_hash VARCHAR(255) NOT NULL,
  role ENUM('owner', 'bench', 'counter') NOT NULL,
  created_at DATETIME(3) NOT NULL DEFAULT CURRENT_TIMESTAMP(3),
  UNIQUE KEY staff_login (login)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4;

CREATE TABLE IF NOT EXISTS session (
  session_id VARCHAR(128) COLLATE utf8mb4_bin NOT NULL PRIMARY KEY,
  expires INT UNSIGNED NOT NULL,
  data MEDIUMTEXT COLLATE utf8mb4_bin,
  KEY session_expires (expires)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4;

-- Where the workshop is on each weekday (1 is Monday): promised dates follow it.
CREATE TABLE IF NOT EXISTS mooring (
  weekday TINYINT UNSIGNED NOT NULL PRIMARY KEY CHECK (weekday BETWEEN 1 AND 7),
  wharf VARCHAR(80) NOT NULL
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4;

CREATE TABLE IF NOT EXISTS customer (
  id INT UNSIGNED NOT NULL AUTO_INCREMENT PRIMARY KEY,
  name VARCHAR(80) NOT NULL,
  trade VARCHAR(80) NOT NULL DEFAULT '',
  phone VARCHAR(40) NOT NULL DEFAULT '',
  note VARCHAR(500) NOT NULL DEFAULT '',
  created_at DATETIME(3) NOT NULL DEFAULT CURRENT_TIMESTAMP(3),
  KEY customer_name (name)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4;

-- A repeated request with the same key answers as the first one did.
CREATE TABLE IF NOT EXISTS idempotency (
  idempotency_key VARCHAR(80) COLLATE utf8mb4_bin NOT NULL,
  staff_id INT UNSIGNED NOT NULL,
  answer JSON NOT NULL,
  created_at DATETIME(3) NOT NULL DEFAULT CURRENT_TIMESTAMP(3),
  PRIMARY KEY (idempotency_key, staff_id),
  CONSTRAINT idempotency_staff FOREIGN KEY (staff_id) REFERENCES staff (id)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4;
