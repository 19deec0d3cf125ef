/** Takes a blade in: customer, blade, measurements, damage and tag in one go. */
import { linkComplaint } from '../complaints/queries';
import type {
  DropOffBody,
  IntakeBody,
  OwnerBody,
  StaffMember,
  TakeInBody,
} from '@patient-edge/contract';
import { bladeKind, NO_MEASURES, say } from '@patient-edge/core';
import { addBlade, findBladeOwner, updateBlade } from '../blades/queries';
import { addCustomer, findCustomer } from '../customers/queries';
import type { Queryable } from '../database/pool';
import { invalid } from '../http/errors';
import { withPlace } from '../places/place-of';
import { steelNamed } from '../steels/queries';
import { completeIntake, lastSeen } from './complete-intake';
import { addEvent, insertJob, replaceDamage, tagHolder, tagOfBladeInShop } from './queries';
import { STRINGS } from './strings';

/** The steel must be known to the table of the trade or to the shop. */
export const checkSteel = async (db: Queryable, designation: string, path = ''): Promise<void> => {
  if (await steelNamed(db, designation)) return;
  throw invalid([{ field: `${path}steel`, message: STRINGS.steelIsNotKnownHere(designation) }]);
};

/** The customer named, or the new one written down. */
export const ownerOf = async (
  db: Queryable,
  { customerId, newCustomer }: OwnerBody,
): Promise<number> => {
  if (newCustomer) return addCustomer(db, newCustomer);
  const known = await findCustomer(db, customerId!);
  if (!known || known.erasedAt) {
    throw invalid([{ field: 'customerId', message: STRINGS.thisCustomerIsNotKnownHere }]);
  }
  return known.id;
};

export type BladeTakenIn = IntakeBody & Pick<TakeInBody, 'bladeId' | 'tagNumber'>;

/** One blade of that customer. Fields at fault are named below `path`. */
export const takeInBlade = async (
  db: Queryable,
  customerId: number,
  body: BladeTakenIn,
  staff: Pick<StaffMember, 'id'>,
  takenInAt: Date,
  path = '',
): Promise<number> => {
  const holder = await tagHolder(db, body.tagNumber);
  if (holder !== undefined) {
    throw invalid([
      {
        field: `${path}tagNumber`,
        message: STRINGS.tagHangsOnABladeOf(body.tagNumber, holder),
      },
    ]);
  }
  await checkSteel(db, body.steel, path);
  if (body.bladeId !== null && (await findBladeOwner(db, body.bladeId)) !== customerId) {
    throw invalid([{ field: `${path}bladeId`, message: STRINGS.thisBladeBelongsToSomeoneElse }]);
  }
  const hangsOn = body.bladeId === null ? undefined : await tagOfBladeInShop(db, body.bladeId);
  if (hangsOn !== undefined) {
    throw invalid([{ field: `${path}bladeId`, message: STRINGS.thisBladeIsInTheShop(hangsOn) }]);
  }
  const intake = completeIntake(
    await withPlace(db, body, path),
    body.bladeId === null ? null : await lastSeen(db, body.bladeId, null),
  );
  const blade = { name: body.bladeName, kind: body.kindId, steel: body.steel };
  if (body.bladeId !== null) await updateBlade(db, body.bladeId, blade);
  const bladeId = body.bladeId ?? (await addBlade(db, customerId, blade));
  const jobId = await insertJob(db, bladeId, body.tagNumber, intake, takenInAt);
  await linkComplaint(db, bladeId, jobId);
  await replaceDamage(db, jobId, body.damage);
  await addEvent(db, {
    jobId,
    staffId: staff.id,
    kind: 'taken in',
    // What somebody calls it may be their name: the kind says enough.
    message: say('event.taken-in', {
      kind: bladeKind(body.kindId).label.toLowerCase(),
      tag: body.tagNumber,
      promisedOn: body.promisedOn,
    }),
    at: takenInAt,
  });
  return jobId;
};

export const takeIn = async (
  db: Queryable,
  body: TakeInBody,
  staff: Pick<StaffMember, 'id'>,
  takenInAt: Date,
): Promise<number> => takeInBlade(db, await ownerOf(db, body), body, staff, takenInAt);

/** What the counter leaves open; the bench measures and looks. */
const LEFT_OPEN = {
  carefulHands: false,
  ...NO_MEASURES,
  measuredWith: {},
  bevelFaceMm: null,
  presentAngle: null,
  angleReadings: [],
  bellyStartMm: null,
  tipRiseMm: null,
  traced: null,
  answers: {},
  damage: [],
} as const;

/** Several blades of one customer: all of them, or none. */
export const dropOff = async (
  db: Queryable,
  body: DropOffBody,
  staff: Pick<StaffMember, 'id'>,
  takenInAt: Date,
): Promise<number[]> => {
  const customerId = await ownerOf(db, body);
  const jobIds: number[] = [];
  for (const [index, blade] of body.blades.entries()) {
    const whole = { ...LEFT_OPEN, ...blade };
    jobIds.push(await takeInBlade(db, customerId, whole, staff, takenInAt, `blades.${index}.`));
  }
  return jobIds;
};
