/** What a name leaves in the search, forgotten with it. */
import type { Queryable } from '../database/pool';
import { isWordOfOthers, removeSearchWord } from './queries';
import { guessableWords } from './words';

/** Forgets the words of names that only this customer and their blades have. */
export const forgetWords = async (
  db: Queryable,
  customerId: number,
  ...names: readonly string[]
): Promise<void> => {
  for (const word of guessableWords(names.join(' '))) {
    if (!(await isWordOfOthers(db, customerId, word))) await removeSearchWord(db, word);
  }
};
