/** Is the back of a one-sided blade truly hollow? From the straightedge, the depth and the rims. */
import { LEAST_RIM_MM } from './first-guesses';
import { numberAnswer, type Answers, type BACK_TESTS } from './questions';

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
      return finding(
        'not looked at',
        'Lay a straightedge across the back before anything else: a blade that only looks one-sided is sharpened otherwise.',
      );
    case 'no light anywhere':
      return finding(
        'not hollow',
        'No light under the straightedge: there is no hollow. It is another kind of blade, or the hollow is ground away; do not treat the back as one that has it.',
      );
    case 'rocks':
      return finding(
        'doubtful',
        'The straightedge rocks: the back is crowned or bent. A flat stone cannot meet it.',
      );
    case 'light only at the edge':
      return finding(
        'rim worn',
        'Light at the edge: the rim has worn away and the hollow reaches the edge. It will not cut there until the back is tapped out.',
      );
    case 'light in the middle':
      return rim !== null && rim < LEAST_RIM_MM
        ? finding(
            'rim worn',
            `Hollow, but only ${rim} mm of rim is left at the edge: very few strokes on the back.`,
          )
        : finding(
            'hollow',
            `Truly hollow${radiusMm === null ? '' : `, on a radius of ${Math.round(radiusMm)} mm`}: the back lies flat on its rims.`,
          );
  }
};
