/** Strings of figures and their sources. */
import { stringsOf } from '../text';

export const STRINGS = stringsOf('core/units', {
  geometryOfTheSection: 'Geometry of the section',
});
