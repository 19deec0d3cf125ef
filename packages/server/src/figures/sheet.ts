/** The figures of a stretch of days, with the names of what they are told apart by. */
import type {
  Counted,
  FigureLine,
  FigureQuery,
  FigureSheet,
  Regular,
} from '@patient-edge/contract';
import { BLADE_KINDS, bladeKind, faultTable, type FaultTable } from '@patient-edge/core';
import type { Queryable } from '../database/pool';
import { ownFaults } from '../edge-tests/queries';
import { stretchOfDay } from '../shop/days';
import {
  bladesByMonth,
  complaintSigns,
  figureLines,
  figureSums,
  kindsBrought,
  lateReasons,
  quoteSums,
  regularCustomers,
  sentBackCauses,
  type Days,
  type SummedLine,
} from './queries';
import { STRINGS } from './strings';

const kindName = (id: string): string =>
  BLADE_KINDS.some((kind) => kind.id === id) ? bladeKind(id).label : id;

const named = (by: FigureQuery['by'], line: SummedLine): FigureLine => ({
  ...line,
  name:
    by === 'kind'
      ? kindName(line.id)
      : (line.name ?? (by === 'place' ? STRINGS.elsewhere : line.id)),
});

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

const seasonsOf = (
  rows: readonly { readonly kind: string; readonly month: number; readonly blades: number }[],
): FigureSheet['seasons'] => {
  const months = new Map<string, number[]>();
  for (const { kind, month, blades } of rows) {
    const { group } = bladeKind(kind);
    const counts = months.get(group) ?? Array.from({ length: 12 }, () => 0);
    counts[month - 1]! += blades;
    months.set(group, counts);
  }
  return [...months].map(([group, counts]) => ({ group, months: counts }));
};

const DAY_MS = 24 * 60 * 60 * 1000;

const regularsOf = async (db: Queryable, days: Days): Promise<Regular[]> => {
  const regulars: Regular[] = [];
  for (const row of await regularCustomers(db, days)) {
    const [most] = await kindsBrought(db, days, row.customerId);
    const span = Date.parse(row.lastOn) - Date.parse(row.firstOn);
    regulars.push({
      customerId: row.customerId,
      name: row.name,
      blades: row.blades,
      brings: kindName(most!.kind),
      everyDays: row.days < 2 ? null : Math.round(span / DAY_MS / (row.days - 1)),
      lastOn: row.lastOn,
    });
  }
  return regulars;
};

export const figureSheet = async (
  db: Queryable,
  { from, to }: Days,
  by: FigureQuery['by'],
): Promise<FigureSheet> => {
  const days = { from, to };
  const table = faultTable(await ownFaults(db));
  return {
    fromDay: from,
    toDay: to,
    by,
    total: await figureSums(db, days),
    lines: (await figureLines(db, by, days)).map((line) => named(by, line)),
    complaints: countSigns(
      await complaintSigns(db, stretchOfDay(from)[0], stretchOfDay(to)[1]),
      table,
    ),
    sentBack: (await sentBackCauses(db, days)).map(({ cause, blades }) => ({
      name: cause === null ? STRINGS.notSaid : (table.causes[cause]?.what ?? cause),
      blades,
    })),
    late: await lateReasons(db, days),
    seasons: seasonsOf(await bladesByMonth(db, days)),
    regulars: await regularsOf(db, days),
    quotes: (await quoteSums(db, days)).map(({ kind, ...sums }) => ({
      id: kind,
      name: kindName(kind),
      ...sums,
    })),
  };
};
