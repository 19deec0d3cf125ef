import fc from 'fast-check';
import { trayNext, trayOrder, type TrayBlade } from './tray';

const UM: Readonly<Record<string, number>> = { coarse: 60, middle: 15, fine: 5, strop: 1 };
const umOf = (stoneId: string): number => UM[stoneId]!;
const onStone = (stoneId: string) => ({ stoneId, readies: null });
const readying = (readies: string) => ({ stoneId: null, readies });
const byHand = { stoneId: null, readies: null };

const blade = (jobId: number, stones: readonly string[], isOneSided = false): TrayBlade => ({
  jobId,
  isOneSided,
  left: [byHand, ...stones.flatMap((stone) => [readying(stone), onStone(stone)]), byHand],
});

test('stone by stone: all blades on the coarse one, then a wash, then the finer', () => {
  const turns = trayOrder(
    [blade(1, ['coarse', 'fine']), blade(2, ['coarse', 'fine']), blade(3, ['middle', 'fine'])],
    umOf,
  );
  expect(turns.map(({ jobId, stoneId, wash }) => [jobId, stoneId, wash])).toEqual([
    [1, 'coarse', false],
    [2, 'coarse', false],
    [3, 'middle', true],
    [1, 'fine', true],
    [2, 'fine', false],
    [3, 'fine', false],
    [1, null, false],
    [2, null, false],
    [3, null, false],
  ]);
  // Taking it out, making the stone ready and the work on it belong together.
  expect(turns[0]!.steps).toBe(3);
});

test('a hollow back comes first, while the stone is flat', () => {
  const blades = [blade(1, ['coarse']), blade(2, ['coarse'], true)];
  expect(trayNext(blades, null, umOf)!.jobId).toBe(2);
});

test('the stone in use is finished before another is taken up', () => {
  const blades = [blade(1, ['coarse']), blade(2, ['fine'])];
  expect(trayNext(blades, 'fine', umOf)).toMatchObject({ jobId: 2, stoneId: 'fine' });
});

test('every step of every blade is worked once and in its order, with no more changes of stone than blade by blade', () => {
  const stones = fc
    .subarray(['coarse', 'middle', 'fine', 'strop'], { minLength: 1 })
    .map((chosen) => [...chosen].sort((a, b) => umOf(b) - umOf(a)));
  fc.assert(
    fc.property(
      fc.array(fc.tuple(stones, fc.boolean()), { minLength: 1, maxLength: 8 }),
      (made) => {
        const blades = made.map(([each, isOneSided], index) => blade(index + 1, each, isOneSided));
        const turns = trayOrder(blades, umOf);
        for (const { jobId, left } of blades) {
          const own = turns.filter((turn) => turn.jobId === jobId);
          expect(own.reduce((sum, { steps }) => sum + steps, 0)).toBe(left.length);
          const ums = own.flatMap(({ stoneId }) => (stoneId === null ? [] : [umOf(stoneId)]));
          expect(ums).toEqual([...ums].sort((a, b) => b - a));
        }
        const used = turns.flatMap(({ stoneId }) => stoneId ?? []);
        const changes = used.filter((stone, index) => stone !== used[index - 1]).length;
        expect(changes).toBe(new Set(used).size);
      },
    ),
    { numRuns: 80 },
  );
});
