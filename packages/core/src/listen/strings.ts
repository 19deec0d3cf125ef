/** Strings of the sound of a stroke. */
import { stringsOf } from '../text';

export const STRINGS = stringsOf('core/listen', {
  evenSoundAnEvenAngle: 'Even sound: an even angle.',
  theSoundWandersALittle: 'The sound wanders a little.',
  theSoundJumpsLookAtThe: 'The sound jumps: look at the angle.',
});
