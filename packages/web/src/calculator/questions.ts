/**
 * The quick questions: which fields each asks for, which operation answers, and how the answer reads. The
 * operations are those of the command line and the API, so limits and errors are the same.
 */
import {
  BLADE_KINDS,
  bladeOutline,
  calculate,
  clampAngles,
  figure,
  GRIT_SCALES,
  interpolate,
  isCalcError,
  matchingSlide,
  perSide,
  pivotForAngle,
  usualMeasuresOf,
  type BladePoint,
  type DomainError,
  type Figure,
  type FigureUnit,
  type OperationName,
  type Why,
} from '@patient-edge/core';
import { parseNumber } from '../theme/format';
import { STRINGS } from './strings';

export type Inputs = Readonly<Record<string, string>>;

export interface Field {
  readonly name: string;
  readonly label: string;
  readonly initial: string;
  /** A list of choices instead of a number. */
  readonly choices?: readonly { readonly id: string; readonly label: string }[];
  readonly hint?: string;
  readonly optional?: boolean;
}

export interface Reading {
  readonly label: string;
  readonly figure: Figure;
  readonly beside?: Figure;
}

export type Outcome =
  | {
      readonly ok: true;
      readonly readings: readonly Reading[];
      readonly raw: Readonly<Record<string, unknown>>;
      readonly note?: string;
    }
  | { readonly ok: false; readonly error: DomainError };

export interface Question {
  readonly id: string;
  readonly title: string;
  readonly fields: readonly Field[];
  readonly answer: (inputs: Inputs) => Outcome;
}

const number = (name: string, label: string, initial: string, hint?: string): Field =>
  hint === undefined ? { name, label, initial } : { name, label, initial, hint };

/** A typed number, or the refusal that it is none; what is empty is missing. */
const typed = (inputs: Inputs, names: readonly string[]): Record<string, unknown> | DomainError => {
  const values: Record<string, unknown> = {};
  for (const name of names) {
    const text = (inputs[name] ?? '').trim();
    if (text === '') continue;
    const value = parseNumber(text);
    if (value === null) {
      return {
        code: 'INVALID_INPUT',
        field: name,
        message: STRINGS.mustBeANumberWasGiven(name, text),
      };
    }
    values[name] = value;
  }
  return values;
};

const isError = (value: object): value is DomainError => 'code' in value && 'message' in value;

type Raw = Readonly<Record<string, unknown>>;

/** Asks an operation with the numbers typed, and puts its answer in words. */
const asking =
  (
    operation: OperationName,
    names: readonly string[],
    read: (raw: Raw, given: Raw) => readonly Reading[],
  ) =>
  (inputs: Inputs): Outcome => {
    const given = typed(inputs, names);
    if (isError(given)) return { ok: false, error: given };
    const raw = calculate(operation, given);
    return isCalcError(raw)
      ? { ok: false, error: raw.error }
      : { ok: true, readings: read(raw, given), raw };
  };

const GEOMETRY = STRINGS.geometryOfTheSection;

const asFigure = (
  value: unknown,
  unit: FigureUnit,
  rule: string,
  formula: string | undefined,
  inputs: Why['inputs'],
  source = GEOMETRY,
): Figure =>
  figure(value as number, unit, {
    rule,
    inputs,
    source,
    ...(formula === undefined ? {} : { formula }),
  });

const both = (perSideDeg: unknown): Figure =>
  asFigure(
    2 * (perSideDeg as number),
    '° inclusive',
    STRINGS.bothSidesTogetherTheTwoAlike,
    'inclusive = right + left',
    [],
  );

const given = (raw: Raw, name: string, label: string, unit: FigureUnit): Why['inputs'][number] => ({
  label,
  value: raw[name] as number,
  unit,
});

const HEIGHT = number('heightMm', STRINGS.heightEdgeToSpineMm, '48');
const OFFSET = number(
  'spineOffsetMm',
  STRINGS.spineCornerFromTheCentrePlane,
  '1.1',
  STRINGS.halfTheSpinesThicknessAllOf,
);
const ANGLE = number('angleDeg', STRINGS.anglePerSide, '15');

