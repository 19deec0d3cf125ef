/** Force and travel at a stone: what its minutes follow from. */
import { HAND_SPEED_M_PER_S, secondsToRemove, type Chain, type RackStone } from '../../abrasive';
import type { Steel } from '../../steel';
import type { Direction, PlanChoices } from '../choices';
import { FILE_FORCE_N, FILE_SPEED_M_PER_S, MACHINE_N, SCRUB_SPEED_M_PER_S } from './first-guesses';
import { edgeForceN, forceBandN, middleOf, type ForceFor } from './force';

export interface Pace {
  readonly forceN: readonly [low: number, high: number];
  readonly speedMPerS: number;
}

/** A file is pushed over an axe that is clamped. */
export const FILE_PACE: Pace = {
  forceN: [FILE_FORCE_N - 5, FILE_FORCE_N + 5],
  speedMPerS: FILE_SPEED_M_PER_S,
};

export interface PacedBy {
  readonly steel: Steel;
  readonly choices: Pick<PlanChoices, 'force'>;
  readonly wideBevel: boolean;
}

export interface PacedWork {
  readonly work: ForceFor;
  /** Its place among the stones of the edge; 0 takes the stock. */
  readonly index: number;
  readonly direction: Direction;
}

/** A machine has its own speed; a hand scrubs stock off both ways, and is slower where every stroke is placed. */
export const paceOf = (
  { steel, choices, wideBevel }: PacedBy,
  body: RackStone,
  { work, index, direction }: PacedWork,
): Pace => {
  if (body.speedMPerS !== undefined) return { forceN: MACHINE_N, speedMPerS: body.speedMPerS };
  const scrubs = direction === 'back and forth' && (work === 'stock' || index === 0);
  return {
    forceN:
      work === 'stock'
        ? forceBandN(body.um, 'stock')
        : edgeForceN({ steel, body, index, habit: choices.force, wideBevel }),
    speedMPerS: scrubs ? SCRUB_SPEED_M_PER_S : HAND_SPEED_M_PER_S,
  };
};

/** Seconds to take so much at that pace. */
export const secondsAt = (
  removeMm3: number,
  body: RackStone,
  steel: Steel,
  { forceN, speedMPerS }: Pace,
): number => secondsToRemove(removeMm3, body, steel, middleOf(forceN), speedMPerS);

/** A chain with the seconds of every stone at the pace it is worked at. */
export const atPace = (
  chain: Chain,
  by: PacedBy,
  rack: readonly RackStone[],
  work: Omit<PacedWork, 'index'>,
): Chain => {
  const steps = chain.steps.map((step, index) => {
    const body = rack.find(({ id }) => id === step.id)!;
    const pace = paceOf(by, body, { ...work, index });
    return { ...step, seconds: secondsAt(step.removeMm3, body, by.steel, pace) };
  });
  return {
    steps,
    totalSeconds: steps.reduce(
      (sum, { id, seconds }) =>
        sum + seconds + (rack.find((each) => each.id === id)!.changeSeconds ?? 0),
      0,
    ),
  };
};
