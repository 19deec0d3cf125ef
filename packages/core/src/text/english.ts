/** The English of every code: only where words are shown, so that computing a plan does not carry it. */
import { ENGLISH } from './catalogue';
import type { Message, Param, Text } from './say';

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
