/** Takes a blade in: owner, blade, measurements, damage and tag in one go. */
import type { StaffMember, TakeInBody } from '@patient-edge/contract';
import { bladeKind } from '@patient-edge/core';
import { addBlade, findBladeOwner, updateBlade } from '../blades/queries';
import { addCustomer, findCustomer } from '../customers/queries';
import type { Queryable } from '../database/pool';
import { invalid } from '../http/errors';
import { steelNamed } from '../steels/queries';
import { addEvent, insertJob, replaceDamage, tagHolder } from './queries';

/** The steel must be known to the table of the trade or to the shop. */
export const checkSteel = async (on: Queryable, designation: string): Promise<void> => {
  if (await steelNamed(on, designation)) return;
  throw invalid([{ field: 'steel', message: `Steel: "${designation}" is not known here` }]);
};

export const takeIn = async (
  on: Queryable,
  body: TakeInBody,
  staff: Pick<StaffMember, 'id'>,
  takenInAt: Date,
): Promise<number> => {
  const holder = await tagHolder(on, body.tagNumber);
  if (holder !== undefined) {
    throw invalid([
      { field: 'tagNumber', message: `Tag ${body.tagNumber} hangs on a blade of ${holder}` },
    ]);
  }
  const known = body.customerId === null ? null : await findCustomer(on, body.customerId);
  if (known === undefined || known?.erasedAt) {
    throw invalid([{ field: 'customerId', message: 'This owner is not known here' }]);
  }
  await checkSteel(on, body.steel);
  const customerId = body.newCustomer ? await addCustomer(on, body.newCustomer) : body.customerId!;
  if (body.bladeId !== null && (await findBladeOwner(on, body.bladeId)) !== customerId) {
    throw invalid([{ field: 'bladeId', message: 'This blade belongs to someone else' }]);
  }
  const blade = { name: body.bladeName, kind: body.kindId, steel: body.steel };
  if (body.bladeId !== null) await updateBlade(on, body.bladeId, blade);
  const bladeId = body.bladeId ?? (await addBlade(on, customerId, blade));
  const jobId = await insertJob(on, bladeId, body, takenInAt);
  await replaceDamage(on, jobId, body.damage);
  await addEvent(on, {
    jobId,
    staffId: staff.id,
    kind: 'taken in',
    text: `took in ${body.bladeName || bladeKind(body.kindId).label.toLowerCase()} on tag ${body.tagNumber}, promised for ${body.promisedOn}`,
    at: takenInAt,
  });
  return jobId;
};
