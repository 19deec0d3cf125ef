/** From a passed test to the customer: price and payment, who collects what, messages, answers and complaints. */
import Joi from 'joi';
import {
  BLANKS,
  FAULT_SIGN_IDS,
  FAULT_SIGNS,
  MESSAGE_KINDS,
  unknownBlanks,
  type MessageKind,
  type MessageTemplate,
  type MessageTemplates,
  type SeenSigns,
} from '@patient-edge/core';
import {
  id,
  isoDate,
  number,
  oneOf,
  optionalText,
  text,
  version,
  yesOrNo,
  type Checked,
} from './schema-parts';
import { CURRENCIES } from './judge-schemas';
import { OWN_ID } from './schemas';
import { STRINGS } from './field-strings';

const minor = (label: string) => number().integer().min(0).max(100_000_000).required().label(label);

export interface BillBody {
  readonly version: number;
  readonly priceMinor: number;
  readonly discountMinor: number;
  /** Why; wanted with a discount. */
  readonly discountReason: string;
}
export const billSchema = Joi.object<Checked<BillBody>, true>({
  version,
  priceMinor: minor(STRINGS.price),
  discountMinor: minor(STRINGS.discount).max(Joi.ref('priceMinor')).messages({
    'number.max': STRINGS.discountAtMostThePriceItself,
  }),
  discountReason: text(STRINGS.reasonOfTheDiscount, 200).when('discountMinor', {
    is: Joi.number().greater(0),
    then: Joi.string().min(3).required(),
    otherwise: Joi.string().allow('').default(''),
  }),
});

export const PAYMENT_METHODS = ['cash', 'card', 'transfer'] as const;
export type PaymentMethod = (typeof PAYMENT_METHODS)[number];

export interface PaidLine {
  readonly jobId: number;
  readonly amountMinor: number;
}
export interface PaymentBody {
  readonly method: PaymentMethod;
  readonly lines: readonly PaidLine[];
}
const MOST_AT_ONCE = 40;
const jobId = id(STRINGS.blade).required();
const paidLines = Joi.array()
  .items(
    Joi.object<Checked<PaidLine>, true>({
      jobId,
      amountMinor: minor(STRINGS.amount).min(1),
    }),
  )
  .min(1)
  .max(MOST_AT_ONCE)
  .unique('jobId')
  .required()
  .label(STRINGS.paidFor);
export const paymentSchema = Joi.object<Checked<PaymentBody>, true>({
  method: oneOf(STRINGS.paidBy, PAYMENT_METHODS),
  lines: paidLines,
});

export interface CollectedLine {
  readonly jobId: number;
  readonly version: number;
  /** Read off the tag in the customer's hand. */
  readonly tagNumber: number;
}
export interface HandOverBody {
  readonly lines: readonly CollectedLine[];
  readonly sheathed: boolean;
  /** Who stood there; empty for the customer. */
  readonly collectedBy: string;
  /** Null where nothing is paid now. */
  readonly payment: PaymentBody | null;
}
export const handOverSchema = Joi.object<Checked<HandOverBody>, true>({
  lines: Joi.array()
    .items(
      Joi.object<Checked<CollectedLine>, true>({
        jobId,
        version,
        tagNumber: number().integer().min(1).max(9999).required().label(STRINGS.tagNumber),
      }),
    )
    .min(1)
    .max(MOST_AT_ONCE)
    .unique('jobId')
    .required()
    .label(STRINGS.blades),
  sheathed: yesOrNo().required().label(STRINGS.sheathedOrWrapped),
  collectedBy: optionalText(STRINGS.collectedBy, 80),
  payment: paymentSchema.allow(null).required().label(STRINGS.payment),
});

/** Which day the takings are of; today where nothing is said. */
export const daySchema = Joi.object<Checked<{ readonly day: string | null }>, true>({
  day: isoDate(STRINGS.day).allow(null).default(null),
});
/** Which month a statement is of. */
export const monthSchema = Joi.object<Checked<{ readonly month: string }>, true>({
  month: Joi.string()
    .pattern(/^\d{4}-(0[1-9]|1[0-2])$/, { name: STRINGS.aMonthAsYyyyMm })
    .required()
    .label(STRINGS.month),
});

