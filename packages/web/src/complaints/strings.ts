/** Strings of complaints. */
import { stringsOf } from '@patient-edge/core';

export const STRINGS = stringsOf('complaints', {
  theBladeIsAComplaintIs: (stage: string) =>
    `The blade is ${stage}: a complaint is about a visit that ended.`,
  whatIsWrong: 'What is wrong',
  inTheCustomersWords: 'In the customer’s words',
  onTheHouseByTheShops: 'Free of charge, by the shop’s rule.',
  toBePaidByTheShops: 'Charged, by the shop’s rule.',
  onTheHouse: 'free of charge',
  paidByTheCustomer: 'paid by the customer',
  settled: (outcome: string) => `Decided: ${outcome}.`,
  writeItDown: 'Save complaint',
  mendItOnTheHouse: 'Repair it free of charge',
  mendItToBePaid: 'Repair it, charged',
  toBePaidAfterAll: 'Charge for it after all',
  onTheHouseAfterAll: 'Free of charge after all',
  takeItInAgain: 'Take it in again',
  itWasTakenInAgain: 'It was taken in again',
  whatIsSettledHereIsThe:
    'This decides the price of the next visit: nothing is charged when it is free.',
});
