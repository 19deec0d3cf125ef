-- Abrasives with their sizes and care, steels of the shop's own, machines with test cuts, touch-ups.
ALTER TABLE stone
  ADD COLUMN IF NOT EXISTS kind VARCHAR(20) NOT NULL DEFAULT 'water stone',
  ADD COLUMN IF NOT EXISTS grit_scale VARCHAR(10) NULL,
  ADD COLUMN IF NOT EXISTS grit_number DECIMAL(8,1) NULL,
  ADD COLUMN IF NOT EXISTS soaking VARCHAR(10) NOT NULL DEFAULT 'splash',
  ADD COLUMN IF NOT EXISTS dry_hours DECIMAL(6,1) NOT NULL DEFAULT 24,
  ADD COLUMN IF NOT EXISTS length_mm DECIMAL(8,2) NULL,
  ADD COLUMN IF NOT EXISTS width_mm DECIMAL(8,2) NULL,
  ADD COLUMN IF NOT EXISTS thickness_new_mm DECIMAL(8,3) NULL,
  ADD COLUMN IF NOT EXISTS thickness_mm DECIMAL(8,3) NULL,
  ADD COLUMN IF NOT EXISTS min_thickness_mm DECIMAL(8,3) NULL,
  -- The same block of two grits: each side names the other.
  ADD COLUMN IF NOT EXISTS other_side_id INT UNSIGNED NULL,
  ADD COLUMN IF NOT EXISTS strokes VARCHAR(10) NOT NULL DEFAULT 'both',
  ADD COLUMN IF NOT EXISTS needs_dressing BOOLEAN NOT NULL DEFAULT FALSE,
  ADD COLUMN IF NOT EXISTS minutes_flat DECIMAL(8,1) NULL,
  ADD COLUMN IF NOT EXISTS price_minor INT UNSIGNED NULL,
  ADD COLUMN IF NOT EXISTS place VARCHAR(60) NOT NULL DEFAULT '';

-- What was on the rack before it had kinds.
UPDATE stone SET
  kind = CASE WHEN abrasive = 'compound' THEN 'strop' WHEN abrasive = 'diamond' THEN 'diamond plate' ELSE 'water stone' END,
  soaking = CASE WHEN soak_minutes > 0 THEN 'soak' WHEN liquid = 'dry' THEN 'dry' ELSE 'splash' END,
  minutes_flat = CASE WHEN abrasive IN ('compound', 'diamond') THEN NULL ELSE 30 END;

