/** Strings of the sheet for the customer. */
import { stringsOf } from '@patient-edge/core';

export const STRINGS = stringsOf('server/sheet', {
  paid: (price: string, less: string) => `Paid: ${price}${less}`,
  stillToPay: (toPay: string) => `; still to pay: ${toPay}`,
  price: (price: string, less: string, text: string) => `Price: ${price}${less}${text}`,
  asItCame: 'As it came',
  asItLeaves: 'As it leaves',
  thisBlade: 'This blade',
});
