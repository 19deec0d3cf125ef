/** Strings of what the server could not be asked. */
import { stringsOf } from '@patient-edge/core';

export const STRINGS = stringsOf('api', {
  noConnectionToTheWorkshopJust:
    'No connection to the workshop just now. What you entered is kept; try again.',
  somethingWentWrong: 'Something went wrong.',
  somethingOfThisBladeStillWaits:
    'Something of this blade still waits for the connection. It is sent first; then do this again.',
});
