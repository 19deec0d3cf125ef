/** The people of the shop: added, given another role, deactivated and signed out by its owner. */
import {
  changeStaffSchema,
  resetPasswordSchema,
  staffSchema,
  type ChangeStaffBody,
  type Role,
  type StaffRecord,
  type StaffMember,
} from '@patient-edge/contract';
import { Router } from 'express';
import type { Pool } from 'mysql2/promise';
import { hashPassword } from '../auth/password';
import {
  addStaff,
  changeStaff,
  endSessionsOf,
  listStaff,
  lockStaff,
  setPassword,
  staffNames,
} from '../auth/queries';
import { DUPLICATE_ENTRY, errnoOf, inTransaction } from '../database/pool';
import { conflict, invalid, notFound } from '../http/errors';
import { allow, bodyOf, mayDo, pathId, staffOf } from '../http/request';
import { say } from '@patient-edge/core';
import { noteShop } from '../history/note';
import { STRINGS } from './strings';

const THIS = STRINGS.thisPerson;

const isActiveOwner = ({ role, active }: { readonly role: Role; readonly active: boolean }) =>
  role === 'owner' && active;

const whatChanged = (before: StaffRecord, wanted: ChangeStaffBody): string =>
  [
    before.name === wanted.name ? '' : STRINGS.renamedWas(before.name),
    before.role === wanted.role ? '' : STRINGS.was(wanted.role, before.role),
    before.active === wanted.active ? '' : wanted.active ? STRINGS.activeAgain : 'deactivated',
  ]
    .filter(Boolean)
    .join('; ') || STRINGS.nothingChanged;

export const peopleRoutes = (pool: Pool): Router => {
  const router = Router();
  /** Who there is, for lists to choose from: no more than everybody at the counter sees. */
  router.get('/people', allow(), async (_request, response) => {
    response.json(await staffNames(pool));
  });

  router.use('/staff', mayDo('change people'));

  router.get('/staff', async (_request, response) => {
    response.json(await listStaff(pool));
  });

  router.post('/staff', async (request, response) => {
    const { name, login, role, password } = bodyOf(staffSchema, request);
    const passwordHash = await hashPassword(password);
    try {
      const id = await inTransaction(pool, async (db) => {
        const added = await addStaff(db, { name, login, role, passwordHash });
        await noteShop(db, request, say('event.person-added', { name, role }));
        return added;
      });
      response.status(201).json({ id, name, login, role } satisfies StaffMember);
    } catch (error) {
      if (errnoOf(error) !== DUPLICATE_ENTRY) throw error;
      throw invalid([{ field: 'login', message: STRINGS.signInNameIsTaken(login) }]);
    }
  });

  router.put('/staff/:id', async (request, response) => {
    const id = pathId(request, 'id', THIS);
    const wanted = bodyOf(changeStaffSchema, request);
    const people = await inTransaction(pool, async (db) => {
      const before = await lockStaff(db);
      const person = before.find((each) => each.id === id);
      if (!person) throw notFound(THIS);
      const others = before.filter((each) => each.id !== id);
      if (!isActiveOwner(wanted) && !others.some(isActiveOwner)) {
        throw conflict(STRINGS.aShopNeedsAnOwnerMake);
      }
      await changeStaff(db, id, wanted);
      // Whoever is deactivated is out at once, everywhere.
      if (person.active && !wanted.active) await endSessionsOf(db, id);
      await noteShop(
        db,
        request,
        say('event.person-changed', { name: wanted.name, what: whatChanged(person, wanted) }),
      );
      return listStaff(db);
    });
    response.json(people);
  });

  /** For somebody who forgot theirs: they are out everywhere, and in again by the new one. */
  router.put('/staff/:id/password', async (request, response) => {
    const id = pathId(request, 'id', THIS);
    const passwordHash = await hashPassword(bodyOf(resetPasswordSchema, request).password);
    const people = await inTransaction(pool, async (db) => {
      const found = (await lockStaff(db)).find((each) => each.id === id);
      if (!found) throw notFound(THIS);
      if (id === staffOf(request).id) {
        throw conflict(STRINGS.changeYourOwnPasswordInYour);
      }
      await setPassword(db, id, passwordHash);
      await noteShop(
        db,
        request,
        say('event.person-changed', { name: found.name, what: STRINGS.newPassword }),
      );
      await endSessionsOf(db, id);
      return listStaff(db);
    });
    response.json(people);
  });

  router.post('/staff/:id/end-sessions', async (request, response) => {
    const id = pathId(request, 'id', THIS);
    const people = await inTransaction(pool, async (db) => {
      const found = (await lockStaff(db)).some((each) => each.id === id);
      if (!found) throw notFound(THIS);
      await endSessionsOf(db, id);
      return listStaff(db);
    });
    response.json(people);
  });

  return router;
};
