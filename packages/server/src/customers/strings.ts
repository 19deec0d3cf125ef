/** Strings of the customers. */
import { stringsOf } from '@patient-edge/core';

export const STRINGS = stringsOf('server/customers', {
  theCustomer: 'the customer',
  aBlade: 'a blade',
  thisCustomer: 'This customer',
  thisCustomerWasErasedNothingIs: 'This customer was erased: nothing new can be recorded',
  wasChangedBySomeoneElseLook: (name: string) => `${name} was changed by someone else; look again`,
  aCustomerWas: 'a customer was',
  customerWhoStaysChooseAnotherOne: 'Customer who stays: choose another one',
  customerWhoStaysNotKnownHere: 'Customer who stays: not known here',
  nameTypeWasGiven: (name: string, name2: string) => `Name: type "${name}"; "${name2}" was given`,
  aBladeOfTheirsIs: 'A blade of theirs is',
  bladesOfTheirsAre: (held: number) => `${held} blades of theirs are`,
  inTheShopHandOverFirst: (blades: string) => `${blades} in the shop: hand over first`,
});
