/** The sheet that goes home with a blade, in the words of whoever uses it: no stones, no strokes, no planning. */
import { bladeKind, type BladeMeasures, type Damage, type Sharpness } from '../blade';
import { forceBand, medianGf, type EdgeReadings, type ZoneReadings } from '../edgetest';
import { ZONES } from '../geometry';
import type { Operation } from '../plan/steps';
import type { Practice } from '../plan/choices';
import type { Steel } from '../steel';
import { careAdvice } from './care';
import type { ComeBack } from './come-back';

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
  keen: 'It came still sharp.',
  tired: 'It came tired: it cut, but not as it should.',
  dull: 'It came dull.',
  blunt: 'It came blunt.',
};

/** "2 chips, the deepest 1.4 mm". */
const damageSaid = (damage: readonly Damage[]): readonly string[] => {
  const kinds = [...new Set(damage.map(({ kind }) => kind))];
  return kinds.map((kind) => {
    const ofKind = damage.filter((each) => each.kind === kind);
    const deepest = Math.max(...ofKind.map(({ depthMm }) => depthMm));
    const count = ofKind.length === 1 ? `1 ${kind}` : `${ofKind.length} × ${kind}`;
    return deepest > 0
      ? `${count}, ${ofKind.length === 1 ? '' : 'the deepest '}${plain(deepest)} mm`
      : count;
  });
};

const cameWith = ({ sharpness, damage, askedFor }: SheetFacts): string[] => [
  SHARPNESS_SAID[sharpness],
  ...(damage.length > 0 ? [`Found on it: ${damageSaid(damage).join('; ')}.`] : []),
  ...(askedFor === '' ? [] : [`You asked for: ${askedFor}.`]),
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
      ? 'The point brought back and the edge line made true.'
      : out.some(({ kind }) => kind === 'chip')
        ? 'Chips taken out down to sound steel: what is left in breaks out again.'
        : 'The edge line made true, so that it meets the board all along.',
  );
  add('tapping', 'The back tapped out, so that there is steel to sharpen again.');
  if (did('thinning') && plan)
    lines.push(
      `Thinned just above the edge, from ${fixed(plan.behindBeforeMm, 2)} to ${fixed(plan.behindAfterMm, 2)} mm, so that it goes through food without wedging.`,
    );
  add('faces', 'The faces cleaned and blended.');
  add('back', 'The back laid flat: without that the edge does not meet.');
  if (did('edge') || did('refine')) lines.push('A new edge ground and refined.');
  add('micro', 'A hair of a steeper edge at the very end, so that it lasts.');
  if (did('deburr') || did('strop')) lines.push('The burr taken off: it is sharp, not only rough.');
  if (facts.touchedUp) lines.push('Touched up: the edge brought back without grinding it anew.');
  if (did('test') || facts.after !== null) lines.push('Tested before it leaves.');
  if (plan && plan.heightLostMm >= 0.05)
    lines.push(`The blade is ${fixed(plan.heightLostMm, 1)} mm lower than it came.`);
  return lines;
};

const angleSaid = ({ plan, touchedUp, coins }: SheetFacts): string[] => [
  ...(plan
    ? [
        `${fixed(plan.angleDeg, 1)}° on each side, ${fixed(2 * plan.angleDeg, 1)}° in all. It came with ${fixed(plan.presentDeg, 1)}° on each side.`,
      ]
    : touchedUp
      ? ['As it came: the angle was not changed.']
      : []),
  ...(coins
    ? [
        `On your rod: spine raised by ${coins.count} ${coins.count === 1 ? 'coin' : 'coins'} of ${plain(coins.coinMm)} mm.`,
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
    return { label: 'Weight to cut a standard thread', before: said(was), after: said(is) };
  }
  const [bad, left] = [badPlaces(before), badPlaces(after)];
  if (bad === null || left === null) return null;
  return {
    label: 'Places along the edge that did not cut clean',
    before: `${bad} of ${ZONES.length}`,
    after: `${left} of ${ZONES.length}`,
  };
};

const keepSaid = ({ measures, steel, rod }: SheetFacts): readonly string[] =>
  steel ? careAdvice(bladeKind(measures.kindId), steel, rod) : [];

const comeBackSaid = ({ comeBack, comeBackDay }: SheetFacts): string[] =>
  comeBack === null
    ? []
    : [
        comeBack.fromLives > 0
          ? `About ${comeBackDay}: its last ${comeBack.fromLives} edges lasted ${comeBack.days} days.`
          : `About ${comeBackDay}, as most blades of its use do; sooner if it slides where it used to bite.`,
      ];

/** The parts that have something to say, in the order they are read. */
export const customerSheet = (facts: SheetFacts): CustomerSheet => {
  const kind = bladeKind(facts.measures.kindId);
  const isDeclined = facts.declineReason !== null;
  const left = facts.damage.filter(({ id }) => facts.damageLeft.includes(id));
  const noted = [
    ...(left.length > 0 ? [`Left in on purpose: ${damageSaid(left).join('; ')}.`] : []),
    ...facts.testRemarks.map((remark) => `At the test: ${remark}.`),
    ...(facts.remarks === '' ? [] : [facts.remarks]),
  ];
  const parts: readonly SheetPart[] = [
    { heading: 'What came', lines: cameWith(facts) },
    {
      heading: isDeclined ? 'Returned without sharpening' : 'What was done, and why',
      lines: isDeclined ? [`${facts.declineReason}`] : doneSaid(facts),
    },
    { heading: 'Angle', lines: isDeclined ? [] : angleSaid(facts) },
    { heading: 'How to keep it so', lines: isDeclined ? [] : keepSaid(facts) },
    { heading: 'Noted, not repaired', lines: noted },
    { heading: 'When to come back', lines: isDeclined ? [] : comeBackSaid(facts) },
  ];
  return {
    title: facts.name || kind.label,
    under: `${kind.label}, edge ${Math.round(facts.measures.edgeLengthMm)} mm, ${facts.steelName}`,
    parts: parts.filter(({ lines }) => lines.length > 0),
    figure: isDeclined ? null : figureOf(facts),
  };
};
