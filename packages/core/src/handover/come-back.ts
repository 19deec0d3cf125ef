/** When an edge is likely to want sharpening again: by this blade's own visits, else by what it is used for. */
import { median } from '../statistics';
import { COME_BACK_DAYS, FEWEST_LIVES } from './first-guesses';

const USE_GROUP: Readonly<Record<string, keyof typeof COME_BACK_DAYS>> = {
  'raw-fish': 'daily',
  'raw-meat': 'daily',
  boning: 'daily',
  butchery: 'daily',
  razor: 'daily',
  leather: 'weekly',
  woodcarving: 'weekly',
  field: 'season',
  outdoor: 'season',
  dagger: 'season',
  'axe-carving': 'season',
  'axe-splitting': 'season',
  'axe-camp': 'season',
  'axe-felling': 'season',
};

export interface ComeBack {
  readonly days: number;
  /** How many earlier edges of this blade it is from; 0 where the usual of its use stands in. */
  readonly fromLives: number;
}

/**
 * Days until it is likely to want sharpening again. `livesDays` are how long the edges before lasted; the median of them
 * where there are enough, else the usual of the use. A touch-up lasts half as long.
 *
 * @example
 * comeBackIn('general-soft', []).fromLives; // 0
 */
export const comeBackIn = (
  useId: string,
  livesDays: readonly number[],
  touchUpOnly = false,
): ComeBack => {
  const own = livesDays.length >= FEWEST_LIVES ? median(livesDays) : null;
  const usual = COME_BACK_DAYS[USE_GROUP[useId] ?? 'kitchen'];
  const whole = own ?? (touchUpOnly ? usual / 2 : usual);
  return {
    days: Math.max(1, Math.round(whole)),
    fromLives: own === null ? 0 : livesDays.length,
  };
};
