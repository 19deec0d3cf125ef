/** The customer's yes, what is protected, the estimate, the price list, photographs and their marks. */
import Joi from 'joi';
import {
  PRICE_GROUPS,
  PRICE_ITEMS,
  type EstimateLine,
  type Price,
  type PriceTerms,
} from '@patient-edge/core';
import { number, oneOf, optionalText, text, version, type Checked } from './schema-parts';
import { STRINGS } from './field-strings';

export interface ConsentBody {
  readonly version: number;
  /** Which matter, as the judgement names it, and the words it was put in. */
  readonly matter: string;
  readonly text: string;
  readonly answer: 'yes' | 'no';
  /** Who said so: the customer, or whoever they sent. */
  readonly name: string;
}
export const consentSchema = Joi.object<Checked<ConsentBody>, true>({
  version,
  matter: text(STRINGS.matter, 40).required(),
  text: text(STRINGS.whatWasAsked, 300).required(),
  answer: oneOf(STRINGS.answer, ['yes', 'no']),
  name: text(STRINGS.whoSaidSo, 80).required(),
});

export interface ProtectionBody {
  readonly version: number;
  /** What was done of the list, by its ids. */
  readonly done: readonly string[];
}
export const protectionSchema = Joi.object<Checked<ProtectionBody>, true>({
  version,
  done: Joi.array().items(text(STRINGS.protection, 40).required()).max(20).unique().required(),
});

const minor = (label: string) => number().integer().min(0).max(100_000_000).required().label(label);

export interface EstimateBody {
  readonly version: number;
  readonly lines: readonly EstimateLine[];
  /** Who agreed; null while it is only ours. */
  readonly agreedBy: string | null;
}
export const estimateSchema = Joi.object<Checked<EstimateBody>, true>({
  version,
  lines: Joi.array()
    .items(
      Joi.object<Checked<EstimateLine>, true>({
        label: text(STRINGS.whatFor, 120).required(),
        lowMinor: minor(STRINGS.from),
        highMinor: minor(STRINGS.to),
      }).custom((line: EstimateLine, helpers) =>
        line.highMinor < line.lowMinor ? helpers.error('estimate.order') : line,
      ),
    )
    .min(1)
    .max(20)
    .required()
    .label(STRINGS.lines),
  agreedBy: text(STRINGS.agreedBy, 80).allow(null).required(),
}).messages({ 'estimate.order': STRINGS.theUpperPriceMustNotBe });

export const CURRENCIES = [
  'EUR',
  'USD',
  'GBP',
  'CHF',
  'SEK',
  'NOK',
  'DKK',
  'PLN',
  'CZK',
  'HUF',
  'JPY',
  'CAD',
  'AUD',
  'NZD',
  'INR',
  'ZAR',
  'BRL',
  'MXN',
  'KRW',
  'TRY',
] as const;

/** The list as it is kept, with the version it was read at. */
export interface PriceListBody extends PriceTerms {
  readonly version: number;
  readonly currency: string;
}
export const priceListSchema = Joi.object<Checked<PriceListBody>, true>({
  version,
  currency: oneOf(STRINGS.currency, CURRENCIES),
  prices: Joi.array()
    .items(
      Joi.object<Checked<Price>, true>({
        item: oneOf(STRINGS.item, PRICE_ITEMS),
        group: oneOf(STRINGS.forWord, PRICE_GROUPS),
        amountMinor: minor(STRINGS.price),
      }),
    )
    .max(60)
    .required()
    .label(STRINGS.prices)
    .custom((prices: readonly Price[], helpers) => {
      const again = prices.findIndex(({ item, group }, index) =>
        prices.slice(0, index).some((each) => each.item === item && each.group === group),
      );
      return again < 0 ? prices : helpers.error('prices.twice', { field: `prices.${again}.group` });
    }),
  lengthIncludedMm: number().min(0).max(900).required().label(STRINGS.edgeLengthIncludedMm),
  lengthStepMm: number().min(5).max(900).required().label(STRINGS.furtherLengthCountsByMm),
  minutesIncluded: number().min(0).max(600).required().label(STRINGS.minutesIncluded),
}).messages({ 'prices.twice': STRINGS.thisItemStandsTwiceForThe });

export interface PhotoMark {
  /** Shares of width and height. */
  readonly x: number;
  readonly y: number;
  readonly note: string;
}
/** What is measured on a close picture, by two clicks. */
export const MEASURED_ON_PICTURE = ['burr width', 'scratch spacing', 'chip depth'] as const;
export interface MeasuredOnPicture {
  readonly what: (typeof MEASURED_ON_PICTURE)[number];
  readonly um: number;
}
/** A close picture: when in the work it was taken, of which spot, and what was read off it. */
export interface CloseUp {
  readonly taken: 'before' | 'step' | 'after';
  /** The step after which it was taken; null before and after all of them. */
  readonly stepId: number | null;
  /** The same words for the same spot: pictures of it are laid side by side. */
  readonly spot: string;
  /** Micrometres a pixel, from a stage micrometer or a wire; null until it is set. */
  readonly umPerPx: number | null;
  readonly measured: readonly MeasuredOnPicture[];
}
export interface PhotographBody {
  readonly version: number;
  readonly note: string;
  readonly marks: readonly PhotoMark[];
  readonly closeUp: CloseUp | null;
}
const share = (label: string) => number().min(0).max(1).required().label(label);
export const photographSchema = Joi.object<Checked<PhotographBody>, true>({
  version,
  note: optionalText(STRINGS.note, 300),
  marks: Joi.array()
    .items(
      Joi.object<Checked<PhotoMark>, true>({
        x: share(STRINGS.across),
        y: share(STRINGS.down),
        note: optionalText(STRINGS.mark, 200),
      }),
    )
    .max(40)
    .required()
    .label(STRINGS.marks),
  closeUp: Joi.object<Checked<CloseUp>, true>({
    taken: oneOf(STRINGS.takenWhen, ['before', 'step', 'after']),
    stepId: number().integer().min(1).allow(null).required().label(STRINGS.step),
    spot: optionalText(STRINGS.spot, 40),
    umPerPx: number().min(0.001).max(1000).allow(null).required().label(STRINGS.micrometresAPixel),
    measured: Joi.array()
      .items(
        Joi.object<Checked<MeasuredOnPicture>, true>({
          what: oneOf(STRINGS.whatWasMeasured, MEASURED_ON_PICTURE),
          um: number().min(0.01).max(100_000).required().label(STRINGS.measuredM),
        }),
      )
      .max(40)
      .required()
      .label(STRINGS.measured),
  })
    .allow(null)
    .default(null)
    .label(STRINGS.closePicture),
});
/** Which picture of the microscope is taken. */
export const microscopeSchema = Joi.object<Checked<{ readonly shot: string }>, true>({
  shot: text(STRINGS.picture, 60).required(),
});
export const PHOTOGRAPH_TYPES = ['image/jpeg', 'image/png', 'image/webp'] as const;
export const MOST_PHOTOGRAPH_BYTES = 25 * 1024 * 1024;
export const MOST_PHOTOGRAPHS = 24;

export const LABEL_KINDS = ['tag', 'ticket'] as const;
export interface LabelBody {
  readonly what: (typeof LABEL_KINDS)[number];
}
export const labelSchema = Joi.object<Checked<LabelBody>, true>({
  what: oneOf(STRINGS.whatToPrint, LABEL_KINDS),
});
