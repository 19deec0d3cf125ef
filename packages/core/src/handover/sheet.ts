/** The sheet that goes home with a blade, in the words of whoever uses it: no stones, no strokes, no planning. */
import { bladeKind, type BladeMeasures, type Damage, type Sharpness } from '../blade';
import { forceBand, medianGf, type EdgeReadings, type ZoneReadings } from '../edgetest';
import { ZONES } from '../geometry';
import type { Operation } from '../plan/steps';
import type { Practice } from '../plan/choices';
import type { Steel } from '../steel';
import { careAdvice } from './care';
import type { ComeBack } from './come-back';
import { STRINGS } from './strings';

export interface SheetFacts {
  readonly name: string;
  readonly measures: BladeMeasures;
  /** As it is called; null where it stands in no table here. */
  readonly steel: Steel | null;
  readonly steelName: string;
  readonly sharpness: Sharpness;
  readonly askedFor: string;
  readonly damage: readonly Damage[];
  /** Ids of damage that was left in on purpose. */
  readonly damageLeft: readonly string[];
  /** Why it goes back as it came; null where it was worked. */
  readonly declineReason: string | null;
  /** What was done and counts, in order. */
  readonly done: readonly Operation[];
  /** Null where it was only touched up. */
  readonly plan: {
    readonly angleDeg: number;
    readonly presentDeg: number;
    readonly behindBeforeMm: number;
    readonly behindAfterMm: number;
    readonly heightLostMm: number;
  } | null;
  readonly touchedUp: boolean;
  readonly before: EdgeReadings | null;
  readonly after: EdgeReadings | null;
  /** What the test passed with. */
  readonly testRemarks: readonly string[];
  readonly rod: Practice['rod'];
  /** Found for their rod; null where none was set. */
  readonly coins: { readonly count: number; readonly coinMm: number } | null;
  readonly remarks: string;
  readonly comeBack: ComeBack | null;
  /** The day that falls on, as people write it. */
  readonly comeBackDay: string;
}

export interface SheetPart {
  readonly heading: string;
  readonly lines: readonly string[];
}

export interface CustomerSheet {
  readonly title: string;
  readonly under: string;
  readonly parts: readonly SheetPart[];
  /** The one plain figure; null where nothing was read before and after. */
  readonly figure: {
    readonly label: string;
    readonly before: string;
    readonly after: string;
  } | null;
}

const fixed = (value: number, digits: number): string => value.toFixed(digits);
const plain = (value: number): string => String(Number(value.toFixed(1)));

const SHARPNESS_SAID: Readonly<Record<Sharpness, string>> = {
  keen: STRINGS.itCameStillSharp,
  tired: STRINGS.itCameTiredItCutBut,
  dull: STRINGS.itCameDull,
  blunt: STRINGS.itCameBlunt,
};

/** "2 chips, the deepest 1.4 mm". */
const damageSaid = (damage: readonly Damage[]): readonly string[] => {
  const kinds = [...new Set(damage.map(({ kind }) => kind))];
  return kinds.map((kind) => {
    const ofKind = damage.filter((each) => each.kind === kind);
    const deepest = Math.max(...ofKind.map(({ depthMm }) => depthMm));
    const count = ofKind.length === 1 ? `1 ${kind}` : `${ofKind.length} × ${kind}`;
    return deepest > 0
      ? `${count}, ${ofKind.length === 1 ? '' : STRINGS.theDeepest}${plain(deepest)} mm`
      : count;
  });
};

const cameWith = ({ sharpness, damage, askedFor }: SheetFacts): string[] => [
  SHARPNESS_SAID[sharpness],
  ...(damage.length > 0 ? [STRINGS.foundOnIt(damageSaid(damage).join('; '))] : []),
  ...(askedFor === '' ? [] : [STRINGS.youAskedFor(askedFor)]),
];

/** What each kind of work is for; work that belongs to the bench alone is not told. */
const doneSaid = (facts: SheetFacts): string[] => {
  const { plan, damage, damageLeft } = facts;
  const did = (operation: Operation): boolean => facts.done.includes(operation);
  const out = damage.filter(({ id }) => !damageLeft.includes(id));
  const lines: string[] = [];
  const add = (operation: Operation, line: string): void => {
    if (did(operation)) lines.push(line);
  };
  add(
    'outline',
    out.some(({ kind }) => kind === 'missing tip' || kind === 'bent tip')
      ? STRINGS.thePointBroughtBackAndThe
      : out.some(({ kind }) => kind === 'chip')
        ? STRINGS.chipsTakenOutDownToSound
        : STRINGS.theEdgeLineMadeTrueSo,
  );
  add('tapping', STRINGS.theBackTappedOutSoThat);
  if (did('thinning') && plan)
    lines.push(
      STRINGS.thinnedJustAboveTheEdgeFrom(
        fixed(plan.behindBeforeMm, 2),
        fixed(plan.behindAfterMm, 2),
      ),
    );
  add('faces', STRINGS.theFacesCleanedAndBlended);
  add('back', STRINGS.theBackLaidFlatWithoutThat);
  if (did('edge') || did('refine')) lines.push(STRINGS.aNewEdgeGroundAndRefined);
  add('micro', STRINGS.aHairOfASteeperEdge);
  if (did('deburr') || did('strop')) lines.push(STRINGS.theBurrTakenOffItIs);
  if (facts.touchedUp) lines.push(STRINGS.touchedUpTheEdgeBroughtBack);
  if (did('test') || facts.after !== null) lines.push(STRINGS.testedBeforeItLeaves);
  if (plan && plan.heightLostMm >= 0.05)
    lines.push(STRINGS.theBladeIsMmLowerThan(fixed(plan.heightLostMm, 1)));
  return lines;
};

