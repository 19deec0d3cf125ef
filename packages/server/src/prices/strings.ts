/** Strings of the price list. */
import { stringsOf } from '@patient-edge/core';

export const STRINGS = stringsOf('server/prices', {
  currencyItStaysPricesWereWritten: (currency: string) =>
    `Currency: ${currency} cannot be changed, prices have been recorded in it`,
  thePriceListWasChangedBy: 'The price list was changed by someone else; look again',
  thePriceList: 'the price list',
});
