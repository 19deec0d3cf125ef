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
      reason: `A crack ${crack.fromMm} mm from the heel: grinding does not end it, and the blade may break in the hand.`,
    });
  }
  const burnt = deepestOf(damage, 'heat tint');
  if (burnt !== null) {
    found.push(
      burnt <= SHALLOW_BURN_MM
        ? {
            decision: 'do it',
            reason: `Burnt ${burnt} mm deep: the edge must come up past the colour, and the customer must know that it stays softer if the heat went deeper.`,
          }
        : {
            decision: 'send it on',
            reason: `Burnt ${burnt} mm deep: the temper is gone where a bench stone cannot bring it back. A smith can harden it anew.`,
          },
    );
  }
  if (damage.some((each) => each.kind === 'bend')) {
    found.push({
      decision: 'send it on',
      reason: 'The blade is bent: straightening is a smith’s work and may break it.',
    });
  }
  if (isOneSided(kind)) {
    const back = checkBack(answers);
    const depth = numberAnswer(answers, 'hollowDepthMm');
    if (back.state === 'rim worn' && depth !== null && depth <= SPENT_HOLLOW_MM) {
      found.push({
        decision: 'send it on',
        reason: `The hollow is ${depth} mm deep and its rim worn: the back wants regrinding on a large wheel.`,
      });
    } else if (back.state === 'doubtful' || back.state === 'not hollow') {
      found.push({ decision: 'do it', reason: back.text });
    }
  }
  if (answers['haft'] === 'loose head' || answers['haft'] === 'cracked') {
    found.push({
      decision: 'send it on',
      reason: `Haft: ${answers['haft']}. Not to be swung, and not to be held against a wheel, before it is hafted anew.`,
    });
  }
  const height = input.measures.heightHeelMm - heightLostMm(input);
  if (height < kind.minHeightMm) {
    found.push({
      decision: 'decline it',
      reason: `After the work it stands ${height.toFixed(1)} mm high at the heel; below ${kind.minHeightMm} mm a blade of its kind is spent.`,
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
      text: `Thickness behind the edge does not decide for ${kind.label.toLowerCase()} and ${use.label.toLowerCase()}.`,
    };
  }
  if (kind.grind === 'hollow') {
    return {
      state: has > limit ? 'at its limit' : 'thin enough',
      text: 'Hollow-ground: thin and weak behind the edge. Touch only the very edge.',
    };
  }
  const share = has / limit;
  const figures = `${has} ± ${thicknessSigmaMm.toFixed(2)} mm behind the edge, and ${limit} mm is where ${use.label.toLowerCase()} begins to wedge`;
  // Two standard deviations either way: a caliper may tell it, a guess may not.
  if (Math.abs(has - limit) < 2 * thicknessSigmaMm)
    return {
      state: 'at its limit',
      text: `${figures}: that is within what the measure may be off. Measure it again before anything is thinned.`,
    };
  if (share > 1)
    return { state: 'thick', text: `${figures}: thin it, or it will be sharp and still wedge.` };
  if (share > 0.85)
    return { state: 'at its limit', text: `${figures}: a little off now spares a lot later.` };
  return { state: 'thin enough', text: `${figures}: leave it.` };
};

/** Most conventional stainless gains little past this, and general kitchen work past the other, µm. */
const STAINLESS_GAINS_UM = 3;

const finishOf = ({ use, steel, answers }: JudgeInput): Judgement['finish'] => {
  const wished = numberAnswer(answers, 'finishWishUm');
  const wish = answers['finishWish'];
  if (wish === 'very fine' && wished !== null) {
    const doubt =
      wished < steel.finestUsefulUm
        ? ` This steel carries ${steel.finestUsefulUm} µm at the finest: what goes beyond is for the eye, and goes with the first cuts.`
        : '';
    return { um: [wished * 0.8, wished * 1.25], text: `The customer named ${wished} µm.${doubt}` };
  }
  const [finest, coarsest] = use.finishUm;
  const low = Math.min(coarsest, Math.max(finest, steel.finestUsefulUm));
  const why =
    low > finest
      ? `${use.label}: ${finest}–${coarsest} µm, and ${steel.designation} carries nothing finer than ${low} µm.`
      : coarsest >= 12
        ? `${use.label}: ${finest}–${coarsest} µm. A toothy edge bites, and still saws when it wears.`
        : finest >= STAINLESS_GAINS_UM
          ? `${use.label}: ${finest}–${coarsest} µm. Finer than that is for the eye.`
          : `${use.label}: ${finest}–${coarsest} µm. A fine edge pushes through cleanly and lasts in clean cuts.`;
  const kept =
    wish === 'the maker’s finish' || wish === 'no work to be seen'
      ? ` The bevel is to look as it came: ${[answers['sheen'], answers['scratches'] && `scratches ${String(answers['scratches'])}`].filter(Boolean).join(', ') || 'write down its sheen and scratches before the first stroke'}.`
      : '';
  return { um: [low, coarsest], text: why + kept };
};

