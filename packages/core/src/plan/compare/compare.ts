/**
 * Plans side by side, and the map over angle and finish: the same blade with other choices, on steel, height,
 * minutes, price, thickness after and what is to come.
 */
import { localized } from '../../text';
import { perSide } from '../../units';
import { setBevels, type Side } from '../../section';
import { abrasiveKind } from '../../abrasive';
import { bladeKind, findUse } from '../../blade';
import type { PlanChoices, PlanInput } from '../choices';
import type { BladeRates } from '../../record';
import { learnedTimes, likelySeconds, planBlade, planToWork, type BladePlan } from '../planner';
import { estimate, estimateFactsOf, totalOf, type PriceTerms } from '../../price';

export interface Variant {
  readonly id: string;
  readonly label: string;
  /** What sets it apart, in a few words. */
  readonly text: string;
  readonly of: (
    choices: PlanChoices,
    use: { readonly finishUm: readonly [number, number] },
  ) => PlanChoices;
}

const middleUm = ([finest, coarsest]: readonly [number, number]): number =>
  Math.sqrt(finest * coarsest);

/** The trades a sharpener weighs. */
export const VARIANTS: readonly Variant[] = localized(
  [
    {
      id: 'as chosen',
      label: 'As chosen',
      text: 'the plan as it stands',
      of: (choices) => choices,
    },
    {
      id: 'keep',
      label: 'Keep the angle',
      text: 'match what came',
      of: (choices) => ({ ...choices, approach: 'keep', angleDeg: null }),
    },
    {
      id: 'by-use',
      label: 'Set by use',
      text: 'the window of its use',
      of: (choices) => ({ ...choices, approach: 'by-use', angleDeg: null }),
    },
    {
      id: 'lowest-clear',
      label: 'Lowest that clears',
      text: 'just above the primary',
      of: (choices) => ({ ...choices, approach: 'lowest-clear', angleDeg: null }),
    },
    {
      id: 'thin now',
      label: 'Thin now',
      text: 'bands before the edge',
      of: (choices) => ({ ...choices, thin: true }),
    },
    {
      id: 'edge only',
      label: 'Edge only',
      text: 'no thinning',
      of: (choices) => ({ ...choices, thin: false }),
    },
    {
      id: 'fine',
      label: 'Fine finish',
      text: 'the finer half of the window',
      of: (choices, { finishUm }) => ({ ...choices, finishUm: [finishUm[0], middleUm(finishUm)] }),
    },
    {
      id: 'coarse',
      label: 'Coarse finish',
      text: 'the coarser half of the window',
      of: (choices, { finishUm }) => ({ ...choices, finishUm: [middleUm(finishUm), finishUm[1]] }),
    },
    {
      id: 'coarse start',
      label: 'Coarse start',
      text: 'quickest chain',
      of: (choices) => ({ ...choices, school: 'quickest', first: null }),
    },
    {
      id: 'fine start',
      label: 'Fine start',
      text: 'finest start within half as long again',
      of: (choices) => ({ ...choices, school: 'start fine', first: null }),
    },
  ],
  'label',
  'text',
);

export interface Compared {
  readonly id: string;
  readonly choices: PlanChoices;
  /** Why there is no such plan; null where there is. */
  readonly problem: string | null;
  readonly angleDeg: number;
  readonly steelMm3: number;
  readonly heightMm: number;
  /** Working minutes: 10th percentile, foreseen, 90th. */
  readonly minutes: readonly [number, number, number];
  readonly price: { readonly lowMinor: number; readonly highMinor: number } | null;
  readonly behindEdgeMm: number;
  /** Visits like this one until thinning is due; null where that is not judged or never comes. */
  readonly visitsToThinning: number | null;
  readonly visitsToEnd: number | null;
  readonly lastUm: number | null;
  readonly stones: readonly string[];
}

/** Visits like this one, edge alone: until the limit of its use, and until the blade is spent. */
export const forecast = (
  input: PlanInput,
  plan: BladePlan,
): Pick<Compared, 'visitsToThinning' | 'visitsToEnd'> => {
  const { measures } = input;
  const kind = bladeKind(measures.kindId);
  const riseMm = plan.report.figures.apexRise.value;
  const left = measures.heightHeelMm - plan.report.figures.heightLost.value - kind.minHeightMm;
  const visitsToEnd = riseMm > 0 ? Math.max(0, Math.floor(left / riseMm)) : null;
  const limitMm = findUse(input.useId).limitBehindEdgeMm;
  if (!plan.section.isThinned || limitMm === null) return { visitsToThinning: null, visitsToEnd };
  const { after, riseMm: apexMm, ground } = plan.section;
  const angleOf = (side: Side) => {
    const angleDeg = ground.find((each) => each.side === side)?.angleDeg;
    return angleDeg === undefined ? null : perSide(angleDeg);
  };
  /** The section as this visit leaves it, so many visits later; thicker than any limit once the bevel would meet the spine. */
  const thicknessAfter = (visits: number): number => {
    const angles = { right: angleOf('right'), left: angleOf('left') };
    const later = setBevels(after, apexMm + visits * riseMm, angles);
    return later.ok ? later.value.thicknessBehindEdgeMm : Infinity;
  };
  return {
    visitsToThinning: firstVisit((visits) => thicknessAfter(visits) > limitMm),
    visitsToEnd,
  };
};

