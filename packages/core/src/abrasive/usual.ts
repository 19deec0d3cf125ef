/** What an abrasive of a kind is taken to be where its owner has not said. */
import { abrasiveKind, type AbrasiveKindId, type Bond, type Liquid, type Soaking } from './kinds';
import type { BenchAbrasive } from './removal';

export interface UsualAbrasive {
  readonly abrasive: BenchAbrasive;
  readonly bond: Bond;
  readonly liquid: Liquid;
  readonly soaking: Soaking;
  readonly scratchFactor: number;
}

/**
 * The usual abrasive of a kind: for a new stone on the rack, and for one told of from outside.
 *
 * @example
 * usualAbrasive('diamond plate').abrasive; // 'diamond'
 */
export const usualAbrasive = (kind: AbrasiveKindId): UsualAbrasive => {
  const { liquids, scratchFactor, task } = abrasiveKind(kind);
  return {
    abrasive:
      kind === 'diamond plate'
        ? 'diamond'
        : task === 'finish'
          ? 'compound'
          : kind === 'file'
            ? 'hardened steel'
            : 'aluminium-oxide',
    bond:
      task === 'finish'
        ? 'strop'
        : kind === 'diamond plate' || kind === 'film' || kind === 'paper' || kind === 'belt'
          ? 'plate or film'
          : 'middling',
    liquid: liquids[0]!,
    soaking: liquids[0] === 'water' ? 'splash' : 'dry',
    scratchFactor,
  };
};
