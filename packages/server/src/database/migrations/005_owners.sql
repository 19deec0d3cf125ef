-- Owners found as one types, with several telephones, merged and forgotten.
ALTER TABLE customer
  ADD COLUMN IF NOT EXISTS edges_liked VARCHAR(300) NOT NULL DEFAULT '',
  ADD COLUMN IF NOT EXISTS erased_at DATETIME(3) NULL,
  ADD COLUMN IF NOT EXISTS version INT UNSIGNED NOT NULL DEFAULT 0;

ALTER TABLE customer ADD FULLTEXT INDEX IF NOT EXISTS customer_words (name, trade);

ALTER TABLE blade ADD FULLTEXT INDEX IF NOT EXISTS blade_words (name);

CREATE TABLE IF NOT EXISTS customer_phone (
  id INT UNSIGNED NOT NULL AUTO_INCREMENT PRIMARY KEY,
  customer_id INT UNSIGNED NOT NULL,
  position TINYINT UNSIGNED NOT NULL,
  label VARCHAR(40) NOT NULL DEFAULT '',
  number VARCHAR(40) NOT NULL,
  -- Digits alone: however it was written, it is found by them, and by its end.
  digits VARCHAR(40) AS (REGEXP_REPLACE(number, '[^0-9]', '')) PERSISTENT,
  digits_backwards VARCHAR(40) AS (REVERSE(REGEXP_REPLACE(number, '[^0-9]', ''))) PERSISTENT,
  KEY phone_digits (digits),
  KEY phone_backwards (digits_backwards),
  KEY phone_customer (customer_id, position),
  CONSTRAINT phone_customer FOREIGN KEY (customer_id) REFERENCES customer (id) ON DELETE CASCADE
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4;

INSERT INTO customer_phone (customer_id, position, number)
  SELECT c.id, 0, c.phone FROM customer c
  WHERE c.phone <> '' AND NOT EXISTS (SELECT 1 FROM customer_phone p WHERE p.customer_id = c.id);
