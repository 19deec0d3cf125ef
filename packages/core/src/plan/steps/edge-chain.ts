/** The stones of the edge: what the rack and the machine offer, the finish wanted, and the chain between. */
import { ok, perSide, toRadians, type Result } from '../../units';
import { bevelsOf, bladeKind, isOneSided, type Use } from '../../blade';
import {
  abrasiveKind,
  HAND_SPEED_M_PER_S,
  progressionBySchool,
  progressionWarnings,
  windowAround,
  type Chain,
  type ProgressionInput,
  type ProgressionWarning,
  type RackStone,
} from '../../abrasive';
import { abrasiveOf, type Machine } from '../../machine';
import { chosenStrop, finishWishOf, partChain, refreshStone, type PlanInput } from '../choices';
import type { StageSum } from '../cuts';
import { BELT_LOWER_DEG, MACHINE_N, STEEPENED_FACE_MM } from './first-guesses';
import { forceN, hasWideBevel, middleOf } from './force';
import { chainForPart } from './kit';
import { atPace, paceOf, type PacedWork } from './pace';

/** So many stones near a wish are tried before it is said that nothing leads there. */
const NEAREST_TRIED = 5;

/** A chain, and others where there was a choice. */
type ChosenChain = Chain & { readonly alternatives?: readonly Chain[] };

/**
 * Which abrasives the edge goes over: where the hand takes over at a grain, the machine's down to it and the hand's
 * below; on a rig those that fit it.
 */
const divided = (
  rack: readonly RackStone[],
  machine: Machine | null,
  handFromUm: number | null,
): readonly RackStone[] => {
  if (machine === null) return rack;
  const moved = abrasiveOf(machine.kind);
  if (moved === null) return machine.kind === 'clamp rig' ? fittingRig(rack) : rack;
  if (handFromUm === null) return rack;
  return rack.filter(({ kind, um }) => (kind === moved ? um >= handFromUm : um < handFromUm));
};

/**
 * The stones a clamp rig takes: those marked so; all of them where nobody has marked any.
 */
export const fittingRig = (rack: readonly RackStone[]): readonly RackStone[] => {
  const marked = rack.some(({ fitsRig }) => fitsRig === true);
  return rack.filter(({ fitsRig }) => fitsRig ?? !marked);
};

/** An axe kept up away from the shop: what is marked for the pack; all of it where nobody has marked any. */
const packed = ({ rack, choices, measures }: PlanInput): readonly RackStone[] => {
  const inField =
    bladeKind(measures.kindId).grind === 'convex' && choices.kind.axeService === 'field kit';
  return inField && rack.some(({ portable }) => portable)
    ? rack.filter(({ portable }) => portable)
    : rack;
};

/** Belts and wheels move at the speed of the machine they run on. */
export const withSpeed = (
  rack: readonly RackStone[],
  machine: Machine | null,
): readonly RackStone[] => {
  const speed = machine?.sizes.speedMPerS;
  const moved = machine ? abrasiveOf(machine.kind) : null;
  return speed && moved
    ? rack.map((each) =>
        each.kind === moved ? { ...each, speedMPerS: speed, forceN: middleOf(MACHINE_N) } : each,
      )
    : rack;
};

/**
 * What the edge may be worked on: the stones for the hand, and what belongs to the machine.
 *
 * @example
 * edgeRack(DEMO_RACK, null).some(({ kind }) => kind === 'belt'); // false
 */
export const edgeRack = (
  rack: readonly RackStone[],
  machine: Machine | null,
): readonly RackStone[] => {
  const moved = machine ? abrasiveOf(machine.kind) : null;
  return withSpeed(rack, machine).filter(
    ({ kind, abrasive }) =>
      abrasiveKind(kind).task === 'edge' ||
      // A steel rod lays steel over: it is no abrasive of a chain.
      (kind === moved && !(kind === 'rod' && abrasive === 'hardened steel')),
  );
};

/** What a colleague would say of the stones of a chain. */
export const adviceOnStones = (input: PlanInput, chain: Chain): readonly ProgressionWarning[] => {
  const stones = chain.steps.map(({ id }) => input.rack.find((each) => each.id === id)!);
  const last = stones[stones.length - 1]!;
  return progressionWarnings({
    steel: input.steel,
    chain: stones,
    strop: chosenStrop(input.rack, input.choices.finishing, last.um),
    maxRatio: input.choices.maxRatio,
    oneSided: isOneSided(bladeKind(input.measures.kindId)),
    direction: input.choices.direction,
  });
};

