/** The rack as a CSV file (RFC 4180): one line a stone, the columns named as the fields. */
import Papa from 'papaparse';
import { stoneSchema, type StoneBody } from './stone-schemas';
import { validate, type FieldError } from './validate';
import { MOST_STONES } from './shop-rules';
import type { Stone } from './wire';
import { STRINGS } from './strings';

/** Ids mean nothing in another shop: the other side of a two-grit stone stays at home. */
export const CSV_COLUMNS = [
  'name',
  'kind',
  'abrasive',
  'um',
  'gritScale',
  'gritNumber',
  'gritLabel',
  'bond',
  'soaking',
  'soakMinutes',
  'dryHours',
  'liquid',
  'lengthMm',
  'radiusMm',
  'widthMm',
  'thicknessNewMm',
  'thicknessMm',
  'minThicknessMm',
  'strokes',
  'needsDressing',
  'fitsRig',
  'portable',
  'cutFactor',
  'scratchFactor',
  'changeSeconds',
  'minutesFlat',
  'priceMinor',
  'place',
  'retired',
] as const satisfies readonly (keyof StoneBody)[];

/** What a column that is not there stands for. Name, kind, abrasive and grain must be there. */
const DEFAULTS: Readonly<Record<string, string>> = {
  gritLabel: '',
  bond: 'middling',
  soaking: 'splash',
  soakMinutes: '0',
  dryHours: '24',
  liquid: 'water',
  strokes: 'both',
  needsDressing: 'no',
  fitsRig: '',
  portable: 'no',
  cutFactor: '1',
  scratchFactor: '1',
  changeSeconds: '45',
  place: '',
  retired: 'no',
};
const TEXTS = new Set<string>([
  'name',
  'kind',
  'abrasive',
  'gritScale',
  'gritLabel',
  'bond',
  'soaking',
  'liquid',
  'strokes',
  'place',
]);
const YES_OR_NO = new Set<string>(['needsDressing', 'fitsRig', 'portable', 'retired']);

/**
 * A spreadsheet must not take a name for a formula: such a cell is led by an apostrophe. Some take the full-width signs
 * of an East Asian keyboard for the same.
 */
const FORMULA = /^[=+\-@\t\r＝＋－＠]/;

export const rackToCsv = (stones: readonly Stone[]): string =>
  `${Papa.unparse(
    {
      fields: [...CSV_COLUMNS],
      data: stones.map((stone) =>
        CSV_COLUMNS.map((column) => {
          const value = stone[column];
          if (typeof value === 'boolean') return value ? 'yes' : 'no';
          return typeof value === 'string' && FORMULA.test(value) ? `'${value}` : (value ?? '');
        }),
      ),
    },
    { newline: '\r\n' },
  )}\r\n`;

export interface CsvLine {
  /** Line of the file, the heading being 1. */
  readonly line: number;
  readonly name: string;
  readonly stone: StoneBody | null;
  readonly problems: readonly FieldError[];
}

export type CsvRead =
  | { readonly ok: true; readonly lines: readonly CsvLine[] }
  | { readonly ok: false; readonly message: string };

const NUMBER = /^[+-]?(\d+\.?\d*|\.\d+)$/;

const valueOf = (column: string, typed: string): unknown => {
  const text = FORMULA.test(typed.slice(1)) && typed.startsWith("'") ? typed.slice(1) : typed;
  if (TEXTS.has(column)) return text === '' && column === 'gritScale' ? null : text;
  if (text === '' && !TEXTS.has(column)) return null;
  if (YES_OR_NO.has(column)) return text === 'yes' ? true : text === 'no' ? false : text;
  const number = text.replace(',', '.');
  return NUMBER.test(number) ? Number(number) : text;
};

/** Reads a file; what is wrong is told by line and column, and nothing is guessed. */
export const rackFromCsv = (text: string): CsvRead => {
  const read = Papa.parse<Record<string, string>>(text.replace(/^\uFEFF/, ''), {
    header: true,
    skipEmptyLines: 'greedy',
    transformHeader: (heading) => heading.trim(),
    transform: (cell) => cell.trim(),
  });
  const headings = read.meta.fields ?? [];
  const foreign = headings.filter(
    (heading) => !(CSV_COLUMNS as readonly string[]).includes(heading),
  );
  if (foreign.length > 0) {
    return { ok: false, message: STRINGS.theColumnIsNotKnown(foreign[0]!) };
  }
  const missing = ['name', 'kind', 'abrasive', 'um'].filter((each) => !headings.includes(each));
  if (missing.length > 0) {
    return {
      ok: false,
      message: STRINGS.theColumnIsMissing(missing[0]!),
    };
  }
  if (read.data.length === 0) return { ok: false, message: STRINGS.theFileHoldsNoStone };
  if (read.data.length > MOST_STONES) {
    return {
      ok: false,
      message: STRINGS.theFileMustHoldAtMost(MOST_STONES, read.data.length),
    };
  }
  const seen = new Set<string>();
  return {
    ok: true,
    lines: read.data.map((row, index): CsvLine => {
      const body = Object.fromEntries(
        CSV_COLUMNS.map((column) => [
          column,
          valueOf(column, (headings.includes(column) ? row[column] : DEFAULTS[column]) ?? ''),
        ]),
      );
      const checked = validate<StoneBody>(stoneSchema, { ...body, otherSideId: null });
      const name = row['name'] ?? '';
      const twice = seen.has(name.toLowerCase());
      seen.add(name.toLowerCase());
      const problems = [
        ...(checked.ok ? [] : checked.fields),
        ...(twice ? [{ field: 'name', message: STRINGS.nameIsThereTwice(name) }] : []),
        ...(row['__parsed_extra' as string] === undefined
          ? []
          : [{ field: 'name', message: STRINGS.theLineHasMoreCellsThan }]),
      ];
      return {
        line: index + 2,
        name,
        stone: checked.ok && problems.length === 0 ? checked.value : null,
        problems,
      };
    }),
  };
};
