import { fact, said, type Fact } from '../../../units';
import { restingOnSide } from '../../../angle';
import { numberAnswer } from '../../../intake';
import { type BladeWork, type Place, type StrategyInput } from '../../cuts';
import { thicknessFacts, thinningFacts } from '../parts';
import { ridgeAt, ridgesAfter, ridgeSides } from './geometry';
import type { Findings } from '../strategy';
import { twoSidedFindings } from '../two-sided/findings';

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
        said(
          worked[side],
          'mm',
          'Where the worked bevel meets the upper face, above the new edge: a band that reaches it raises it, the apex comes up under it.',
          [
            {
              label: 'Before, above the old edge',
              value: ridgeAt(input, side, middle.heightMm),
              unit: 'mm',
            },
            { label: 'Apex rise', value: work.riseMm, unit: 'mm' },
          ],
        ),
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
          'Laid down, it touches where x / y is largest: on its ridge, or at the shoulder, not on the spine.',
          [{ label: 'Touches at, above the edge', value: rests.contact[0], unit: 'mm' }],
          'θ0 = max atan(x / y)',
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
