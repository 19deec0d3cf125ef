import { fact, said } from '../../../units';
import { say } from '../../../text';
import type { StrategyInput } from '../../cuts';
import { facetDegOf, scallopOf } from './geometry';
import type { Findings } from '../strategy';
import { STRINGS } from '../strings';

/** What a colleague would ask of a serrated edge: its scallops, and the rod that fits them. */
export const serratedFindings = (input: StrategyInput): Findings => ({
  shoulderLabel: STRINGS.behindTheEdge,
  facts: (work) => {
    const { count, rodRadiusMm, pitchMm, depthMm } = scallopOf(input, work.angleDeg);
    const inputs = [
      { label: STRINGS.pPointToPoint, value: pitchMm, unit: 'mm' as const },
      { label: STRINGS.qDepthInTheFlatFace, value: depthMm, unit: 'mm' as const },
      { label: 'θ', value: work.angleDeg, unit: '° per side' as const },
    ];
    const facetDeg = facetDegOf(input);
    return [
      ...(facetDeg === null
        ? []
        : [
            fact(
              'Inclusive',
              said(
                work.angleDeg + facetDeg,
                '° inclusive',
                STRINGS.theBevelOfTheScallopsAnd,
                [inputs[2]!, { label: STRINGS.facet, value: facetDeg, unit: '° per side' }],
                STRINGS.inclusiveBevelFacet,
              ),
            ),
          ]),
      fact(
        'Scallops',
        said(
          count,
          '',
          STRINGS.wholeScallopsAlongTheEdge,
          [
            { label: STRINGS.edge, value: input.input.measures.edgeLengthMm, unit: 'mm' },
            inputs[0]!,
          ],
          STRINGS.edgeP,
        ),
      ),
      fact(
        'Rod no thicker than',
        said(2 * rodRadiusMm, 'mm', STRINGS.atTheAngleOfTheScallop, inputs, STRINGS.rP24H22hH),
      ),
      fact(
        'Steel of one scallop',
        said(work.sums.edge.mm3 / count, 'mm³', STRINGS.theSameScallopCutDeeperBy, [
          { label: STRINGS.apexRise, value: work.riseMm, unit: 'mm' },
        ]),
      ),
    ];
  },
  warnings: () => [
    ...(input.answers['points'] === 'broken off' ? [say('warn.serrated.points')] : []),
    ...(input.answers['pitchMm'] === undefined ? [say('warn.serrated.typical')] : []),
  ],
});
