/** An estimate from the price list. */
export { suggestedPriceMinor, toPayMinor, type BillAmounts } from './bill';
export {
  estimate,
  PRICE_GROUPS,
  PRICE_ITEMS,
  PRICE_LABELS,
  toldPrice,
  totalOf,
  type EstimateLine,
  type Price,
  type PriceGroup,
  type PriceItem,
  type PriceTerms,
} from './estimate';
export { estimateFactsOf } from './estimate-facts';
