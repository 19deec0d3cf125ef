import { NO_SIZES } from '@patient-edge/core';
import Papa from 'papaparse';
import {
  careOf,
  changeStoneSchema,
  CSV_COLUMNS,
  flatteningSchema,
  importStonesSchema,
  machineSchema,
  MOST_STONES,
  rackFromCsv,
  rackToCsv,
  steelSchema,
  stoneSchema,
  toMachine,
  toRack,
  validate,
  type CsvLine,
  type CsvRead,
  type MachineBody,
} from './index';
import { stoneBody, stoneOnRack } from '../test/stones';

const problemsOf = (checked: ReturnType<typeof validate>): string[] =>
  checked.ok ? [] : checked.fields.map(({ field, message }) => `${field}: ${message}`);
const linesOf = (read: CsvRead): readonly CsvLine[] => {
  if (!read.ok) throw new Error(read.message);
  return read.lines;
};

describe('a stone at the door', () => {
  test.each([
    [
      'a scale without a number',
      { gritScale: 'JIS' },
      'gritNumber: Give the scale and the number together, or neither',
    ],
    [
      'a number without a scale',
      { gritNumber: 1000 },
      'gritScale: Give the scale and the number together, or neither',
    ],
    [
      'a number outside its scale',
      { gritScale: 'JIS', gritNumber: 70 },
      'gritNumber: Grit number: JIS runs from 80 to 30000; 70 was given',
    ],
    [
      'more left than there was',
      { thicknessMm: 30, thicknessNewMm: 25 },
      'thicknessMm: Thickness left must be at most 25 mm, as when new; 30 was given',
    ],
    [
      'a soak of no minutes',
      { soaking: 'soak', soakMinutes: 0 },
      'soakMinutes: Soak, minutes must be at least 1; 0 was given',
    ],
    [
      'a price with a fraction of a cent',
      { priceMinor: 10.5 },
      'priceMinor: Price must be a whole number; 10.5 was given',
    ],
  ] as const)('%s is refused beside its field', (_what, part, told) => {
    const checked = validate(stoneSchema, { ...stoneBody(), ...part });
    expect(problemsOf(checked)).toEqual([told]);
    expect(
      problemsOf(validate(changeStoneSchema, { ...stoneBody(), ...part, version: 2 })),
    ).toEqual([told]);
  });

  test('a flattening counts only once the pencil grid is gone', () => {
    const body = { plate: 'Plate', minutes: 4, lostMm: 0.2 };
    expect(validate(flatteningSchema, { ...body, gridGone: true }).ok).toBe(true);
    expect(problemsOf(validate(flatteningSchema, { ...body, gridGone: false }))[0]).toContain(
      'rub on until it is',
    );
  });

  test('no more than a rack holds come at once, and none twice', () => {
    const many = (count: number) =>
      Array.from({ length: count }, (_, index) => stoneBody({ name: `S${index}` }));
    expect(validate(importStonesSchema, { stones: many(MOST_STONES) }).ok).toBe(true);
    expect(validate(importStonesSchema, { stones: many(MOST_STONES + 1) }).ok).toBe(false);
    expect(validate(importStonesSchema, { stones: [stoneBody(), stoneBody()] }).ok).toBe(false);
  });
});

