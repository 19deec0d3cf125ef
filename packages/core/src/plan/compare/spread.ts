/**
 * What the measures leave open: the plan made again for many blades that the tools could not have told from this
 * one. The measures are off independently of each other. What a bench's log will teach of times is not in it
 * (`abrasive/time-range.ts`), nor what was answered to the questions of a kind.
 */
import { fail, ok, type Result } from '../../units';
import { normalQuantile } from '../../statistics';
import { BEVEL_FACE_SIGMA_MM } from '../../angle';
import {
  lengthSigmaMm,
  MEASURE_FIELDS,
  SHARPNESS,
  type Damage,
  type MeasuredWith,
  type MeasureField,
} from '../../blade';
import type { PlanInput, ThinDepth } from '../choices';
import { OUTLINE_FAULTS } from '../cuts';
import { planToSection, planToStock, planToWork } from '../planner';
import { DAMAGE_DEPTH_SIGMA_MM, LEAST_SHARE, SHARPNESS_SIGMA } from './first-guesses';
import { STRINGS } from './strings';

/** How the measures of a blade came about. */
export interface HowKnown {
  readonly measuredWith: Readonly<Record<MeasureField, MeasuredWith>>;
  /** One standard deviation of the present angle per side. */
  readonly angleSigmaDeg: number;
}

export type DoubtfulMatter =
  MeasureField | 'bevelFaceMm' | 'presentAnglePerSideDeg' | 'sharpness' | 'damage depth';

/** What may be off, and how far. */
export interface Doubt {
  readonly matter: DoubtfulMatter;
  /** One standard deviation: mm, degrees per side, or classes of sharpness. */
  readonly sigma: number;
  /** How much of the variance of the steel goes with it alone, 0 to 1. */
  readonly share: number;
}

/** 10th to 90th percentile. */
export type Spread = readonly [low: number, high: number];

/** The plan would be another one, were a measure off by one standard deviation, or the dullness by a class. */
export interface Turn {
  readonly matter: DoubtfulMatter;
  readonly sigma: number;
  readonly off: 'more' | 'less';
  readonly becomes: ThinDepth | 'not thinned';
}

export interface PlanSpread {
  readonly steelMm3: Spread;
  readonly heightMm: Spread;
  readonly behindEdgeMm: Spread;
  /** By the measures alone. */
  readonly workingS: Spread;
  /** The steel, were the first of the doubts none. */
  readonly steelWithoutFirstMm3: Spread;
  /** Those that matter, the heaviest first. */
  readonly doubts: readonly Doubt[];
  readonly turns: readonly Turn[];
}

/** Of the lattice: a prime, enough for the 10th percentile, and what keeps its columns apart. */
const BLADES = 31;
const GENERATOR = 10;
const SHIFT = 9;
/** A length is never taken for less than this share of what was read. */
const LEAST_OF_READING = 0.2;

interface Mover {
  readonly matter: DoubtfulMatter;
  readonly sigma: number;
  /** The least it can be off, in standard deviations: more than one where it comes in whole steps. */
  readonly stride: number;
  /** The blade, were this off by so many standard deviations. */
  readonly move: (input: PlanInput, deviations: number) => PlanInput;
}

const measureMover = (
  matter: MeasureField | 'bevelFaceMm' | 'presentAnglePerSideDeg',
  read: number,
  sigma: number,
): Mover => ({
  matter,
  sigma,
  stride: 1,
  move: (input, deviations) => ({
    ...input,
    measures: {
      ...input.measures,
      [matter]: Math.max(LEAST_OF_READING * read, read + deviations * sigma),
    },
  }),
});

/** Half way to the next class and beyond, it is the next. */
const sharpnessMover: Mover = {
  matter: 'sharpness',
  sigma: SHARPNESS_SIGMA,
  stride: 1 / SHARPNESS_SIGMA,
  move: (input, deviations) => {
    const classes = deviations * SHARPNESS_SIGMA;
    const off = Math.sign(classes) * Math.round(Math.abs(classes));
    const index = SHARPNESS.indexOf(input.sharpness) + off;
    const last = SHARPNESS.length - 1;
    return { ...input, sharpness: SHARPNESS[Math.min(last, Math.max(0, index))]! };
  },
};

/** The deepest fault that is to come out; it decides how far the edge comes up. */
const deepestFault = ({ damage, choices }: PlanInput): Damage | null =>
  damage
    .filter(({ kind, id }) => OUTLINE_FAULTS.includes(kind) && !choices.chipsLeft.includes(id))
    .reduce<Damage | null>(
      (deepest, each) => (each.depthMm > (deepest?.depthMm ?? 0) ? each : deepest),
      null,
    );

const depthMover = ({ id, depthMm }: Damage): Mover => ({
  matter: 'damage depth',
  sigma: DAMAGE_DEPTH_SIGMA_MM,
  stride: 1,
  move: (input, deviations) => {
    const moved = depthMm + deviations * DAMAGE_DEPTH_SIGMA_MM;
    const deep = Math.max(LEAST_OF_READING * depthMm, moved);
    return {
      ...input,
      damage: input.damage.map((each) => (each.id === id ? { ...each, depthMm: deep } : each)),
    };
  },
});

const moversOf = (input: PlanInput, known: HowKnown): Mover[] => {
  const { measures } = input;
  const deepest = deepestFault(input);
  const angle = measures.presentAnglePerSideDeg;
  return [
    ...MEASURE_FIELDS.map((field) => {
      const read = measures[field];
      return measureMover(field, read, lengthSigmaMm(known.measuredWith[field], read));
    }),
    angle === null
      ? measureMover('bevelFaceMm', measures.bevelFaceMm ?? 0, BEVEL_FACE_SIGMA_MM)
      : measureMover('presentAnglePerSideDeg', angle, known.angleSigmaDeg),
    sharpnessMover,
    ...(deepest ? [depthMover(deepest)] : []),
  ];
};

