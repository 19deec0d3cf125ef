/** Days and months at the workshop's own clock, as the stretch of time they are. */

/** From midnight to midnight. */
export const stretchOfDay = (day: string): readonly [from: Date, until: Date] => {
  const [year, month, date] = day.split('-').map(Number) as [number, number, number];
  return [new Date(year, month - 1, date), new Date(year, month - 1, date + 1)];
};

export const stretchOfMonth = (month: string): readonly [from: Date, until: Date] => {
  const [year, index] = month.split('-').map(Number) as [number, number];
  return [new Date(year, index - 1, 1), new Date(year, index, 1)];
};

/** The calendar day at the workshop's own clock, YYYY-MM-DD. */
export const localDay = (at: Date): string => {
  const two = (part: number): string => String(part).padStart(2, '0');
  return `${at.getFullYear()}-${two(at.getMonth() + 1)}-${two(at.getDate())}`;
};
