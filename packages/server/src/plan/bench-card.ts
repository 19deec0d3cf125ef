/** The bench card: a settled plan in large type on A5, to stand beside the stone in a splash-proof sleeve. */
import { dayText, type Job, type PlanRecord, type ShopFormats } from '@patient-edge/contract';
import { bladeKind, liftText, type PlanStep, textOf, type Text } from '@patient-edge/core';
import { Page } from '../labels/page';
import { STRINGS } from './strings';

const WIDTH_MM = 148;
const HEIGHT_MM = 210;
const MARGIN_MM = 9;
const INNER_MM = WIDTH_MM - 2 * MARGIN_MM;
/** So many steps stand on one page: what fits it is said, the fullest first. */
const MOST_ON_A_PAGE = 6;

/** How much a card says of each step, and in what type. */
interface Detail {
  readonly tagMm: number;
  readonly titleMm: number;
  readonly holdMm: number;
  readonly bodyMm: number;
  readonly says: {
    readonly instruction: boolean;
    readonly look: boolean;
    readonly pattern: boolean;
    readonly caution: boolean;
  };
}
const says = (...said: readonly (keyof Detail['says'])[]): Detail['says'] => ({
  instruction: said.includes('instruction'),
  look: said.includes('look'),
  pattern: said.includes('pattern'),
  caution: said.includes('caution'),
});
const FULL: Detail = {
  tagMm: 8,
  titleMm: 6,
  holdMm: 4.8,
  bodyMm: 4.2,
  says: says('instruction', 'look', 'pattern', 'caution'),
};
const inType = (
  [tagMm, titleMm, holdMm, bodyMm]: readonly [number, number, number, number],
  said: Detail['says'],
): Detail => ({ tagMm, titleMm, holdMm, bodyMm, says: said });

/** From the fullest to what is always said: angle, strokes, force, lift, and what must be so before going on. */
const DETAILS: readonly Detail[] = [
  FULL,
  inType([7.5, 5, 4, 3.5], says('instruction', 'pattern', 'caution')),
  inType([7.5, 5, 4, 3.5], says('pattern', 'caution')),
  inType([7, 4.6, 3.7, 3.3], says('pattern')),
  inType([6.5, 4.4, 3.5, 3.1], says()),
  inType([6, 4.2, 3.3, 2.8], says()),
];

const minutes = (seconds: number): string =>
  seconds < 90 ? `${Math.round(seconds)} s` : `${Math.round(seconds / 60)} min`;

/** One angle and count where the sides are alike. */
const sidesWords = ({ sides }: PlanStep): string => {
  const [first, second] = sides;
  const alike =
    first && second && first.angleDeg === second.angleDeg && first.strokes === second.strokes;
  const each = (angleDeg: number | null, strokes: number): string =>
    `${angleDeg?.toFixed(1) ?? '–'}° × ${strokes}`;
  return alike
    ? STRINGS.aSide(each(first.angleDeg, first.strokes))
    : sides.map(({ side, angleDeg, strokes }) => `${side} ${each(angleDeg, strokes)}`).join(', ');
};

const holdWords = (step: PlanStep, withRange: boolean): string =>
  [
    step.operation === 'outline'
      ? 'upright'
      : step.sides.some(({ angleDeg }) => angleDeg !== null)
        ? sidesWords(step)
        : null,
    step.forceN && `${step.forceN[0]}–${step.forceN[1]} N`,
    step.direction,
    withRange
      ? STRINGS.to(minutes(step.seconds), minutes(step.rangeS[0]), minutes(step.rangeS[1]))
      : minutes(step.seconds),
  ]
    .filter(Boolean)
    .join(' · ');

/** Letters of this face are about half as wide as high. */
const linesOf = (text: string, sizeMm: number): number =>
  Math.max(1, Math.ceil((text.length * sizeMm * 0.52) / INNER_MM));

interface Line {
  readonly text: string;
  readonly sizeMm: number;
  readonly weight: 'plain' | 'bold';
}

/** A step as it is worked, with what makes its stone ready before it. */
interface CardStep {
  readonly step: PlanStep;
  readonly ready: readonly PlanStep[];
}

/** A stone is made ready for the step that follows: on the card it is a line of that step. */
const cardSteps = (steps: readonly PlanStep[]): CardStep[] => {
  const made: CardStep[] = [];
  let ready: PlanStep[] = [];
  for (const step of steps) {
    if (step.readies !== null) {
      ready.push(step);
      continue;
    }
    made.push({ step, ready });
    ready = [];
  }
  return made;
};

