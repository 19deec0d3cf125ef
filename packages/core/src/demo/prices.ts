/** The price list of the demo's shop, in the minor unit of its money. */
import type { PriceTerms } from '../price';

export const DEMO_CURRENCY = 'EUR';

export const DEMO_PRICES: PriceTerms = {
  lengthIncludedMm: 200,
  lengthStepMm: 50,
  minutesIncluded: 20,
  prices: [
    { item: 'blade', group: 'any', amountMinor: 1000 },
    { item: 'blade', group: 'one-sided', amountMinor: 2600 },
    { item: 'blade', group: 'serrated', amountMinor: 800 },
    { item: 'blade', group: 'axe', amountMinor: 1400 },
    { item: 'blade', group: 'razor', amountMinor: 2200 },
    { item: 'length', group: 'any', amountMinor: 150 },
    { item: 'chip', group: 'any', amountMinor: 300 },
    { item: 'thinning', group: 'any', amountMinor: 1200 },
    { item: 'tip', group: 'any', amountMinor: 800 },
    { item: 'outline', group: 'any', amountMinor: 900 },
    { item: 'scallop', group: 'serrated', amountMinor: 30 },
    { item: 'minute', group: 'any', amountMinor: 90 },
  ],
};
