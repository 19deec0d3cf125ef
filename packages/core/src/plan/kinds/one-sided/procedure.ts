import { forTask } from '../../../abrasive';
import { frontSide, otherSide, type StrategyInput } from '../../cuts';
import type { StepMaker } from '../../steps';
import { BACK_BURR_STROKES, BACK_STROKES, BACK_UM } from '../first-guesses';
import { backOf, formOf, tapDepthMm } from './back';
import type { Procedure } from '../strategy';

/**
 * One-sided blades with a hollow back: the back first and with very few strokes, the front bevel raised with
 * its ridge, in three finger positions for a clam-shell and one for a flat bevel; back and front in turn at
 * every stone. A left-handed blade is the mirror image. Without a hollow it is another kind, and said to be.
 */
const backStone = (make: StepMaker) => {
  const stones = forTask(make.input.rack, 'edge');
  const [finest, coarsest] = BACK_UM;
  const middle = Math.sqrt(finest * coarsest);
  const off = (um: number): number => Math.abs(Math.log(um / middle));
  return [...stones].sort((a, b) => off(a.um) - off(b.um))[0];
};

export const oneSidedProcedure = (input: StrategyInput): Procedure => {
  const rear = otherSide(frontSide(input.answers));
  const state = backOf(input);
  const form = formOf(input);
  const isLeather = input.kind.id === 'leather';
  const tapping = input.input.choices.kind.tapForRimMm;
  const tapsMm = tapDepthMm(input);
  const frontWords =
    form === 'clam-shell'
      ? 'Three finger positions, a third of the strokes each: at the edge, at the lamination line, under the ridge. The bevel rolls from one to the next without a facet.'
      : isLeather
        ? 'The wide bevel lies flat on the stone; fingers in the middle of it, no rocking: a rounded bevel does not skive.'
        : 'The bevel lies flat on the stone; fingers in the middle position only, over the lamination line.';

  return {
    steps: (make, work) => {
      const body = backStone(make);
      const isFew = (strokes: number, title: string, instruction: string, removeMm3: number) =>
        body
          ? make.few(body, [rear], strokes, removeMm3, {
              title,
              instruction,
              zone: 'the back, on its rims',
              angleDeg: 0,
              check:
                'The rim stays narrow and even: pressure moves away from the side that widens.',
              caution: 'Flatten the stone first: a hollow stone rounds the back for good.',
            })
          : [];
      return [
        ...(tapsMm === null
          ? []
          : make.hand('tapping', 40, {
              title: `Tap the back out by ${tapsMm.toFixed(2)} mm`,
              instruction: `Light taps on the soft layer of the front, clear of the lamination line and never on the hard steel, over a rounded anvil: the steel must move ${tapsMm.toFixed(2)} mm at ${tapping} mm from the edge. Check against a straightedge every few taps; in the cold warm the blade in the hand, never near tempering heat. Then flatten the back on a coarse flat stone.${isLeather ? ' The neck bends if it is pressed: hold the blade, not the neck.' : ''}`,
              zone: 'the soft layer of the front, heel to tip',
              check:
                'Straightedge across the back: the rim at the edge touches along its whole length.',
              before: `A flat rim of ${tapping} mm runs heel to tip, and no crack is seen under a glass.`,
              caution:
                'Rare and risky: the hard layer can crack. Only with the owner’s yes in writing. Goggles on.',
            })),
        ...make.outline(),
        ...isFew(
          BACK_STROKES,
          body ? `The back first, on ${body.name}` : '',
          `Dead flat, ${BACK_STROKES} light strokes: where the edge leans to the back it is pushed to the front. ${state.isHollow ? 'No more: every stroke eats the rim’s future.' : 'There is no hollow here: the whole back drags, so keep it to these.'}`,
          work.sums.back.mm3,
        ),
        ...make.edge(
          (stone, index) => ({
            zone: 'the front bevel, edge to ridge',
            instruction:
              index === 0
                ? `${frontWords} Until a burr runs along the back from heel to tip.`
                : `${frontWords} Until the scratches of the stone before are gone.`,
            burrOn: [rear],
            check:
              index === 0
                ? 'Burr on the back, heel to tip; the ridge one even line.'
                : 'Even haze or shine from edge to ridge.',
            caution:
              stone.speedMPerS !== undefined
                ? 'Never the back on a belt.'
                : 'Feel for the burr on the back, away from the edge.',
          }),
          (_stone, index) =>
            index === 0
              ? []
              : isFew(
                  BACK_BURR_STROKES,
                  `Back again, ${BACK_BURR_STROKES} strokes`,
                  'Flat, weight of the hand: only the burr of this stone goes. Back and front in turn at every grain.',
                  0,
                ),
        ),
        ...make.micro({
          instruction: `Flex the edge sideways on a nail first: if it gives and springs back, a few strokes at ${(work.angleDeg + (work.micro?.aboveDeg ?? 0)).toFixed(1)}° on the front only; if it stands, leave it out.`,
          zone: 'the very edge of the front',
          burrOn: [rear],
        }),
        ...(input.answers['finishWish'] === 'the maker’s finish'
          ? make.hand('faces', 6, {
              title: 'Contrast of cladding and core',
              instruction:
                'Loose mud of a soft stone on paper or a finger stone along the front: the soft cladding hazy, the hard steel bright.',
              zone: 'the front bevel',
              check: 'Haze even up to the lamination line.',
            })
          : []),
        ...make.deburr({
          instruction:
            'Front at the bevel, back dead flat, in turn, weight of the hand only, until no burr is felt on either.',
        }),
        ...make.strop({
          instruction: 'Front at the bevel, back flat, on a hard back: a soft one rounds the back.',
        }),
        ...make.wash(),
      ];
    },
  };
};
