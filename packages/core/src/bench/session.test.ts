import {
  BLADE_SIDES,
  gateOf,
  NO_WORK,
  secondsWorked,
  workReducer,
  ZONES,
  type BurrFinding,
  type StepWork,
  type WorkAction,
} from '../index';

const run = (...actions: WorkAction[]): StepWork => actions.reduce(workReducer, NO_WORK);
const allFound = (finding: BurrFinding): StepWork =>
  run(
    ...BLADE_SIDES.flatMap((side) =>
      ZONES.map((zone): WorkAction => ({ type: 'burr', side, zone, finding })),
    ),
  );

describe('work on a step', () => {
  test('counts strokes on each side and never below none', () => {
    const work = run(
      { type: 'stroke', side: 'right', count: 12 },
      { type: 'stroke', side: 'left', count: 10 },
      { type: 'stroke', side: 'left', count: -15 },
    );
    expect(work).toMatchObject({ strokesRight: 12, strokesLeft: 0 });
  });

  test('keeps time over pauses, and starting twice changes nothing', () => {
    const work = run(
      { type: 'start', atMs: 1000 },
      { type: 'start', atMs: 9000 },
      { type: 'pause', atMs: 31000 },
      { type: 'start', atMs: 60000 },
    );
    expect(secondsWorked(work, 70000)).toBe(40);
  });

  test('a clock set back takes no time away', () => {
    expect(secondsWorked(run({ type: 'start', atMs: 50000 }), 1000)).toBe(0);
  });

  test('a finding can be taken back', () => {
    const work = run(
      { type: 'burr', side: 'left', zone: 'tip', finding: 'clear' },
      { type: 'burr', side: 'left', zone: 'tip', finding: null },
    );
    expect(work.burr.left).toEqual({});
  });
});

describe('the gate of a step', () => {
  test('the first stone is left only with a burr along the whole length of both sides', () => {
    const almost = workReducer(allFound('slight'), {
      type: 'burr',
      side: 'right',
      zone: 'tip',
      finding: 'none',
    });
    expect(gateOf('everywhere', 'none', allFound('slight').burr).open).toBe(true);
    expect(gateOf('everywhere', 'none', almost.burr)).toEqual({
      open: false,
      missing: ['right tip: no burr yet, more there, not everywhere'],
    });
  });

  test('a zone that was not checked keeps it closed', () => {
    expect(gateOf('looked for', 'none', NO_WORK.burr).missing).toHaveLength(8);
    expect(gateOf('looked for', 'none', allFound('none').burr).open).toBe(true);
  });

  test('deburring ends as the burr policy says', () => {
    expect(gateOf('gone', 'none', allFound('slight').burr).open).toBe(false);
    expect(gateOf('gone', 'small and centred', allFound('slight').burr).open).toBe(true);
    expect(gateOf('gone', 'a trace', allFound('clear').burr).open).toBe(false);
  });

  test('where there is nothing to check it stands open', () => {
    expect(gateOf('no check', 'none', NO_WORK.burr).open).toBe(true);
  });
});

describe('what is noted beside strokes', () => {
  test('a whole side of the burr in one action, then the exception', () => {
    const work = run(
      { type: 'burr along', side: 'left', zones: ZONES, finding: 'slight' },
      { type: 'burr', side: 'left', zone: 'tip', finding: 'none' },
    );
    expect(work.burr).toEqual({
      right: {},
      left: { heel: 'slight', middle: 'slight', belly: 'slight', tip: 'none' },
    });
  });

  test('ticks, readings and added strokes come and go', () => {
    const work = run(
      { type: 'shown', code: 'soaked', value: true },
      { type: 'shown', code: 'flat', value: true },
      { type: 'shown', code: 'soaked', value: false },
      { type: 'reading', reading: 'behindEdgeMm', value: 0.31 },
      { type: 'reading', reading: 'rimMm', value: 2 },
      { type: 'reading', reading: 'rimMm', value: null },
      { type: 'add rounds', rounds: [{ side: 'left', count: 5, zone: 'tip', because: 'no burr' }] },
    );
    expect(work.notes).toEqual({
      shown: ['flat'],
      readings: { behindEdgeMm: 0.31 },
      added: [{ side: 'left', count: 5, zone: 'tip', because: 'no burr' }],
      interrupted: false,
    });
  });

  test('a clock that ran on makes the step no record of rates', () => {
    expect(run({ type: 'worked', seconds: 60 }).notes.interrupted).toBe(true);
    expect(run({ type: 'start', atMs: 0 }, { type: 'pause', atMs: 5000 }).notes.interrupted).toBe(
      false,
    );
  });
});
