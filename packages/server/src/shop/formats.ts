/** How the shop writes days, hours and measures: read with the session, set by the owner. */
import {
  formatsSchema,
  INSTRUMENTS,
  instrumentsSchema,
  USUAL_FORMATS,
  type Instrument,
  type ShopFormats,
} from '@patient-edge/contract';
import { Router } from 'express';
import type { Pool } from 'mysql2/promise';
import { readSetting, writeSetting } from '../auth/queries';
import { inTransaction, type Queryable } from '../database/pool';
import { bodyOf, mayDo } from '../http/request';
import { noteChanged } from '../history/note';
import { STRINGS } from './strings';

const SETTING = 'formats';

export const readFormats = async (db: Queryable): Promise<ShopFormats> => {
  const kept = await readSetting(db, SETTING);
  return kept === null ? USUAL_FORMATS : { ...USUAL_FORMATS, ...(JSON.parse(kept) as ShopFormats) };
};

const OWNED = 'instruments';

/** Everything, until somebody said what there is. */
export const readInstruments = async (db: Queryable): Promise<readonly Instrument[]> => {
  const kept = await readSetting(db, OWNED);
  return kept === null ? INSTRUMENTS : (JSON.parse(kept) as Instrument[]);
};

export const formatRoutes = (pool: Pool): Router => {
  const router = Router();
  router.put('/formats', mayDo('change the shop'), async (request, response) => {
    const formats = bodyOf(formatsSchema, request);
    await inTransaction(pool, async (db) => {
      await writeSetting(db, SETTING, JSON.stringify(formats));
      await noteChanged(db, request, STRINGS.unitsAndDates);
    });
    response.json(formats);
  });
  router.put('/instruments', mayDo('change tests in use'), async (request, response) => {
    const { owned } = bodyOf(instrumentsSchema, request);
    await inTransaction(pool, async (db) => {
      await writeSetting(db, OWNED, JSON.stringify(owned));
      await noteChanged(db, request, STRINGS.theInstruments);
    });
    response.json({ owned });
  });
  return router;
};
