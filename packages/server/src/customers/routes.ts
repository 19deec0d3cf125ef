/** Those who bring blades: listed, corrected, merged when they are one, forgotten when they ask for it. */
import {
  changeCustomerSchema,
  customerPageSchema,
  customerSchema,
  eraseCustomerSchema,
  mergeCustomerSchema,
  type CustomerList,
  type CustomerRecord,
} from '@patient-edge/contract';
import type { LabelPrinter } from '@patient-edge/devices';
import { Router } from 'express';
import type { Pool, PoolConnection } from 'mysql2/promise';
import { bladesOfCustomer } from '../blades/queries';
import { inTransaction, type Queryable } from '../database/pool';
import { conflict, invalid, notFound } from '../http/errors';
import { withIdempotency } from '../http/idempotency';
import { allow, bodyOf, mayDo, pathId, queryOf } from '../http/request';
import { withdrawMessages } from '../messages/queries';
import { eraseCustomer } from './erase';
import { mergedCustomer } from './merge';
import {
  addCustomer,
  bladesInShop,
  changeCustomer,
  findCustomer,
  jobIdsOfCustomer,
  listCustomers,
  lockCustomer,
  moveBlades,
  moveDealings,
  phonesOf,
  removeCustomer,
  toCustomer,
  type CustomerRow,
} from './queries';
import { say } from '@patient-edge/core';
import { noteCustomer } from '../history/note';
import { STRINGS } from './strings';

const THIS = STRINGS.thisCustomer;
/** To a page of the list. */
const MOST_LISTED = 100;

const recordOf = async (db: Queryable, id: number): Promise<CustomerRecord> => {
  const row = await findCustomer(db, id);
  if (!row) throw notFound(THIS);
  return {
    customer: toCustomer(row),
    phones: await phonesOf(db, id),
    email: row.email,
    mayWrite: row.mayWrite,
    mayWriteSince: row.mayWriteSince?.toISOString() ?? null,
    onAccount: row.onAccount === 1,
    version: row.version,
    erasedAt: row.erasedAt?.toISOString() ?? null,
    blades: await bladesOfCustomer(db, id),
  };
};

/** The customer under a lock, as the caller saw them, and not forgotten since. */
const lockedAt = async (db: PoolConnection, id: number, version: number): Promise<CustomerRow> => {
  const row = await lockCustomer(db, id);
  if (!row) throw notFound(THIS);
  if (row.erasedAt) throw conflict(STRINGS.thisCustomerWasErasedNothingIs, row.version);
  if (row.version !== version) {
    throw conflict(STRINGS.wasChangedBySomeoneElseLook(row.name), row.version);
  }
  return row;
};

export const customerRoutes = (pool: Pool, printer: LabelPrinter | null): Router => {
  const router = Router();

  router.get('/customers', allow(), async (request, response) => {
    const { afterName, afterId } = queryOf(customerPageSchema, request);
    const after = afterName === null || afterId === null ? null : { name: afterName, id: afterId };
    // One more than are shown tells whether there are more.
    const found = await listCustomers(pool, MOST_LISTED + 1, after);
    const customers = found.slice(0, MOST_LISTED);
    const last = customers.at(-1);
    const list: CustomerList = {
      customers,
      next: found.length > MOST_LISTED && last ? { name: last.name, id: last.id } : null,
    };
    response.json(list);
  });

  router.get('/customers/:id', allow(), async (request, response) => {
    response.json(await recordOf(pool, pathId(request, 'id', THIS)));
  });

  router.post('/customers', allow(), async (request, response) => {
    const body = bodyOf(customerSchema, request);
    const { id } = await withIdempotency(pool, request, body, {
      work: async (db) => {
        const added = await addCustomer(db, body);
        await noteCustomer(db, request, added, say('event.customer-added'));
        return { id: added };
      },
      madeInWords: () => STRINGS.aCustomerWas,
    });
    response.status(201).json(await recordOf(pool, id));
  });

  router.put('/customers/:id', allow(), async (request, response) => {
    const id = pathId(request, 'id', THIS);
    const { version, ...body } = bodyOf(changeCustomerSchema, request);
    await inTransaction(pool, async (db) => {
      await lockedAt(db, id, version);
      await changeCustomer(db, id, body);
      if (body.mayWrite === 'no') await withdrawMessages(db, id);
      await noteCustomer(db, request, id, say('event.customer-changed'));
    });
    response.json(await recordOf(pool, id));
  });

  router.post('/customers/:id/merge', mayDo('merge customers'), async (request, response) => {
    const id = pathId(request, 'id', THIS);
    const { version, intoId } = bodyOf(mergeCustomerSchema, request);
    await inTransaction(pool, async (db) => {
      if (intoId === id) {
        throw invalid([{ field: 'intoId', message: STRINGS.customerWhoStaysChooseAnotherOne }]);
      }
      // Locked in the order of their ids, so that two merges cannot wait for each other.
      for (const each of [id, intoId].sort((a, b) => a - b)) await lockCustomer(db, each);
      const gone = await lockedAt(db, id, version);
      const stays = await findCustomer(db, intoId);
      if (!stays || stays.erasedAt) {
        throw invalid([{ field: 'intoId', message: STRINGS.customerWhoStaysNotKnownHere }]);
      }
      const merged = mergedCustomer(
        { ...stays, onAccount: stays.onAccount === 1, phones: await phonesOf(db, intoId) },
        { ...gone, onAccount: gone.onAccount === 1, phones: await phonesOf(db, id) },
      );
      await moveBlades(db, id, intoId);
      await moveDealings(db, id, intoId);
      await changeCustomer(db, intoId, merged);
      await removeCustomer(db, id);
      await noteCustomer(db, request, intoId, say('event.customer-merged'));
    });
    response.json(await recordOf(pool, intoId));
  });

  router.post('/customers/:id/erase', mayDo('erase customers'), async (request, response) => {
    const id = pathId(request, 'id', THIS);
    const { version, name } = bodyOf(eraseCustomerSchema, request);
    await inTransaction(pool, async (db) => {
      const row = await lockedAt(db, id, version);
      if (row.name !== name) {
        throw invalid([{ field: 'name', message: STRINGS.nameTypeWasGiven(row.name, name) }]);
      }
      const held = await bladesInShop(db, id);
      if (held > 0) {
        throw conflict(
          STRINGS.inTheShopHandOverFirst(
            held === 1 ? STRINGS.aBladeOfTheirsIs : STRINGS.bladesOfTheirsAre(held),
          ),
          row.version,
        );
      }
      await eraseCustomer(db, row);
      await noteCustomer(db, request, id, say('event.customer-erased'));
      // Before the end of the transaction: where the tray cannot be emptied nothing is said to be forgotten.
      await printer?.discard(await jobIdsOfCustomer(db, id));
    });
    response.json(await recordOf(pool, id));
  });

  return router;
};
