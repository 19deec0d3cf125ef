/** Money is kept in the minor unit of the shop's currency, and written as the books write it. */
import { STRINGS } from './strings';

const formatOf = (currency: string): Intl.NumberFormat =>
  new Intl.NumberFormat('en', { style: 'currency', currency, currencyDisplay: 'code' });

/** Digits after the point: 2 for most, 0 for yen. */
export const minorDigits = (currency: string): number =>
  formatOf(currency).resolvedOptions().maximumFractionDigits ?? 2;

/** `EUR 12.00`, its blank one that does not break. */
export const money = (minor: number, currency: string): string =>
  formatOf(currency).format(minor / 10 ** minorDigits(currency));

/** One amount, or from one to the other. */
export const moneyRange = (lowMinor: number, highMinor: number, currency: string): string =>
  lowMinor === highMinor
    ? money(lowMinor, currency)
    : STRINGS.to2(money(lowMinor, currency), money(highMinor, currency));

/** As it stands in a field to be typed over: `12.00`. */
export const typedMoney = (minor: number, currency: string): string =>
  (minor / 10 ** minorDigits(currency)).toFixed(minorDigits(currency));

/** An amount typed in whole units, in minor ones. */
export const toMinor = (amount: number, currency: string): number =>
  Math.round(amount * 10 ** minorDigits(currency));
