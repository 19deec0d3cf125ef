/** Thinning band by band, and the low spots it leaves. */
import type { Result } from '../../units';
import { joined, say, type Message } from '../../text';
import { chooseProgression, coarsestOf, forTask, type Chain, type RackStone } from '../../abrasive';
import { namedChain, partChain, SAME_GRADE_RATIO } from '../choices';
import { AIMED_AT_MM, scratchTopMm, THINNING_LEAST_UM } from '../cuts';
import { EVEN_STOCK_UM, LOOK_STROKES, SEEN_UM, THINNING_FINISH_UM } from './first-guesses';
import { handStroke, stockStroke, type StepKit, type AreaStrings } from './kit';
import { evenerAfter, finderFor, IS_SHEET, lowSpotText } from './low-spots';
import type { PlanStep } from './step';
import { STRINGS } from './strings';

/** A band as it will be worked: where it begins and runs out above the new edge, and its place from the edge up. */
export interface WorkedBand {
  readonly index: number;
  readonly of: number;
  readonly angleDeg: number;
  readonly fromMm: number;
  readonly toMm: number;
}

/** What a kind says of a thinning in its own words and stones. */
export interface ThinningOfKind {
  /** Of each band, over what is said of any. */
  readonly band: (band: WorkedBand) => AreaStrings;
  readonly zone: Message;
  /** The wide bevel is seen: a hard medium stone shows it, a soft one evens it, whatever the school of low spots. */
  readonly seenAndEvened: boolean;
}

export interface ThinningMaker {
  readonly thinning: (kind?: ThinningOfKind) => PlanStep[];
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
  const bandSteps = (first: RackStone, kind: ThinningOfKind | undefined): PlanStep[] =>
    reached.flatMap(({ angleDeg, fromMm, toMm, mm3: removeMm3 }, index) => {
      const body = stoneOfBand(index, first);
      const band = index + 1;
      return [
        kit.onBody({
          operation: 'thinning',
          body,
          removeMm3,
          rule: STRINGS.theSteelOutsideBand(band),
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
            ...kind?.band({ index, of: reached.length, angleDeg, fromMm, toMm }),
          },
        }),
      ];
    });

  /**
   * The finer stones of a bevel that is seen: a hard one of medium grain that touches the high spots alone, then a soft
   * one no coarser that evens the look. Null where the rack has neither, or stones were named.
   */
  const seenAndEvened = (first: RackStone): Chain | null => {
    if (partChain(choices.chains, 'primary')?.stones) return null;
    const medium = edgeStones
      .filter(({ um }) => um >= SEEN_UM[0] && um <= SEEN_UM[1] && um < first.um)
      .sort((a, b) => b.um - a.um);
    const hard = medium.find(isHard) ?? null;
    const soft = medium
      .filter(({ um, bond }) => bond === 'soft, muddy' && um <= (hard?.um ?? um) * SAME_GRADE_RATIO)
      .at(0);
    const ids = [first, hard, soft].flatMap((each) => (each ? [each.id] : []));
    if (ids.length < 2) return null;
    const { mm3, faceMm2 } = work.sums.thinning;
    const chain = namedChain(
      { steel, rack, work: { stockMm3: mm3, faceAreaMm2: faceMm2 }, stroke: stockStroke },
      ids,
      'choices.chains.primary',
    );
    return chain.ok ? chain.value : null;
  };

  const thinning = (kind?: ThinningOfKind): PlanStep[] => {
    if (reached.length === 0) return [];
    const planned = thinningChain();
    if (!planned.ok) return kit.trouble('primary', planned.error);
    const first = stone(planned.value.steps[0]!.id);
    const chain = (kind?.seenAndEvened ? seenAndEvened(first) : null) ?? planned.value;
    const after = chain.steps.slice(1);
    const ground = input
      .groundAt(reached[0]!.angleDeg)
      .map((side) => ({ ...side, angleDeg: reached[0]!.angleDeg }));
    const zone = kind?.zone ?? say('thinning.zone', { topMm });
    const bands = bandSteps(first, kind);
    // The stone of the last band has done what it would do again.
    const finer = after.filter(({ id }) => id !== bands.at(-1)?.stoneId);
    const blended = kit
      .chainSteps({
        part: partChain(choices.chains, 'primary'),
        chain: { ...chain, steps: finer },
        ground,
        firstRule: STRINGS.theScratchesOfTheAbrasiveBeforeOver,
        work: 'stock',
        step: (body, index) => ({
          operation: 'thinning',
          direction: 'back and forth',
          title:
            kind?.seenAndEvened && isHard(body)
              ? say('low-spots.find.title', { stone: body.name })
              : kind?.seenAndEvened && body.bond === 'soft, muddy'
                ? say('low-spots.even.title', { stone: body.name })
                : say('thinning.title.next', { stone: body.name }),
          instruction: joined(
            say('thinning.instruction.next'),
            ...(isHard(body) ? lowSpotsMarked() : []),
            lowSpotText(body.bond, practice.lowSpots, {
              isFirst: kind?.seenAndEvened === true,
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
    const isFound = [...bands, ...(kind?.seenAndEvened ? blended : [])].some(
      ({ stoneId }) => stoneId !== null && isHard(stone(stoneId)),
    );
    const finder = wantsFound && !isFound ? finderFor(first, rack) : null;
    const isEvened = kind?.seenAndEvened === true && last.bond === 'soft, muddy';
    const evener = practice.lowSpots === 'blend' && !isEvened ? evenerAfter(last, rack) : null;
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
              instruction: joined(say('low-spots.find.instruction'), ...lowSpotsMarked()),
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
              firstRule: STRINGS.mOverAllThatWasThinned(EVEN_STOCK_UM),
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

  /** Those known from the counter, side by side: the stone shows whether they are all. */
  const lowSpotsMarked = (): Message[] =>
    (['right', 'left'] as const).flatMap((side) => {
      const spots = input.damage
        .filter(
          (found) => found.kind === 'low spot' && (found.side === side || found.side === 'both'),
        )
        .map(({ fromMm, lengthMm }) => ({ fromMm, toMm: fromMm + lengthMm }));
      return spots.length === 0 ? [] : [say('low-spots.known', { side, spots })];
    });

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
