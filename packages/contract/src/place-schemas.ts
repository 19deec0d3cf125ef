/** Where and when blades are promised: places with their weekdays, and the days on which the shop is closed. */
import Joi from 'joi';
import type { ClosedDays, Place } from '@patient-edge/core';
import {
  id,
  isoDate,
  number,
  optionalText,
  text,
  version,
  yesOrNo,
  type Checked,
} from './schema-parts';
import { MOST_CLOSED_STRETCHES, MOST_PLACES } from './shop-rules';
import { STRINGS } from './field-strings';

export interface PlaceBody extends Omit<Place, 'id'> {
  /** Null for a new one. */
  readonly id: number | null;
}
export interface PlacesBody {
  readonly version: number;
  readonly places: readonly PlaceBody[];
  readonly closed: readonly ClosedDays[];
}
/** The places as the shop has them. */
export interface ShopPlaces {
  readonly version: number;
  readonly places: readonly Place[];
  readonly closed: readonly ClosedDays[];
}

const clock = (label: string) =>
  Joi.string()
    .pattern(/^([01]\d|2[0-3]):[0-5]\d$/, { name: STRINGS.aTimeAsHhMm })
    .allow(null)
    .required()
    .label(label);

/** Compared before each is known to be a place. */
const nameOf = (place: unknown): string =>
  typeof place === 'object' && place !== null && 'name' in place
    ? String(place.name).trim().toLowerCase()
    : '';

export const placesSchema = Joi.object<Checked<PlacesBody>, true>({
  version,
  places: Joi.array()
    .items(
      Joi.object<Checked<PlaceBody>, true>({
        id: id(STRINGS.place).allow(null).required(),
        name: text(STRINGS.nameOfThePlace, 80).required(),
        address: optionalText(STRINGS.addressOfThePlace, 200),
        weekdays: Joi.array()
          .items(number().integer().min(1).max(7))
          .unique()
          .required()
          .label(STRINGS.weekdays),
        opensAt: clock(STRINGS.opens),
        closesAt: clock(STRINGS.closes).custom((value: string, helpers) => {
          const [place] = helpers.state.ancestors as [PlaceBody];
          return place.opensAt === null || value > place.opensAt
            ? value
            : helpers.error('any.invalid');
        }),
        inUse: yesOrNo().required().label(STRINGS.inUse),
      }),
    )
    .max(MOST_PLACES)
    .unique((a: unknown, b: unknown) => nameOf(a) !== '' && nameOf(a) === nameOf(b))
    .required()
    .label(STRINGS.places),
  closed: Joi.array()
    .items(
      Joi.object<Checked<ClosedDays>, true>({
        fromDay: isoDate(STRINGS.firstDayClosed).required(),
        toDay: isoDate(STRINGS.lastDayClosed)
          .required()
          .custom((value: string, helpers) => {
            const [stretch] = helpers.state.ancestors as [ClosedDays];
            return value >= stretch.fromDay ? value : helpers.error('date.min');
          }),
        reason: optionalText(STRINGS.reason, 80),
      }),
    )
    .max(MOST_CLOSED_STRETCHES)
    .required()
    .label(STRINGS.closed),
}).messages({
  'any.invalid': STRINGS.closesAfterItOpens,
  'date.min': STRINGS.lastDayClosedOnOrAfter,
  'array.unique': STRINGS.thereIsAPlaceOfThis,
});