/** What is foreseen of a blade, without the report that says why. */
interface Outcome {
  readonly steelMm3: number;
  readonly heightMm: number;
  readonly behindEdgeMm: number;
  readonly workingS: number;
}

/**
 * A lattice of rank one (Korobov 1959): every 31st of the normal distribution of each matter once, no two matters
 * going together (r < 0.3). Always the same blades for the same plan: a figure does not flicker.
 */
const deviationOf = (blade: number, matter: number): number => {
  let step = 1;
  for (let power = 0; power < matter; power += 1) step = (step * GENERATOR) % BLADES;
  const place = (blade * step + SHIFT * matter) % BLADES;
  return normalQuantile((place + 0.5) / BLADES);
};

const outcomeOf = (input: PlanInput): Outcome | null => {
  const planned = planToWork(input);
  if (!planned.ok) return null;
  const { outline, section, stock, work } = planned.value;
  return {
    steelMm3: stock.steelMm3,
    heightMm: outline.heightLostMm,
    behindEdgeMm: section.behindEdgeMm,
    workingS: work.seconds,
  };
};

/** The outcomes of the blades it may be; one that cannot be ground counts as it was read. */
const outcomesOfAll = (
  input: PlanInput,
  read: Outcome,
  movers: readonly Mover[],
  certain?: Mover,
): Outcome[] =>
  Array.from(
    { length: BLADES },
    (_, blade) =>
      outcomeOf(
        movers.reduce(
          (moved, mover, matter) =>
            mover === certain ? moved : mover.move(moved, deviationOf(blade, matter)),
          input,
        ),
      ) ?? read,
  );

const spreadOf = (outcomes: readonly Outcome[], of: keyof Outcome): Spread => {
  const values = outcomes.map((outcome) => outcome[of]).sort((a, b) => a - b);
  const percentile = (part: number): number => values[Math.round(part * (values.length - 1))]!;
  return [percentile(0.1), percentile(0.9)];
};

const steelOf = (input: PlanInput): number | null => {
  const planned = planToStock(input);
  return planned.ok ? planned.value.stock.steelMm3 : null;
};

/** Variance of the steel with one matter alone in doubt: by three blades, as read and off either way. */
const varianceAlone = (input: PlanInput, steelMm3: number, { move, stride }: Mover): number => {
  const away = [stride, -stride].map((deviations) => {
    const moved = steelOf(move(input, deviations));
    return moved === null ? 0 : (moved - steelMm3) / stride;
  });
  return away.reduce((sum, each) => sum + each ** 2 / 2, 0);
};

/**
 * What another measure would make of the plan, its choices left as open as they are. Measures that together make
 * no blade are no turn of the plan.
 */
const turnsOf = (input: PlanInput, movers: readonly Mover[], read: ThinDepth | null): Turn[] =>
  movers.flatMap(({ matter, sigma, stride, move }) =>
    [stride, -stride].flatMap((deviations): Turn[] => {
      const planned = planToSection(move(input, deviations));
      if (!planned.ok) return [];
      const { depth } = planned.value.section.thinning;
      if (depth === read) return [];
      return [
        { matter, sigma, off: deviations > 0 ? 'more' : 'less', becomes: depth ?? 'not thinned' },
      ];
    }),
  );

/**
 * How far steel, height, thickness and minutes of the plan may lie from what it says, by the measures alone; what
 * most of it comes from; and whether the plan would be another one. Errors: those of the plan itself.
 */
export const planSpread = (input: PlanInput, known: HowKnown): Result<PlanSpread> => {
  const planned = planToSection(input);
  if (!planned.ok) return planned;
  const { angle, section } = planned.value;
  const { depth } = section.thinning;
  // What was decided is decided; an angle that is kept is matched on the blade itself, whatever it is.
  const follows = angle.isGuided || angle.approach === 'keep';
  const settled: PlanInput = {
    ...input,
    choices: {
      ...input.choices,
      angleDeg: follows ? input.choices.angleDeg : angle.angleDeg,
      thin: depth !== null,
      thinDepth: depth ?? input.choices.thinDepth,
    },
  };
  const read = outcomeOf(settled);
  if (!read) return fail('INVALID_INPUT', STRINGS.thePlanAsItWasSettled, 'choices');
  const movers = moversOf(settled, known);
  const weighed = movers
    .map((mover) => ({ mover, weight: varianceAlone(settled, read.steelMm3, mover) }))
    .sort((a, b) => b.weight - a.weight);
  const total = weighed.reduce((sum, { weight }) => sum + weight, 0);
  const outcomes = outcomesOfAll(settled, read, movers);
  return ok({
    steelMm3: spreadOf(outcomes, 'steelMm3'),
    heightMm: spreadOf(outcomes, 'heightMm'),
    behindEdgeMm: spreadOf(outcomes, 'behindEdgeMm'),
    workingS: spreadOf(outcomes, 'workingS'),
    steelWithoutFirstMm3: spreadOf(
      outcomesOfAll(settled, read, movers, weighed[0]?.mover),
      'steelMm3',
    ),
    doubts: weighed.flatMap(({ mover: { matter, sigma }, weight }): Doubt[] => {
      const share = total > 0 ? weight / total : 0;
      return share >= LEAST_SHARE ? [{ matter, sigma, share }] : [];
    }),
    turns: turnsOf(input, movers, depth),
  });
};
