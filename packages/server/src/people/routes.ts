/** The people of the shop: added, given another role, deactivated and signed out by its owner. */
import {
  changeStaffSchema,
  staffSchema,
  type Role,
  type StaffMember,
} from '@patient-edge/contract';
import { Router } from 'express';
import type { Pool } from 'mysql2/promise';
import { hashPassword } from '../auth/password';
import { addStaff, changeStaff, endSessionsOf, listStaff, lockStaff } from '../auth/queries';
import { DUPLICATE_ENTRY, errnoOf, inTransaction } from '../database/pool';
import { conflict, invalid, notFound } from '../http/errors';
import { allow, bodyOf, pathId } from '../http/request';

const THIS = 'This person';

const isActiveOwner = ({ role, active }: { readonly role: Role; readonly active: boolean }) =>
  role === 'owner' && active;

export const peopleRoutes = (pool: Pool): Router => {
  const router = Router();
  router.use('/staff', allow('owner'));

  router.get('/staff', async (_request, response) => {
    response.json(await listStaff(pool));
  });

  router.post('/staff', async (request, response) => {
    const { name, login, role, password } = bodyOf(staffSchema, request);
    const passwordHash = await hashPassword(password);
    try {
      const id = await addStaff(pool, { name, login, role, passwordHash });
      response.status(201).json({ id, name, login, role } satisfies StaffMember);
    } catch (error) {
      if (errnoOf(error) !== DUPLICATE_ENTRY) throw error;
      throw invalid([{ field: 'login', message: `Sign-in name "${login}" is taken` }]);
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
        throw conflict('A shop needs an owner: make somebody else owner first');
      }
      await changeStaff(db, id, wanted);
      // Whoever is deactivated is out at once, everywhere.
      if (person.active && !wanted.active) await endSessionsOf(db, id);
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
