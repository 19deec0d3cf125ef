/**
 * From a judged blade to a plan: angle with reasons, outline, thinning, steel and height lost, lifts along
 * the edge, progression from the rack, and the steps in order. For two-sided blades with a flat grind.
 */
import { angleFromBevel } from '../angle/bevel';
import { abrasiveKind } from '../abrasive/kinds';
import type { Chain, ProgressionInput } from '../abrasive/progression';
import type { RackStone } from '../abrasive/rack-stone';
import { HAND_SPEED_M_PER_S } from '../abrasive/removal';
import { progressionBySchool } from '../abrasive/schools';
import {
  progressionWarnings,
  whatToBuy,
  type Missing,
  type ProgressionWarning,
} from '../abrasive/warnings';
import { bladeKind, isOneSided, isPlanned, type BladeKind } from '../blade/kinds';
import type { BladeMeasures, Damage, Sharpness } from '../blade/measures';
import { bladeOutline, zoneAt, ZONES } from '../blade/outline';
import { findUse, type Use } from '../blade/uses';
import { interpolate, type BladePoint } from '../outline/polyline';
import { repairOutline, type OutlineRepair } from '../outline/repair';
import { stationsAlongEdge, type EdgeCurves, type Station } from '../outline/stations';
import { abrasiveOf, type Machine } from '../machine/machine';
import { flatGrind, type FlatGrind } from '../section/flat-grind';
import { rebevel } from '../section/rebevel';
import type { Section } from '../section/section';
import type { Steel } from '../steel/steels';
import { figure, type Figure } from '../units/figure';
import { mm, perSide, toRadians } from '../units/quantities';
import { fail, ok, type CraftError, type Result } from '../units/result';
import { adviseAngles, type AngleAdvice } from './advice';
import { ANGLE_LIMITS_DEG, type PlanChoices } from './choices';
import { buildSteps, chainForPart } from './build-steps';
import { costOf, planFigures, type PlanFigures } from './figures';
import { chosenStrop } from './finishing';
import { partChain } from './part-chains';
import {
  sectionsAlong,
  STATIONS,
  THIN_ABOVE_PRIMARY_DEG,
  workAlong,
  workSection,
  type Removal,
} from './removal';
import { forceN, type PlanStep, type ZoneLift } from './steps';

export interface PlanInput {
  readonly measures: BladeMeasures;
  readonly steel: Steel;
  readonly useId: string;
  readonly sharpness: Sharpness;
  readonly carefulHands: boolean;
  readonly damage: readonly Damage[];
  readonly rack: readonly RackStone[];
  /** The machine named in the choices; null when the hand holds the angle. */
  readonly machine: Machine | null;
  readonly choices: PlanChoices;
}

/** What a school of the angle costs; null where it cannot be ground or no stones lead there. */
export interface AngleOption extends AngleAdvice {
  readonly steelLost: Figure | null;
  readonly heightLost: Figure | null;
  /** Setting and refining the edge alone. */
  readonly edgeTime: Figure | null;
}

export interface BladePlan {
  readonly angleDeg: number;
  readonly figures: PlanFigures;
  readonly options: readonly AngleOption[];
  readonly outline: {
    readonly repair: OutlineRepair;
    /** Depth along the edge: [z, depth]. */
    readonly depthAlong: readonly BladePoint[];
    /** Share of the edge that has to come up for the chips. */
    readonly raisedShare: number;
    readonly forcesWholeEdge: boolean;
    readonly verdict: string;
  };
  readonly thinning: {
    readonly advised: boolean;
    readonly done: boolean;
    readonly reason: string;
    readonly angleDeg: number | null;
    readonly keptMm: number | null;
    readonly removedMm3: number;
  };
  readonly curves: EdgeCurves;
  readonly stations: readonly Station[];
  readonly sections: { readonly before: Section; readonly after: Section; readonly riseMm: number };
  readonly finishUm: readonly [number, number];
  readonly steps: readonly PlanStep[];
  /** What the first stone of the edge must take, and the face its scratches lie on. */
  readonly edgeWork: ProgressionInput['work'];
  readonly alternatives: readonly Chain[];
  readonly progressionError: CraftError | null;
  /** What a colleague would say of these stones. */
  readonly advice: readonly ProgressionWarning[];
  /** The abrasive that would close the gap, where none leads to the finish. */
  readonly toBuy: Missing | null;
  readonly warnings: readonly string[];
}

