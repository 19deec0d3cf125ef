/**
 * From a judged blade to a plan: angle with reasons, outline, thinning, steel and height lost, lifts along
 * the edge, progression from the rack, and the steps in order. For two-sided blades with a flat grind.
 */
import { angleFromBevel } from '../angle/bevel';
import { chooseProgression, type Chain, type RackEntry } from '../abrasive/progression';
import { HAND_SPEED_M_PER_S } from '../abrasive/removal';
import { bladeKind, isPlanned, type BladeKind } from '../blade/kinds';
import type { BladeMeasures, Damage, Sharpness } from '../blade/measures';
import { bladeOutline, zoneAt, ZONES } from '../blade/outline';
import { findUse, type Use } from '../blade/uses';
import { interpolate, type BladePoint } from '../outline/polyline';
import { repairOutline, type OutlineRepair } from '../outline/repair';
import { stationsAlongEdge, type EdgeCurves, type Station } from '../outline/stations';
import { flatGrind, type FlatGrind } from '../section/flat-grind';
import { rebevel, type Rebevelled } from '../section/rebevel';
import type { Section } from '../section/section';
import { thin, type Thinned } from '../section/thin';
import type { Steel } from '../steel/steels';
import { figure, type Figure } from '../units/figure';
import { mm, perSide, toRadians } from '../units/quantities';
import { fail, ok, type CraftError, type Result } from '../units/result';
import { adviseAngles, type AngleAdvice } from './advice';
import { ANGLE_LIMITS_DEG, type PlanChoices } from './choices';
import { buildSteps } from './build-steps';
import { forceN, type PlanStep, type ZoneLift } from './steps';

export interface RackStone extends RackEntry {
  readonly name: string;
}

export interface PlanInput {
  readonly measures: BladeMeasures;
  readonly steel: Steel;
  readonly useId: string;
  readonly sharpness: Sharpness;
  readonly carefulHands: boolean;
  readonly damage: readonly Damage[];
  readonly rack: readonly RackStone[];
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
  readonly figures: {
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
  };
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
  readonly alternatives: readonly Chain[];
  readonly progressionError: CraftError | null;
  readonly warnings: readonly string[];
}

const STATIONS = 41;
/** How far a dull apex has to come up before it is sharp again, mm. First guesses. */
const APEX_RISE_MM: Readonly<Record<Sharpness, number>> = {
  keen: 0.005,
  tired: 0.015,
  dull: 0.03,
  blunt: 0.06,
};
/** Knife steel, g/cm³. */
const STEEL_DENSITY = 7.75;
/** Thinning brings the blade to this share of its limit, so that it lasts several visits. First guess. */
const THIN_TO_SHARE = 0.75;
/** Degrees above the primary half angle at which a band is thinned. */
const THIN_ABOVE_PRIMARY_DEG = 1.5;
/** Above this share of the edge raised for a chip the whole edge is said to come up. */
const WHOLE_EDGE_SHARE = 0.6;

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

interface LocalBlade {
  readonly station: Station;
  readonly blade: FlatGrind;
  readonly riseMm: number;
}

/**
 * The section at a station. Towards the tip the blade gets too low for the bevel it has in the middle, so
 * the shoulder is held within half of what its height and its spine allow.
 */
const localSection = (
  station: Station,
  measures: BladeMeasures,
  angleDeg: number,
): Result<FlatGrind> => {
  const tan = Math.tan(toRadians(perSide(angleDeg)));
  const behindEdgeMm = Math.min(
    measures.thicknessBehindEdgeMm,
    0.9 * station.thicknessMm,
    station.heightMm * tan,
  );
  return flatGrind({
    heightMm: station.heightMm,
    spineThicknessMm: Math.min(station.thicknessMm, 1.9 * station.heightMm * tan),
    grindHeightMm: station.heightMm,
    thicknessBehindEdgeMm: behindEdgeMm,
    angleDeg,
  });
};

