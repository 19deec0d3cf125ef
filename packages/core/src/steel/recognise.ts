/**
 * Which class an unknown steel is likely of, from what can be seen and heard at the counter. Nothing here
 * proves a steel; it leads to a plan that does no harm.
 */
import { localized } from '../text';
export const RECOGNITION = localized(
  {
    file: {
      label: 'A file drawn lightly over the spine',
      answers: ['bites', 'bites a little', 'skates'],
    },
    spark: {
      label: 'Sparks at the wheel, on a hidden spot',
      answers: ['long and branching', 'short and red', 'hardly any'],
    },
    stain: { label: 'Stains or patina', answers: ['grey or blue', 'specks', 'none'] },
    magnet: { label: 'A magnet', answers: ['holds', 'holds weakly'] },
    price: {
      label: 'What it cost new',
      answers: ['little', 'middling', 'a lot'],
    },
  } as const,
  'label',
);

export type RecognitionTest = keyof typeof RECOGNITION;
export type RecognitionAnswers = {
  readonly [Test in RecognitionTest]?: (typeof RECOGNITION)[Test]['answers'][number];
};

interface UnknownClass {
  /** The entry of the steel table to plan with. */
  readonly designation: string;
  /** How likely each answer is with this class: 2 usual, 1 possible, 0 speaks against it. */
  readonly shows: { readonly [Test in RecognitionTest]: Readonly<Record<string, 0 | 1 | 2>> };
  readonly text: string;
}

export const UNKNOWN_CLASSES: readonly UnknownClass[] = localized(
  [
    {
      designation: 'unknown stamped stainless',
      shows: {
        file: { bites: 2, 'bites a little': 1, skates: 0 },
        spark: { 'long and branching': 0, 'short and red': 2, 'hardly any': 1 },
        stain: { 'grey or blue': 0, specks: 1, none: 2 },
        magnet: { holds: 2, 'holds weakly': 1 },
        price: { little: 2, middling: 1, 'a lot': 0 },
      },
      text: 'Stamped from sheet, even thickness, stays bright: the file bites and the burr hangs on.',
    },
    {
      designation: 'unknown carbon steel',
      shows: {
        file: { bites: 1, 'bites a little': 2, skates: 1 },
        spark: { 'long and branching': 2, 'short and red': 0, 'hardly any': 0 },
        stain: { 'grey or blue': 2, specks: 1, none: 0 },
        magnet: { holds: 2, 'holds weakly': 0 },
        price: { little: 1, middling: 2, 'a lot': 1 },
      },
      text: 'Grey or blue where it met food, bright branching sparks, smells of iron when wet.',
    },
    {
      designation: 'unknown hard steel (files skate)',
      shows: {
        file: { bites: 0, 'bites a little': 0, skates: 2 },
        spark: { 'long and branching': 0, 'short and red': 2, 'hardly any': 2 },
        stain: { 'grey or blue': 0, specks: 1, none: 2 },
        magnet: { holds: 2, 'holds weakly': 1 },
        price: { little: 0, middling: 1, 'a lot': 2 },
      },
      text: 'The file slides off as off glass, and a stone glazes: treat it as hard and full of carbides.',
    },
    {
      designation: 'unknown axe steel',
      shows: {
        file: { bites: 2, 'bites a little': 1, skates: 0 },
        spark: { 'long and branching': 2, 'short and red': 0, 'hardly any': 0 },
        stain: { 'grey or blue': 2, specks: 1, none: 0 },
        magnet: { holds: 2, 'holds weakly': 0 },
        price: { little: 2, middling: 2, 'a lot': 0 },
      },
      text: 'A tool to strike with: the file takes it, it rusts, and it bends before it breaks.',
    },
  ],
  'text',
);

export interface Likeness {
  readonly designation: string;
  readonly text: string;
  /** 0 to 1 over the tests answered; a test that speaks against the class rules it out. */
  readonly share: number;
  readonly against: readonly RecognitionTest[];
}

/**
 * The classes by likeness, the best first; all alike when nothing was answered.
 *
 * @example
 * recogniseSteel({})[0]!.share <= 1; // true
 */
export const recogniseSteel = (answers: RecognitionAnswers): readonly Likeness[] => {
  const asked = Object.entries(answers) as [RecognitionTest, string][];
  return UNKNOWN_CLASSES.map(({ designation, text, shows }): Likeness => {
    const scores = asked.map(([test, answer]) => ({ test, score: shows[test][answer] ?? 0 }));
    const against = scores.filter(({ score }) => score === 0).map(({ test }) => test);
    const sum = scores.reduce((total, { score }) => total + score, 0);
    const share = asked.length === 0 ? 0 : sum / (2 * asked.length);
    return { designation, text, share: against.length > 0 ? share / 2 : share, against };
  }).sort((a, b) => b.share - a.share);
};
