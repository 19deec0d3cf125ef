/** Where the workshop is when: read by everybody, set by the owner. */
import { placesSchema } from '@patient-edge/contract';
import { Router } from 'express';
import type { Pool } from 'mysql2/promise';
import { inTransaction } from '../database/pool';
import { conflict, invalid } from '../http/errors';
import { allow, bodyOf, mayDo } from '../http/request';
import {
  lockPlaces,
  putPlace,
  readPlaces,
  removePlace,
  replaceClosedDays,
  writePlacesVersion,
} from './queries';
import { noteChanged } from '../history/note';
import { STRINGS } from './strings';

export const placeRoutes = (pool: Pool): Router => {
  const router = Router();

  router.get('/places', allow(), async (_request, response) => {
    response.json(await readPlaces(pool));
  });

  /** The whole list: what is not on it any more is not promised any more. */
  router.put('/places', mayDo('change places'), async (request, response) => {
    const { version, places, closed } = bodyOf(placesSchema, request);
    const held = await inTransaction(pool, async (db) => {
      await lockPlaces(db);
      const before = await readPlaces(db);
      if (before.version !== version) {
        throw conflict(STRINGS.somebodyChangedThePlacesMeanwhileLook, before.version);
      }
      const known = new Set(before.places.map(({ id }) => id));
      const index = places.findIndex(({ id }) => id !== null && !known.has(id));
      if (index >= 0) {
        throw invalid([{ field: `places.${index}.id`, message: STRINGS.thisPlaceIsNotKnownHere }]);
      }
      const kept = new Set(places.map(({ id }) => id));
      for (const { id } of before.places) if (!kept.has(id)) await removePlace(db, id);
      for (const place of places) await putPlace(db, place);
      await replaceClosedDays(db, closed);
      await writePlacesVersion(db, version + 1);
      await noteChanged(db, request, STRINGS.placesAndDays);
      return readPlaces(db);
    });
    response.json(held);
  });

  return router;
};
