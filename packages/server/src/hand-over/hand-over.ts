/** A blade goes home: by the tag in the customer's hand, its edge covered, and with the day it is likely to come back. */
import type { ReturnBody } from '@patient-edge/contract';
import { comeBackIn, say } from '@patient-edge/core';
import type { PoolConnection } from 'mysql2/promise';
import { addFigures } from '../figures/queries';
import { invalid } from '../http/errors';
import { addEvent, livesOfBlade, setReturned, type JobRow } from '../jobs/queries';
import { withdrawReady } from '../messages/queries';
import { localDay } from '../shop/days';
import { STRINGS } from './strings';

interface HandOver extends Omit<ReturnBody, 'version'> {
  readonly staffId: number;
  /** What stands before the fields of a refusal, where several go at once. */
  readonly path?: string;
}

const DAY_MS = 24 * 60 * 60 * 1000;

/** When it is likely to want sharpening again; null where it goes back as it came. */
export const dueOn = async (db: PoolConnection, row: JobRow, at: Date): Promise<string | null> => {
  if (row.stage === 'declined') return null;
  const { days } = comeBackIn(
    row.useId,
    await livesOfBlade(db, row.bladeId, row.id),
    row.planRecord === null,
  );
  return localDay(new Date(at.getTime() + days * DAY_MS));
};

export const handOver = async (
  db: PoolConnection,
  row: JobRow,
  { tagNumber, sheathed, staffId, path = '', ...left }: HandOver,
): Promise<void> => {
  if (tagNumber !== row.tagNumber) {
    throw invalid([
      {
        field: `${path}tagNumber`,
        message: STRINGS.tagIsNotThisBladesIt(tagNumber, row.tagNumber),
      },
    ]);
  }
  if (!sheathed) {
    throw invalid([
      {
        field: 'sheathed',
        message: STRINGS.sheathWrapOrGuardTheEdge,
      },
    ]);
  }
  const at = new Date();
  await setReturned(db, row.id, { ...left, dueOn: await dueOn(db, row, at) }, at);
  await addFigures(db, row.id, at);
  await withdrawReady(db, row.customerId);
  await addEvent(db, {
    jobId: row.id,
    staffId,
    kind: 'returned',
    message:
      row.stage === 'declined'
        ? say('event.handed-back', { tag: tagNumber })
        : say('event.handed-over', { tag: tagNumber }),
  });
};
