import type { BladeWork, StrategyInput } from '../../cuts';
import type { StepMaker } from '../../steps';
import { RAISED_DEG } from '../first-guesses';
import type { Procedure } from '../strategy';

/**
 * Axes and billhooks: geometry by task; the edge jointed, the bevels filed with the fingers behind the face,
 * then small circles flush and slightly raised in turn to make it convex. File and deburr alone is a complete
 * service.
 */
export const axeProcedure = (input: StrategyInput): Procedure => {
  const { axeService } = input.input.choices.kind;
  const rounds = axeService !== 'file and deburr';
  const skates = input.answers['fileTest'] === 'skates';
  const filing = (make: StepMaker, work: BladeWork) =>
    skates || !make.file()
      ? []
      : make.filed(work.sums.edge.mm3, {
          title: `File the bevels with ${make.file()!.name}`,
          instruction:
            'Head held fast, edge up. Push the file from edge to cheek at the bevel, fingers behind the face of the file, never over the edge; as many on one side as on the other, until a burr runs along.',
          zone: 'the bevel, edge to cheek',
          check: 'Bevels as wide on both sides; the edge line even from toe to heel.',
          before: 'A burr along the whole edge, and no flat of the jointing left.',
          gate: 'everywhere',
          burrOn: ['right', 'left'],
          caution: 'Cut-resistant glove on the holding hand; goggles for filings.',
          cooling: null,
        });
  return {
    steps: (make, work) => {
      const filed = filing(make, work);
      const bench =
        axeService === 'field kit'
          ? 'one small stone, a finger’s width from the edge'
          : 'the stone in the hand';
      return [
        ...make.outline({
          instruction:
            'Draw the file or the coarse stone straight along the edge until nicks are gone and one even line of light runs toe to heel.',
          zone: 'toe to heel',
        }),
        ...filed,
        ...(rounds || filed.length === 0
          ? make.edge((_body, index) => ({
              operation: index === 0 && filed.length === 0 ? 'edge' : 'refine',
              zone: 'the last few millimetres, toe to heel',
              instruction: `Small circles, ${bench}: flush on the bevel, then slightly raised by ${RAISED_DEG[0]} and ${RAISED_DEG[1]}°, in turn, so that the edge comes out convex. Both sides alike.`,
              check: 'Rolled under a light the bevel shows one moving line, no facet.',
              gate: index === 0 ? 'everywhere' : 'looked for',
              caution:
                'Fingers behind the face of the stone. The axe held fast, never the stone over the thumb.',
            }))
          : []),
        ...make.deburr({
          instruction: rounds
            ? 'Light circles in turn, slightly raised, until no burr is felt.'
            : 'The fine side of a stone, a few light strokes a side, until no burr is felt: a complete service for work on logs.',
        }),
        ...(axeService === 'rounded and refined' ? make.strop() : []),
        ...make.wash({
          title: 'Wipe and oil',
          instruction:
            'Wipe off stone and filings, oil the head, look at the wedge of the haft, cover the edge.',
        }),
      ];
    },
  };
};
