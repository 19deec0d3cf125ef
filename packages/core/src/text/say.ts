/**
 * Words as codes: what is kept of a step, a warning or an event is a code and its parameters; the English stands in one
 * place, so that wording can be mended for old jobs too.
 */
import { EVENT_ENGLISH } from './events';
import { STEP_ENGLISH } from './steps';
import { WARNING_ENGLISH } from './warnings';

const ENGLISH = { ...STEP_ENGLISH, ...WARNING_ENGLISH, ...EVENT_ENGLISH } as const;

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

const isMessage = (param: Param): param is Message =>
  typeof param === 'object' && param !== null && !Array.isArray(param) && 'code' in param;

/**
 * The English of a message. A code that nobody knows any more is shown as it is, rather than losing the step.
 *
 * @example
 * textOf(say('edge.title.first', { stone: 'Red brick' })); // 'Set the edge on Red brick'
 */
export const textOf = (text: Text): string => {
  if ('length' in text) return text.map(textOf).join(' ');
  const entry: string | ((params: never) => string) | undefined = ENGLISH[text.code];
  if (entry === undefined) return text.code;
  if (typeof entry === 'string') return entry;
  const params = Object.fromEntries(
    Object.entries(text.params ?? {}).map(([name, param]) => [
      name,
      isMessage(param) ? textOf(param) : param,
    ]),
  );
  return entry(params as never);
};

/** Words somebody typed themselves. */
export const ownText = (text: string): Message => say('own.text', { text });

/** The messages of several texts, one after the other. */
export const joined = (...texts: readonly Text[]): readonly Message[] =>
  texts.flatMap((text) => ('length' in text ? text : [text]));

/** What was kept before wording had codes was the wording itself. */
export const asMessage = (kept: Message | string): Message =>
  typeof kept === 'string' ? ownText(kept) : kept;

/** The same of several. */
export const asText = (kept: Text | string): Text =>
  typeof kept === 'string' ? ownText(kept) : kept;