/** How far a dull apex has to come up before it is sharp again, mm. First guesses. */
const APEX_RISE_MM: Readonly<Record<Sharpness, number>> = {
  keen: 0.005,
  tired: 0.015,
  dull: 0.03,
  blunt: 0.06,
};
/** Thinning brings the blade to this share of its limit, so that it lasts several visits. First guess. */
const THIN_TO_SHARE = 0.75;
/** Above this share of the edge raised for a chip the whole edge is said to come up. */
const WHOLE_EDGE_SHARE = 0.6;

/** A chain, and others where there was a choice. */
type ChosenChain = Chain & { readonly alternatives?: readonly Chain[] };

/** Belts and wheels move at the speed of the machine they run on. */
const withSpeed = (rack: readonly RackStone[], machine: Machine | null): readonly RackStone[] => {
  const speed = machine?.sizes.speedMPerS;
  const moved = machine ? abrasiveOf(machine.kind) : null;
  return speed && moved
    ? rack.map((each) => (each.kind === moved ? { ...each, speedMPerS: speed } : each))
    : rack;
};

/** What the edge may be worked on: the stones for the hand, and what the machine moves. */
const abrasivesFor = (
  rack: readonly RackStone[],
  machine: Machine | null,
): readonly RackStone[] => {
  const moved = machine ? abrasiveOf(machine.kind) : null;
  return withSpeed(rack, machine).filter(
    ({ kind }) => abrasiveKind(kind).task === 'edge' || kind === moved,
  );
};

const adviceOnStones = (input: PlanInput, chain: Chain): readonly ProgressionWarning[] => {
  const stones = chain.steps.map(({ id }) => input.rack.find((each) => each.id === id)!);
  const last = stones[stones.length - 1]!;
  return progressionWarnings({
    steel: input.steel,
    chain: stones,
    strop: chosenStrop(input.rack, input.choices.finishing, last.um),
    maxRatio: input.choices.maxRatio,
    oneSided: isOneSided(bladeKind(input.measures.kindId)),
    direction: input.choices.direction,
  });
};

/** Present angle: as measured, or from the bevel's width and the thickness above it. */
const presentAngle = (measures: BladeMeasures): Result<Figure> => {
  if (measures.presentAnglePerSideDeg !== null) {
    return ok(
      figure(measures.presentAnglePerSideDeg, '° per side', {
        rule: 'The angle measured at the counter.',
        inputs: [{ label: 'Measured', value: measures.presentAnglePerSideDeg, unit: '° per side' }],
        source: 'Measured on the blade',
      }),
    );
  }
  if (measures.bevelFaceMm === null) {
    return fail(
      'INVALID_INPUT',
      'The present angle needs the width of the bevel or a measured angle',
      'bevelFaceMm',
    );
  }
  const shoulderMm = measures.thicknessBehindEdgeMm / 2;
  const bevel = angleFromBevel(mm(measures.bevelFaceMm), mm(shoulderMm));
  if (!bevel.ok) return fail(bevel.error.code, bevel.error.message, 'bevelFaceMm');
  return ok(
    figure(bevel.value.angle, '° per side', {
      rule: 'A bevel of this width spans half the thickness behind the edge.',
      formula: 'θ = asin(e / w)',
      inputs: [
        { label: 'e, half the thickness behind the edge', value: shoulderMm, unit: 'mm' },
        { label: 'w, width of the bevel face', value: measures.bevelFaceMm, unit: 'mm' },
      ],
      source: 'Geometry of the section',
    }),
  );
};

const raisedShareOf = (repair: OutlineRepair): number => {
  if (repair.maxDepthMm === 0) return 0;
  const raised = repair.depthMm.filter((depth) => depth > 0.25 * repair.maxDepthMm).length;
  return raised / repair.depthMm.length;
};

const outlineVerdict = (repair: OutlineRepair, share: number): string => {
  if (repair.maxDepthMm === 0) return 'No chip to take out: the outline stays as it is.';
  const depth = repair.maxDepthMm.toFixed(2);
  const saved = repair.joint.removedAreaMm2 - repair.removedAreaMm2;
  const percent = Math.round((100 * saved) / repair.joint.removedAreaMm2);
  return share >= WHOLE_EDGE_SHARE
    ? `The chip sits on the straight: nearly the whole edge comes up, ${depth} mm at the deepest.`
    : `The chip can be blended: ${Math.round(share * 100)} % of the edge comes up, ${depth} mm at the deepest; ${percent} % less than jointing the whole edge.`;
};

