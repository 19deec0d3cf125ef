/**
 * Makes the steps of a plan: what every kind of blade shares of an operation stands here, and a kind changes
 * the words, the sides or the counts of its own.
 */
import { chooseProgression, type Chain, type ProgressionInput } from '../abrasive/progression';
import {
  HAND_SPEED_M_PER_S,
  removalPerNewtonMetre,
  scratchDepthUm,
  secondsToRemove,
} from '../abrasive/removal';
import { coarsestOf, forTask, type RackStone } from '../abrasive/rack-stone';
import type { BladeKind } from '../blade/kinds';
import { abrasiveOf, settingOn, type Machine } from '../machine/machine';
import type { Side } from '../section/cuts';
import type { Steel } from '../steel/steels';
import type { Why } from '../units/figure';
import { ok, type CraftError, type Result } from '../units/result';
import { AIMED_AT_MM } from './bands';
import type { PlanChoices } from './choices';
import { chosenStrop, finishingWords } from './finishing';
import type { CraftWork, GroundSide } from './kinds/craft';
import {
  BAND_FACE_MM,
  FACE_STOCK_UM,
  namedChain,
  partChain,
  PART_LABELS,
  SLURRY_WORDS,
  type BladePart,
  type PartChain,
} from './part-chains';
import { CIRCLE_TRAVEL_M, layStrokes, totalsOf, type StrokePattern } from './patterns';
import { topOf } from './stages';
import {
  blankStep,
  burrPolicyText,
  forceBandN,
  forceN,
  STROKE_TRAVEL_M,
  type Operation,
  type PlanStep,
  type SideWork,
  type StationLift,
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
  /** Chips, recurves and an over-ground heel that are to come out. */
  readonly hasFaults: boolean;
  readonly hasChips: boolean;
  readonly hasLowSpots: boolean;
  readonly groundAt: (angleDeg: number) => readonly GroundSide[];
  readonly liftsAt: (angleDeg: number) => readonly ZoneLift[];
  readonly stationLiftsAt: (angleDeg: number) => readonly StationLift[];
  readonly work: CraftWork;
}

/** Where a thinned face may be left before the edge is set, µm. First guess. */
const THINNING_FINISH_UM = [3, 40] as const;
const DEBURR_SECONDS = 60;
const STROP_SECONDS = 45;
const WASH_SECONDS = 60;
/** Very few strokes are light ones, N. */
const FEW_N = [0.5, 3] as const;
/** One slow pass along a belt or wheel, s. First guess. */
const MACHINE_PASS_S = 4;
/** A file is pushed so hard and so fast. First guesses. */
const FILE_FORCE_N = 25;
const FILE_SPEED_M_PER_S = 0.35;

export const FEEL = 'Feel for the burr away from the edge, never along it.';
const HEAT =
  'Slow, light, and cool to the bare hand: a thin edge is burnt in a second. Eye protection, no gloves near the machine.';
const WET = 'Keep the stone wet; dry it only wipes and loads.';
const COOL_EVERY_PASS = 'Bare-hand warm is the limit: into water after every pass.';

/** A working time that is a habit of the bench rather than the outcome of a model. */
export const byHabit = (rule: string): Why => ({
  rule,
  inputs: [],
  source: 'Habit of the bench; first guess',
});

const handStroke = { forceN, speedMPerS: HAND_SPEED_M_PER_S };

/** Says of a part that it has no stones, beside its chain. */
const forPart = (part: BladePart, error: CraftError): CraftError => ({
  ...error,
  message: `${PART_LABELS[part]}: ${error.message}`,
  field: `choices.chains.${part}`,
});

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

/** What a kind may say of a step in its own words. */
type Words = Partial<
  Pick<
    PlanStep,
    | 'title'
    | 'instruction'
    | 'zone'
    | 'check'
    | 'before'
    | 'caution'
    | 'cooling'
    | 'gate'
    | 'burrOn'
    | 'angleDeg'
    | 'direction'
    | 'forceN'
    | 'operation'
  >
>;

/** The same with what no step does without. */
type Named = Words & Pick<PlanStep, 'title' | 'instruction'>;

