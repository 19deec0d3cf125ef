/**
 * Do it, decline it, or send it on; what is thick, what finish, what is at risk and needs the customer's yes,
 * and what is protected before a stone touches it. Every answer has its reason.
 */
import type { Steel } from '../steel';
import {
  isOneSided,
  type BladeKind,
  type BladeMeasures,
  type Damage,
  type Sharpness,
  type Use,
} from '../blade';
import { checkBack, hasTwoEdges, numberAnswer, steelAsTold, type Answers } from '../intake';
import type { BladePlan } from '../plan/planner';
import { rodsFor } from '../touch-up';
import { ASK_ABOVE_MM, SHALLOW_BURN_MM, SPENT_HOLLOW_MM } from './first-guesses';
import { STRINGS } from './strings';

export interface JudgeInput {
  readonly kind: BladeKind;
  readonly measures: BladeMeasures;
  readonly steel: Steel;
  readonly use: Use;
  readonly damage: readonly Damage[];
  /** As it came; absent where that does not matter. */
  readonly sharpness?: Sharpness;
  readonly answers: Answers;
  /** What the work would take; null before it is computed, or where it cannot be planned. */
  readonly plan: BladePlan | null;
  /** How far the thickness behind the edge may be off, one standard deviation. */
  readonly thicknessSigmaMm: number;
}

export const DECISIONS = ['do it', 'send it on', 'decline it'] as const;
export type Decision = (typeof DECISIONS)[number];

export interface Said {
  readonly id: string;
  readonly text: string;
}

export interface Thickness {
  readonly state: 'thin enough' | 'at its limit' | 'thick' | 'not judged';
  readonly text: string;
}

/** What a customer is asked before work, by id. */
export const CONSENT_IDS = [
  'height',
  'tip',
  'bent-tip',
  'outline',
  'burnt',
  'surface',
  'mark',
  'patina',
  'law',
  'point',
  'coating',
  'tapping',
  'thinning',
  'brittle',
  'rust',
  'dulling',
  'as-found',
] as const;
type ConsentId = (typeof CONSENT_IDS)[number];

export interface Judgement {
  readonly decision: Decision;
  readonly reasons: readonly string[];
  readonly thickness: Thickness;
  readonly finish: { readonly um: readonly [number, number]; readonly text: string };
  readonly cautions: readonly Said[];
  /** Why a rod or strop is tried before any stone; null where it would not help. */
  readonly touchUpFirst: string | null;
  /** What needs the customer's yes before work. */
  readonly consents: readonly Said[];
  /** What is wrapped, taped or disinfected first, in order. */
  readonly protection: readonly Said[];
}

type Verdict = { readonly decision: Decision; readonly reason: string };

const deepestOf = (damage: readonly Damage[], kind: Damage['kind']): number | null => {
  const depths = damage.filter((each) => each.kind === kind).map(({ depthMm }) => depthMm);
  return depths.length === 0 ? null : Math.max(...depths);
};

const heightLostMm = ({ plan, damage }: JudgeInput): number =>
  plan?.report.figures.heightLost.value ?? deepestOf(damage, 'chip') ?? 0;

/** Every ground for not doing it; the gravest one decides. */
const verdictsOf = (input: JudgeInput): Verdict[] => {
  const { damage, kind, answers } = input;
  const found: Verdict[] = [];
  const crack = damage.find((each) => each.kind === 'crack');
  if (crack) {
    found.push({
      decision: 'decline it',
      reason: STRINGS.aCrackMmFromTheHeel(crack.fromMm),
    });
  }
  const burnt = deepestOf(damage, 'heat tint');
  if (burnt !== null) {
    found.push(
      burnt <= SHALLOW_BURN_MM
        ? {
            decision: 'do it',
            reason: STRINGS.burntMmDeepTheEdgeMust(burnt),
          }
        : {
            decision: 'send it on',
            reason: STRINGS.burntMmDeepTheTemperIs(burnt),
          },
    );
  }
  if (damage.some((each) => each.kind === 'bend')) {
    found.push({
      decision: 'send it on',
      reason: STRINGS.theBladeIsBentStraighteningIs,
    });
  }
  if (isOneSided(kind)) {
    const back = checkBack(answers);
    const depth = numberAnswer(answers, 'hollowDepthMm');
    if (back.state === 'rim worn' && depth !== null && depth <= SPENT_HOLLOW_MM) {
      found.push({
        decision: 'send it on',
        reason: STRINGS.theHollowIsMmDeepAnd(depth),
      });
    } else if (back.state === 'doubtful' || back.state === 'not hollow') {
      found.push({ decision: 'do it', reason: back.text });
    }
  }
  if (answers['haft'] === 'loose head' || answers['haft'] === 'cracked') {
    found.push({
      decision: 'send it on',
      reason: STRINGS.haftNotToBeSwungAnd(answers['haft']),
    });
  }
  const height = input.measures.heightHeelMm - heightLostMm(input);
  if (height < kind.minHeightMm) {
    found.push({
      decision: 'decline it',
      reason: STRINGS.afterTheWorkItStandsMm(height.toFixed(1), kind.minHeightMm),
    });
  }
  return found;
};