interface Worked {
  readonly thinned: Thinned | null;
  readonly bevelled: Rebevelled;
  readonly thinnedAreaMm2: number;
}

/** Trapezoid integral over arc length of a value at each station. */
const alongEdge = (local: readonly LocalBlade[], valueAt: (at: number) => number): number => {
  let sum = 0;
  for (let index = 1; index < local.length; index += 1) {
    const ds = local[index]!.station.sMm - local[index - 1]!.station.sMm;
    sum += (ds * (valueAt(index) + valueAt(index - 1))) / 2;
  }
  return sum;
};

export interface Removal {
  readonly jointMm3: number;
  readonly bevelMm3: number;
  readonly thinMm3: number;
  readonly thinFaceMm2: number;
  readonly bevelFaceMm2: number;
  readonly worked: readonly (Worked | null)[];
}

interface ThinningPlan {
  readonly behindEdgeMm: number;
  readonly angleDeg: number;
}

/** Works every station with the same operations and sums what they take. */
const workBlade = (
  local: readonly LocalBlade[],
  angleDeg: number,
  thinning: ThinningPlan | null,
): Removal => {
  const angle = perSide(angleDeg);
  const tan = Math.tan(toRadians(angle));
  const worked = local.map(({ blade, riseMm }): Worked | null => {
    const bevelled = rebevel(blade, mm(riseMm), angle);
    if (!bevelled.ok) return null;
    if (!thinning) return { bevelled: bevelled.value, thinned: null, thinnedAreaMm2: 0 };
    // Thinning is done on the blade as it will be: its own section, the new apex as the origin.
    const raised = flatGrind({
      heightMm: bevelled.value.heightMm,
      grindHeightMm: bevelled.value.heightMm,
      spineThicknessMm: blade.measures.spineThicknessMm,
      thicknessBehindEdgeMm: Math.min(
        bevelled.value.thicknessBehindEdgeMm,
        blade.measures.spineThicknessMm,
      ),
      angleDeg,
    });
    const keptMm = thinning.behindEdgeMm / 2 / tan;
    const thinned = raised.ok
      ? thin(raised.value, mm(keptMm), perSide(raised.value.primaryAngle + THIN_ABOVE_PRIMARY_DEG))
      : null;
    return thinned?.ok
      ? {
          bevelled: bevelled.value,
          thinned: thinned.value,
          thinnedAreaMm2: thinned.value.removedAreaMm2,
        }
      : { bevelled: bevelled.value, thinned: null, thinnedAreaMm2: 0 };
  });
  const sum = (value: (of: Worked) => number): number =>
    alongEdge(local, (at) => {
      const of = worked[at];
      return of ? value(of) : 0;
    });
  const bevelFaceOf = (of: Worked): number =>
    of.thinned && of.thinned.removedAreaMm2 > 0 && thinning
      ? Math.min(of.bevelled.bevelFaceMm, thinning.behindEdgeMm / 2 / Math.sin(toRadians(angle)))
      : of.bevelled.bevelFaceMm;
  return {
    jointMm3: sum((of) => of.bevelled.jointedAreaMm2),
    bevelMm3: sum((of) => of.bevelled.removedAreaMm2 - of.bevelled.jointedAreaMm2),
    thinMm3: sum((of) => of.thinnedAreaMm2),
    thinFaceMm2: sum((of) => 2 * (of.thinned?.faceWidthMm ?? 0)),
    bevelFaceMm2: sum((of) => 2 * bevelFaceOf(of)),
    worked,
  };
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
  const { measures, choices, steel } = input;
  const kind = bladeKind(measures.kindId);
  const use = findUse(input.useId);
  if (!isPlanned(kind)) {
    return fail(
      'INVALID_INPUT',
      `A plan is computed for two-sided blades with a flat grind; ${kind.label} is ${kind.grind}`,
      'kindId',
    );
  }
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
  const stationsBefore = stationsAlongEdge(curves, perSide(angleDeg), STATIONS);
  const local = stationsBefore.flatMap((station): LocalBlade[] => {
    if (station.heightMm < 1) return [];
    const blade = localSection(station, measures, present.value);
    const riseMm = apexRiseMm + interpolate(depthAlong, station.zMm);
    return blade.ok ? [{ station, blade: blade.value, riseMm }] : [];
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
  const thinningPlan =
    wantsThinning && targetMm < thicknessAfterMm
      ? {
          behindEdgeMm: targetMm,
          angleDeg: middle.primaryAngle + THIN_ABOVE_PRIMARY_DEG,
        }
      : null;
  const removal = workBlade(local, angleDeg, thinningPlan);
  const withoutThinning = thinningPlan ? workBlade(local, angleDeg, null) : removal;

  const finishUm = choices.finishUm ?? use.finishUm;
  const progressionFor = (stockMm3: number, faceAreaMm2: number) =>
    chooseProgression({
      steel,
      rack: input.rack,
      work: { stockMm3, faceAreaMm2 },
      stroke: { forceN, speedMPerS: HAND_SPEED_M_PER_S },
      finishUm,
      maxRatio: choices.maxRatio ?? undefined,
    });
  // Thinned steel is gone before the bevel is set, so the bevel's stock is what is left of it below.
  const bevelShare = thinningPlan
    ? Math.min(1, removal.bevelFaceMm2 / withoutThinning.bevelFaceMm2)
    : 1;
  const bevelStockMm3 = removal.bevelMm3 * bevelShare;
  const progression = progressionFor(bevelStockMm3, removal.bevelFaceMm2);
  const options = advice.map((option): AngleOption => {
    if (option.angleDeg <= middle.primaryAngle) {
      return { ...option, steelLost: null, edgeTime: null, heightLost: null };
    }
    const work = workBlade(local, option.angleDeg, null);
    const chain = progressionFor(work.bevelMm3, work.bevelFaceMm2);
    return { ...option, ...costOf(work, chain, apexRiseMm, repair.maxDepthMm) };
  });

  const behindEdgeMm = thinningPlan ? targetMm : thicknessAfterMm;
  const totalMm3 = removal.jointMm3 + bevelStockMm3 + removal.thinMm3;
  const stations = stationsAlongEdge(
    raisedCurves(curves, depthAlong, apexRiseMm),
    perSide(angleDeg),
    STATIONS,
  );
  const lifts = ZONES.map((zone) => liftInZone(stations, zone, angleDeg));
  const { steps, seconds } = buildSteps({
    kind,
    steel,
    rack: input.rack,
    choices,
    angleDeg,
    lifts,
    chain: progression.ok ? progression.value : null,
    jointMm3: chips.length > 0 ? removal.jointMm3 : 0,
    thinning: thinningPlan
      ? { ...thinningPlan, mm3: removal.thinMm3, faceMm2: removal.thinFaceMm2 }
      : null,
  });
  const raisedShare = raisedShareOf(repair);
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
  const middleFaceMm = thinningPlan
    ? targetMm / 2 / Math.sin(toRadians(perSide(angleDeg)))
    : middleAfter.value.bevelFaceMm;
  const heightLostMm = apexRiseMm + repair.maxDepthMm;
  const middleThinned = thinningPlan
    ? thinnedMiddle(middle, middleAfter.value, thinningPlan, angleDeg)
    : null;

  return ok({
    angleDeg,
    figures: {
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
      bevelFaceAfter: figure(middleFaceMm, 'mm', {
        rule: 'Width of the new bevel face half way along, from the new apex to where it runs out.',
        formula: 'w = (y′ − c) / cos θ′',
        inputs: [
          { label: 'c, apex rise half way', value: middleRiseMm, unit: 'mm' },
          { label: 'θ′', value: angleDeg, unit: '° per side' },
        ],
        source: geometry,
      }),
      apexRise: figure(apexRiseMm, 'mm', {
        rule: `A ${input.sharpness} edge has to come up this far before the two faces meet again.`,
        inputs: [{ label: 'Sharpness as it came', value: input.sharpness }],
        source: 'First guess of the trade, to be corrected by the bench',
      }),
      heightLost: figure(heightLostMm, 'mm', {
        rule: 'The deepest chip taken out, and what the tired apex needs.',
        formula: 'deepest outline repair + apex rise',
        inputs: [
          { label: 'Deepest repair', value: repair.maxDepthMm, unit: 'mm' },
          { label: 'Apex rise', value: apexRiseMm, unit: 'mm' },
        ],
        source: 'Outline as a linear programme',
      }),
      steelLost: figure(totalMm3, 'mm³', {
        rule: 'Areas cut from the section, summed along the edge.',
        formula: 'V = ∫ A(s) ds',
        inputs: [
          { label: 'Jointing', value: removal.jointMm3, unit: 'mm³' },
          { label: 'Edge bevel', value: bevelStockMm3, unit: 'mm³' },
          { label: 'Thinning', value: removal.thinMm3, unit: 'mm³' },
          { label: 'Stations', value: local.length, unit: '' },
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
        rule: thinningPlan
          ? 'Thinned so that the shoulder comes down below the limit of its use.'
          : insideOldBevel
            ? 'The new bevel ends inside the old one: the old shoulder stays.'
            : 'The apex moves up into thicker steel; the shoulder is where the new bevel meets the primary.',
        formula: thinningPlan ? 't = 0.75 × limit' : 't = 2 (y′ − c) tan θ′',
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
    },
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
      done: thinningPlan !== null,
      reason: thinningReason(thicknessAfterMm, limitMm, use),
      angleDeg: thinningPlan?.angleDeg ?? null,
      keptMm: thinningPlan ? targetMm / 2 / Math.tan(toRadians(perSide(angleDeg))) : null,
      removedMm3: removal.thinMm3,
    },
    curves,
    stations,
    sections: {
      before: middle.section,
      after: middleThinned ?? middleAfter.value.section,
      riseMm: middleRiseMm,
    },
    finishUm,
    steps,
    alternatives: progression.ok ? progression.value.alternatives : [],
    progressionError: progression.ok ? null : progression.error,
    warnings: warningsFor(input, kind, use, angleDeg, finishUm, heightLostMm, removal),
  });
};

/** What an angle costs, each figure with its reasons. */
const costOf = (
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

/** The section half way after thinning, in the frame of the section before. */
const thinnedMiddle = (
  middle: FlatGrind,
  after: Rebevelled,
  thinning: ThinningPlan,
  angleDeg: number,
): Section | null => {
  const raised = flatGrind({
    heightMm: after.heightMm,
    grindHeightMm: after.heightMm,
    spineThicknessMm: middle.measures.spineThicknessMm,
    thicknessBehindEdgeMm: after.thicknessBehindEdgeMm,
    angleDeg,
  });
  if (!raised.ok) return null;
  const keptMm = thinning.behindEdgeMm / 2 / Math.tan(toRadians(perSide(angleDeg)));
  const thinned = thin(raised.value, mm(keptMm), perSide(thinning.angleDeg));
  if (!thinned.ok) return null;
  const rise = middle.measures.heightMm - after.heightMm;
  return {
    vertices: thinned.value.section.vertices.map((vertex) => ({ ...vertex, y: vertex.y + rise })),
  };
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
  finishUm: readonly [number, number],
  heightLostMm: number,
  removal: Removal,
): string[] => {
  const warnings: string[] = [];
  const { steel, measures } = input;
  if (finishUm[1] < steel.finestUsefulUm) {
    warnings.push(
      `This steel gains little below about ${steel.finestUsefulUm} µm; the finish asked for ends at ${finishUm[1]} µm.`,
    );
  }
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
  if (removal.worked.some((of) => of === null)) {
    warnings.push('At the tip the new bevel would reach the spine; work the tip by eye.');
  }
  if (removal.thinMm3 > 0) {
    warnings.push(
      'Thinning changes the look of the blade and takes steel that does not come back: get a yes first.',
    );
  }
  return warnings;
};
