/**
 * Least intervention first: for a blade that is only tired, rod, then strop, then the finest stone, then the
 * full round; try, test, and go up a step only when it fails.
 */
import type { Steel } from '../steel';
import { finestOf, forTask, type RackStone } from '../abrasive';

export const RUNGS = ['rod', 'strop', 'finest stone', 'full round'] as const;
export type Rung = (typeof RUNGS)[number];

export const ROD_KINDS = ['smooth', 'ridged', 'ceramic', 'diamond'] as const;
export type RodKind = (typeof ROD_KINDS)[number];

export interface RodAdvice {
  readonly rod: RodKind;
  readonly suits: boolean;
  readonly reason: string;
}

/** From this hardness on an edge does not bend back: it breaks. */
const TOO_HARD_TO_BEND_HRC = 60;
/** Above this hardness no rod at all, unless the maker agrees. */
const NO_ROD_HRC = 62;
const SOFT_HRC = 57;

/**
 * Which rods suit a steel, and why.
 *
 * @example
 * rodsFor(steel).length > 0; // true
 */
export const rodsFor = (steel: Steel): readonly RodAdvice[] => {
  const brittle = steel.hrcLow >= NO_ROD_HRC || /chippy$/.test(steel.edge);
  const { hrcHigh } = steel;
  return [
    {
      rod: 'smooth',
      suits: !brittle && hrcHigh <= TOO_HARD_TO_BEND_HRC,
      reason:
        hrcHigh <= TOO_HARD_TO_BEND_HRC
          ? 'Lays a rolled edge straight again; it does not sharpen.'
          : `At up to ${hrcHigh} HRC the edge does not bend back.`,
    },
    {
      rod: 'ridged',
      suits: !brittle && hrcHigh <= SOFT_HRC,
      reason:
        hrcHigh <= SOFT_HRC
          ? 'Scrapes a soft edge toothy; a dozen light strokes, no more.'
          : 'Its ridges chip an edge this hard.',
    },
    {
      rod: 'ceramic',
      suits: !brittle,
      reason: brittle
        ? 'Too brittle for a narrow rod: use a stone.'
        : 'Takes a little steel off: resets an edge between sharpenings.',
    },
    {
      rod: 'diamond',
      suits: !brittle && steel.wearFactor >= 1.2,
      reason: brittle
        ? 'Too brittle for a narrow rod: use a stone.'
        : steel.wearFactor >= 1.2
          ? 'The only rod that bites on these carbides; lightly.'
          : 'Takes more of this steel than it needs.',
    },
  ];
};

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
  /** Chips and rolled edges want more than a rod. */
  readonly chipped: boolean;
  readonly guidedBySpine: boolean;
  readonly rack: readonly RackStone[];
  readonly past: readonly TouchUpPast[];
  /** Tried at this visit and not enough. */
  readonly tried: readonly Rung[];
}

/** All four rungs, in order, each with whether it suits, how, and how long it lasted last time. */
export const touchUpLadder = (input: LadderInput): readonly RungAdvice[] => {
  const { steel, rack, chipped, guidedBySpine } = input;
  const angle = `${input.angleDeg.toFixed(1)}° per side`;
  const rod = forTask(rack, 'touch-up')[0] ?? null;
  const strop = finestOf(forTask(rack, 'finish'));
  const stone = finestOf(forTask(rack, 'edge').filter(({ um }) => um >= steel.finestUsefulUm));
  const rods = rodsFor(steel).filter(({ suits }) => suits);
  const past = (rung: Rung): TouchUpPast | null =>
    input.past.find((each) => each.rung === rung) ?? null;
  const rodReason = guidedBySpine
    ? 'A razor knows no rod.'
    : chipped
      ? 'It is chipped: a rod would tear it further.'
      : rods.length > 0
        ? `Suits: ${rods.map(({ rod: each }) => each).join(', ')}. ${rods[0]!.reason}`
        : `None suits ${steel.hrcLow}–${steel.hrcHigh} HRC: ${rodsFor(steel)[2]!.reason.toLowerCase()}`;
  return [
    {
      rung: 'rod',
      suits: !guidedBySpine && !chipped && rods.length > 0,
      reason: rodReason,
      how: `Five light strokes a side at ${angle} or just above, trailing or leading alike, weight of the hand.`,
      stoneId: rod?.id ?? null,
      lastTime: past('rod'),
    },
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
          ? `${stone.name} at ${stone.um} µm: a new apex without a new bevel.`
          : 'No stone in the rack.',
      how: `Alternate light strokes at ${angle} until the whole edge is dark again, then strop.`,
      stoneId: stone?.id ?? null,
      lastTime: past('finest stone'),
    },
    {
      rung: 'full round',
      suits: true,
      reason: 'What is left when nothing smaller has held.',
      how: 'Plan it, and begin on the stone the plan names.',
      stoneId: null,
      lastTime: past('full round'),
    },
  ];
};

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
