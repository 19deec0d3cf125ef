/** Every code with its English. */
import { AROUND_ENGLISH } from './around-the-stones';
import { EVENT_ENGLISH } from './events';
import { HOLDING_ENGLISH } from './holding';
import { STEP_ENGLISH } from './steps';
import { stringsOf } from './language';
import { WARNING_ENGLISH } from './warnings';

export const ENGLISH = stringsOf('core', {
  ...STEP_ENGLISH,
  ...AROUND_ENGLISH,
  ...WARNING_ENGLISH,
  ...HOLDING_ENGLISH,
  ...EVENT_ENGLISH,
});
