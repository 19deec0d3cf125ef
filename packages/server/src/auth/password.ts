/**
 * Passwords are kept as argon2id hashes; the library's defaults follow the present recommendation. A hash takes a core
 * and 64 MB for a moment: two at a time, and no more waiting than a shop has people.
 */
import argon2 from 'argon2';
import { inTurnOf } from '../http/in-turn';
import { STRINGS } from './strings';

const inTurn = inTurnOf({
  atOnce: 2,
  mostWaiting: 20,
  whenBusy: STRINGS.tooManyPeopleAreSigningIn,
  retryAfterS: 2,
});

export const hashPassword = (password: string): Promise<string> =>
  inTurn(() => argon2.hash(password));

/**
 * Whether the password is the hash's. `mayTry` runs when its turn has come, and throws when this one is not to be
 * tried.
 */
export const passwordMatches = (
  hash: string,
  password: string,
  mayTry: () => Promise<void>,
): Promise<boolean> =>
  inTurn(async () => {
    await mayTry();
    return argon2.verify(hash, password);
  });
