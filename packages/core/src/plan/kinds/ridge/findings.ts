import { fact, said, type Fact } from '../../../units';
import { restingOnSide } from '../../../angle';
import { numberAnswer } from '../../../intake';
import { type BladeWork, type Place, type StrategyInput } from '../../cuts';
import { thicknessFacts, thinningFacts } from '../parts';
import { ridgeAt, ridgesAfter, ridgeSides } from './geometry';
import type { Findings } from '../strategy';
import { twoSidedFindings } from '../two-sided/findings';
import { STRINGS } from '../strings';

/** What a colleague would ask of a blade with a ridge: where the ridge goes, and at what it rests. */
export const ridgeFindings = (input: StrategyInput): Findings => {
  const claddingMm = numberAnswer(input.answers, 'claddingMm');
  const middle: Place = {
    heightMm: input.input.measures.heightMiddleMm,
    thicknessMm: input.input.measures.spineMiddleMm,
  };
  const ridgeFacts = (work: BladeWork): Fact[] => {
    const sides = ridgeSides(input, middle);
    if (!sides.ok) return [];
    const worked = ridgesAfter(input, work, work.bands.length);
    const touched = (['right', 'left'] as const).map((side) =>
      fact(
        `Ridge on the ${side} after`,
        said(worked[side], 'mm', STRINGS.whereTheWorkedBevelMeetsThe, [
          {
            label: STRINGS.beforeAboveTheOldEdge,
            value: ridgeAt(input, side, middle.heightMm),
            unit: 'mm',
          },
          { label: STRINGS.apexRise, value: work.riseMm, unit: 'mm' },
        ]),
      ),
    );
    const rests = restingOnSide(
      sides.value.right.slice(1).map(({ xMm, yMm }) => [yMm, xMm] as const),
    );
    return [
      ...touched,
      fact(
        'Rests at',
        said(
          rests.angle,
          '° per side',
          STRINGS.laidDownItTouchesWhereX,
          [{ label: STRINGS.touchesAtAboveTheEdge, value: rests.contact[0], unit: 'mm' }],
          STRINGS.theta0MaxAtanXY,
        ),
      ),
    ];
  };
  return {
    ...twoSidedFindings(input),
    facts: (work) => [
      ...ridgeFacts(work),
      ...thicknessFacts(work),
      ...thinningFacts(work, claddingMm),
    ],
  };
};
