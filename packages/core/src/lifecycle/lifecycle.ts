/**
 * The life of a job as one table: what may be done with a blade where it stands, where that leads, who may do it and
 * what has to be there first. Server, screens and tests ask the same table.
 */
import { localized } from '../text';
export const STAGES = [
  'taken in',
  'planned',
  'on the bench',
  'testing',
  'ready',
  'returned',
  'declined',
] as const;
export type Stage = (typeof STAGES)[number];

export const ROLES = ['owner', 'counter', 'bench'] as const;
export type Role = (typeof ROLES)[number];

export const JOB_ACTIONS = [
  'correct intake',
  'ask customer',
  'protect blade',
  'estimate',
  'test before',
  'touch up',
  'approve plan',
  'start work',
  'work step',
  'finish step',
  'reopen step',
  'test after',
  'pass',
  'send back',
  'undo pass',
  'decline',
  'undo decline',
  'promise',
  'set price',
  'hand over',
  'undo hand over',
  'delete photograph',
] as const;
export type JobAction = (typeof JOB_ACTIONS)[number];

/** What has to be there, beside the stage. */
export type JobNeed = 'tested' | 'not tested' | 'no plan' | 'a plan';

/** What of a job the table needs to know. */
export interface JobState {
  readonly stage: Stage;
  readonly hasPlan: boolean;
  /** The edge as it is now has readings after the work. */
  readonly isTested: boolean;
}

interface Transition {
  readonly from: Stage;
  /** Where it leads: one stage, or those it may come to. */
  readonly to: readonly Stage[];
  readonly needs?: readonly JobNeed[];
}

interface Rule {
  readonly may: readonly Role[];
  /** What is refused, as a message says it. */
  readonly label: string;
  readonly transitions: readonly Transition[];
}

const EVERYBODY = ROLES;
const AT_BENCH: readonly Role[] = ['owner', 'bench'];

const stays = (...stages: readonly Stage[]): readonly Transition[] =>
  stages.map((stage) => ({ from: stage, to: [stage] }));
const leads = (from: Stage, ...to: readonly Stage[]): Transition => ({ from, to });

export const LIFECYCLE: Readonly<Record<JobAction, Rule>> = localized(
  {
    'correct intake': {
      may: EVERYBODY,
      label: 'Correcting the intake',
      // The plan was made for other measurements.
      transitions: [leads('taken in', 'taken in'), leads('planned', 'taken in')],
    },
    'ask customer': {
      may: EVERYBODY,
      label: 'Asking the customer',
      transitions: stays('taken in', 'planned', 'on the bench'),
    },
    'protect blade': {
      may: EVERYBODY,
      label: 'Protecting the blade',
      transitions: stays('taken in', 'planned', 'on the bench'),
    },
    estimate: {
      may: EVERYBODY,
      label: 'Changing the estimate',
      transitions: stays('taken in', 'planned', 'on the bench', 'testing', 'ready'),
    },
    'test before': {
      may: EVERYBODY,
      label: 'Testing as it came',
      transitions: stays('taken in', 'planned'),
    },
    'touch up': {
      may: AT_BENCH,
      label: 'Touching up',
      transitions: [
        leads('taken in', 'taken in', 'testing'),
        leads('planned', 'planned', 'testing'),
        // A blade under test without a plan came there by the ladder, and may come back to it.
        { from: 'testing', to: ['taken in', 'testing'], needs: ['no plan'] },
      ],
    },
    'approve plan': {
      may: AT_BENCH,
      label: 'Planning',
      transitions: [
        leads('taken in', 'planned'),
        leads('planned', 'planned'),
        leads('on the bench', 'on the bench', 'testing'),
      ],
    },
    'start work': {
      may: AT_BENCH,
      label: 'Starting work',
      transitions: [{ from: 'planned', to: ['on the bench'], needs: ['a plan'] }],
    },
    'work step': { may: AT_BENCH, label: 'Working on a step', transitions: stays('on the bench') },
    'finish step': {
      may: AT_BENCH,
      label: 'Finishing a step',
      transitions: [leads('on the bench', 'on the bench', 'testing')],
    },
    'reopen step': {
      may: AT_BENCH,
      label: 'Going back to a step',
      transitions: [
        leads('on the bench', 'on the bench'),
        // A tested edge is sent back from its test, with a new round.
        { from: 'testing', to: ['on the bench'], needs: ['not tested'] },
      ],
    },
    'test after': { may: EVERYBODY, label: 'Testing the edge', transitions: stays('testing') },
    pass: {
      may: AT_BENCH,
      label: 'Passing the edge',
      transitions: [{ from: 'testing', to: ['ready'], needs: ['tested'] }],
    },
    'send back': {
      may: AT_BENCH,
      label: 'Sending back to the bench',
      transitions: [{ from: 'testing', to: ['on the bench'], needs: ['tested'] }],
    },
    'undo pass': {
      may: AT_BENCH,
      label: 'Testing again',
      transitions: [leads('ready', 'testing')],
    },
    decline: {
      may: EVERYBODY,
      label: 'Declining',
      transitions: [
        leads('taken in', 'declined'),
        leads('planned', 'declined'),
        leads('on the bench', 'declined'),
      ],
    },
    'undo decline': {
      may: EVERYBODY,
      label: 'Taking the blade on again',
      transitions: [leads('declined', 'taken in', 'planned', 'on the bench')],
    },
    promise: {
      may: EVERYBODY,
      label: 'Promising another day',
      transitions: stays('taken in', 'planned', 'on the bench', 'testing', 'ready', 'declined'),
    },
    'set price': {
      may: EVERYBODY,
      label: 'Setting the price',
      transitions: stays('ready', 'declined', 'returned'),
    },
    'hand over': {
      may: EVERYBODY,
      label: 'Handing over',
      transitions: [leads('ready', 'returned'), leads('declined', 'returned')],
    },
    'undo hand over': {
      may: EVERYBODY,
      label: 'Undoing the hand-over',
      transitions: [leads('returned', 'ready', 'declined')],
    },
    'delete photograph': {
      may: EVERYBODY,
      label: 'Deleting a photograph',
      transitions: stays('taken in', 'planned', 'on the bench', 'testing', 'ready', 'declined'),
    },
  },
  'label',
);

