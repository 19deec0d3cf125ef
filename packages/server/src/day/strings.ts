/** Strings of the day. */
import { stringsOf } from '@patient-edge/core';

export const STRINGS = stringsOf('server/day', {
  thisBlade: 'This blade',
  thisPerson: 'This person',
  who: 'who is there',
  calendarOf: (shop: string) => `${shop}: the day`,
  calendarOfPerson: (shop: string, person: string) => `${shop}: ${person}`,
  thisCalendar: 'This calendar',
});
