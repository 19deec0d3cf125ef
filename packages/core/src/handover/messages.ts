/** What customers are written: templates with blanks that are filled in, and the templates a shop begins with. */
import { STRINGS } from './strings';
export const MESSAGE_KINDS = ['ready', 'late', 'due', 'reminder'] as const;
export type MessageKind = (typeof MESSAGE_KINDS)[number];

/** What may stand in braces in a template. */
export const BLANKS = [
  'customer',
  'blades',
  'tags',
  'price',
  'place',
  'page',
  'shop',
  'address',
  'phone',
] as const;
export type Blank = (typeof BLANKS)[number];
export type Filling = Readonly<Record<Blank, string>>;

export interface MessageTemplate {
  readonly subject: string;
  readonly body: string;
}
export type MessageTemplates = Readonly<Record<MessageKind, MessageTemplate>>;

const SIGNED = '\n\n{shop}\n{address}\n{phone}';

export const USUAL_TEMPLATES: MessageTemplates = {
  ready: {
    subject: STRINGS.readyToCollectBlades,
    body: STRINGS.goodDayCustomerBladesCanBe(SIGNED),
  },
  late: {
    subject: STRINGS.aLittleLaterBlades,
    body: STRINGS.goodDayCustomerBladesTagTags(SIGNED),
  },
  due: {
    subject: STRINGS.isItStillSharpBlades,
    body: STRINGS.goodDayCustomerByNowBlades(SIGNED),
  },
  reminder: {
    subject: STRINGS.stillHereBlades,
    body: STRINGS.goodDayCustomerBladesTagTagsIs(SIGNED),
  },
};

const BLANK = /\{([^{}]*)\}/g;

/**
 * The blanks of a template that nothing is known of, as they stand.
 *
 * @example
 * unknownBlanks('Good day {customer}, {name}'); // ["{name}"]
 */
export const unknownBlanks = (text: string): readonly string[] =>
  [...text.matchAll(BLANK)].flatMap(([whole, name]) =>
    (BLANKS as readonly string[]).includes(name!) ? [] : [whole],
  );

/** Blanks filled in; a line that was nothing but blanks with nothing in them goes. */
const fillText = (text: string, filling: Filling): string =>
  text
    .split('\n')
    .flatMap((line) => {
      const filled = line.replaceAll(BLANK, (whole, name: string) =>
        Object.hasOwn(filling, name) ? filling[name as Blank] : whole,
      );
      return filled.trim() === '' && line.trim() !== '' ? [] : [filled];
    })
    .join('\n')
    .trim();

/**
 * Blanks filled in. A subject is one line whatever stands in its blanks; a blank nobody knows stays as it was typed.
 *
 * @example
 * fillTemplate({ subject: 'Ready', body: '{page}' }, { customer: '', blades: '', tags: '', price: '', place: '', page: 'x', shop: '', address: '', phone: '' }).body; // "x"
 */
export const fillTemplate = (
  { subject, body }: MessageTemplate,
  filling: Filling,
): MessageTemplate => ({
  subject: fillText(subject, filling).replaceAll(/\s+/g, ' '),
  body: fillText(body, filling),
});
