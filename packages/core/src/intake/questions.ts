/**
 * What else is asked of a blade, kind by kind, beside the measures every blade has: only what changes the
 * work on that kind. The form on screen and the check on the server are made from this one list.
 */
import { localized, named } from '../text';
import { GRIT_SCALES } from '../abrasive';
import type { BladeKind, Grind, MeasureField } from '../blade';
import type { Steel } from '../steel';

interface QuestionBase {
  readonly id: string;
  readonly label: string;
  readonly hint?: string;
}
export interface NumberQuestion extends QuestionBase {
  readonly type: 'number';
  readonly limits: readonly [least: number, most: number];
}
export interface ChoiceQuestion extends QuestionBase {
  readonly type: 'choice';
  readonly choices: readonly string[];
}
export type Question = NumberQuestion | ChoiceQuestion;

export interface QuestionGroup {
  readonly id: string;
  readonly title: string;
  readonly questions: readonly Question[];
}

/** What was answered; a question left open is missing. */
export type Answers = Readonly<Record<string, number | string>>;

const number = (
  id: string,
  label: string,
  limits: readonly [number, number],
  hint?: string,
): NumberQuestion => ({
  id,
  label: named(label),
  type: 'number',
  limits,
  ...(hint === undefined ? {} : { hint: named(hint) }),
});
const choice = (
  id: string,
  label: string,
  choices: readonly string[],
  hint?: string,
): ChoiceQuestion => ({
  id,
  label: named(label),
  type: 'choice',
  choices,
  ...(hint === undefined ? {} : { hint: named(hint) }),
});

const hand = choice('hand', 'Made for which hand', ['right', 'left', 'either']);

const BUILD: readonly Question[] = [
  number(
    'hardnessHrc',
    'Hardness of this blade, HRC',
    [30, 70],
    'From its maker or a test; empty: as usual of the steel',
  ),
  choice('build', 'How it is built', [
    'one steel',
    'hard core between softer sides',
    'hard steel on a soft back',
  ]),
  choice('handle', 'Handle', ['sound', 'loose', 'cracked', 'wood, dry']),
  choice('surface', 'Faces', ['plain', 'coated', 'etched', 'printed mark', 'polished']),
  choice('rust', 'Rust', ['none', 'spots', 'all over']),
  choice('patina', 'Patina', ['none', 'to be kept', 'may go']),
  choice('spineWish', 'Spine', ['as it is', 'to be rounded']),
];

const TWO_SIDED: readonly Question[] = [
  choice('grind', 'How it is ground', [
    'flat from the spine',
    'flat, then parallel',
    'hollow',
    'convex',
  ]),
  choice(
    'ratio',
    'Right side : left side',
    ['50:50', '60:40', '70:30', '80:20', '40:60', '30:70'],
    'Ask when the bevels are not alike',
  ),
  hand,
];

const ridgeHeights: readonly Question[] = [
  number('ridgeRightMm', 'Ridge above the edge, right, mm', [1, 80]),
  number('ridgeLeftMm', 'Ridge above the edge, left, mm', [1, 80]),
];

/** What the back of a one-sided blade showed against a straightedge held across it. */
export const BACK_TESTS = [
  'light in the middle',
  'no light anywhere',
  'light only at the edge',
  'rocks',
] as const;

const BACK: readonly Question[] = [
  hand,
  number('ridgeRightMm', 'Ridge above the edge, mm', [1, 80]),
  choice(
    'backTest',
    'Straightedge across the back shows',
    BACK_TESTS,
    'Hold it against a lamp: a truly hollow back touches at both rims only',
  ),
  number(
    'hollowDepthMm',
    'Depth of the hollow, mm',
    [0.01, 3],
    'Feeler leaf under the straightedge',
  ),
  number('hollowWidthMm', 'Width of the hollow, rim to rim, mm', [3, 80]),
  number('rimEdgeMm', 'Rim at the edge, mm', [0, 15]),
  number('rimSpineMm', 'Rim at the spine, mm', [0, 15]),
  choice('backBevel', 'Bevel on the back', ['none', 'narrow', 'wide']),
  choice(
    'frontShape',
    'Front as it came',
    ['flat', 'clam-shell'],
    'A straightedge up the bevel: light above and below its middle is a clam-shell',
  ),
  number('microMm', 'Micro bevel on the edge, width, mm', [0, 3]),
  number(
    'flexMm',
    'Edge gives on a nail, mm',
    [0, 6],
    'Pressed sideways at heel, middle and tip: the most it gave',
  ),
  number('laminationMm', 'Lamination line up the bevel, mm', [0.3, 60]),
];

