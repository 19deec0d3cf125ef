/** Strings of the history. */
import { stringsOf } from '@patient-edge/core';

export const STRINGS = stringsOf('history', {
  blades: 'Blades',
  customers: 'Customers',
  stones: 'Stones',
  theShop: 'The shop',
  history: 'History',
  exportCsv: 'Export CSV',
  filter: 'Filter',
  what: 'What',
  everything: 'Everything',
  thisOne: 'This one',
  person: 'Person',
  everybody: 'Everybody',
  from: 'From',
  to: 'To',
  loadingTheHistory: 'Loading the history…',
  nothingWasDoneThatThisFilter: 'Nothing matches this filter.',
  entries: 'Entries',
  showEarlierEntries: 'Show earlier entries',
  shop: 'Shop',
  deleted: 'deleted',
});
