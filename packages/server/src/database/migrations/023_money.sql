-- What a blade costs in the end, what was paid for it and how. A sale is one receipt, of one customer, for one blade or
-- several; what was taken by mistake is undone and stays on record.
CREATE TABLE IF NOT EXISTS bill (
  job_id INT UNSIGNED NOT NULL PRIMARY KEY,
  price_minor INT UNSIGNED NOT NULL,
  discount_minor INT UNSIGNED NOT NULL DEFAULT 0,
  discount_reason VARCHAR(200) NOT NULL DEFAULT '',
  -- Set by somebody: a later pass does not reckon it anew.
  by_hand BOOLEAN NOT NULL DEFAULT FALSE,
  CONSTRAINT bill_job FOREIGN KEY (job_id) REFERENCES job (id)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4;

CREATE TABLE IF NOT EXISTS sale (
  id INT UNSIGNED NOT NULL AUTO_INCREMENT PRIMARY KEY,
  number INT UNSIGNED NOT NULL,
  customer_id INT UNSIGNED NOT NULL,
  staff_id INT UNSIGNED NOT NULL,
  method ENUM('cash', 'card', 'transfer') NOT NULL,
  at DATETIME(3) NOT NULL DEFAULT CURRENT_TIMESTAMP(3),
  undone_at DATETIME(3) NULL,
  UNIQUE KEY sale_number (number),
  KEY sale_at (at),
  KEY sale_customer (customer_id, at),
  CONSTRAINT sale_customer_id FOREIGN KEY (customer_id) REFERENCES customer (id),
  CONSTRAINT sale_staff FOREIGN KEY (staff_id) REFERENCES staff (id)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4;

CREATE TABLE IF NOT EXISTS payment (
  sale_id INT UNSIGNED NOT NULL,
  job_id INT UNSIGNED NOT NULL,
  amount_minor INT UNSIGNED NOT NULL,
  PRIMARY KEY (sale_id, job_id),
  KEY payment_job (job_id),
  CONSTRAINT payment_sale FOREIGN KEY (sale_id) REFERENCES sale (id),
  CONSTRAINT payment_job_id FOREIGN KEY (job_id) REFERENCES job (id)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4;

ALTER TABLE job ADD COLUMN IF NOT EXISTS collected_by VARCHAR(80) NOT NULL DEFAULT '';
ALTER TABLE customer ADD COLUMN IF NOT EXISTS on_account BOOLEAN NOT NULL DEFAULT FALSE;
