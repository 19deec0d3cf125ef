/** The bench's own rates, learnt from sums that every process reads: again only when a record has come or gone. */
import type { LearnedSheet, NamedEffect } from '@patient-edge/contract';
import {
  bladeRates,
  MODEL_VERSION,
  RATE_ROLES,
  RateSums,
  type BladeRates,
  type LearnedRates,
  type RateRole,
} from '@patient-edge/core';
import type { Queryable } from '../database/pool';
import { rateRows, rateStamp, stoneIds, type RateRow } from './queries';

interface Learnt {
  readonly rates: LearnedRates;
  readonly records: number;
  readonly names: Readonly<Record<RateRole, ReadonlyMap<string, string>>>;
}
export interface LearntApart {
  readonly byHand: Learnt;
  readonly byMachine: Learnt;
}

const learntFrom = (rows: readonly RateRow[]): Learnt => {
  const sums = new RateSums();
  const names = {
    abrasive: new Map<string, string>(),
    steel: new Map<string, string>(),
    person: new Map<string, string>(),
  };
  for (const row of rows) {
    const of = {
      abrasive: String(row.stoneId),
      steel: row.steel,
      person: String(row.staffId),
    };
    sums.addAlike(of, row);
    names.abrasive.set(of.abrasive, row.stone);
    names.steel.set(of.steel, row.steel);
    names.person.set(of.person, row.person);
  }
  const learned = sums.learnAll();
  if (!learned.ok) throw new Error(learned.error.message);
  return { rates: learned.value, records: sums.count, names };
};

let kept: { readonly stamp: string; readonly learnt: LearntApart } | null = null;

/** Work on belts and wheels counts apart: their pace is the machine's. */
export const learnRatesOf = async (db: Queryable): Promise<LearntApart> => {
  const stamp = await rateStamp(db, MODEL_VERSION);
  if (kept?.stamp === stamp) return kept.learnt;
  const rows = await rateRows(db, MODEL_VERSION);
  const learnt = {
    byHand: learntFrom(rows.filter(({ isMachine }) => !isMachine)),
    byMachine: learntFrom(rows.filter(({ isMachine }) => isMachine)),
  };
  kept = { stamp, learnt };
  return learnt;
};

/** Of one steel in one person's hands, of every stone on the rack; null while nothing is on record. */
export const ratesOfBlade = async (
  db: Queryable,
  steel: string,
  staffId: number,
): Promise<BladeRates | null> => {
  const { byHand } = await learnRatesOf(db);
  return byHand.records === 0
    ? null
    : bladeRates(byHand.rates, steel, String(staffId), await stoneIds(db));
};

/** Those with most records first. */
export const sheetOf = ({ rates, records, names }: Learnt): LearnedSheet => ({
  records,
  noiseSd: rates.spreads.noiseSd,
  effects: Object.fromEntries(
    RATE_ROLES.map((role) => [
      role,
      [...rates.effects[role]]
        .map(([id, effect]): NamedEffect => ({ id, name: names[role].get(id)!, ...effect }))
        .sort((a, b) => b.records - a.records),
    ]),
  ) as Record<RateRole, NamedEffect[]>,
});