const BY_GRIND: Readonly<Record<Grind, readonly Question[]>> = {
  'two-sided flat': TWO_SIDED,
  'two-sided with ridge': [
    ...ridgeHeights,
    number('ridgeThickMm', 'Thickness at the ridge, mm', [0.3, 12]),
    number('claddingMm', 'Core steel bare above the edge, mm', [0, 60]),
    choice('ratio', 'Right side : left side', ['50:50', '60:40', '70:30', '40:60', '30:70']),
    hand,
  ],
  'one-sided, hollow back': BACK,
  'single flat bevel': [
    number('flatBevelMm', 'Width of the flat bevel, mm', [1, 40]),
    choice('secondary', 'Second angle at the edge', ['none', 'hair-thin', 'wide']),
    choice('carvesMost', 'Carves most with', ['the part at the handle', 'the middle', 'the tip']),
  ],
  hollow: [
    number('wheelRadiusMm', 'Radius of the hollow, mm', [20, 600], 'From a template or its maker'),
    number('hollowTopMm', 'Hollow reaches above the edge, mm', [2, 80]),
    choice('ratio', 'Right side : left side', ['50:50', '60:40', '70:30']),
  ],
  convex: [
    choice('task', 'Its task', ['carving', 'camp', 'felling', 'splitting', 'hedge and coppice']),
    choice('bevelShape', 'Bevel', ['convex', 'flat', 'flat with a steep edge']),
    choice('fileTest', 'A file on the edge', ['bites', 'skates', 'sinks in']),
    choice('haft', 'Haft', ['sound', 'loose head', 'cracked', 'none']),
  ],
  serrated: [
    number('pitchMm', 'From point to point, mm', [0.5, 30]),
    number('scallopDepthMm', 'Depth of a scallop, mm', [0.1, 10]),
    choice('groundSide', 'Scallops are ground on the', ['right', 'left']),
    number('flatFacetDeg', 'Facet on the flat side, °', [0, 12]),
    choice('points', 'Points', ['standing', 'worn round', 'broken off']),
  ],
  razor: [
    choice('edgeLine', 'Edge line', ['straight', 'smiling', 'frowning']),
    choice('spineWear', 'Flats on the spine', ['even', 'wider on one side', 'tapered']),
    choice('honedWith', 'Honed before with', ['bare spine', 'tape on the spine', 'nobody knows']),
  ],
  chisel: [
    choice('edges', 'Edges', ['one', 'two']),
    choice('groundSide', 'Bevel is on the', [
      'right',
      'left',
      'right on one edge, left on the other',
    ]),
    choice('back', 'Back', ['plain and flat', 'coated', 'has a bevel of its own']),
  ],
};

const EXTRA_BY_KIND: Readonly<Record<string, readonly Question[]>> = {
  layered: [
    number('claddingMm', 'Core steel bare above the edge, mm', [0, 60]),
    choice('visibleBevel', 'Visible primary bevel', ['none', 'yes']),
  ],
  'curved-fish': [number('greatestHeightMm', 'Height at its highest, mm', [10, 250])],
  cleaver: [number('greatestHeightMm', 'Height at its highest, mm', [10, 250])],
  'clip-outdoor': [
    choice('falseEdge', 'Back edge', ['for weight only', 'meant to cut']),
    number('falseEdgeDeg', 'Back edge, angle per side, °', [5, 50]),
  ],
  leather: [
    choice('neck', 'Neck', ['straight', 'bent']),
    choice('tappedBefore', 'Back tapped out before', ['no', 'once', 'often', 'nobody knows']),
  ],
};

/** The finish as it came, so that a wish for it can be planned and checked. */
const FINISH: readonly Question[] = [
  ...(['right', 'left'] as const).flatMap((side) =>
    (['Heel', 'Middle', 'Tip'] as const).map((place) =>
      number(
        `bevel${place}${side === 'right' ? 'Right' : 'Left'}Mm`,
        `Bevel height, ${side}, ${place.toLowerCase()}, mm`,
        [0, 80],
      ),
    ),
  ),
  choice('scratches', 'Scratches run', [
    'across the edge',
    'along the edge',
    'slanting to the tip',
    'slanting to the heel',
    'crosswise',
    'none to be seen',
  ]),
  choice('sheen', 'Sheen of the bevel', ['mirror', 'bright', 'satin', 'haze', 'dull']),
  number('facets', 'Facets on a side', [1, 12]),
];

export const FINISH_WISHES = [
  'as the use wants',
  'very fine',
  'the maker’s finish',
  'no work to be seen',
] as const;
const WISH: readonly Question[] = [
  choice('finishWish', 'Finish wished for', FINISH_WISHES),
  number('finishWishGrit', 'Finish wished for, number', [20, 30_000], 'As the customer says it'),
  choice('finishWishScale', 'Scale of that number', GRIT_SCALES),
  number('finishWishUm', 'Last abrasive wished for, µm', [0.1, 60], 'Only for a named finish'),
];

const ONE_FACE: readonly Grind[] = ['one-sided, hollow back', 'single flat bevel', 'chisel'];

/**
 * Groups of questions for a kind, in the order they are asked. A question stands once.
 *
 * @example
 * questionsFor(bladeKind('chef')).length > 0; // true
 */
