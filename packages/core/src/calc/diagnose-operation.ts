/** Which cause it is, from outside: causes, signs, what was seen and not seen. */
import { diagnose, type Cause, type Sign } from '../edgetest';
import { ok, type Result } from '../units';
import { POSITIVE, refuse, type Limits, type Reader } from './reader';

/** Strictly between: what is certain, or never, leaves nothing to be learnt. */
const CHANCE: Limits = { above: 0, below: 1 };

const noTwice = (ids: readonly string[], field: string): void => {
  const twice = ids.findIndex((id, index) => ids.indexOf(id) < index);
  if (twice >= 0)
    refuse(`${field}[${twice}].id`, `${field}[${twice}].id: "${ids[twice]}" is there twice`);
};

const causeOf = (from: Reader): Cause => {
  const cause = { id: from.text('id'), prior: from.number('prior', POSITIVE) };
  from.end();
  return cause;
};

const signOf = (from: Reader, causes: readonly Cause[]): Sign => {
  const chances = from.object('given');
  const given = Object.fromEntries(
    chances.names().map((name) => {
      if (!causes.some(({ id }) => id === name))
        refuse(chances.pathOf(name), `${chances.pathOf(name)}: there is no cause "${name}"`);
      return [name, chances.number(name, CHANCE)];
    }),
  );
  const sign = {
    id: from.text('id'),
    minutes: from.number('minutes', POSITIVE),
    given,
    otherwise: from.number('otherwise', CHANCE),
  };
  from.end();
  return sign;
};

const seenOf = (from: Reader, signs: readonly Sign[]): Record<string, boolean> =>
  Object.fromEntries(
    from.names().map((name) => {
      if (!signs.some(({ id }) => id === name))
        refuse(from.pathOf(name), `${from.pathOf(name)}: there is no sign "${name}"`);
      return [name, from.yesOrNo(name, false)];
    }),
  );

/** Errors: INVALID_INPUT, naming the field. */
export const diagnoseOperation = (input: Reader): Result<object> => {
  const causes = input.objects('causes', 1).map(causeOf);
  noTwice(
    causes.map(({ id }) => id),
    'causes',
  );
  const signs = input.objects('signs').map((each) => signOf(each, causes));
  noTwice(
    signs.map(({ id }) => id),
    'signs',
  );
  const seen = input.isOpen('seen') ? {} : seenOf(input.object('seen'), signs);
  input.end();
  return ok(diagnose({ causes, signs, seen }));
};
