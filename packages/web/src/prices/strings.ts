/** Strings of the price list. */
import { stringsOf } from '@patient-edge/core';

export const STRINGS = stringsOf('prices', {
  loadingPrices: 'Loading prices…',
  priceMustBeANumberFrom: (amount: string) =>
    `Price must be a number from 0; "${amount}" was given`,
  prices: 'Prices',
  savePriceList: 'Save price list',
  addPrice: 'Add price',
  whatThePriceOfABlade: 'What the price of a blade includes',
  edgeLengthIncludedMm: 'Edge length included, mm',
  furtherLengthCountsByMm: 'Further length counts by, mm',
  minutesIncluded: 'Minutes included',
  atTheBenchAsPlanned: 'at the bench, as planned',
  theList: 'The list',
  emptyYetStartWithThePrice: 'Empty so far. Start with the price of a blade, or with an example.',
  fillWithAnExample: 'Fill with an example',
  item: 'Item',
  for: 'For',
  price: (currency: string) => `Price, ${currency}`,
  remove: 'Remove',
  removePrice: (number: number) => `Remove price ${number}`,
  currency: 'Currency',
  itStaysPricesWereWrittenDown: 'Cannot be changed: prices have been recorded in it.',
  setOnceBeforeTheFirstPrice: 'set once, before the first price is agreed',
  onlyTheOwnerChangesThePrice: 'Only the owner changes the price list.',
  priceAlone: 'Price',
  upToOfEdgeAndMin: (lengthIncludedMm: string, minutesIncluded: number) =>
    `Up to ${lengthIncludedMm} of edge and ${minutesIncluded} min at the bench are included.`,
});
