/** The figures of a plan, each with its rule, inputs, formula and source. */
import { localized } from '../../text';
import { figure, type Figure, type Result, type WhyInput } from '../../units';
import { HAND_SPEED_M_PER_S, type Chain } from '../../abrasive';
import type { AngleAdvice, PlanInput } from '../choices';
import { CUT_STAGES, type StageId, type StageSums } from '../cuts';
import type { PlanStep } from '../steps';
import { STRINGS } from './strings';

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
  const geometry = STRINGS.geometryOfTheSection;
  const angleWhy = {
    rule:
      choices.angleDeg === null
        ? [
            chosen.startReason,
            ...chosen.moves.map(({ deltaDeg, reason }) =>
              STRINGS.degreesBecauseOf(deltaDeg > 0 ? '+' : '−', Math.abs(deltaDeg), reason),
            ),
          ].join('; ')
        : STRINGS.setByHandAdvisedWasDegrees(chosen.angleDeg.toFixed(1)),
    inputs: [
      { label: STRINGS.start, value: chosen.startDeg, unit: '° per side' as const },
      { label: STRINGS.present, value: present.value, unit: '° per side' as const },
    ],
    source: STRINGS.windowOfTheUseAndThe,
  };
  const inclusiveWhy = {
    rule:
      sides === 1
        ? facetDeg > 0
          ? STRINGS.theBevelOfTheGroundSide
          : STRINGS.oneSideIsGroundAgainstA
        : STRINGS.bothSidesTogether,
    formula:
      sides === 1
        ? facetDeg > 0
          ? STRINGS.inclusiveBevelFacet
          : STRINGS.inclusiveBevel
        : STRINGS.inclusiveRightLeft,
    inputs:
      facetDeg > 0 ? [{ label: STRINGS.facet, value: facetDeg, unit: '° per side' as const }] : [],
    source: geometry,
  };
  return {
    presentAngle: present,
    presentInclusive: figure(sides * present.value + facetDeg, '° inclusive', inclusiveWhy),
    angle: figure(angleDeg, '° per side', angleWhy),
    angleInclusive: figure(sides * angleDeg + facetDeg, '° inclusive', inclusiveWhy),
    primaryAngle: figure(primaryDeg, '° per side', {
      rule: STRINGS.howTheFaceAboveTheBevel,
      formula: STRINGS.tanPhiT2EH,
      inputs: [
        { label: STRINGS.tSpine, value: measures.spineMiddleMm, unit: 'mm' },
        { label: STRINGS.hHeight, value: measures.heightMiddleMm, unit: 'mm' },
        { label: STRINGS.behindTheEdge, value: measures.thicknessBehindEdgeMm, unit: 'mm' },
        { label: STRINGS.bBevelHeight, value: facts.bevelHeightMm, unit: 'mm' },
      ],
      source: geometry,
    }),
    bevelFaceAfter: figure(bevelFaceMm, 'mm', {
      rule: STRINGS.widthOfTheNewBevelFace,
      formula: STRINGS.wYCCosTheta,
      inputs: [
        { label: STRINGS.cApexRiseHalfWay, value: middleRiseMm, unit: 'mm' },
        { label: 'θ′', value: angleDeg, unit: '° per side' },
      ],
      source: geometry,
    }),
    apexRise: figure(apexRiseMm, 'mm', {
      rule: STRINGS.aEdgeHasToComeUp(facts.input.sharpness),
      inputs: [{ label: STRINGS.sharpnessAsItCame, value: facts.input.sharpness }],
      source: STRINGS.firstGuessOfTheTradeTo,
    }),
    heightLost: figure(apexRiseMm + deepestRepairMm, 'mm', {
      rule: STRINGS.theDeepestChipTakenOutAnd,
      formula: STRINGS.deepestOutlineRepairApexRise,
      inputs: [
        { label: STRINGS.deepestRepair, value: deepestRepairMm, unit: 'mm' },
        { label: STRINGS.apexRise, value: apexRiseMm, unit: 'mm' },
      ],
      source: STRINGS.outlineAsALinearProgramme,
    }),
    steelLost: figure(totalMm3, 'mm³', {
      rule: STRINGS.areasCutFromTheSectionSummed,
      formula: STRINGS.vIntegralASDs,
      inputs: [...steelInputs(sums), { label: STRINGS.stations, value: stations, unit: '' }],
      source: STRINGS.sectionAndCut,
    }),
    massLost: figure((totalMm3 * STEEL_DENSITY) / 1000, 'g', {
      rule: STRINGS.steelLostTimesItsDensity,
      formula: 'm = ρ V',
      inputs: [
        { label: 'V', value: totalMm3, unit: 'mm³' },
        { label: 'ρ, g/cm³', value: STEEL_DENSITY },
      ],
      source: STRINGS.densityOfKnifeSteel,
    }),
    behindEdgeBefore: figure(measures.thicknessBehindEdgeMm, 'mm', {
      rule: STRINGS.measuredAtTheShoulderAtThe,
      inputs: [],
      source: STRINGS.measuredOnTheBlade,
    }),
    behindEdgeAfter: figure(behindEdgeMm, 'mm', {
      rule: thinned
        ? STRINGS.thinnedInBandsTheNewBevel
        : insideOldBevel
          ? STRINGS.theNewBevelEndsInsideThe
          : STRINGS.theApexMovesUpIntoThicker,
      formula: STRINGS.tYCTanTheta(sides === 2 ? '2 ' : ''),
      inputs: [
        { label: STRINGS.cApexRiseHalfWay, value: middleRiseMm, unit: 'mm' },
        { label: 'θ′', value: angleDeg, unit: '° per side' },
        ...(limitMm === null
          ? []
          : [{ label: STRINGS.limitOfItsUse, value: limitMm, unit: 'mm' as const }]),
      ],
      source: geometry,
    }),
    workingTime: figure(seconds, 's', {
      rule: STRINGS.steelEachAbrasiveMustTakeDivided,
      formula: 't = V / (K · F · v)',
      inputs: [
        { label: STRINGS.vUsefulTravelMS, value: HAND_SPEED_M_PER_S },
        { label: STRINGS.wearFactorOfTheSteel, value: steel.wearFactor },
        ...steps
          .filter((step) => step.stoneId !== null)
          .map((step) => ({ label: step.title, value: step.seconds, unit: 's' as const })),
      ],
      source: STRINGS.removalModelFirstGuessesToBe,
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
    rule: STRINGS.areasCutFromTheSectionAt,
    formula: STRINGS.vIntegralASDs,
    inputs: steelInputs(sums),
    source: STRINGS.sectionAndCut,
  }),
  heightLost: figure(apexRiseMm + deepestMm, 'mm', {
    rule: STRINGS.theDeepestChipAndTheTired,
    inputs: [
      { label: STRINGS.deepestRepair, value: deepestMm, unit: 'mm' },
      { label: STRINGS.apexRise, value: apexRiseMm, unit: 'mm' },
    ],
    source: STRINGS.outlineAsALinearProgramme,
  }),
  edgeTime: chain.ok
    ? figure(chain.value.totalSeconds, 's', {
        rule: STRINGS.settingTheEdgeAndRefiningIt,
        inputs: chain.value.steps.map(({ um, seconds }) => ({
          label: STRINGS.m(um),
          value: seconds,
          unit: 's' as const,
        })),
        source: STRINGS.removalModelFirstGuessesToBe,
      })
    : null,
});
