/** The figures of a plan, each with its rule, inputs, formula and source. */
import type { Chain } from '../abrasive/progression';
import { HAND_SPEED_M_PER_S } from '../abrasive/removal';
import type { FlatGrind } from '../section/flat-grind';
import { figure, type Figure } from '../units/figure';
import type { Result } from '../units/result';
import type { AngleAdvice } from './advice';
import type { AngleOption, PlanInput } from './plan';
import type { Removal } from './removal';
import type { PlanStep } from './steps';

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
  readonly middle: FlatGrind;
  readonly angleDeg: number;
  readonly apexRiseMm: number;
  readonly deepestRepairMm: number;
  readonly middleRiseMm: number;
  readonly bevelFaceMm: number;
  readonly behindEdgeMm: number;
  readonly insideOldBevel: boolean;
  readonly thinned: boolean;
  readonly limitMm: number | null;
  readonly removal: Removal;
  readonly stations: number;
  readonly steps: readonly PlanStep[];
  readonly seconds: number;
}

export const planFigures = (facts: PlanFacts): PlanFigures => {
  const { chosen, present, middle, angleDeg, apexRiseMm, deepestRepairMm, middleRiseMm } = facts;
  const { bevelFaceMm, behindEdgeMm, insideOldBevel, thinned, limitMm, removal } = facts;
  const { stations, steps, seconds } = facts;
  const { choices, measures, steel } = facts.input;
  const totalMm3 = removal.jointMm3 + removal.bevelMm3 + removal.thinMm3;
  const geometry = 'Geometry of the section';
  const angleWhy = {
    rule:
      choices.angleDeg === null
        ? [
            chosen.startReason,
            ...chosen.moves.map(
              ({ deltaDeg, reason }) =>
                `${deltaDeg > 0 ? '+' : '−'}${Math.abs(deltaDeg)}° ${reason}`,
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
    rule: 'Both sides together; the two sides of this blade are alike.',
    formula: 'inclusive = right + left',
    inputs: [],
    source: geometry,
  };
  return {
    presentAngle: present,
    presentInclusive: figure(2 * present.value, '° inclusive', inclusiveWhy),
    angle: figure(angleDeg, '° per side', angleWhy),
    angleInclusive: figure(2 * angleDeg, '° inclusive', inclusiveWhy),
    primaryAngle: figure(middle.primaryAngle, '° per side', {
      rule: 'How the flat of the blade leans from the centre plane, half way along.',
      formula: 'tan φ = (T/2 − e) / (H − b)',
      inputs: [
        { label: 'T, spine', value: measures.spineMiddleMm, unit: 'mm' },
        { label: 'H, height', value: measures.heightMiddleMm, unit: 'mm' },
        { label: 'e, half behind the edge', value: middle.shoulderMm, unit: 'mm' },
        { label: 'b, bevel height', value: middle.bevelHeightMm, unit: 'mm' },
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
      inputs: [
        { label: 'Jointing', value: removal.jointMm3, unit: 'mm³' },
        { label: 'Edge bevel', value: removal.bevelMm3, unit: 'mm³' },
        { label: 'Thinning', value: removal.thinMm3, unit: 'mm³' },
        { label: 'Stations', value: stations, unit: '' },
      ],
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
        ? 'Thinned so that the shoulder comes down below the limit of its use.'
        : insideOldBevel
          ? 'The new bevel ends inside the old one: the old shoulder stays.'
          : 'The apex moves up into thicker steel; the shoulder is where the new bevel meets the primary.',
      formula: thinned ? 't = 0.75 × limit' : 't = 2 (y′ − c) tan θ′',
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
  work: Removal,
  chain: Result<Chain>,
  apexRiseMm: number,
  deepestMm: number,
): Pick<AngleOption, 'steelLost' | 'heightLost' | 'edgeTime'> => ({
  steelLost: figure(work.jointMm3 + work.bevelMm3, 'mm³', {
    rule: 'Areas cut from the section at this angle, summed along the edge; without thinning.',
    formula: 'V = ∫ A(s) ds',
    inputs: [
      { label: 'Jointing', value: work.jointMm3, unit: 'mm³' },
      { label: 'Edge bevel', value: work.bevelMm3, unit: 'mm³' },
    ],
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