const consentsOf = (input: JudgeInput): Said[] => {
  const { damage, kind, answers, steel } = input;
  const asked: Said[] = [];
  const ask = (id: ConsentId, text: string): void => void asked.push({ id, text });
  const lost = heightLostMm(input);
  if (lost > ASK_ABOVE_MM)
    ask('height', `About ${lost.toFixed(1)} mm of the blade’s height goes for good.`);
  if (hasTwoEdges(kind.id, answers)) {
    ask(
      'law',
      'Two edges: lawful to hold here, and the customer known where the rules ask for it.',
    );
    ask('point', 'Both edges are worked to the point: it comes out a little shorter.');
  } else if (damage.some((each) => each.kind === 'missing tip'))
    ask('tip', 'Restoring the tip shortens the blade or lowers its spine.');
  if (damage.some((each) => each.kind === 'bent tip'))
    ask('bent-tip', 'A bent tip may break when it is straightened; then it is restored shorter.');
  if (damage.some((each) => each.kind === 'recurve' || each.kind === 'over-ground heel'))
    ask('outline', 'Straightening the outline takes height along the whole edge.');
  if (damage.some((each) => each.kind === 'heat tint'))
    ask('burnt', 'The edge was burnt before it came: it may stay softer than it was made.');
  if (answers['surface'] === 'coated' || answers['surface'] === 'etched')
    ask('surface', `Work on the faces marks the ${String(answers['surface'])} surface.`);
  if (kind.grind === 'chisel' && answers['back'] === 'coated')
    ask('coating', 'The coating of the back may show a bright line along the edge.');
  if (answers['surface'] === 'printed mark')
    ask('mark', 'The printed mark may suffer, even under paper and tape.');
  if (answers['patina'] === 'may go') ask('patina', 'The patina goes where the stones reach.');
  const isTapped = input.plan?.work.steps.some(({ operation }) => operation === 'tapping') ?? false;
  if (isOneSided(kind) && (isTapped || checkBack(answers).state === 'rim worn'))
    ask('tapping', 'Tapping out the back may crack the blade: rare, risky, and never undone.');
  if (input.plan?.section.thinning.advised)
    ask('thinning', 'Thinning scratches the faces above the edge, and they are then blended.');
  if (steel.hrcHigh >= 64 && damage.some((each) => each.kind === 'chip'))
    ask('brittle', 'Steel this hard may chip further while it is ground.');
  if (answers['rust'] === 'spots' || answers['rust'] === 'all over')
    ask('rust', 'Taking the rust off brightens the faces there; pits stay, and cost extra time.');
  if (input.plan?.work.steps.some(({ title }) => title.code === 'razor.dull.title'))
    ask('dulling', 'The old edge is taken off: it will not shave until the whole work is done.');
  if (damage.length > 0)
    ask(
      'as-found',
      'The damage was on the blade when it came, as drawn and shown to the customer.',
    );
  return asked;
};

const cautionsOf = ({ kind, steel, answers }: JudgeInput): Said[] => {
  const said: Said[] = [];
  const add = (id: string, text: string): void => void said.push({ id, text });
  if (kind.group === 'razor')
    add('hygiene', 'Razors arrive contaminated: disinfect on arrival and before return.');
  if (kind.grind === 'chisel')
    add(
      'law',
      'Double-edged and carried blades are regulated differently everywhere: check the local rules and, where they ask for it, who the customer is.',
    );
  if (kind.grind === 'serrated')
    add('rod', 'Cut-resistant glove on the holding hand; the points catch. Edge away from you.');
  if (kind.group === 'axe')
    add('file', 'Fingers behind the face of the file; the head clamped, never held on the knee.');
  if (steel.wearFactor >= 2.5)
    add('carbides', 'High-carbide steel: diamond, low pressure, wet. Its dust is not for lungs.');
  if (answers['handle'] === 'loose' || answers['handle'] === 'cracked')
    add(
      'handle',
      `Handle: ${answers['handle']}. Hold the blade, not the handle; tell the customer.`,
    );
  if (kind.grind === 'hollow')
    add('thin', 'Thin and weak behind the edge: no local work, no heat.');
  add('local', 'Local law, the employer’s rules and the maker’s instructions come first.');
  return said;
};

const protectionOf = ({ kind, answers, plan }: JudgeInput): Said[] => {
  const list: Said[] = [];
  const add = (id: string, text: string): void => void list.push({ id, text });
  if (kind.group === 'razor') add('disinfect', 'Disinfect blade and scales.');
  if (kind.handle !== 'none') add('handle', 'Wrap the handle against slurry.');
  if (answers['surface'] === 'printed mark')
    add('mark', 'Paper over the printed mark first, then the tape on the paper.');
  if (answers['surface'] === 'coated') add('coating', 'Tape the coated faces up to the bevel.');
  if (answers['surface'] === 'etched' || answers['surface'] === 'polished')
    add('faces', 'Tape the faces where slurry or a clamp would scratch.');
  if (answers['patina'] === 'to be kept') add('patina', 'Oil and tape the patina above the bevel.');
  if (kind.grind === 'razor' && answers['honedWith'] === 'tape on the spine')
    add('spine', 'One layer of tape on the spine, as it was honed before.');
  if (plan?.section.thinning.done)
    add('spine-edge', 'Tape the spine: thinning brings the hand up to it.');
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
  return `It is only tired: steel has moved, little is worn off. ${takesARod ? 'A rod, then a strop' : 'A strop, then the finest stone'}, a quarter of an hour, before any full round.`;
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
        : ['Nothing here that stones and a steady hand cannot do.'],
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
      ? 'Cuts as the customer knows it'
      : changed < 0
        ? `Cuts ${changed < -3 ? 'much ' : ''}easier than it came, and fails sooner under a twist or on something hard`
        : `Stands ${changed > 3 ? 'much ' : ''}longer than it came, and wants more push`;
  const window =
    angleDeg < low
      ? `below the ${low}–${high}° of its use${steel.hrcHigh < 58 ? ': soft steel will roll' : ': for careful hands only'}`
      : angleDeg > high
        ? `above the ${low}–${high}° of its use: it will feel blunt early`
        : `within the ${low}–${high}° of its use`;
  return `${against}; ${window}.`;
};
