/** Strings of the sheet for the customer. */
import { stringsOf } from '@patient-edge/core';

export const STRINGS = stringsOf('server/sheet', {
  paid: (price: string, less: string) => `Paid: ${price}${less}`,
  stillToPay: (toPay: string) => `; still to pay: ${toPay}`,
  price: (price: string, less: string, note: string) => `Price: ${price}${less}${note}`,
  asItCame: 'As it came',
  asItLeaves: 'As it leaves',
  thisBlade: 'This blade',
});
