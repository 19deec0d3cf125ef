/** Strings of signing in. */
import { stringsOf } from '@patient-edge/core';

export const STRINGS = stringsOf('sign-in', {
  signIn: 'Sign in',
  patientEdge: 'Patient Edge',
  signInName: 'Sign-in name',
  password: 'Password',
  thisIsTheDemoSignIn: 'This is the demo. Sign in as',
  aNewShop: 'A new shop',
  nameItAndMakeYourselfIts:
    'Name it, and make yourself its owner. Add other people later in Settings.',
  nameOfTheShop: 'Name of the shop',
  yourName: 'Your name',
  lowerCaseLettersDigitsDotsHyphens: 'Lower-case letters, digits, dots, hyphens',
  atLeast10Characters: 'At least 10 characters',
  openTheShop: 'Open the shop',
});