/** A plan, or why there can be none. Errors name the field at fault. */
export const planBlade = (input: PlanInput): Result<BladePlan> => {
  const kind = bladeKind(input.measures.kindId);
  return isPlanned(kind)
    ? planAsFlat(input)
    : fail(
        'INVALID_INPUT',
        `A plan is computed for two-sided blades with a flat grind; ${kind.label} is ${kind.grind}`,
        'kindId',
      );
};

/** The same with no regard to its kind: as though it were two-sided and ground flat from the spine. */
export const planAsFlat = (input: PlanInput): Result<BladePlan> => {
  const { measures, choices, steel } = input;
  const kind = bladeKind(measures.kindId);
  const use = findUse(input.useId);
  const present = presentAngle(measures);
  if (!present.ok) return present;
  const middle = flatGrind({
    heightMm: measures.heightMiddleMm,
    spineThicknessMm: measures.spineMiddleMm,
    grindHeightMm: measures.heightMiddleMm,
    thicknessBehindEdgeMm: measures.thicknessBehindEdgeMm,
    angleDeg: present.value.value,
  });
  if (!middle.ok) {
    const field = middle.error.field?.replace('section.', '');
    return fail(
      middle.error.code,
      middle.error.message,
      field === 'angleDeg' ? 'presentAnglePerSideDeg' : field,
    );
  }
  return planOn(input, kind, use, steel, present.value, middle.value, choices);
};