const lift: Question = {
  id: 'lift',
  title: STRINGS.whatLiftForThisBladeAnd,
  fields: [HEIGHT, OFFSET, ANGLE],
  answer: asking('lift', ['heightMm', 'spineOffsetMm', 'angleDeg'], (raw, input) => [
    {
      label: STRINGS.liftOfTheSpine,
      figure: asFigure(raw['liftMm'], 'mm', STRINGS.howFarTheSpineCornerStands, STRINGS.lHSinXCos, [
        given(input, 'heightMm', 'H', 'mm'),
        given(input, 'spineOffsetMm', 'x', 'mm'),
        given(input, 'angleDeg', 'θ', '° per side'),
      ]),
    },
    {
      label: STRINGS.itRestsAt,
      figure: asFigure(
        raw['restingAngleDeg'],
        '° per side',
        STRINGS.theAngleHeldWhenTheSpine,
        'θ₀ = atan(x / H)',
        [given(input, 'heightMm', 'H', 'mm'), given(input, 'spineOffsetMm', 'x', 'mm')],
      ),
    },
  ]),
};

interface Counted {
  readonly count: number;
  readonly angleDeg: number | null;
}

const shims: Question = {
  id: 'shims',
  title: STRINGS.howManyShimsOrCoins,
  fields: [HEIGHT, OFFSET, ANGLE, number('shimMm', STRINGS.thicknessOfOneMm, '1.7')],
  answer: asking('shims', ['heightMm', 'spineOffsetMm', 'angleDeg', 'shimMm'], (raw, input) => {
    const side = (name: 'below' | 'above'): Reading[] => {
      const { count, angleDeg } = raw[name] as Counted;
      if (angleDeg === null) return [];
      return [
        {
          label: STRINGS.ofThem(count, raw['nearest'] === name ? STRINGS.theNearest : ''),
          figure: asFigure(
            angleDeg,
            '° per side',
            STRINGS.theAngleThatAStackOf,
            STRINGS.at0AsinNTH2X2,
            [
              { label: 'n', value: count },
              given(input, 'shimMm', 't', 'mm'),
              given(input, 'heightMm', 'H', 'mm'),
              given(input, 'spineOffsetMm', 'x', 'mm'),
            ],
          ),
          beside: both(angleDeg),
        },
      ];
    };
    return [
      // The nearest first: it is the answer.
      ...(raw['nearest'] === 'below'
        ? (['below', 'above'] as const)
        : (['above', 'below'] as const)
      ).flatMap(side),
      {
        label: STRINGS.liftWanted,
        figure: asFigure(raw['liftMm'], 'mm', STRINGS.theStackThatWouldBeExact, STRINGS.lHSinXCos, [
          given(input, 'angleDeg', 'θ', '° per side'),
        ]),
      },
    ];
  }),
};

const bevel: Question = {
  id: 'bevel',
  title: STRINGS.whatAngleIsThisBevel,
  fields: [
    number('bevelFaceMm', STRINGS.widthOfTheBevelFaceMm, '0.9'),
    number('shoulderMm', STRINGS.halfTheThicknessBehindTheEdge, '0.22', STRINGS.allOfItOnAOne),
  ],
  answer: asking('angle-from-bevel', ['bevelFaceMm', 'shoulderMm'], (raw, input) => [
    {
      label: STRINGS.angle,
      figure: asFigure(
        raw['angleDeg'],
        '° per side',
        STRINGS.aFaceOfThisWidthSpans,
        'θ = asin(e / w)',
        [given(input, 'shoulderMm', 'e', 'mm'), given(input, 'bevelFaceMm', 'w', 'mm')],
      ),
      beside: both(raw['angleDeg']),
    },
    {
      label: STRINGS.bevelHeight,
      figure: asFigure(
        raw['bevelHeightMm'],
        'mm',
        STRINGS.howHighTheBevelReachesUp,
        STRINGS.bETan,
        [given(input, 'shoulderMm', 'e', 'mm')],
      ),
    },
  ]),
};

