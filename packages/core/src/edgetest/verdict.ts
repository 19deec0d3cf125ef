/** The verdict of a blade: by zone, then as a whole, from the tests that count for its use. */
import { ZONES, type Zone } from '../geometry';
import type { Use } from '../blade';
import {
  findTest,
  testsThatCount,
  type ClassMeans,
  type TestBench,
  type TestId,
} from './catalogue';
import {
  FORCE_READINGS_WANTED,
  forceScale,
  medianGf,
  mustRepeat,
  type EdgeReadings,
} from './tests';
import { STRINGS } from './strings';

export const VERDICTS = ['meets', 'meets with remarks', 'not tested', 'back to the bench'] as const;
export type Verdict = (typeof VERDICTS)[number];

export type TestedPlace = Zone | 'blade';

export interface ZoneVerdict {
  readonly zone: Zone;
  readonly verdict: Verdict;
  readonly reasons: readonly string[];
}

export interface BladeVerdict {
  readonly verdict: Verdict;
  readonly zones: readonly ZoneVerdict[];
  /** Of what is tested once for the blade; null where nothing of that counts or was done. */
  readonly blade: { readonly verdict: Verdict; readonly reasons: readonly string[] } | null;
}

/** All that was found, in words: each zone's under its name, then that of the whole blade. */
export const verdictReasons = ({
  zones,
  blade,
}: Pick<BladeVerdict, 'zones' | 'blade'>): readonly string[] => [
  ...zones.flatMap(({ zone, reasons }) => reasons.map((reason) => `${zone}, ${reason}`)),
  ...(blade?.reasons ?? []),
];

/** Just above the target a reading passes with a remark. */
const REMARK_MARGIN = 1.1;
/** A target at or below this wants a fine edge: catching paper is then a fault. */
const FINE_TARGET_GF = 180;

interface Found {
  readonly faults: string[];
  readonly notDone: string[];
  readonly remarks: string[];
}

const wantsFine = (use: Use): boolean => use.targetForceGf <= FINE_TARGET_GF;

/**
 * What the edge should not take more than, gf: of the use, on the thread of this bench.
 *
 * @example
 * targetForceGf({ targetForceGf: 280 }, { goodForceGf: 460 }); // 560
 */
export const targetForceGf = (
  use: Pick<Use, 'targetForceGf'>,
  { goodForceGf }: Pick<TestBench, 'goodForceGf'>,
): number => Math.round(use.targetForceGf * forceScale(goodForceGf));

interface Asked {
  readonly use: Use;
  readonly counts: readonly TestId[];
  readonly bench: TestBench;
}

/** What a class read says, in the list it belongs to. Those that count must be done; another one is heard when it is. */
const readClass = (
  found: Found,
  test: TestId,
  read: string | undefined,
  { use, counts, bench }: Asked,
  where = '',
): void => {
  const known = findTest(bench, test);
  // A test the shop took out since says nothing any more.
  if (!known) return;
  const { label, classes } = known;
  const name = label.toLowerCase();
  if (read === undefined) {
    if (counts.includes(test)) found.notDone.push(STRINGS.notDone(name));
    return;
  }
  const means: ClassMeans = classes.find(({ id }) => id === read)?.means ?? 'remark';
  if (means === 'good') return;
  const said = (test === 'light' ? STRINGS.lightAGlintTheApexIs : `${name}: ${read}`) + where;
  // What does not count for this use sends nothing back; a burr that was felt does.
  const isHeard = counts.includes(test) || test === 'burr';
  const isFault = isHeard && (means === 'fault' || (means === 'fine' && wantsFine(use)));
  (isFault ? found.faults : found.remarks).push(said);
};

const readForce = (found: Found, forceGf: readonly number[], targetGf: number): void => {
  const median = medianGf(forceGf);
  if (median === null || forceGf.length < FORCE_READINGS_WANTED) {
    found.notDone.push(STRINGS.cutForceOfReadings(forceGf.length, FORCE_READINGS_WANTED));
  } else if (mustRepeat(forceGf)) {
    found.notDone.push(STRINGS.cutForceTheReadingsSpreadOver);
  } else if (median > targetGf * REMARK_MARGIN) {
    found.faults.push(STRINGS.cutForceGfWantedAtMost(median, targetGf));
  } else if (median > targetGf) {
    found.remarks.push(STRINGS.cutForceGfJustAboveGf(median, targetGf));
  }
};

const verdictOf = ({ faults, notDone, remarks }: Found): Verdict =>
  faults.length > 0
    ? 'back to the bench'
    : notDone.length > 0
      ? 'not tested'
      : remarks.length > 0
        ? 'meets with remarks'
        : 'meets';

const nothing = (): Found => ({ faults: [], notDone: [], remarks: [] });
const reasonsOf = ({ faults, notDone, remarks }: Found): readonly string[] => [
  ...faults,
  ...notDone,
  ...remarks,
];

/** The blade is as good as its worst zone, by the tests this bench has. */
export const judgeEdge = (readings: EdgeReadings, use: Use, bench: TestBench): BladeVerdict => {
  const counts = testsThatCount(use, bench);
  const asked = { use, counts, bench };
  const atZone = (test: TestId): boolean =>
    findTest(bench, test)?.at === 'zone' && test !== 'force';
  const zones = ZONES.map((zone): ZoneVerdict => {
    const { classes, forceGf } = readings[zone];
    const found = nothing();
    const done = Object.keys(classes) as TestId[];
    for (const test of new Set([...counts.filter(atZone), ...done.filter(atZone)]))
      readClass(found, test, classes[test], asked);
    for (const place of readings.places ?? [])
      if (place.zone === zone)
        readClass(found, place.test, place.read, asked, STRINGS.atMm(Math.round(place.atMm)));
    if (counts.includes('force')) readForce(found, forceGf, targetForceGf(use, bench));
    return { zone, verdict: verdictOf(found), reasons: reasonsOf(found) };
  });
  const whole = nothing();
  const ofBlade = (test: TestId): boolean => findTest(bench, test)?.at === 'blade';
  const tests = new Set([
    ...counts.filter(ofBlade),
    ...(Object.keys(readings.blade) as TestId[]).filter(ofBlade),
  ]);
  for (const test of tests) readClass(whole, test, readings.blade[test], asked);
  const blade = tests.size === 0 ? null : { verdict: verdictOf(whole), reasons: reasonsOf(whole) };
  const all = [...zones.map(({ verdict }) => verdict), ...(blade ? [blade.verdict] : [])];
  const worst = all.reduce((rank, verdict) => Math.max(rank, VERDICTS.indexOf(verdict)), 0);
  return { verdict: VERDICTS[worst]!, zones, blade };
};
