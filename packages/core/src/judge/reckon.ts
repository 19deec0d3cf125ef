/**
 * What the schools of the angle would take from a blade of any kind, for its judgement. Where the kind has a
 * plan, the plan's own figures; for the others the nearest flat section, which is said with them.
 */
import { bladeKind, isPlanned, type BladeKind } from '../blade/kinds';
import type { BladeMeasures } from '../blade/measures';
import { figure, type Figure } from '../units/figure';
import { ok, type Result } from '../units/result';
import { planAsFlat, type AngleOption, type BladePlan, type PlanInput } from '../plan/plan';

export interface Reckoned {
  readonly options: readonly AngleOption[];
  readonly presentAngleDeg: number;
  readonly heightLostMm: number;
  readonly outline: BladePlan['outline'];
  /** Where the kind is planned. */
  readonly plan: BladePlan | null;
  /** What the figures were reckoned on, when it was not the blade's own section. */
  readonly basis: string | null;
}

interface Stand {
  readonly measures: BladeMeasures;
  /** Of the steel and the time of the section stood in. */
  readonly share: number;
  readonly basis: string;
}

/** A razor is ground hollow: this much of its spine stands for the wedge above the edge. First guess. */
const RAZOR_SPINE_SHARE = 0.6;
const RAZOR_BEHIND_EDGE_MM = 0.12;

/** One side ground, the other a plane: half of a blade twice as thick with both sides ground. */
const oneSided = (measures: BladeMeasures, words: string): Stand => ({
  measures: {
    ...measures,
    spineHeelMm: 2 * measures.spineHeelMm,
    spineMiddleMm: 2 * measures.spineMiddleMm,
    spineTipMm: 2 * measures.spineTipMm,
    thicknessBehindEdgeMm: 2 * measures.thicknessBehindEdgeMm,
  },
  share: 0.5,
  basis: words,
});

/** A flat section is thinner at its shoulder than at its spine; parallel faces and a caliper's play are not. */
const SHOULDER_SHARE = 0.97;
const fitting = (measures: BladeMeasures): BladeMeasures => ({
  ...measures,
  thicknessBehindEdgeMm: Math.min(
    measures.thicknessBehindEdgeMm,
    SHOULDER_SHARE * measures.spineMiddleMm,
  ),
});

const standFor = (kind: BladeKind, measures: BladeMeasures): Stand => {
  switch (kind.grind) {
    case 'one-sided, hollow back':
      return oneSided(
        measures,
        'Reckoned on the front bevel alone; the back gets very few strokes.',
      );
    case 'chisel':
      return oneSided(
        measures,
        'Reckoned on the one bevel of each edge; the back only loses its burr.',
      );
    case 'serrated':
      return oneSided(
        measures,
        'Reckoned as a plain edge of this length ground on one side; scallops take about as much.',
      );
    case 'razor':
      return {
        measures: {
          ...measures,
          spineHeelMm: RAZOR_SPINE_SHARE * measures.spineHeelMm,
          spineMiddleMm: RAZOR_SPINE_SHARE * measures.spineMiddleMm,
          spineTipMm: RAZOR_SPINE_SHARE * measures.spineTipMm,
          thicknessBehindEdgeMm: RAZOR_BEHIND_EDGE_MM,
        },
        share: 1,
        basis:
          'The spine sets the angle: there is nothing to choose but tape. Reckoned as a thin wedge; the spine wears with it.',
      };
    case 'single flat bevel':
      return {
        measures,
        share: 1,
        basis: 'Reckoned as one flat bevel on each side up to the full thickness.',
      };
    case 'convex':
      return {
        measures,
        share: 1,
        basis: 'Reckoned as flat bevels; rounding them into the cheeks takes some more.',
      };
    case 'hollow':
      return {
        measures,
        share: 1,
        basis: 'Reckoned as ground flat; a hollow takes a little less.',
      };
    case 'two-sided flat':
    case 'two-sided with ridge':
      return {
        measures,
        share: 1,
        basis:
          'Reckoned as ground flat from the spine; the bevel below its ridge is worked as well.',
      };
  }
};

const shareOf = (whole: Figure | null, share: number): Figure | null =>
  whole && share !== 1
    ? figure(whole.value * share, whole.unit, {
        ...whole.why,
        inputs: [...whole.why.inputs, { label: 'Share that is ground', value: share }],
      })
    : whole;

/** Errors as of the plan: the measures describe no bevel. */
export const reckon = (input: PlanInput): Result<Reckoned> => {
  const kind = bladeKind(input.measures.kindId);
  const planned = isPlanned(kind);
  const stand = planned ? null : standFor(kind, fitting(input.measures));
  const result = planAsFlat(stand ? { ...input, measures: stand.measures } : input);
  if (!result.ok) return result;
  const plan = result.value;
  const options = plan.options
    .filter(({ approach }) => kind.grind !== 'razor' || approach === 'keep')
    .map((option) => ({
      ...option,
      steelLost: shareOf(option.steelLost, stand?.share ?? 1),
      edgeTime: shareOf(option.edgeTime, stand?.share ?? 1),
    }));
  return ok({
    options,
    presentAngleDeg: plan.figures.presentAngle.value,
    heightLostMm: plan.figures.heightLost.value,
    outline: plan.outline,
    plan: planned ? plan : null,
    basis: stand?.basis ?? null,
  });
};
