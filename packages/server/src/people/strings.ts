/** Strings of the people. */
import { stringsOf } from '@patient-edge/core';

export const STRINGS = stringsOf('server/people', {
  thisPerson: 'This person',
  renamedWas: (name: string) => `renamed, was ${name}`,
  was: (role: string, role2: string) => `${role}, was ${role2}`,
  activeAgain: 'active again',
  nothingChanged: 'nothing changed',
  signInNameIsTaken: (login: string) => `Sign-in name "${login}" is taken`,
  aShopNeedsAnOwnerMake: 'A shop needs an owner: make somebody else owner first',
  changeYourOwnPasswordInYour: 'Change your own password in your account, with the one you have',
  newPassword: 'new password',
});
