/** Thinning in bands, the faces after it, and the low spots both leave. */
import type { Result } from '../../units';
import type { Chain, RackStone } from '../../abrasive';
import { BAND_FACE_MM, FACE_STOCK_UM, namedChain, PART_LABELS, partChain } from '../choices';
import { AIMED_AT_MM, bandsReached, scratchTopMm } from '../cuts';
import { EVEN_STOCK_UM, LOOK_STROKES } from './first-guesses';
import { handStroke, type StepKit, type Words } from './kit';
import { evenerAfter, finderFor, lowSpotWords } from './low-spots';
import { bandWords, type PlanStep } from './step';

export interface ThinningMaker {
  readonly thinning: (words?: Words) => PlanStep[];
  readonly faces: () => PlanStep[];
}

export const thinningMaker = (kit: StepKit): ThinningMaker => {
  const { input, stone, partSteps, hand, few } = kit;
  const { choices, work, rack } = input;
  const { practice } = choices;
  const topMm = scratchTopMm(work);
  const reached = bandsReached(work.bands, topMm);
  const wantsFound = input.hasLowSpots || practice.lowSpots === 'blend';

  const thinning = (words: Words = {}): PlanStep[] => {
    const { thinning: stock } = work.sums;
    const [first] = work.bands;
    if (!first || stock.mm3 <= 0) return [];
    const bands = reached.map(bandWords).join(', ');
    const ground = input
      .groundAt(first.angleDeg)
      .map((side) => ({ ...side, angleDeg: first.angleDeg }));
    const zone = words.zone ?? `from the old bevel up to ${topMm.toFixed(0)} mm`;
    const chain = partSteps('primary', stock, {
      ground,
      firstRule: 'The steel outside the bands.',
      step: (body, index) => ({
        operation: 'thinning',
        title: index === 0 ? `Thin on ${body.name}` : `Blend the thinning on ${body.name}`,
        instruction:
          index === 0
            ? `In bands from near the edge up: ${bands}. ${remnantWords(work.remnantMm)} No burr here: it ruins the outline.`
            : 'Over all bands, until the look is even.',
        gate: 'no check',
        zone,
        check: `Caliper ${AIMED_AT_MM.join(' and ')} mm above the edge; the remnant runs unbroken heel to tip.`,
        before: 'A thin line of the old bevel is left along the whole edge.',
        caution: 'Fingers over the bevel, clear of the edge. Thinning does not come back.',
        ...words,
      }),
    }).map((step, index, all) => ({
      ...inBands(step),
      instruction:
        step.instruction +
        lowSpotWords(stone(step.stoneId!).bond, practice.lowSpots, {
          isFirst: index === 0,
          isLast: index === all.length - 1,
        }),
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
            title: `Find the low spots on ${finder.name}`,
            instruction:
              'A few light strokes a side, as for the thinning: a hard stone touches the high spots alone. Mark what stays dull.',
            angleDeg: first.angleDeg,
            zone,
            check: 'Turn it against the light: bright is high, dull is low.',
            before: 'It is known where the low spots lie and how long they are.',
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
                title: `Even the look on ${body.name}`,
                instruction:
                  'Light, over all that was thinned: a soft stone reaches into the low spots and evens the look.',
                gate: 'no check',
                zone,
                check: 'One even haze against the light, the low spots no longer outlined.',
                before: 'A thin line of the old bevel is left along the whole edge.',
                caution: 'Fingers over the bevel, clear of the edge.',
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
          title: `${PART_LABELS[name]} on ${body.name}`,
          instruction:
            name === 'core'
              ? 'Only the band beside the edge, flat on its bevel: even and bright, clear of the cladding.'
              : 'Flat on the face, away from the edge, until the look is even. Keep clear of the core.',
          angleDeg: null,
          gate: 'no check',
          zone: name === 'core' ? 'the band beside the edge' : 'the face above the core',
          check: 'One even look from heel to tip, no scratch running across the other steel.',
          before: 'The faces are done: after the edge they would spoil it.',
          caution: 'Before the final edge, so that hands and edge are spared.',
        }),
      },
    );
  };
  const faces = (): PlanStep[] => [
    ...faceOf('cladding'),
    ...faceOf('core'),
    ...(practice.lowSpots === 'blend' && (input.hasLowSpots || work.sums.thinning.mm3 > 0)
      ? hand('faces', 8, {
          title: 'Blend the low spots',
          instruction:
            'Wet abrasive paper round a finger, or a finger stone, along the face over each bright hollow until it no longer stands out. Never dry. It deepens them slightly.',
          zone: 'the low spots',
          check: 'Turn it against the light: no spot flashes on its own.',
          caution: 'Wet work: dry grinding dust harms the lungs. Fingers clear of the edge.',
        })
      : []),
  ];
  return { thinning, faces };
};

/** Where thinning stops, as it is seen on the old bevel. */
const remnantWords = (remnantMm: number): string =>
  remnantMm <= 0.1
    ? 'Stop while a hair of the old bevel, 0.1 mm or less, is still seen along the whole edge.'
    : `A little at each visit: stop when ${remnantMm.toFixed(1)} mm of the old bevel is left.`;
