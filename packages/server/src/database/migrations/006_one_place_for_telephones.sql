-- Telephones stand in customer_phone alone.
ALTER TABLE customer DROP COLUMN IF EXISTS phone;
