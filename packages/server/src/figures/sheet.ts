/** The figures of a stretch of days, with the names of what they are told apart by. */
import type {
  Counted,
  FigureLine,
  FigureQuery,
  FigureSheet,
  FigureSums,
  Regular,
} from '@patient-edge/contract';
import { BLADE_KINDS, bladeKind, faultTable, type FaultTable } from '@patient-edge/core';
import type { Queryable } from '../database/pool';
import { ownFaults } from '../edge-tests/queries';
import { listPlaces } from '../places/queries';
import { stretchOfDay } from '../shop/days';
import {
  bladesBrought,
  complaintSigns,
  customerSums,
  daySums,
  sentBackCauses,
  type CustomerSums,
  type DaySums,
  type Days,
} from './queries';
import { STRINGS } from './strings';

const kindName = (id: string): string =>
  BLADE_KINDS.some((kind) => kind.id === id) ? bladeKind(id).label : id;

const NOTHING: DaySums = {
  time: '',
  placeId: 0,
  kind: '',
  blades: 0,
  workedSeconds: 0,
  earnedMinor: 0,
  late: 0,
  sentBack: 0,
  declined: 0,
  lateSentBack: 0,
  lateTookLonger: 0,
  lateWaited: 0,
  lateBegun: 0,
  quoted: 0,
  agreed: 0,
  quotedLowMinor: 0,
  quotedHighMinor: 0,
  chargedMinor: 0,
  above: 0,
  below: 0,
  foreseenSeconds: 0,
  foreseenWorkedSeconds: 0,
};

/** All of it added up; what it is of stays that of the first. */
const added = (rows: readonly DaySums[]): DaySums =>
  rows.reduce(
    (sum, row) =>
      Object.fromEntries(
        Object.entries(row).map(([name, value]: [string, string | number]) => {
          const before = sum[name as keyof DaySums];
          return [
            name,
            typeof value === 'number' && typeof before === 'number' && name !== 'placeId'
              ? before + value
              : value,
          ];
        }),
      ) as unknown as DaySums,
    NOTHING,
  );

const byKey = (rows: readonly DaySums[], keyOf: (row: DaySums) => string): [string, DaySums][] => {
  const groups = new Map<string, DaySums[]>();
  for (const row of rows) {
    const key = keyOf(row);
    const group = groups.get(key);
    if (group) group.push(row);
    else groups.set(key, [row]);
  }
  return [...groups].map(([key, group]) => [key, added(group)]);
};

const figuresOf = ({
  blades,
  workedSeconds,
  earnedMinor,
  late,
  sentBack,
  declined,
}: FigureSums) => ({
  blades,
  workedSeconds,
  earnedMinor,
  late,
  sentBack,
  declined,
});

const most = (a: FigureSums, b: FigureSums): number => b.blades - a.blades;

/** By week and month in their order, by all else with most blades first. */
const linesBy = (
  by: FigureQuery['by'],
  rows: readonly DaySums[],
  customers: readonly CustomerSums[],
  placeName: (id: number) => string,
): FigureLine[] => {
  if (by === 'customer')
    return customers.map((row) => ({
      id: String(row.customerId),
      name: row.name,
      ...figuresOf(row),
    }));
  const keyOf = {
    week: ({ time }: DaySums) => time,
    month: ({ time }: DaySums) => time,
    place: ({ placeId }: DaySums) => String(placeId),
    kind: ({ kind }: DaySums) => kind,
  }[by];
  const lines = byKey(rows, keyOf).map(([id, sums]): FigureLine => ({
    id,
    name: by === 'place' ? placeName(Number(id)) : by === 'kind' ? kindName(id) : id,
    ...figuresOf(sums),
  }));
  return by === 'place' || by === 'kind' ? lines.sort(most) : lines;
};

const countSigns = (
  rows: readonly { readonly signs: Readonly<Record<string, boolean>> }[],
  { signs }: FaultTable,
): Counted[] => {
  const counts = new Map<string, number>();
  for (const row of rows) {
    const seen = Object.entries(row.signs).flatMap(([id, isSeen]) => (isSeen ? [id] : []));
    for (const name of seen.length === 0
      ? [STRINGS.notSaid]
      : seen.map((id) => signs[id]?.what ?? id))
      counts.set(name, (counts.get(name) ?? 0) + 1);
  }
  return [...counts]
    .map(([name, blades]) => ({ name, blades }))
    .sort((a, b) => b.blades - a.blades || a.name.localeCompare(b.name));
};

