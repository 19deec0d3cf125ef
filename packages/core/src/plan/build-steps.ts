/** Lays the steps in order: outline, thinning, edge on the first stone, refining, deburring, strop, wash. */
import { chooseProgression, type Chain } from '../abrasive/progression';
import {
  HAND_SPEED_M_PER_S,
  removalPerNewtonMetre,
  scratchDepthUm,
  secondsToRemove,
} from '../abrasive/removal';
import type { Why } from '../units/figure';
import type { BladeKind } from '../blade/kinds';
import type { Steel } from '../steel/steels';
import type { PlanChoices } from './choices';
import type { RackStone } from './plan';
import {
  burrPolicyText,
  forceBandN,
  forceN,
  patternFor,
  strokesPerSide,
  type PlanStep,
  type ZoneLift,
} from './steps';

export interface StepsInput {
  readonly kind: BladeKind;
  readonly steel: Steel;
  readonly rack: readonly RackStone[];
  readonly choices: PlanChoices;
  readonly angleDeg: number;
  readonly lifts: readonly ZoneLift[];
  readonly chain: Chain | null;
  readonly jointMm3: number;
  readonly thinning: {
    readonly angleDeg: number;
    readonly mm3: number;
    readonly faceMm2: number;
  } | null;
}

/** Where a thinned face may be left before the edge is set, µm. First guess. */
const THINNING_FINISH_UM = [3, 40] as const;
const DEBURR_SECONDS = 60;
const STROP_SECONDS = 45;
const WASH_SECONDS = 60;
const FEEL = 'Feel for the burr away from the edge, never along it.';

const stone = (rack: readonly RackStone[], id: string): RackStone =>
  rack.find((candidate) => candidate.id === id)!;

type OnStone = Pick<
  PlanStep,
  'stoneId' | 'forceN' | 'direction' | 'pattern' | 'seconds' | 'secondsWhy' | 'strokesPerSide'
>;

/** A working time that is a habit of the bench rather than the outcome of a model. */
const byHabit = (rule: string): Why => ({
  rule,
  inputs: [],
  source: 'Habit of the bench; first guess',
});

const onStone = (input: StepsInput, body: RackStone, seconds: number, secondsWhy: Why): OnStone => {
  const count = strokesPerSide(seconds, HAND_SPEED_M_PER_S);
  return {
    stoneId: body.id,
    forceN: forceBandN(body.um),
    direction: input.choices.direction,
    pattern: patternFor(count),
    seconds,
    secondsWhy,
    strokesPerSide: count,
  };
};

/** Why a stone takes as long as it does: the volume it must take, and how fast it cuts this steel. */
const whyRemoval = (input: StepsInput, body: RackStone, removeMm3: number, rule: string): Why => ({
  rule,
  formula: 't = V / (K · F · v)',
  inputs: [
    { label: 'V, steel to take', value: removeMm3, unit: 'mm³' },
    {
      label: 'K, mm³ per N and m, × 1000',
      value: 1000 * removalPerNewtonMetre(body, input.steel),
    },
    { label: 'Grain', value: body.um, unit: 'µm' },
    { label: 'F', value: forceN(body.um), unit: 'N' },
    { label: 'v, m/s', value: HAND_SPEED_M_PER_S },
    { label: 'It leaves scratches of', value: scratchDepthUm(body), unit: 'µm' },
  ],
  source: 'Removal model; first guesses, to be corrected by the bench',
});

const outlineStep = (input: StepsInput): PlanStep[] => {
  const coarsest = input.rack
    .filter(({ abrasive }) => abrasive !== 'compound')
    .reduce<RackStone | null>((best, entry) => (best && best.um >= entry.um ? best : entry), null);
  if (!coarsest || input.jointMm3 <= 0) return [];
  const seconds = secondsToRemove(
    input.jointMm3,
    coarsest,
    input.steel,
    forceN(coarsest.um),
    HAND_SPEED_M_PER_S,
  );
  return [
    {
      ...onStone(
        input,
        coarsest,
        seconds,
        whyRemoval(input, coarsest, input.jointMm3, 'The steel below the restored outline.'),
      ),
      operation: 'outline',
      title: `Take the chips out on ${coarsest.name}`,
      instruction:
        'Hold the blade upright, edge on the stone, and bring the outline up until the chips are gone and no light shows on a flat board.',
      angleDeg: 90,
      lifts: [],
      direction: 'back and forth',
      pattern: 'whole length, heel to tip',
      removeMm3: input.jointMm3,
      gate: 'no check',
      caution:
        'Cut-resistant glove on the holding hand. Keep the stone wet: a thin edge burns in a second.',
    },
  ];
};

