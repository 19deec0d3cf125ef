/**
 * Choosing the progression: the chain of abrasives from the rack that takes least time. A step's cost
 * depends only on the abrasive before it, so the chains are paths in an acyclic graph ordered by grain,
 * and the k shortest of them are found exactly by keeping the k best ways into each abrasive.
 */
import { fail, ok, type Result } from '../units/result';
import { scratchDepthUm, secondsToRemove, type AbrasiveBody, type SteelWear } from './removal';

export interface RackEntry extends AbrasiveBody {
  readonly id: string;
  readonly changeSeconds?: number | undefined;
}

export interface ProgressionInput {
  readonly steel: SteelWear;
  readonly rack: readonly RackEntry[];
  readonly work: { readonly stockMm3: number; readonly faceAreaMm2: number };
  /** Force by grain: the hand goes lighter as the grain gets finer. */
  readonly stroke: { readonly forceN: (um: number) => number; readonly speedMPerS: number };
  readonly finishUm: readonly [min: number, max: number];
  readonly maxRatio?: number | undefined;
  readonly first?: string | undefined;
  readonly skip?: readonly string[] | undefined;
}

export interface ProgressionStep {
  readonly id: string;
  readonly um: number;
  readonly removeMm3: number;
  /** Working time alone. */
  readonly seconds: number;
}

export interface Chain {
  readonly steps: readonly ProgressionStep[];
  /** Working time and the change to every abrasive, the first included. */
  readonly totalSeconds: number;
}

export interface Progression extends Chain {
  readonly alternatives: readonly Chain[];
}

const RATIO_SLACK = 1e-9;
const CHAINS_KEPT = 4;

interface Way {
  readonly totalSeconds: number;
  readonly step: ProgressionStep;
  readonly before: Way | null;
}

const chainOf = (way: Way): Chain => {
  const steps: ProgressionStep[] = [];
  for (let at: Way | null = way; at; at = at.before) steps.unshift(at.step);
  return { steps, totalSeconds: way.totalSeconds };
};

/** Errors: NO_PROGRESSION, naming the condition that fails and the nearest abrasive. */
export const chooseProgression = (input: ProgressionInput): Result<Progression> => {
  const { steel, work, stroke, finishUm, maxRatio = Infinity } = input;
  const skipped = new Set(input.skip);
  const usable = input.rack
    .filter(({ id, abrasive }) => abrasive !== 'compound' && !skipped.has(id))
    .sort((a, b) => b.um - a.um);
  const [finestUm, coarsestUm] = finishUm;
  const finishes = (um: number): boolean => um >= finestUm && um <= coarsestUm;

  const stepSeconds = (entry: RackEntry, removeMm3: number): number =>
    secondsToRemove(removeMm3, entry, steel, stroke.forceN(entry.um), stroke.speedMPerS);
  const follow = (before: Way | null, entry: RackEntry, removeMm3: number): Way => {
    const seconds = stepSeconds(entry, removeMm3);
    return {
      totalSeconds: (before?.totalSeconds ?? 0) + seconds + (entry.changeSeconds ?? 0),
      step: { id: entry.id, um: entry.um, removeMm3, seconds },
      before,
    };
  };

  const ways: Way[][] = [];
  usable.forEach((entry, index) => {
    const into: Way[] = [];
    if (input.first === undefined || input.first === entry.id) {
      into.push(follow(null, entry, work.stockMm3));
    }
    for (let earlier = 0; earlier < index; earlier += 1) {
      const coarser = usable[earlier]!;
      if (coarser.um <= entry.um || coarser.um / entry.um > maxRatio + RATIO_SLACK) continue;
      const removeMm3 = (work.faceAreaMm2 * scratchDepthUm(coarser)) / 1000;
      for (const way of ways[earlier]!) into.push(follow(way, entry, removeMm3));
    }
    ways.push(into.sort((a, b) => a.totalSeconds - b.totalSeconds).slice(0, CHAINS_KEPT));
  });
  const [best, ...others] = usable
    .flatMap((entry, index) => (finishes(entry.um) ? ways[index]! : []))
    .sort((a, b) => a.totalSeconds - b.totalSeconds)
    .slice(0, CHAINS_KEPT);
  if (!best) return explainNoChain(input, usable, finishes);
  return ok({ ...chainOf(best), alternatives: others.map(chainOf) });
};

const explainNoChain = (
  input: ProgressionInput,
  usable: readonly RackEntry[],
  finishes: (um: number) => boolean,
): Result<never> => {
  const [finestUm, coarsestUm] = input.finishUm;
  if (usable.length === 0) {
    return fail(
      'NO_PROGRESSION',
      'The rack holds no stone, plate or film that could be used',
      'rack',
    );
  }
  if (input.first !== undefined && !usable.some(({ id }) => id === input.first)) {
    return fail(
      'NO_PROGRESSION',
      `The first abrasive asked for, ${input.first}, is not in the rack or was skipped`,
      'first',
    );
  }
  const centre = Math.sqrt(finestUm * coarsestUm);
  const nearest = usable.reduce((best, entry) =>
    Math.abs(Math.log(entry.um / centre)) < Math.abs(Math.log(best.um / centre)) ? entry : best,
  );
  if (!usable.some(({ um }) => finishes(um))) {
    return fail(
      'NO_PROGRESSION',
      `No abrasive ends between ${finestUm} and ${coarsestUm} µm; the nearest is ${nearest.id} at ${nearest.um} µm`,
      'finishUm',
    );
  }
  return fail(
    'NO_PROGRESSION',
    `No chain reaches ${finestUm} to ${coarsestUm} µm with steps of at most ${input.maxRatio ?? 'any'} times; the nearest finish is ${nearest.id} at ${nearest.um} µm`,
    'maxRatio',
  );
};
