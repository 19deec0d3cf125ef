/** A rod step by step: what is done, how hard, how often, and what must be seen before the next. */
import type { Damage } from '../blade';
import type { RodKind } from './rods';

export interface RodStep {
  readonly title: string;
  readonly text: string;
  readonly forceN: readonly [low: number, high: number] | null;
  /** On each side. */
  readonly passes: readonly [low: number, high: number] | null;
}

/** Rolled places: a rod pushes them back before the whole edge is lined up. */
const rolledText = (damage: readonly Damage[]): readonly RodStep[] =>
  damage
    .filter(({ kind }) => kind === 'rolled edge')
    .map(({ side, fromMm, lengthMm }) => ({
      title: 'Push the roll back',
      text: `${side === 'both' ? 'Both sides' : `The ${side} first`}, at ${Math.round(fromMm)} to ${Math.round(fromMm + lengthMm)} mm from the heel, until no lean is felt; then one and one.`,
      forceN: [2, 3],
      passes: [2, 3],
    }));

const FINDING: readonly RodStep[] = [
  {
    title: 'Wash, dry, look',
    text: 'Along the edge in the light: rolled, not worn flat. A flat shine over 10 mm or more is a full round.',
    forceN: null,
    passes: null,
  },
  {
    title: 'Ink both bevels',
    text: 'The whole length, right to the edge.',
    forceN: null,
    passes: null,
  },
  {
    title: 'Set the hand',
    text: 'Rod upright on a damp cloth, its point down. The coins between rod and blade by the spine, at the middle; away with them, and the hand keeps that angle.',
    forceN: null,
    passes: null,
  },
  {
    title: 'One trial pass a side',
    text: 'Down and away, heel to tip; the same angle at every height, so the spine comes nearer the rod towards the tip.',
    forceN: [1, 2],
    passes: [1, 1],
  },
];

const PAPER: RodStep = {
  title: 'Paper, pushed and sliced',
  text: 'At heel, middle and tip, no catch. Clean at all three: enough.',
  forceN: null,
  passes: null,
};

const LINE_UP: Readonly<Record<RodKind, readonly RodStep[]>> = {
  smooth: [
    {
      title: 'Line it up',
      text: 'One stroke a side in turn, heel to tip, edge leading, at the angle found.',
      forceN: [3, 5],
      passes: [3, 6],
    },
  ],
  ridged: [
    {
      title: 'A few strokes on the fine cut',
      text: 'One stroke a side in turn, at the angle found. It scrapes: no more than these.',
      forceN: [2, 3],
      passes: [3, 5],
    },
    {
      title: 'Smooth rod after it',
      text: 'One stroke a side in turn: what the cut has torn up is laid straight.',
      forceN: [2, 3],
      passes: [2, 3],
    },
  ],
  ceramic: [
    {
      title: 'A few strokes on the ceramic',
      text: 'Wiped clean first. One stroke a side in turn, at the angle found; it takes a little steel.',
      forceN: [1, 3],
      passes: [3, 5],
    },
  ],
  diamond: [
    {
      title: 'A few strokes on the diamond',
      text: 'Lightly, one stroke a side in turn, at the angle found; it takes more than it needs.',
      forceN: [1, 2],
      passes: [2, 3],
    },
  ],
};

/** Passes a side on one rung before paper is asked. */
export const MOST_PASSES = 8;

/** The steps of a rod: the angle is found once, on the first of them; then the roll, the edge, the paper. */
export const rodSteps = (
  rod: RodKind,
  damage: readonly Damage[],
  angleIsFound: boolean,
): readonly RodStep[] => [
  ...(angleIsFound ? [] : FINDING),
  ...(rod === 'smooth' ? rolledText(damage) : []),
  ...LINE_UP[rod],
  PAPER,
];
