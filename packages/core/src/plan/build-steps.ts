/**
 * Lays the steps in order: outline, thinning, faces, edge on the first stone, refining, micro bevel,
 * deburring, strop, wash.
 */
import { chooseProgression, type Chain, type ProgressionInput } from '../abrasive/progression';
import {
  HAND_SPEED_M_PER_S,
  removalPerNewtonMetre,
  scratchDepthUm,
  secondsToRemove,
} from '../abrasive/removal';
import type { Why } from '../units/figure';
import { perSide, toRadians } from '../units/quantities';
import type { BladeKind } from '../blade/kinds';
import type { Steel } from '../steel/steels';
import { coarsestOf, forTask, type RackStone } from '../abrasive/rack-stone';
import { abrasiveOf, settingOn, type Machine } from '../machine/machine';
import { fail, ok, type CraftError, type Result } from '../units/result';
import type { PlanChoices } from './choices';
import { chosenStrop, finishingWords } from './finishing';
import {
  BAND_FACE_MM,
  FACE_STOCK_UM,
  MICRO_ABOVE_DEG,
  MICRO_FACE_MM,
  namedChain,
  partChain,
  PART_LABELS,
  SLURRY_WORDS,
  type BladePart,
  type PartChain,
} from './part-chains';
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
  readonly machine: Machine | null;
  readonly choices: PlanChoices;
  readonly angleDeg: number;
  readonly bevelFaceMm: number;
  readonly edgeLengthMm: number;
  readonly liftsAt: (angleDeg: number) => readonly ZoneLift[];
  /** Of the edge bevel; null when no stones lead to its finish. */
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

/** One slow pass along a belt or wheel, s. First guess. */
const MACHINE_PASS_S = 4;

const onStone = (
  input: StepsInput,
  body: RackStone,
  seconds: number,
  secondsWhy: Why,
  part?: PartChain,
): OnStone => {
  const moved = body.speedMPerS !== undefined;
  const count = moved
    ? Math.max(1, Math.ceil(seconds / 2 / MACHINE_PASS_S))
    : strokesPerSide(seconds, HAND_SPEED_M_PER_S);
  return {
    stoneId: body.id,
    forceN: forceBandN(body.um),
    direction: part?.direction ?? input.choices.direction,
    pattern: moved ? 'slow passes, sides in turn, cool to the bare hand' : patternFor(count),
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
    { label: 'v, m/s', value: body.speedMPerS ?? HAND_SPEED_M_PER_S },
    { label: 'It leaves scratches of', value: scratchDepthUm(body), unit: 'µm' },
  ],
  source: 'Removal model; first guesses, to be corrected by the bench',
});