const GRAVITY: Readonly<Record<Decision, number>> = {
  'do it': 0,
  'send it on': 1,
  'decline it': 2,
};

const thicknessOf = ({ use, measures, kind, thicknessSigmaMm }: JudgeInput): Thickness => {
  const limit = use.limitBehindEdgeMm;
  const has = measures.thicknessBehindEdgeMm;
  if (
    limit === null ||
    !['two-sided flat', 'two-sided with ridge', 'hollow'].includes(kind.grind)
  ) {
    return {
      state: 'not judged',
      text: STRINGS.thicknessBehindTheEdgeDoesNot(
        kind.label.toLowerCase(),
        use.label.toLowerCase(),
      ),
    };
  }
  if (kind.grind === 'hollow') {
    return {
      state: has > limit ? 'at its limit' : 'thin enough',
      text: STRINGS.hollowGroundThinAndWeakBehind,
    };
  }
  const share = has / limit;
  const figures = STRINGS.mmBehindTheEdgeAndMm(
    has,
    thicknessSigmaMm.toFixed(2),
    limit,
    use.label.toLowerCase(),
  );
  // Two standard deviations either way: a caliper may tell it, a guess may not.
  if (Math.abs(has - limit) < 2 * thicknessSigmaMm)
    return {
      state: 'at its limit',
      text: STRINGS.thatIsWithinWhatTheMeasure(figures),
    };
  if (share > 1) return { state: 'thick', text: STRINGS.thinItOrItWillBe(figures) };
  if (share > 0.85) return { state: 'at its limit', text: STRINGS.aLittleOffNowSparesA(figures) };
  return { state: 'thin enough', text: STRINGS.leaveIt(figures) };
};

/** Most conventional stainless gains little past this, and general kitchen work past the other, µm. */
const STAINLESS_GAINS_UM = 3;

const finishOf = ({ use, steel, answers }: JudgeInput): Judgement['finish'] => {
  const wished = numberAnswer(answers, 'finishWishUm');
  const wish = answers['finishWish'];
  if (wish === 'very fine' && wished !== null) {
    const doubt =
      wished < steel.finestUsefulUm ? STRINGS.thisSteelCarriesMAtThe(steel.finestUsefulUm) : '';
    return { um: [wished * 0.8, wished * 1.25], text: STRINGS.theCustomerNamedM(wished, doubt) };
  }
  const [finest, coarsest] = use.finishUm;
  const low = Math.min(coarsest, Math.max(finest, steel.finestUsefulUm));
  const why =
    low > finest
      ? STRINGS.mAndCarriesNothingFinerThan(use.label, finest, coarsest, steel.designation, low)
      : coarsest >= 12
        ? STRINGS.mAToothyEdgeBitesAnd(use.label, finest, coarsest)
        : finest >= STAINLESS_GAINS_UM
          ? STRINGS.mFinerThanThatIsFor(use.label, finest, coarsest)
          : STRINGS.mAFineEdgePushesThrough(use.label, finest, coarsest);
  const kept =
    wish === 'the maker’s finish' || wish === 'no work to be seen'
      ? STRINGS.theBevelIsToLookAs(
          [
            answers['sheen'],
            answers['scratches'] && STRINGS.scratches(String(answers['scratches'])),
          ]
            .filter(Boolean)
            .join(', ') || STRINGS.writeDownItsSheenAndScratches,
        )
      : '';
  return { um: [low, coarsest], text: why + kept };
};

