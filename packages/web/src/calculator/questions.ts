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
        message: `${name} must be a number; "${text}" was given`,
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

const GEOMETRY = 'Geometry of the section';

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
    'Both sides together, the two alike.',
    'inclusive = right + left',
    [],
  );

const given = (raw: Raw, name: string, label: string, unit: FigureUnit): Why['inputs'][number] => ({
  label,
  value: raw[name] as number,
  unit,
});

const HEIGHT = number('heightMm', 'Height, edge to spine, mm', '48');
const OFFSET = number(
  'spineOffsetMm',
  'Spine corner from the centre plane, mm',
  '1.1',
  'Half the spine’s thickness; all of it on the front of a one-sided blade',
);
const ANGLE = number('angleDeg', 'Angle per side, °', '15');

const lift: Question = {
  id: 'lift',
  title: 'What lift for this blade and angle?',
  fields: [HEIGHT, OFFSET, ANGLE],
  answer: asking('lift', ['heightMm', 'spineOffsetMm', 'angleDeg'], (raw, input) => [
    {
      label: 'Lift of the spine',
      figure: asFigure(
        raw['liftMm'],
        'mm',
        'How far the spine corner stands off the stone.',
        'L = H sin θ − x cos θ',
        [
          given(input, 'heightMm', 'H', 'mm'),
          given(input, 'spineOffsetMm', 'x', 'mm'),
          given(input, 'angleDeg', 'θ', '° per side'),
        ],
      ),
    },
    {
      label: 'It rests at',
      figure: asFigure(
        raw['restingAngleDeg'],
        '° per side',
        'The angle held when the spine touches the stone; no lower one can be.',
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
  title: 'How many shims or coins?',
  fields: [HEIGHT, OFFSET, ANGLE, number('shimMm', 'Thickness of one, mm', '1.7')],
  answer: asking('shims', ['heightMm', 'spineOffsetMm', 'angleDeg', 'shimMm'], (raw, input) => {
    const side = (name: 'below' | 'above'): Reading[] => {
      const { count, angleDeg } = raw[name] as Counted;
      if (angleDeg === null) return [];
      return [
        {
          label: `${count} of them${raw['nearest'] === name ? ', the nearest' : ''}`,
          figure: asFigure(
            angleDeg,
            '° per side',
            'The angle that a stack of so many gives.',
            'θ = θ₀ + asin(n t / √(H² + x²))',
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
        label: 'Lift wanted',
        figure: asFigure(
          raw['liftMm'],
          'mm',
          'The stack that would be exact.',
          'L = H sin θ − x cos θ',
          [given(input, 'angleDeg', 'θ', '° per side')],
        ),
      },
    ];
  }),
};

const bevel: Question = {
  id: 'bevel',
  title: 'What angle is this bevel?',
  fields: [
    number('bevelFaceMm', 'Width of the bevel face, mm', '0.9'),
    number(
      'shoulderMm',
      'Half the thickness behind the edge, mm',
      '0.22',
      'All of it on a one-sided blade',
    ),
  ],
  answer: asking('angle-from-bevel', ['bevelFaceMm', 'shoulderMm'], (raw, input) => [
    {
      label: 'Angle',
      figure: asFigure(
        raw['angleDeg'],
        '° per side',
        'A face of this width spans this half thickness.',
        'θ = asin(e / w)',
        [given(input, 'shoulderMm', 'e', 'mm'), given(input, 'bevelFaceMm', 'w', 'mm')],
      ),
      beside: both(raw['angleDeg']),
    },
    {
      label: 'Bevel height',
      figure: asFigure(
        raw['bevelHeightMm'],
        'mm',
        'How high the bevel reaches up the blade.',
        'b = e / tan θ',
        [given(input, 'shoulderMm', 'e', 'mm')],
      ),
    },
  ]),
};

const razor: Question = {
  id: 'razor',
  title: 'What does a razor rest at?',
  fields: [
    number('widthMm', 'Edge to where the spine touches, mm', '18.2'),
    number('spineThicknessMm', 'Spine thickness there, mm', '5.1'),
    number('tapeLayers', 'Layers of tape', '0'),
    { ...number('tapeThicknessMm', 'Thickness of one layer, mm', '0.13'), optional: true },
  ],
  answer: asking(
    'razor',
    ['widthMm', 'spineThicknessMm', 'tapeLayers', 'tapeThicknessMm'],
    (raw, input) => [
      {
        label: 'Ground at',
        figure: asFigure(
          raw['angleDeg'],
          '° per side',
          'The spine is the guide; tape on both sides of it adds its thickness to each.',
          'θ = atan((T/2 + n t) / H)',
          [
            given(input, 'widthMm', 'H', 'mm'),
            given(input, 'spineThicknessMm', 'T', 'mm'),
            {
              label: 'n t, tape',
              value:
                ((input['tapeLayers'] as number | undefined) ?? 0) *
                ((input['tapeThicknessMm'] as number | undefined) ?? 0),
              unit: 'mm',
            },
          ],
        ),
        beside: asFigure(raw['inclusiveDeg'], '° inclusive', 'Both sides together.', undefined, []),
      },
    ],
  ),
};

const rail: Question = {
  id: 'rail',
  title: 'What angle does a clip-on rail give?',
  fields: [
    number('distanceMm', 'Edge to the rail, mm', '38'),
    number('offsetMm', 'Rail from the centre plane, mm', '11.5'),
  ],
  answer: asking('rail', ['distanceMm', 'offsetMm'], (raw, input) => [
    {
      label: 'Angle',
      figure: asFigure(
        raw['angleDeg'],
        '° per side',
        'The stone touches the edge and the underside of the rail.',
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
    return wrong(
      'edgeLengthMm',
      `edgeLengthMm must be from 20 to 900; "${inputs['edgeLengthMm'] ?? ''}" was given`,
    );
  }
  if (typeof limit !== 'number' || limit <= 0) {
    return wrong('slideMm', `slideMm must be above 0; "${inputs['slideMm'] ?? ''}" was given`);
  }
  for (const name of ['rodHeightMm', 'rodDistanceMm']) {
    if (typeof values[name] !== 'number') return wrong(name, `${name} is missing`);
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
    { label: 'Pivot off the blade plane', value: xMm, unit: 'mm' as const },
    { label: 'Pivot from the edge line', value: yMm, unit: 'mm' as const },
    { label: 'Stone’s face inside the rod', value: faceOffsetMm, unit: 'mm' as const },
  ];
  const setting = pivotForAngle(perSide(here.angleDeg[12]!), yMm, faceOffsetMm + 10);
  return {
    ok: true,
    raw: { edge, angleDeg: here.angleDeg, best } satisfies ClampRaw as unknown as Raw,
    readings: [
      {
        label: matches
          ? 'Slide the blade by, to match its bevel'
          : 'Slide the blade by, for the evenest angle',
        figure: asFigure(
          best.slideMm,
          'mm',
          matches
            ? 'Least squares between what the rig gives and the bevel already there.'
            : 'Where the largest less the smallest angle along the edge is least.',
          'θ = φ − asin(d / ρ)',
          rig,
        ),
      },
      {
        label: 'Spread there',
        figure: asFigure(
          best.spreadDeg,
          '° per side',
          'Largest less smallest angle along the edge, at that place.',
          undefined,
          rig,
        ),
      },
      {
        label: 'Spread as clamped now',
        figure: asFigure(
          here.spreadDeg,
          '° per side',
          'The same with the clamp half way along.',
          undefined,
          rig,
        ),
      },
      {
        label: 'Angle half way',
        figure: asFigure(
          here.angleDeg[12],
          '° per side',
          'The stone turns on its rod until it lies along the edge.',
          'θ = φ − asin(d / ρ)',
          rig,
        ),
        beside: both(here.angleDeg[12]),
      },
      {
        label: 'With a stone 10 mm thicker, raise the pivot to',
        figure: asFigure(
          setting,
          'mm',
          'The rod setting that keeps the angle when the face comes nearer.',
          'x = y tan θ + d / cos θ',
          rig,
        ),
      },
    ],
  };
};

const clamp: Question = {
  id: 'clamp',
  title: 'Where to clamp?',
  fields: [
    { name: 'kindId', label: 'Kind', initial: 'chef', choices: KIND_CHOICES },
    number('edgeLengthMm', 'Edge length, mm', '210'),
    number('rodHeightMm', 'Pivot off the blade plane, mm', '45'),
    number('rodDistanceMm', 'Pivot from the edge line, mm', '120'),
    number('faceOffsetMm', 'Stone’s face inside the rod, mm', '6'),
    number('slideMm', 'The blade can slide each way, mm', '60'),
    {
      ...number('heelDeg', 'Bevel at heel, °', '', 'Give all three to match what is there'),
      optional: true,
    },
    { ...number('middleDeg', 'Bevel half way, °', ''), optional: true },
    { ...number('tipDeg', 'Bevel at tip, °', ''), optional: true },
  ],
  answer: clampAnswer,
};

const convex: Question = {
  id: 'convex',
  title: 'Which facets make this convex edge?',
  fields: [
    number('shoulderMm', 'Half the thickness at the shoulder, mm', '2.4'),
    number('shoulderAngleDeg', 'Angle at the shoulder, °', '9'),
    number('apexAngleDeg', 'Angle at the apex, °', '18'),
    number('facets', 'Facets', '5'),
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
          label: 'Radius',
          figure: asFigure(
            raw['radiusMm'],
            'mm',
            'The arc that is at α at the shoulder and at β at the apex.',
            'R = e / (cos α − cos β)',
            from,
          ),
        },
        {
          label: 'Bevel height',
          figure: asFigure(
            raw['bevelHeightMm'],
            'mm',
            'How high the convex part reaches.',
            'b = R (sin β − sin α)',
            from,
          ),
        },
        ...facets.slice(0, 12).map(({ angleDeg, widthMm }, index) => ({
          label: `Facet ${index + 1} from the shoulder`,
          figure: asFigure(
            angleDeg,
            '° per side',
            'Tangents at equal steps of angle; the two end facets are half as wide.',
            undefined,
            from,
          ),
          beside: asFigure(
            widthMm,
            'mm',
            'Between where neighbouring tangents cross.',
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
  title: 'What is this grit on the other scales?',
  fields: [
    {
      name: 'scale',
      label: 'Scale',
      initial: 'JIS',
      choices: [
        ...GRIT_SCALES.map((id) => ({ id, label: id })),
        { id: 'um', label: 'Micrometres' },
      ],
    },
    number('grit', 'Number', '1000'),
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
          label: 'Median grain',
          figure: asFigure(
            raw['um'],
            'µm',
            'The published median; between two listed grits the logarithms are interpolated.',
            undefined,
            [{ label: inputs['scale'] ?? '', value: values['grit'] as number }],
            source,
          ),
        },
        ...Object.entries(nearest).map(([scale, value]) => ({
          label: `Nearest on ${scale}`,
          figure: asFigure(
            value,
            '',
            'The listed grit whose grain is nearest by ratio.',
            undefined,
            [{ label: 'Median', value: raw['um'] as number, unit: 'µm' as const }],
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