interface OnBody {
  readonly operation: Operation;
  readonly body: RackStone;
  readonly removeMm3: number;
  readonly seconds: number;
  readonly rule: string;
  readonly ground: readonly GroundSide[];
  readonly part?: PartChain | undefined;
  readonly pattern?: StrokePattern | undefined;
  readonly words: Named;
}

export interface StepMaker {
  readonly input: StepsInput;
  readonly problem: () => CraftError | null;
  readonly hand: (operation: Operation, minutes: number, words: Named) => PlanStep[];
  readonly outline: (words?: Words) => PlanStep[];
  /** A broken tip brought back, first of all. */
  readonly tip: (words: string, stockMm3: number) => PlanStep[];
  readonly thinning: (words?: Words) => PlanStep[];
  readonly faces: () => PlanStep[];
  readonly file: () => RackStone | undefined;
  readonly filed: (removeMm3: number, words: Named) => PlanStep[];
  /** A face given so many strokes rather than so much steel. */
  readonly few: (
    body: RackStone,
    side: Side,
    strokes: number,
    removeMm3: number,
    words: Named,
  ) => PlanStep[];
  /** The chain of the edge; `after` adds steps behind each of its stones. */
  readonly edge: (
    words?: (body: RackStone, index: number) => Words,
    after?: (body: RackStone, index: number) => PlanStep[],
  ) => PlanStep[];
  readonly micro: (words?: Words) => PlanStep[];
  readonly deburr: (words?: Words) => PlanStep[];
  readonly strop: (words?: Words) => PlanStep[];
  readonly wash: (words?: Words) => PlanStep[];
  readonly stone: (id: string) => RackStone;
}

const BOTH: readonly Side[] = ['right', 'left'];

