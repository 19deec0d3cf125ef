/** Strings of every request. */
import { stringsOf } from '@patient-edge/core';

export const STRINGS = stringsOf('server/http', {
  theRequestIsNotValid: 'The request is not valid',
  onlyTheCanDoThisYou: (roles: string, role: string) =>
    `Only the ${roles} can do this; you are signed in as ${role}`,
  idempotencyKeyMustBe8To: 'Idempotency-Key must be 8 to 80 letters, digits or hyphens',
  writesAreAcceptedFromThisApplication: 'Writes are accepted from this application only',
});