const razor: Question = {
  id: 'razor',
  title: STRINGS.whatDoesARazorRestAt,
  fields: [
    number('widthMm', STRINGS.edgeToWhereTheSpineTouches, '18.2'),
    number('spineThicknessMm', STRINGS.spineThicknessThereMm, '5.1'),
    number('tapeLayers', STRINGS.layersOfTape, '0'),
    { ...number('tapeThicknessMm', STRINGS.thicknessOfOneLayerMm, '0.13'), optional: true },
  ],
  answer: asking(
    'razor',
    ['widthMm', 'spineThicknessMm', 'tapeLayers', 'tapeThicknessMm'],
    (raw, input) => [
      {
        label: STRINGS.groundAt,
        figure: asFigure(
          raw['angleDeg'],
          '° per side',
          STRINGS.theSpineIsTheGuideTape,
          STRINGS.atanT2NTH,
          [
            given(input, 'widthMm', 'H', 'mm'),
            given(input, 'spineThicknessMm', 'T', 'mm'),
            {
              label: STRINGS.nTTape,
              value:
                ((input['tapeLayers'] as number | undefined) ?? 0) *
                ((input['tapeThicknessMm'] as number | undefined) ?? 0),
              unit: 'mm',
            },
          ],
        ),
        beside: asFigure(
          raw['inclusiveDeg'],
          '° inclusive',
          STRINGS.bothSidesTogether,
          undefined,
          [],
        ),
      },
    ],
  ),
};

const rail: Question = {
  id: 'rail',
  title: STRINGS.whatAngleDoesAClipOn,
  fields: [
    number('distanceMm', STRINGS.edgeToTheRailMm, '38'),
    number('offsetMm', STRINGS.railFromTheCentrePlaneMm, '11.5'),
  ],
  answer: asking('rail', ['distanceMm', 'offsetMm'], (raw, input) => [
    {
      label: STRINGS.angle,
      figure: asFigure(
        raw['angleDeg'],
        '° per side',
        STRINGS.theStoneTouchesTheEdgeAnd,
        'θ = atan(o / D)',
        [given(input, 'offsetMm', 'o', 'mm'), given(input, 'distanceMm', 'D', 'mm')],
      ),
      beside: both(raw['angleDeg']),
    },
  ]),
};

const KIND_CHOICES = BLADE_KINDS.filter(({ grind }) => grind !== 'razor').map(({ id, label }) => ({
  id,
  label,
}));

/** The edge of a kind from its middle, where the clamp is, in 25 points. */
export const edgeOfKind = (kindId: string, edgeLengthMm: number): BladePoint[] => {
  const { edge } = bladeOutline(usualMeasuresOf(kindId, edgeLengthMm));
  return Array.from({ length: 25 }, (_, index): BladePoint => {
    const z = (edgeLengthMm * index) / 24;
    return [z - edgeLengthMm / 2, interpolate(edge, z)];
  });
};

export interface ClampRaw {
  readonly edge: readonly BladePoint[];
  readonly angleDeg: readonly number[];
  readonly best: { readonly slideMm: number; readonly angleDeg: readonly number[] };
}

