/** Strings of messages to customers. */
import { stringsOf } from '@patient-edge/core';

export const STRINGS = stringsOf('server/messages', {
  and: (names: string, names2: string | undefined) => `${names} and ${names2}`,
  asAgreed: 'as agreed',
  doesNotWantToBeWritten: (name: string) => `${name} does not want to be written to`,
  wasNotAskedWhetherTheyMay: (name: string) =>
    `${name} was not asked whether they may be written to`,
  noEMailAddressIsKnown: 'No e-mail address is known',
  theseBladesOfOneCustomer: 'These blades, of one customer,',
  thisMessage: 'This message',
  onlyAMessageThatFailedIs: 'Only a failed message can be sent again',
  aMailBox: 'A mail box',
});
