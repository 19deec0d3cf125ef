/** A rod step by step: what is done, how hard, how often, and what must be seen before the next. */
import type { Damage } from '../blade';
import type { RodKind } from './rods';
import { STRINGS } from './strings';

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
      title: STRINGS.pushTheRollBack,
      text: STRINGS.atToMmFromTheHeel(
        side === 'both' ? STRINGS.bothSides : STRINGS.theFirst(side),
        Math.round(fromMm),
        Math.round(fromMm + lengthMm),
      ),
      forceN: [2, 3],
      passes: [2, 3],
    }));

const FINDING: readonly RodStep[] = [
  {
    title: STRINGS.washDryLook,
    text: STRINGS.alongTheEdgeInTheLight,
    forceN: null,
    passes: null,
  },
  {
    title: STRINGS.inkBothBevels,
    text: STRINGS.theWholeLengthRightToThe,
    forceN: null,
    passes: null,
  },
  {
    title: STRINGS.setTheHand,
    text: STRINGS.rodUprightOnADampCloth,
    forceN: null,
    passes: null,
  },
  {
    title: STRINGS.oneTrialPassASide,
    text: STRINGS.downAndAwayHeelToTip,
    forceN: [1, 2],
    passes: [1, 1],
  },
];

const PAPER: RodStep = {
  title: STRINGS.paperPushedAndSliced,
  text: STRINGS.atHeelMiddleAndTipNo,
  forceN: null,
  passes: null,
};

const LINE_UP: Readonly<Record<RodKind, readonly RodStep[]>> = {
  smooth: [
    {
      title: STRINGS.lineItUp,
      text: STRINGS.oneStrokeASideInTurn,
      forceN: [3, 5],
      passes: [3, 6],
    },
  ],
  ridged: [
    {
      title: STRINGS.aFewStrokesOnTheFine,
      text: STRINGS.oneStrokeASideInTurnAt,
      forceN: [2, 3],
      passes: [3, 5],
    },
    {
      title: STRINGS.smoothRodAfterIt,
      text: STRINGS.oneStrokeASideInTurnWhat,
      forceN: [2, 3],
      passes: [2, 3],
    },
  ],
  ceramic: [
    {
      title: STRINGS.aFewStrokesOnTheCeramic,
      text: STRINGS.wipedCleanFirstOneStrokeA,
      forceN: [1, 3],
      passes: [3, 5],
    },
  ],
  diamond: [
    {
      title: STRINGS.aFewStrokesOnTheDiamond,
      text: STRINGS.lightlyOneStrokeASideIn,
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
