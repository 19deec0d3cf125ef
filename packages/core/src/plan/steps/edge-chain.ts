/** The stones of the edge: what the rack and the machine offer, the finish wanted, and the chain between. */
import type { Result } from '../../units';
import { bladeKind, isOneSided, type Use } from '../../blade';
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
import { numberAnswer } from '../../intake';
import { chosenStrop, partChain, type PlanInput } from '../choices';
import type { StageSum } from '../cuts';
import { MACHINE_N } from './first-guesses';
import { chainForPart } from './kit';
import { forceN } from './step';

/** A chain, and others where there was a choice. */
type ChosenChain = Chain & { readonly alternatives?: readonly Chain[] };

/** Belts and wheels move at the speed of the machine they run on. */
export const withSpeed = (
  rack: readonly RackStone[],
  machine: Machine | null,
): readonly RackStone[] => {
  const speed = machine?.sizes.speedMPerS;
  const moved = machine ? abrasiveOf(machine.kind) : null;
  return speed && moved
    ? rack.map((each) =>
        each.kind === moved
          ? { ...each, speedMPerS: speed, forceN: (MACHINE_N[0] + MACHINE_N[1]) / 2 }
          : each,
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
    ({ kind }) => abrasiveKind(kind).task === 'edge' || kind === moved,
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

/** What was chosen; else a finish wished for by its grain; else the window of the use, µm. */
export const finishWantedUm = (
  { choices, answers }: Pick<PlanInput, 'choices' | 'answers'>,
  use: Use,
): readonly [finest: number, coarsest: number] => {
  if (choices.finishUm) return choices.finishUm;
  const wishedUm =
    answers['finishWish'] === 'very fine' ? numberAnswer(answers, 'finishWishUm') : null;
  return wishedUm === null ? use.finishUm : windowAround(wishedUm);
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
  const rack = edgeRack(input.rack, input.machine);
  const part = partChain(choices.chains, 'edge');
  const bySchool = (question: ProgressionInput) => progressionBySchool(question, choices.school);
  const asked = ({ mm3, faceMm2 }: StageSum): ProgressionInput => ({
    steel,
    rack,
    work: { stockMm3: mm3, faceAreaMm2: faceMm2 },
    stroke: { forceN, speedMPerS: HAND_SPEED_M_PER_S },
    finishUm,
    maxRatio: choices.maxRatio ?? undefined,
    first: choices.first ?? undefined,
    skip: choices.skip,
    through: choices.through,
  });
  return {
    asked,
    chainFor: (work) =>
      part ? chainForPart(asked(work), part, rack, bySchool) : bySchool(asked(work)),
  };
};
