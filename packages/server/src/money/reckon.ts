/** The price of a blade that passed its test: by the list and the minutes worked, within what was agreed. */
import { estimateFactsOf, suggestedPriceMinor, totalOf } from '@patient-edge/core';
import { stepsOfJob } from '../bench/queries';
import { complaintBehind } from '../complaints/queries';
import type { Queryable } from '../database/pool';
import { damageOfJob, type JobRow } from '../jobs/queries';
import { measuresOf } from '../jobs/rows';
import { estimateOfJob } from '../judge/queries';
import { readPriceList } from '../prices/queries';
import { setBill } from './queries';
import { STRINGS } from './strings';

/** From and up to what was agreed; null where nothing was. */
export const agreedRange = async (
  db: Queryable,
  row: JobRow,
): Promise<{ readonly lowMinor: number; readonly highMinor: number } | null> => {
  const estimate = await estimateOfJob(db, row);
  return estimate === null || estimate.agreedBy === null ? null : totalOf(estimate.lines);
};

/** Nothing where the list says nothing of such a blade; a price set by hand stays. */
export const reckonBill = async (db: Queryable, row: JobRow): Promise<void> => {
  const measures = measuresOf(row);
  const steps = (await stepsOfJob(db, row.id, row.round)).filter(({ superseded }) => !superseded);
  const facts = estimateFactsOf(
    { measures, damage: await damageOfJob(db, row.id), answers: row.answers ?? {} },
    null,
  );
  const priceMinor = suggestedPriceMinor(
    await readPriceList(db),
    { ...facts, thin: steps.some(({ step }) => step.operation === 'thinning') },
    steps.reduce((sum, { workedSeconds }) => sum + workedSeconds, 0),
    await agreedRange(db, row),
  );
  if (priceMinor === null) return;
  const behind = await complaintBehind(db, row.id);
  const discount = behind?.onTheHouse
    ? { discountMinor: priceMinor, discountReason: STRINGS.onTheHouseMendedWorkOf }
    : { discountMinor: 0, discountReason: '' };
  await setBill(db, row.id, { priceMinor, ...discount }, false);
};
