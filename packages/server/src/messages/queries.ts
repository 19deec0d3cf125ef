import type { QueuedMessage } from '@patient-edge/contract';
import type { BladeMeasures, MessageKind, MessageTemplate } from '@patient-edge/core';
import { execute, select, type Queryable } from '../database/pool';

interface NewMessage extends MessageTemplate {
  readonly key: string;
  readonly kind: MessageKind;
  readonly customerId: number;
  readonly jobId: number;
  readonly address: string;
  /** Held back so long, in which it can be withdrawn, s. */
  readonly heldBackS: number;
}

/** Whether it was made now; a key makes a message once. */
export const queueMessage = async (db: Queryable, message: NewMessage): Promise<boolean> =>
  (
    await execute(
      db,
      `INSERT IGNORE INTO message (message_key, kind, customer_id, job_id, address, subject, body, next_try_at)
       VALUES (?, ?, ?, ?, ?, ?, ?, CURRENT_TIMESTAMP(3) + INTERVAL ? SECOND)`,
      [
        message.key,
        message.kind,
        message.customerId,
        message.jobId,
        message.address,
        message.subject,
        message.body,
        message.heldBackS,
      ],
    )
  ).affectedRows === 1;

/** The key is freed, so that the next pass writes anew. */
const WITHDRAWN = `UPDATE message SET state = 'withdrawn', message_key = CONCAT('withdrawn ', id)
  WHERE customer_id = ? AND state = 'queued'`;

/** What has not gone yet does not go: the customer does not want to be written to. */
export const withdrawMessages = (db: Queryable, customerId: number) =>
  execute(db, WITHDRAWN, [customerId]);

/** That all is ready is not true any more: a pass was undone, or a blade has gone home meanwhile. */
export const withdrawReady = (db: Queryable, customerId: number) =>
  execute(db, `${WITHDRAWN} AND kind IN ('ready', 'reminder')`, [customerId]);

export interface MessageToSend extends MessageTemplate {
  readonly id: number;
  readonly key: string;
  readonly address: string;
  readonly tries: number;
}

/** One message that is due, taken by this process alone; undefined where there is none. Within a transaction. */
export const takeMessage = async (db: Queryable): Promise<MessageToSend | undefined> => {
  const [message] = await select<MessageToSend>(
    db,
    `SELECT id, message_key AS \`key\`, address, subject, body, tries FROM message
     WHERE state = 'queued' AND next_try_at <= CURRENT_TIMESTAMP(3)
     ORDER BY next_try_at LIMIT 1 FOR UPDATE SKIP LOCKED`,
  );
  if (message)
    await execute(
      db,
      "UPDATE message SET state = 'sending', tries = tries + 1, next_try_at = CURRENT_TIMESTAMP(3) WHERE id = ?",
      [message.id],
    );
  return message;
};

export const markSent = (db: Queryable, id: number) =>
  execute(
    db,
    "UPDATE message SET state = 'sent', problem = NULL, sent_at = CURRENT_TIMESTAMP(3) WHERE id = ?",
    [id],
  );

/** Tried again in a while; failed for good where `againInS` is null. */
export const markProblem = (db: Queryable, id: number, problem: string, againInS: number | null) =>
  execute(
    db,
    `UPDATE message SET state = IF(? IS NULL, 'failed', 'queued'), problem = ?,
       next_try_at = CURRENT_TIMESTAMP(3) + INTERVAL COALESCE(?, 0) SECOND WHERE id = ?`,
    [againInS, problem.slice(0, 300), againInS, id],
  );

/** What was being sent when the server stopped may have gone: it is not sent again by itself. */
export const giveUpUnfinished = (db: Queryable, afterS: number) =>
  execute(
    db,
    `UPDATE message SET state = 'failed',
       problem = 'The server stopped while it was being sent: it may have gone'
     WHERE state = 'sending' AND next_try_at < CURRENT_TIMESTAMP(3) - INTERVAL ? SECOND`,
    [afterS],
  );

/** Somebody wants it tried again; whether it was one that failed. */
export const sendAgain = async (db: Queryable, id: number): Promise<boolean> =>
  (
    await execute(
      db,
      `UPDATE message SET state = 'queued', tries = 0, next_try_at = CURRENT_TIMESTAMP(3)
       WHERE id = ? AND state = 'failed'`,
      [id],
    )
  ).affectedRows === 1;

export const latestMessages = async (db: Queryable, most: number): Promise<QueuedMessage[]> =>
  (
    await select<Omit<QueuedMessage, 'madeAt' | 'sentAt'> & { madeAt: Date; sentAt: Date | null }>(
      db,
      `SELECT m.id, m.kind, c.name AS customer, m.address, m.subject, m.body, m.state, m.problem,
         m.made_at AS madeAt, m.sent_at AS sentAt
       FROM message m JOIN customer c ON c.id = m.customer_id
       WHERE m.id > (SELECT COALESCE(MAX(id), 0) FROM message) - ${most} ORDER BY m.id DESC`,
    )
  ).map((row) => ({
    ...row,
    madeAt: row.madeAt.toISOString(),
    sentAt: row.sentAt?.toISOString() ?? null,
  }));

/** Blades of a customer that are ready, and how many promised for a day are still worked on. */
export interface ReadyOfCustomer {
  readonly jobId: number;
  readonly tagNumber: number;
  readonly name: string;
  readonly kindId: BladeMeasures['kindId'];
  readonly stage: string;
  readonly promisedOn: string;
  readonly place: string | null;
}
/** A blade as a message names it, with whom it is written to. */
const BLADE_SELECT = `SELECT j.id AS jobId, j.tag_number AS tagNumber, b.name, b.kind AS kindId, j.stage,
  j.promised_on AS promisedOn, pl.name AS place, b.customer_id AS customerId
  FROM blade b JOIN job j ON j.blade_id = b.id LEFT JOIN place pl ON pl.id = j.place_id`;

export const openOfCustomer = (db: Queryable, customerId: number): Promise<ReadyOfCustomer[]> =>
  select<ReadyOfCustomer>(
    db,
    `${BLADE_SELECT} WHERE b.customer_id = ? AND j.tag_in_use IS NOT NULL ORDER BY j.tag_number`,
    [customerId],
  );

export const bladeOfJob = async (
  db: Queryable,
  jobId: number,
): Promise<(ReadyOfCustomer & { readonly customerId: number }) | undefined> =>
  (
    await select<ReadyOfCustomer & { readonly customerId: number }>(
      db,
      `${BLADE_SELECT} WHERE j.id = ?`,
      [jobId],
    )
  )[0];
