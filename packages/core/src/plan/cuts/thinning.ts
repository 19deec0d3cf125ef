/** Whether a blade is thinned, how far, and why. */
import { exceeds, perSide, toRadians } from '../../units';
import type { Use } from '../../blade';
import type { PlanChoices, ThinDepth } from '../choices';
import { AIMED_AT_MM } from './bands';
import type { ThinWanted } from './blade-work';
import { OUTGROWN_SHARE, REMNANT_MM, THIN_TO_SHARE } from './first-guesses';
import type { WorkedStage } from './stages';

interface Outgrown {
  readonly choices: PlanChoices;
  readonly use: Use;
  /** Whether thickness behind the edge means anything for it. */
  readonly isThinned: boolean;
  readonly presentDeg: number;
  /** Behind the edge after the edge alone was worked. */
  readonly thicknessAfterMm: number;
  /** Of the apex, half way along. */
  readonly riseMm: number;
}

export interface ThinningDecision {
  /** Thickness behind the edge the use bears; null where it is not judged. */
  readonly limitMm: number | null;
  readonly advised: boolean;
  readonly wanted: ThinWanted | null;
  /** Null where it is not thinned. */
  readonly depth: ThinDepth | null;
  readonly reason: string;
}

/** The operator's choice where there is one; else where the blade has outgrown its use, and as far as it has. */
export const decideThinning = (blade: Outgrown): ThinningDecision => {
  const { choices, use, thicknessAfterMm } = blade;
  const limitMm: number | null = blade.isThinned ? use.limitBehindEdgeMm : null;
  const advised = limitMm !== null && exceeds(thicknessAfterMm, limitMm);
  const isWanted = blade.isThinned && (choices.thin ?? advised);
  const depth =
    choices.thinDepth ??
    (limitMm !== null && thicknessAfterMm > OUTGROWN_SHARE * limitMm
      ? 'to the remnant'
      : 'a little each visit');
  const bevelRad = toRadians(perSide(blade.presentDeg));
  const targetMm = THIN_TO_SHARE * (limitMm ?? thicknessAfterMm);
  const littleMm = (targetMm / 2 / Math.tan(bevelRad) - blade.riseMm) / Math.cos(bevelRad);
  return {
    limitMm,
    advised,
    wanted: isWanted
      ? {
          targets: choices.thinTo,
          remnantMm: depth === 'a little each visit' ? Math.max(REMNANT_MM, littleMm) : REMNANT_MM,
        }
      : null,
    depth: isWanted ? depth : null,
    reason: thinningReason(thicknessAfterMm, limitMm, use),
  };
};

/** The bands of the thinning as they were cut, from the edge up; none where it is not thinned. */
export const bandsOf = (stages: readonly WorkedStage[]): { angleDeg: number; fromMm: number }[] =>
  (stages.find(({ id }) => id === 'thinning')?.cuts ?? [])
    .filter(({ face }) => face.side === 'right')
    .map(({ angleDeg }, index) => ({
      angleDeg: angleDeg ?? 0,
      fromMm: index === 0 ? 0 : (AIMED_AT_MM[index - 1] ?? 0),
    }));

const thinningReason = (afterMm: number, limitMm: number | null, use: Use): string => {
  if (limitMm === null)
    return `For this blade, and for ${use.label.toLowerCase()}, thickness behind the edge is not judged.`;
  return afterMm > limitMm
    ? `${afterMm.toFixed(2)} mm behind the edge would be left, and ${use.label.toLowerCase()} wants at most ${limitMm} mm: it would be sharp and still wedge.`
    : `${afterMm.toFixed(2)} mm behind the edge is within ${limitMm} mm for ${use.label.toLowerCase()}.`;
};
