/** The tests of an edge as data: how each is read, what its classes mean, what it tells, what it needs. */
import { localized } from '../text';
import type { Use } from '../blade';

export const EDGE_TEST_IDS = [
  'light',
  'paper',
  'touch',
  'hair',
  'hair-free',
  'burr',
  'scratches',
  'force',
  'angle',
  'microscope',
  'tip',
  'food',
  'sighting',
] as const;
export type EdgeTestId = (typeof EDGE_TEST_IDS)[number];
/** Of a test the shop added. */
export type OwnTestId = `own-${string}`;
export type TestId = EdgeTestId | OwnTestId;

/** What a class says of the edge; `fine` is a fault only where the use wants a fine edge. */
export type ClassMeans = 'good' | 'remark' | 'fine' | 'fault';

export interface TestClass {
  readonly id: string;
  readonly means: ClassMeans;
}

export interface EdgeTest<Id extends TestId = TestId> {
  readonly id: Id;
  readonly label: string;
  /** How it is done and read. */
  readonly how: string;
  readonly tells: string;
  /** Read zone by zone, or once for the blade. */
  readonly at: 'zone' | 'blade';
  /** Empty where a figure is read. */
  readonly classes: readonly TestClass[];
  /** On what; empty where that means nothing. */
  readonly media: readonly string[];
  readonly minutes: number;
  /** What a bench must own for it; null for light, hands and what lies about. */
  readonly instrument: string | null;
}

const classes = (given: Readonly<Record<string, ClassMeans>>): readonly TestClass[] =>
  Object.entries(given).map(([id, means]) => ({ id, means }));

/** Media with a class of their own: only like is compared with like. */
const PAPERS = [
  'office paper',
  'newsprint',
  'till roll',
  'glossy magazine',
  'paper rolled',
  'paper rolled 4-fold',
  'paper rolled 8-fold',
  'paper rolled 16-fold',
].flatMap((paper) => [`${paper}, pushed`, `${paper}, sliced`]);

export const EDGE_TESTS: readonly EdgeTest<EdgeTestId>[] = localized(
  [
    {
      id: 'light',
      label: 'Light',
      how: 'Bright light straight at the edge: what glints is unfinished or rolled.',
      tells: 'Where the apex is missing.',
      at: 'zone',
      classes: classes({ dark: 'good', glint: 'fault' }),
      media: [],
      minutes: 0.2,
      instrument: null,
    },
    {
      id: 'paper',
      label: 'Paper',
      how: 'One sheet held at a corner, the same each time, pushed or sliced.',
      tells: 'The apex, a burr left, nicks.',
      at: 'zone',
      classes: classes({ 'cuts clean': 'good', catches: 'fine', tears: 'fault' }),
      media: PAPERS,
      minutes: 0.3,
      instrument: null,
    },
    {
      id: 'touch',
      label: 'Nail or three fingers',
      how: 'The edge rested on the nail, or three fingertips, no sliding.',
      tells: 'The apex and how smooth it is; it catches at a nick.',
      at: 'zone',
      classes: classes({ bites: 'good', catches: 'remark', slides: 'fault' }),
      media: ['nail', 'three fingers'],
      minutes: 0.2,
      instrument: null,
    },
    {
      id: 'hair',
      label: 'Hair',
      how: 'On the arm, away from the edge.',
      tells: 'How fine the edge is.',
      at: 'zone',
      classes: classes({ shaves: 'good', scrapes: 'fine', none: 'fault' }),
      media: [],
      minutes: 0.2,
      instrument: null,
    },
    {
      id: 'hair-free',
      label: 'Hair held free',
      how: 'One hair held at its root, laid on the edge.',
      tells: 'How fine the edge is, beyond what the arm tells.',
      at: 'zone',
      classes: classes({
        'shaves a curl': 'good',
        splits: 'remark',
        catches: 'fine',
        none: 'fault',
      }),
      media: [],
      minutes: 0.3,
      instrument: null,
    },
    {
      id: 'burr',
      label: 'Burr left',
      how: 'Thumb drawn away from the edge, both sides, after deburring.',
      tells: 'Where a burr is left.',
      at: 'zone',
      classes: classes({ none: 'good', slight: 'remark', clear: 'fault', heavy: 'fault' }),
      media: [],
      minutes: 0.3,
      instrument: null,
    },
    {
      id: 'scratches',
      label: 'Scratch pattern',
      how: 'The bevel under a slant light.',
      tells: 'Whether a step was left early.',
      at: 'zone',
      classes: classes({ even: 'good', 'single deeper': 'remark', coarse: 'remark' }),
      media: [],
      minutes: 0.2,
      instrument: null,
    },
    {
      id: 'force',
      label: 'Cut force',
      how: 'Grams-force to sever the standard thread, three times; the median counts.',
      tells: 'A number for the apex: low is sharp. Only the same thread compares.',
      at: 'zone',
      classes: [],
      media: [],
      minutes: 1.5,
      instrument: 'force tester or scale',
    },
    {
      id: 'angle',
      label: 'Angle check',
      how: 'Gauge or laser on each side.',
      tells: 'Evenness, and what is written down.',
      at: 'zone',
      classes: classes({ 'within a degree': 'good', 'off by more': 'remark' }),
      media: [],
      minutes: 1,
      instrument: 'angle gauge or laser',
    },
    {
      id: 'microscope',
      label: 'Microscope',
      how: 'The same field before and after.',
      tells: 'Burr, scratches and chips left.',
      at: 'zone',
      classes: classes({ clean: 'good', 'burr left': 'fine', 'chips left': 'remark' }),
      media: [],
      minutes: 2,
      instrument: 'microscope',
    },
    {
      id: 'tip',
      label: 'Tip on a board',
      how: 'The point set lightly on a soft board, at a slant.',
      tells: 'The shape of the tip.',
      at: 'blade',
      classes: classes({ 'stays put': 'good', skids: 'remark' }),
      media: [],
      minutes: 0.1,
      instrument: null,
    },
    {
      id: 'food',
      label: 'Food or material',
      how: 'What the blade is for, with no pressure.',
      tells: 'Bite; and thickness, when a carrot cracks however sharp the apex is.',
      at: 'blade',
      classes: classes({
        'parts freely': 'good',
        'wants pressure': 'remark',
        tears: 'fault',
        cracks: 'remark',
      }),
      media: ['tomato', 'onion', 'carrot', 'rope', 'hide', 'leather skive', 'pine shaving'],
      minutes: 0.5,
      instrument: null,
    },
    {
      id: 'sighting',
      label: 'Sighting and flat board',
      how: 'Looked at along the edge; stood on a flat board.',
      tells: 'High spots, a recurve, rocking.',
      at: 'blade',
      classes: classes({ 'no light under it': 'good', 'light under it': 'remark' }),
      media: [],
      minutes: 0.3,
      instrument: null,
    },
  ],
  'label',
  'how',
  'tells',
);

