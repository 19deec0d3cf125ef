/** Strings of complaints. */
import { stringsOf } from '@patient-edge/core';

export const STRINGS = stringsOf('complaints', {
  theBladeIsAComplaintIs: (stage: string) =>
    `The blade is ${stage}: a complaint is about a visit that ended.`,
  whatIsWrong: 'What is wrong',
  inTheCustomersWords: 'In the customer’s words',
  onTheHouseByTheShops: 'On the house, by the shop’s rule.',
  toBePaidByTheShops: 'To be paid, by the shop’s rule.',
  onTheHouse: 'on the house',
  paidByTheCustomer: 'paid by the customer',
  settled: (text: string) => `Settled: ${text}.`,
  writeItDown: 'Write it down',
  mendItOnTheHouse: 'Mend it on the house',
  mendItToBePaid: 'Mend it, to be paid',
  toBePaidAfterAll: 'To be paid after all',
  onTheHouseAfterAll: 'On the house after all',
  takeItInAgain: 'Take it in again',
  itWasTakenInAgain: 'It was taken in again',
  whatIsSettledHereIsThe:
    'What is settled here is the price of the next visit: nothing is asked for it where it is on the house.',
});