/** Beyond so many visits nobody plans. */
const MOST_FORESEEN = 1000;

/** The first of ever more visits at which it is so, by bisection; null where it is not within a thousand. */
const firstVisit = (isSo: (visits: number) => boolean): number | null => {
  if (isSo(0)) return 0;
  if (!isSo(MOST_FORESEEN)) return null;
  let [before, after] = [0, MOST_FORESEEN];
  while (after - before > 1) {
    const middle = Math.floor((before + after) / 2);
    if (isSo(middle)) after = middle;
    else before = middle;
  }
  return after;
};

/** With times and price by the bench's own rates, where there are any. */
export const comparePlan = (
  input: PlanInput,
  id: string,
  choices: PlanChoices,
  terms: PriceTerms | null,
  rates: BladeRates | null,
): Compared => {
  const planned = planBlade({ ...input, choices });
  const none: Compared = {
    id,
    choices,
    problem: planned.ok ? (planned.value.work.problem?.message ?? null) : planned.error.message,
    angleDeg: 0,
    steelMm3: 0,
    heightMm: 0,
    minutes: [0, 0, 0],
    price: null,
    behindEdgeMm: 0,
    visitsToThinning: null,
    visitsToEnd: null,
    lastUm: null,
    stones: [],
  };
  if (!planned.ok || planned.value.work.problem) return none;
  const plan = planned.value;
  const { total } = learnedTimes(plan, input.rack, rates);
  const chain = plan.work.steps.filter(
    ({ operation, removeMm3 }) => (operation === 'edge' || operation === 'refine') && removeMm3 > 0,
  );
  const names = chain.flatMap(
    ({ stoneId }) => input.rack.find(({ id: stone }) => stone === stoneId) ?? [],
  );
  const lines = terms ? estimate(terms, estimateFactsOf(input, plan, rates && total)) : null;
  return {
    ...none,
    angleDeg: plan.angle.angleDeg,
    steelMm3: plan.report.figures.steelLost.value,
    heightMm: plan.report.figures.heightLost.value,
    minutes: [total.p10Seconds / 60, total.p50Seconds / 60, total.p90Seconds / 60],
    price: lines && lines.length > 0 ? totalOf(lines) : null,
    behindEdgeMm: plan.report.figures.behindEdgeAfter.value,
    ...forecast(input, plan),
    lastUm: names.at(-1)?.um ?? null,
    stones: names.map(({ name }) => name),
  };
};

export interface MapCell {
  readonly angleDeg: number;
  readonly finishUm: number;
  /** Working minutes; null where no stones lead there, or the angle cannot be ground. */
  readonly minutes: number | null;
  readonly steelMm3: number | null;
  readonly behindEdgeMm: number | null;
}

/** Angles of the map: from the lowest whole degree that clears to well above the window of the use. */
export const mapAngles = (input: PlanInput): readonly number[] => {
  const use = findUse(input.useId);
  const from = Math.max(6, Math.floor(use.angleDeg[0] - 4));
  const to = Math.min(38, Math.ceil(use.angleDeg[1] + 6));
  return Array.from({ length: to - from + 1 }, (_, index) => from + index);
};

/** Finishes of the map: the grains of the stones that can end a chain, finest first. */
export const mapFinishes = (input: PlanInput): readonly number[] =>
  [
    ...new Set(
      input.rack
        .filter(
          ({ abrasive, kind }) =>
            abrasive !== 'compound' && ['edge', 'finish'].includes(abrasiveKind(kind).task),
        )
        .map(({ um }) => um),
    ),
  ].sort((a, b) => a - b);

/** One cell of the map: that angle, and a chain that ends at that grain; minutes by the bench's own rates, if any. */
export const mapCell = (
  input: PlanInput,
  angleDeg: number,
  finishUm: number,
  rates: BladeRates | null,
): MapCell => {
  const choices: PlanChoices = {
    ...input.choices,
    angleDeg,
    finishUm: [finishUm, finishUm],
    changes: [],
    added: [],
  };
  const planned = planToWork({ ...input, choices });
  const reached = planned.ok && planned.value.work.problem === null ? planned.value : null;
  const minutesOf = ({ steps, seconds }: BladePlan['work']): number =>
    likelySeconds(steps, seconds, input.rack, rates) / 60;
  return {
    angleDeg,
    finishUm,
    minutes: reached ? minutesOf(reached.work) : null,
    steelMm3: reached?.stock.steelMm3 ?? null,
    behindEdgeMm: reached?.section.behindEdgeMm ?? null,
  };
};