const seasonsOf = (rows: readonly DaySums[]): FigureSheet['seasons'] =>
  byKey(rows, ({ kind }) => bladeKind(kind).group).map(([group]) => ({
    group,
    months: MONTHS.map((month) =>
      rows
        .filter((row) => bladeKind(row.kind).group === group && monthOf(row) === month)
        .reduce((sum, { blades }) => sum + blades, 0),
    ),
  }));

const MONTHS = Array.from({ length: 12 }, (_, month) => month + 1);
/** A week counts for the month it begins in. */
const monthOf = ({ time }: DaySums): number => Number(time.slice(5, 7));

const lateOf = ({ late, ...sums }: DaySums): FigureSheet['late'] => {
  const known = [
    { because: 'sent back' as const, blades: sums.lateSentBack },
    { because: 'took longer' as const, blades: sums.lateTookLonger },
    { because: 'waited for an answer' as const, blades: sums.lateWaited },
    { because: 'begun late' as const, blades: sums.lateBegun },
  ];
  const other = late - known.reduce((sum, { blades }) => sum + blades, 0);
  return [...known, { because: 'other' as const, blades: other }]
    .filter(({ blades }) => blades > 0)
    .sort((a, b) => b.blades - a.blades);
};

const quotesOf = (rows: readonly DaySums[]): FigureSheet['quotes'] =>
  byKey(rows, ({ kind }) => kind)
    .map(([id, sums]) => ({
      id,
      name: kindName(id),
      blades: sums.blades - sums.declined,
      quoted: sums.quoted,
      agreed: sums.agreed,
      quotedLowMinor: sums.quotedLowMinor,
      quotedHighMinor: sums.quotedHighMinor,
      chargedMinor: sums.chargedMinor,
      above: sums.above,
      below: sums.below,
      foreseenSeconds: sums.foreseenSeconds,
      workedSeconds: sums.foreseenWorkedSeconds,
      earnedMinor: sums.earnedMinor,
      earnedSeconds: sums.workedSeconds,
    }))
    .filter(({ blades }) => blades > 0)
    .sort((a, b) => b.blades - a.blades);

const DAY_MS = 24 * 60 * 60 * 1000;

/** Of so many it is looked up what they bring. */
const MOST_REGULARS = 20;

const regularOf = async (
  db: Queryable,
  days: Days,
  { customerId, name, blades }: CustomerSums,
): Promise<Regular> => {
  const brought = await bladesBrought(db, days, customerId);
  const kinds = new Map<string, number>();
  for (const each of brought) kinds.set(each.kind, (kinds.get(each.kind) ?? 0) + each.blades);
  const [brings] = [...kinds].sort((a, b) => b[1] - a[1]);
  const on = [...new Set(brought.map(({ day }) => day))];
  const span = Date.parse(on.at(-1)!) - Date.parse(on[0]!);
  return {
    customerId,
    name,
    blades,
    brings: kindName(brings![0]),
    everyDays: on.length < 2 ? null : Math.round(span / DAY_MS / (on.length - 1)),
    lastOn: on.at(-1)!,
  };
};

/** Who brings most, what of, and how often. */
export const regularCustomers = async (db: Queryable, days: Days): Promise<Regular[]> =>
  Promise.all(
    (await customerSums(db, days)).slice(0, MOST_REGULARS).map((row) => regularOf(db, days, row)),
  );

export const figureSheet = async (
  db: Queryable,
  days: Days,
  by: FigureQuery['by'],
): Promise<FigureSheet> => {
  const [rows, customers, places, own, complaints, causes] = await Promise.all([
    daySums(db, by === 'week' ? 'week' : 'month', days),
    by === 'customer' ? customerSums(db, days) : [],
    listPlaces(db),
    ownFaults(db),
    complaintSigns(db, stretchOfDay(days.from)[0], stretchOfDay(days.to)[1]),
    sentBackCauses(db, days),
  ]);
  const table = faultTable(own);
  const total = added(rows);
  const placeName = (id: number): string =>
    places.find((place) => place.id === id)?.name ?? STRINGS.elsewhere;
  return {
    fromDay: days.from,
    toDay: days.to,
    by,
    total: figuresOf(total),
    lines: linesBy(by, rows, customers, placeName),
    complaints: countSigns(complaints, table),
    sentBack: causes.map(({ cause, blades }) => ({
      name: cause === null ? STRINGS.notSaid : (table.causes[cause]?.what ?? cause),
      blades,
    })),
    late: lateOf(total),
    seasons: seasonsOf(rows),
    quotes: quotesOf(rows),
  };
};
