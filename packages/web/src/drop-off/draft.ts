/** What is typed at the counter, and the body it makes. Kept on this device until it is taken in. */
import { differenceInCalendarDays, parseISO } from 'date-fns';
import {
  MEASURE_LIMITS,
  type BladeRecord,
  type CustomerBody,
  type DropOffBlade,
  type DropOffBody,
  type FieldError,
} from '@patient-edge/contract';
import { bladeKind, UNKNOWN_STEEL_DESIGNATION, type Sharpness } from '@patient-edge/core';
import { readStored } from '../api/stored';
import { dayAndYear, parseNumber } from '../theme/format';
import { STRINGS } from './strings';

/** One blade as typed. */
export interface BladeValues {
  /** Of a blade that was here before; empty for a new one. */
  bladeId: string;
  tagNumber: string;
  kindId: string;
  bladeName: string;
  steel: string;
  useId: string;
  cuts: string;
  askedFor: string;
  promisedOn: string;
  /** Empty where the day says it. */
  placeId: string;
  sharpness: Sharpness;
  edgeLengthMm: string;
  heightHeelMm: string;
}

export interface CustomerValues {
  customerIsNew: boolean;
  customerId: string;
  newCustomer: CustomerBody;
}

export interface DropOffDraft {
  /** Makes a repeated request harmless. */
  readonly key: string;
  readonly customer: CustomerValues;
  readonly next: BladeValues;
  readonly blades: readonly BladeValues[];
  /** What went out under the key and was not answered yet: nothing of it may change until it is. */
  readonly sent: DropOffBody | null;
}

export const DRAFT = 'drop-off draft';
const FIRST_KIND = 'chef';

export const emptyBlade = (): BladeValues => ({
  bladeId: '',
  tagNumber: '',
  kindId: FIRST_KIND,
  bladeName: '',
  steel: UNKNOWN_STEEL_DESIGNATION,
  useId: bladeKind(FIRST_KIND).usual.use,
  cuts: '',
  askedFor: '',
  promisedOn: '',
  placeId: '',
  sharpness: 'dull',
  edgeLengthMm: '',
  heightHeelMm: '',
});

/** After one blade the next: of its kind and for its day until something else is said. */
export const bladeAfter = (last: BladeValues, tagNumber: string): BladeValues => ({
  ...emptyBlade(),
  kindId: last.kindId,
  useId: last.useId,
  steel: last.steel,
  promisedOn: last.promisedOn,
  placeId: last.placeId,
  tagNumber,
});

const emptyCustomer = (): CustomerValues => ({
  customerIsNew: false,
  customerId: '',
  newCustomer: {
    name: '',
    trade: '',
    phones: [{ label: '', number: '' }],
    note: '',
    edgesLiked: '',
    email: '',
    mayWrite: 'not asked',
    onAccount: false,
  },
});

export const newDraft = (): DropOffDraft => ({
  key: crypto.randomUUID(),
  customer: emptyCustomer(),
  next: emptyBlade(),
  blades: [],
  sent: null,
});

/** What the record of a blade says of it, into the line. */
export const fromRecord = ({ blade, lastJob }: BladeRecord): Partial<BladeValues> => ({
  bladeId: String(blade.id),
  kindId: blade.measures.kindId,
  bladeName: blade.name,
  steel: blade.steel,
  useId: lastJob?.useId ?? bladeKind(blade.measures.kindId).usual.use,
  cuts: lastJob?.cuts ?? '',
});

/** Back so soon, it is asked whether something was wrong. */
const BACK_SOON_DAYS = 21;

export interface Brought {
  /** What worked last time, and what was wished for. */
  readonly text: string;
  /** The visit to ask about: it went home a few days ago. Null where it did not. */
  readonly backSoon: { readonly jobId: number; readonly days: number } | null;
}

/** What its record brings to the counter. */
export const whatItBrings = (record: BladeRecord): Brought => {
  const { lastJob, wish } = record;
  const days =
    lastJob === null || lastJob.returnedAt === null
      ? null
      : differenceInCalendarDays(new Date(), parseISO(lastJob.returnedAt));
  return {
    text: `${lastTime(record)}${wish === '' ? '' : STRINGS.wishedFor(wish)}`,
    backSoon:
      lastJob && days !== null && days <= BACK_SOON_DAYS ? { jobId: lastJob.id, days } : null,
  };
};

const lastTime = ({ visits, lastJob }: BladeRecord): string => {
  const held = visits.find(({ anglePerSideDeg }) => anglePerSideDeg !== null);
  if (!held) return STRINGS.hereBeforeItsRecordComesWith;
  const angle = held.anglePerSideDeg!;
  const stones = held.stones.length > 0 ? STRINGS.on(held.stones.join(', ')) : '';
  const holding = lastJob?.holding ? STRINGS.heldBy(lastJob.holding) : '';
  return STRINGS.hereBeforeLastOnWentHome(
    dayAndYear(held.takenInAt),
    angle.toFixed(1),
    (2 * angle).toFixed(1),
    stones,
    holding,
  );
};