CREATE TABLE IF NOT EXISTS flattening (
  id INT UNSIGNED NOT NULL AUTO_INCREMENT PRIMARY KEY,
  stone_id INT UNSIGNED NOT NULL,
  at DATETIME(3) NOT NULL DEFAULT CURRENT_TIMESTAMP(3),
  staff_id INT UNSIGNED NOT NULL,
  plate VARCHAR(60) NOT NULL,
  minutes DECIMAL(6,1) NOT NULL,
  lost_mm DECIMAL(6,3) NOT NULL,
  -- All work done on the stone until then, so that what came after can be told from it.
  worked_seconds_until DECIMAL(14,3) NOT NULL,
  thickness_after_mm DECIMAL(8,3) NULL,
  KEY flattening_stone (stone_id, id),
  CONSTRAINT flattening_stone FOREIGN KEY (stone_id) REFERENCES stone (id) ON DELETE CASCADE,
  CONSTRAINT flattening_staff FOREIGN KEY (staff_id) REFERENCES staff (id)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4;

CREATE TABLE IF NOT EXISTS soak (
  id INT UNSIGNED NOT NULL AUTO_INCREMENT PRIMARY KEY,
  stone_id INT UNSIGNED NOT NULL,
  job_id INT UNSIGNED NULL,
  put_in_at DATETIME(3) NOT NULL DEFAULT CURRENT_TIMESTAMP(3),
  minutes DECIMAL(6,1) NOT NULL,
  taken_out_at DATETIME(3) NULL,
  -- A stone lies in the water once.
  stone_in_water INT UNSIGNED AS (IF(taken_out_at IS NULL, stone_id, NULL)) PERSISTENT,
  UNIQUE KEY soak_once (stone_in_water),
  KEY soak_stone (stone_id, id),
  CONSTRAINT soak_stone FOREIGN KEY (stone_id) REFERENCES stone (id) ON DELETE CASCADE,
  CONSTRAINT soak_job FOREIGN KEY (job_id) REFERENCES job (id) ON DELETE SET NULL
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4;

CREATE TABLE IF NOT EXISTS steel (
  id INT UNSIGNED NOT NULL AUTO_INCREMENT PRIMARY KEY,
  designation VARCHAR(80) NOT NULL,
  standard VARCHAR(40) NOT NULL DEFAULT '',
  steel_class VARCHAR(60) NOT NULL,
  stainless VARCHAR(10) NOT NULL,
  composition VARCHAR(200) NOT NULL DEFAULT '',
  hrc_low DECIMAL(4,1) NOT NULL,
  hrc_high DECIMAL(4,1) NOT NULL,
  wear_factor DECIMAL(6,3) NOT NULL CHECK (wear_factor > 0),
  wear_factor_diamond DECIMAL(6,3) NOT NULL CHECK (wear_factor_diamond > 0),
  finest_useful_um DECIMAL(6,3) NOT NULL,
  burr VARCHAR(20) NOT NULL,
  edge VARCHAR(40) NOT NULL,
  note VARCHAR(500) NOT NULL DEFAULT '',
  version INT UNSIGNED NOT NULL DEFAULT 0,
  UNIQUE KEY steel_designation (designation)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4;

CREATE TABLE IF NOT EXISTS machine (
  id INT UNSIGNED NOT NULL AUTO_INCREMENT PRIMARY KEY,
  name VARCHAR(60) NOT NULL,
  kind VARCHAR(20) NOT NULL,
  sag_radius_mm DECIMAL(8,2) NULL,
  wheel_diameter_mm DECIMAL(8,2) NULL,
  pivot_reach_mm DECIMAL(8,2) NULL,
  rod_to_face_mm DECIMAL(8,2) NULL,
  speed_m_per_s DECIMAL(6,2) NULL,
  note VARCHAR(300) NOT NULL DEFAULT '',
  retired BOOLEAN NOT NULL DEFAULT FALSE,
  version INT UNSIGNED NOT NULL DEFAULT 0
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4;

CREATE TABLE IF NOT EXISTS test_cut (
  id INT UNSIGNED NOT NULL AUTO_INCREMENT PRIMARY KEY,
  machine_id INT UNSIGNED NOT NULL,
  set_deg DECIMAL(6,3) NOT NULL,
  measured_deg DECIMAL(6,3) NOT NULL,
  at DATETIME(3) NOT NULL DEFAULT CURRENT_TIMESTAMP(3),
  staff_id INT UNSIGNED NOT NULL,
  KEY test_cut_machine (machine_id, id),
  CONSTRAINT test_cut_machine FOREIGN KEY (machine_id) REFERENCES machine (id) ON DELETE CASCADE,
  CONSTRAINT test_cut_staff FOREIGN KEY (staff_id) REFERENCES staff (id)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4;

CREATE TABLE IF NOT EXISTS touch_up (
  id INT UNSIGNED NOT NULL AUTO_INCREMENT PRIMARY KEY,
  job_id INT UNSIGNED NOT NULL,
  rung VARCHAR(20) NOT NULL,
  stone_id INT UNSIGNED NULL,
  enough BOOLEAN NOT NULL,
  note VARCHAR(200) NOT NULL DEFAULT '',
  at DATETIME(3) NOT NULL DEFAULT CURRENT_TIMESTAMP(3),
  staff_id INT UNSIGNED NOT NULL,
  KEY touch_up_job (job_id, id),
  CONSTRAINT touch_up_job FOREIGN KEY (job_id) REFERENCES job (id),
  CONSTRAINT touch_up_stone FOREIGN KEY (stone_id) REFERENCES stone (id),
  CONSTRAINT touch_up_staff FOREIGN KEY (staff_id) REFERENCES staff (id)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4;
