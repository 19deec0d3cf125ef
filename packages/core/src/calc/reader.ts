/**
 * Reads one JSON object from outside: every field by name, with its limits; what is missing, unknown, of the
 * wrong type, not finite or out of its limits is refused by its path. Small on purpose: the computation must
 * answer without any library of forms.
 */
import type { DomainError } from '../units';
import type { BladePoint } from '../geometry';

/** Carries the first refusal out of the reading; it never leaves this folder. */
export class Refusal extends Error {
  constructor(readonly error: DomainError) {
    super(error.message);
  }
}

export const refuse = (field: string, message: string): never => {
  throw new Refusal({ code: 'INVALID_INPUT', message, field });
};

export interface Limits {
  /** Least value allowed. */
  readonly min?: number;
  /** The value must be above this. */
  readonly above?: number;
  readonly max?: number;
  /** The value must be below this. */
  readonly below?: number;
  readonly whole?: boolean;
}

export const POSITIVE: Limits = { above: 0 };
export const NOT_NEGATIVE: Limits = { min: 0 };
/** An angle held to the datum plane, degrees. */
export const HELD_ANGLE: Limits = { above: 0, below: 90 };

const shown = (value: unknown): string => {
  const text = typeof value === 'number' ? String(value) : (JSON.stringify(value) ?? 'nothing');
  return text.length > 60 ? `${text.slice(0, 57)}…` : text;
};

/** A finite number within its limits, or a refusal that names field, limit and value. */
export const checkNumber = (value: unknown, field: string, limits: Limits = {}): number => {
  if (value === undefined) return refuse(field, `${field} is missing`);
  if (typeof value !== 'number')
    return refuse(field, `${field} must be a number; ${shown(value)} was given`);
  if (!Number.isFinite(value))
    return refuse(field, `${field} must be finite; ${shown(value)} was given`);
  const { min, above, max, below, whole } = limits;
  if (min !== undefined && value < min)
    refuse(field, `${field} must be at least ${min}; ${value} was given`);
  if (above !== undefined && value <= above)
    refuse(field, `${field} must be above ${above}; ${value} was given`);
  if (max !== undefined && value > max)
    refuse(field, `${field} must be at most ${max}; ${value} was given`);
  if (below !== undefined && value >= below)
    refuse(field, `${field} must be below ${below}; ${value} was given`);
  if (whole === true && !Number.isInteger(value))
    refuse(field, `${field} must be a whole number; ${value} was given`);
  return value;
};

const MOST_ENTRIES = 20_000;

const checkList = (value: unknown, field: string, least: number): readonly unknown[] => {
  if (value === undefined) return refuse(field, `${field} is missing`);
  if (!Array.isArray(value))
    return refuse(field, `${field} must be a list; ${shown(value)} was given`);
  if (value.length < least)
    return refuse(field, `${field} needs at least ${least} entries; ${value.length} were given`);
  if (value.length > MOST_ENTRIES) {
    return refuse(
      field,
      `${field} takes at most ${MOST_ENTRIES} entries; ${value.length} were given`,
    );
  }
  return value as readonly unknown[];
};

export class Reader {
  private readonly read = new Set<string>();
  private readonly from: Readonly<Record<string, unknown>>;

  constructor(
    input: unknown,
    private readonly path = '',
  ) {
    if (typeof input !== 'object' || input === null || Array.isArray(input)) {
      refuse(
        path === '' ? 'input' : path,
        `${path === '' ? 'The input' : path} must be an object; ${shown(input)} was given`,
      );
    }
    this.from = input as Readonly<Record<string, unknown>>;
  }

  pathOf(name: string): string {
    return this.path === '' ? name : `${this.path}.${name}`;
  }

  private take(name: string): unknown {
    this.read.add(name);
    return Object.hasOwn(this.from, name) ? this.from[name] : undefined;
  }

  has(name: string): boolean {
    return Object.hasOwn(this.from, name) && this.from[name] !== undefined;
  }

  number(name: string, limits: Limits = {}): number {
    return checkNumber(this.take(name), this.pathOf(name), limits);
  }

  optional(name: string, fallback: number, limits: Limits = {}): number {
    return this.has(name) ? this.number(name, limits) : fallback;
  }

  yesOrNo(name: string, fallback: boolean): boolean {
    const value = this.take(name);
    if (value === undefined) return fallback;
    if (typeof value === 'boolean') return value;
    const field = this.pathOf(name);
    return refuse(field, `${field} must be true or false; ${shown(value)} was given`);
  }

  /** True or false, said. */
  flag(name: string): boolean {
    if (!this.has(name)) refuse(this.pathOf(name), `${this.pathOf(name)} is missing`);
    return this.yesOrNo(name, false);
  }

  text(name: string): string {
    const value = this.take(name);
    const field = this.pathOf(name);
    if (value === undefined) return refuse(field, `${field} is missing`);
    if (typeof value !== 'string' || value === '') {
      return refuse(field, `${field} must be text; ${shown(value)} was given`);
    }
    return value;
  }

