/** The order of the day asked for once: exact where branch and bound reaches, beyond that as good as so many tries find. */
import { ok, type Result } from '../units';
import { compileDay, type DayInput } from './day-model';
import { DaySearch, MOST_NODES, type OrderedDay } from './day-search';

/** Tried before the search is told how far it is. */
const A_STRETCH = 100;

/**
 * The best order found within so many orders tried; exact for small days. Errors: INVALID_INPUT for a stone that is not
 * there.
 */
export const orderDay = (
  input: DayInput,
  tries: number,
  mostNodes = MOST_NODES,
): Result<OrderedDay> => {
  const compiled = compileDay(input);
  if (!compiled.ok) return compiled;
  const search = new DaySearch(compiled.value);
  search.tryExactly(mostNodes);
  for (let done = 0; done < tries; done += A_STRETCH)
    search.improve(Math.min(A_STRETCH, tries - done), done / tries);
  return ok(search.result());
};