/** A maker for one plan. The first part no stones lead to its finish for is its problem; its steps are left out. */
export const stepMaker = (input: StepsInput): StepMaker => {
  const { rack, steel, choices, work } = input;
  const { practice } = choices;
  let problem: CraftError | null = null;
  const trouble = (part: BladePart, error: CraftError): PlanStep[] => {
    problem ??= forPart(part, error);
    return [];
  };
  const stone = (id: string): RackStone => rack.find((candidate) => candidate.id === id)!;
  const slurry = (part: PartChain | undefined): string =>
    ` ${SLURRY_WORDS[part?.slurry ?? practice.slurry]}`;

  const drafted = (operation: Operation, words: Named, seconds: number, why: Why): PlanStep => ({
    ...blankStep(operation, words, seconds, why),
    ...words,
  });

  const usualPattern = (count: number): StrokePattern =>
    input.kind.grind === 'convex'
      ? 'circles'
      : work.bands.length === 0 && input.stationLiftsAt(input.angleDeg).length > 0
        ? 'one long sweep'
        : count >= 30
          ? 'N and swap'
          : count >= 8
            ? 'N, N, then alternating'
            : 'alternating';

  /** What every step on a stone shares: the strokes each side is due, laid out by the pattern. */
  const onBody = (spec: OnBody): PlanStep => {
    const { body, seconds, ground, part } = spec;
    const moved = body.speedMPerS !== undefined;
    const wanted = spec.pattern ?? choices.pattern;
    const bothWays = practice.returnStroke === 'pressure both ways' ? 2 : 1;
    const travelM = wanted === 'circles' ? CIRCLE_TRAVEL_M : STROKE_TRAVEL_M * bothWays;
    const all = moved ? seconds / MACHINE_PASS_S : (seconds * HAND_SPEED_M_PER_S) / travelM;
    const shares = ground.reduce((sum, { share }) => sum + share, 0);
    const counts = ground.map(({ share }) => Math.max(1, Math.ceil((all * share) / shares)));
    const due = Object.fromEntries(ground.map(({ side }, index) => [side, counts[index]!]));
    const most = Math.max(0, ...counts);
    const laid = layStrokes(wanted ?? usualPattern(most), due, seconds);
    const totals = totalsOf(laid.rounds);
    const angled = spec.words.angleDeg !== null;
    const sides = ground.map(({ side, angleDeg }): SideWork => ({
      side,
      angleDeg: angled ? angleDeg : null,
      lifts: moved || !angled ? [] : input.liftsAt(angleDeg),
      strokes: totals[side],
    }));
    const angleDeg = sides[0]?.angleDeg ?? null;
    return {
      ...drafted(spec.operation, spec.words, seconds, whyRemoval(body, spec.removeMm3, spec.rule)),
      stoneId: body.id,
      sides,
      angleDeg,
      lifts: sides[0]?.lifts ?? [],
      stationLifts: moved || angleDeg === null ? [] : input.stationLiftsAt(angleDeg),
      forceN: forceBandN(body.um),
      direction: part?.direction ?? choices.direction,
      pattern: moved ? 'slow passes, sides in turn, cool to the bare hand' : laid.words,
      rounds: moved ? [] : laid.rounds,
      cooling: moved ? COOL_EVERY_PASS : body.liquid === 'water' ? WET : null,
      removeMm3: spec.removeMm3,
      strokesPerSide: most,
      ...settingOf(body, spec.words.angleDeg === null ? null : (spec.words.angleDeg ?? angleDeg)),
      ...spec.words,
    };
  };

  /** Why a stone takes as long as it does: the volume it must take, and how fast it cuts this steel. */
  const whyRemoval = (body: RackStone, removeMm3: number, rule: string): Why => ({
    rule,
    formula: 't = V / (K · F · v)',
    inputs: [
      { label: 'V, steel to take', value: removeMm3, unit: 'mm³' },
      { label: 'K, mm³ per N and m, × 1000', value: 1000 * removalPerNewtonMetre(body, steel) },
      { label: 'Grain', value: body.um, unit: 'µm' },
      { label: 'F', value: forceN(body.um), unit: 'N' },
      { label: 'v, m/s', value: body.speedMPerS ?? HAND_SPEED_M_PER_S },
      { label: 'It leaves scratches of', value: scratchDepthUm(body), unit: 'µm' },
    ],
    source: 'Removal model; first guesses, to be corrected by the bench',
  });

  /** The machine's setting at a step whose abrasive it moves, or whose angle it holds for the hand. */
  const settingOf = (body: RackStone, angleDeg: number | null): Pick<PlanStep, 'setting'> => {
    if (!input.machine || angleDeg === null) return {};
    const moves = abrasiveOf(input.machine.kind);
    if (moves !== null && body.kind !== moves) return {};
    return { setting: settingOn(input.machine, angleDeg, input.bevelFaceMm, body.thicknessMm) };
  };

  /** A step with the blade upright on the coarsest stone: the outline is worked, no side of it. */
  const onEdgewise = (
    stockMm3: number,
    rule: string,
    pattern: string,
    words: (body: RackStone) => Named,
  ): PlanStep[] => {
    const body = coarsestOf(forTask(rack, 'edge'));
    if (!body || stockMm3 <= 0) return [];
    const seconds = secondsToRemove(stockMm3, body, steel, forceN(body.um), HAND_SPEED_M_PER_S);
    const step = onBody({
      operation: 'outline',
      body,
      removeMm3: stockMm3,
      seconds,
      rule,
      ground: [{ side: 'right', angleDeg: 90, share: 1 }],
      words: { direction: 'back and forth', ...words(body) },
    });
    return [
      {
        ...step,
        sides: [],
        lifts: [],
        stationLifts: [],
        rounds: [],
        angleDeg: 90,
        pattern,
        strokesPerSide: Math.ceil(step.strokesPerSide / 2),
      },
    ];
  };

  const tip: StepMaker['tip'] = (instruction, stockMm3) =>
    work.chain
      ? onEdgewise(
          stockMm3,
          'What stands beyond the new line of the tip, through the thickness near it.',
          'short strokes at the tip',
          (body) => ({
            title: `Bring the tip back on ${body.name}`,
            instruction,
            zone: 'the tip',
            check:
              'The point set lightly on a soft board stays put; the line runs into the rest without a corner.',
            before:
              'The tip is where it is meant to be: after thinning it would be too weak to move.',
            caution: 'Keep it wet and slow: a thin tip burns first of all.',
          }),
        )
      : [];

  const outline = (words: Words = {}): PlanStep[] => {
    if (!input.hasFaults && practice.oldEdge !== 'take it off first') return [];
    const what = input.hasChips
      ? 'Take the chips out'
      : input.hasFaults
        ? 'Straighten the outline'
        : 'Draw the old edge off';
    return onEdgewise(
      work.sums.outline.mm3,
      'The steel below the restored outline.',
      'whole length, heel to tip',
      (body) => ({
        title: `${what} on ${body.name}`,
        instruction: input.hasFaults
          ? 'Hold the blade upright, edge on the stone, and bring the outline up until the chips are gone and no light shows on a flat board.'
          : 'Hold the blade upright and draw the edge lightly over the stone until one even line of light shows: the tired steel is gone.',
        caution:
          'Cut-resistant glove on the holding hand. Keep the stone wet: a thin edge burns in a second.',
        check: 'Stand it on a flat board against the light: no gap, no rocking.',
        before:
          'No chip shows, and the outline is the one wanted: it is hard to mend after thinning.',
        ...words,
      }),
    );
  };

  interface PartWork {
    readonly part: PartChain | undefined;
    readonly chain: Chain;
    readonly ground: readonly GroundSide[];
    readonly firstRule: string;
    readonly step: (body: RackStone, index: number) => Named & Pick<PlanStep, 'operation'>;
  }

  /** The steps of one chain: what they share, and what each part says of its own. */
  const chainSteps = ({ part, chain, ground, firstRule, step }: PartWork): PlanStep[] =>
    chain.steps.map(({ id, seconds, removeMm3 }, index) => {
      const body = stone(id);
      const own = step(body, index);
      const rule =
        index === 0 ? firstRule : 'The scratches of the abrasive before, over the whole face.';
      return onBody({
        operation: own.operation,
        body,
        removeMm3,
        seconds,
        rule,
        ground,
        part,
        words: { ...own, instruction: own.instruction + slurry(part) },
      });
    });

  const partSteps = (
    name: BladePart,
    stock: { mm3: number; faceMm2: number },
    rest: Omit<PartWork, 'part' | 'chain'>,
  ): PlanStep[] => {
    const part = partChain(choices.chains, name);
    const chain = chainForPart(
      {
        steel,
        rack,
        work: { stockMm3: stock.mm3, faceAreaMm2: stock.faceMm2 },
        stroke: handStroke,
        finishUm: THINNING_FINISH_UM,
      },
      part,
      forTask(rack, 'edge'),
    );
    return chain.ok
      ? chainSteps({ ...rest, part, chain: chain.value })
      : trouble(name, chain.error);
  };

  const thinning = (words: Words = {}): PlanStep[] => {
    const { thinning: stock } = work.sums;
    const [first] = work.bands;
    if (!first || stock.mm3 <= 0) return [];
    const bands = work.bands
      .map(
        ({ angleDeg, fromMm }, index) =>
          `${index === 0 ? 'from the remnant' : `from ${fromMm.toFixed(1)} mm`} at ${angleDeg.toFixed(1)}°`,
      )
      .join(', ');
    return partSteps('primary', stock, {
      ground: input.groundAt(first.angleDeg).map((side) => ({ ...side, angleDeg: first.angleDeg })),
      firstRule: 'The steel outside the bands.',
      step: (body, index) => ({
        operation: 'thinning',
        title: index === 0 ? `Thin on ${body.name}` : `Blend the thinning on ${body.name}`,
        instruction:
          index === 0
            ? `In bands from near the edge up: ${bands}. ${remnantWords(work.remnantMm)} No burr here: it ruins the outline.`
            : 'Over all bands, until the look is even. A hard stone shows the low spots, a soft one evens the look.',
        gate: 'no check',
        zone: `from the old bevel up to ${scratchTopMm(work).toFixed(0)} mm`,
        check: `Caliper ${AIMED_AT_MM.join(' and ')} mm above the edge; the remnant runs unbroken heel to tip.`,
        before: 'A thin line of the old bevel is left along the whole edge.',
        caution: 'Fingers over the bevel, clear of the edge. Thinning does not come back.',
        ...words,
      }),
    });
  };

  const faceOf = (name: 'cladding' | 'core'): PlanStep[] => {
    const part = partChain(choices.chains, name);
    if (!part) return [];
    const faceMm2 = 2 * input.edgeLengthMm * (part.faceMm ?? BAND_FACE_MM);
    return partSteps(
      name,
      { mm3: (faceMm2 * FACE_STOCK_UM) / 1000, faceMm2 },
      {
        ground: input.groundAt(input.angleDeg),
        firstRule: `${FACE_STOCK_UM} µm over the whole face, to come to an even look.`,
        step: (body) => ({
          operation: 'faces',
          title: `${PART_LABELS[name]} on ${body.name}`,
          instruction:
            name === 'core'
              ? 'Only the band beside the edge, flat on its bevel: even and bright, clear of the cladding.'
              : 'Flat on the face, away from the edge, until the look is even. Keep clear of the core.',
          angleDeg: null,
          gate: 'no check',
          zone: name === 'core' ? 'the band beside the edge' : 'the face above the core',
          check: 'One even look from heel to tip, no scratch running across the other steel.',
          before: 'The faces are done: after the edge they would spoil it.',
          caution: 'Before the final edge, so that hands and edge are spared.',
        }),
      },
    );
  };

  const hand: StepMaker['hand'] = (operation, minutes, words) => [
    drafted(operation, words, 60 * minutes, byHabit(`About ${minutes} minutes.`)),
  ];

  const faces = (): PlanStep[] => [
    ...faceOf('cladding'),
    ...faceOf('core'),
    ...(practice.lowSpots === 'blend' && (input.hasLowSpots || work.sums.thinning.mm3 > 0)
      ? hand('faces', 8, {
          title: 'Blend the low spots',
          instruction:
            'Wet abrasive paper round a finger, or a finger stone, along the face over each bright hollow until it no longer stands out. Never dry. It deepens them slightly.',
          zone: 'the low spots',
          check: 'Turn it against the light: no spot flashes on its own.',
          caution: 'Wet work: dry grinding dust harms the lungs. Fingers clear of the edge.',
        })
      : []),
  ];

  const edge: StepMaker['edge'] = (words, after) => {
    const { chain } = work;
    if (!chain) return [];
    const pushed =
      practice.oldEdge === 'push it back first'
        ? hand('ready', 1, {
            title: 'Push the rolled steel back',
            instruction:
              'A smooth rod or the finest stone, edge-trailing, a little above the bevel, weight of the hand, until light no longer catches on the leaning side.',
            check: 'Bright light straight at the edge: no glint from one side only.',
          })
        : [];
    const steps = chainSteps({
      part: partChain(choices.chains, 'edge'),
      chain,
      ground: input.groundAt(input.angleDeg),
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
          gate: first ? 'everywhere' : 'looked for',
          burrOn: BOTH,
          check: first
            ? 'Burr along the whole length on the side away from the stone; not there at the tip: more there, not everywhere.'
            : 'Scratch pattern under a slant light, heel to tip.',
          before: first
            ? `Burr everywhere, tip back, chips out, bevel even and as high as meant${practice.mustCutAfterFirst ? '; cleaned and stropped it must already cut' : ''}.`
            : 'No deeper scratch of the stone before is left.',
          caution: moved ? HEAT : first ? FEEL : null,
          ...words?.(body, index),
        };
      },
    });
    return [
      ...pushed,
      ...steps.flatMap((step, index) => [step, ...(after?.(stone(step.stoneId!), index) ?? [])]),
    ];
  };

  const micro = (words: Words = {}): PlanStep[] => {
    const part = partChain(choices.chains, 'micro');
    const wanted = work.micro;
    const last = work.chain?.steps.at(-1);
    if (!wanted || !last) return [];
    const angleDeg = input.angleDeg + wanted.aboveDeg;
    const stock = work.sums.micro;
    const asked = {
      steel,
      rack: forTask(rack, 'edge'),
      work: { stockMm3: stock.mm3, faceAreaMm2: stock.faceMm2 },
      stroke: handStroke,
    };
    const chain: Result<Chain> = part?.stones
      ? namedChain(asked, part.stones, 'choices.chains.micro')
      : ok({ steps: [{ ...last, removeMm3: stock.mm3, seconds: 0 }], totalSeconds: 0 });
    if (!chain.ok) return trouble('micro', chain.error);
    return chainSteps({
      part,
      ground: input
        .groundAt(input.angleDeg)
        .map((side) => ({ ...side, angleDeg: side.angleDeg + wanted.aboveDeg })),
      chain: {
        ...chain.value,
        steps: chain.value.steps.map((step) => ({
          ...step,
          seconds: secondsToRemove(step.removeMm3, stone(step.id), steel, 2, HAND_SPEED_M_PER_S),
        })),
      },
      firstRule: 'The sliver between the bevel and the micro bevel, at the weight of the hand.',
      step: (body) => ({
        operation: 'micro',
        title: `Micro bevel on ${body.name}`,
        instruction: `Raise the spine to ${angleDeg.toFixed(1)}° per side. A few strokes a side, weight of the hand: a line that just catches the light, ${wanted.faceMm} mm wide.`,
        gate: 'looked for',
        burrOn: BOTH,
        check: 'An even hair of light along the whole edge.',
        caution: null,
        ...words,
      }),
    });
  };

  const deburr = (words: Words = {}): PlanStep[] => {
    const last = work.chain?.steps.at(-1);
    if (!last) return [];
    const body = stone(last.id);
    const clinging = steel.burr === 'clinging';
    const count = clinging ? 20 : 10;
    const ground = input.groundAt(input.angleDeg);
    const sides = BOTH.map((side): SideWork => {
      const angleDeg = ground.find((each) => each.side === side)?.angleDeg ?? 0;
      return { side, angleDeg, lifts: angleDeg > 0 ? input.liftsAt(angleDeg) : [], strokes: count };
    });
    const laid = layStrokes('alternating', { right: count, left: count }, DEBURR_SECONDS);
    return [
      {
        ...drafted(
          'deburr',
          {
            title: `Take the burr off on ${body.name}`,
            instruction: `Rinse the stone first. Weight of the hand only, alternate sides, ${burrPolicyText(choices.burrPolicy)}.${
              clinging ? ' This steel’s burr clings: light passes, both sides, several times.' : ''
            }`,
          },
          DEBURR_SECONDS,
          byHabit('Alternating light strokes until the burr is gone.'),
        ),
        stoneId: body.id,
        sides,
        angleDeg: input.angleDeg,
        lifts: input.liftsAt(input.angleDeg),
        forceN: [0.5, 2],
        direction: 'edge-leading',
        pattern: laid.words,
        rounds: laid.rounds,
        cooling: body.liquid === 'water' ? WET : null,
        check: 'Thumb away from the edge, each side, each zone.',
        before: 'What the burr policy allows is all that is left.',
        strokesPerSide: count,
        gate: 'gone',
        burrOn: BOTH,
        caution: FEEL,
        ...words,
      },
    ];
  };

  const strop = (words: Words = {}): PlanStep[] => {
    const last = work.chain?.steps.at(-1);
    const { finishing } = choices;
    if (!last || finishing.on === 'none') return [];
    const body = chosenStrop(rack, finishing, stone(last.id).um);
    if (!body && finishing.on === 'strop') return [];
    const angleDeg = input.angleDeg - finishing.underDeg;
    const due = { right: finishing.strokes, left: finishing.strokes };
    const laid = layStrokes('alternating', due, STROP_SECONDS);
    const ground = input.groundAt(angleDeg);
    return [
      {
        ...drafted(
          'strop',
          {
            title: body ? `Strop on ${body.name}` : `Finish on ${finishing.on}`,
            instruction: finishingWords(finishing, body),
          },
          STROP_SECONDS,
          byHabit('A dozen light strokes a side.'),
        ),
        stoneId: body?.id ?? null,
        sides: BOTH.map((side): SideWork => {
          const own = ground.find((each) => each.side === side)?.angleDeg ?? 0;
          return {
            side,
            angleDeg: own,
            lifts: own > 0 ? input.liftsAt(own) : [],
            strokes: finishing.strokes,
          };
        }),
        angleDeg,
        lifts: input.liftsAt(angleDeg),
        forceN: [0.5, 2],
        direction: 'edge-trailing only',
        pattern: laid.words,
        rounds: laid.rounds,
        check: 'It must cut before and after: if only before, the strop rounded it.',
        strokesPerSide: finishing.strokes,
        gate: 'gone',
        burrOn: BOTH,
        ...words,
      },
    ];
  };

  const wash = (words: Words = {}): PlanStep[] => {
    if (!work.chain) return [];
    const oil = steel.stainless !== 'yes';
    return [
      drafted(
        'wash',
        {
          title: oil ? 'Wash, dry and oil' : 'Wash and dry',
          instruction: oil
            ? 'Wash off stone and compound, dry at once, wipe on food-safe oil. This steel rusts.'
            : 'Wash off stone and compound and dry.',
          zone: 'whole blade',
          caution: 'The blade is at its sharpest now. Wipe from the spine towards the edge.',
          ...words,
        },
        WASH_SECONDS,
        byHabit('Washing and drying.'),
      ),
    ];
  };

  const few: StepMaker['few'] = (body, side, strokes, removeMm3, words) => {
    const seconds = Math.max(10, (strokes * STROKE_TRAVEL_M) / HAND_SPEED_M_PER_S + 10);
    const angleDeg = words.angleDeg ?? null;
    return [
      {
        ...drafted(
          words.operation ?? 'back',
          words,
          seconds,
          byHabit('So few strokes, slow and flat, and the look after each.'),
        ),
        stoneId: body.id,
        sides: [{ side, angleDeg, lifts: [], strokes }],
        forceN: FEW_N,
        direction: choices.direction === 'circles' ? 'edge-trailing' : choices.direction,
        pattern: `${strokes} on the ${side}, flat`,
        rounds: [{ side, count: strokes, zone: null, seconds: null }],
        cooling: body.liquid === 'water' ? WET : null,
        removeMm3,
        strokesPerSide: strokes,
        ...words,
      },
    ];
  };

  const file = (): RackStone | undefined => rack.find(({ kind }) => kind === 'file');
  const filed: StepMaker['filed'] = (removeMm3, words) => {
    const body = file();
    if (!body || removeMm3 <= 0) return [];
    const seconds = secondsToRemove(removeMm3, body, steel, FILE_FORCE_N, FILE_SPEED_M_PER_S);
    const step = onBody({
      operation: words.operation ?? 'edge',
      body,
      removeMm3,
      seconds,
      rule: 'The steel between the old bevel and the new one, by file.',
      ground: input.groundAt(input.angleDeg),
      pattern: 'N and swap',
      words: {
        direction: 'edge-leading',
        forceN: [FILE_FORCE_N - 5, FILE_FORCE_N + 5],
        cooling: null,
        ...words,
      },
    });
    return [step];
  };

  return {
    input,
    problem: () => problem,
    hand,
    tip,
    outline,
    thinning,
    faces,
    file,
    filed,
    few,
    edge,
    micro,
    deburr,
    strop,
    wash,
    stone,
  };
};

