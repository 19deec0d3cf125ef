/** What a customer is written: the shop's template, its blanks filled from the record, queued where they said yes. */
import { money, type WrittenMessage, fullDayText } from '@patient-edge/contract';
import { bladeKind, fillTemplate, toPayMinor, type MessageKind } from '@patient-edge/core';
import type { Queryable } from '../database/pool';
import { findCustomer } from '../customers/queries';
import { billOfJob } from '../money/queries';
import { readCurrency } from '../prices/queries';
import { readShopDetails, shopName } from '../shop/details';
import { readFormats } from '../shop/formats';
import { localDay } from '../shop/days';
import { pageAddress } from '../visits/pages';
import { bladeOfJob, openOfCustomer, queueMessage, type ReadyOfCustomer } from './queries';
import { STRINGS } from './strings';

/** Long enough to undo a pass that was pressed by mistake, s. */
export const HELD_BACK_S = 15;

const bladeNames = (blades: readonly ReadyOfCustomer[]): string => {
  const names = blades.map(({ name, kindId }) => name || bladeKind(kindId).label);
  return names.length < 2
    ? (names[0] ?? '')
    : STRINGS.and(names.slice(0, -1).join(', '), names.at(-1));
};

interface Writing {
  readonly kind: MessageKind;
  readonly customerId: number;
  readonly blades: readonly ReadyOfCustomer[];
}

/** Written out, and queued where it may be: made once for the same blades, whoever presses. */
export const writeMessage = async (
  db: Queryable,
  { kind, customerId, blades }: Writing,
): Promise<WrittenMessage> => {
  const customer = (await findCustomer(db, customerId))!;
  const details = await readShopDetails(db);
  const currency = await readCurrency(db);
  let toPay: number | null = null;
  for (const { jobId } of blades) {
    const bill = await billOfJob(db, jobId);
    if (bill) toPay = (toPay ?? 0) + toPayMinor(bill);
  }
  const first = blades[0]!;
  // A day that has passed is no place to meet.
  const today = localDay(new Date());
  const place = blades.find(({ place: at, promisedOn }) => at !== null && promisedOn >= today);
  const { subject, body } = fillTemplate(details.templates[kind], {
    customer: customer.name,
    blades: bladeNames(blades),
    tags: blades.map(({ tagNumber }) => tagNumber).join(', '),
    price: toPay === null ? STRINGS.asAgreed : money(toPay, currency).replaceAll('\u00a0', ' '),
    place: place ? `${fullDayText(place.promisedOn, await readFormats(db))}, ${place.place}` : '',
    page: (await pageAddress(db, first.jobId, details.publicAddress)) ?? '',
    shop: await shopName(db),
    address: details.address,
    phone: details.phone,
  });
  const { email, mayWrite } = customer;
  const notSent =
    mayWrite === 'no'
      ? STRINGS.doesNotWantToBeWritten(customer.name)
      : mayWrite === 'not asked'
        ? STRINGS.wasNotAskedWhetherTheyMay(customer.name)
        : email === ''
          ? STRINGS.noEMailAddressIsKnown
          : null;
  if (notSent === null) {
    const day = kind === 'reminder' || kind === 'late' ? new Date().toISOString().slice(0, 10) : '';
    await queueMessage(db, {
      key: `${kind} ${blades
        .map(({ jobId }) => jobId)
        .join(' ')
        .slice(0, 60)} ${day}`.trim(),
      kind,
      customerId,
      jobId: first.jobId,
      address: email,
      subject,
      body,
      heldBackS: HELD_BACK_S,
    });
  }
  return { kind, subject, body, notSent };
};

/** When the last of a customer's blades for that day is ready, they are told of all of them at once. */
export const tellWhenReady = async (
  db: Queryable,
  customerId: number,
  promisedOn: string,
): Promise<void> => {
  const open = await openOfCustomer(db, customerId);
  const ofDay = open.filter((blade) => blade.promisedOn === promisedOn);
  if (ofDay.some(({ stage }) => stage !== 'ready' && stage !== 'declined')) return;
  const blades = open.filter(({ stage }) => stage === 'ready');
  if (blades.length > 0) await writeMessage(db, { kind: 'ready', customerId, blades });
};

/** Written about those blades, all of one customer; undefined where they are not. */
export const writeAbout = async (
  db: Queryable,
  kind: MessageKind,
  jobIds: readonly number[],
): Promise<WrittenMessage | undefined> => {
  const found = await Promise.all(jobIds.map((id) => bladeOfJob(db, id)));
  const blades = found.filter((blade) => blade !== undefined);
  const customerId = blades[0]?.customerId;
  if (
    customerId === undefined ||
    blades.length !== jobIds.length ||
    blades.some((blade) => blade.customerId !== customerId)
  )
    return undefined;
  return writeMessage(db, { kind, customerId, blades });
};