const MISSING: Readonly<Record<JobNeed, string>> = {
  tested: 'the edge has not been tested yet',
  'not tested': 'the edge has been tested: send it back to a step from its test',
  'no plan': 'there is a plan, and the work goes by it',
  'a plan': 'there is no plan yet: approve one first',
};

const isMet = (need: JobNeed, { hasPlan, isTested }: JobState): boolean => {
  switch (need) {
    case 'tested':
      return isTested;
    case 'not tested':
      return !isTested;
    case 'no plan':
      return !hasPlan;
    case 'a plan':
      return hasPlan;
  }
};

/**
 * Why not, in words; null where it can be done.
 *
 * @example
 * refusalOf({ stage: 'returned', hasPlan: true, isTested: true }, 'start work') === null; // false
 */
export const refusalOf = (job: JobState, action: JobAction): string | null => {
  const { label, transitions } = LIFECYCLE[action];
  const transition = transitions.find(({ from }) => from === job.stage);
  if (!transition) return `${label} is not possible now: the blade is ${job.stage}`;
  const missing = transition.needs?.find((need) => !isMet(need, job));
  return missing === undefined ? null : `${label} is not possible now: ${MISSING[missing]}`;
};

/**
 * Whether it can be done with a job as it stands.
 *
 * @example
 * can({ stage: 'planned', hasPlan: true, isTested: false }, 'start work'); // true
 */
export const can = (job: JobState, action: JobAction): boolean => refusalOf(job, action) === null;

/** The stages an action may lead to from where the job stands; empty where it cannot be done. */
export const stagesAfter = (job: JobState, action: JobAction): readonly Stage[] =>
  can(job, action)
    ? (LIFECYCLE[action].transitions.find(({ from }) => from === job.stage)?.to ?? [])
    : [];

/**
 * Whether it matters for an action that the edge was tested: else nobody need look.
 *
 * @example
 * asksForTest('hand over'); // false
 */
export const asksForTest = (action: JobAction): boolean =>
  LIFECYCLE[action].transitions.some(({ needs }) =>
    needs?.some((need) => need === 'tested' || need === 'not tested'),
  );