/** A draft may be older than the names of its fields. */
type KeptDraft = Partial<DropOffDraft> & {
  readonly owner?: Partial<CustomerValues> & { readonly ownerIsNew?: boolean };
};

const inOldWords = (kept: KeptDraft['owner']): Partial<CustomerValues> => {
  if (!kept) return {};
  const { ownerIsNew, ...rest } = kept;
  return ownerIsNew === undefined ? rest : { ...rest, customerIsNew: ownerIsNew };
};

/** What was kept, with the blade in hand if there is one. A draft of an older form may lack fields. */
export const openDraft = (inHand: BladeRecord | null): DropOffDraft => {
  const kept = readStored<KeptDraft>(DRAFT);
  const fresh = newDraft();
  return {
    key: kept?.key ?? fresh.key,
    customer: {
      ...fresh.customer,
      ...(kept?.customer ?? inOldWords(kept?.owner)),
      ...(inHand ? { customerIsNew: false, customerId: String(inHand.customer.id) } : {}),
    },
    next: { ...fresh.next, ...kept?.next, ...(inHand ? fromRecord(inHand) : {}) },
    blades: (kept?.blades ?? []).map((blade) => ({ ...emptyBlade(), ...blade })),
    sent: kept?.sent ?? null,
  };
};

const HIGHEST_TAG = 9999;

/** The first tag from there on, and round the corner, that hangs on nothing and no blade of the list has. */
export const freeTag = (
  from: number,
  blades: readonly BladeValues[],
  inUse: readonly number[] = [],
): string => {
  const taken = new Set([...inUse, ...blades.map(({ tagNumber }) => Number(tagNumber))]);
  let tag = from > HIGHEST_TAG ? 1 : from;
  for (let tried = 0; taken.has(tag) && tried < HIGHEST_TAG; tried += 1)
    tag = (tag % HIGHEST_TAG) + 1;
  return String(tag);
};

/** The tag a blade hangs on now, by its record; null while it is at home. */
export const hangsOn = ({ visits }: BladeRecord): number | null =>
  visits.find(({ stage }) => stage !== 'returned')?.tagNumber ?? null;

/** What is wrong with a blade before it joins the list. */
export const problemsOf = (
  blade: BladeValues,
  others: readonly BladeValues[],
): readonly FieldError[] => {
  const problems: FieldError[] = [];
  const tag = Number(blade.tagNumber);
  if (!/^\d+$/.test(blade.tagNumber.trim()) || tag < 1 || tag > 9999) {
    problems.push({
      field: 'tagNumber',
      message: STRINGS.tagNumberMustBeFrom1(blade.tagNumber),
    });
  } else if (others.some(({ tagNumber }) => Number(tagNumber) === tag)) {
    problems.push({ field: 'tagNumber', message: STRINGS.tagIsAlreadyOnAnotherBlade(tag) });
  }
  if (blade.promisedOn === '')
    problems.push({ field: 'promisedOn', message: STRINGS.promisedDateIsMissing });
  for (const [field, label] of [
    ['edgeLengthMm', STRINGS.edgeLengthMm],
    ['heightHeelMm', STRINGS.heightAtHeelMm],
  ] as const) {
    const [, least, most] = MEASURE_LIMITS[field];
    const typed = blade[field].trim();
    if (typed === '') continue;
    const value = parseNumber(typed);
    if (value === null) problems.push({ field, message: STRINGS.isNotANumber(typed) });
    else if (value < least || value > most)
      problems.push({
        field,
        message: STRINGS.mustBeFromToWasGiven(label, least, most, value),
      });
  }
  if (blade.bladeId !== '' && others.some(({ bladeId }) => bladeId === blade.bladeId))
    problems.push({ field: 'kindId', message: STRINGS.thisBladeIsOnTheList });
  return problems;
};

const toBlade = (blade: BladeValues): DropOffBlade => ({
  bladeId: blade.bladeId === '' ? null : Number(blade.bladeId),
  tagNumber: Number(blade.tagNumber),
  kindId: blade.kindId,
  bladeName: blade.bladeName,
  steel: blade.steel,
  useId: blade.useId,
  cuts: blade.cuts,
  askedFor: blade.askedFor,
  promisedOn: blade.promisedOn,
  placeId: blade.placeId ? Number(blade.placeId) : null,
  sharpness: blade.sharpness,
  edgeLengthMm: parseNumber(blade.edgeLengthMm),
  heightHeelMm: parseNumber(blade.heightHeelMm),
});

/** A new customer as sent: a telephone left empty is none. */
export const toCustomerBody = (typed: CustomerBody): CustomerBody => ({
  ...typed,
  phones: typed.phones.filter(({ number }) => number.trim() !== ''),
});

export const toDropOffBody = (
  customer: CustomerValues,
  blades: readonly BladeValues[],
): DropOffBody => ({
  customerId:
    customer.customerIsNew || customer.customerId === '' ? null : Number(customer.customerId),
  newCustomer: customer.customerIsNew ? toCustomerBody(customer.newCustomer) : null,
  blades: blades.map(toBlade),
});
