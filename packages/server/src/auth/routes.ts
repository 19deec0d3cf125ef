/** Signing in and out, the first owner, and the people of the shop. */
import { readCurrency } from '../prices/queries';
import {
  setUpSchema,
  signInSchema,
  staffSchema,
  type SessionInfo,
  type StaffMember,
} from '@patient-edge/contract';
import { Router, type Request } from 'express';
import { rateLimit } from 'express-rate-limit';
import type { Pool } from 'mysql2/promise';
import { DUPLICATE_ENTRY, errnoOf, inTransaction } from '../database/pool';
import { DEMO_SIGN_INS } from '../demo/sign-ins';
import { ApiError, conflict, invalid } from '../http/errors';
import { allow, bodyOf } from '../http/request';
import { hashPassword, passwordMatches } from './password';
import {
  addStaff,
  countStaff,
  findStaffByLogin,
  listStaff,
  readSetting,
  writeSetting,
} from './queries';

const SHOP_NAME = 'shop name';
/** A new session id at sign-in, so that one planted before is worth nothing. */
const signIn = (request: Request, staff: StaffMember): Promise<void> =>
  new Promise((resolve, reject) => {
    request.session.regenerate((error: unknown) => {
      if (error) {
        reject(error instanceof Error ? error : new Error('The session could not be renewed'));
        return;
      }
      request.session.staff = staff;
      request.session.save((saveError: unknown) => {
        if (saveError)
          reject(
            saveError instanceof Error ? saveError : new Error('The session could not be kept'),
          );
        else resolve();
      });
    });
  });

export const authRoutes = (pool: Pool, mode: 'demo' | 'shop'): Router => {
  const router = Router();
  // Spent on unknown names too, so that the time taken does not tell which names exist.
  const nobody = hashPassword('nobody signs in with this');

  const info = async (staff: StaffMember | null): Promise<SessionInfo> => ({
    staff,
    shopName: await readSetting(pool, SHOP_NAME),
    currency: await readCurrency(pool),
    needsSetUp: staff === null && (await countStaff(pool)) === 0,
    ...(mode === 'demo' && staff === null ? { demoSignIns: DEMO_SIGN_INS } : {}),
  });

  router.get('/session', async (request, response) => {
    response.json(await info(request.session.staff ?? null));
  });

  const limit = rateLimit({
    windowMs: 10 * 60 * 1000,
    limit: 20,
    skipSuccessfulRequests: true,
    standardHeaders: 'draft-8',
    legacyHeaders: false,
    handler: () => {
      throw new ApiError(429, 'TOO_MANY_TRIES', 'Too many tries. Wait ten minutes and try again.');
    },
  });

  router.post('/session', limit, async (request, response) => {
    const { login, password } = bodyOf(signInSchema, request);
    const found = await findStaffByLogin(pool, login);
    const matches = await passwordMatches(found?.passwordHash ?? (await nobody), password);
    if (!found || !matches) {
      throw new ApiError(401, 'SIGN_IN', 'Name or password is not right', {
        fields: [{ field: 'password', message: 'Name or password is not right' }],
      });
    }
    const staff: StaffMember = {
      id: found.id,
      name: found.name,
      login: found.login,
      role: found.role,
    };
    await signIn(request, staff);
    response.json(await info(staff));
  });

  router.delete('/session', (request, response, next) => {
    request.session.destroy((error: unknown) => {
      if (error) next(error);
      else response.clearCookie('patient-edge').json({ staff: null });
    });
  });

  router.post('/set-up', async (request, response) => {
    const body = bodyOf(setUpSchema, request);
    const passwordHash = await hashPassword(body.password);
    const staff = await inTransaction(pool, async (on): Promise<StaffMember> => {
      if ((await countStaff(on)) > 0) throw conflict('This shop has an owner already: sign in');
      const { name, login } = body;
      const id = await addStaff(on, { name, login, role: 'owner', passwordHash });
      await writeSetting(on, SHOP_NAME, body.shopName);
      return { id, name, login, role: 'owner' };
    });
    await signIn(request, staff);
    response.status(201).json(await info(staff));
  });

  router.get('/staff', allow('owner'), async (_request, response) => {
    response.json(await listStaff(pool));
  });

  router.post('/staff', allow('owner'), async (request, response) => {
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

  return router;
};
