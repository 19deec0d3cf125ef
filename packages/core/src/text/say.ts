/**
 * Words as codes: what is kept of a step, a warning or an event is a code and its parameters; the English stands in one
 * place, so that wording can be mended for old jobs too.
 */
import type { ENGLISH } from './catalogue';

type English = typeof ENGLISH;
export type MessageCode = keyof English;

/** A parameter may itself be said in words. */
export type Param =
  | string
  | number
  | boolean
  | null
  | Message
  | readonly Param[]
  | { readonly [name: string]: Param };

export interface Message {
  readonly code: MessageCode;
  readonly params?: { readonly [name: string]: Param };
}

/** One message, or several that follow each other. */
export type Text = Message | readonly Message[];

type ParamsOf<C extends MessageCode> = English[C] extends (params: infer P) => string
  ? { readonly [Name in keyof P]: P[Name] extends string ? P[Name] | Message : P[Name] }
  : undefined;

/**
 * A message by its code, with what its wording needs.
 *
 * @example
 * say('edge.title.first', { stone: 'Red brick' });
 */
export const say = <C extends MessageCode>(
  code: C,
  ...params: ParamsOf<C> extends undefined ? [] : [ParamsOf<C>]
): Message => {
  const [given] = params;
  return given === undefined ? { code } : { code, params: given };
};

/**
 * Words somebody typed themselves.
 *
 * @example
 * textOf(ownText('As last time')); // "As last time"
 */
export const ownText = (text: string): Message => say('own.text', { text });

/** The messages of several texts, one after the other. */
export const joined = (...texts: readonly Text[]): readonly Message[] =>
  texts.flatMap((text) => ('length' in text ? text : [text]));

/**
 * What was kept before wording had codes was the wording itself.
 *
 * @example
 * textOf(asMessage('Thin it.')); // "Thin it."
 */
export const asMessage = (kept: Message | string): Message =>
  typeof kept === 'string' ? ownText(kept) : kept;

/**
 * The same of several.
 *
 * @example
 * textOf(asText('Thin it.')); // "Thin it."
 */
export const asText = (kept: Text | string): Text =>
  typeof kept === 'string' ? ownText(kept) : kept;
