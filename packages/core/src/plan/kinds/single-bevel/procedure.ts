import type { StrategyInput } from '../../cuts';
import type { Procedure } from '../strategy';

/**
 * Carving and woodcraft knives with one flat bevel to the edge: the bevel is the guide, there is no secondary
 * angle; equal counts, then in turn; extra work where it carves most.
 */
const WHERE: Readonly<Record<string, string>> = {
  'the part at the handle':
    'A third more strokes over the part at the handle, where it carves most.',
  'the middle': 'A third more strokes over the middle, where it carves most.',
  'the tip': 'A third more strokes towards the tip, where it carves most.',
};

export const singleBevelProcedure = (input: StrategyInput): Procedure => {
  const extra = WHERE[String(input.answers['carvesMost'] ?? 'the part at the handle')] ?? '';
  return {
    steps: (make) => [
      ...make.outline(),
      ...make.edge((_body, index) => ({
        zone: 'the whole bevel, edge to shoulder',
        instruction:
          index === 0
            ? `Press the bevel flat on the stone, two fingers on it; no second angle. Equal counts, then in turn, to the smallest burr. ${extra}`
            : 'Flat on the bevel, equal counts, until it is even from edge to shoulder.',
        check:
          index === 0
            ? 'Marker on the bevel goes from edge to shoulder at once: if only at one, it is rocked.'
            : 'No glint at the edge, no rounding at the shoulder.',
      })),
      ...make.micro(),
      ...make.deburr(),
      ...make.strop({
        instruction:
          'Flat on the bevel, on a hard back, trailing only. A soft one rounds the bevel and the guide is lost.',
      }),
      ...make.wash(),
    ],
  };
};