const angleSaid = ({ plan, touchedUp, coins }: SheetFacts): string[] => [
  ...(plan
    ? [
        STRINGS.degreesOnEachSideDegreesIn(
          fixed(plan.angleDeg, 1),
          fixed(2 * plan.angleDeg, 1),
          fixed(plan.presentDeg, 1),
        ),
      ]
    : touchedUp
      ? [STRINGS.asItCameTheAngleWas]
      : []),
  ...(coins
    ? [
        STRINGS.onYourRodSpineRaisedBy(
          coins.count,
          coins.count === 1 ? STRINGS.coin : STRINGS.coins,
          plain(coins.coinMm),
        ),
      ]
    : []),
];

/** How many of four places were not as they should be. */
const badPlaces = (readings: EdgeReadings): number | null => {
  const isRead = ({ classes }: ZoneReadings): boolean =>
    classes.light !== undefined || classes.paper !== undefined;
  if (!ZONES.some((zone) => isRead(readings[zone]))) return null;
  return ZONES.filter((zone) => {
    const { light, paper } = readings[zone].classes;
    return light === 'glint' || paper === 'tears' || paper === 'catches';
  }).length;
};

const forceOf = (readings: EdgeReadings): number | null =>
  medianGf(ZONES.flatMap((zone) => readings[zone].forceGf));

const figureOf = ({ before, after }: SheetFacts): CustomerSheet['figure'] => {
  if (!before || !after) return null;
  const [was, is] = [forceOf(before), forceOf(after)];
  if (was !== null && is !== null) {
    const said = (gf: number): string => `${Math.round(gf)} g, ${forceBand(gf)}`;
    return { label: STRINGS.weightToCutAStandardThread, before: said(was), after: said(is) };
  }
  const [bad, left] = [badPlaces(before), badPlaces(after)];
  if (bad === null || left === null) return null;
  return {
    label: STRINGS.placesAlongTheEdgeThatDid,
    before: STRINGS.of(bad, ZONES.length),
    after: STRINGS.of2(left, ZONES.length),
  };
};

const keepSaid = ({ measures, steel, rod }: SheetFacts): readonly string[] =>
  steel ? careAdvice(bladeKind(measures.kindId), steel, rod) : [];

const comeBackSaid = ({ comeBack, comeBackDay }: SheetFacts): string[] =>
  comeBack === null
    ? []
    : [
        comeBack.fromLives > 0
          ? STRINGS.aboutItsLastEdgesLastedDays(comeBackDay, comeBack.fromLives, comeBack.days)
          : STRINGS.aboutAsMostBladesOfIts(comeBackDay),
      ];

/** The parts that have something to say, in the order they are read. */
export const customerSheet = (facts: SheetFacts): CustomerSheet => {
  const kind = bladeKind(facts.measures.kindId);
  const isDeclined = facts.declineReason !== null;
  const left = facts.damage.filter(({ id }) => facts.damageLeft.includes(id));
  const noted = [
    ...(left.length > 0 ? [STRINGS.leftInOnPurpose(damageSaid(left).join('; '))] : []),
    ...facts.testRemarks.map((remark) => STRINGS.atTheTest(remark)),
    ...(facts.remarks === '' ? [] : [facts.remarks]),
  ];
  const parts: readonly SheetPart[] = [
    { heading: STRINGS.whatCame, lines: cameWith(facts) },
    {
      heading: isDeclined ? STRINGS.returnedWithoutSharpening : STRINGS.whatWasDoneAndWhy,
      lines: isDeclined ? [`${facts.declineReason}`] : doneSaid(facts),
    },
    { heading: STRINGS.angle, lines: isDeclined ? [] : angleSaid(facts) },
    { heading: STRINGS.howToKeepItSo, lines: isDeclined ? [] : keepSaid(facts) },
    { heading: STRINGS.notedNotRepaired, lines: noted },
    { heading: STRINGS.whenToComeBack, lines: isDeclined ? [] : comeBackSaid(facts) },
  ];
  return {
    title: facts.name || kind.label,
    under: STRINGS.edgeMm(kind.label, Math.round(facts.measures.edgeLengthMm), facts.steelName),
    parts: parts.filter(({ lines }) => lines.length > 0),
    figure: isDeclined ? null : figureOf(facts),
  };
};
