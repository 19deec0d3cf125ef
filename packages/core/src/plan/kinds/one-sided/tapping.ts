import { say } from '../../../text';
import { forTask, type RackStone } from '../../../abrasive';
import type { BladeWork, StrategyInput } from '../../cuts';
import type { Named, PlanStep, StepMaker } from '../../steps';
import { TAPPED_BACK_STROKES, TAPPED_JUMP } from '../first-guesses';
import { tapBandOf } from './back';

/** A back worn through is tapped out, hand-warm, before any stone: the soft iron moves, the hard layer follows. */
export const tappedOut = (
  input: StrategyInput,
  make: StepMaker,
  work: BladeWork,
  tapMm: number,
): PlanStep[] => {
  const band = tapBandOf(input, work);
  const rimMm = input.input.choices.kind.tapForRimMm!;
  return [
    ...make.hand('ready', 3, {
      title: say('one-sided.tapping.warm.title'),
      instruction: say('one-sided.tapping.warm.instruction'),
      check: say('one-sided.tapping.warm.check'),
    }),
    ...make.hand('tapping', 20, {
      title: say('one-sided.tapping.title', { tapMm }),
      instruction: say('one-sided.tapping.band', {
        ...band,
        tapMm,
        rimMm,
        isLeather: input.kind.id === 'leather',
      }),
      zone: say('one-sided.tapping.zone'),
      check: say('one-sided.tapping.check'),
      before: say('one-sided.tapping.before', { rimMm }),
      caution: say('one-sided.tapping.caution'),
      bandMm: [band.fromMm, band.toMm],
    }),
  ];
};

/** The stones a tapped back is laid flat on before the front begins: from the coarsest of the rack down to its grain. */
export const stonesBefore = (front: RackStone, rack: readonly RackStone[]): RackStone[] => {
  const coarser = forTask(rack, 'edge')
    .filter(({ um }) => um > front.um)
    .sort((a, b) => b.um - a.um);
  const chain: RackStone[] = coarser.slice(0, 1);
  for (let last = chain[0]; last && last.um / front.um > TAPPED_JUMP; last = chain.at(-1)) {
    const { um } = last;
    const next = coarser.findLast((each) => each.um >= um / TAPPED_JUMP && each.um < um);
    if (!next) break;
    chain.push(next);
  }
  return chain;
};

/** After the taps the back is laid flat, stone after stone, before the front meets the same grain. */
export const laidFlat = (
  at: number,
  work: BladeWork,
  onBack: (strokes: number, mm3: number, wording: (stone: string) => Named) => PlanStep[],
): PlanStep[] =>
  onBack(
    TAPPED_BACK_STROKES[Math.min(at, TAPPED_BACK_STROKES.length - 1)]!,
    at === 0 ? work.sums.back.mm3 : 0,
    (stone) => ({
      title: say('one-sided.tapped-back.title', { stone }),
      instruction: say('one-sided.tapped-back.instruction'),
    }),
  ).map((step) => ({
    ...step,
    check: say('one-sided.tapped-back.check', { isFirst: at === 0 }),
  }));
