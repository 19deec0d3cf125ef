-- Honing rods as a way of holding the angle.
ALTER TABLE machine
  ADD COLUMN IF NOT EXISTS rod_length_mm DECIMAL(8,2) NULL,
  ADD COLUMN IF NOT EXISTS rod_lean_deg DECIMAL(6,2) NULL;