const planOn = (
  input: PlanInput,
  kind: BladeKind,
  use: Use,
  steel: Steel,
  present: Figure,
  middle: FlatGrind,
  choices: PlanChoices,
): Result<BladePlan> => {
  const { measures } = input;
  const advice = adviseAngles({
    presentAngleDeg: present.value,
    primaryAngleDeg: middle.primaryAngle,
    use,
    steel,
    damage: input.damage,
    carefulHands: input.carefulHands,
  });
  const chosen = advice.find(({ approach }) => approach === choices.approach)!;
  const angleDeg = choices.angleDeg ?? chosen.angleDeg;
  const [lowest, highest] = ANGLE_LIMITS_DEG;
  if (angleDeg < lowest || angleDeg > highest) {
    return fail(
      'OUT_OF_RANGE',
      `An angle of ${angleDeg}° per side is outside ${lowest} to ${highest}°`,
      'choices.angleDeg',
    );
  }
  if (angleDeg <= middle.primaryAngle) {
    return fail(
      'CUT_DOES_NOT_CLOSE',
      `An angle of ${angleDeg}° per side does not clear the primary grind at ${middle.primaryAngle.toFixed(2)}°`,
      'choices.angleDeg',
    );
  }

  const curves = bladeOutline(measures);
  const chips = input.damage.filter(
    ({ kind: damageKind, id }) => damageKind === 'chip' && !choices.chipsLeft.includes(id),
  );
  const repaired = repairOutline(
    curves.edge,
    chips.map(({ fromMm, lengthMm, depthMm }) => ({ fromMm, toMm: fromMm + lengthMm, depthMm })),
  );
  if (!repaired.ok) return repaired;
  const repair = repaired.value;
  const depthAlong: BladePoint[] = curves.edge.map(([z], index) => [z, repair.depthMm[index]!]);
  const apexRiseMm = APEX_RISE_MM[input.sharpness];
  const local = sectionsAlong({
    curves,
    thicknessBehindEdgeMm: measures.thicknessBehindEdgeMm,
    presentAngleDeg: present.value,
    depthAlong,
    apexRiseMm,
  });
  const middleRiseMm = apexRiseMm + interpolate(depthAlong, measures.edgeLengthMm / 2);
  const middleAfter = rebevel(middle, mm(middleRiseMm), perSide(angleDeg));
  if (!middleAfter.ok) {
    return fail(middleAfter.error.code, middleAfter.error.message, 'choices.angleDeg');
  }

  // A steeper bevel that ends inside the old one leaves the old shoulder, and its thickness, where it was.
  const insideOldBevel =
    middleRiseMm + middleAfter.value.bevelHeightMm < middle.bevelHeightMm - 1e-9;
  const thicknessAfterMm = insideOldBevel
    ? measures.thicknessBehindEdgeMm
    : middleAfter.value.thicknessBehindEdgeMm;
  const limitMm = use.limitBehindEdgeMm;
  const advised = limitMm !== null && thicknessAfterMm > limitMm + 1e-9;
  const wantsThinning = choices.thin ?? advised;
  const targetMm = THIN_TO_SHARE * (limitMm ?? thicknessAfterMm);
  const thinning = wantsThinning && targetMm < thicknessAfterMm ? { behindEdgeMm: targetMm } : null;
  const thinAngleDeg = middle.primaryAngle + THIN_ABOVE_PRIMARY_DEG;
  const removal = workAlong(local, angleDeg, thinning);
  const middleWorked = workSection(middle, middleRiseMm, angleDeg, thinning);

  const finishUm = choices.finishUm ?? use.finishUm;
  const rack = abrasivesFor(input.rack, input.machine);
  const edgeProgression = (stockMm3: number, faceAreaMm2: number): ProgressionInput => ({
    steel,
    rack,
    work: { stockMm3, faceAreaMm2 },
    stroke: { forceN, speedMPerS: HAND_SPEED_M_PER_S },
    finishUm,
    maxRatio: choices.maxRatio ?? undefined,
    first: choices.first ?? undefined,
    skip: choices.skip,
    through: choices.through,
  });
  const edgePart = partChain(choices.chains, 'edge');
  const progressionFor = (stockMm3: number, faceAreaMm2: number): Result<ChosenChain> =>
    edgePart
      ? chainForPart(edgeProgression(stockMm3, faceAreaMm2), edgePart, rack, (asked) =>
          progressionBySchool(asked, choices.school),
        )
      : progressionBySchool(edgeProgression(stockMm3, faceAreaMm2), choices.school);
  const progression = progressionFor(removal.bevelMm3, removal.bevelFaceMm2);
  const options = advice.map((option): AngleOption => {
    if (option.angleDeg <= middle.primaryAngle) {
      return { ...option, steelLost: null, edgeTime: null, heightLost: null };
    }
    // The chosen angle has been worked already, unless it is thinned too.
    const work =
      option.angleDeg === angleDeg && !thinning ? removal : workAlong(local, option.angleDeg, null);
    const chain = progressionFor(work.bevelMm3, work.bevelFaceMm2);
    return { ...option, ...costOf(work, chain, apexRiseMm, repair.maxDepthMm) };
  });

  const behindEdgeMm = thinning ? targetMm : thicknessAfterMm;
  const raised = raisedCurves(curves, depthAlong, apexRiseMm);
  const stations = stationsAlongEdge(raised, perSide(angleDeg), STATIONS);
  const liftsAt = (atDeg: number): readonly ZoneLift[] => {
    const at = atDeg === angleDeg ? stations : stationsAlongEdge(raised, perSide(atDeg), STATIONS);
    return ZONES.map((zone) => liftInZone(at, zone, atDeg));
  };
  const { steps, seconds, problem } = buildSteps({
    kind,
    steel,
    rack: withSpeed(input.rack, input.machine),
    machine: input.machine,
    choices,
    angleDeg,
    bevelFaceMm: middleAfter.value.bevelFaceMm,
    edgeLengthMm: measures.edgeLengthMm,
    liftsAt,
    chain: progression.ok ? progression.value : null,
    jointMm3: chips.length > 0 ? removal.jointMm3 : 0,
    thinning: thinning
      ? { angleDeg: thinAngleDeg, mm3: removal.thinMm3, faceMm2: removal.thinFaceMm2 }
      : null,
  });
  const raisedShare = raisedShareOf(repair);
  const heightLostMm = apexRiseMm + repair.maxDepthMm;
  const figures = planFigures({
    input,
    chosen,
    present,
    middle,
    angleDeg,
    apexRiseMm,
    deepestRepairMm: repair.maxDepthMm,
    middleRiseMm,
    bevelFaceMm: middleWorked?.bevelFaceMm ?? middleAfter.value.bevelFaceMm,
    behindEdgeMm,
    insideOldBevel,
    thinned: thinning !== null,
    limitMm,
    removal,
    stations: local.length,
    steps,
    seconds,
  });

  return ok({
    angleDeg,
    figures,
    options,
    outline: {
      repair,
      depthAlong,
      raisedShare,
      forcesWholeEdge: raisedShare >= WHOLE_EDGE_SHARE,
      verdict: outlineVerdict(repair, raisedShare),
    },
    thinning: {
      advised,
      done: thinning !== null,
      reason: thinningReason(thicknessAfterMm, limitMm, use),
      angleDeg: thinning ? thinAngleDeg : null,
      keptMm: thinning ? targetMm / 2 / Math.tan(toRadians(perSide(angleDeg))) : null,
      removedMm3: removal.thinMm3,
    },
    curves,
    stations,
    sections: {
      before: middle.section,
      after: middleWorked?.section ?? middleAfter.value.section,
      riseMm: middleRiseMm,
    },
    finishUm,
    steps,
    edgeWork: { stockMm3: removal.bevelMm3, faceAreaMm2: removal.bevelFaceMm2 },
    alternatives: progression.ok ? (progression.value.alternatives ?? []) : [],
    progressionError: progression.ok ? problem : progression.error,
    advice: progression.ok ? adviceOnStones(input, progression.value) : [],
    toBuy: progression.ok ? null : whatToBuy(edgeProgression(0, 0)),
    warnings: warningsFor(input, kind, use, angleDeg, heightLostMm, removal),
  });
};

