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
  type RackEntry,
} from './progression';

export interface WishCost {
  readonly wish: 'skip' | 'insist' | 'start finer' | 'stop coarser';
  readonly stoneId: string;
  /** More (or, below 0, less) than the best chain takes; null when no chain is left. */
  readonly deltaSeconds: number | null;
}

interface Sweep {
  readonly usable: readonly RackEntry[];
  /** Seconds of the best way into each, itself included. */
  readonly into: readonly number[];
  /** Seconds of the best way on from each to the finish; 0 where it may end. */
  readonly onward: readonly number[];
  /** Seconds of each as the first of the work. */
  readonly asFirst: readonly number[];
}

/** The best ways into and on from every abrasive, each in one sweep over the rack. Infinite where there is none. */
const sweep = (input: ProgressionInput): Sweep => {
  const usable = usableRack(input);
  const costs = stepCosts(input);
  const [finestUm, coarsestUm] = input.finishUm;
  const spent = (index: number, removeMm3: number): number => {
    const entry = usable[index]!;
    return costs.seconds(entry, removeMm3) + (entry.changeSeconds ?? 0);
  };
  const asFirst = usable.map((entry, index) => spent(index, costs.removeMm3(null, entry)));
  const into = usable.map(({ id }, index) =>
    input.first === undefined || input.first === id ? asFirst[index]! : Infinity,
  );
  const onward = usable.map(({ um }) => (um >= finestUm && um <= coarsestUm ? 0 : Infinity));
  const costOf = (coarser: number, finer: number): number | null =>
    mayFollow(usable[coarser]!, usable[finer]!, input.maxRatio)
      ? spent(finer, costs.removeMm3(usable[coarser]!, usable[finer]!))
      : null;
  for (let finer = 0; finer < usable.length; finer += 1) {
    for (let coarser = 0; coarser < finer; coarser += 1) {
      const cost = costOf(coarser, finer);
      if (cost !== null) into[finer] = Math.min(into[finer]!, into[coarser]! + cost);
    }
  }
  for (let coarser = usable.length - 1; coarser >= 0; coarser -= 1) {
    for (let finer = coarser + 1; finer < usable.length; finer += 1) {
      const cost = costOf(coarser, finer);
      if (cost !== null) onward[coarser] = Math.min(onward[coarser]!, cost + onward[finer]!);
    }
  }
  return { usable, into, onward, asFirst };
};

const finiteOf = (
  usable: readonly RackEntry[],
  total: (index: number) => number,
): ReadonlyMap<string, number> =>
  new Map(
    usable.flatMap(({ id }, index): [string, number][] =>
      Number.isFinite(total(index)) ? [[id, total(index)]] : [],
    ),
  );

/** The least seconds of any chain over each usable abrasive. Those no chain can run over are left out. */
export const leastThrough = (input: ProgressionInput): ReadonlyMap<string, number> => {
  const { usable, into, onward } = sweep(input);
  return finiteOf(usable, (index) => into[index]! + onward[index]!);
};

/** The least seconds of any chain that begins on each usable abrasive. */
export const leastFrom = (input: ProgressionInput): ReadonlyMap<string, number> => {
  const { usable, onward, asFirst } = sweep(input);
  return finiteOf(usable, (index) => asFirst[index]! + onward[index]!);
};

/**
 * Every wish that can be had about a rack, against its best chain. Empty when there is no chain at all.
 *
 * @example
 * wishCosts({ steel, rack: [], work: { stockMm3: 5, faceAreaMm2: 100 }, stroke: { forceN, speedMPerS: 0.15 }, finishUm: [3, 8] }).length; // 0
 */
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
