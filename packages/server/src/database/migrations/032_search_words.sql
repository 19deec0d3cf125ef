-- Words of names, and each of them with one letter left out: what is typed with one wrong letter meets them there.
CREATE TABLE IF NOT EXISTS search_word (
  piece VARCHAR(40) NOT NULL,
  word VARCHAR(40) NOT NULL,
  PRIMARY KEY (piece, word),
  KEY search_word_word (word)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;

INSERT IGNORE INTO search_word (piece, word)
  SELECT IF(s.seq = 0, w.word, CONCAT(LEFT(w.word, s.seq - 1), SUBSTRING(w.word, s.seq + 1))), w.word
  FROM (
    SELECT DISTINCT t.word FROM (
      SELECT CONCAT(name, ' ', trade) AS said FROM customer WHERE erased_at IS NULL
      UNION ALL SELECT name FROM blade
    ) n JOIN JSON_TABLE(
      CONCAT('["', REPLACE(TRIM(REGEXP_REPLACE(LOWER(n.said), '[^\\p{L}]+', ' ')), ' ', '","'), '"]'),
      '$[*]' COLUMNS (word VARCHAR(40) PATH '$')
    ) t WHERE CHAR_LENGTH(t.word) BETWEEN 4 AND 40
  ) w JOIN seq_0_to_40 s ON s.seq <= CHAR_LENGTH(w.word);