const blockOf = ({ step, ready }: CardStep, index: number, detail: Detail): Line[] => {
  const { titleMm, holdMm, bodyMm, says: said } = detail;
  const plain = (text: string): Line => ({ text, sizeMm: bodyMm, weight: 'plain' });
  const optional = (what: string, text: Text | null): Line[] => {
    const words = text === null ? '' : textOf(text);
    return words === '' ? [] : [plain(`${what}${words}`)];
  };
  const lifts = liftText(step);
  // The name of the stone stands in the title: only what is more than taking it up is said.
  const toReady = ready
    .filter(({ title }) => title.code !== 'ready.change.title' && title.code !== 'ready.title')
    .map(({ title }) => textOf(title));
  return [
    { text: `${index + 1}  ${textOf(step.title)}`, sizeMm: titleMm, weight: 'bold' },
    ...(toReady.length > 0 ? [plain(`${toReady.join('; ')}.`)] : []),
    { text: holdWords(step, said.look), sizeMm: holdMm, weight: 'bold' },
    ...(lifts === '' ? [] : [plain(STRINGS.liftMm(lifts))]),
    ...(step.setting ? [plain(textOf(step.setting.text))] : []),
    ...(said.pattern && step.pattern ? [plain(textOf(step.pattern))] : []),
    ...(said.instruction ? optional('', step.instruction) : []),
    ...(said.look ? optional(STRINGS.look, step.check) : []),
    ...optional(STRINGS.beforeGoingOn, step.before),
    ...(said.caution && step.caution
      ? [{ text: textOf(step.caution), sizeMm: bodyMm, weight: 'bold' as const }]
      : []),
    ...(step.changed ? [plain(STRINGS.changedByHand(step.changed.join('; ')))] : []),
  ];
};

const heightOf = (lines: readonly Line[], betweenMm: number): number =>
  lines.reduce(
    (sum, { text, sizeMm }) => sum + LINE_HEIGHT * sizeMm * linesOf(text, sizeMm) + betweenMm,
    0,
  );
const LINE_HEIGHT = 1.3;
const BETWEEN_MM = 0.4;
const AROUND_MM = 3;

/** As it was settled: what the rack has become since changes nothing on it. */
export const drawBenchCard = (
  job: Job,
  plan: PlanRecord,
  formats: ShopFormats,
): Promise<Buffer> => {
  const steps = cardSteps(
    job.steps.filter(({ superseded }) => !superseded).map(({ step }) => step),
  );
  const name = job.blade.name || bladeKind(job.measures.kindId).label;
  const page = new Page(STRINGS.benchCardTag(job.tagNumber), WIDTH_MM, HEIGHT_MM, formats);
  const write = (line: Line, yMm: number): number =>
    page.write(line.text, {
      xMm: MARGIN_MM,
      yMm,
      sizeMm: line.sizeMm,
      weight: line.weight,
      widthMm: INNER_MM,
      lines: linesOf(line.text, line.sizeMm) + 1,
    });
  const headOf = ({ tagMm, titleMm, bodyMm }: Detail): Line[] => [
    { text: STRINGS.tag(job.tagNumber, name), sizeMm: tagMm, weight: 'bold' },
    {
      text: STRINGS.promised(
        bladeKind(job.measures.kindId).label,
        job.steel,
        dayText(job.promisedOn, formats),
      ),
      sizeMm: bodyMm,
      weight: 'plain',
    },
    {
      text: STRINGS.perSideInclusive(
        plan.angleDeg.toFixed(1),
        plan.figures.angleInclusive.value.toFixed(1),
        minutes(plan.figures.workingTime.value),
      ),
      sizeMm: titleMm,
      weight: 'bold',
    },
    ...(plan.setAgain ? [{ text: plan.setAgain, sizeMm: bodyMm, weight: 'plain' as const }] : []),
    ...plan.warnings.map((warning): Line => ({
      text: textOf(warning),
      sizeMm: bodyMm,
      weight: 'bold',
    })),
  ];
  const blocksIn = (detail: Detail): Line[][] =>
    steps.map((step, index) => blockOf(step, index, detail));
  const fits = (detail: Detail): boolean =>
    heightOf(headOf(detail), 1) +
      blocksIn(detail).reduce((sum, block) => sum + heightOf(block, BETWEEN_MM) + AROUND_MM, 0) <=
    HEIGHT_MM - 2 * MARGIN_MM;
  const detail = steps.length <= MOST_ON_A_PAGE ? (DETAILS.find(fits) ?? DETAILS.at(-1)!) : FULL;
  let y = MARGIN_MM;
  for (const line of headOf(detail)) y = write(line, y) + 1;
  for (const block of blocksIn(detail)) {
    if (y + heightOf(block, BETWEEN_MM) + AROUND_MM > HEIGHT_MM - MARGIN_MM + 1) {
      page.next();
      y = MARGIN_MM;
    }
    page.line(
      [
        [MARGIN_MM, y + 0.5],
        [WIDTH_MM - MARGIN_MM, y + 0.5],
      ],
      0.3,
    );
    y += 2;
    for (const line of block) y = write(line, y) + BETWEEN_MM;
    y += 1;
  }
  return page.finish();
};
