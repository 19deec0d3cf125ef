/** Words of signing in. */
import { wordsOf } from '@patient-edge/core';

export const WORDS = wordsOf('server/auth', {
  tooManyPeopleAreSigningIn: 'Too many people are signing in at once; try again in a moment',
  second: 'second',
  seconds: 'seconds',
  nameOrPasswordIsNotRight: 'Name or password is not right',
  thisShopHasAnOwnerAlready: 'This shop has an owner already: sign in',
  thisIsNotYourCurrentPassword: 'This is not your current password',
});
