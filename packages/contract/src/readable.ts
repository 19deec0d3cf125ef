/**
 * What no schema needs to see: a body nested without end, text that is no Unicode, and keys that would stand in for
 * what every object can do, so that reading the body would run it.
 */
import { STRINGS } from './strings';
export interface FieldError {
  /** Dotted path of the field. */
  readonly field: string;
  readonly message: string;
}

const DEEPEST = 32;
const RESERVED = new Set([
  'toString',
  'toJSON',
  'valueOf',
  'constructor',
  'hasOwnProperty',
  '__proto__',
]);
/** Half of a pair that stands for one letter. */
const LONE_SURROGATE = /\p{Surrogate}/u;

interface Place {
  readonly value: unknown;
  readonly path: readonly string[];
}

const refusal = (path: readonly string[], what: string): FieldError => {
  const field = path.slice(0, 8).join('.');
  return { field, message: `${field === '' ? STRINGS.theRequest : field} ${what}` };
};

/** The first thing in a parsed JSON body that cannot be taken; null when all of it can. */
export const unreadable = (body: unknown): FieldError | null => {
  const open: Place[] = [{ value: body, path: [] }];
  for (let place = open.pop(); place !== undefined; place = open.pop()) {
    const { value, path } = place;
    if (typeof value === 'string' && LONE_SURROGATE.test(value))
      return refusal(path, STRINGS.holdsHalfOfACharacter);
    if (typeof value !== 'object' || value === null) continue;
    if (path.length >= DEEPEST) return refusal(path, STRINGS.isNestedDeeperThan(DEEPEST));
    for (const [key, each] of Object.entries(value)) {
      if (RESERVED.has(key)) return refusal([...path, key], STRINGS.isNotAFieldHere);
      if (LONE_SURROGATE.test(key)) return refusal(path, STRINGS.holdsHalfOfACharacter);
      open.push({ value: each, path: [...path, key] });
    }
  }
  return null;
};
