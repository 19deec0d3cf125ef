/** What follows the stones: strop, newspaper, wood or felt, chosen by the operator; data with reasons. */
import { say, type Message, type Text } from '../../text';
import { forTask, scratchDepthUm, type RackStone } from '../../abrasive';
import { SOFT_BACK_ROUNDS_DEG } from './first-guesses';

export const FINISHING_SURFACES = ['strop', 'newspaper', 'wood', 'felt', 'none'] as const;
export type FinishingSurface = (typeof FINISHING_SURFACES)[number];

export const STROP_BACKS = ['hard', 'soft'] as const;
export type StropBack = (typeof STROP_BACKS)[number];

export interface Finishing {
  readonly on: FinishingSurface;
  /** Null takes the one that suits the last stone. */
  readonly stropId: string | null;
  readonly back: StropBack;
  /** Degrees under the bevel; 0 is at the bevel. */
  readonly underDeg: number;
  /** A side. */
  readonly strokes: number;
}

export const DEFAULT_FINISHING: Finishing = {
  on: 'strop',
  stropId: null,
  back: 'hard',
  underDeg: 0,
  strokes: 12,
};
export const MOST_UNDER_DEG = 5;
export const MOST_STROP_STROKES = 200;

export const SURFACE_TEXT: Readonly<Record<FinishingSurface, Message>> = {
  strop: say('finish.strop'),
  newspaper: say('finish.newspaper'),
  wood: say('finish.wood'),
  felt: say('finish.felt'),
  none: say('finish.none'),
};

/**
 * The strop whose grain comes nearest to half of the last stone's; null when the rack has none.
 *
 * @example
 * stropAfter([], 10); // null
 */
export const stropAfter = (rack: readonly RackStone[], lastUm: number): RackStone | null =>
  forTask(rack, 'finish').reduce<RackStone | null>((best, entry) => {
    const distance = (um: number): number => Math.abs(Math.log(um / (lastUm / 2)));
    return best && distance(best.um) <= distance(entry.um) ? best : entry;
  }, null);

/** What the operator chose, as the rack has it. */
export const chosenStrop = (
  rack: readonly RackStone[],
  finishing: Finishing,
  lastUm: number,
): RackStone | null =>
  finishing.on !== 'strop'
    ? null
    : (forTask(rack, 'finish').find(({ id }) => id === finishing.stropId) ??
      stropAfter(rack, lastUm));

/** How the surface is used, in one or two sentences. */
export const finishingText = (finishing: Finishing, strop: RackStone | null): Text =>
  finishing.on !== 'strop'
    ? SURFACE_TEXT[finishing.on]
    : [
        say('finish.under', { underDeg: finishing.underDeg }),
        SURFACE_TEXT.strop,
        ...(strop ? [say('finish.scratches', { scratchUm: scratchDepthUm(strop) })] : []),
        ...(finishing.back === 'soft'
          ? [say('finish.soft-back', { roundsDeg: SOFT_BACK_ROUNDS_DEG })]
          : []),
      ];
