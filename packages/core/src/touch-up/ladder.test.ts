import { RACK, rackStone } from '../../test/blades';
import { findSteel, nextRung, rodsFor, RUNGS, STEELS, touchUpLadder, type Steel } from '../index';
import type { LadderInput } from './ladder';

const soft = findSteel('X50CrMoV15 (1.4116)')!;
const hard = findSteel('powder stainless high carbide (about 3 C 20 Cr)')!;
const tired: LadderInput = {
  steel: soft,
  angleDeg: 18,
  chipped: false,
  guidedBySpine: false,
  rack: [...RACK, rackStone({ id: 'rod', um: 12, kind: 'rod', abrasive: 'ceramic' })],
  past: [],
  tried: [],
};
const rods = (steel: Steel): string[] =>
  rodsFor(steel)
    .filter(({ suits }) => suits)
    .map(({ rod }) => rod);

describe('which rods suit a steel', () => {
  test('soft stainless takes smooth, ridged and ceramic', () => {
    expect(rods(soft)).toEqual(['smooth', 'ridged', 'ceramic']);
  });

  test('hard brittle steel takes none', () => {
    expect(rods(hard)).toEqual([]);
  });

  test('carbides below the brittle range take diamond', () => {
    expect(rods(findSteel('X105CrMo17 (1.4125 / AISI 440C)')!)).toContain('diamond');
  });

  test('no ridged rod above 57 HRC, no rod at all from 62 HRC on', () => {
    for (const steel of STEELS) {
      if (steel.hrcHigh > 57) expect(rods(steel)).not.toContain('ridged');
      if (steel.hrcLow >= 62) expect(rods(steel)).toEqual([]);
    }
  });
});

describe('the ladder of least intervention', () => {
  test('begins with the rod and goes up one rung at a time', () => {
    const ladder = touchUpLadder(tired);
    expect(ladder.map(({ rung }) => rung)).toEqual([...RUNGS]);
    expect(nextRung(ladder, [])).toBe('rod');
    expect(nextRung(ladder, ['rod'])).toBe('strop');
    expect(nextRung(ladder, ['rod', 'strop', 'finest stone'])).toBe('full round');
  });

  test('a chipped blade goes straight to the full round', () => {
    expect(nextRung(touchUpLadder({ ...tired, chipped: true }), [])).toBe('full round');
  });

  test('a razor begins with the strop', () => {
    expect(nextRung(touchUpLadder({ ...tired, guidedBySpine: true }), [])).toBe('strop');
  });

  test('the stone is the finest that still gains this steel something', () => {
    const stone = touchUpLadder(tired)[2]!;
    expect(stone.stoneId).toBe('red');
    expect(touchUpLadder({ ...tired, steel: findSteel('SAE 1095')! })[2]!.stoneId).toBe('fine');
    expect(touchUpLadder({ ...tired, rack: [] })[2]!.suits).toBe(false);
  });

  test('says how long each lasted last time', () => {
    const past = [{ rung: 'strop' as const, enough: true, lastedDays: 9 }];
    const ladder = touchUpLadder({ ...tired, past });
    expect(ladder[1]!.lastTime?.lastedDays).toBe(9);
    expect(ladder[0]!.lastTime).toBeNull();
  });
});