/**
 * The test of that id.
 *
 * @example
 * edgeTest('light').minutes; // 0.2
 */
export const edgeTest = (id: EdgeTestId): EdgeTest<EdgeTestId> =>
  EDGE_TESTS.find((each) => each.id === id)!;

/** A test of the shop's own, and the uses it counts for. */
export interface OwnTest extends EdgeTest<OwnTestId> {
  readonly countsFor: readonly string[];
}

/** What a bench tests with: of the known tests those in use, and its own. */
export interface TestBench {
  readonly inUse: readonly EdgeTestId[];
  readonly own: readonly OwnTest[];
  /** What a blade known to have a good working edge takes on the thread of this bench; null where none was measured. */
  readonly goodForceGf?: number | null;
}

/**
 * The test of that id, known or the shop's own; undefined where it was taken out since.
 *
 * @example
 * findTest({ own: [] }, 'light')!.minutes; // 0.2
 */
export const findTest = ({ own }: Pick<TestBench, 'own'>, id: TestId): EdgeTest | undefined =>
  [...EDGE_TESTS, ...own].find((each) => each.id === id);

/** What a bench begins with: all that wants nothing bought. */
export const USUAL_TESTS: readonly EdgeTestId[] = EDGE_TESTS.filter(
  ({ instrument }) => instrument === null,
).map(({ id }) => id);

/** The set of a use, where light and paper alone would not do. */
const SETS: Readonly<Record<string, readonly EdgeTestId[]>> = {
  razor: ['light', 'touch', 'hair'],
  'vegetable-fine': ['light', 'paper', 'food'],
  butchery: ['light', 'paper', 'food'],
  field: ['light', 'paper', 'food'],
  woodcarving: ['light', 'hair', 'food'],
  'axe-carving': ['light', 'touch', 'food'],
  'axe-camp': ['light', 'touch', 'food'],
  'axe-felling': ['light', 'touch'],
  'axe-splitting': ['light', 'touch'],
};
const USUAL_SET: readonly EdgeTestId[] = ['light', 'paper'];

/**
 * The tests that count for a use, of those a bench has in use; a force tester counts wherever one is owned, and a test of
 * the shop's own where the shop says so.
 *
 * @example
 * testsThatCount({ id: 'razor' }, { inUse: ['light', 'paper', 'touch', 'hair'], own: [] }); // ["light","touch","hair"]
 */
export const testsThatCount = (
  { id }: Pick<Use, 'id'>,
  { inUse, own }: TestBench,
): readonly TestId[] => [
  ...[...(SETS[id] ?? USUAL_SET), 'force' as const].filter((each) => inUse.includes(each)),
  ...own.filter(({ countsFor }) => countsFor.includes(id)).map((test) => test.id),
];
