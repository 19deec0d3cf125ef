/** The figures of a plan, each with its rule, inputs, formula and source. */
import { localized } from '../../text';
import { figure, type Figure, type Result, type WhyInput } from '../../units';
import { HAND_SPEED_M_PER_S, type Chain } from '../../abrasive';
import type { AngleAdvice, PlanInput } from '../choices';
import { CUT_STAGES, type StageId, type StageSums } from '../cuts';
import type { PlanStep } from '../steps';

/** What a school of the angle costs; null where it cannot be ground or no stones lead there. */
export interface AngleOption extends AngleAdvice {
  readonly steelLost: Figure | null;
  readonly heightLost: Figure | null;
  /** Setting and refining the edge alone. */
  readonly edgeTime: Figure | null;
}

export interface PlanFigures {
  readonly presentAngle: Figure;
  readonly presentInclusive: Figure;
  readonly angle: Figure;
  readonly angleInclusive: Figure;
  readonly primaryAngle: Figure;
  readonly bevelFaceAfter: Figure;
  readonly apexRise: Figure;
  readonly heightLost: Figure;
  readonly steelLost: Figure;
  readonly massLost: Figure;
  readonly behindEdgeBefore: Figure;
  readonly behindEdgeAfter: Figure;
  readonly workingTime: Figure;
}

/** Knife steel, g/cm³. */
const STEEL_DENSITY = 7.75;

export interface PlanFacts {
  readonly input: PlanInput;
  readonly chosen: AngleAdvice;
  readonly present: Figure;
  readonly primaryDeg: number;
  readonly bevelHeightMm: number;
  readonly bevels: 1 | 2;
  /** Of the side that is not ground. */
  readonly facetDeg: number;
  readonly angleDeg: number;
  readonly apexRiseMm: number;
  readonly deepestRepairMm: number;
  readonly middleRiseMm: number;
  readonly bevelFaceMm: number;
  readonly behindEdgeMm: number;
  readonly insideOldBevel: boolean;
  readonly thinned: boolean;
  readonly limitMm: number | null;
  readonly sums: StageSums;
  readonly stations: number;
  readonly steps: readonly PlanStep[];
  readonly seconds: number;
}

export const STAGE_LABELS: Readonly<Record<StageId, string>> = localized({
  outline: 'Jointing',
  thinning: 'Thinning',
  back: 'Back',
  edge: 'Edge bevel',
  round: 'Rounding',
  micro: 'Micro bevel',
});

/** Steel of all stages. The joint is taken by the first stone where no step takes it on its own. */
export const steelOf = (sums: StageSums): number =>
  CUT_STAGES.reduce((total, id) => total + sums[id].mm3, 0);

const steelInputs = (sums: StageSums): WhyInput[] =>
  CUT_STAGES.filter((id) => sums[id].mm3 > 0).map((id) => ({
    label: STAGE_LABELS[id],
    value: sums[id].mm3,
    unit: 'mm³',
  }));