/** The edge after the repair and the new apex; the spine stays. */
const raisedCurves = (
  curves: EdgeCurves,
  depthAlong: readonly BladePoint[],
  apexRiseMm: number,
): EdgeCurves => ({
  ...curves,
  edge: curves.edge.map(([z, y], index) => {
    const spineY = interpolate(curves.spine, z);
    return [z, Math.min(spineY, y + apexRiseMm + depthAlong[index]![1])];
  }),
});

/** Median lift of a zone's stations: the one to hold there. */
const liftInZone = (
  stations: readonly Station[],
  zone: (typeof ZONES)[number],
  angleDeg: number,
): ZoneLift => {
  const total = stations[stations.length - 1]!.sMm;
  const held = stations
    .filter(({ sMm, liftMm }) => zoneAt(sMm / total) === zone && liftMm !== null)
    .sort((a, b) => a.liftMm! - b.liftMm!);
  const median = held[Math.floor(held.length / 2)];
  if (!median) return { zone, liftMm: null, why: null };
  return {
    zone,
    liftMm: median.liftMm,
    why: {
      rule: 'How far the spine is lifted off the stone to hold the angle at the middle of this zone, after the repair.',
      formula: 'L = H sin θ − x cos θ',
      inputs: [
        { label: 'H, edge to spine', value: median.heightMm, unit: 'mm' },
        { label: 'x, half the spine', value: median.thicknessMm / 2, unit: 'mm' },
        { label: 'θ', value: angleDeg, unit: '° per side' },
        { label: 'It would rest at', value: median.restingAngleDeg, unit: '° per side' },
      ],
      source: 'Geometry of the section',
    },
  };
};

const thinningReason = (afterMm: number, limitMm: number | null, use: Use): string => {
  if (limitMm === null)
    return `For ${use.label.toLowerCase()} thickness behind the edge is not judged.`;
  return afterMm > limitMm
    ? `${afterMm.toFixed(2)} mm behind the edge would be left, and ${use.label.toLowerCase()} wants at most ${limitMm} mm: it would be sharp and still wedge.`
    : `${afterMm.toFixed(2)} mm behind the edge is within ${limitMm} mm for ${use.label.toLowerCase()}.`;
};

const warningsFor = (
  input: PlanInput,
  kind: BladeKind,
  use: Use,
  angleDeg: number,
  heightLostMm: number,
  removal: Removal,
): string[] => {
  const warnings: string[] = [];
  const { measures } = input;
  if (angleDeg < use.angleDeg[0] - 2) {
    warnings.push(
      `${angleDeg.toFixed(1)}° per side is low for ${use.label.toLowerCase()}: it may chip or roll.`,
    );
  }
  if (angleDeg > use.angleDeg[1] + 4) {
    warnings.push(
      `${angleDeg.toFixed(1)}° per side is steep for ${use.label.toLowerCase()}: it will not cut easily.`,
    );
  }
  if (measures.heightHeelMm - heightLostMm < kind.minHeightMm) {
    warnings.push(
      `The heel will be ${(measures.heightHeelMm - heightLostMm).toFixed(1)} mm high; below ${kind.minHeightMm} mm a ${kind.label.toLowerCase()} is spent. Tell the owner.`,
    );
  }
  if (removal.notWorked > 0) {
    warnings.push('At the tip the new bevel would reach the spine; work the tip by eye.');
  }
  if (removal.thinMm3 > 0) {
    warnings.push(
      'Thinning changes the look of the blade and takes steel that does not come back: get a yes first.',
    );
  }
  return warnings;
};
