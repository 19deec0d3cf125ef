/** A broken tip in a plan: the three ways to bring it back with what each loses, and the step of the one chosen. */
import { fact, said, type Fact } from '../../units';
import { say, type Message } from '../../text';
import {
  restoreTip,
  TIP_WAYS,
  type EdgeCurves,
  type RestoredTip,
  type TipWay,
} from '../../outline';
import type { Damage } from '../../blade';
import { BLEND_TIMES, LEAST_BLEND_MM } from './first-guesses';
import { STRINGS } from './strings';

export interface TipWork {
  readonly chosen: RestoredTip;
  readonly facts: readonly Fact[];
  /** Of the way chosen, through the thickness near the tip. */
  readonly volumeMm3: number;
}

/** Null where no tip is missing, or so much that it is no tip any more. */
export const tipWork = (
  damage: readonly Damage[],
  curves: EdgeCurves,
  thicknessMm: number,
  way: TipWay,
): TipWork | null => {
  const missing = damage.find(({ kind }) => kind === 'missing tip');
  if (!missing || missing.depthMm <= 0) return null;
  const length = curves.edge.at(-1)![0];
  const breakMm = length - missing.depthMm;
  const blendMm = Math.max(LEAST_BLEND_MM, BLEND_TIMES * missing.depthMm);
  const restored = restoreTip(curves.edge, curves.spine, breakMm, blendMm);
  if (!restored.ok) return null;
  const chosen = restored.value[TIP_WAYS.indexOf(way)]!;
  return {
    chosen,
    volumeMm3: chosen.removedAreaMm2 * thicknessMm,
    facts: restored.value.map((each) =>
      fact(
        `Tip, ${each.way}`,
        said(
          each.removedAreaMm2,
          'mm²',
          STRINGS.whatIsTakenInThePlane,
          [
            { label: STRINGS.bladeShorterBy, value: each.lengthLostMm, unit: 'mm' },
            { label: STRINGS.edgeShorterBy, value: each.edgeLostMm, unit: 'mm' },
            { label: STRINGS.blendedInOver, value: blendMm, unit: 'mm' },
          ],
          undefined,
          STRINGS.geometryOfTheOutline,
        ),
      ),
    ),
  };
};

/** How each way is worked. */
export const TIP_TEXT: Readonly<Record<TipWay, Message>> = {
  'edge to spine': say('tip.edge-to-spine'),
  'spine to edge': say('tip.spine-to-edge'),
  'meet between': say('tip.meet-between'),
};