export const planFigures = (facts: PlanFacts): PlanFigures => {
  const { chosen, present, primaryDeg, angleDeg, apexRiseMm, deepestRepairMm, middleRiseMm } =
    facts;
  const { bevelFaceMm, behindEdgeMm, insideOldBevel, thinned, limitMm, sums } = facts;
  const { stations, steps, seconds } = facts;
  const { choices, measures, steel } = facts.input;
  const totalMm3 = steelOf(sums);
  const { bevels: sides, facetDeg } = facts;
  const geometry = 'Geometry of the section';
  const angleWhy = {
    rule:
      choices.angleDeg === null
        ? [
            chosen.startReason,
            ...chosen.moves.map(
              ({ deltaDeg, reason }) =>
                `${deltaDeg > 0 ? '+' : '−'}${Math.abs(deltaDeg)}° because of ${reason}`,
            ),
          ].join('; ')
        : `Set by hand; advised was ${chosen.angleDeg.toFixed(1)}°.`,
    inputs: [
      { label: 'Start', value: chosen.startDeg, unit: '° per side' as const },
      { label: 'Present', value: present.value, unit: '° per side' as const },
    ],
    source: 'Window of the use and the moves of the trade; first guess',
  };
  const inclusiveWhy = {
    rule:
      sides === 1
        ? facetDeg > 0
          ? 'The bevel of the ground side and the facet of the flat side together.'
          : 'One side is ground against a plane: the bevel is the whole angle.'
        : 'Both sides together.',
    formula:
      sides === 1
        ? facetDeg > 0
          ? 'inclusive = bevel + facet'
          : 'inclusive = bevel'
        : 'inclusive = right + left',
    inputs: facetDeg > 0 ? [{ label: 'Facet', value: facetDeg, unit: '° per side' as const }] : [],
    source: geometry,
  };
  return {
    presentAngle: present,
    presentInclusive: figure(sides * present.value + facetDeg, '° inclusive', inclusiveWhy),
    angle: figure(angleDeg, '° per side', angleWhy),
    angleInclusive: figure(sides * angleDeg + facetDeg, '° inclusive', inclusiveWhy),
    primaryAngle: figure(primaryDeg, '° per side', {
      rule: 'How the face above the bevel leans from the datum plane, half way along.',
      formula: 'tan φ = (T/2 − e) / (H − b)',
      inputs: [
        { label: 'T, spine', value: measures.spineMiddleMm, unit: 'mm' },
        { label: 'H, height', value: measures.heightMiddleMm, unit: 'mm' },
        { label: 'Behind the edge', value: measures.thicknessBehindEdgeMm, unit: 'mm' },
        { label: 'b, bevel height', value: facts.bevelHeightMm, unit: 'mm' },
      ],
      source: geometry,
    }),
    bevelFaceAfter: figure(bevelFaceMm, 'mm', {
      rule: 'Width of the new bevel face half way along, from the new apex to where it runs out.',
      formula: 'w = (y′ − c) / cos θ′',
      inputs: [
        { label: 'c, apex rise half way', value: middleRiseMm, unit: 'mm' },
        { label: 'θ′', value: angleDeg, unit: '° per side' },
      ],
      source: geometry,
    }),
    apexRise: figure(apexRiseMm, 'mm', {
      rule: `A ${facts.input.sharpness} edge has to come up this far before the two faces meet again.`,
      inputs: [{ label: 'Sharpness as it came', value: facts.input.sharpness }],
      source: 'First guess of the trade, to be corrected by the bench',
    }),
    heightLost: figure(apexRiseMm + deepestRepairMm, 'mm', {
      rule: 'The deepest chip taken out, and what the tired apex needs.',
      formula: 'deepest outline repair + apex rise',
      inputs: [
        { label: 'Deepest repair', value: deepestRepairMm, unit: 'mm' },
        { label: 'Apex rise', value: apexRiseMm, unit: 'mm' },
      ],
      source: 'Outline as a linear programme',
    }),
    steelLost: figure(totalMm3, 'mm³', {
      rule: 'Areas cut from the section, summed along the edge.',
      formula: 'V = ∫ A(s) ds',
      inputs: [...steelInputs(sums), { label: 'Stations', value: stations, unit: '' }],
      source: 'Section and cut',
    }),
    massLost: figure((totalMm3 * STEEL_DENSITY) / 1000, 'g', {
      rule: 'Steel lost times its density.',
      formula: 'm = ρ V',
      inputs: [
        { label: 'V', value: totalMm3, unit: 'mm³' },
        { label: 'ρ, g/cm³', value: STEEL_DENSITY },
      ],
      source: 'Density of knife steel',
    }),
    behindEdgeBefore: figure(measures.thicknessBehindEdgeMm, 'mm', {
      rule: 'Measured at the shoulder at the counter.',
      inputs: [],
      source: 'Measured on the blade',
    }),
    behindEdgeAfter: figure(behindEdgeMm, 'mm', {
      rule: thinned
        ? 'Thinned in bands; the new bevel meets the lowest of them here.'
        : insideOldBevel
          ? 'The new bevel ends inside the old one: the old shoulder stays.'
          : 'The apex moves up into thicker steel; the shoulder is where the new bevel meets the primary.',
      formula: `t = ${sides === 2 ? '2 ' : ''}(y′ − c) tan θ′`,
      inputs: [
        { label: 'c, apex rise half way', value: middleRiseMm, unit: 'mm' },
        { label: 'θ′', value: angleDeg, unit: '° per side' },
        ...(limitMm === null
          ? []
          : [{ label: 'Limit of its use', value: limitMm, unit: 'mm' as const }]),
      ],
      source: geometry,
    }),
    workingTime: figure(seconds, 's', {
      rule: 'Steel each abrasive must take, divided by how fast it cuts this steel by hand.',
      formula: 't = V / (K · F · v)',
      inputs: [
        { label: 'v, useful travel, m/s', value: HAND_SPEED_M_PER_S },
        { label: 'Wear factor of the steel', value: steel.wearFactor },
        ...steps
          .filter((step) => step.stoneId !== null)
          .map((step) => ({ label: step.title, value: step.seconds, unit: 's' as const })),
      ],
      source: 'Removal model; first guesses, to be corrected by the bench',
    }),
  };
};

/** What an angle costs, each figure with its reasons. */
export const costOf = (
  sums: StageSums,
  chain: Result<Chain>,
  apexRiseMm: number,
  deepestMm: number,
): Pick<AngleOption, 'steelLost' | 'heightLost' | 'edgeTime'> => ({
  steelLost: figure(steelOf(sums), 'mm³', {
    rule: 'Areas cut from the section at this angle, summed along the edge; without thinning.',
    formula: 'V = ∫ A(s) ds',
    inputs: steelInputs(sums),
    source: 'Section and cut',
  }),
  heightLost: figure(apexRiseMm + deepestMm, 'mm', {
    rule: 'The deepest chip and the tired apex set it, whatever the angle.',
    inputs: [
      { label: 'Deepest repair', value: deepestMm, unit: 'mm' },
      { label: 'Apex rise', value: apexRiseMm, unit: 'mm' },
    ],
    source: 'Outline as a linear programme',
  }),
  edgeTime: chain.ok
    ? figure(chain.value.totalSeconds, 's', {
        rule: 'Setting the edge and refining it on the quickest chain of stones, with the changes between them.',
        inputs: chain.value.steps.map(({ um, seconds }) => ({
          label: `${um} µm`,
          value: seconds,
          unit: 's' as const,
        })),
        source: 'Removal model; first guesses, to be corrected by the bench',
      })
    : null,
});
