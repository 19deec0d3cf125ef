/** Strings of signing in. */
import { stringsOf } from '@patient-edge/core';

export const STRINGS = stringsOf('server/auth', {
  tooManyPeopleAreSigningIn: 'Too many people are signing in at once; try again in a moment',
  second: 'second',
  seconds: 'seconds',
  nameOrPasswordIsNotRight: 'Name or password is not right',
  thisShopHasAnOwnerAlready: 'This shop has an owner already: sign in',
  thisIsNotYourCurrentPassword: 'This is not your current password',
});
