/** The bench card: a settled plan in large type on A5, to stand beside the stone in a splash-proof sleeve. */
import type { Job, PlanRecord } from '@patient-edge/contract';
import { bladeKind, liftText, type PlanStep, textOf, type Text } from '@patient-edge/core';
import { Page } from '../labels/page';

const WIDTH_MM = 148;
const HEIGHT_MM = 210;
const MARGIN_MM = 9;
const INNER_MM = WIDTH_MM - 2 * MARGIN_MM;
const BODY_MM = 4.2;

const minutes = (seconds: number): string =>
  seconds < 90 ? `${Math.round(seconds)} s` : `${Math.round(seconds / 60)} min`;

const holdWords = (step: PlanStep): string =>
  [
    step.operation === 'outline'
      ? 'upright'
      : step.sides.length > 0 && step.sides.some(({ angleDeg }) => angleDeg !== null)
        ? step.sides
            .map(
              ({ side, angleDeg, strokes }) =>
                `${side} ${angleDeg?.toFixed(1) ?? '–'}° × ${strokes}`,
            )
            .join(', ')
        : null,
    step.forceN && `${step.forceN[0]}–${step.forceN[1]} N`,
    step.direction,
    `${minutes(step.seconds)} (${minutes(step.rangeS[0])} to ${minutes(step.rangeS[1])})`,
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

const blockOf = (step: PlanStep, index: number): Line[] => {
  const plain = (text: string): Line => ({ text, sizeMm: BODY_MM, weight: 'plain' });
  const optional = (what: string, text: Text | null): Line[] => {
    const said = text === null ? '' : textOf(text);
    return said === '' ? [] : [plain(`${what}: ${said}`)];
  };
  const lifts = liftText(step);
  return [
    { text: `${index + 1}  ${textOf(step.title)}`, sizeMm: 6, weight: 'bold' },
    { text: holdWords(step), sizeMm: 4.8, weight: 'bold' },
    ...(lifts === '' ? [] : [plain(`Lift, mm: ${lifts}`)]),
    ...(step.setting ? [plain(textOf(step.setting.text))] : []),
    ...(step.pattern ? [plain(textOf(step.pattern))] : []),
    plain(textOf(step.instruction)),
    ...optional('Look', step.check),
    ...optional('Before going on', step.before),
    ...(step.caution
      ? [{ text: textOf(step.caution), sizeMm: BODY_MM, weight: 'bold' as const }]
      : []),
    ...(step.changed ? [plain(`Changed by hand: ${step.changed.join('; ')}`)] : []),
  ];
};

/** As it was settled: what the rack has become since changes nothing on it. */
export const drawBenchCard = (job: Job, plan: PlanRecord): Promise<Buffer> => {
  const steps = job.steps.filter(({ superseded }) => !superseded).map(({ step }) => step);
  const name = job.blade.name || bladeKind(job.measures.kindId).label;
  const page = new Page(`Bench card, tag ${job.tagNumber}`, WIDTH_MM, HEIGHT_MM);
  const write = (line: Line, yMm: number): number =>
    page.write(line.text, {
      xMm: MARGIN_MM,
      yMm,
      sizeMm: line.sizeMm,
      weight: line.weight,
      widthMm: INNER_MM,
      lines: linesOf(line.text, line.sizeMm) + 1,
    });
  let y = MARGIN_MM;
  const head: Line[] = [
    { text: `Tag ${job.tagNumber}  ${name}`, sizeMm: 9, weight: 'bold' },
    {
      text: `${bladeKind(job.measures.kindId).label} · ${job.steel} · promised ${job.promisedOn}`,
      sizeMm: BODY_MM,
      weight: 'plain',
    },
    {
      text: `${plan.angleDeg.toFixed(1)}° per side, ${plan.figures.angleInclusive.value.toFixed(1)}° inclusive · ${minutes(plan.figures.workingTime.value)}`,
      sizeMm: 6.5,
      weight: 'bold',
    },
    ...(plan.setAgain ? [{ text: plan.setAgain, sizeMm: BODY_MM, weight: 'plain' as const }] : []),
    ...plan.warnings.map((warning): Line => ({
      text: textOf(warning),
      sizeMm: BODY_MM,
      weight: 'bold',
    })),
  ];
  for (const line of head) y = write(line, y) + 1;
  steps.forEach((step, index) => {
    const block = blockOf(step, index);
    const heightMm = block.reduce(
      (sum, { text, sizeMm }) => sum + 1.3 * sizeMm * linesOf(text, sizeMm),
      6,
    );
    if (y + heightMm > HEIGHT_MM - MARGIN_MM) {
      page.next();
      y = MARGIN_MM;
    }
    page.line(
      [
        [MARGIN_MM, y + 1],
        [WIDTH_MM - MARGIN_MM, y + 1],
      ],
      0.3,
    );
    y += 3;
    for (const line of block) y = write(line, y) + 0.6;
    y += 1.5;
  });
  return page.finish();
};
