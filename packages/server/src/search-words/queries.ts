import { execute, select, type Queryable } from '../database/pool';
import { guessableWords, piecesOf } from './words';

/** What a name is made of, so that it is found with one wrong letter too. */
export const addSearchWords = async (db: Queryable, ...names: readonly string[]): Promise<void> => {
  const rows = guessableWords(names.join(' ')).flatMap((word) =>
    piecesOf(word).map((piece) => [piece, word]),
  );
  if (rows.length === 0) return;
  await execute(
    db,
    `INSERT IGNORE INTO search_word (piece, word) VALUES ${rows.map(() => '(?, ?)').join(', ')}`,
    rows.flat(),
  );
};

/** Words that share a piece with what was typed: those one letter off are among them. */
export const wordsNear = async (db: Queryable, word: string): Promise<string[]> => {
  const pieces = piecesOf(word);
  return (
    await select<{ word: string }>(
      db,
      `SELECT DISTINCT word FROM search_word WHERE piece IN (${pieces.map(() => '?').join(', ')}) LIMIT 200`,
      pieces,
    )
  ).map((row) => row.word);
};

/** Whether a customer other than this, or a blade of one, has that word in its name. */
export const isWordOfOthers = async (
  db: Queryable,
  customerId: number,
  word: string,
): Promise<boolean> =>
  [
    ...(await select(
      db,
      `SELECT 1 FROM customer WHERE MATCH (name, trade) AGAINST (? IN BOOLEAN MODE) AND id <> ?
         AND erased_at IS NULL LIMIT 1`,
      [`+${word}`, customerId],
    )),
    ...(await select(
      db,
      'SELECT 1 FROM blade WHERE MATCH (name) AGAINST (? IN BOOLEAN MODE) AND customer_id <> ? LIMIT 1',
      [`+${word}`, customerId],
    )),
  ].length > 0;

export const removeSearchWord = (db: Queryable, word: string) =>
  execute(db, 'DELETE FROM search_word WHERE word = ?', [word]);
