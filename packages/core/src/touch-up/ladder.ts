/**
 * Least intervention first: for a blade that is only tired, rod, then strop, then the finest stone, then the
 * full round; try, test, and go up a step only when it fails.
 */
import type { Steel } from '../steel';
import { finestOf, forTask, type RackStone } from '../abrasive';
import { rodKindOf, rodsFor, type RodKind } from './rods';

/** Each rod is a rung of its own: a coarser one comes only when the smoother has failed. */
export const ROD_RUNGS = ['smooth rod', 'fine-cut rod', 'ceramic rod', 'diamond rod'] as const;
export type RodRung = (typeof ROD_RUNGS)[number];
export const RUNGS = [...ROD_RUNGS, 'strop', 'finest stone', 'full round'] as const;
export type Rung = (typeof RUNGS)[number];

export const ROD_OF_RUNG: Readonly<Record<RodRung, RodKind>> = {
  'smooth rod': 'smooth',
  'fine-cut rod': 'ridged',
  'ceramic rod': 'ceramic',
  'diamond rod': 'diamond',
};

/**
 * Whether a rung is worked on a rod.
 *
 * @example
 * isRodRung('strop'); // false
 */
export const isRodRung = (rung: Rung): rung is RodRung => ROD_RUNGS.some((each) => each === rung);

/** Two touch-ups that held no longer than this: the edge is worn, not tired. */
const HELD_TOO_SHORT_DAYS = 31;

export interface TouchUpPast {
  readonly rung: Rung;
  readonly enough: boolean;
  /** Days until the blade wanted something again; null when it is still out, or it was not enough. */
  readonly lastedDays: number | null;
}

export interface RungAdvice {
  readonly rung: Rung;
  readonly suits: boolean;
  readonly reason: string;
  readonly how: string;
  /** The abrasive of the rack to use; null when there is none, or none is needed. */
  readonly stoneId: string | null;
  readonly lastTime: TouchUpPast | null;
}

export interface LadderInput {
  readonly steel: Steel;
  readonly angleDeg: number;
  /** Nobody measured it: it is told as assumed. */
  readonly angleAssumed: boolean;
  /** Of its use, µm. */
  readonly finishUm: readonly [finest: number, coarsest: number];
  /** Chips and rolled edges want more than a rod. */
  readonly chipped: boolean;
  readonly guidedBySpine: boolean;
  readonly rack: readonly RackStone[];
  readonly past: readonly TouchUpPast[];
  /** Tried at this visit and not enough. */
  readonly tried: readonly Rung[];
}

/** Within the window of the use, as fine as the steel gains by; where none is, the nearest to it. */
const stoneFor = ({ rack, steel, finishUm }: LadderInput): RackStone | null => {
  const useful = forTask(rack, 'edge').filter(({ um }) => um >= steel.finestUsefulUm);
  const [finest, coarsest] = finishUm;
  const off = ({ um }: RackStone): number =>
    um > coarsest ? um / coarsest : um < finest ? finest / um : 1;
  return (
    finestOf(useful.filter((each) => off(each) === 1)) ??
    [...useful].sort((a, b) => off(a) - off(b))[0] ??
    null
  );
};

/** All rungs, in order, each with whether it suits, how, and how long it lasted last time. */
export const touchUpLadder = (input: LadderInput): readonly RungAdvice[] => {
  const { steel, rack, chipped, guidedBySpine } = input;
  const angle = `${input.angleDeg.toFixed(1)}° per side${input.angleAssumed ? ', assumed' : ''}`;
  const owned = forTask(rack, 'touch-up');
  const strop = finestOf(forTask(rack, 'finish'));
  const stone = stoneFor(input);
  const past = (rung: Rung): TouchUpPast | null =>
    input.past.find((each) => each.rung === rung) ?? null;
  const rodRung = (rung: RodRung): RungAdvice => {
    const kind = ROD_OF_RUNG[rung];
    const advice = rodsFor(steel).find(({ rod }) => rod === kind)!;
    const rod = owned.find((each) => rodKindOf(each) === kind) ?? null;
    return {
      rung,
      suits: !guidedBySpine && !chipped && advice.suits && rod !== null,
      reason: guidedBySpine
        ? 'A razor knows no rod.'
        : chipped
          ? 'It is chipped: a rod would tear it further.'
          : !advice.suits || rod !== null
            ? advice.reason
            : 'None on the rack.',
      how: `At ${angle}, found with coins and ink; a side in turn, then paper.`,
      stoneId: rod?.id ?? null,
      lastTime: past(rung),
    };
  };
  return [
    ...ROD_RUNGS.map(rodRung),
    {
      rung: 'strop',
      suits: !chipped,
      reason: chipped
        ? 'It is chipped: leather does not reach that.'
        : 'Takes no steel worth speaking of.',
      how: `Ten strokes a side, edge trailing, at ${angle} or just under it, on a hard back.`,
      stoneId: strop?.id ?? null,
      lastTime: past('strop'),
    },
    {
      rung: 'finest stone',
      suits: stone !== null && !chipped,
      reason: chipped
        ? 'It is chipped: the chips decide how much has to go.'
        : stone
          ? `${stone.name} at ${stone.um} µm: a new apex without a new bevel, as fine as its use wants.`
          : 'No stone in the rack.',
      how: `Alternate light strokes at ${angle} until the whole edge is dark again, then strop.`,
      stoneId: stone?.id ?? null,
      lastTime: past('finest stone'),
    },
    {
      rung: 'full round',
      suits: true,
      reason: heldTooShort(input.past)
        ? 'Two touch-ups held no longer than a month: the edge is worn, not tired.'
        : 'What is left when nothing smaller has held.',
      how: 'Plan it, and begin on the stone the plan names.',
      stoneId: null,
      lastTime: past('full round'),
    },
  ];
};

/** Whether two touch-ups of it held no longer than a month: a third would not either. */
export const heldTooShort = (past: readonly TouchUpPast[]): boolean =>
  past.filter(
    ({ enough, lastedDays }) => enough && lastedDays !== null && lastedDays <= HELD_TOO_SHORT_DAYS,
  ).length >= 2;

/**
 * The lowest rung that suits and has not been tried at this visit.
 *
 * @example
 * nextRung([], []); // "full round"
 */
export const nextRung = (ladder: readonly RungAdvice[], tried: readonly Rung[]): Rung =>
  ladder.find(({ rung, suits }) => suits && !tried.includes(rung))?.rung ?? 'full round';

/** What must be found after each rung before it counts as enough. */
export const TOUCH_UP_TEST = 'Light along the edge, then thin paper in all four zones, no catch.';
