/** Strings of the price list. */
import { stringsOf } from '@patient-edge/core';

export const STRINGS = stringsOf('server/prices', {
  currencyItStaysPricesWereWritten: (currency: string) =>
    `Currency: it stays ${currency}, prices were written down in it`,
  thePriceListWasChangedBy: 'The price list was changed by someone else; look again',
  thePriceList: 'the price list',
});
