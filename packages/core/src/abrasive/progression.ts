/**
 * Choosing the progression: the chain of abrasives from the rack that takes least time. A step's cost
 * depends only on the abrasive before it, so the chains are paths in an acyclic graph ordered by grain,
 * and the k shortest of them are found exactly by keeping the k best ways into each abrasive.
 */
import { fail, ok, SLACK, type Result } from '../units';
import { scratchDepthUm, secondsToRemove, type AbrasiveBody, type SteelWear } from './removal';
import { STRINGS } from './strings';

export interface RackEntry extends AbrasiveBody {
  readonly id: string;
  /** What people call it; messages fall back on the id. */
  readonly name?: string | undefined;
  readonly changeSeconds?: number | undefined;
  /** Of a belt or wheel; by hand when not given. */
  readonly speedMPerS?: number | undefined;
  /** Where a machine moves it: so hard is the blade held against it. By grain when not given. */
  readonly forceN?: number | undefined;
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
  /** Abrasives the chain must run over. */
  readonly through?: readonly string[] | undefined;
  /** Steel the first abrasive of the hand takes besides, where a machine has gone before it: the edge is steepened there. */
  readonly handOverMm3?: number | undefined;
  /** Seconds every abrasive counts besides its own, in choosing only: large, and the fewest are taken. */
  readonly weightPerAbrasiveS?: number | undefined;
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

const CHAINS_KEPT = 4;

interface Way {
  readonly weight: number;
  readonly totalSeconds: number;
  readonly step: ProgressionStep;
  readonly before: Way | null;
}

const chainOf = (way: Way): Chain => {
  const steps: ProgressionStep[] = [];
  for (let at: Way | null = way; at; at = at.before) steps.unshift(at.step);
  return { steps, totalSeconds: way.totalSeconds };
};

/** What one abrasive after another takes, by the model of removal. */
export interface StepCosts {
  /** Working seconds to take that volume. */
  readonly seconds: (entry: RackEntry, removeMm3: number) => number;
  /** What must be taken after that abrasive: its scratches, or all of the stock when it is the first. */
  readonly removeMm3: (before: RackEntry | null, entry: RackEntry) => number;
}

export const stepCosts = (
  input: Pick<ProgressionInput, 'steel' | 'work' | 'stroke' | 'handOverMm3'>,
): StepCosts => ({
  seconds: (entry, removeMm3) =>
    secondsToRemove(
      removeMm3,
      entry,
      input.steel,
      entry.forceN ?? input.stroke.forceN(entry.um),
      entry.speedMPerS ?? input.stroke.speedMPerS,
    ),
  removeMm3: (before, entry) =>
    before
      ? (input.work.faceAreaMm2 * scratchDepthUm(before)) / 1000 +
        (before.speedMPerS !== undefined && entry.speedMPerS === undefined
          ? (input.handOverMm3 ?? 0)
          : 0)
      : input.work.stockMm3,
});

/** The rack that a progression may use, coarsest first. */
export const usableRack = (
  input: Pick<ProgressionInput, 'rack' | 'skip'>,
): readonly RackEntry[] => {
  const skipped = new Set(input.skip);
  return input.rack
    .filter(({ id, abrasive }) => abrasive !== 'compound' && !skipped.has(id))
    .sort((a, b) => b.um - a.um);
};

/** Whether the finer of two may follow the coarser. */
export const mayFollow = (coarser: RackEntry, finer: RackEntry, maxRatio = Infinity): boolean =>
  coarser.um > finer.um &&
  coarser.um / finer.um <= maxRatio + SLACK &&
  // Once the hand has set an edge no machine touches it again.
  (finer.speedMPerS === undefined || coarser.speedMPerS !== undefined);

/**
 * Errors: NO_PROGRESSION, naming the condition that fails and the nearest abrasive.
 *
 * @example
 * chooseProgression({ steel, rack: [], work: { stockMm3: 5, faceAreaMm2: 100 }, stroke: { forceN, speedMPerS: 0.15 }, finishUm: [3, 8] }).ok; // false
 */
export const chooseProgression = (input: ProgressionInput): Result<Progression> => {
  const { finishUm, maxRatio, weightPerAbrasiveS = 0 } = input;
  const usable = usableRack(input);
  const costs = stepCosts(input);
  const [finestUm, coarsestUm] = finishUm;
  const finishes = (um: number): boolean => um >= finestUm && um <= coarsestUm;
  const through = (input.through ?? []).flatMap(
    (id) => usable.find((entry) => entry.id === id) ?? [],
  );
  if (through.length < (input.through?.length ?? 0)) {
    return fail('NO_PROGRESSION', STRINGS.anAbrasiveTheWorkMustRun, 'through');
  }
  // A chain falls in grain: it runs over an abrasive when it neither jumps it, nor begins or ends short of it.
  const misses = (coarserUm: number, finerUm: number, ids: readonly string[]): boolean =>
    through.some(({ id, um }) => um < coarserUm && um >= finerUm && !ids.includes(id));

  /** Puts the ways on over `before` among the best into an abrasive; all of them take the same step. */
  const enter = (
    into: Way[],
    before: RackEntry | null,
    entry: RackEntry,
    waysBefore: readonly (Way | null)[],
  ): void => {
    const removeMm3 = costs.removeMm3(before, entry);
    const seconds = costs.seconds(entry, removeMm3);
    const spent = seconds + (entry.changeSeconds ?? 0);
    for (const way of waysBefore) {
      const weight = (way?.weight ?? 0) + spent + weightPerAbrasiveS;
      if (into.length === CHAINS_KEPT && weight >= into[CHAINS_KEPT - 1]!.weight) break;
      const place = into.findIndex((each) => weight < each.weight);
      const step = { id: entry.id, um: entry.um, removeMm3, seconds };
      const totalSeconds = (way?.totalSeconds ?? 0) + spent;
      into.splice(place < 0 ? into.length : place, 0, { weight, totalSeconds, step, before: way });
      into.length = Math.min(into.length, CHAINS_KEPT);
    }
  };

  const ways: Way[][] = [];
  usable.forEach((entry, index) => {
    const into: Way[] = [];
    if (
      (input.first === undefined || input.first === entry.id) &&
      !misses(Infinity, entry.um, [entry.id])
    ) {
      enter(into, null, entry, [null]);
    }
    for (let earlier = 0; earlier < index; earlier += 1) {
      const coarser = usable[earlier]!;
      if (!mayFollow(coarser, entry, maxRatio) || misses(coarser.um, entry.um, [entry.id]))
        continue;
      enter(into, coarser, entry, ways[earlier]!);
    }
    ways.push(into);
  });
  const [best, ...others] = usable
    .flatMap((entry, index) => (finishes(entry.um) && !misses(entry.um, 0, []) ? ways[index]! : []))
    .sort((a, b) => a.weight - b.weight)
    .slice(0, CHAINS_KEPT);
  if (!best) return explainNoChain(input, usable, finishes);
  return ok({ ...chainOf(best), alternatives: others.map(chainOf) });
};

const nameOf = ({ id, name }: RackEntry): string => name ?? id;

const explainNoChain = (
  input: ProgressionInput,
  usable: readonly RackEntry[],
  finishes: (um: number) => boolean,
): Result<never> => {
  const [finestUm, coarsestUm] = input.finishUm;
  const namesOf = (ids: readonly string[]): string =>
    ids.map((id) => usable.find((entry) => entry.id === id)?.name ?? id).join(' and ');
  if (usable.length === 0) {
    return fail(
      'NO_PROGRESSION',
      input.rack.length === 0 ? STRINGS.theRackIsEmptyAPlan : STRINGS.theRackHoldsNoStonePlate,
      'rack',
    );
  }
  if (input.first !== undefined && !usable.some(({ id }) => id === input.first)) {
    return fail('NO_PROGRESSION', STRINGS.theFirstAbrasiveAskedForIs(input.first), 'first');
  }
  if (input.through && input.through.length > 0) {
    const without = chooseProgression({ ...input, through: [] });
    if (without.ok) {
      return fail(
        'NO_PROGRESSION',
        STRINGS.noChainToToMRuns(finestUm, coarsestUm, namesOf(input.through)),
        'through',
      );
    }
  }
  const centre = Math.sqrt(finestUm * coarsestUm);
  const nearest = usable.reduce((best, entry) =>
    Math.abs(Math.log(entry.um / centre)) < Math.abs(Math.log(best.um / centre)) ? entry : best,
  );
  if (!usable.some(({ um }) => finishes(um))) {
    return fail(
      'NO_PROGRESSION',
      STRINGS.noAbrasiveEndsBetweenAndM(finestUm, coarsestUm, nameOf(nearest), nearest.um),
      'finishUm',
    );
  }
  return fail(
    'NO_PROGRESSION',
    STRINGS.noChainReachesToMWith(
      finestUm,
      coarsestUm,
      input.maxRatio ?? 'any',
      nameOf(nearest),
      nearest.um,
    ),
    'maxRatio',
  );
};
