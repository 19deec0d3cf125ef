/** The worked examples of docs/kinds.md, each followed by hand there, held against the planner. */
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import {
  bladeKind,
  DEFAULT_CHOICES,
  planBlade,
  usualMeasuresOf,
  type Answers,
  type BladeMeasures,
  type BladePlan,
  type PlanChoices,
  textOf,
} from '@patient-edge/core';
import { planInput, RACK, rackStone, valueOf } from '../../../core/test/blades';

interface Example {
  readonly kindId: string;
  readonly answers?: Answers;
  readonly measures?: Partial<BladeMeasures>;
  readonly choices?: Partial<PlanChoices>;
}

/** What each heading of the page gives. */
const EXAMPLES: Readonly<Record<string, Example>> = {
  chef: { kindId: 'chef' },
  'chef thinned': {
    kindId: 'chef',
    measures: { thicknessBehindEdgeMm: 0.65 },
    choices: { thin: true, thinDepth: 'to the remnant' },
  },
  'chef 70:30': { kindId: 'chef', answers: { ratio: '70:30' } },
  'curved-fish': { kindId: 'curved-fish' },
  layered: { kindId: 'layered', answers: { claddingMm: 6 } },
  'ridge-kitchen': { kindId: 'ridge-kitchen', answers: { ridgeRightMm: 14, ridgeLeftMm: 14 } },
  'slicing-one-sided': {
    kindId: 'slicing-one-sided',
    answers: { hollowDepthMm: 0.35, hollowWidthMm: 26, rimEdgeMm: 0.8 },
  },
  leather: {
    kindId: 'leather',
    answers: { hollowDepthMm: 0.4, hollowWidthMm: 30, rimEdgeMm: 0 },
    choices: { kind: { ...DEFAULT_CHOICES.kind, tapForRimMm: 1 } },
  },
  bushcraft: { kindId: 'bushcraft' },
  'axe-felling': { kindId: 'axe-felling', answers: { bevelShape: 'convex' } },
  bread: { kindId: 'bread', answers: { pitchMm: 6, scallopDepthMm: 1.2 } },
  dagger: { kindId: 'dagger' },
  'hollow-outdoor': {
    kindId: 'hollow-outdoor',
    answers: { wheelRadiusMm: 125, hollowTopMm: 14 },
  },
  razor: { kindId: 'razor' },
  'clip-outdoor': {
    kindId: 'clip-outdoor',
    answers: { falseEdge: 'meant to cut', falseEdgeDeg: 27 },
  },
};

const rack = [
  ...RACK,
  rackStone({ id: 'natural', um: 1.2, abrasive: 'natural' }),
  rackStone({ id: 'finest', um: 0.6, abrasive: 'natural' }),
  rackStone({ id: 'file', um: 400, kind: 'file', abrasive: 'hardened steel' }),
  rackStone({ id: 'cone', um: 36, kind: 'cone', abrasive: 'diamond' }),
];
const planOf = ({ kindId, answers = {}, measures, choices }: Example): BladePlan => {
  const { usual } = bladeKind(kindId);
  return valueOf(
    planBlade(
      planInput({
        measures: { ...usualMeasuresOf(kindId, usual.edgeLengthMm), ...measures },
        useId: usual.use,
        rack,
        answers,
        choices: { ...DEFAULT_CHOICES, approach: 'keep', ...choices },
      }),
    ),
  );
};

/** Figures the page names that are no fact of a kind. */
const NAMED: Readonly<Record<string, (plan: BladePlan) => number>> = {
  'Apex rise': ({ report: { figures } }) => figures.apexRise.value,
  'Primary angle': ({ report: { figures } }) => figures.primaryAngle.value,
  'Behind the edge after': ({ report: { figures } }) => figures.behindEdgeAfter.value,
  'Bevel face after': ({ report: { figures } }) => figures.bevelFaceAfter.value,
  Inclusive: ({ report: { figures } }) => figures.angleInclusive.value,
  'First band': ({ section: { thinning } }) => thinning.bands[0]!.angleDeg,
  'Second band': ({ section: { thinning } }) => thinning.bands[1]!.angleDeg,
  Remnant: ({ section: { thinning } }) => thinning.remnantMm!,
  'Lift at the heel': ({ work: { held } }) => held[0]!.stations[0]!.liftMm!,
  'Lift half way': ({ work: { held } }) => held[0]!.stations[20]!.liftMm!,
  'Back edge': ({ work: { steps } }) =>
    steps.find(({ title }) => textOf(title).startsWith('Back edge'))!.angleDeg!,
};

const page = readFileSync(join(__dirname, '../../../../docs/kinds.md'), 'utf8');
const sections = page.split(/^## /m).slice(1);

test('every example of the page is planned here, and every one here stands on the page', () => {
  expect(sections.map((section) => section.split(': ')[0])).toEqual(Object.keys(EXAMPLES));
});

describe.each(Object.entries(EXAMPLES))('%s', (heading, example) => {
  const section = sections.find((each) => each.startsWith(`${heading}: `))!;
  const rows = [...section.matchAll(/^\| ([^|]+?) +\| (-?[\d.]+)/gm)];
  const plan = planOf(example);

  test.each(rows.map(([, label, value]) => [label!, Number(value)] as const))(
    '%s is %d, as on the page',
    (label, value) => {
      const fact = plan.report.facts.find((each) => each.label === label);
      const computed = fact ? fact.figure.value : NAMED[label]!(plan);
      expect(computed).toBeCloseTo(value, 2.9);
    },
  );

  test('has figures to follow', () => {
    expect(rows.length).toBeGreaterThan(0);
    expect(section).toMatch(/^- /m);
  });
});
