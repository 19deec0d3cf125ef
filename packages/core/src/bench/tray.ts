/**
 * Many blades at once: stone by stone, not blade by blade. A stone is made ready once for all of them; blades with a
 * hollow back come first, while it is flat; between grains everything is washed.
 */
import type { PlanStep } from '../plan/steps';

export interface TrayBlade {
  readonly jobId: number;
  /** Its back wants the stone flat. */
  readonly isOneSided: boolean;
  /** What is still to be worked, in order. */
  readonly left: readonly Pick<PlanStep, 'stoneId' | 'readies'>[];
}

export interface TrayTurn {
  readonly jobId: number;
  /** Null for what is done without a stone. */
  readonly stoneId: string | null;
  /** A finer stone than the one before: blades, hands and bench are washed first. */
  readonly wash: boolean;
  /** How many of its steps are worked now, one after another. */
  readonly steps: number;
}

/** The stone a blade wants next; null where only work without a stone is left. */
const nextStone = ({ left }: TrayBlade): string | null => {
  const step = left.find(({ stoneId, readies }) => (stoneId ?? readies) !== null);
  return step ? (step.stoneId ?? step.readies) : null;
};

/** Steps up to the last one on the stone it wants now. */
const stepsOn = ({ left }: TrayBlade, stoneId: string | null): number => {
  if (stoneId === null) return left.length;
  const other = left.findIndex((step) => {
    const wants = step.stoneId ?? step.readies;
    return wants !== null && wants !== stoneId;
  });
  const until = other < 0 ? left.length : other;
  const last = left
    .slice(0, until)
    .findLastIndex((step) => (step.stoneId ?? step.readies) !== null);
  return last + 1;
};

/**
 * Which blade is taken up next, and for which stone: the rest of the tray on the stone in use, then the coarsest that is
 * wanted; null when all is done.
 *
 * @example
 * trayNext([], null, () => 0); // null
 */
export const trayNext = (
  blades: readonly TrayBlade[],
  atStone: string | null,
  umOf: (stoneId: string) => number,
): TrayTurn | null => {
  const open = blades
    .filter(({ left }) => left.length > 0)
    .map((blade) => ({ blade, stone: nextStone(blade) }));
  if (open.length === 0) return null;
  const stones = open.flatMap(({ stone }) => stone ?? []);
  const coarsest = stones.reduce<string | null>(
    (best, each) => (best === null || umOf(each) > umOf(best) ? each : best),
    null,
  );
  const stoneId = atStone !== null && stones.includes(atStone) ? atStone : coarsest;
  const onIt = open.filter(({ stone }) => stone === stoneId);
  const { blade } = onIt.find((each) => each.blade.isOneSided) ?? onIt[0]!;
  return {
    jobId: blade.jobId,
    stoneId,
    wash: atStone !== null && stoneId !== null && umOf(stoneId) < umOf(atStone),
    steps: stepsOn(blade, stoneId),
  };
};

/**
 * The whole order of a tray, turn by turn.
 *
 * @example
 * trayOrder([], () => 0); // []
 */
export const trayOrder = (
  blades: readonly TrayBlade[],
  umOf: (stoneId: string) => number,
): readonly TrayTurn[] => {
  const turns: TrayTurn[] = [];
  let left = blades;
  let atStone: string | null = null;
  for (;;) {
    const turn = trayNext(left, atStone, umOf);
    if (!turn) return turns;
    turns.push(turn);
    atStone = turn.stoneId ?? atStone;
    left = left.map((blade) =>
      blade.jobId === turn.jobId ? { ...blade, left: blade.left.slice(turn.steps) } : blade,
    );
  }
};
