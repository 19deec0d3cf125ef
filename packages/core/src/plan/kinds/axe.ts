/**
 * Axes and billhooks: geometry by task; the edge jointed, the bevels filed with the fingers behind the face,
 * then small circles flush and slightly raised in turn to make it convex. File and deburr alone is a complete
 * service.
 */
import { fact, ok, perSide, said, toRadians } from '../../units';
import { measureFace, sectionFromSides, type SidePoint } from '../../section';
import { faceCut, type Stage, type StrategyInput } from '../cuts';
import type { StepMaker } from '../steps';
import { RAISED_DEG, ROUND_AT_MM, ROUND_SHARE } from './first-guesses';
import { thicknessFacts } from './parts';
import type { BladeStrategy } from './strategy';
import { twoSided } from './two-sided';

const tanOf = (deg: number): number => Math.tan(toRadians(perSide(deg)));

interface Rounding {
  /** Points up the side from an apex at height 0: distance from the centre plane, and height. */
  readonly points: readonly {
    readonly xMm: number;
    readonly yMm: number;
    readonly angleDeg: number;
  }[];
  /** The flat bevel, carried on down, would meet the centre plane so far below the apex. */
  readonly belowMm: number;
}

/** A bevel of that angle, rounded at its edge by the two raised tangents; on a narrow one the rounding is smaller. */
export const roundingOf = (angleDeg: number, scale = 1): Rounding => {
  const [low, high] = RAISED_DEG;
  const [first, second] = [scale * ROUND_AT_MM[0], scale * ROUND_AT_MM[1]];
  const x1 = first * tanOf(angleDeg + high);
  const x2 = x1 + (second - first) * tanOf(angleDeg + low);
  return {
    points: [
      { xMm: 0, yMm: 0, angleDeg: angleDeg + high },
      { xMm: x1, yMm: first, angleDeg: angleDeg + low },
      { xMm: x2, yMm: second, angleDeg },
    ],
    belowMm: x2 / tanOf(angleDeg) - second,
  };
};

