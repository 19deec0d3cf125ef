/** Strings of plans side by side. */
import { stringsOf } from '../../text';

export const STRINGS = stringsOf('core/plan/compare', {
  thePlanAsItWasSettled: 'The plan as it was settled cannot be worked',
});