describe('the rack as a file', () => {
  test('comes back as it went out, odd names included', () => {
    const stones = [
      stoneOnRack({ name: '=1+1', gritScale: 'JIS', gritNumber: 1000, um: 11.5 }),
      stoneOnRack({
        name: 'Grey, "soft"\nand wide',
        thicknessMm: 22.5,
        thicknessNewMm: 25,
        place: '-2',
      }),
      stoneOnRack({ name: '＝SUM(A1)', place: '＠ shelf' }),
      stoneOnRack({
        name: 'Strop',
        kind: 'strop',
        abrasive: 'compound',
        liquid: 'dry',
        needsDressing: true,
        minutesFlat: null,
        priceMinor: 4200,
      }),
    ];
    const text = rackToCsv(stones);
    expect(text).toContain("'=1+1");
    expect(text).toContain("'＝SUM(A1)");
    const back = linesOf(rackFromCsv(`\uFEFF${text}`));
    expect(back.map(({ problems }) => problems)).toEqual([[], [], [], []]);
    for (const [index, { stone }] of back.entries()) {
      for (const column of CSV_COLUMNS) expect(stone![column]).toEqual(stones[index]![column]);
    }
  });

  test('needs only name, kind, abrasive and grain, in any order', () => {
    const [line] = linesOf(
      rackFromCsv('um,name,kind,abrasive\n"17,5",Brown,water stone,aluminium-oxide\n'),
    );
    expect(line!.stone).toMatchObject({ name: 'Brown', um: 17.5, soaking: 'splash', cutFactor: 1 });
  });

  test('tells what is wrong by line and field, and guesses nothing', () => {
    const lines = linesOf(
      rackFromCsv(
        'name,kind,abrasive,um,retired\nBrown,water stone,aluminium-oxide,much,no\nbrown,brick,aluminium-oxide,9,perhaps\n',
      ),
    );
    expect(lines[0]).toMatchObject({ line: 2, stone: null });
    expect(lines[0]!.problems[0]!.message).toBe('Median grain, µm must be a number');
    expect(lines[1]!.problems.map(({ field }) => field).sort()).toEqual([
      'kind',
      'name',
      'retired',
    ]);
  });

  test.each([
    ['an unknown column', 'name,colour\nBrown,red\n', 'colour'],
    ['a missing one', 'name,kind,um\nBrown,film,9\n', 'abrasive'],
    ['no stone at all', 'name,kind,abrasive,um\n', 'holds no stone'],
    [
      'more stones than a rack holds',
      Papa.unparse(
        Array.from({ length: MOST_STONES + 1 }, (_, index) => ({
          name: `S${index}`,
          kind: 'film',
          abrasive: 'diamond',
          um: 9,
        })),
      ),
      'at most 500',
    ],
  ])('%s is told of the file as a whole', (_what, text, told) => {
    const read = rackFromCsv(text);
    expect(!read.ok && read.message).toContain(told);
  });
});

describe('care from the records', () => {
  const now = Date.parse('2026-03-02T12:00:00Z');

  test('a stone out of the water since this morning is still wet, one in the water is not drying', () => {
    const out = stoneOnRack({ takenOutAt: '2026-03-02T06:00:00Z' });
    expect(careOf(out, now).wet).toBe(true);
    expect(careOf({ ...out, dryHours: 5 }, now).wet).toBe(false);
    expect(
      careOf({ ...out, soak: { putInAt: '2026-03-02T11:00:00Z', minutes: 10 } }, now).wet,
    ).toBe(false);
  });

  test('the planner is told of a hollow stone, and of one in the water', () => {
    const worn = stoneOnRack({
      secondsSinceFlat: 31 * 60,
      soak: { putInAt: '2026-03-02T11:00:00Z', minutes: 10 },
    });
    expect(toRack([worn])[0]).toMatchObject({ flatness: 'due', inWater: true });
  });
});

describe('machines and steels at the door', () => {
  const rig: MachineBody = {
    name: 'Rod rig',
    kind: 'clamp rig',
    ...NO_SIZES,
    pivotReachMm: 150,
    rodToFaceMm: 12,
    stoneForRodMm: 20,
    raiseDeg: null,
    note: '',
    retired: false,
  };

  test('each kind of machine needs its own sizes, and only those', () => {
    expect(validate(machineSchema, rig).ok).toBe(true);
    expect(problemsOf(validate(machineSchema, { ...rig, pivotReachMm: null }))).toEqual([
      'pivotReachMm: Edge to pivot, mm is missing: a clamp rig needs it',
    ]);
    expect(problemsOf(validate(machineSchema, { ...rig, kind: 'belt' }))[0]).toContain(
      'Radius of the sag',
    );
    expect(
      validate(machineSchema, { ...rig, kind: 'table', pivotReachMm: null, rodToFaceMm: null }).ok,
    ).toBe(true);
  });

  test('for the planner a machine is its sizes and its cuts', () => {
    const cut = { id: 1, setDeg: 15, measuredDeg: 16, at: '2026-03-02T12:00:00Z' };
    const machine = toMachine({ ...rig, id: 4, version: 0, cuts: [cut] });
    expect(machine.sizes.pivotReachMm).toBe(150);
    expect(machine.cuts).toEqual([cut]);
  });

  test('hardness runs upwards', () => {
    const steel = {
      designation: 'Own',
      standard: '',
      steelClass: 'plain carbon',
      stainless: 'no',
      composition: '',
      hrcLow: 60,
      hrcHigh: 58,
      wearFactor: 1,
      wearFactorDiamond: 1,
      finestUsefulUm: 1,
      burr: 'light',
      edge: 'sound',
      note: '',
    };
    expect(problemsOf(validate(steelSchema, steel))[0]).toMatch(
      /^hrcHigh: Hardness to, HRC must be at least/,
    );
    expect(validate(steelSchema, { ...steel, hrcHigh: 62 }).ok).toBe(true);
  });
});
