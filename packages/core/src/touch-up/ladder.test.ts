import { RACK, rackStone } from '../../test/blades';
import {
  findSteel,
  heldTooShort,
  nextRung,
  rodsFor,
  RUNGS,
  STEELS,
  touchUpLadder,
  type Rung,
  type Steel,
} from '../index';
import type { LadderInput } from './ladder';

const soft = findSteel('X50CrMoV15 (1.4116)')!;
const hard = findSteel('powder stainless high carbide (about 3 C 20 Cr)')!;
const tired: LadderInput = {
  steel: soft,
  angleDeg: 18,
  angleAssumed: false,
  finishUm: [3, 12],
  chipped: false,
  guidedBySpine: false,
  rack: [
    ...RACK,
    rackStone({ id: 'smooth', um: 1, kind: 'rod', abrasive: 'hardened steel' }),
    rackStone({ id: 'ceramic', um: 12, kind: 'rod', abrasive: 'ceramic' }),
  ],
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
    const tried: Rung[] = [];
    for (const rung of [
      'smooth rod',
      'ceramic rod',
      'strop',
      'finest stone',
      'full round',
    ] as const) {
      // The fine cut is not on the rack, and diamond takes more of this steel than it needs.
      expect(nextRung(ladder, tried)).toBe(rung);
      tried.push(rung);
    }
    expect(ladder.find(({ rung }) => rung === 'fine-cut rod')!.reason).toBe('None on the rack.');
  });

  test('a chipped blade goes straight to the full round', () => {
    expect(nextRung(touchUpLadder({ ...tired, chipped: true }), [])).toBe('full round');
  });

  test('a razor begins with the strop', () => {
    expect(nextRung(touchUpLadder({ ...tired, guidedBySpine: true }), [])).toBe('strop');
  });

  test('the stone is as fine as its use wants, and no finer than the steel gains by', () => {
    const stoneOf = (part: Partial<LadderInput>) =>
      touchUpLadder({ ...tired, ...part }).find(({ rung }) => rung === 'finest stone')!;
    expect(stoneOf({}).stoneId).toBe('red');
    const carbon = findSteel('SAE 1095')!;
    expect(stoneOf({ steel: carbon }).stoneId).toBe('fine');
    expect(stoneOf({ steel: carbon, finishUm: [20, 60] }).stoneId).not.toBe('fine');
    expect(stoneOf({ rack: [] }).suits).toBe(false);
  });

  test('two that held no longer than a month want the full round', () => {
    const held = (lastedDays: number) => ({
      rung: 'smooth rod' as const,
      enough: true,
      lastedDays,
    });
    expect(heldTooShort([held(20)])).toBe(false);
    expect(heldTooShort([held(20), held(40)])).toBe(false);
    expect(heldTooShort([held(20), held(11)])).toBe(true);
  });

  test('says how long each lasted last time', () => {
    const past = [{ rung: 'strop' as const, enough: true, lastedDays: 9 }];
    const ladder = touchUpLadder({ ...tired, past });
    expect(ladder.find(({ rung }) => rung === 'strop')!.lastTime?.lastedDays).toBe(9);
    expect(ladder[0]!.lastTime).toBeNull();
  });
});
