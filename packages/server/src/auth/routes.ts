/** Signing in and out, the first owner, and one's own account. */
import {
  passwordSchema,
  setUpSchema,
  signInSchema,
  type SessionInfo,
  type StaffMember,
} from '@patient-edge/contract';
import { Router, type Request } from 'express';
import type { Pool } from 'mysql2/promise';
import { inTransaction } from '../database/pool';
import { DEMO_SIGN_INS } from '../demo/sign-ins';
import { ApiError, conflict, invalid } from '../http/errors';
import { allow, bodyOf, findStaffOf, staffOf } from '../http/request';
import type { Streams } from '../http/streams';
import { readCurrency } from '../prices/queries';
import { readFormats, readInstruments } from '../shop/formats';
import { hashPassword, passwordMatches } from './password';
import {
  addStaff,
  countStaff,
  endSessionsOf,
  findStaffByLogin,
  readSetting,
  setPassword,
  writeSetting,
} from './queries';
import { carrySession, endSession, startSession } from './sessions';
import { throttleOf } from './throttle';
import { STRINGS } from './strings';

const SHOP_NAME = 'shop name';

export interface AuthOptions {
  readonly mode: 'demo' | 'shop';
  readonly cookieName: string;
  readonly streams: Streams;
}

const addressOf = ({ ip }: Request): string => (ip ?? 'unknown').slice(0, 45);

export const authRoutes = (pool: Pool, { mode, cookieName, streams }: AuthOptions): Router => {
  const router = Router();
  // Spent on unknown names too, so that the time taken does not tell which names exist.
  const nobody = hashPassword('nobody signs in with this');

  const info = async (staff: StaffMember | null): Promise<SessionInfo> => ({
    staff,
    shopName: await readSetting(pool, SHOP_NAME),
    currency: await readCurrency(pool),
    formats: await readFormats(pool),
    instruments: await readInstruments(pool),
    needsSetUp: staff === null && (await countStaff(pool)) === 0,
    ...(mode === 'demo' && staff === null ? { demoSignIns: DEMO_SIGN_INS } : {}),
  });

  router.get('/session', async (request, response) => {
    response.json(await info(findStaffOf(request)));
  });

  router.post('/session', async (request, response) => {
    const { login, password } = bodyOf(signInSchema, request);
    const found = await findStaffByLogin(pool, login);
    // The database takes "Nara" and "nara" for one: so does the count of wrong tries.
    const throttle = throttleOf(pool, found?.login ?? login.toLowerCase(), addressOf(request));
    await throttle.mayTry();
    const hash = found?.passwordHash ?? (await nobody);
    const matches = await passwordMatches(hash, password, throttle.mayTry);
    if (!found || !matches) {
      await throttle.failed();
      throw new ApiError(401, 'SIGN_IN', 'Name or password is not right', {
        fields: [{ field: 'password', message: STRINGS.nameOrPasswordIsNotRight }],
      });
    }
    await throttle.passed();
    const { id, name, role, epoch } = found;
    const staff: StaffMember = { id, name, login: found.login, role };
    await startSession(request, staff, epoch);
    response.json(await info(staff));
  });

  router.delete('/session', async (request, response) => {
    streams.endSession(request.sessionID);
    await endSession(request);
    response.clearCookie(cookieName).json({ staff: null });
  });

  const isSetUp = () => conflict(STRINGS.thisShopHasAnOwnerAlready);

  router.post('/set-up', async (request, response) => {
    const body = bodyOf(setUpSchema, request);
    // Before the hash: whoever comes later costs nothing.
    if ((await countStaff(pool)) > 0) throw isSetUp();
    const passwordHash = await hashPassword(body.password);
    const staff = await inTransaction(pool, async (db): Promise<StaffMember> => {
      if ((await countStaff(db)) > 0) throw isSetUp();
      const { name, login } = body;
      const id = await addStaff(db, { name, login, role: 'owner', passwordHash });
      await writeSetting(db, SHOP_NAME, body.shopName);
      return { id, name, login, role: 'owner' };
    });
    await startSession(request, staff, 0);
    response.status(201).json(await info(staff));
  });

  router.put('/account/password', allow(), async (request, response) => {
    const { id, login } = staffOf(request);
    const { currentPassword, newPassword } = bodyOf(passwordSchema, request);
    const throttle = throttleOf(pool, login, addressOf(request));
    await throttle.mayTry();
    const found = await findStaffByLogin(pool, login);
    const matches =
      found !== undefined &&
      (await passwordMatches(found.passwordHash, currentPassword, throttle.mayTry));
    if (!matches) {
      await throttle.failed();
      throw invalid([{ field: 'currentPassword', message: STRINGS.thisIsNotYourCurrentPassword }]);
    }
    await throttle.passed();
    const passwordHash = await hashPassword(newPassword);
    const epoch = await inTransaction(pool, async (db) => {
      await setPassword(db, id, passwordHash);
      return endSessionsOf(db, id);
    });
    await carrySession(request, epoch);
    response.json({ changed: true });
  });

  /** Every other device of one's own is signed out. */
  router.post('/account/end-sessions', allow(), async (request, response) => {
    const { id } = staffOf(request);
    await carrySession(request, await endSessionsOf(pool, id));
    response.json({ ended: true });
  });

  return router;
};
