/** The order of the day away from the page: a first one at once, better ones as they are found, for as long as it is let. */
import {
  compileDay,
  DaySearch,
  SETTLED,
  type DayInput,
  type DayPlace,
  type OrderedDay,
} from '@patient-edge/core';
import { expose } from 'comlink';

/** Orders tried before the clock is looked at. */
const A_STRETCH = 300;
const TELL_MS = 250;
/** Before the first order is told: what changed is said of it. */
const FIRST_TRIES = 100;

const api = {
  /** Begins with the order the day had before, as far as it holds. */
  order: (
    input: DayInput,
    before: readonly DayPlace[],
    forMs: number,
    onBetter: (order: OrderedDay, share: number) => void,
  ): OrderedDay | null => {
    const compiled = compileDay(input);
    if (!compiled.ok) return null;
    const search = new DaySearch(compiled.value, before);
    search.improve(FIRST_TRIES, SETTLED);
    onBetter(search.result(), 0);
    search.tryExactly();
    const from = performance.now();
    let told = from;
    for (let at = 0; at < forMs && !search.isProven; at = performance.now() - from) {
      search.improve(A_STRETCH, at / forMs);
      if (performance.now() - told > TELL_MS) {
        onBetter(search.result(), at / forMs);
        told = performance.now();
      }
    }
    return search.result();
  },
};
export type DayWorker = typeof api;

expose(api);
