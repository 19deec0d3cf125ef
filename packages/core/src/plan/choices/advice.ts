/**
 * Which angle: the three schools side by side, each with its reasons. Keep what came, set by use, or the
 * lowest that leaves the primary grind clear. Windows and moves are data; every move is shown.
 */
import { brittleShift, toughShift, type Steel } from '../../steel';
import type { Damage, Use } from '../../blade';
import { BELOW_WINDOW_DEG, HAND_ALLOWANCE_DEG } from './first-guesses';
import { STRINGS } from './strings';

export const APPROACHES = ['keep', 'by-use', 'lowest-clear'] as const;
export type Approach = (typeof APPROACHES)[number];

export interface AngleMove {
  readonly deltaDeg: number;
  readonly reason: string;
}

export interface AngleAdvice {
  readonly approach: Approach;
  /** Per side. */
  readonly angleDeg: number;
  readonly startDeg: number;
  readonly startReason: string;
  readonly moves: readonly AngleMove[];
}

export interface AdviceInput {
  readonly presentAngleDeg: number;
  readonly primaryAngleDeg: number;
  /** Where along the edge the grind leans most, mm from the heel; null half way along. */
  readonly steepestAtMm?: number | null;
  readonly use: Use;
  readonly steel: Steel;
  readonly damage: readonly Damage[];
  readonly carefulHands: boolean;
}

interface MoveRule {
  readonly applies: (input: AdviceInput) => boolean;
  readonly deltaDeg: (input: AdviceInput) => number;
  readonly reason: (input: AdviceInput) => string;
}

const chipsOf = (input: AdviceInput): readonly Damage[] =>
  input.damage.filter(({ kind }) => kind === 'chip');
const deepestChipMm = (input: AdviceInput): number =>
  Math.max(0, ...chipsOf(input).map(({ depthMm }) => depthMm));

const MOVE_RULES: readonly MoveRule[] = [
  {
    applies: (input) => chipsOf(input).length > 0,
    deltaDeg: (input) =>
      deepestChipMm(input) > 0.6 || chipsOf(input).length > 4
        ? 3
        : deepestChipMm(input) > 0.3 || chipsOf(input).length > 2
          ? 2
          : 1,
    reason: (input) =>
      chipsOf(input).length === 1
        ? STRINGS.oneChipMmDeep(deepestChipMm(input))
        : STRINGS.chipsTheDeepestMm(chipsOf(input).length, deepestChipMm(input)),
  },
  {
    applies: (input) => input.damage.some(({ kind }) => kind === 'rolled edge'),
    deltaDeg: () => 1,
    reason: () => STRINGS.theRolledEdgeTooLowFor,
  },
  {
    applies: ({ steel }) => brittleShift(steel) !== null,
    deltaDeg: ({ steel }) => brittleShift(steel)!.deltaDeg,
    reason: ({ steel }) => brittleShift(steel)!.reason,
  },
  {
    applies: ({ use }) => use.hard && use.id !== 'bone',
    deltaDeg: () => 4,
    reason: () => STRINGS.boneOrFrozenFood,
  },
  {
    applies: ({ steel }) => toughShift(steel) !== null,
    deltaDeg: ({ steel }) => toughShift(steel)!.deltaDeg,
    reason: ({ steel }) => toughShift(steel)!.reason,
  },
  {
    applies: ({ carefulHands }) => carefulHands,
    deltaDeg: () => -1,
    reason: () => STRINGS.carefulHands,
  },
];

const keep = (input: AdviceInput): AngleAdvice => ({
  approach: 'keep',
  angleDeg: input.presentAngleDeg,
  startDeg: input.presentAngleDeg,
  startReason: STRINGS.theAngleItCameWithMatch,
  moves: [],
});

const byUse = (input: AdviceInput): AngleAdvice => {
  const [low, high] = input.use.angleDeg;
  const startDeg = (low + high) / 2;
  const moves = MOVE_RULES.filter(({ applies }) => applies(input)).map((rule) => ({
    deltaDeg: rule.deltaDeg(input),
    reason: rule.reason(input),
  }));
  return {
    approach: 'by-use',
    angleDeg: moves.reduce((angle, { deltaDeg }) => angle + deltaDeg, startDeg),
    startDeg,
    startReason: STRINGS.middleOfTheWindowForDegrees(input.use.label.toLowerCase(), low, high),
    moves,
  };
};

const lowestClear = (input: AdviceInput): AngleAdvice => {
  const clearDeg = input.primaryAngleDeg + HAND_ALLOWANCE_DEG;
  const floorDeg = input.use.angleDeg[0] - BELOW_WINDOW_DEG;
  const moves: AngleMove[] =
    floorDeg > clearDeg
      ? [
          {
            deltaDeg: floorDeg - clearDeg,
            reason: STRINGS.theUseBelowDegreesTheEdge(floorDeg),
          },
        ]
      : [];
  return {
    approach: 'lowest-clear',
    angleDeg: Math.max(clearDeg, floorDeg),
    startDeg: clearDeg,
    startReason: STRINGS.primaryGrindAtDegreesAndDegrees(
      input.primaryAngleDeg.toFixed(1),
      input.steepestAtMm === null || input.steepestAtMm === undefined
        ? ''
        : STRINGS.steepestMmFromTheHeel(Math.round(input.steepestAtMm)),
      HAND_ALLOWANCE_DEG,
    ),
    moves,
  };
};

/** The three advised angles, per side, in the order keep, by use, lowest that clears. */
export const adviseAngles = (input: AdviceInput): readonly AngleAdvice[] => [
  keep(input),
  byUse(input),
  lowestClear(input),
];