/** Where thinning stops, as it is seen on the old bevel. */
const remnantWords = (remnantMm: number): string =>
  remnantMm <= 0.1
    ? 'Stop while a hair of the old bevel, 0.1 mm or less, is still seen along the whole edge.'
    : `A little at each visit: stop when ${remnantMm.toFixed(1)} mm of the old bevel is left.`;

/** How far up the face the scratches of thinning will show: the top of the highest thinned face. */
export const scratchTopMm = ({ stages, riseMm }: Pick<CraftWork, 'stages' | 'riseMm'>): number => {
  const thinned = stages.find(({ id }) => id === 'thinning');
  if (!thinned) return 0;
  return Math.max(riseMm, topOf(thinned.section, 'band') ?? riseMm) - riseMm;
};

/** Numbers the steps within their operation: the names by which changes find them again. */
export const withKeys = (steps: readonly PlanStep[]): PlanStep[] => {
  const seen = new Map<Operation, number>();
  return steps.map((step) => {
    const place = (seen.get(step.operation) ?? 0) + 1;
    seen.set(step.operation, place);
    return { ...step, key: `${step.operation} ${place}` };
  });
};

/** Working seconds of all steps, with the changes between abrasives. */
export const secondsOf = (steps: readonly PlanStep[], rack: readonly RackStone[]): number =>
  steps.reduce((sum, step, index) => {
    const changes = step.stoneId !== null && step.stoneId !== steps[index - 1]?.stoneId;
    const body = changes ? rack.find(({ id }) => id === step.stoneId) : undefined;
    return sum + step.seconds + (body?.changeSeconds ?? 0);
  }, 0);
