/** Where a blade is promised: the place named, or the one that is open on the day. */
import { placesOn } from '@patient-edge/core';
import type { Queryable } from '../database/pool';
import { invalid } from '../http/errors';
import { listClosedDays, listPlaces } from './queries';
import { STRINGS } from './strings';

interface Promised {
  readonly promisedOn: string;
  readonly placeId: number | null;
}

/** The same with its place. Refused when the place named is not the shop's; the field is named below `path`. */
export const withPlace = async <Body extends Promised>(
  db: Queryable,
  body: Body,
  path = '',
): Promise<Body> => {
  const places = await listPlaces(db);
  if (body.placeId !== null) {
    if (places.some(({ id }) => id === body.placeId)) return body;
    throw invalid([{ field: `${path}placeId`, message: STRINGS.thisPlaceIsNotOneOf }]);
  }
  const [open] = placesOn(places, await listClosedDays(db), body.promisedOn);
  return { ...body, placeId: open?.id ?? null };
};
