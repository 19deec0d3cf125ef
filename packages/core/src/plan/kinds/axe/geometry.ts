import { ok, perSide, toRadians } from '../../../units';
import { measureFace, sectionFromSides, type SidePoint } from '../../../section';
import { faceCut, type CutStage, type CutStrategy, type StrategyInput } from '../../cuts';
import { RAISED_DEG, ROUND_AT_MM, ROUND_SHARE } from '../first-guesses';
import { twoSidedGeometry } from '../two-sided/geometry';

/** Axes: a bevel filed flat and rounded towards the edge, its geometry by task. */
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

export const axeGeometry = (input: StrategyInput): CutStrategy => {
  const flat = twoSidedGeometry(input);
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
  const shapeAt: CutStrategy['shapeAt'] = (place) => {
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
  const stagesFor: CutStrategy['stagesFor'] = (shape, riseMm, wanted) => {
    const stages = flat.stagesFor(shape, riseMm, { ...wanted, thinning: null, micro: null });
    if (!stages.ok) return stages;
    const { points, belowMm } = roundingOf(wanted.angleDeg, scale);
    const isRound = rounds && cameRound;
    const ground = flat.groundAt(wanted.angleDeg);
    const edge: CutStage = {
      id: 'edge',
      cuts: ground.map(({ side, angleDeg }) =>
        faceCut(side, angleDeg, 0, isRound ? riseMm - belowMm : riseMm, 'new bevel'),
      ),
    };
    const apexMm = isRound ? riseMm : riseMm + belowMm;
    const round: CutStage = {
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

  return {
    ...flat,
    // Geometry by task: what came is kept while it lies in the window of its task.
    approaches: inWindow ? ['keep', 'by-use', 'lowest-clear'] : ['by-use', 'keep', 'lowest-clear'],
    stockOf: ({ edge, round }) => {
      const filed = files && edge.mm3 > 0 ? 0 : edge.mm3;
      return { mm3: filed + round.mm3, faceMm2: rounds ? round.faceMm2 : edge.faceMm2 };
    },
    isThinned: false,
    toolMoves: true,
    atFullLength: true,
    finishStripMm: null,
    shapeAt,
    stagesFor,
  };
};
