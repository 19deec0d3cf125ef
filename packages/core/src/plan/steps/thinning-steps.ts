/** Thinning in bands, the faces after it, and the low spots both leave. */
import type { Result } from '../../units';
import { joined, say, type Message } from '../../text';
import type { Chain, RackStone } from '../../abrasive';
import { BAND_FACE_MM, FACE_STOCK_UM, namedChain, partChain } from '../choices';
import { AIMED_AT_MM, bandsReached, scratchTopMm } from '../cuts';
import { EVEN_STOCK_UM, LOOK_STROKES } from './first-guesses';
import { handStroke, type StepKit, type Wording } from './kit';
import { evenerAfter, finderFor, lowSpotText } from './low-spots';
import type { PlanStep } from './step';

export interface ThinningMaker {
  readonly thinning: (wording?: Wording) => PlanStep[];
  readonly faces: () => PlanStep[];
}

export const thinningMaker = (kit: StepKit): ThinningMaker => {
  const { input, stone, partSteps, hand, few } = kit;
  const { choices, work, rack } = input;
  const { practice } = choices;
  const topMm = scratchTopMm(work);
  const reached = bandsReached(work.bands, topMm);
  const wantsFound = input.hasLowSpots || practice.lowSpots === 'blend';

  const thinning = (wording: Wording = {}): PlanStep[] => {
    const { thinning: stock } = work.sums;
    const [first] = work.bands;
    if (!first || stock.mm3 <= 0) return [];
    const bands = reached.map(({ fromMm, angleDeg }) => ({ fromMm, angleDeg }));
    const ground = input
      .groundAt(first.angleDeg)
      .map((side) => ({ ...side, angleDeg: first.angleDeg }));
    const zone = wording.zone ?? say('thinning.zone', { topMm });
    const chain = partSteps('primary', stock, {
      ground,
      firstRule: 'The steel outside the bands.',
      step: (body, index) => ({
        operation: 'thinning',
        title:
          index === 0
            ? say('thinning.title.first', { stone: body.name })
            : say('thinning.title.next', { stone: body.name }),
        instruction:
          index === 0
            ? [
                say('thinning.instruction.first', { bands }),
                remnantText(work.remnantMm),
                say('thinning.no-burr'),
              ]
            : say('thinning.instruction.next'),
        gate: 'no check',
        zone,
        check: say('thinning.check', { atMm: AIMED_AT_MM }),
        before: say('thinning.before'),
        caution: say('thinning.caution'),
        ...wording,
      }),
    }).map((step, index, all) => ({
      ...inBands(step),
      instruction: joined(
        step.instruction,
        lowSpotText(stone(step.stoneId!).bond, practice.lowSpots, {
          isFirst: index === 0,
          isLast: index === all.length - 1,
        }),
      ),
    }));
    const firstStone = chain[0] && stone(chain[0].stoneId!);
    const lastStone = chain.at(-1) && stone(chain.at(-1)!.stoneId!);
    if (!firstStone || !lastStone) return chain;
    const finder = wantsFound ? finderFor(firstStone, rack) : null;
    const evener = practice.lowSpots === 'blend' ? evenerAfter(lastStone, rack) : null;
    const evened = evener && evenChain(evener);
    const sides = ground.map(({ side }) => side);
    return [
      ...(finder
        ? few(finder, sides, LOOK_STROKES, 0, {
            operation: 'thinning',
            title: say('low-spots.find.title', { stone: finder.name }),
            instruction: say('low-spots.find.instruction'),
            angleDeg: first.angleDeg,
            zone,
            check: say('low-spots.find.check'),
            before: say('low-spots.find.before'),
          })
        : []),
      ...chain,
      ...(evened?.ok
        ? kit
            .chainSteps({
              part: partChain(choices.chains, 'primary'),
              ground,
              chain: evened.value,
              firstRule: `${EVEN_STOCK_UM} µm over all that was thinned, to come to an even look.`,
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
        steel: input.steel,
        rack,
        work: { stockMm3: (EVEN_STOCK_UM * faceMm2) / 1000, faceAreaMm2: faceMm2 },
        stroke: handStroke,
      },
      [id],
      'choices.chains.primary',
    );
  };

  const faceOf = (name: 'cladding' | 'core'): PlanStep[] => {
    const part = partChain(choices.chains, name);
    if (!part) return [];
    const faceMm2 = 2 * input.edgeLengthMm * (part.faceMm ?? BAND_FACE_MM);
    return partSteps(
      name,
      { mm3: (faceMm2 * FACE_STOCK_UM) / 1000, faceMm2 },
      {
        ground: input.groundAt(input.angleDeg),
        firstRule: `${FACE_STOCK_UM} µm over the whole face, to come to an even look.`,
        step: (body) => ({
          operation: 'faces',
          title: say('faces.title', { part: name, stone: body.name }),
          instruction:
            name === 'core' ? say('faces.instruction.core') : say('faces.instruction.cladding'),
          angleDeg: null,
          gate: 'no check',
          zone: name === 'core' ? say('faces.zone.core') : say('faces.zone.cladding'),
          check: say('faces.check'),
          before: say('faces.before'),
          caution: say('faces.caution'),
        }),
      },
    );
  };
  const faces = (): PlanStep[] => [
    ...faceOf('cladding'),
    ...faceOf('core'),
    ...(practice.lowSpots === 'blend' && (input.hasLowSpots || work.sums.thinning.mm3 > 0)
      ? hand('faces', 8, {
          title: say('low-spots.blend.title'),
          instruction: say('low-spots.blend.instruction'),
          zone: say('low-spots.blend.zone'),
          check: say('low-spots.blend.check'),
          caution: say('low-spots.blend.caution'),
        })
      : []),
  ];
  return { thinning, faces };
};

/** Where thinning stops, as it is seen on the old bevel. */
const remnantText = (remnantMm: number): Message =>
  remnantMm <= 0.1 ? say('thinning.remnant.hair') : say('thinning.remnant.part', { remnantMm });
