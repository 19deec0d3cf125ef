/** Strings of complaints. */
import { stringsOf } from '@patient-edge/core';

export const STRINGS = stringsOf('server/complaints', {
  thisBlade: 'This blade',
  theBladeIsAComplaintIs: (stage: string) =>
    `The blade is ${stage}: a complaint is about a visit that ended`,
  onTheHouse: 'free of charge',
  paidByTheCustomer: 'paid by the customer',
});
