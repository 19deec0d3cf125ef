/** Strings of printed gauges. */
import { stringsOf } from '../text';

export const STRINGS = stringsOf('core/print', {
  degreesInclusive: (angle: string) => `, ${angle}° inclusive`,
  mustMeasureMmPrintAt100: (checkLineMm: number) =>
    `Must measure ${checkLineMm} mm. Print at 100 %, without fitting to the page.`,
  wedgeDegrees: (angle: string, ofSide: string) => `Wedge ${angle}° ${ofSide}`,
  wedge: (heldAt: string) => `Wedge: ${heldAt}`,
  liftGaugeDegrees: (angle: string, ofSide: string) => `Lift gauge ${angle}° ${ofSide}`,
  liftOfTheSpineFor: (heldAt: string) => `Lift of the spine for ${heldAt}`,
  liftOfTheSpineInMm: 'Lift of the spine in mm.',
});
