import { fact, said } from '../../../units';
import { say, type Message } from '../../../text';
import { numberAnswer } from '../../../intake';
import type { StrategyInput } from '../../cuts';
import { bareCoreMm, thicknessFacts, thinningFacts } from '../parts';
import type { Findings } from '../strategy';
import { isWide, rightShare, twoSidedGeometry } from './geometry';
import { STRINGS } from '../strings';

/** What a colleague would ask of a two-sided blade: its sides, its thickness, the cladding line. */
export const twoSidedFindings = (input: StrategyInput): Findings => {
  const { groundAt } = twoSidedGeometry(input);
  const { measures } = input.input;
  const claddingMm = numberAnswer(input.answers, 'claddingMm');
  const wide = isWide(input);
  return {
    shoulderLabel: STRINGS.behindTheEdge,
    facts: (work) => {
      const uneven = rightShare(input.answers['ratio']) !== 0.5;
      const sides = groundAt(work.angleDeg);
      return [
        ...(uneven
          ? sides.map(({ side, angleDeg, share }) =>
              fact(
                `Angle on the ${side}`,
                said(
                  angleDeg,
                  '° per side',
                  STRINGS.theEdgeIsGroundTheWider(String(input.answers['ratio'])),
                  [
                    { label: STRINGS.inclusive, value: 2 * work.angleDeg, unit: '° inclusive' },
                    { label: STRINGS.shareOfTheWidth, value: share },
                  ],
                  STRINGS.sinThetaRSinThetaL,
                ),
              ),
            )
          : []),
        ...thicknessFacts(work),
        ...thinningFacts(work, claddingMm),
      ];
    },
    warnings: (work) => {
      const warnings: Message[] = [];
      const bareMm = bareCoreMm(work, claddingMm);
      if (bareMm !== null && bareMm < 1) {
        warnings.push(say('warn.cladding-near', { bareMm }));
      }
      if (input.answers['falseEdge'] === 'for weight only') {
        warnings.push(say('warn.false-edge'));
      }
      if (wide && measures.heightMiddleMm > 60) {
        warnings.push(say('warn.too-high-for-rig'));
      }
      return warnings;
    },
  };
};