const consentsOf = (input: JudgeInput): Said[] => {
  const { damage, kind, answers, steel } = input;
  const asked: Said[] = [];
  const ask = (id: ConsentId, text: string): void => void asked.push({ id, text });
  const lost = heightLostMm(input);
  if (lost > ASK_ABOVE_MM) ask('height', STRINGS.aboutMmOfTheBladesHeight(lost.toFixed(1)));
  if (hasTwoEdges(kind.id, answers)) {
    ask('law', STRINGS.twoEdgesLawfulToHoldHere);
    ask('point', STRINGS.bothEdgesAreWorkedToThe);
  } else if (damage.some((each) => each.kind === 'missing tip'))
    ask('tip', STRINGS.restoringTheTipShortensTheBlade);
  if (damage.some((each) => each.kind === 'bent tip'))
    ask('bent-tip', STRINGS.aBentTipMayBreakWhen);
  if (damage.some((each) => each.kind === 'recurve' || each.kind === 'over-ground heel'))
    ask('outline', STRINGS.straighteningTheOutlineTakesHeightAlong);
  if (damage.some((each) => each.kind === 'heat tint'))
    ask('burnt', STRINGS.theEdgeWasBurntBeforeIt);
  if (answers['surface'] === 'coated' || answers['surface'] === 'etched')
    ask('surface', STRINGS.workOnTheFacesMarksThe(String(answers['surface'])));
  if (kind.grind === 'chisel' && answers['back'] === 'coated')
    ask('coating', STRINGS.theCoatingOfTheBackMay);
  if (answers['surface'] === 'printed mark') ask('mark', STRINGS.thePrintedMarkMaySufferEven);
  if (answers['patina'] === 'may go') ask('patina', STRINGS.thePatinaGoesWhereTheStones);
  const isTapped = input.plan?.work.steps.some(({ operation }) => operation === 'tapping') ?? false;
  if (isOneSided(kind) && (isTapped || checkBack(answers).state === 'rim worn'))
    ask('tapping', STRINGS.tappingOutTheBackMayCrack);
  if (input.plan?.section.thinning.advised)
    ask('thinning', STRINGS.thinningScratchesTheFacesAboveThe);
  if (steel.hrcHigh >= 64 && damage.some((each) => each.kind === 'chip'))
    ask('brittle', STRINGS.steelThisHardMayChipFurther);
  if (answers['rust'] === 'spots' || answers['rust'] === 'all over')
    ask('rust', STRINGS.takingTheRustOffBrightensThe);
  if (input.plan?.work.steps.some(({ title }) => title.code === 'razor.dull.title'))
    ask('dulling', STRINGS.theOldEdgeIsTakenOff);
  if (damage.length > 0) ask('as-found', STRINGS.theDamageWasOnTheBlade);
  return asked;
};

const cautionsOf = ({ kind, steel, answers }: JudgeInput): Said[] => {
  const said: Said[] = [];
  const add = (id: string, text: string): void => void said.push({ id, text });
  if (kind.group === 'razor') add('hygiene', STRINGS.razorsArriveContaminatedDisinfectOnArrival);
  if (kind.grind === 'chisel') add('law', STRINGS.doubleEdgedAndCarriedBladesAre);
  if (kind.grind === 'serrated') add('rod', STRINGS.cutResistantGloveOnTheHolding);
  if (kind.group === 'axe') add('file', STRINGS.fingersBehindTheFaceOfThe);
  if (steel.wearFactor >= 2.5) add('carbides', STRINGS.highCarbideSteelDiamondLowPressure);
  if (answers['handle'] === 'loose' || answers['handle'] === 'cracked')
    add('handle', STRINGS.handleHoldTheBladeNotThe(answers['handle']));
  if (kind.grind === 'hollow') add('thin', STRINGS.thinAndWeakBehindTheEdge);
  add('local', STRINGS.localLawTheEmployersRulesAnd);
  return said;
};