export const axe = (input: StrategyInput): BladeStrategy => {
  const flat = twoSided(input);
  const { axeService } = input.input.choices.kind;
  const rounds = axeService !== 'file and deburr';
  const skates = input.answers['fileTest'] === 'skates';
  const [lowDeg, highDeg] = input.use.angleDeg;
  const inWindow = input.presentDeg >= lowDeg && input.presentDeg <= highDeg;
  const files = !skates && input.input.rack.some(({ kind }) => kind === 'file');
  // The rounding takes no more than this share of a narrow bevel's height.
  const bevelMm = input.input.measures.thicknessBehindEdgeMm / 2 / tanOf(input.presentDeg);
  const scale = Math.min(1, (ROUND_SHARE * bevelMm) / ROUND_AT_MM[1]);
  const cameRound = (input.answers['bevelShape'] ?? 'convex') === 'convex';

  /** As it came: its bevel rounded at the edge already, unless it was seen to be flat. */
  const shapeAt: BladeStrategy['shapeAt'] = (place) => {
    const plain = flat.shapeAt(place);
    if (!plain.ok || !cameRound) return plain;
    const { points } = roundingOf(input.presentDeg, scale);
    const end = points.at(-1)!;
    const shoulderMm =
      measureFace(plain.value.section, { side: 'right', roles: ['bevel'] })?.topXMm ?? 0;
    if (shoulderMm <= end.xMm) return plain;
    const bevelTopMm = end.yMm + (shoulderMm - end.xMm) / tanOf(input.presentDeg);
    const side: SidePoint[] = [
      ...points.map(({ xMm, yMm }): SidePoint => ({ xMm, yMm, face: 'bevel' })),
      { xMm: shoulderMm, yMm: bevelTopMm, face: 'primary' },
      { xMm: Math.max(shoulderMm, place.thicknessMm / 2), yMm: place.heightMm, face: 'primary' },
    ];
    return bevelTopMm < place.heightMm
      ? ok({ ...plain.value, section: sectionFromSides(side, side), bevelHeightMm: bevelTopMm })
      : plain;
  };

  /** The file lays the bevel flat; where it came rounded the flat stays as far below the apex as it was. */
  const stagesFor: BladeStrategy['stagesFor'] = (shape, riseMm, wanted) => {
    const stages = flat.stagesFor(shape, riseMm, { ...wanted, thinning: null, micro: null });
    if (!stages.ok) return stages;
    const { points, belowMm } = roundingOf(wanted.angleDeg, scale);
    const isRound = rounds && cameRound;
    const ground = flat.groundAt(wanted.angleDeg);
    const edge: Stage = {
      id: 'edge',
      cuts: ground.map(({ side, angleDeg }) =>
        faceCut(side, angleDeg, 0, isRound ? riseMm - belowMm : riseMm, 'new bevel'),
      ),
    };
    const apexMm = isRound ? riseMm : riseMm + belowMm;
    const round: Stage = {
      id: 'round',
      cuts: points
        .slice(0, -1)
        .flatMap(({ xMm, yMm, angleDeg }) =>
          ground.map(({ side }) => faceCut(side, angleDeg, xMm, apexMm + yMm, 'rounded')),
        ),
    };
    const [outline] = stages.value;
    return ok(rounds ? [outline!, edge, round] : [outline!, edge]);
  };

  const filing = (make: StepMaker, work: Parameters<BladeStrategy['steps']>[1]) =>
    skates || !make.file()
      ? []
      : make.filed(work.sums.edge.mm3, {
          title: `File the bevels with ${make.file()!.name}`,
          instruction:
            'Head held fast, edge up. Push the file from edge to cheek at the bevel, fingers behind the face of the file, never over the edge; as many on one side as on the other, until a burr runs along.',
          zone: 'the bevel, edge to cheek',
          check: 'Bevels as wide on both sides; the edge line even from toe to heel.',
          before: 'A burr along the whole edge, and no flat of the jointing left.',
          gate: 'everywhere',
          burrOn: ['right', 'left'],
          caution: 'Cut-resistant glove on the holding hand; goggles for filings.',
          cooling: null,
        });
  return {
    ...flat,
    // Geometry by task: what came is kept while it lies in the window of its task.
    approaches: inWindow ? ['keep', 'by-use', 'lowest-clear'] : ['by-use', 'keep', 'lowest-clear'],
    stockOf: ({ edge, round }) => {
      const filed = files && edge.mm3 > 0 ? 0 : edge.mm3;
      return { mm3: filed + round.mm3, faceMm2: rounds ? round.faceMm2 : edge.faceMm2 };
    },
    isThinned: false,
    shoulderLabel: '10 mm behind the edge',
    shapeAt,
    stagesFor,
    steps: (make, work) => {
      const filed = filing(make, work);
      const bench =
        axeService === 'field kit'
          ? 'one small stone, a finger’s width from the edge'
          : 'the stone in the hand';
      return [
        ...make.outline({
          instruction:
            'Draw the file or the coarse stone straight along the edge until nicks are gone and one even line of light runs toe to heel.',
          zone: 'toe to heel',
        }),
        ...filed,
        ...(rounds || filed.length === 0
          ? make.edge((_body, index) => ({
              operation: index === 0 && filed.length === 0 ? 'edge' : 'refine',
              zone: 'the last few millimetres, toe to heel',
              instruction: `Small circles, ${bench}: flush on the bevel, then slightly raised by ${RAISED_DEG[0]} and ${RAISED_DEG[1]}°, in turn, so that the edge comes out convex. Both sides alike.`,
              check: 'Rolled under a light the bevel shows one moving line, no facet.',
              gate: index === 0 ? 'everywhere' : 'looked for',
              caution:
                'Fingers behind the face of the stone. The axe held fast, never the stone over the thumb.',
            }))
          : []),
        ...make.deburr({
          instruction: rounds
            ? 'Light circles in turn, slightly raised, until no burr is felt.'
            : 'The fine side of a stone, a few light strokes a side, until no burr is felt: a complete service for work on logs.',
        }),
        ...(axeService === 'rounded and refined' ? make.strop() : []),
        ...make.wash({
          title: 'Wipe and oil',
          instruction:
            'Wipe off stone and filings, oil the head, look at the wedge of the haft, cover the edge.',
        }),
      ];
    },
    facts: (work) => {
      const bevel = measureFace(work.stages.at(-1)!.section, {
        side: 'right',
        roles: ['new bevel'],
      });
      const apexDeg = rounds ? work.angleDeg + RAISED_DEG[1] : work.angleDeg;
      return [
        fact(
          'At the apex',
          said(
            apexDeg,
            '° per side',
            rounds
              ? 'Flush on the bevel, and raised twice: the last tangent stands at the apex.'
              : 'Left flat, as filed.',
            [{ label: 'Bevel', value: work.angleDeg, unit: '° per side' }],
          ),
        ),
        ...(bevel
          ? [
              fact(
                'Flat of the bevel left',
                said(
                  bevel.widthMm,
                  'mm',
                  'Width of the filed bevel above the rounding, half way along.',
                ),
              ),
            ]
          : []),
        ...thicknessFacts(work, [10, 20]),
      ];
    },
    warnings: () => [
      ...(skates ? ['A file skates on it: too hard for a file, so stones take all of it.'] : []),
      ...(input.answers['haft'] === 'loose head' || input.answers['haft'] === 'cracked'
        ? [
            `The haft: ${String(input.answers['haft'])}. Tell the owner; it is not handed back as sound.`,
          ]
        : []),
      ...(input.answers['fileTest'] === 'sinks in'
        ? ['A file sinks in: soft steel, perhaps burnt. A fine edge will not stand.']
        : []),
    ],
  };
};