  oneOf<Choice extends string>(name: string, choices: readonly Choice[]): Choice {
    const value = this.text(name);
    const found = choices.find((choice) => choice === value);
    const field = this.pathOf(name);
    return (
      found ??
      refuse(field, `${field} must be one of ${choices.join(', ')}; ${shown(value)} was given`)
    );
  }

  /** Whether text was given, and no list or object. */
  isText(name: string): boolean {
    return typeof this.take(name) === 'string';
  }

  /** Missing, or null: nothing was decided. */
  isOpen(name: string): boolean {
    const value = this.take(name);
    return value === undefined || value === null;
  }

  /** As `number`, or what stands where nothing was decided; null decides nothing. */
  openNumber(name: string, fallback: number | null, limits: Limits = {}): number | null {
    return this.isOpen(name) ? fallback : this.number(name, limits);
  }

  openText(name: string, fallback: string | null): string | null {
    return this.isOpen(name) ? fallback : this.text(name);
  }

  openYesOrNo(name: string, fallback: boolean | null): boolean | null {
    return this.isOpen(name) ? fallback : this.yesOrNo(name, false);
  }

  openChoice<Choice extends string>(
    name: string,
    choices: readonly Choice[],
    fallback: Choice | null,
  ): Choice | null {
    return this.isOpen(name) ? fallback : this.oneOf(name, choices);
  }

  /** One of the choices, or what is usual where nothing was decided. */
  choice<Choice extends string>(
    name: string,
    choices: readonly Choice[],
    fallback: Choice,
  ): Choice {
    return this.isOpen(name) ? fallback : this.oneOf(name, choices);
  }

  /** Text that may be empty. */
  anyText(name: string): string {
    const value = this.take(name);
    const field = this.pathOf(name);
    return typeof value === 'string'
      ? value
      : refuse(field, `${field} must be text; ${shown(value)} was given`);
  }

  /** Every field, by its name. */
  names(): readonly string[] {
    return Object.keys(this.from);
  }

  texts(name: string): string[] {
    const field = this.pathOf(name);
    return checkList(this.take(name), field, 0).map((value, index) =>
      typeof value === 'string'
        ? value
        : refuse(
            `${field}[${index}]`,
            `${field}[${index}] must be text; ${shown(value)} was given`,
          ),
    );
  }

  numbers(name: string, limits: Limits = {}, least = 0): number[] {
    const field = this.pathOf(name);
    return checkList(this.take(name), field, least).map((value, index) =>
      checkNumber(value, `${field}[${index}]`, limits),
    );
  }

  /** A number, or a list of them. */
  numberOrList(name: string, limits: Limits): number | number[] {
    return Array.isArray(this.from[name])
      ? this.numbers(name, limits, 1)
      : this.number(name, limits);
  }

  tuple<Length extends 2 | 3>(name: string, length: Length): number[] {
    const field = this.pathOf(name);
    const values = this.numbers(name, {}, length);
    if (values.length !== length)
      refuse(field, `${field} must hold ${length} numbers; ${values.length} were given`);
    return values;
  }

  /** Two numbers, the first not above the second. */
  range(name: string, limits: Limits = {}): readonly [number, number] {
    const [low, high] = this.tuple(name, 2) as [number, number];
    const field = this.pathOf(name);
    checkNumber(low, `${field}[0]`, limits);
    checkNumber(high, `${field}[1]`, limits);
    if (low > high) refuse(field, `${field}: ${low} is above ${high}`);
    return [low, high];
  }

  /** Points as pairs of numbers. */
  points(name: string, least: number): BladePoint[] {
    const field = this.pathOf(name);
    return checkList(this.take(name), field, least).map((value, index): BladePoint => {
      const at = `${field}[${index}]`;
      if (!Array.isArray(value) || value.length !== 2) {
        return refuse(at, `${at} must be two numbers; ${shown(value)} was given`);
      }
      return [checkNumber(value[0], `${at}[0]`), checkNumber(value[1], `${at}[1]`)];
    });
  }

  /** Points whose first numbers grow. */
  curve(name: string, least: number): BladePoint[] {
    const points = this.points(name, least);
    const field = this.pathOf(name);
    points.forEach(([z], index) => {
      const before = points[index - 1];
      if (before && z <= before[0])
        refuse(field, `${field} must grow along the blade: ${z} follows ${before[0]}`);
    });
    return points;
  }

  object(name: string): Reader {
    const value = this.take(name);
    const field = this.pathOf(name);
    if (value === undefined) refuse(field, `${field} is missing`);
    return new Reader(value, field);
  }

  objects(name: string, least = 0): Reader[] {
    const field = this.pathOf(name);
    return checkList(this.take(name), field, least).map(
      (value, index) => new Reader(value, `${field}[${index}]`),
    );
  }

  /** Refuses what nobody asked for. */
  end(): void {
    for (const name of Object.keys(this.from)) {
      if (!this.read.has(name)) {
        const field = this.pathOf(name);
        refuse(field, `${field} is not a field here`);
      }
    }
  }
}
