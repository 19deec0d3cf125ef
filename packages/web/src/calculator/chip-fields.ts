/** What the question about a chip asks for, and its limits. */
import { STEELS, UNKNOWN_STEEL_DESIGNATION, type DomainError } from '@patient-edge/core';
import { parseNumber } from '../theme/format';
import { CHIP_KINDS, type Field, type Inputs } from './questions';
import { STRINGS } from './strings';

export const CHIP_FIELDS: readonly Field[] = [
  { name: 'kindId', label: STRINGS.kind, initial: 'chef', choices: CHIP_KINDS },
  { name: 'edgeLengthMm', label: STRINGS.edgeLengthMm, initial: '210' },
  { name: 'fromMm', label: STRINGS.chipFromTheHeelMm, initial: '60' },
  { name: 'lengthMm', label: STRINGS.itsLengthMm, initial: '3' },
  { name: 'depthMm', label: STRINGS.itsDepthMm, initial: '0.8' },
  {
    name: 'steel',
    label: STRINGS.steel,
    initial: UNKNOWN_STEEL_DESIGNATION,
    choices: STEELS.map(({ designation }) => ({ id: designation, label: designation })),
  },
  { name: 'stoneUm', label: STRINGS.stone, initial: '40' },
];

const LIMITS: Readonly<Record<string, readonly [number, number]>> = {
  edgeLengthMm: [20, 900],
  fromMm: [0, 900],
  lengthMm: [0.1, 200],
  depthMm: [0.01, 15],
  stoneUm: [1, 800],
};

type ReadChip =
  | { readonly ok: true; readonly values: Readonly<Record<string, number>> }
  | { readonly ok: false; readonly error: DomainError };

const wrong = (field: string, message: string): ReadChip => ({
  ok: false,
  error: { code: 'INVALID_INPUT', field, message },
});

/** The first field that is wrong, or the numbers. */
export const readChip = (inputs: Inputs): ReadChip => {
  const values: Record<string, number> = {};
  for (const [field, [low, high]] of Object.entries(LIMITS)) {
    const text = (inputs[field] ?? '').trim();
    const value = parseNumber(text);
    if (value === null || value < low || value > high) {
      return wrong(field, STRINGS.mustBeFromToWasGiven(field, low, high, text));
    }
    values[field] = value;
  }
  const { fromMm, lengthMm, edgeLengthMm } = values;
  if (fromMm! + lengthMm! > edgeLengthMm!) {
    return wrong('fromMm', STRINGS.frommmTheChipEndsAtMm(fromMm! + lengthMm!, edgeLengthMm));
  }
  return { ok: true, values };
};
