import type { FirstGuess } from '../src/units/first-guess';
import { ROOMS } from './all-first-guesses';

const all: readonly [string, FirstGuess][] = ROOMS.flatMap(([, table]) => Object.entries(table));

test.each(all)('%s lies in the range it says, and says what it is', (_name, guess) => {
  const values = typeof guess.value === 'number' ? [guess.value] : Object.values(guess.value);
  for (const value of values) {
    expect(value).toBeGreaterThanOrEqual(guess.range[0]);
    expect(value).toBeLessThanOrEqual(guess.range[1]);
  }
  expect(guess.what.length).toBeGreaterThan(10);
  expect(guess.unit).not.toBe('');
});
