/** An estimate from the shop's price list: its lines, each with a low and a high, in minor units of money. */
import { localized } from '../text';
import { SLACK } from '../units';
import { isOneSided, type BladeKind, type Damage } from '../blade';
import { DEEP_CHIP_MM } from './first-guesses';
import { STRINGS } from './strings';

export const PRICE_ITEMS = [
  'blade',
  'length',
  'chip',
  'thinning',
  'tip',
  'scallop',
  'outline',
  'minute',
] as const;
export type PriceItem = (typeof PRICE_ITEMS)[number];

export const PRICE_GROUPS = [
  'any',
  'kitchen',
  'trade',
  'outdoor',
  'leather and wood',
  'axe',
  'razor',
  'one-sided',
  'serrated',
] as const;
export type PriceGroup = (typeof PRICE_GROUPS)[number];

export interface Price {
  readonly item: PriceItem;
  /** Whom it is for; the narrowest that fits goes before `any`. */
  readonly group: PriceGroup;
  readonly amountMinor: number;
}

export interface PriceTerms {
  readonly prices: readonly Price[];
  /** Edge length that the price of a blade holds, and the step beyond it, mm. */
  readonly lengthIncludedMm: number;
  readonly lengthStepMm: number;
  /** Minutes at the bench that it holds. */
  readonly minutesIncluded: number;
}

export interface EstimateFacts {
  readonly kind: BladeKind;
  readonly edgeLengthMm: number;
  readonly damage: readonly Damage[];
  readonly thin: boolean;
  readonly scallops: number | null;
  /** 10th to 90th percentile; null where no plan can say. */
  readonly minutes: readonly [low: number, high: number] | null;
}

export interface EstimateLine {
  readonly label: string;
  readonly lowMinor: number;
  readonly highMinor: number;
}

/** What each item is called on the list, and by what it is counted. */
export const PRICE_LABELS: Readonly<Record<PriceItem, string>> = localized({
  blade: 'A blade, its edge',
  length: 'Each further length',
  chip: 'A chip taken out',
  thinning: 'Thinning',
  tip: 'Tip restored',
  scallop: 'A scallop',
  outline: 'Outline straightened',
  minute: 'A minute beyond',
});

const groupsOf = (kind: BladeKind): readonly PriceGroup[] => [
  ...(isOneSided(kind) ? (['one-sided'] as const) : []),
  ...(kind.grind === 'serrated' ? (['serrated'] as const) : []),
  kind.group,
  'any',
];

/** The price of an item for that kind; null when the list has none. */
export const priceOf = (terms: PriceTerms, item: PriceItem, kind: BladeKind): number | null => {
  for (const group of groupsOf(kind)) {
    const price = terms.prices.find((each) => each.item === item && each.group === group);
    if (price) return price.amountMinor;
  }
  return null;
};

/**
 * The lines of an estimate, from the price list.
 *
 * @example
 * estimate(DEMO_PRICES, { kind: bladeKind('chef'), edgeLengthMm: 200, damage: [], thin: false, scallops: null, minutes: null })[0]!.lowMinor; // 1000
 */
export const estimate = (terms: PriceTerms, facts: EstimateFacts): EstimateLine[] => {
  const { kind, damage } = facts;
  const lines: EstimateLine[] = [];
  const add = (item: PriceItem, label: string, low: number, high: number = low): void => {
    const each = priceOf(terms, item, kind);
    if (each === null || high <= 0) return;
    lines.push({ label, lowMinor: Math.round(each * low), highMinor: Math.round(each * high) });
  };
  const times = (count: number): string => (count === 1 ? '' : STRINGS.times(count));
  add('blade', kind.label, 1);
  const steps = Math.ceil(
    (facts.edgeLengthMm - terms.lengthIncludedMm) / terms.lengthStepMm - SLACK,
  );
  if (steps > 0)
    add(
      'length',
      STRINGS.mmLongBeyondMm(facts.edgeLengthMm, terms.lengthIncludedMm, times(steps)),
      steps,
    );
  const chips = damage.filter((each) => each.kind === 'chip');
  const deep = chips.filter(({ depthMm }) => depthMm > DEEP_CHIP_MM).length;
  // Chips side by side come out together: at the least as one.
  if (chips.length > 0)
    add(
      'chip',
      STRINGS.takenOut(chips.length === 1 ? STRINGS.aChip : STRINGS.chips(chips.length)),
      1,
      chips.length + deep,
    );
  if (facts.thin) add('thinning', STRINGS.thinning, 1);
  if (damage.some((each) => each.kind === 'missing tip' || each.kind === 'bent tip'))
    add('tip', STRINGS.tipRestored, 1);
  if (damage.some((each) => ['recurve', 'high spot', 'over-ground heel'].includes(each.kind)))
    add('outline', STRINGS.outlineStraightened, 1);
  if (facts.scallops !== null) add('scallop', STRINGS.scallops(facts.scallops), facts.scallops);
  if (facts.minutes) {
    const [low, high] = facts.minutes.map((each) => Math.max(0, each - terms.minutesIncluded));
    const rounded = [Math.floor(low!), Math.ceil(high!)] as const;
    add(
      'minute',
      STRINGS.minutesBeyond(
        rounded[0] === rounded[1] ? rounded[0] : STRINGS.to(rounded[0], rounded[1]),
        terms.minutesIncluded,
      ),
      rounded[0],
      rounded[1],
    );
  }
  return lines;
};

/**
 * The sum of the lines.
 *
 * @example
 * totalOf([]); // {"lowMinor":0,"highMinor":0}
 */
export const totalOf = (
  lines: readonly EstimateLine[],
): { readonly lowMinor: number; readonly highMinor: number } => ({
  lowMinor: lines.reduce((sum, { lowMinor }) => sum + lowMinor, 0),
  highMinor: lines.reduce((sum, { highMinor }) => sum + highMinor, 0),
});

/** Beyond twice the likely price work stops and the customer is asked again. */
const MOST_TIMES_LIKELY = 2;

/** A price a customer can be told, in the smallest coin. */
export interface ToldPrice {
  readonly likelyMinor: number;
  readonly mostMinor: number;
}

/**
 * Likely, by the working time as planned, and at most: never more than twice that.
 * In the smallest coin; the working time in seconds.
 */
export const toldPrice = (
  terms: PriceTerms,
  facts: EstimateFacts,
  workingSeconds: number,
): ToldPrice => {
  const minutes = workingSeconds / 60;
  const likely = totalOf(estimate(terms, { ...facts, minutes: [minutes, minutes] })).lowMinor;
  const { highMinor } = totalOf(estimate(terms, facts));
  return {
    likelyMinor: likely,
    mostMinor: Math.max(likely, Math.min(highMinor, MOST_TIMES_LIKELY * likely)),
  };
};
