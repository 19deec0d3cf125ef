/** What is counted is said of one as of many: "1 entry", never "1 entries". */
import { readdirSync } from 'node:fs';
import { join } from 'node:path';

const PACKAGES = join(__dirname, '..', 'packages');

/** One is said in words there ("a chip", "tomorrow"), or never comes: a limit, a ratio, at least two by their nature. */
const NEVER_ONE = new Set([
  'contract/theFileMustHoldAtMost',
  'abrasive/noChainReachesToMWith',
  'edgetest/cutForceOfReadings',
  'handover/aboutItsLastEdgesLastedDays',
  'handover/days',
  'outline/theTwoPointsLiePixelsApart',
  'price/chips',
  'record/pointsTakesAtMostEntriesWere',
  'record/recordsNameAbrasivesSteelsAndPersons',
  'record/sectionsSaid',
  'compute/theAnswerHasLettersAtMost',
  'customers/bladesOfTheirsAre',
  'bench/theClockHasBeenRunningFor',
  'calculator/aConvexEdgeInFacets',
  'choices/chipsTheDeepestMm',
  'collect/bladesHandedOver',
  'compare/ofFinishes',
  'drop-off/blades',
  'drop-off/theseBlades',
  'edge-tests/forceOverTheLastSeconds',
  'intake/fieldsCountMeasures',
  'machines/measuredSetFromCuts',
  'plan/aReasonOfAtLeastLetters',
  'plan/atMostChangesInOnePlan',
  'plan/hoursOnOneBladeThePrice',
  'pressure/forceOverSecondsToBeKept',
  'rack/strokes',
  'rack/theFileMustBeAtMost',
  'shop/ofBlades',
  'steps/highSpotEachOfVisits',
  'theme/daysOverdue',
  'theme/inDays',
]);

/** "1 runs", "1 times": no number of things. */
const NO_THINGS =
  'is|was|has|as|begins|carries|comes|does|goes|hangs|leaves|less|runs|sends|starts|stays|times|wants';
const ONE_OF_MANY = new RegExp(`(?<![\\d.,–±×])\\b1[ \\u00a0](?!(?:${NO_THINGS})\\b)[a-z]+s\\b`);

type Said = (...figures: readonly number[]) => unknown;

/** What each text that takes figures says where all of them are one, by area and name. */
const saidOfOne = async (file: string): Promise<[name: string, said: string][]> => {
  const area = file.split(/[\\/]/).findLast((folder) => !/^(src|strings\.ts)$/.test(folder));
  const tables = (await import(join(PACKAGES, file))) as Record<string, Record<string, unknown>>;
  return Object.values(tables)
    .flatMap((table) => Object.entries(table))
    .flatMap(([name, text]) =>
      typeof text === 'function'
        ? [
            [
              `${area}/${name}`,
              String((text as Said)(...Array.from({ length: text.length }, () => 1))),
            ],
          ]
        : [],
    );
};

test('one of a thing is said as one', async () => {
  const files = readdirSync(PACKAGES, { recursive: true, encoding: 'utf8' }).filter((file) =>
    /^[a-z]+[\\/]src[\\/](.*[\\/])?strings\.ts$/.test(file),
  );
  const said = (await Promise.all(files.map(saidOfOne))).flat();
  const found = said.filter(([name, text]) => !NEVER_ONE.has(name) && ONE_OF_MANY.test(text));
  expect(said.length).toBeGreaterThan(400);
  expect(found).toEqual([]);
  expect([...NEVER_ONE].filter((name) => !said.some(([known]) => known === name))).toEqual([]);
});