export const questionsFor = (kind: BladeKind): readonly QuestionGroup[] => {
  const own = [...BY_GRIND[kind.grind], ...(EXTRA_BY_KIND[kind.id] ?? [])];
  const finish = ONE_FACE.includes(kind.grind)
    ? FINISH.filter(({ id }) => !/^bevel.*LeftMm$/.test(id))
    : FINISH;
  return [
    { id: 'kind', title: kind.label, questions: own },
    { id: 'build', title: named('Build and state'), questions: BUILD },
    { id: 'finish', title: named('The finish as it came'), questions: finish },
    { id: 'wish', title: named('The finish they want'), questions: WISH },
  ];
};

/**
 * Every question asked of a kind.
 *
 * @example
 * allQuestions(bladeKind('bread')).some(({ id }) => id === 'pitchMm'); // true
 */
export const allQuestions = (kind: BladeKind): readonly Question[] =>
  questionsFor(kind).flatMap(({ questions }) => questions);

/**
 * The steel of this blade: as listed, with the hardness that was told of it.
 *
 * @example
 * steelAsTold(findSteel('X46Cr13 (1.4034)'), { hardnessHrc: 58 }).hrcHigh; // 58
 */
export const steelAsTold = (steel: Steel, answers: Answers): Steel => {
  const told = numberAnswer(answers, 'hardnessHrc');
  return told === null ? steel : { ...steel, hrcLow: told, hrcHigh: told };
};

/** An answer that is a number, or null. */
export const numberAnswer = (answers: Answers, id: string): number | null => {
  const value = answers[id];
  return typeof value === 'number' ? value : null;
};

const FACE_LABEL: Partial<Record<Grind, string>> = localized({
  'one-sided, hollow back': 'Thickness at the ridge, mm',
  'two-sided with ridge': 'Behind the edge, mm',
  'single flat bevel': 'Thickness at the shoulder, mm',
  convex: 'Thickness 10 mm behind the edge, mm',
});

export interface AskedMeasure {
  readonly field: MeasureField;
  readonly label: string;
}

const LABELS: Readonly<Record<MeasureField, string>> = localized({
  edgeLengthMm: 'Edge length, mm',
  heightHeelMm: 'Height at heel, mm',
  heightMiddleMm: 'Height half way, mm',
  heightTipMm: 'Height near tip, mm',
  spineHeelMm: 'Spine at heel, mm',
  spineMiddleMm: 'Spine half way, mm',
  spineTipMm: 'Spine near tip, mm',
  thicknessBehindEdgeMm: 'Behind the edge, mm',
});
const RAZOR_LABELS: Partial<Record<MeasureField, string>> = localized({
  heightHeelMm: 'Width at heel, mm',
  heightMiddleMm: 'Width half way, mm',
  heightTipMm: 'Width near the nose, mm',
});

/**
 * The measures asked of a kind: a razor has no thickness behind the edge worth a caliper.
 *
 * @example
 * measuresAskedOf(bladeKind('chef')).length > 0; // true
 */
export const measuresAskedOf = (kind: BladeKind): readonly AskedMeasure[] =>
  (Object.keys(LABELS) as MeasureField[])
    .filter((field) => kind.grind !== 'razor' || field !== 'thicknessBehindEdgeMm')
    .map((field) => ({
      field,
      label:
        field === 'thicknessBehindEdgeMm'
          ? (FACE_LABEL[kind.grind] ?? LABELS[field])
          : ((kind.grind === 'razor' ? RAZOR_LABELS[field] : undefined) ?? LABELS[field]),
    }));

/**
 * Whether the present angle is asked for: a razor's follows from its spine.
 *
 * @example
 * asksForAngle(bladeKind('razor')); // false
 */
export const asksForAngle = (kind: BladeKind): boolean => kind.grind !== 'razor';

/**
 * The finish as it came, in words: what a wish for it is planned by and checked against.
 *
 * @example
 * finishAsItCame(bladeKind('chef'), {}); // []
 */
export const finishAsItCame = (kind: BladeKind, answers: Answers): string[] => {
  const asked = questionsFor(kind).find(({ id }) => id === 'finish')!.questions;
  const ratio = answers['ratio'] === undefined ? [] : [`sides ${answers['ratio']}`];
  return [
    ...asked.flatMap(({ id, label }) =>
      answers[id] === undefined
        ? []
        : [`${label.charAt(0).toLowerCase()}${label.slice(1)} ${answers[id]}`],
    ),
    ...ratio,
  ];
};

/**
 * Whether the customer wants the blade to look as it came.
 *
 * @example
 * wantsItAsItCame({}); // false
 */
export const wantsItAsItCame = (answers: Answers): boolean =>
  answers['finishWish'] === 'the maker’s finish' || answers['finishWish'] === 'no work to be seen';

/**
 * Whether a blade is ground to two edges, one of them where another blade has its spine.
 *
 * @example
 * hasTwoEdges('dagger-double', {}); // true
 */
export const hasTwoEdges = (kindId: string, answers: Answers): boolean =>
  kindId === 'dagger-double' || answers['edges'] === 'two';
