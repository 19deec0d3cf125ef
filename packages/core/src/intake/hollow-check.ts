/** Is the back of a one-sided blade truly hollow? From the straightedge, the depth and the rims. */
import { LEAST_RIM_MM } from './first-guesses';
import { numberAnswer, type Answers, type BACK_TESTS } from './questions';
import { STRINGS } from './strings';

export type BackState = 'hollow' | 'rim worn' | 'not hollow' | 'doubtful' | 'not looked at';

export interface BackFinding {
  readonly state: BackState;
  readonly text: string;
  /** Radius of the hollow from its width and depth, mm: R = (W²/4 + d²) / (2 d). */
  readonly radiusMm: number | null;
}

export const hollowRadiusMm = (widthMm: number, depthMm: number): number =>
  (widthMm ** 2 / 4 + depthMm ** 2) / (2 * depthMm);

/**
 * What the tests of the back of a one-sided blade say.
 *
 * @example
 * checkBack({}).state; // "not looked at"
 */
export const checkBack = (answers: Answers): BackFinding => {
  const test = answers['backTest'] as (typeof BACK_TESTS)[number] | undefined;
  const depth = numberAnswer(answers, 'hollowDepthMm');
  const width = numberAnswer(answers, 'hollowWidthMm');
  const rim = numberAnswer(answers, 'rimEdgeMm');
  const radiusMm = depth !== null && width !== null ? hollowRadiusMm(width, depth) : null;
  const finding = (state: BackState, text: string): BackFinding => ({ state, text, radiusMm });
  switch (test) {
    case undefined:
      return finding('not looked at', STRINGS.layAStraightedgeAcrossTheBack);
    case 'no light anywhere':
      return finding('not hollow', STRINGS.noLightUnderTheStraightedgeThere);
    case 'rocks':
      return finding('doubtful', STRINGS.theStraightedgeRocksTheBackIs);
    case 'light only at the edge':
      return finding('rim worn', STRINGS.lightAtTheEdgeTheRim);
    case 'light in the middle':
      return rim !== null && rim < LEAST_RIM_MM
        ? finding('rim worn', STRINGS.hollowButOnlyMmOfRim(rim))
        : finding(
            'hollow',
            STRINGS.trulyHollowTheBackLiesFlat(
              radiusMm === null ? '' : STRINGS.onARadiusOfMm(Math.round(radiusMm)),
            ),
          );
  }
};