const protectionOf = ({ kind, answers, plan }: JudgeInput): Said[] => {
  const list: Said[] = [];
  const add = (id: string, text: string): void => void list.push({ id, text });
  if (kind.group === 'razor') add('disinfect', STRINGS.disinfectBladeAndScales);
  if (kind.handle !== 'none') add('handle', STRINGS.wrapTheHandleAgainstSlurry);
  if (answers['surface'] === 'printed mark') add('mark', STRINGS.paperOverThePrintedMarkFirst);
  if (answers['surface'] === 'coated') add('coating', STRINGS.tapeTheCoatedFacesUpTo);
  if (answers['surface'] === 'etched' || answers['surface'] === 'polished')
    add('faces', STRINGS.tapeTheFacesWhereSlurryOr);
  if (answers['patina'] === 'to be kept') add('patina', STRINGS.oilAndTapeThePatinaAbove);
  if (kind.grind === 'razor' && answers['honedWith'] === 'tape on the spine')
    add('spine', STRINGS.oneLayerOfTapeOnThe);
  if (plan?.section.thinning.done) add('spine-edge', STRINGS.tapeTheSpineThinningBringsThe);
  return list;
};

/** Faults a rod lays straight, or that stay as they are. */
const LEFT_BY_A_ROD: readonly Damage['kind'][] = ['rolled edge', 'dull zone', 'glint', 'low spot'];

/** A blade that is only tired: steel has moved and little is worn off. */
const touchUpFirstOf = ({
  sharpness,
  damage,
  kind,
  steel,
  plan,
}: JudgeInput): Judgement['touchUpFirst'] => {
  const isTired = sharpness === 'tired' || sharpness === 'keen';
  if (!isTired || damage.some((each) => !LEFT_BY_A_ROD.includes(each.kind))) return null;
  if (plan?.section.thinning.advised) return null;
  if (kind.grind === 'razor') return null;
  const takesARod = rodsFor(steel).some(({ suits }) => suits);
  return STRINGS.itIsOnlyTiredSteelHas(
    takesARod ? STRINGS.aRodThenAStrop : STRINGS.aStropThenTheFinestStone,
  );
};

export const judge = (asked: JudgeInput): Judgement => {
  const input = { ...asked, steel: steelAsTold(asked.steel, asked.answers) };
  const verdicts = verdictsOf(input).sort((a, b) => GRAVITY[b.decision] - GRAVITY[a.decision]);
  const decision = verdicts[0]?.decision ?? 'do it';
  return {
    decision,
    reasons:
      verdicts.length > 0
        ? verdicts.map(({ reason }) => reason)
        : [STRINGS.nothingHereThatStonesAndA],
    thickness: thicknessOf(input),
    finish: finishOf(input),
    cautions: cautionsOf(input),
    touchUpFirst: decision === 'do it' ? touchUpFirstOf(input) : null,
    consents: decision === 'do it' ? consentsOf(input) : [],
    protection: protectionOf(input),
  };
};

/**
 * What to expect of an edge set by one of the schools, beside its figures.
 *
 * @example
 * expectationOf(18, findUse('general-soft'), steel, 18).length > 10; // true
 */
export const expectationOf = (
  angleDeg: number,
  use: Use,
  steel: Steel,
  presentDeg: number,
): string => {
  const [low, high] = use.angleDeg;
  const changed = angleDeg - presentDeg;
  const against =
    Math.abs(changed) < 0.5
      ? STRINGS.cutsAsTheCustomerKnowsIt
      : changed < 0
        ? STRINGS.cutsEasierThanItCameAnd(changed < -3 ? STRINGS.much : '')
        : STRINGS.standsLongerThanItCameAnd(changed > 3 ? STRINGS.much : '');
  const window =
    angleDeg < low
      ? STRINGS.belowTheDegreesOfItsUse(
          low,
          high,
          steel.hrcHigh < 58 ? STRINGS.softSteelWillRoll : STRINGS.forCarefulHandsOnly,
        )
      : angleDeg > high
        ? STRINGS.aboveTheDegreesOfItsUse(low, high)
        : STRINGS.withinTheDegreesOfItsUse(low, high);
  return `${against}; ${window}.`;
};
