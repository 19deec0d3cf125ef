/**
 * Straight razors: the spine is the guide, so the angle comes from spine and width and both wear together;
 * no lift; tape on the spine makes it steeper; the heel is the trouble spot; a hard-backed leather, few strokes.
 */
import { CLEAR_OF_CORNER_MM, fact, ok, said, toRadians, type Result } from '../../units';
import { hollowSide, sectionFromSides, thicknessAtMm } from '../../section';
import { razorAngle } from '../../angle';
import { TAPE_MM } from '../choices';
import { faceCut, type Place, type Shape, type Stage, type StrategyInput } from '../cuts';
import { BEHIND_EDGE_MM, CLEAR_SHARE, HOLLOW_RADIUS_MM } from './first-guesses';
import { joint } from './parts';
import type { BladeStrategy } from './strategy';

const tapeMm = (input: StrategyInput): number => TAPE_MM * input.input.choices.kind.tapeLayers;

export const razor = (input: StrategyInput): BladeStrategy => {
  const shapeAt = ({ heightMm, thicknessMm }: Place): Result<Shape> => {
    const angle = razorAngle(heightMm, thicknessMm, 0);
    const shoulderMm = BEHIND_EDGE_MM / 2;
    const side = hollowSide(
      { heightMm, spineOffsetMm: thicknessMm / 2, shoulderMm, angle },
      heightMm,
      Math.max(HOLLOW_RADIUS_MM, 2 * heightMm),
    );
    return side.ok
      ? ok({
          section: sectionFromSides(side.value, side.value),
          primaryDeg: CLEAR_SHARE * angle,
          bevelHeightMm: shoulderMm / Math.tan(toRadians(angle)),
        })
      : { ...side, error: { ...side.error, field: 'heightMiddleMm' } };
  };
  const groundAt: BladeStrategy['groundAt'] = (angleDeg) => [
    { side: 'right', angleDeg, share: 0.5 },
    { side: 'left', angleDeg, share: 0.5 },
  ];
  return {
    approaches: ['keep'],
    guidedDeg: razorAngle(
      input.input.measures.heightMiddleMm,
      input.input.measures.spineMiddleMm,
      tapeMm(input),
    ),
    isThinned: false,
    byStation: false,
    shoulderLabel: 'Behind the edge',
    microUsual: null,
    shapeAt,
    groundAt,
    spineOffsetMm: (thicknessMm) => thicknessMm / 2 + tapeMm(input),
    extraRiseMm: () => 0,
    stagesFor: (_shape, riseMm, wanted) => {
      const stages: Stage[] = [
        joint(riseMm),
        {
          id: 'edge',
          cuts: groundAt(wanted.angleDeg).map(({ side, angleDeg }) =>
            faceCut(side, angleDeg, 0, riseMm, 'new bevel'),
          ),
        },
      ];
      return ok(stages);
    },
    steps: (make) => {
      const taped = tapeMm(input) > 0;
      return [
        ...make.hand('ready', 3, {
          title: 'Disinfect, and tape the spine',
          instruction: `Disinfect the blade by the rules of the trade. ${taped ? `${input.input.choices.kind.tapeLayers} ${input.input.choices.kind.tapeLayers === 1 ? 'layer' : 'layers'} of tape along the spine, alike on both sides, fresh at every stone.` : 'The spine goes bare on the stone: it wears with the edge, and the angle stays.'}`,
          zone: 'whole blade',
          caution: 'Razors arrive contaminated. Gloves for the first wipe.',
        }),
        ...make.outline(),
        ...make.edge((_body, index) => ({
          instruction:
            index === 0
              ? 'Spine and edge on the stone at once, no lift, weight of the hand: long strokes, the stone crossed slightly, flipped over the spine, never over the edge. The heel is the trouble spot: start with it off the stone’s edge.'
              : 'Spine and edge down, lighter than before, until the wave of water climbs the edge evenly.',
          lifts: [],
          check:
            index === 0
              ? 'Under the glass the bevel reaches the very edge, heel to point, both sides.'
              : 'No scratch of the stone before reaches the edge.',
          gate: index === 0 ? 'everywhere' : 'looked for',
          forceN: [0.5, 2],
          caution: 'No finger past the edge; the blade is turned over its spine.',
        })),
        ...make.deburr({
          title: 'Last light laps',
          instruction:
            'Spine and edge down, no weight at all, in turn: what little burr there is goes with the water.',
        }),
        ...make.strop({
          instruction:
            'Hard-backed leather, spine leading, flat, only a few laps: it trades a little keenness for comfort, and more rounds it.',
        }),
        ...make.wash({
          title: 'Disinfect, dry and oil',
          instruction: 'Tape off, wash, disinfect by the rules of the trade, dry, a breath of oil.',
        }),
      ].map((step) => ({
        ...step,
        lifts: [],
        stationLifts: [],
        sides: step.sides.map((side) => ({ ...side, lifts: [] })),
      }));
    },
    facts: (work) => {
      const { heightMiddleMm: width, spineMiddleMm: spine } = input.input.measures;
      const last = work.stages.at(-1)!.section;
      const worn = spine - (thicknessAtMm(last, width - CLEAR_OF_CORNER_MM) ?? spine);
      return [
        fact(
          'The spine holds it at',
          said(
            razorAngle(width, spine, tapeMm(input)),
            '° per side',
            'No lift: spine and edge lie on the stone at once.',
            [
              { label: 'Width', value: width, unit: 'mm' },
              { label: 'Spine', value: spine, unit: 'mm' },
              { label: 'Tape, each side', value: tapeMm(input), unit: 'mm' },
            ],
            'θ = atan((T/2 + tape) / H)',
          ),
        ),
        fact(
          'Spine worn by',
          said(
            Math.max(0, worn),
            'mm',
            'What the same stroke takes off the spine: none under tape.',
            [{ label: 'Apex rise', value: work.riseMm, unit: 'mm' }],
          ),
        ),
      ];
    },
    warnings: (work) => [
      ...(input.answers['edgeLine'] === 'frowning'
        ? [
            'The edge frowns: it does not meet a flat stone. Bring the line up first, or send it on.',
          ]
        : []),
      ...(input.answers['spineWear'] !== undefined && input.answers['spineWear'] !== 'even'
        ? [
            `Flats on the spine are ${String(input.answers['spineWear'])}: the angle differs along it. Tape evens it.`,
          ]
        : []),
      ...(work.angleDeg > 9.5
        ? [
            `${work.angleDeg.toFixed(1)}° is steep for a razor: fewer layers of tape, or the spine is thick.`,
          ]
        : []),
    ],
  };
};
