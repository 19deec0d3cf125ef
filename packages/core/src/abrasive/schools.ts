/** Schools of the progression: the same rack and the same work, and another idea of what is best. */
import { localized } from '../text';
import { fail, ok, type Result } from '../units';
import { NAMED_FINISH_RATIO, START_FINE_SHARE } from './first-guesses';
import { leastFrom } from './insist';
import {
  chooseProgression,
  stepCosts,
  usableRack,
  type Chain,
  type Progression,
  type ProgressionInput,
} from './progression';
import { STRINGS } from './strings';

export const PROGRESSION_SCHOOLS = [
  'quickest',
  'fewest stones',
  'start fine',
  'one coarse stone',
] as const;
export type ProgressionSchool = (typeof PROGRESSION_SCHOOLS)[number];

export const SCHOOL_REASONS: Readonly<Record<ProgressionSchool, string>> = localized({
  quickest: 'The chain that takes least time, changes of stone included.',
  'fewest stones': 'As few stones as reach the finish, and of those the quickest.',
  'start fine':
    'Begin on the finest stone that still does the work in one and a half times the least time: less to refine, less steel lost to scratches.',
  'one coarse stone':
    'One stone of 12 to 35 µm, made truly sharp, and then only the strop: bite, and no refinement.',
});

/** Where a coarse edge is left, µm. */
export const COARSE_FINISH_UM = [12, 35] as const;
/** More than any rack takes: the number of abrasives is weighed before the seconds. */
const FEWEST_WEIGHT_S = 1e9;
const CHAINS_SHOWN = 4;

const fromChains = (chains: readonly Chain[]): Result<Progression> => {
  const [best, ...alternatives] = chains.slice(0, CHAINS_SHOWN);
  return ok({ ...best!, alternatives });
};

const startFine = (input: ProgressionInput): Result<Progression> => {
  const quickest = chooseProgression(input);
  if (!quickest.ok || input.first !== undefined) return quickest;
  const limitS = quickest.value.totalSeconds * START_FINE_SHARE;
  const from = leastFrom(input);
  // The finest start that is quick enough; wishes about stones to run over may still rule it out.
  const starts = usableRack(input)
    .filter(({ id }) => (from.get(id) ?? Infinity) <= limitS)
    .reverse();
  for (const { id } of input.through?.length ? starts : starts.slice(0, 1)) {
    const chain = chooseProgression({ ...input, first: id });
    if (chain.ok && chain.value.totalSeconds <= limitS) return chain;
  }
  return quickest;
};

const oneCoarseStone = (input: ProgressionInput): Result<Progression> => {
  const [finestUm, coarsestUm] = COARSE_FINISH_UM;
  const wanted = new Set([...(input.through ?? []), ...(input.first ? [input.first] : [])]);
  const costs = stepCosts(input);
  const removeMm3 = input.work.stockMm3;
  const chains = usableRack(input)
    .filter(
      ({ um, id }) => um >= finestUm && um <= coarsestUm && (wanted.size === 0 || wanted.has(id)),
    )
    .map((entry): Chain => {
      const seconds = costs.seconds(entry, removeMm3);
      return {
        steps: [{ id: entry.id, um: entry.um, removeMm3, seconds }],
        totalSeconds: seconds + (entry.changeSeconds ?? 0),
      };
    })
    .sort((a, b) => a.totalSeconds - b.totalSeconds);
  if (chains.length === 0) {
    return fail(
      'NO_PROGRESSION',
      STRINGS.oneCoarseStoneWantsAnAbrasive(finestUm, coarsestUm),
      'rack',
    );
  }
  return fromChains(chains);
};

/**
 * The best chain by that school, and up to three others. Errors: NO_PROGRESSION.
 *
 * @example
 * progressionBySchool({ steel, rack: DEMO_RACK, work: { stockMm3: 5, faceAreaMm2: 100 }, stroke: { forceN, speedMPerS: 0.15 }, finishUm: [8, 25] }, 'quickest').ok; // true
 */
export const progressionBySchool = (
  input: ProgressionInput,
  school: ProgressionSchool,
): Result<Progression> => {
  switch (school) {
    case 'quickest':
      return chooseProgression(input);
    case 'fewest stones':
      return chooseProgression({ ...input, weightPerAbrasiveS: FEWEST_WEIGHT_S });
    case 'start fine':
      return startFine(input);
    case 'one coarse stone':
      return oneCoarseStone(input);
  }
};

/**
 * The grains that count as the finish named, µm.
 *
 * @example
 * windowAround(10)[0] < 10; // true
 */
export const windowAround = (um: number): readonly [number, number] => [
  um / NAMED_FINISH_RATIO,
  um * NAMED_FINISH_RATIO,
];
