/** What a blade costs when it is done: from the list by the minutes it took, within what was agreed. */
import { estimate, totalOf, type EstimateFacts, type PriceTerms } from './estimate';

/** In the smallest coin. */
export interface BillAmounts {
  readonly priceMinor: number;
  readonly discountMinor: number;
  readonly paidMinor: number;
}

/**
 * What is still to pay; never below nothing.
 *
 * @example
 * toPayMinor({ priceMinor: 1200, discountMinor: 200, paidMinor: 400 }); // 600
 */
export const toPayMinor = ({ priceMinor, discountMinor, paidMinor }: BillAmounts): number =>
  Math.max(0, priceMinor - discountMinor - paidMinor);

/**
 * What to ask for a blade that is done, in the smallest coin: the list by the minutes worked, never outside what was
 * agreed (null where nothing was). Null where the list has no price for it and nothing was agreed.
 */
export const suggestedPriceMinor = (
  terms: PriceTerms,
  facts: Omit<EstimateFacts, 'minutes'>,
  workedSeconds: number,
  agreed: { readonly lowMinor: number; readonly highMinor: number } | null,
): number | null => {
  const minutes = workedSeconds / 60;
  const lines = estimate(terms, { ...facts, minutes: [minutes, minutes] });
  if (agreed === null) return lines.length === 0 ? null : totalOf(lines).lowMinor;
  return Math.min(agreed.highMinor, Math.max(agreed.lowMinor, totalOf(lines).lowMinor));
};
