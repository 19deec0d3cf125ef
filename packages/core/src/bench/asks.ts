/** What the bench asks before a step is left, beside its burr: the plan's gates and what its kind of work must show. */
import { localized, named } from '../text';
import { STEP_GATES, type PlanStep, type StepGateCode } from '../plan/steps';
import { AFTER_SLACK_MM } from './first-guesses';
import type { BenchReadingId, BenchReadings } from './readings';
import { STRINGS } from './strings';

export const BENCH_ASK_CODES = [...STEP_GATES, 'first stone', 'rim', 'facet'] as const;
export type BenchAskCode = StepGateCode | 'first stone' | 'rim' | 'facet';

export interface BenchAsk {
  readonly code: BenchAskCode;
  readonly text: string;
  /** What may be measured for it. */
  readonly readings: readonly BenchReadingId[];
}

/** The burr is asked zone by zone; what stands here is ticked, or read with an instrument. */
const GATE_ASKS: Readonly<Partial<Record<StepGateCode, Omit<BenchAsk, 'code'>>>> = localized(
  {
    thickness: {
      text: 'The caliper reads what is aimed at',
      readings: ['behindEdgeMm', 'at5Mm', 'at10Mm'],
    },
    remnant: { text: 'A line of the old bevel is left, heel to tip', readings: ['remnantMm'] },
    flat: { text: 'Flat: no pencil left, no light under the straightedge', readings: [] },
    soaked: { text: 'The bubbles have stopped', readings: [] },
    touch: { text: 'Three fingers resting: it bites at heel, middle and tip', readings: [] },
    cuts: { text: 'It cuts at heel, middle, belly and tip', readings: [] },
    picture: { text: 'A picture is taken', readings: [] },
  },
  'text',
);

const FIRST_STONE: BenchAsk = localized(
  {
    code: 'first stone',
    text: 'Chips out, tip back, bevel even and as high as meant',
    readings: ['angleHeelDeg', 'angleMiddleDeg', 'angleTipDeg'],
  },
  'text',
);
const RIM: BenchAsk = localized(
  {
    code: 'rim',
    text: 'The rim of the back is narrow and even',
    readings: ['rimMm'],
  },
  'text',
);
const FACET: BenchAsk = localized(
  {
    code: 'facet',
    text: 'No bright facet left in any scallop',
    readings: [],
  },
  'text',
);

type AskingStep = Pick<PlanStep, 'key' | 'operation' | 'gates' | 'stoneId' | 'pattern' | 'title'>;

/** A back with a hollow: its step is told from a back that is only kept flat by what it says. */
const isHollowBack = ({ operation, stoneId, title }: AskingStep): boolean =>
  operation === 'back' && stoneId !== null && title.code.startsWith('one-sided');

/**
 * What is asked at a step beside its burr, in the order it is shown. Before the first stone is left three more
 * things are asked: chips, tip, and the bevel's height.
 *
 * @example
 * asksOfStep({ key: 'ready 1', operation: 'ready', gates: ['soaked'], stoneId: null, pattern: null, title: say('zone.whole-edge') })[0].text; // "The bubbles have stopped"
 */
export const asksOfStep = (step: AskingStep): readonly BenchAsk[] => [
  ...step.gates.flatMap((code) => {
    const ask = GATE_ASKS[code];
    return ask === undefined ? [] : [{ code, ...ask }];
  }),
  ...(step.key === 'edge 1' && step.stoneId !== null && step.gates.includes('burr everywhere')
    ? [FIRST_STONE]
    : []),
  ...(isHollowBack(step) ? [RIM] : []),
  ...(step.pattern?.code === 'serrated.edge.pattern' ? [FACET] : []),
];

/**
 * Whether a reading shows what is asked, or speaks against it; null where nothing was read.
 *
 * @example
 * readingShows('thickness', { behindEdgeMm: 0.3 }, 0.3)?.shows; // true
 */
export const readingShows = (
  code: BenchAskCode,
  readings: BenchReadings,
  afterMm: number | null,
): { readonly shows: boolean; readonly text: string } | null => {
  if (code === 'thickness' && readings.behindEdgeMm !== undefined && afterMm !== null) {
    const shows = readings.behindEdgeMm <= afterMm + AFTER_SLACK_MM;
    return { shows, text: STRINGS.mmMmIsAimedAt(readings.behindEdgeMm, afterMm) };
  }
  if (code === 'remnant' && readings.remnantMm !== undefined) {
    return {
      shows: readings.remnantMm > 0,
      text:
        readings.remnantMm > 0 ? STRINGS.mmLeft(readings.remnantMm) : STRINGS.noneIsLeftStopHere,
    };
  }
  return null;
};

/**
 * What is asked and neither ticked nor read.
 *
 * @example
 * asksMissing([], [], {}, null); // []
 */
export const asksMissing = (
  asks: readonly BenchAsk[],
  shown: readonly BenchAskCode[],
  readings: BenchReadings,
  afterMm: number | null,
): readonly string[] =>
  asks.flatMap(({ code, text }) => {
    const read = readingShows(code, readings, afterMm);
    if (read) return read.shows ? [] : [`${text}: ${read.text}`];
    return shown.includes(code) ? [] : [text];
  });

/**
 * A step meant for both sides with work on one only. Timed patterns count no strokes and ask nothing.
 *
 * @example
 * sideMissing({ sides: [], rounds: [] }, { right: 3, left: 0 }); // []
 */
export const sideMissing = (
  { sides, rounds }: Pick<PlanStep, 'sides' | 'rounds'>,
  counted: Readonly<Record<'right' | 'left', number>>,
): readonly string[] => {
  const meant = sides.filter(({ strokes }) => strokes > 0).map(({ side }) => side);
  if (meant.length < 2 || rounds.some(({ seconds }) => seconds !== null)) return [];
  const idle = meant.filter((side) => counted[side] === 0);
  return idle.length === 1 ? [STRINGS.nothingDoneYet(named(idle[0]!))] : [];
};
