/** Measures within a text, said in the units somebody reads: what is kept and computed stays mm, N and °C. */
import { forceIn, newtonsOf, type ForceUnit } from './force';

export type LengthUnit = 'mm' | 'in';

const MM_PER_INCH = 25.4;
/** As fine as the millimetres were: 0.1 mm is 0.004 in. Four decimals are finer than anything here is measured. */
const MOST_DECIMALS = 4;

/**
 * One length in that unit, from millimetres; decimals are those the millimetres would have.
 *
 * @example
 * lengthNumber(210, 0, 'in'); // '8.27'
 */
export const lengthNumber = (valueMm: number, decimals: number, unit: LengthUnit): string => {
  const text =
    unit === 'mm'
      ? valueMm.toFixed(decimals)
      : (valueMm / MM_PER_INCH).toFixed(Math.min(MOST_DECIMALS, decimals + 2));
  return text.replace(/^-(0(?:\.0*)?)$/, '$1');
};

/**
 * What was typed in that unit, in millimetres.
 *
 * @example
 * millimetresOf(1, 'in'); // 25.4
 */
export const millimetresOf = (value: number, unit: LengthUnit): number =>
  unit === 'mm' ? value : Number((value * MM_PER_INCH).toFixed(4));

const NUMBER = String.raw`-?\d+(?:\.\d+)?`;
/** "12 mm", "4–6 mm", "4 to 6 mm", "70 × 25 mm", "heel 8.2, middle 9.1 mm" is told number by number: never mm², mm³ or µm. */
const LENGTHS = new RegExp(
  String.raw`(${NUMBER}(?:(?: ?[–×±] ?| to | or | and )${NUMBER})*)([  -])mm(?![\w²³])`,
  'g',
);

const inInches = (typed: string): string =>
  lengthNumber(Number(typed), typed.split('.')[1]?.length ?? 0, 'in');

/**
 * The same text with its millimetres said as inches; unchanged where millimetres are wanted.
 *
 * @example
 * lengthsIn('Chip, 0.7 mm deep, 60–70 mm from the heel', 'in'); // 'Chip, 0.028 in deep, 2.36–2.76 in from the heel'
 */
export const lengthsIn = (text: string, unit: LengthUnit): string =>
  unit === 'mm'
    ? text
    : text
        .replace(
          LENGTHS,
          (_whole, numbers: string, space: string) =>
            `${numbers.replace(new RegExp(NUMBER, 'g'), inInches)}${space}in`,
        )
        .replace(/(, |\()mm(?=\)|$| from | along | a side)/g, '$1in');

export interface ReadUnits {
  readonly length: LengthUnit;
  readonly force: ForceUnit;
  readonly temperature: '°C' | '°F';
}

const FORCE_SIGNS: Readonly<Record<ForceUnit, string>> = {
  N: 'N',
  gf: 'gf',
  ozf: 'oz',
  lbf: 'lb',
};
const FORCE_DECIMALS: Readonly<Record<ForceUnit, number>> = { N: 1, gf: 0, ozf: 0, lbf: 1 };

/** Numbers of one quantity in a row, and their unit. */
const measuresOf = (unit: string): RegExp =>
  new RegExp(
    String.raw`(${NUMBER}(?:(?: ?[–±] ?| to | or | and )${NUMBER})*)([  ])${unit}(?![\w²³])`,
    'g',
  );
const NEWTONS = measuresOf('N');
const CELSIUS = measuresOf('°C');

const inAll = (
  text: string,
  measures: RegExp,
  sign: string,
  said: (value: number) => string,
): string =>
  text.replace(
    measures,
    (_whole, numbers: string, space: string) =>
      `${numbers.replace(new RegExp(NUMBER, 'g'), (typed) => said(Number(typed)))}${space}${sign}`,
  );

/**
 * The same text with its lengths, forces and temperatures said in those units.
 *
 * @example
 * measuresIn('Press 5–10 N, never above 40 °C', { length: 'mm', force: 'lbf', temperature: '°F' });
 * // 'Press 1.1–2.2 lb, never above 104 °F'
 */
export const measuresIn = (text: string, { length, force, temperature }: ReadUnits): string => {
  const lengths = lengthsIn(text, length);
  const forces =
    force === 'N'
      ? lengths
      : inAll(lengths, NEWTONS, FORCE_SIGNS[force], (value) =>
          forceIn(newtonsOf(value, 'N'), force).toFixed(FORCE_DECIMALS[force]),
        );
  return temperature === '°C'
    ? forces
    : inAll(forces, CELSIUS, '°F', (value) => String(Math.round(value * 1.8 + 32)));
};