const thinningSteps = (input: StepsInput): PlanStep[] => {
  if (!input.thinning) return [];
  const { mm3, faceMm2, angleDeg } = input.thinning;
  const chain = chooseProgression({
    steel: input.steel,
    rack: input.rack,
    work: { stockMm3: mm3, faceAreaMm2: faceMm2 },
    stroke: { forceN, speedMPerS: HAND_SPEED_M_PER_S },
    finishUm: THINNING_FINISH_UM,
  });
  if (!chain.ok) return [];
  return chain.value.steps.map((step, index): PlanStep => {
    const body = stone(input.rack, step.id);
    return {
      ...onStone(
        input,
        body,
        step.seconds,
        whyRemoval(
          input,
          body,
          step.removeMm3,
          index === 0
            ? 'The steel outside the thinning line.'
            : 'The scratches of the abrasive before, over the whole face.',
        ),
      ),
      operation: 'thinning',
      title: index === 0 ? `Thin on ${body.name}` : `Blend the thinning on ${body.name}`,
      instruction:
        'Work from near the edge up towards the spine in bands, each lower than the last. Stop while a thin line of the old bevel is left: no burr here.',
      angleDeg,
      lifts: [],
      removeMm3: step.removeMm3,
      gate: 'no check',
      caution: 'Fingers over the bevel, clear of the edge. Thinning does not come back.',
    };
  });
};

const edgeSteps = (input: StepsInput): PlanStep[] =>
  (input.chain?.steps ?? []).map((step, index): PlanStep => {
    const body = stone(input.rack, step.id);
    const first = index === 0;
    return {
      ...onStone(
        input,
        body,
        step.seconds,
        whyRemoval(
          input,
          body,
          step.removeMm3,
          first
            ? 'The steel between the old bevel and the new one.'
            : 'The scratches of the stone before, over the whole face.',
        ),
      ),
      operation: first ? 'edge' : 'refine',
      title: first ? `Set the edge on ${body.name}` : `Refine on ${body.name}`,
      instruction: first
        ? 'Work each side until the smallest burr runs from heel to tip without a gap. This decides the result: do not leave early.'
        : 'Take out the scratches of the stone before, until the pattern is even from heel to tip and nothing glints.',
      angleDeg: input.angleDeg,
      lifts: input.lifts,
      removeMm3: step.removeMm3,
      gate: first ? 'everywhere' : 'looked for',
      caution: first ? FEEL : null,
    };
  });

const finishSteps = (input: StepsInput): PlanStep[] => {
  const last = input.chain?.steps[input.chain.steps.length - 1];
  if (!last) return [];
  const lastStone = stone(input.rack, last.id);
  const strop = input.rack
    .filter(({ abrasive }) => abrasive === 'compound')
    .reduce<RackStone | null>((best, entry) => {
      const distance = (um: number): number => Math.abs(Math.log(um / (last.um / 2)));
      return best && distance(best.um) <= distance(entry.um) ? best : entry;
    }, null);
  const clinging = input.steel.burr === 'clinging';
  const deburr: PlanStep = {
    ...onStone(
      input,
      lastStone,
      DEBURR_SECONDS,
      byHabit('Alternating light strokes until the burr is gone.'),
    ),
    operation: 'deburr',
    title: `Take the burr off on ${lastStone.name}`,
    instruction: `Rinse the stone first. Weight of the hand only, alternate sides, ${burrPolicyText(input.choices.burrPolicy)}.${
      clinging ? ' This steel’s burr clings: light passes, both sides, several times.' : ''
    }`,
    angleDeg: input.angleDeg,
    lifts: input.lifts,
    forceN: [0.5, 2],
    direction: 'edge-leading',
    pattern: 'alternate, one stroke a side',
    removeMm3: 0,
    strokesPerSide: clinging ? 20 : 10,
    gate: 'gone',
    caution: FEEL,
  };
  const steps = [deburr];
  if (strop) {
    steps.push({
      ...onStone(input, strop, STROP_SECONDS, byHabit('A dozen light strokes a side.')),
      operation: 'strop',
      title: `Strop on ${strop.name}`,
      instruction:
        'At the bevel’s angle or just under it, trailing only, no pressure. Stop as soon as the burr is gone.',
      angleDeg: input.angleDeg,
      lifts: input.lifts,
      forceN: [0.5, 2],
      direction: 'edge-trailing only',
      pattern: 'alternate, one stroke a side',
      removeMm3: 0,
      strokesPerSide: 12,
      gate: 'gone',
      caution: null,
    });
  }
  const oil = input.steel.stainless !== 'yes';
  steps.push({
    operation: 'wash',
    stoneId: null,
    title: oil ? 'Wash, dry and oil' : 'Wash and dry',
    instruction: oil
      ? 'Wash off stone and compound, dry at once, wipe on food-safe oil. This steel rusts.'
      : 'Wash off stone and compound and dry.',
    angleDeg: null,
    lifts: [],
    forceN: null,
    direction: null,
    pattern: null,
    removeMm3: 0,
    seconds: WASH_SECONDS,
    secondsWhy: byHabit('Washing and drying.'),
    strokesPerSide: 0,
    gate: 'no check',
    caution: 'The blade is at its sharpest now. Wipe from the spine towards the edge.',
  });
  return steps;
};

/** The steps, and the working seconds of all of them with the changes between abrasives. */
export const buildSteps = (
  input: StepsInput,
): { readonly steps: readonly PlanStep[]; readonly seconds: number } => {
  const steps = [
    ...outlineStep(input),
    ...thinningSteps(input),
    ...edgeSteps(input),
    ...finishSteps(input),
  ];
  const seconds = steps.reduce((sum, step, index) => {
    const changes = step.stoneId !== null && step.stoneId !== steps[index - 1]?.stoneId;
    const change = changes ? (stone(input.rack, step.stoneId).changeSeconds ?? 0) : 0;
    return sum + step.seconds + change;
  }, 0);
  return { steps, seconds };
};
