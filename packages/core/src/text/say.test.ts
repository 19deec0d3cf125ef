import { asText, ownText, say, textOf, type Message, type StrokeRound } from '../index';
import { joined } from './say';
import { STEP_ENGLISH } from './steps';

test('a message says its parameters, and several follow each other', () => {
  const title = say('edge.title.first', { stone: 'Red brick' });
  expect(textOf(title)).toBe('Set the edge on Red brick');
  expect(textOf([title, say('slurry.float')])).toBe(
    'Set the edge on Red brick Float the mud off with plenty of water, so that the stone does not load.',
  );
  expect(textOf([])).toBe('');
});

test('a message may stand within another, and comes back from storage as it went in', () => {
  const second = say('chisel.second-edge.title', {
    of: say('edge.title.first', { stone: 'Red brick' }),
  });
  const kept = JSON.parse(JSON.stringify(second)) as Message;
  expect(textOf(kept)).toBe('Set the edge on Red brick, second edge');
});

test('what was kept as prose is said as it was; a code nobody knows is shown, not lost', () => {
  expect(textOf(asText('Thin it on the grey stone.'))).toBe('Thin it on the grey stone.');
  expect(textOf(joined(ownText('One.'), [ownText('Two.')]))).toBe('One. Two.');
  expect(textOf({ code: 'gone.long.ago' } as unknown as Message)).toBe('gone.long.ago');
});

test('lists are told as lists', () => {
  expect(
    textOf(
      say('thinning.instruction.first', {
        bands: [
          { fromMm: 0, angleDeg: 4.25 },
          { fromMm: 5, angleDeg: 3 },
        ],
      }),
    ),
  ).toBe('In bands from near the edge up: 4.3° from the remnant, 3.0° from 5.0 mm.');
  const round = { side: 'right', zone: null, seconds: null } as const;
  expect(textOf(say('pattern.side-after-side', { rounds: [{ ...round, count: 6 }] }))).toBe(
    '6 on the right',
  );
});

test('a long pattern is told as one turn and how often, a stroke more or less alike', () => {
  const turn = (count: number): StrokeRound[] => [
    { side: 'right', zone: null, seconds: null, count },
    { side: 'right', zone: 'tip', seconds: null, count: 5 },
    { side: 'left', zone: null, seconds: null, count },
    { side: 'left', zone: 'tip', seconds: null, count: 5 },
  ];
  const pattern = 'N and swap';
  expect(
    textOf(say('pattern.laid', { pattern, rounds: [...turn(14), ...turn(15), ...turn(14)] })),
  ).toContain('14 right, 5 right tip, 14 left, 5 left tip; 3 times');
  const falling = [8, 8, 4, 4, 2, 2, 1, 1].map((count) => ({ ...turn(0)[0]!, count }));
  expect(textOf(say('pattern.laid', { pattern, rounds: falling }))).toContain(
    '8 right, 8 right, … 8 rounds',
  );
});

test.each(Object.entries(STEP_ENGLISH).filter(([, entry]) => typeof entry === 'string'))(
  '%s reads as something a colleague would say',
  (_code, entry) => {
    expect(entry).toMatch(/^\S[\s\S]*\S$/);
    expect(entry).not.toMatch(/ {2}|\bowner\b|reckon/i);
  },
);
