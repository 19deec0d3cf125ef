import { tapMm, type HollowBack } from '../../../one-sided';
import { numberAnswer } from '../../../intake';
import { perSide, toRadians } from '../../../units';
import type { BladeWork, StrategyInput } from '../../cuts';
import {
  TAP_AT_SHARE,
  TAP_BAND_MM,
  TAP_CLEAR_MM,
  TAP_ENDS_MM,
  TAP_SPACING_MM,
  USUAL_HOLLOW,
} from '../first-guesses';

/** The back of a one-sided blade as it was found, the form of its front, and how far it is tapped out. */
export interface BackAsFound {
  readonly isHollow: boolean;
  readonly back: HollowBack;
  /** Rim at the spine, mm. */
  readonly spineRimMm: number;
  /** Nobody measured the hollow: the usual stands in. */
  readonly isAssumed: boolean;
}

/** The back as it was measured, or the usual of such blades. */
export const backOf = (input: StrategyInput): BackAsFound => {
  const { answers } = input;
  const heightMm = input.input.measures.heightMiddleMm;
  const widthMm = numberAnswer(answers, 'hollowWidthMm');
  const depthMm = numberAnswer(answers, 'hollowDepthMm');
  const width = widthMm ?? USUAL_HOLLOW.widthShare * heightMm;
  const depth = depthMm ?? USUAL_HOLLOW.depthMm;
  const test = answers['backTest'];
  return {
    isHollow:
      test === undefined || test === 'light in the middle' || test === 'light only at the edge',
    back: {
      radiusMm: (width ** 2 / 4 + depth ** 2) / (2 * depth),
      depthMm: depth,
      edgeRimMm:
        numberAnswer(answers, 'rimEdgeMm') ??
        (test === 'light only at the edge' ? 0 : USUAL_HOLLOW.rimMm),
    },
    spineRimMm: numberAnswer(answers, 'rimSpineMm') ?? USUAL_HOLLOW.rimMm,
    isAssumed: widthMm === null || depthMm === null,
  };
};

/** The front as it is wanted, or as is usual of the kind. */
export const formOf = (input: StrategyInput): 'clam-shell' | 'flat' =>
  input.input.choices.kind.frontForm ??
  (input.kind.id === 'fish-one-sided' ? 'clam-shell' : 'flat');

/** The front as it came; where nobody looked, as it is wanted. */
export const cameOf = (input: StrategyInput): 'clam-shell' | 'flat' => {
  const came = input.answers['frontShape'];
  return came === 'flat' || came === 'clam-shell' ? came : formOf(input);
};

/** How far the soft layer is to be moved, mm; null where it is not tapped. */
export const tapDepthMm = (input: StrategyInput): number | null => {
  const { back, isHollow } = backOf(input);
  const { tapForRimMm } = input.input.choices.kind;
  return tapForRimMm === null || !isHollow ? null : tapMm(back, tapForRimMm);
};

export interface TapBand {
  /** Up the face of the bevel, mm. */
  readonly fromMm: number;
  readonly toMm: number;
  /** Along the edge, its ends spared, mm. */
  readonly lengthMm: number;
  readonly endsMm: number;
  /** In one pass. */
  readonly taps: number;
}

/** Where the taps go: about a third up the bevel, clear of the lamination line, the ends spared. */
export const tapBandOf = (input: StrategyInput, work: BladeWork): TapBand => {
  const faceMm = work.shape.bevelHeightMm / Math.cos(toRadians(perSide(work.angleDeg)));
  const lineMm = numberAnswer(input.answers, 'laminationMm');
  const fromMm = Math.max(TAP_AT_SHARE * faceMm, lineMm === null ? 0 : lineMm + TAP_CLEAR_MM);
  const lengthMm = Math.max(0, input.input.measures.edgeLengthMm - 2 * TAP_ENDS_MM);
  return {
    fromMm,
    toMm: fromMm + TAP_BAND_MM,
    lengthMm,
    endsMm: TAP_ENDS_MM,
    taps: Math.max(1, Math.round(lengthMm / TAP_SPACING_MM)),
  };
};

/** The back as it is ground this time: where it is tapped out first, with the rim that gives. */
export const backAtWork = (input: StrategyInput): HollowBack => {
  const { back } = backOf(input);
  return tapDepthMm(input) === null
    ? back
    : { ...back, edgeRimMm: input.input.choices.kind.tapForRimMm! };
};
