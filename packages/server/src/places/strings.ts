/** Strings of places and days. */
import { stringsOf } from '@patient-edge/core';

export const STRINGS = stringsOf('server/places', {
  somebodyChangedThePlacesMeanwhileLook:
    'Somebody changed the places meanwhile; look at them again',
  thisPlaceIsNotKnownHere: 'This place is not known here',
  placesAndDays: 'places and days',
  thisPlaceIsNotOneOf: 'This place is not one of the shop’s',
});
