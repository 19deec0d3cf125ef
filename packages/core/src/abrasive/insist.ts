/**
 * What it costs to insist on an abrasive, to do without one, to start finer or to stop coarser: the best
 * chain of the rack under that wish, against the best without it.
 */
import {
  chooseProgression,
  mayFollow,
  stepCosts,
  usableRack,
  type ProgressionInput,
} from './progression';

export interface WishCost {
  readonly wish: 'skip' | 'insist' | 'start finer' | 'stop coarser';
  readonly stoneId: string;
  /** More (or, below 0, less) than the best chain takes; null when no chain is left. */
  readonly deltaSeconds: number | null;
}

/**
 * The least seconds of any chain over each usable abrasive: the best way into it, and the best way on from
 * it, each in one sweep over the rack. Abrasives no chain can run over are left out.
 */
export const leastThrough = (input: ProgressionInput): ReadonlyMap<string, number> => {
  const usable = usableRack(input);
  const costs = stepCosts(input);
  const [finestUm, coarsestUm] = input.finishUm;
  const spent = (index: number, removeMm3: number): number => {
    const entry = usable[index]!;
    return costs.seconds(entry, removeMm3) + (entry.changeSeconds ?? 0);
  };
  const into = usable.map((entry, index) =>
    input.first === undefined || input.first === entry.id
      ? spent(index, costs.removeMm3(null))
      : Infinity,
  );
  const onward = usable.map(({ um }) => (um >= finestUm && um <= coarsestUm ? 0 : Infinity));
  for (let finer = 0; finer < usable.length; finer += 1) {
    for (let coarser = 0; coarser < finer; coarser += 1) {
      if (!mayFollow(usable[coarser]!, usable[finer]!, input.maxRatio)) continue;
      const cost = spent(finer, costs.removeMm3(usable[coarser]!));
      into[finer] = Math.min(into[finer]!, into[coarser]! + cost);
    }
  }
  for (let coarser = usable.length - 1; coarser >= 0; coarser -= 1) {
    for (let finer = coarser + 1; finer < usable.length; finer += 1) {
      if (!mayFollow(usable[coarser]!, usable[finer]!, input.maxRatio)) continue;
      const cost = spent(finer, costs.removeMm3(usable[coarser]!));
      onward[coarser] = Math.min(onward[coarser]!, cost + onward[finer]!);
    }
  }
  return new Map(
    usable.flatMap((entry, index): [string, number][] => {
      const total = into[index]! + onward[index]!;
      return Number.isFinite(total) ? [[entry.id, total]] : [];
    }),
  );
};

/** Every wish that can be had about a rack, against its best chain. Empty when there is no chain at all. */
export const wishCosts = (input: ProgressionInput): readonly WishCost[] => {
  const best = chooseProgression(input);
  if (!best.ok) return [];
  const { steps, totalSeconds } = best.value;
  const against = (changed: Partial<ProgressionInput>): number | null => {
    const chain = chooseProgression({ ...input, ...changed });
    return chain.ok ? chain.value.totalSeconds - totalSeconds : null;
  };
  const usable = usableRack(input);
  const first = steps[0]!;
  const last = steps[steps.length - 1]!;
  const inChain = new Set(steps.map(({ id }) => id));
  const skips = steps.map(({ id }): WishCost => ({
    wish: 'skip',
    stoneId: id,
    deltaSeconds: against({ skip: [...(input.skip ?? []), id] }),
  }));
  const through = leastThrough(input);
  const insists = usable
    .filter(({ id }) => !inChain.has(id))
    .map(({ id }): WishCost => {
      const total = through.get(id);
      return {
        wish: 'insist',
        stoneId: id,
        deltaSeconds: total === undefined ? null : total - totalSeconds,
      };
    });
  const finer = usable.find(({ um }) => um < first.um);
  const coarser = steps[steps.length - 2];
  return [
    ...skips,
    ...insists,
    ...(finer
      ? [
          {
            wish: 'start finer' as const,
            stoneId: finer.id,
            deltaSeconds: against({ first: finer.id }),
          },
        ]
      : []),
    ...(coarser
      ? [
          {
            wish: 'stop coarser' as const,
            stoneId: coarser.id,
            deltaSeconds: -(
              last.seconds + (usable.find(({ id }) => id === last.id)!.changeSeconds ?? 0)
            ),
          },
        ]
      : []),
  ];
};
