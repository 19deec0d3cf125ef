-- Who may be written to, and since when they said so.
ALTER TABLE customer
  ADD COLUMN IF NOT EXISTS email VARCHAR(120) NOT NULL DEFAULT '',
  ADD COLUMN IF NOT EXISTS may_write ENUM('not asked', 'yes', 'no') NOT NULL DEFAULT 'not asked',
  ADD COLUMN IF NOT EXISTS may_write_since DATETIME(3) NULL;

-- A message is written down before it is sent; its key makes it once.
CREATE TABLE IF NOT EXISTS message (
  id INT UNSIGNED NOT NULL AUTO_INCREMENT PRIMARY KEY,
  message_key VARCHAR(80) COLLATE utf8mb4_bin NOT NULL,
  kind ENUM('ready', 'late', 'due', 'reminder') NOT NULL,
  customer_id INT UNSIGNED NOT NULL,
  job_id INT UNSIGNED NULL,
  address VARCHAR(120) NOT NULL,
  subject VARCHAR(200) NOT NULL,
  body TEXT NOT NULL,
  state ENUM('queued', 'sending', 'sent', 'failed', 'withdrawn') NOT NULL DEFAULT 'queued',
  tries TINYINT UNSIGNED NOT NULL DEFAULT 0,
  next_try_at DATETIME(3) NOT NULL DEFAULT CURRENT_TIMESTAMP(3),
  problem VARCHAR(300) NULL,
  made_at DATETIME(3) NOT NULL DEFAULT CURRENT_TIMESTAMP(3),
  sent_at DATETIME(3) NULL,
  UNIQUE KEY message_made_once (message_key),
  KEY message_due (state, next_try_at),
  KEY message_job (job_id),
  KEY message_customer (customer_id),
  CONSTRAINT message_customer_id FOREIGN KEY (customer_id) REFERENCES customer (id) ON DELETE CASCADE,
  CONSTRAINT message_job_id FOREIGN KEY (job_id) REFERENCES job (id)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4;

-- The customer's own page of a visit.
CREATE TABLE IF NOT EXISTS visit_page (
  job_id INT UNSIGNED NOT NULL PRIMARY KEY,
  token CHAR(43) COLLATE utf8mb4_bin NOT NULL,
  made_at DATETIME(3) NOT NULL DEFAULT CURRENT_TIMESTAMP(3),
  revoked_at DATETIME(3) NULL,
  UNIQUE KEY visit_page_token (token),
  CONSTRAINT visit_page_job FOREIGN KEY (job_id) REFERENCES job (id)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4;

-- What the customer said on it: dull again ends the life of that edge, something is wrong opens a complaint.
CREATE TABLE IF NOT EXISTS visit_answer (
  job_id INT UNSIGNED NOT NULL,
  answer ENUM('dull again', 'something is wrong', 'wish') NOT NULL,
  words VARCHAR(500) NOT NULL DEFAULT '',
  at DATETIME(3) NOT NULL DEFAULT CURRENT_TIMESTAMP(3),
  PRIMARY KEY (job_id, answer),
  CONSTRAINT visit_answer_job FOREIGN KEY (job_id) REFERENCES job (id)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4;

-- A blade that came back with a complaint, about the visit it is of.
CREATE TABLE IF NOT EXISTS complaint (
  job_id INT UNSIGNED NOT NULL PRIMARY KEY,
  words VARCHAR(500) NOT NULL DEFAULT '',
  signs JSON NOT NULL,
  on_the_house BOOLEAN NULL,
  reason VARCHAR(300) NOT NULL DEFAULT '',
  new_job_id INT UNSIGNED NULL,
  opened_at DATETIME(3) NOT NULL DEFAULT CURRENT_TIMESTAMP(3),
  settled_at DATETIME(3) NULL,
  KEY complaint_open (settled_at),
  KEY complaint_new_job (new_job_id),
  CONSTRAINT complaint_job FOREIGN KEY (job_id) REFERENCES job (id),
  CONSTRAINT complaint_new FOREIGN KEY (new_job_id) REFERENCES job (id)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4;

-- When an edge is likely to want sharpening again, written down as it goes home.
ALTER TABLE job ADD COLUMN IF NOT EXISTS due_on DATE NULL, ADD KEY IF NOT EXISTS job_due (due_on);

-- Templates of messages are longer than a name.
ALTER TABLE setting MODIFY value TEXT NOT NULL;
