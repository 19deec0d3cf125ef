import { tapMm, type HollowBack } from '../../../one-sided';
import { numberAnswer } from '../../../intake';
import type { StrategyInput } from '../../cuts';
import { USUAL_HOLLOW } from '../first-guesses';

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

/** How far the soft layer is to be moved, mm; null where it is not tapped. */
export const tapDepthMm = (input: StrategyInput): number | null => {
  const { back, isHollow } = backOf(input);
  const { tapForRimMm } = input.input.choices.kind;
  return tapForRimMm === null || !isHollow ? null : tapMm(back, tapForRimMm);
};
