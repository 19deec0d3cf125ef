import {
  can,
  mayDo,
  refusalOf,
  ROLE_TABLE,
  ROLES,
  SHOP_ACTIONS,
  STAGES,
  type JobAction,
  type Stage,
} from '../index';
import { JOB_ACTIONS, LIFECYCLE, stagesAfter } from './lifecycle';

/** What may be done at each stage, written down apart from the table: with a plan, and its edge not tested yet. */
const PLANNED_UNTESTED: Readonly<Record<Stage, readonly JobAction[]>> = {
  'taken in': [
    'correct intake',
    'ask customer',
    'protect blade',
    'estimate',
    'test before',
    'touch up',
    'approve plan',
    'decline',
    'promise',
    'delete photograph',
  ],
  planned: [
    'correct intake',
    'ask customer',
    'protect blade',
    'estimate',
    'test before',
    'touch up',
    'approve plan',
    'start work',
    'decline',
    'promise',
    'delete photograph',
  ],
  'on the bench': [
    'ask customer',
    'protect blade',
    'estimate',
    'approve plan',
    'work step',
    'finish step',
    'reopen step',
    'decline',
    'promise',
    'delete photograph',
  ],
  testing: ['estimate', 'reopen step', 'test after', 'promise', 'delete photograph'],
  ready: ['estimate', 'undo pass', 'set price', 'hand over', 'promise', 'delete photograph'],
  returned: ['set price', 'undo hand over'],
  declined: ['undo decline', 'set price', 'hand over', 'promise', 'delete photograph'],
};

const pairs = STAGES.flatMap((stage) => JOB_ACTIONS.map((action) => [stage, action] as const));

test.each(pairs)('%s: %s', (stage, action) => {
  const job = { stage, hasPlan: true, isTested: false };
  const expected = PLANNED_UNTESTED[stage].includes(action);
  expect(can(job, action)).toBe(expected);
  expect(refusalOf(job, action) === null).toBe(expected);
  expect(stagesAfter(job, action).length > 0).toBe(expected);
});

test('a tested edge is passed or sent back, and no step is reopened beneath it', () => {
  const tested = { stage: 'testing', hasPlan: true, isTested: true } as const;
  expect(stagesAfter(tested, 'pass')).toEqual(['ready']);
  expect(stagesAfter(tested, 'send back')).toEqual(['on the bench']);
  expect(refusalOf(tested, 'reopen step')).toContain('send it back to a step');
});

test('a blade that came to its test by the ladder may go back to it; one with a plan may not', () => {
  expect(can({ stage: 'testing', hasPlan: false, isTested: false }, 'touch up')).toBe(true);
  expect(can({ stage: 'testing', hasPlan: true, isTested: false }, 'touch up')).toBe(false);
});

test('work does not start without a plan', () => {
  expect(refusalOf({ stage: 'planned', hasPlan: false, isTested: false }, 'start work')).toContain(
    'approve one first',
  );
});

test('every stage but the last two leads on, and every blade can come home', () => {
  const next = (stage: Stage): readonly Stage[] =>
    JOB_ACTIONS.flatMap((action) =>
      LIFECYCLE[action].transitions.flatMap(({ from, to }) => (from === stage ? to : [])),
    );
  const reached = (from: Stage): Set<Stage> => {
    const seen = new Set<Stage>([from]);
    for (const stage of seen) next(stage).forEach((each) => seen.add(each));
    return seen;
  };
  for (const stage of STAGES) expect(reached(stage)).toContain('returned');
  expect(reached('taken in').size).toBe(STAGES.length);
});

test('what is done beside a blade is in the same table, and the owner may do all of it', () => {
  expect(ROLE_TABLE.map(({ action }) => action)).toEqual([...JOB_ACTIONS, ...SHOP_ACTIONS]);
  for (const { action, label, may } of ROLE_TABLE) {
    expect(label).not.toBe('');
    expect(may).toContain('owner');
    for (const role of ROLES) expect(mayDo(role, action)).toBe(may.includes(role));
  }
  expect(mayDo('bench', 'see money')).toBe(false);
  expect(mayDo('counter', 'change stones')).toBe(false);
  expect(mayDo('counter', 'hand over')).toBe(true);
});

test('somebody may do each of them', () => {
  for (const action of JOB_ACTIONS) {
    expect(LIFECYCLE[action].may.length).toBeGreaterThan(0);
    expect(ROLES).toEqual(expect.arrayContaining([...LIFECYCLE[action].may]));
  }
});
