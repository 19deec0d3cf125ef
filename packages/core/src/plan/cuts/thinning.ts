/** Whether a blade is thinned, how far, and why. */
import { exceeds } from '../../units';
import { abrasiveKind, type RackStone } from '../../abrasive';
import type { Use } from '../../blade';
import { partChain, type PlanChoices, type ThinDepth } from '../choices';
import type { CutBand, ThinWanted } from './blade-work';
import { LITTLE_MM, REMNANT_MM, THIN_TO_SHARE, THINNING_LEAST_UM } from './first-guesses';
import type { WorkedStage } from './stages';
import { STRINGS } from './strings';

interface Outgrown {
  readonly choices: PlanChoices;
  readonly use: Use;
  /** Whether thickness behind the edge means anything for it. */
  readonly isThinned: boolean;
  /** Whether the rack has something coarse enough to take steel down. */
  readonly hasCoarseStone: boolean;
  /** Behind the edge as it came, and how far that may be off, one standard deviation. */
  readonly thicknessMm: number;
  readonly sigmaMm: number;
  /** Behind the edge after the edge alone was worked. */
  readonly thicknessAfterMm: number;
}

export interface ThinningDecision {
  /** Thickness behind the edge the use bears; null where it is not judged. */
  readonly limitMm: number | null;
  readonly advised: boolean;
  readonly wanted: ThinWanted | null;
  /** Null where it is not thinned. */
  readonly depth: ThinDepth | null;
  readonly reason: string;
  /** Wanted, and why it cannot be done with what the rack holds. */
  readonly notDone: string | null;
}

const NO_COARSE_STONE = STRINGS.theBladeWantsThinningAndNo(THINNING_LEAST_UM);

/**
 * Whether the rack can thin at all: a stone or plate coarse enough, or stones named for it.
 */
export const hasThinningStone = (
  rack: readonly RackStone[],
  { chains, thinBands }: Pick<PlanChoices, 'chains' | 'thinBands'>,
): boolean =>
  rack.some(
    ({ kind, um }) =>
      abrasiveKind(kind).task === 'edge' &&
      kind !== 'paper' &&
      kind !== 'film' &&
      um >= THINNING_LEAST_UM,
  ) ||
  (partChain(chains, 'primary')?.stones?.length ?? 0) > 0 ||
  (thinBands ?? []).some(({ stoneId }) => rack.some(({ id }) => id === stoneId));

/** The operator's choice where there is one; else where the blade has outgrown its use, and as far as the use wants. */
export const decideThinning = (blade: Outgrown): ThinningDecision => {
  const { choices, use, thicknessAfterMm } = blade;
  const limitMm: number | null = blade.isThinned ? use.limitBehindEdgeMm : null;
  // What a measure cannot tell is measured again before anything is thinned.
  const isDoubtful = limitMm !== null && Math.abs(blade.thicknessMm - limitMm) < 2 * blade.sigmaMm;
  const advised = limitMm !== null && exceeds(thicknessAfterMm, limitMm) && !isDoubtful;
  const isAsked = blade.isThinned && (choices.thin ?? advised);
  const notDone = isAsked && !blade.hasCoarseStone ? NO_COARSE_STONE : null;
  const isWanted = isAsked && notDone === null;
  const depth = choices.thinDepth ?? 'to the use';
  return {
    limitMm,
    advised,
    wanted: isWanted
      ? {
          targets: choices.thinTo,
          remnantMm: REMNANT_MM,
          stopMm: stopOf(blade, depth, limitMm),
          bands: choices.thinBands,
        }
      : null,
    depth: isWanted ? depth : null,
    reason: isDoubtful
      ? STRINGS.mmBehindTheEdgeIsWithin(blade.thicknessMm, limitMm)
      : thinningReason(thicknessAfterMm, limitMm, use),
    notDone,
  };
};

/** The thickness behind the edge thinning stops at; null where it goes down to the remnant. */
const stopOf = (
  { choices, thicknessAfterMm }: Outgrown,
  depth: ThinDepth,
  limitMm: number | null,
): number | null => {
  if (choices.thinStopMm !== null) return choices.thinStopMm;
  if (depth === 'to the remnant') return null;
  // Thinned on purpose though within its limit: by as much as another blade is below it.
  const wantedMm = THIN_TO_SHARE * Math.min(limitMm ?? thicknessAfterMm, thicknessAfterMm);
  return depth === 'to the use' ? wantedMm : Math.max(wantedMm, thicknessAfterMm - LITTLE_MM);
};

/** The bands of the thinning as they were cut, from the edge up; none where it is not thinned. */
export const bandsOf = (stages: readonly WorkedStage[], riseMm: number): CutBand[] => {
  const stage = stages.find(({ id }) => id === 'thinning');
  return (stage?.cuts ?? [])
    .filter(({ face }) => face.side === 'right')
    .map(({ angleDeg, atMm }, index) => ({
      angleDeg: angleDeg ?? 0,
      fromMm: (atMm ?? riseMm) - riseMm,
      toMm: Math.max(0, (stage!.bands[index]?.topMm ?? riseMm) - riseMm),
    }));
};

const thinningReason = (afterMm: number, limitMm: number | null, use: Use): string => {
  if (limitMm === null) return STRINGS.forThisBladeAndForThickness(use.label.toLowerCase());
  return afterMm > limitMm
    ? STRINGS.mmBehindTheEdgeWouldBe(afterMm.toFixed(2), use.label.toLowerCase(), limitMm)
    : STRINGS.mmBehindTheEdgeIsWithinMm(afterMm.toFixed(2), limitMm, use.label.toLowerCase());
};