const clampAnswer = (inputs: Inputs): Outcome => {
  const values = typed(inputs, [
    'edgeLengthMm',
    'rodHeightMm',
    'rodDistanceMm',
    'faceOffsetMm',
    'slideMm',
    'heelDeg',
    'middleDeg',
    'tipDeg',
  ]);
  if (isError(values)) return { ok: false, error: values };
  const length = values['edgeLengthMm'];
  const limit = values['slideMm'];
  const wrong = (field: string, message: string): Outcome => ({
    ok: false,
    error: { code: 'INVALID_INPUT', field, message },
  });
  if (typeof length !== 'number' || length < 20 || length > 900) {
    return wrong('edgeLengthMm', STRINGS.edgelengthmmMustBeFrom20To(inputs['edgeLengthMm'] ?? ''));
  }
  if (typeof limit !== 'number' || limit <= 0) {
    return wrong('slideMm', STRINGS.slidemmMustBeAbove0Was(inputs['slideMm'] ?? ''));
  }
  for (const name of ['rodHeightMm', 'rodDistanceMm']) {
    if (typeof values[name] !== 'number') return wrong(name, STRINGS.isMissing(name));
  }
  const edge = edgeOfKind(inputs['kindId'] ?? 'chef', length);
  const xMm = values['rodHeightMm'] as number;
  const yMm = values['rodDistanceMm'] as number;
  const faceOffsetMm = (values['faceOffsetMm'] as number | undefined) ?? 0;
  const raw = calculate('clamp', {
    edge,
    pivot: [xMm, yMm, 0],
    faceOffsetMm,
    slideMm: [-limit, limit],
  });
  if (isCalcError(raw))
    return {
      ok: false,
      error: raw.error.field === 'pivot' ? { ...raw.error, field: 'rodHeightMm' } : raw.error,
    };
  const pivot = { xMm, yMm, zMm: 0 };
  const here = clampAngles(edge, pivot, faceOffsetMm);
  const present = [values['heelDeg'], values['middleDeg'], values['tipDeg']];
  const matches = present.every((angle) => typeof angle === 'number');
  const table: BladePoint[] = [
    [-length / 2, present[0] as number],
    [0, present[1] as number],
    [length / 2, present[2] as number],
  ];
  const best = matches
    ? matchingSlide(
        edge,
        pivot,
        faceOffsetMm,
        [-limit, limit],
        edge.map(([z]) => interpolate(table, z)),
      )
    : (raw['best'] as ReturnType<typeof matchingSlide>);
  const rig = [
    { label: STRINGS.pivotOffTheBladePlane, value: xMm, unit: 'mm' as const },
    { label: STRINGS.pivotFromTheEdgeLine, value: yMm, unit: 'mm' as const },
    { label: STRINGS.stonesFaceInsideTheRod, value: faceOffsetMm, unit: 'mm' as const },
  ];
  const setting = pivotForAngle(perSide(here.angleDeg[12]!), yMm, faceOffsetMm + 10);
  return {
    ok: true,
    raw: { edge, angleDeg: here.angleDeg, best } satisfies ClampRaw as unknown as Raw,
    readings: [
      {
        label: matches ? STRINGS.slideTheBladeByToMatch : STRINGS.slideTheBladeByForThe,
        figure: asFigure(
          best.slideMm,
          'mm',
          matches ? STRINGS.leastSquaresBetweenWhatTheRig : STRINGS.whereTheLargestLessTheSmallest,
          'θ = φ − asin(d / ρ)',
          rig,
        ),
      },
      {
        label: STRINGS.spreadThere,
        figure: asFigure(
          best.spreadDeg,
          '° per side',
          STRINGS.largestLessSmallestAngleAlongThe,
          undefined,
          rig,
        ),
      },
      {
        label: STRINGS.spreadAsClampedNow,
        figure: asFigure(
          here.spreadDeg,
          '° per side',
          STRINGS.theSameWithTheClampHalf,
          undefined,
          rig,
        ),
      },
      {
        label: STRINGS.angleHalfWay,
        figure: asFigure(
          here.angleDeg[12],
          '° per side',
          STRINGS.theStoneTurnsOnItsRod,
          'θ = φ − asin(d / ρ)',
          rig,
        ),
        beside: both(here.angleDeg[12]),
      },
      {
        label: STRINGS.withAStone10MmThicker,
        figure: asFigure(setting, 'mm', STRINGS.theRodSettingThatKeepsThe, STRINGS.xYTanDCos, rig),
      },
    ],
  };
};

const clamp: Question = {
  id: 'clamp',
  title: STRINGS.whereToClamp,
  fields: [
    { name: 'kindId', label: STRINGS.kind, initial: 'chef', choices: KIND_CHOICES },
    number('edgeLengthMm', STRINGS.edgeLengthMm, '210'),
    number('rodHeightMm', STRINGS.pivotOffTheBladePlaneMm, '45'),
    number('rodDistanceMm', STRINGS.pivotFromTheEdgeLineMm, '120'),
    number('faceOffsetMm', STRINGS.stonesFaceInsideTheRodMm, '6'),
    number('slideMm', STRINGS.theBladeCanSlideEachWay, '60'),
    {
      ...number('heelDeg', STRINGS.bevelAtHeel, '', STRINGS.giveAllThreeToMatchWhat),
      optional: true,
    },
    { ...number('middleDeg', STRINGS.bevelHalfWay, ''), optional: true },
    { ...number('tipDeg', STRINGS.bevelAtTip, ''), optional: true },
  ],
  answer: clampAnswer,
};

