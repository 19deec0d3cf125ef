import fc from 'fast-check';
import { isOneLetterOff } from '@patient-edge/core';
import { guessableWords, piecesOf } from './words';

test('one letter off is one letter off, accents and case aside', () => {
  for (const typed of ['saltgat', 'saltgatee', 'saltgote', 'slatgate', 'altgate', 'SÁLTGATE'])
    expect([typed, isOneLetterOff(typed, 'saltgate')]).toEqual([typed, true]);
  for (const typed of ['saltg', 'saltgoto', 'gatesalt', 'saltgatexx'])
    expect([typed, isOneLetterOff(typed, 'saltgate')]).toEqual([typed, false]);
});

test('the words of a name are its letters, the short ones left out', () => {
  expect(guessableWords('Third Reach scouts, 2nd (old) Émile')).toEqual([
    'third',
    'reach',
    'scouts',
    'émile',
  ]);
});

const letters = fc.stringMatching(/^[a-e]{4,9}$/);

test('whatever the wrong letter, the two words share a piece', () => {
  fc.assert(
    fc.property(
      letters,
      fc.nat(8),
      fc.constantFrom('a', 'b', 'x'),
      fc.nat(3),
      (word, at, by, how) => {
        const place = at % word.length;
        const typed = [
          word.slice(0, place) + word.slice(place + 1),
          word.slice(0, place) + by + word.slice(place),
          word.slice(0, place) + by + word.slice(place + 1),
          word.slice(0, place) + (word[place + 1] ?? '') + word[place] + word.slice(place + 2),
        ][how]!;
        expect(isOneLetterOff(typed, word)).toBe(true);
        const pieces = new Set(piecesOf(word));
        expect(piecesOf(typed).some((piece) => pieces.has(piece))).toBe(true);
      },
    ),
  );
});
