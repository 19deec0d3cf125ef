/** What follows the stones: strop, newspaper, wood or felt, chosen by the operator; data with reasons. */
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

export const SURFACE_REASONS: Readonly<Record<FinishingSurface, string>> = {
  strop: 'Trailing only, no pressure. Stop as soon as the burr is gone: more rounds the edge.',
  newspaper:
    'A sheet flat over a stone: ink and clay polish, and the hard back keeps the edge flat.',
  wood: 'Draw the edge once or twice through soft clean wood: it tears off what still hangs.',
  felt: 'Draw the edge lightly through felt: it takes the last burr and little else.',
  none: 'Off the last stone as it is: some want the bite.',
};

/** The strop whose grain comes nearest to half of the last stone's; null when the rack has none. */
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
export const finishingWords = (finishing: Finishing, strop: RackStone | null): string => {
  const at =
    finishing.underDeg > 0 ? `${finishing.underDeg}° under the bevel` : 'At the angle of the bevel';
  if (finishing.on !== 'strop') return SURFACE_REASONS[finishing.on];
  const soft =
    finishing.back === 'soft'
      ? ` The soft back gives: count on an apex about ${SOFT_BACK_ROUNDS_DEG}° steeper.`
      : '';
  const cut = strop ? ` It leaves scratches of ${scratchDepthUm(strop).toFixed(2)} µm.` : '';
  return `${at}. ${SURFACE_REASONS.strop}${cut}${soft}`;
};