/** What stands on receipts and in messages, and where customers reach their page. */
export interface ShopDetails {
  /** In lines. */
  readonly address: string;
  readonly phone: string;
  readonly email: string;
  /** In lines: numbers and what tax law wants on a receipt. */
  readonly taxLines: string;
  /** Where the application is reached from outside; empty where it is not, and no code is printed. */
  readonly publicAddress: string;
  /** A complaint within so many days is on the house. */
  readonly houseDays: number;
  readonly templates: MessageTemplates;
}
/** What the owner sets of the shop. */
export interface ShopBody extends ShopDetails {
  readonly shopName: string;
  /** ISO 4217 */
  readonly currency: string;
}
/** The same as it is held. */
export interface ShopSheet extends ShopBody {
  /** Money was written down in the currency: it stays. */
  readonly currencySettled: boolean;
}
const template = Joi.object<Checked<MessageTemplate>, true>({
  subject: text(STRINGS.subject, 150).required(),
  body: text(STRINGS.text, 3000).required(),
})
  .custom((typed: MessageTemplate, helpers) => {
    for (const part of ['subject', 'body'] as const) {
      const [unknown] = unknownBlanks(typed[part]);
      if (unknown !== undefined)
        return helpers.error('template.blank', {
          unknown,
          field: `${(helpers.state.path ?? []).join('.')}.${part}`,
        });
    }
    return typed;
  })
  .required();
export const shopDetailsSchema = Joi.object<Checked<ShopBody>, true>({
  shopName: text(STRINGS.nameOfTheShop, 80).required(),
  currency: oneOf(STRINGS.currency, CURRENCIES),
  address: optionalText(STRINGS.address, 300),
  phone: optionalText(STRINGS.telephone, 40),
  email: Joi.string()
    .trim()
    .max(120)
    .email({ tlds: false })
    .allow('')
    .default('')
    .label(STRINGS.eMail),
  taxLines: optionalText(STRINGS.taxLines, 300),
  publicAddress: Joi.string()
    .trim()
    .max(200)
    .uri({ scheme: ['https', 'http'] })
    .allow('')
    .default('')
    .label(STRINGS.publicAddress),
  houseDays: number().integer().min(0).max(365).required().label(STRINGS.daysOnTheHouse),
  templates: Joi.object(
    Object.fromEntries(MESSAGE_KINDS.map((kind) => [kind, template.label(kind)])),
  )
    .required()
    .label(STRINGS.messages),
}).messages({
  'template.blank': STRINGS.unknownIsNotKnownKnownAre(BLANKS.join('}, {')).replaceAll(
    /\{(?!#)/g,
    '\\{',
  ),
});

export interface MessageBody {
  readonly kind: MessageKind;
  readonly jobIds: readonly number[];
}
export const messageSchema = Joi.object<Checked<MessageBody>, true>({
  kind: oneOf(STRINGS.message, MESSAGE_KINDS),
  jobIds: Joi.array()
    .items(jobId)
    .min(1)
    .max(MOST_AT_ONCE)
    .unique()
    .required()
    .label(STRINGS.blades),
});

export const VISIT_ANSWERS = ['dull again', 'something is wrong', 'wish'] as const;
export type VisitAnswer = (typeof VISIT_ANSWERS)[number];
export interface VisitAnswerBody {
  readonly answer: VisitAnswer;
  readonly words: string;
}
export const visitAnswerSchema = Joi.object<Checked<VisitAnswerBody>, true>({
  answer: oneOf(STRINGS.answer, VISIT_ANSWERS),
  words: optionalText(STRINGS.inYourWords, 500),
});

export interface ComplaintBody {
  readonly words: string;
  /** Seen, or looked for and not seen. */
  readonly signs: SeenSigns;
  /** Null while nobody has said. */
  readonly onTheHouse: boolean | null;
  readonly reason: string;
}
export const complaintSchema = Joi.object<Checked<ComplaintBody>, true>({
  words: optionalText(STRINGS.whatIsWrong, 500),
  signs: Joi.object(
    Object.fromEntries(
      FAULT_SIGN_IDS.map((sign) => [sign, yesOrNo().label(FAULT_SIGNS[sign].what)]),
    ),
  )
    .pattern(OWN_ID, yesOrNo().label(STRINGS.ownSign))
    .required()
    .label(STRINGS.signs),
  onTheHouse: yesOrNo().allow(null).required().label(STRINGS.onTheHouse),
  reason: optionalText(STRINGS.reason, 300),
});

export const sheetSizeSchema = Joi.object<Checked<{ readonly size: 'a4' | 'a5' }>, true>({
  size: Joi.string().valid('a4', 'a5').default('a5').label(STRINGS.sizeOfPaper),
});
