/**
 * Least intervention first: for a blade that is only tired, rod, then strop, then the finest stone, then the
 * full round; try, test, and go up a step only when it fails.
 */
import type { Steel } from '../steel';
import { finestOf, forTask, type RackStone } from '../abrasive';
import { rodKindOf, rodsFor, type RodKind } from './rods';
import { STRINGS } from './strings';

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
  const angle = STRINGS.degreesPerSide(
    input.angleDeg.toFixed(1),
    input.angleAssumed ? STRINGS.assumed : '',
  );
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
        ? STRINGS.aRazorKnowsNoRod
        : chipped
          ? STRINGS.itIsChippedARodWould
          : !advice.suits || rod !== null
            ? advice.reason
            : STRINGS.noneOnTheRack,
      how: STRINGS.atFoundWithCoinsAndInk(angle),
      stoneId: rod?.id ?? null,
      lastTime: past(rung),
    };
  };
  return [
    ...ROD_RUNGS.map(rodRung),
    {
      rung: 'strop',
      suits: !chipped,
      reason: chipped ? STRINGS.itIsChippedLeatherDoesNot : STRINGS.takesNoSteelWorthSpeakingOf,
      how: STRINGS.tenStrokesASideEdgeTrailing(angle),
      stoneId: strop?.id ?? null,
      lastTime: past('strop'),
    },
    {
      rung: 'finest stone',
      suits: stone !== null && !chipped,
      reason: chipped
        ? STRINGS.itIsChippedTheChipsDecide
        : stone
          ? STRINGS.atMANewApexWithout(stone.name, stone.um)
          : STRINGS.noStoneInTheRack,
      how: STRINGS.alternateLightStrokesAtUntilThe(angle),
      stoneId: stone?.id ?? null,
      lastTime: past('finest stone'),
    },
    {
      rung: 'full round',
      suits: true,
      reason: heldTooShort(input.past)
        ? STRINGS.twoTouchUpsHeldNoLonger
        : STRINGS.whatIsLeftWhenNothingSmaller,
      how: STRINGS.planItAndBeginOnThe,
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
export const TOUCH_UP_TEST = STRINGS.lightAlongTheEdgeThenThin;
