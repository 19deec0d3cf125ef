import { perSide, toRadians } from '../../../units';
import { say, type Message } from '../../../text';
import { withStrokes, type FingerPosition, type PlanStep } from '../../steps';
import type { BladeWork } from '../../cuts';
import { CLAM_DEG, FINGER_SHARES, JOINED_SHARES } from '../first-guesses';

/** How far the angle of a position lies from edge to ridge: lower under the ridge, steeper at the edge. */
const OFF_DEG: Readonly<Record<FingerPosition, number>> = { 1: -CLAM_DEG, 2: 0, 3: CLAM_DEG };

const TITLE: Readonly<Record<FingerPosition, (of: Message) => Message>> = {
  1: (of) => say('one-sided.position.ridge.title', { of }),
  2: (of) => say('one-sided.position.joined.title', { of }),
  3: (of) => say('one-sided.position.edge.title', { of }),
};

/** Positions in the order they are worked, each with its share of the strokes. */
type Turns = readonly (readonly [FingerPosition, number])[];

const turnsOf = (isLast: boolean, edgeFirst: boolean): Turns => {
  const [ridge, edge] = isLast ? JOINED_SHARES : FINGER_SHARES;
  const turns: Turns = [
    [1, ridge],
    [3, edge],
  ];
  const ordered = edgeFirst ? [...turns].reverse() : turns;
  return isLast ? [...ordered, [2, 1 - ridge - edge]] : ordered;
};

interface Positioning {
  /** On the last stone the positions are joined. */
  readonly isLast: boolean;
  readonly edgeFirst: boolean;
  /** Only a stone that wears makes mud. */
  readonly isMuddy: boolean;
}

/**
 * A clam-shell is worked in finger positions: under the ridge, then at the edge, and on the last stone the two are
 * joined in the middle. Each is a step with its own angle, and the burr is looked for where the edge is reached.
 */
export const inPositions = (
  step: PlanStep,
  work: BladeWork,
  { isLast, edgeFirst, isMuddy }: Positioning,
): readonly PlanStep[] => {
  const bevelMm = work.shape.bevelHeightMm / Math.cos(toRadians(perSide(work.angleDeg)));
  return turnsOf(isLast, edgeFirst).map(([position, share]) => {
    const offDeg = OFF_DEG[position];
    const angleDeg = work.angleDeg + offDeg;
    const clearMm = bevelMm * Math.sin(toRadians(perSide(Math.abs(offDeg))));
    const reachesEdge = position !== 1;
    const part = withStrokes(
      step,
      ({ strokes }) => Math.max(1, Math.round(strokes * share)),
      step.seconds * share,
    );
    return {
      ...part,
      position,
      title: TITLE[position](step.title),
      instruction: [
        position === 1
          ? say('one-sided.position.ridge.instruction', { angleDeg, clearMm })
          : position === 3
            ? say('one-sided.position.edge.instruction', { angleDeg, clearMm })
            : say('one-sided.position.joined.instruction', { angleDeg }),
        ...(isMuddy ? [position === 2 ? say('slurry.keep') : say('slurry.rinse')] : []),
      ],
      angleDeg,
      lifts: [],
      stationLifts: [],
      sides: part.sides.map((side) => ({ ...side, angleDeg, lifts: [] })),
      removeMm3: step.removeMm3 * share,
      rangeS: [step.rangeS[0] * share, step.rangeS[1] * share],
      ...(reachesEdge
        ? {}
        : {
            gate: 'no check' as const,
            burrOn: [],
            check: say('one-sided.position.ridge.check'),
            before: say('one-sided.position.ridge.before'),
          }),
    };
  });
};
