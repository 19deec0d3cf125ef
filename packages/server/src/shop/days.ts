/** Days and months at the workshop's own clock, as the stretch of time they are. */

/** A day as people read it: 28 November 2026. */
export const longDay = (at: Date): string =>
  new Intl.DateTimeFormat('en-GB', { dateStyle: 'long' }).format(at);

/** A month as people read it, of the one written 2026-11: November 2026. */
export const longMonth = (month: string): string =>
  new Intl.DateTimeFormat('en-GB', { month: 'long', year: 'numeric' }).format(
    stretchOfMonth(month)[0],
  );

/** From midnight to midnight. */
export const stretchOfDay = (day: string): readonly [from: Date, until: Date] => {
  const [year, month, date] = day.split('-').map(Number) as [number, number, number];
  return [new Date(year, month - 1, date), new Date(year, month - 1, date + 1)];
};

export const stretchOfMonth = (month: string): readonly [from: Date, until: Date] => {
  const [year, index] = month.split('-').map(Number) as [number, number];
  return [new Date(year, index - 1, 1), new Date(year, index, 1)];
};
