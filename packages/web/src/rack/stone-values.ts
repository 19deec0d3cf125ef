/** The form of a stone: values as typed, and the body they make. */
import type { StoneBody } from '@patient-edge/contract';
import {
  usualAbrasive,
  micrometresOf,
  usualMinutesFlat,
  type AbrasiveKindId,
  type GritScale,
} from '@patient-edge/core';
import { numberText, parseNumber } from '../theme/format';

export const STONE_NUMBERS = [
  'um',
  'gritNumber',
  'soakMinutes',
  'dryHours',
  'lengthMm',
  'radiusMm',
  'widthMm',
  'thicknessNewMm',
  'thicknessMm',
  'minThicknessMm',
  'cutFactor',
  'scratchFactor',
  'changeSeconds',
  'minutesFlat',
] as const satisfies readonly (keyof StoneBody)[];
type StoneNumber = (typeof STONE_NUMBERS)[number];

type StoneText =
  'name' | 'kind' | 'abrasive' | 'gritLabel' | 'bond' | 'soaking' | 'liquid' | 'strokes' | 'place';

export type StoneValues = Record<StoneNumber | StoneText, string> & {
  /** '' is none. */
  gritScale: string;
  otherSideId: string;
  /** In whole units of the currency, as it is typed. */
  price: string;
  needsDressing: boolean;
  fitsRig: boolean | null;
  portable: boolean;
  retired: boolean;
};

/** What a new stone of that kind begins with. */
export const startOf = (kind: AbrasiveKindId): Partial<StoneValues> => {
  const { scratchFactor, ...usual } = usualAbrasive(kind);
  return {
    ...usual,
    scratchFactor: String(scratchFactor),
    minutesFlat: numberText(usualMinutesFlat(kind, 'middling', 10)),
  };
};

export const valuesOf = (stone: StoneBody | null): StoneValues => {
  const numbers = Object.fromEntries(
    STONE_NUMBERS.map((field) => [field, numberText(stone?.[field])]),
  ) as Record<StoneNumber, string>;
  if (!stone) {
    return {
      ...numbers,
      name: '',
      kind: 'water stone',
      gritLabel: '',
      strokes: 'both',
      place: '',
      gritScale: '',
      otherSideId: '',
      price: '',
      needsDressing: false,
      fitsRig: null,
      portable: false,
      retired: false,
      soakMinutes: '0',
      dryHours: '24',
      cutFactor: '1',
      changeSeconds: '45',
      ...(startOf('water stone') as Pick<
        StoneValues,
        'abrasive' | 'bond' | 'soaking' | 'liquid' | 'scratchFactor' | 'minutesFlat'
      >),
    };
  }
  const { name, kind, abrasive, gritLabel, bond, soaking, liquid, strokes, place } = stone;
  return {
    ...numbers,
    name,
    kind,
    abrasive,
    gritLabel,
    bond,
    soaking,
    liquid,
    strokes,
    place,
    gritScale: stone.gritScale ?? '',
    otherSideId: numberText(stone.otherSideId),
    price: stone.priceMinor === null ? '' : (stone.priceMinor / 100).toFixed(2),
    needsDressing: stone.needsDressing,
    fitsRig: stone.fitsRig,
    portable: stone.portable,
    retired: stone.retired,
  };
};

/** The grain of the printed grit; null when it is not one of its scale. */
export const printedUm = (gritScale: string, gritNumber: string): number | null => {
  const number = parseNumber(gritNumber);
  if (gritScale === '' || number === null) return null;
  const um = micrometresOf(gritScale as GritScale, number);
  return um.ok ? um.value : null;
};

/** Fields that must be there: an empty one is missing, and not "left open". */
const NEEDED: readonly StoneNumber[] = [
  'um',
  'soakMinutes',
  'dryHours',
  'cutFactor',
  'scratchFactor',
  'changeSeconds',
];

/** The body as it is sent; what is no number goes as it was typed, and the server says so beside it. */
export const bodyFrom = (values: StoneValues): Record<string, unknown> => {
  const { price, gritScale, otherSideId, ...rest } = values;
  const numbers = Object.fromEntries(
    STONE_NUMBERS.map((field) => {
      const typed = values[field].trim();
      if (typed === '') return [field, NEEDED.includes(field) ? undefined : null];
      return [field, parseNumber(typed) ?? typed];
    }),
  );
  const amount = parseNumber(price);
  return {
    ...rest,
    ...numbers,
    gritScale: gritScale === '' ? null : gritScale,
    otherSideId: otherSideId === '' ? null : Number(otherSideId),
    priceMinor: price.trim() === '' ? null : amount === null ? price : Math.round(amount * 100),
  };
};