/** What was chosen; else the finish wished for; else the window of the use, µm. */
export const finishWantedUm = (
  { choices, answers, steel }: Pick<PlanInput, 'choices' | 'answers' | 'steel'>,
  use: Use,
): readonly [finest: number, coarsest: number] => {
  if (choices.finishUm) return choices.finishUm;
  const wish = finishWishOf(answers, use, steel);
  return wish === null ? use.finishUm : (wish.windowUm ?? windowAround(wish.um));
};

/** Windows about the stones nearest to a wish, nearest first: where none lies within it, the nearest is taken. */
export const nearestWindows = (
  { rack, machine }: Pick<PlanInput, 'rack' | 'machine'>,
  um: number,
): readonly (readonly [number, number])[] =>
  edgeRack(rack, machine)
    .map((each) => each.um)
    .sort((a, b) => Math.abs(Math.log(a / um)) - Math.abs(Math.log(b / um)))
    .slice(0, NEAREST_TRIED)
    .map((each) => [each / 1.001, each * 1.001] as const);

/** Steel of the sliver between an edge shaped lower on the belt and the one the hand steepens it to. */
const steepenedMm3 = ({ measures }: PlanInput): number =>
  bevelsOf(bladeKind(measures.kindId)) *
  measures.edgeLengthMm *
  (STEEPENED_FACE_MM ** 2 / 2) *
  toRadians(perSide(BELT_LOWER_DEG));

/** What is held by a belt or wheel begins there: the quickest chain whose first abrasive the machine moves. */
const onMachineFirst = (
  question: ProgressionInput,
  rack: readonly RackStone[],
  bySchool: (question: ProgressionInput) => Result<ChosenChain>,
): Result<ChosenChain> => {
  const moved = rack.filter(({ speedMPerS }) => speedMPerS !== undefined);
  if (moved.length === 0 || question.first !== undefined) return bySchool(question);
  const [best] = moved
    .flatMap(({ id }) => {
      const chosen = bySchool({ ...question, first: id });
      return chosen.ok ? [chosen] : [];
    })
    .sort((a, b) => a.value.totalSeconds - b.value.totalSeconds);
  return best ?? bySchool(question);
};

export interface EdgeChains {
  /** The question put to the rack for so much steel and so wide a face. */
  readonly asked: (work: StageSum) => ProgressionInput;
  /** Its answer, by the school or by the stones named. */
  readonly chainFor: (work: StageSum) => Result<ChosenChain>;
}

export const edgeChains = (
  input: PlanInput,
  finishUm: readonly [finest: number, coarsest: number],
): EdgeChains => {
  const { choices, steel } = input;
  const by = { steel, choices, wideBevel: hasWideBevel(bladeKind(input.measures.kindId)) };
  const paced: PacedWork = { work: 'edge', index: 0, direction: choices.direction };
  const { machine } = input;
  const rack = divided(edgeRack(packed(input), machine), machine, choices.handFromUm).map(
    (each) => ({ ...each, forceN: middleOf(paceOf(by, each, paced).forceN) }),
  );
  const part = partChain(choices.chains, 'edge');
  const refreshed =
    bladeKind(input.measures.kindId).grind === 'razor' ? refreshStone(input, rack) : null;
  const bySchool = (question: ProgressionInput) => progressionBySchool(question, choices.school);
  const asked = ({ mm3, faceMm2 }: StageSum): ProgressionInput => ({
    steel,
    rack,
    work: { stockMm3: mm3, faceAreaMm2: faceMm2 },
    stroke: { forceN, speedMPerS: HAND_SPEED_M_PER_S },
    finishUm,
    maxRatio: choices.maxRatio ?? undefined,
    first: choices.first ?? refreshed?.id,
    skip: choices.skip,
    through: choices.through,
    handOverMm3: steepenedMm3(input),
  });
  return {
    asked,
    chainFor: (work) => {
      const chosen: Result<ChosenChain> = part
        ? chainForPart(asked(work), part, rack, bySchool)
        : onMachineFirst(asked(work), rack, bySchool);
      if (!chosen.ok) return chosen;
      const timed = (chain: Chain): Chain => atPace(chain, by, rack, paced);
      return ok({
        ...timed(chosen.value),
        ...(chosen.value.alternatives && { alternatives: chosen.value.alternatives.map(timed) }),
      });
    },
  };
};
