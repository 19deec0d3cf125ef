-- Who did what when, beside the blades: customers, stones, the shop. Names of customers never stand in it.
CREATE TABLE IF NOT EXISTS shop_event (
  id BIGINT UNSIGNED NOT NULL AUTO_INCREMENT PRIMARY KEY,
  at DATETIME(3) NOT NULL DEFAULT CURRENT_TIMESTAMP(3),
  staff_id INT UNSIGNED NOT NULL,
  subject ENUM('customer', 'stone', 'shop') NOT NULL,
  -- Of the customer or stone; 0 for the shop itself.
  subject_id INT UNSIGNED NOT NULL,
  message JSON NOT NULL,
  KEY shop_event_subject (subject, subject_id, at, id),
  KEY shop_event_at (at, id),
  CONSTRAINT shop_event_staff FOREIGN KEY (staff_id) REFERENCES staff (id)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4;

ALTER TABLE job_event ADD KEY IF NOT EXISTS job_event_at (at, id);
ALTER TABLE job_event ADD KEY IF NOT EXISTS job_event_who (staff_id, at, id);
