/** Strings of one-sided geometry. */
import { stringsOf } from '../text';

export const STRINGS = stringsOf('core/one-sided', {
  aFaceThatLeansDegreesNever: (faceLean: number, angle: number) =>
    `A face that leans ${faceLean}° never meets a bevel of ${angle}°`,
  anApexRiseOfMmLeaves: (apexRise: number, shinogiHeight: number) =>
    `An apex rise of ${apexRise} mm leaves no bevel on a ridge at ${shinogiHeight} mm`,
});
