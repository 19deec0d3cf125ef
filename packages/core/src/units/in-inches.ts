/** Lengths within a text, said in the unit somebody reads: what is kept and computed stays millimetres. */

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
