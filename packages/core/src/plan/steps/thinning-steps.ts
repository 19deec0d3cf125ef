/** Thinning band by band, and the low spots it leaves. */
import type { Result } from '../../units';
import { joined, say, type Message } from '../../text';
import { chooseProgression, coarsestOf, forTask, type Chain, type RackStone } from '../../abrasive';
import { namedChain, partChain } from '../choices';
import { AIMED_AT_MM, scratchTopMm, THINNING_LEAST_UM } from '../cuts';
import { EVEN_STOCK_UM, LOOK_STROKES, THINNING_FINISH_UM } from './first-guesses';
import { handStroke, stockStroke, type StepKit, type Wording } from './kit';
import { evenerAfter, finderFor, IS_SHEET, lowSpotText } from './low-spots';
import type { PlanStep } from './step';

export interface ThinningMaker {
  readonly thinning: (wording?: Wording) => PlanStep[];
}

/** Less steel than this in a band no hand finds. */
const LEAST_BAND_MM3 = 0.01;

export const thinningMaker = (kit: StepKit): ThinningMaker => {
  const { input, stone, few } = kit;
  const { choices, work, rack, steel } = input;
  const { practice } = choices;
  const topMm = scratchTopMm(work);
  /** Those that take steel somewhere along the edge; half way along one may pass over the face. */
  const reached = work.bands
    .map((band, index) => ({ ...band, mm3: work.bandSums[index]?.mm3 ?? 0 }))
    .filter(({ mm3 }) => mm3 > LEAST_BAND_MM3)
    .map(({ toMm, ...band }) => ({ ...band, toMm: Math.max(toMm, band.fromMm) }));
  const wantsFound = input.hasLowSpots || practice.lowSpots === 'blend';
  const edgeStones = forTask(rack, 'edge').filter(({ kind }) => !IS_SHEET.includes(kind));

  /**
   * The stones of the thinning: those named for the primary bevel; else the quickest chain that begins coarse enough
   * to take steel down and ends where the look is even, and where the rack has no such end the coarse stone alone.
   */
  const thinningChain = (): Result<Chain> => {
    const part = partChain(choices.chains, 'primary');
    const { mm3, faceMm2 } = work.sums.thinning;
    const asked = {
      steel,
      rack: part?.bond ? edgeStones.filter(({ bond }) => bond === part.bond) : edgeStones,
      work: { stockMm3: mm3, faceAreaMm2: faceMm2 },
      stroke: stockStroke,
      finishUm: part?.finishUm ?? THINNING_FINISH_UM,
    };
    if (part?.stones) return namedChain(asked, part.stones, 'choices.chains.primary');
    const chains = asked.rack
      .filter(({ um }) => um >= THINNING_LEAST_UM)
      .flatMap(({ id }) => {
        const chain = chooseProgression({ ...asked, first: id });
        return chain.ok ? [chain.value] : [];
      })
      .sort((a, b) => a.totalSeconds - b.totalSeconds);
    const alone = coarsestOf(asked.rack);
    return chains[0]
      ? { ok: true, value: chains[0] }
      : alone
        ? namedChain(asked, [alone.id], 'choices.chains.primary')
        : chooseProgression(asked);
  };

  /** Soft and coarse takes steel; from the second band on a hard one finds the high spots and draws the ridge. */
  const stoneOfBand = (index: number, first: RackStone): RackStone => {
    const named = choices.thinBands?.[index]?.stoneId;
    const chosen = named ? edgeStones.find(({ id }) => id === named) : undefined;
    if (chosen) return chosen;
    const finder = index === 0 ? null : finderFor(first, rack);
    return finder && finder.um >= THINNING_LEAST_UM && finder.um <= first.um ? finder : first;
  };

  /** Each band a step of its own, from the edge up: its stone, its steel, its check. */
  const bandSteps = (first: RackStone, wording: Wording): PlanStep[] =>
    reached.flatMap(({ angleDeg, fromMm, toMm, mm3: removeMm3 }, index) => {
      const body = stoneOfBand(index, first);
      const band = index + 1;
      return [
        kit.onBody({
          operation: 'thinning',
          body,
          removeMm3,
          rule: `The steel outside band ${band}.`,
          ground: input.groundAt(angleDeg).map((side) => ({ ...side, angleDeg })),
          part: partChain(choices.chains, 'primary'),
          work: 'stock',
          text: {
            direction: 'back and forth',
            title: say('thinning.band.title', { band, of: reached.length, stone: body.name }),
            instruction: joined(
              say('thinning.band.instruction', { band, angleDeg, fromMm, toMm }),
              stopText(work.stopMm, work.remnantMm),
              say('thinning.no-burr'),
              lowSpotText(body.bond, practice.lowSpots, {
                isFirst: true,
                isLast: index === reached.length - 1,
              }),
            ),
            zone: say('thinning.band.zone', { fromMm, toMm }),
            check:
              work.stopMm === null
                ? say('thinning.check', { atMm: AIMED_AT_MM })
                : say('thinning.band.check', { stopMm: work.stopMm }),
            before: say('thinning.before'),
            caution: say('thinning.caution'),
            gate: 'no check',
            gates: work.stopMm === null ? ['thickness', 'remnant'] : ['thickness'],
            bandMm: [fromMm, toMm],
            afterMm: input.behindEdgeMm,
            ...wording,
          },
        }),
      ];
    });

  const thinning = (wording: Wording = {}): PlanStep[] => {
    if (reached.length === 0) return [];
    const planned = thinningChain();
    if (!planned.ok) return kit.trouble('primary', planned.error);
    const [start, ...after] = planned.value.steps;
    const first = stone(start!.id);
    const ground = input
      .groundAt(reached[0]!.angleDeg)
      .map((side) => ({ ...side, angleDeg: reached[0]!.angleDeg }));
    const zone = wording.zone ?? say('thinning.zone', { topMm });
    const bands = bandSteps(first, wording);
    // The stone of the last band has done what it would do again.
    const finer = after.filter(({ id }) => id !== bands.at(-1)?.stoneId);
    const blended = kit
      .chainSteps({
        part: partChain(choices.chains, 'primary'),
        chain: { ...planned.value, steps: finer },
        ground,
        firstRule: 'The scratches of the abrasive before, over all that was thinned.',
        work: 'stock',
        step: (body, index) => ({
          operation: 'thinning',
          direction: 'back and forth',
          title: say('thinning.title.next', { stone: body.name }),
          instruction: joined(
            say('thinning.instruction.next'),
            lowSpotText(body.bond, practice.lowSpots, {
              isFirst: false,
              isLast: index === finer.length - 1,
            }),
          ),
          gate: 'no check',
          zone,
          check: say('thinning.check.next'),
          before: say('thinning.before'),
          caution: say('thinning.caution'),
          bandMm: [reached[0]!.fromMm, Math.max(topMm, reached[0]!.fromMm)],
          afterMm: input.behindEdgeMm,
        }),
      })
      .map(inBands);
    const last = finer.length > 0 ? stone(finer.at(-1)!.id) : first;
    const isFound = bands.some(({ stoneId }) => stoneId !== null && isHard(stone(stoneId)));
    const finder = wantsFound && !isFound ? finderFor(first, rack) : null;
    const evener = practice.lowSpots === 'blend' ? evenerAfter(last, rack) : null;
    const evened = evener && evenChain(evener);
    return [
      ...(finder
        ? few(
            finder,
            ground.map(({ side }) => side),
            LOOK_STROKES,
            0,
            {
              operation: 'thinning',
              title: say('low-spots.find.title', { stone: finder.name }),
              instruction: say('low-spots.find.instruction'),
              angleDeg: reached[0]!.angleDeg,
              zone,
              check: say('low-spots.find.check'),
              before: say('low-spots.find.before'),
            },
          )
        : []),
      ...bands,
      ...blended,
      ...(evened?.ok
        ? kit
            .chainSteps({
              part: partChain(choices.chains, 'primary'),
              ground,
              chain: evened.value,
              firstRule: `${EVEN_STOCK_UM} µm over all that was thinned, to come to an even look.`,
              work: 'stock',
              step: (body) => ({
                operation: 'thinning',
                title: say('low-spots.even.title', { stone: body.name }),
                instruction: say('low-spots.even.instruction'),
                gate: 'no check',
                zone,
                check: say('low-spots.even.check'),
                before: say('thinning.before'),
                caution: say('low-spots.even.caution'),
              }),
            })
            .map(inBands)
        : []),
    ];
  };

  /** A step of the hand over several bands is lifted for each; what moves its own abrasive is not lifted. */
  const inBands = (step: PlanStep): PlanStep => ({
    ...step,
    bands:
      reached.length < 2 || step.lifts.length === 0
        ? []
        : reached.map(({ fromMm, angleDeg }) => ({
            fromMm,
            angleDeg,
            lifts: input.liftsAt(angleDeg),
            stationLifts: input.stationLiftsAt(angleDeg),
          })),
  });

  /** The soft stone alone, costed like any chain named by hand. */
  const evenChain = ({ id }: RackStone): Result<Chain> => {
    const { faceMm2 } = work.sums.thinning;
    return namedChain(
      {
        steel,
        rack,
        work: { stockMm3: (EVEN_STOCK_UM * faceMm2) / 1000, faceAreaMm2: faceMm2 },
        stroke: handStroke,
      },
      [id],
      'choices.chains.primary',
    );
  };

  return { thinning };
};

const isHard = ({ bond }: RackStone): boolean => bond === 'hard' || bond === 'plate or film';

/** Where thinning stops: at a thickness, or as it is seen on the old bevel. */
const stopText = (stopMm: number | null, remnantMm: number): Message =>
  stopMm !== null
    ? say('thinning.stop', { stopMm })
    : remnantMm <= 0.1
      ? say('thinning.remnant.hair')
      : say('thinning.remnant.part', { remnantMm });
