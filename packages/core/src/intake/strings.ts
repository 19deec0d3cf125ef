/** Strings of intake. */
import { stringsOf } from '../text';

export const STRINGS = stringsOf('core/intake', {
  layAStraightedgeAcrossTheBack:
    'Lay a straightedge across the back before anything else: a blade that only looks one-sided is sharpened otherwise.',
  noLightUnderTheStraightedgeThere:
    'No light under the straightedge: there is no hollow. It is another kind of blade, or the hollow is ground away; do not treat the back as one that has it.',
  theStraightedgeRocksTheBackIs:
    'The straightedge rocks: the back is crowned or bent. A flat stone cannot meet it.',
  lightAtTheEdgeTheRim:
    'Light at the edge: the rim has worn away and the hollow reaches the edge. It will not cut there until the back is tapped out.',
  hollowButOnlyMmOfRim: (rim: number) =>
    `Hollow, but only ${rim} mm of rim is left at the edge: very few strokes on the back.`,
  onARadiusOfMm: (radiusMm: number) => `, on a radius of ${radiusMm} mm`,
  trulyHollowTheBackLiesFlat: (radiusMmSaid: string) =>
    `Truly hollow${radiusMmSaid}: the back lies flat on its rims.`,
});
