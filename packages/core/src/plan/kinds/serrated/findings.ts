import { fact, said } from '../../../units';
import { say } from '../../../text';
import type { StrategyInput } from '../../cuts';
import { facetDegOf, scallopOf } from './geometry';
import type { Findings } from '../strategy';

/** What a colleague would ask of a serrated edge: its scallops, and the rod that fits them. */
export const serratedFindings = (input: StrategyInput): Findings => ({
  shoulderLabel: 'Behind the edge',
  facts: (work) => {
    const { count, rodRadiusMm, pitchMm, depthMm } = scallopOf(input, work.angleDeg);
    const inputs = [
      { label: 'p, point to point', value: pitchMm, unit: 'mm' as const },
      { label: 'q, depth in the flat face', value: depthMm, unit: 'mm' as const },
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
                'The bevel of the scallops and the facet of the flat side together.',
                [inputs[2]!, { label: 'Facet', value: facetDeg, unit: '° per side' }],
                'inclusive = bevel + facet',
              ),
            ),
          ]),
      fact(
        'Scallops',
        said(
          count,
          '',
          'Whole scallops along the edge.',
          [{ label: 'Edge', value: input.input.measures.edgeLengthMm, unit: 'mm' }, inputs[0]!],
          'edge / p',
        ),
      ),
      fact(
        'Rod no thicker than',
        said(
          2 * rodRadiusMm,
          'mm',
          'At the angle of the scallop a rod cuts an ellipse in the flat face; a thicker one never reaches its bottom.',
          inputs,
          'r = (p²/4 + h²) / 2h, h = q sin θ',
        ),
      ),
      fact(
        'Steel of one scallop',
        said(
          work.sums.edge.mm3 / count,
          'mm³',
          'The same scallop cut deeper by the apex rise, less what is gone already.',
          [{ label: 'Apex rise', value: work.riseMm, unit: 'mm' }],
        ),
      ),
    ];
  },
  warnings: () => [
    ...(input.answers['points'] === 'broken off' ? [say('warn.serrated.points')] : []),
    ...(input.answers['pitchMm'] === undefined ? [say('warn.serrated.typical')] : []),
  ],
});
