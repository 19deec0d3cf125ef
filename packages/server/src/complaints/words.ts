/** Words of complaints. */
import { wordsOf } from '@patient-edge/core';

export const WORDS = wordsOf('server/complaints', {
  thisBlade: 'This blade',
  theBladeIsAComplaintIs: (stage: string) =>
    `The blade is ${stage}: a complaint is about a visit that ended`,
  onTheHouse: 'on the house',
  paidByTheCustomer: 'paid by the customer',
});