const convex: Question = {
  id: 'convex',
  title: STRINGS.whichFacetsMakeThisConvexEdge,
  fields: [
    number('shoulderMm', STRINGS.halfTheThicknessAtTheShoulder, '2.4'),
    number('shoulderAngleDeg', STRINGS.angleAtTheShoulder, '9'),
    number('apexAngleDeg', STRINGS.angleAtTheApex, '18'),
    number('facets', STRINGS.facets, '5'),
  ],
  answer: asking(
    'convex',
    ['shoulderMm', 'shoulderAngleDeg', 'apexAngleDeg', 'facets'],
    (raw, input) => {
      const facets = raw['facets'] as readonly { angleDeg: number; widthMm: number }[];
      const from = [
        given(input, 'shoulderMm', 'e', 'mm'),
        given(input, 'shoulderAngleDeg', 'α', '° per side'),
        given(input, 'apexAngleDeg', 'β', '° per side'),
      ];
      return [
        {
          label: STRINGS.radius,
          figure: asFigure(raw['radiusMm'], 'mm', STRINGS.theArcThatIsAtAt, STRINGS.rECosCos, from),
        },
        {
          label: STRINGS.bevelHeight,
          figure: asFigure(
            raw['bevelHeightMm'],
            'mm',
            STRINGS.howHighTheConvexPartReaches,
            STRINGS.bRSinSin,
            from,
          ),
        },
        ...facets.slice(0, 12).map(({ angleDeg, widthMm }, index) => ({
          label: STRINGS.facetFromTheShoulder(index + 1),
          figure: asFigure(
            angleDeg,
            '° per side',
            STRINGS.tangentsAtEqualStepsOfAngle,
            undefined,
            from,
          ),
          beside: asFigure(
            widthMm,
            'mm',
            STRINGS.betweenWhereNeighbouringTangentsCross,
            undefined,
            from,
          ),
        })),
      ];
    },
  ),
};

const grit: Question = {
  id: 'grit',
  title: STRINGS.whatIsThisGritOnThe,
  fields: [
    {
      name: 'scale',
      label: STRINGS.scale,
      initial: 'JIS',
      choices: [
        ...GRIT_SCALES.map((id) => ({ id, label: id })),
        { id: 'um', label: STRINGS.micrometres },
      ],
    },
    number('grit', STRINGS.number, '1000'),
  ],
  answer: (inputs) => {
    const values = typed(inputs, ['grit']);
    if (isError(values)) return { ok: false, error: values };
    const byUm = inputs['scale'] === 'um';
    const raw = calculate(
      'grit',
      byUm ? { um: values['grit'] } : { scale: inputs['scale'], grit: values['grit'] },
    );
    if (isCalcError(raw))
      return {
        ok: false,
        error: raw.error.field === 'um' ? { ...raw.error, field: 'grit' } : raw.error,
      };
    const nearest = raw['nearest'] as Readonly<Record<string, number>>;
    const source = 'FEPA (ISO 6344, ISO 8486), JIS R 6001, ANSI B74.18';
    return {
      ok: true,
      raw,
      readings: [
        {
          label: STRINGS.medianGrain,
          figure: asFigure(
            raw['um'],
            'µm',
            STRINGS.thePublishedMedianBetweenTwoListed,
            undefined,
            [{ label: inputs['scale'] ?? '', value: values['grit'] as number }],
            source,
          ),
        },
        ...Object.entries(nearest).map(([scale, value]) => ({
          label: STRINGS.nearestOn(scale),
          figure: asFigure(
            value,
            '',
            STRINGS.theListedGritWhoseGrainIs,
            undefined,
            [{ label: STRINGS.median, value: raw['um'] as number, unit: 'µm' as const }],
            source,
          ),
        })),
      ],
    };
  },
};

export const QUESTIONS: readonly Question[] = [
  lift,
  shims,
  bevel,
  razor,
  rail,
  clamp,
  convex,
  grit,
];
export const CHIP_KINDS = KIND_CHOICES;

export const initialInputs = (fields: readonly Field[]): Inputs =>
  Object.fromEntries(fields.map(({ name, initial }) => [name, initial]));