const outlineStep = (input: StepsInput): PlanStep[] => {
  const coarsest = coarsestOf(forTask(input.rack, 'edge'));
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

/** Says of a part that it has no stones, beside its chain. */
const forPart = (part: BladePart, error: CraftError): Result<never> =>
  fail(error.code, `${PART_LABELS[part]}: ${error.message}`, `choices.chains.${part}`);

/** The stones a part of the blade is worked on: named by hand, or the quickest chain of its bond. */
export const chainForPart = (
  input: ProgressionInput,
  part: PartChain | undefined,
  rack: readonly RackStone[],
  choose: (input: ProgressionInput) => Result<Chain> = chooseProgression,
): Result<Chain> => {
  const field = part ? `choices.chains.${part.part}` : 'choices.chains';
  if (part?.stones) return namedChain({ ...input, rack }, part.stones, field);
  const bonded = part?.bond ? rack.filter(({ bond }) => bond === part.bond) : rack;
  return choose({ ...input, rack: bonded, finishUm: part?.finishUm ?? input.finishUm });
};

const slurry = (part: PartChain | undefined): string =>
  part ? ` ${SLURRY_WORDS[part.slurry]}` : '';

interface PartWork {
  readonly part: PartChain | undefined;
  readonly chain: Chain;
  readonly firstRule: string;
  readonly step: (
    body: RackStone,
    index: number,
  ) => Pick<
    PlanStep,
    'operation' | 'title' | 'instruction' | 'angleDeg' | 'lifts' | 'gate' | 'caution'
  >;
}

/** The steps of one chain: what they share, and what each part says of its own. */
const chainSteps = (input: StepsInput, { part, chain, firstRule, step }: PartWork): PlanStep[] =>
  chain.steps.map(({ id, seconds, removeMm3 }, index): PlanStep => {
    const body = stone(input.rack, id);
    const rule =
      index === 0 ? firstRule : 'The scratches of the abrasive before, over the whole face.';
    const own = step(body, index);
    return {
      ...onStone(input, body, seconds, whyRemoval(input, body, removeMm3, rule), part),
      ...own,
      instruction: own.instruction + slurry(part),
      removeMm3,
      ...settingOf(input, body, own.angleDeg),
    };
  });

/** The machine's setting at a step whose abrasive it moves, or whose angle it holds for the hand. */
const settingOf = (
  { machine, bevelFaceMm }: StepsInput,
  body: RackStone,
  angleDeg: number | null,
): Pick<PlanStep, 'setting'> => {
  if (!machine || angleDeg === null) return {};
  const moves = abrasiveOf(machine.kind);
  if (moves !== null && body.kind !== moves) return {};
  return { setting: settingOn(machine, angleDeg, bevelFaceMm) };
};

const HEAT =
  'Slow, light, and cool to the bare hand: a thin edge is burnt in a second. Eye protection, no gloves near the machine.';

const handStroke = { forceN, speedMPerS: HAND_SPEED_M_PER_S };

const thinningSteps = (input: StepsInput): Result<PlanStep[]> => {
  if (!input.thinning) return ok([]);
  const { mm3, faceMm2, angleDeg } = input.thinning;
  const part = partChain(input.choices.chains, 'primary');
  const chain = chainForPart(
    {
      steel: input.steel,
      rack: input.rack,
      work: { stockMm3: mm3, faceAreaMm2: faceMm2 },
      stroke: handStroke,
      finishUm: THINNING_FINISH_UM,
    },
    part,
    forTask(input.rack, 'edge'),
  );
  if (!chain.ok) return forPart('primary', chain.error);
  const steps = chainSteps(input, {
    part,
    chain: chain.value,
    firstRule: 'The steel outside the thinning line.',
    step: (body, index) => ({
      operation: 'thinning',
      title: index === 0 ? `Thin on ${body.name}` : `Blend the thinning on ${body.name}`,
      instruction:
        'Work from near the edge up towards the spine in bands, each lower than the last. Stop while a thin line of the old bevel is left: no burr here.',
      angleDeg,
      lifts: [],
      gate: 'no check',
      caution: 'Fingers over the bevel, clear of the edge. Thinning does not come back.',
    }),
  });
  return ok(steps);
};

/** Cladding or the core beside the edge, to its own look. */
const faceSteps = (input: StepsInput, name: 'cladding' | 'core'): Result<PlanStep[]> => {
  const part = partChain(input.choices.chains, name);
  if (!part) return ok([]);
  const faceMm2 = 2 * input.edgeLengthMm * (part.faceMm ?? BAND_FACE_MM);
  const chain = chainForPart(
    {
      steel: input.steel,
      rack: input.rack,
      work: { stockMm3: (faceMm2 * FACE_STOCK_UM) / 1000, faceAreaMm2: faceMm2 },
      stroke: handStroke,
      finishUm: THINNING_FINISH_UM,
    },
    part,
    forTask(input.rack, 'edge'),
  );
  if (!chain.ok) return forPart(name, chain.error);
  const steps = chainSteps(input, {
    part,
    chain: chain.value,
    firstRule: `${FACE_STOCK_UM} µm over the whole face, to come to an even look.`,
    step: (body) => ({
      operation: 'faces',
      title: `${PART_LABELS[name]} on ${body.name}`,
      instruction:
        name === 'core'
          ? 'Only the band beside the edge, flat on its bevel: even and bright, clear of the cladding.'
          : 'Flat on the face, away from the edge, until the look is even. Keep clear of the core.',
      angleDeg: null,
      lifts: [],
      gate: 'no check',
      caution: 'Before the final edge, so that hands and edge are spared.',
    }),
  });
  return ok(steps);
};

const edgeSteps = (input: StepsInput): PlanStep[] => {
  if (!input.chain) return [];
  const part = partChain(input.choices.chains, 'edge');
  return chainSteps(input, {
    part,
    chain: input.chain,
    firstRule: 'The steel between the old bevel and the new one.',
    step: (body, index) => {
      const first = index === 0;
      const moved = body.speedMPerS !== undefined;
      return {
        operation: first ? 'edge' : 'refine',
        title: first ? `Set the edge on ${body.name}` : `Refine on ${body.name}`,
        instruction: first
          ? 'Work each side until the smallest burr runs from heel to tip without a gap. This decides the result: do not leave early.'
          : 'Take out the scratches of the stone before, until the pattern is even from heel to tip and nothing glints.',
        angleDeg: input.angleDeg,
        lifts: moved ? [] : input.liftsAt(input.angleDeg),
        gate: first ? 'everywhere' : 'looked for',
        caution: moved ? HEAT : first ? FEEL : null,
      };
    },
  });
};

/**
 * The sliver a micro bevel takes on both sides: a triangle with the face of the micro bevel as one side, the
 * old bevel down to its apex as another, and the two at the micro bevel's extra angle. Geometry of the section.
 */
const microStockMm3 = (angleDeg: number, faceMm: number, edgeLengthMm: number): number => {
  const theta = toRadians(perSide(angleDeg));
  const extra = toRadians(perSide(MICRO_ABOVE_DEG));
  const bevelMm = (faceMm * Math.sin(theta + extra)) / Math.sin(theta);
  return edgeLengthMm * faceMm * bevelMm * Math.sin(extra);
};

const microSteps = (input: StepsInput): Result<PlanStep[]> => {
  const part = partChain(input.choices.chains, 'micro');
  const last = input.chain?.steps[input.chain.steps.length - 1];
  if (!part || !last) return ok([]);
  const angleDeg = input.angleDeg + MICRO_ABOVE_DEG;
  const faceMm = part.faceMm ?? MICRO_FACE_MM;
  const faceAreaMm2 = 2 * input.edgeLengthMm * faceMm;
  const stockMm3 = microStockMm3(input.angleDeg, faceMm, input.edgeLengthMm);
  const chain: Result<Chain> = part.stones
    ? namedChain(
        {
          steel: input.steel,
          rack: forTask(input.rack, 'edge'),
          work: { stockMm3, faceAreaMm2 },
          stroke: handStroke,
        },
        part.stones,
        'choices.chains.micro',
      )
    : ok({ steps: [{ ...last, removeMm3: stockMm3, seconds: 0 }], totalSeconds: 0 });
  if (!chain.ok) return forPart('micro', chain.error);
  const seconds = (id: string, removeMm3: number): number =>
    secondsToRemove(removeMm3, stone(input.rack, id), input.steel, 2, HAND_SPEED_M_PER_S);
  const steps = chainSteps(input, {
    part,
    chain: {
      ...chain.value,
      steps: chain.value.steps.map((step) => ({
        ...step,
        seconds: seconds(step.id, step.removeMm3),
      })),
    },
    firstRule: 'The sliver between the bevel and the micro bevel, at the weight of the hand.',
    step: (body) => ({
      operation: 'micro',
      title: `Micro bevel on ${body.name}`,
      instruction: `Raise the spine to ${angleDeg.toFixed(1)}° per side. A few strokes a side, weight of the hand: a line that just catches the light, ${faceMm} mm wide.`,
      angleDeg,
      lifts: input.liftsAt(angleDeg),
      gate: 'looked for',
      caution: null,
    }),
  });
  return ok(steps);
};

const finishSteps = (input: StepsInput): PlanStep[] => {
  const last = input.chain?.steps[input.chain.steps.length - 1];
  if (!last) return [];
  const lastStone = stone(input.rack, last.id);
  const { finishing } = input.choices;
  const strop = chosenStrop(input.rack, finishing, last.um);
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
    lifts: input.liftsAt(input.angleDeg),
    forceN: [0.5, 2],
    direction: 'edge-leading',
    pattern: 'alternate, one stroke a side',
    removeMm3: 0,
    strokesPerSide: clinging ? 20 : 10,
    gate: 'gone',
    caution: FEEL,
  };
  const steps = [deburr];
  if (finishing.on !== 'none' && (strop || finishing.on !== 'strop')) {
    const angleDeg = input.angleDeg - finishing.underDeg;
    steps.push({
      operation: 'strop',
      stoneId: strop?.id ?? null,
      title: strop ? `Strop on ${strop.name}` : `Finish on ${finishing.on}`,
      instruction: finishingWords(finishing, strop),
      angleDeg,
      lifts: input.liftsAt(angleDeg),
      forceN: [0.5, 2],
      direction: 'edge-trailing only',
      pattern: 'alternate, one stroke a side',
      removeMm3: 0,
      seconds: STROP_SECONDS,
      secondsWhy: byHabit('A dozen light strokes a side.'),
      strokesPerSide: finishing.strokes,
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

export interface BuiltSteps {
  readonly steps: readonly PlanStep[];
  /** Working seconds of all of them, with the changes between abrasives. */
  readonly seconds: number;
  /** The first part no stones lead to its finish for; its steps are left out. */
  readonly problem: CraftError | null;
}

/** All steps of the plan in the order they are worked. */
export const buildSteps = (input: StepsInput): BuiltSteps => {
  const thinning = thinningSteps(input);
  const cladding = faceSteps(input, 'cladding');
  const core = faceSteps(input, 'core');
  const micro = microSteps(input);
  const parts = [thinning, cladding, core, micro];
  const stepsOf = (part: Result<PlanStep[]>): PlanStep[] => (part.ok ? part.value : []);
  const steps = [
    ...outlineStep(input),
    ...stepsOf(thinning),
    ...stepsOf(cladding),
    ...stepsOf(core),
    ...edgeSteps(input),
    ...stepsOf(micro),
    ...finishSteps(input),
  ];
  const seconds = steps.reduce((sum, step, index) => {
    const changes = step.stoneId !== null && step.stoneId !== steps[index - 1]?.stoneId;
    const change = changes ? (stone(input.rack, step.stoneId).changeSeconds ?? 0) : 0;
    return sum + step.seconds + change;
  }, 0);
  const failed = parts.find((part) => !part.ok);
  return { steps, seconds, problem: failed && !failed.ok ? failed.error : null };
};
