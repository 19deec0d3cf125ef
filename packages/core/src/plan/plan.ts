/**
 * From a judged blade of any kind to a plan: angle with reasons, outline, the stages cut from the section along
 * the edge, steel and height lost, lifts, progression from the rack, and the steps in order with what the
 * operator changed in them. What is particular of a kind stands in `kinds/`.
 */
import { angleFromBevel } from '../angle/bevel';
import { razorAngle } from '../angle/resting';
import { abrasiveKind } from '../abrasive/kinds';
import type { Chain, ProgressionInput } from '../abrasive/progression';
import type { RackStone } from '../abrasive/rack-stone';
import { HAND_SPEED_M_PER_S } from '../abrasive/removal';
import { progressionBySchool, windowAround } from '../abrasive/schools';
import {
  progressionWarnings,
  whatToBuy,
  type Missing,
  type ProgressionWarning,
} from '../abrasive/warnings';
import { bevelsOf, bladeKind, isOneSided, type BladeKind } from '../blade/kinds';
import type { BladeMeasures, Damage, DamageKind, Sharpness } from '../blade/measures';
import { bladeOutline, ZONES } from '../blade/outline';
import { findUse, type Use } from '../blade/uses';
import { stationOfZone } from '../blade/zone-station';
import { numberAnswer, type Answers } from '../intake/questions';
import { interpolate, type BladePoint } from '../outline/polyline';
import { repairOutline, type OutlineRepair } from '../outline/repair';
import { stationsAlongEdge, type EdgeCurves, type Station } from '../outline/stations';
import { holdingOf, type Holding } from '../machine/holding';
import { abrasiveOf, type Machine } from '../machine/machine';
import { reachAtMm, thicknessAtMm, type Section } from '../section/section';
import type { Steel } from '../steel/steels';
import { figure, type Figure } from '../units/figure';
import { mm, perSide, radians, toDegrees, toRadians } from '../units/quantities';
import { fail, ok, type CraftError, type Result } from '../units/result';
import { adviseAngles, type AngleAdvice, type Approach } from './advice';
import { AIMED_AT_MM, REMNANT_MM } from './bands';
import { shapesAlong, STATIONS, workAlong, workedAt } from './along';
import { applyChanges, type AddedStep, type StepChange } from './changes';
import { ANGLE_LIMITS_DEG, type PlanChoices, type ThinDepth } from './choices';
import { costOf, planFigures, type PlanFigures } from './figures';
import { chosenStrop } from './finishing';
import { craftOf } from './kinds';
import type {
  Craft,
  CraftWork,
  Fact,
  GroundSide,
  MicroWanted,
  Place,
  Shape,
  ThinWanted,
  Wanted,
} from './kinds/craft';
import { MICRO_ABOVE_DEG, MICRO_FACE_MM, partChain } from './part-chains';
import { OLD_EDGE_RISE_MM, schoolsOf } from './practice';
import {
  lowestRun,
  scratchTopMm,
  topOf,
  type StageSum,
  type StageSums,
  type WorkedStage,
} from './stages';
import { chainForPart, stepMaker } from './making';
import { TIP_WORDS, tipWork } from './tip-work';
import {
  forceN,
  secondsOf,
  withKeys,
  type PlanStep,
  type StationLift,
  type ZoneLift,
} from './steps';

export interface PlanInput {
  readonly measures: BladeMeasures;
  readonly steel: Steel;
  readonly useId: string;
  readonly sharpness: Sharpness;
  readonly carefulHands: boolean;
  readonly damage: readonly Damage[];
  /** To the questions of its kind. */
  readonly answers: Answers;
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
  /** The school followed; null where the angle was set by hand. */
  readonly approach: Approach | null;
  readonly angleDeg: number;
  readonly figures: PlanFigures;
  /** What a colleague would ask of this kind of blade. */
  readonly facts: readonly Fact[];
  readonly shoulderLabel: string;
  /** Whether thickness behind the edge means anything for it. */
  readonly isThinned: boolean;
  /** The blade's own spine sets the angle. */
  readonly isGuided: boolean;
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
    /** Half way along, from the edge up, each lower than the last. */
    readonly bands: readonly { readonly angleDeg: number; readonly fromMm: number }[];
    readonly depth: ThinDepth | null;
    /** Of the old bevel, left to be seen. */
    readonly remnantMm: number | null;
    /** Above the new edge: how far up the scratches show. */
    readonly scratchTopMm: number;
    readonly removedMm3: number;
  };
  readonly curves: EdgeCurves;
  /** The edge after the work, and the spine as it is. */
  readonly curvesAfter: EdgeCurves;
  /** How the angle is held with what was chosen. */
  readonly holding: Holding;
  readonly stations: readonly Station[];
  /** Half way along: as it came, after each stage of the work, and at its end. */
  readonly sections: {
    readonly before: Section;
    readonly after: Section;
    readonly stages: readonly WorkedStage[];
    readonly riseMm: number;
    readonly ground: readonly GroundSide[];
  };
  readonly finishUm: readonly [number, number];
  /** As computed, before the operator's changes. */
  readonly computedSteps: readonly PlanStep[];
  readonly steps: readonly PlanStep[];
  /** The operator's changes that have no step to stand on now: kept, and told. */
  readonly unplaced: readonly (StepChange | AddedStep)[];
  /** What was followed where good practitioners disagree. */
  readonly schools: readonly { readonly question: string; readonly school: string }[];
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

/** What is missing from the outline and has to be worked out of it. */
export const OUTLINE_FAULTS: readonly DamageKind[] = ['chip', 'recurve', 'over-ground heel'];
/** How far a dull apex has to come up before it is sharp again, mm. First guesses. */
const APEX_RISE_MM: Readonly<Record<Sharpness, number>> = {
  keen: 0.005,
  tired: 0.015,
  dull: 0.03,
  blunt: 0.06,
};
/** Thinning brings the blade to this share of its limit, so that it lasts several visits. First guess. */
const THIN_TO_SHARE = 0.75;
/** Thinned down to the remnant when it has outgrown its limit by this; a little at each visit before. First guess. */
const OUTGROWN_SHARE = 1.2;
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
const presentAngle = ({ measures }: PlanInput, kind: BladeKind): Result<Figure> => {
  if (kind.grind === 'razor') {
    const { heightMiddleMm, spineMiddleMm } = measures;
    return ok(
      figure(razorAngle(heightMiddleMm, spineMiddleMm, 0), '° per side', {
        rule: 'A razor lies on spine and edge: its spine sets the angle.',
        formula: 'θ = atan((T/2) / H)',
        inputs: [
          { label: 'T, spine', value: spineMiddleMm, unit: 'mm' },
          { label: 'H, width', value: heightMiddleMm, unit: 'mm' },
        ],
        source: 'Geometry of the section',
      }),
    );
  }
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
  const isOne = bevelsOf(kind) === 1;
  const shoulderMm = measures.thicknessBehindEdgeMm / bevelsOf(kind);
  const bevel = angleFromBevel(mm(measures.bevelFaceMm), mm(shoulderMm));
  if (!bevel.ok) return fail(bevel.error.code, bevel.error.message, 'bevelFaceMm');
  return ok(
    figure(bevel.value.angle, '° per side', {
      rule: isOne
        ? 'One bevel of this width spans the whole thickness at its shoulder.'
        : 'A bevel of this width spans half the thickness behind the edge.',
      formula: 'θ = asin(e / w)',
      inputs: [
        {
          label: isOne ? 'e, thickness at the shoulder' : 'e, half the thickness behind the edge',
          value: shoulderMm,
          unit: 'mm',
        },
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
  const { measures, choices, steel, answers } = input;
  const kind = bladeKind(measures.kindId);
  const use = findUse(input.useId);
  const present = presentAngle(input, kind);
  if (!present.ok) return present;
  const craft = craftOf({ input, kind, use, answers, presentDeg: present.value.value });
  const middlePlace: Place = {
    heightMm: measures.heightMiddleMm,
    thicknessMm: measures.spineMiddleMm,
    exact: true,
  };
  const middle = craft.shapeAt(middlePlace);
  if (!middle.ok) {
    const field = middle.error.field?.replace('section.', '');
    return fail(
      middle.error.code,
      middle.error.message,
      field === 'angleDeg' ? 'presentAnglePerSideDeg' : field,
    );
  }
  const shape = middle.value;
  const advice = adviseAngles({
    presentAngleDeg: present.value.value,
    primaryAngleDeg: shape.primaryDeg,
    use,
    steel,
    damage: input.damage,
    carefulHands: input.carefulHands,
  }).filter(({ approach }) => craft.approaches.includes(approach));
  const byApproach = (wanted: Approach | null) =>
    advice.find(({ approach }) => approach === wanted);
  const chosen = byApproach(choices.approach) ?? byApproach(craft.approaches[0])!;
  const angleDeg = craft.guidedDeg ?? choices.angleDeg ?? chosen.angleDeg;
  const [lowest, highest] = ANGLE_LIMITS_DEG;
  if (angleDeg < lowest || angleDeg > highest) {
    return fail(
      'OUT_OF_RANGE',
      `An angle of ${angleDeg}° per side is outside ${lowest} to ${highest}°`,
      'choices.angleDeg',
    );
  }
  if (angleDeg <= shape.primaryDeg) {
    return fail(
      'CUT_DOES_NOT_CLOSE',
      `An angle of ${angleDeg}° per side does not clear the primary grind at ${shape.primaryDeg.toFixed(2)}°`,
      'choices.angleDeg',
    );
  }

  const curves = bladeOutline(measures);
  const faults = input.damage.filter(
    ({ kind: found, depthMm, id }) =>
      OUTLINE_FAULTS.includes(found) && depthMm > 0 && !choices.chipsLeft.includes(id),
  );
  const repaired = repairOutline(
    curves.edge,
    faults.map(({ fromMm, lengthMm, depthMm }) => ({ fromMm, toMm: fromMm + lengthMm, depthMm })),
  );
  if (!repaired.ok) return repaired;
  const repair = repaired.value;
  const depthAlong: BladePoint[] = curves.edge.map(([z], index) => [z, repair.depthMm[index]!]);
  const tiredMm = apexRiseOf(input);
  const riseAt = (atDeg: number): number => tiredMm + craft.extraRiseMm(atDeg);
  const local = shapesAlong(craft, curves, present.value.value);
  const micro = microWanted(input, craft);
  const deepAt = (zMm: number): number => interpolate(depthAlong, zMm);
  const middleDepthMm = deepAt(measures.edgeLengthMm / 2);
  const along = (wanted: Wanted) =>
    workAlong(craft, local, (zMm) => riseAt(wanted.angleDeg) + deepAt(zMm), wanted);

  const apexRiseMm = riseAt(angleDeg);
  const middleRiseMm = apexRiseMm + middleDepthMm;
  const plainWanted: Wanted = { angleDeg, thinning: null, micro };
  const plainMiddle = workedAt(craft, shape, middleRiseMm, plainWanted);
  if (!plainMiddle.ok) return plainMiddle;
  const thicknessAfterMm = behindEdge(measures, shape, plainMiddle.value, bevelsOf(kind));
  const limitMm: number | null = craft.isThinned ? use.limitBehindEdgeMm : null;
  const advised = limitMm !== null && thicknessAfterMm > limitMm + 1e-9;
  const wantsThinning = craft.isThinned && (choices.thin ?? advised);
  const bevelRad = toRadians(perSide(present.value.value));
  const targetMm = THIN_TO_SHARE * (limitMm ?? thicknessAfterMm);
  const littleMm = (targetMm / 2 / Math.tan(bevelRad) - middleRiseMm) / Math.cos(bevelRad);
  const thinDepth =
    choices.thinDepth ??
    (limitMm !== null && thicknessAfterMm > OUTGROWN_SHARE * limitMm
      ? 'to the remnant'
      : 'a little each visit');
  const thinning: ThinWanted | null = wantsThinning
    ? {
        targets: choices.thinTo,
        remnantMm:
          thinDepth === 'a little each visit' ? Math.max(REMNANT_MM, littleMm) : REMNANT_MM,
      }
    : null;
  const wanted: Wanted = { angleDeg, thinning, micro };
  const workedMiddle = thinning ? workedAt(craft, shape, middleRiseMm, wanted) : plainMiddle;
  if (!workedMiddle.ok) return workedMiddle;
  const stagesMiddle = workedMiddle.value;
  const bands = bandsOf(stagesMiddle);
  const totals = along(wanted);
  const partWork = {
    angleDeg,
    micro,
    shape,
    stages: stagesMiddle,
    riseMm: middleRiseMm,
    apexRiseMm,
    bands,
    remnantMm: thinning?.remnantMm ?? 0,
  };
  const sums = craft.sumsOf ? craft.sumsOf(totals.sums, partWork) : totals.sums;
  const behindEdgeMm = behindEdge(measures, shape, stagesMiddle, bevelsOf(kind));
  const bevelFaceMm = bevelFace(stagesMiddle, craft.groundAt(angleDeg));

  // A finish wished for by its grain goes before the window of the use.
  const wishedUm =
    answers['finishWish'] === 'very fine' ? numberAnswer(answers, 'finishWishUm') : null;
  const finishUm = choices.finishUm ?? (wishedUm === null ? use.finishUm : windowAround(wishedUm));
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
  const progressionFor = ({ mm3, faceMm2 }: StageSum): Result<ChosenChain> =>
    edgePart
      ? chainForPart(edgeProgression(mm3, faceMm2), edgePart, rack, (asked) =>
          progressionBySchool(asked, choices.school),
        )
      : progressionBySchool(edgeProgression(mm3, faceMm2), choices.school);
  const stockOf = craft.stockOf ?? edgeStock;
  const progression = progressionFor(stockOf(sums));
  const options = advice.map((option): AngleOption => {
    if (option.angleDeg <= shape.primaryDeg) {
      return { ...option, steelLost: null, edgeTime: null, heightLost: null };
    }
    // The chosen angle has been worked already, unless it is thinned too.
    const same = option.angleDeg === angleDeg && !thinning;
    const raw = same
      ? totals.sums
      : along({ angleDeg: option.angleDeg, thinning: null, micro }).sums;
    const of = craft.sumsOf
      ? craft.sumsOf(raw, { ...partWork, angleDeg: option.angleDeg, bands: [] })
      : raw;
    const chain = progressionFor(stockOf(of));
    return { ...option, ...costOf(of, chain, riseAt(option.angleDeg), repair.maxDepthMm) };
  });

  const raised = raisedCurves(curves, depthAlong, apexRiseMm);
  const offsets: EdgeCurves = {
    ...raised,
    thickness: raised.thickness.map(([z, thickness]) => [z, 2 * craft.spineOffsetMm(thickness)]),
  };
  const stations = stationsAlongEdge(offsets, perSide(angleDeg), STATIONS);
  const stationsAt = (atDeg: number): readonly Station[] =>
    atDeg === angleDeg ? stations : stationsAlongEdge(offsets, perSide(atDeg), STATIONS);
  const liftsAt = (atDeg: number): readonly ZoneLift[] =>
    ZONES.map((zone) => liftInZone(stationsAt(atDeg), zone, atDeg));
  const stationLiftsAt = (atDeg: number): readonly StationLift[] =>
    craft.byStation
      ? stationsAt(atDeg).flatMap(({ sMm, liftMm }, index) =>
          index % 5 === 0 && liftMm !== null ? [{ sMm, liftMm }] : [],
        )
      : [];
  const work: CraftWork = {
    ...partWork,
    sums,
    chain: progression.ok ? progression.value : null,
  };
  const make = stepMaker({
    kind,
    steel,
    rack: withSpeed(input.rack, input.machine),
    machine: input.machine,
    choices,
    angleDeg,
    bevelFaceMm,
    edgeLengthMm: measures.edgeLengthMm,
    hasFaults: faults.length > 0,
    hasChips: faults.some(({ kind: found }) => found === 'chip'),
    hasLowSpots: input.damage.some(({ kind: found }) => found === 'low spot'),
    groundAt: craft.groundAt,
    liftsAt,
    stationLiftsAt,
    work,
  });
  const tip = tipWork(input.damage, curves, measures.spineTipMm, choices.kind.tipWay);
  const tipSteps = tip ? make.tip(TIP_WORDS[tip.chosen.way], tip.volumeMm3) : [];
  const computed = withKeys([...tipSteps, ...craft.steps(make, work)]);
  const { steps, unplaced } = applyChanges(computed, choices.changes, choices.added);
  const seconds = secondsOf(steps, input.rack);
  const raisedShare = raisedShareOf(repair);
  const heightLostMm = apexRiseMm + repair.maxDepthMm;
  const figures = planFigures({
    input,
    chosen,
    present: present.value,
    primaryDeg: shape.primaryDeg,
    bevelHeightMm: shape.bevelHeightMm,
    bevels: bevelsOf(kind),
    angleDeg,
    apexRiseMm,
    deepestRepairMm: repair.maxDepthMm,
    middleRiseMm,
    bevelFaceMm,
    behindEdgeMm,
    insideOldBevel: isInsideOldBevel(stagesMiddle),
    thinned: thinning !== null,
    limitMm,
    sums,
    stations: local.length,
    steps,
    seconds,
  });

  const isGuided = craft.guidedDeg !== null;
  return ok({
    approach: choices.angleDeg === null || isGuided ? chosen.approach : null,
    angleDeg,
    figures,
    facts: [...craft.facts(work), ...(tip?.facts ?? [])],
    shoulderLabel: craft.shoulderLabel,
    isThinned: craft.isThinned,
    isGuided,
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
      bands,
      depth: thinning ? thinDepth : null,
      remnantMm: thinning?.remnantMm ?? null,
      scratchTopMm: scratchTopMm(partWork),
      removedMm3: sums.thinning.mm3,
    },
    curves,
    curvesAfter: raised,
    holding: holdingOf({
      machine: input.machine,
      angleDeg,
      bevelFaceMm,
      stations,
      edge: raised.edge,
      faceLeanDeg: bevelsOf(kind) === 1 ? 0 : shape.primaryDeg,
      stones: (work.chain?.steps ?? []).map(({ id }) => input.rack.find((each) => each.id === id)!),
    }),
    stations,
    sections: {
      before: shape.section,
      after: stagesMiddle.at(-1)!.section,
      stages: stagesMiddle,
      riseMm: middleRiseMm,
      ground: craft.groundAt(angleDeg),
    },
    finishUm,
    computedSteps: computed,
    steps,
    unplaced,
    schools: schoolsOf(choices),
    edgeWork: { stockMm3: stockOf(sums).mm3, faceAreaMm2: stockOf(sums).faceMm2 },
    alternatives: progression.ok ? (progression.value.alternatives ?? []) : [],
    progressionError: progression.ok ? make.problem() : progression.error,
    advice: progression.ok ? adviceOnStones(input, progression.value) : [],
    toBuy: progression.ok ? null : whatToBuy(edgeProgression(0, 0)),
    warnings: [
      ...craft.warnings(work),
      ...warningsFor(input, kind, use, angleDeg, heightLostMm, sums, totals.notWorked),
    ],
  });
};

/** The steel the stones of the edge take: the bevel, and on an axe its rounding with it. */
const edgeStock = ({ edge, round }: StageSums): StageSum => ({
  mm3: edge.mm3 + round.mm3,
  faceMm2: edge.faceMm2 + round.faceMm2,
});

const apexRiseOf = ({ sharpness, choices }: PlanInput): number =>
  choices.practice.oldEdge === 'take it off first'
    ? Math.max(OLD_EDGE_RISE_MM, APEX_RISE_MM[sharpness])
    : APEX_RISE_MM[sharpness];

/** A micro bevel where one was asked for, the school wants one, or kind or steel need it. */
const microWanted = ({ choices, steel }: PlanInput, craft: Craft): MicroWanted | null => {
  const part = partChain(choices.chains, 'micro');
  const usual: MicroWanted = craft.microUsual ?? {
    aboveDeg: MICRO_ABOVE_DEG,
    faceMm: MICRO_FACE_MM,
  };
  if (part) return { ...usual, faceMm: part.faceMm ?? usual.faceMm };
  switch (choices.practice.micro) {
    case 'never':
      return null;
    case 'always small':
      return usual;
    case 'only when brittle':
      return craft.microUsual !== null || steel.edge === 'chippy' ? usual : null;
  }
};

/** The bands of the thinning as they were cut, from the edge up; none where it is not thinned. */
const bandsOf = (stages: readonly WorkedStage[]): { angleDeg: number; fromMm: number }[] =>
  (stages.find(({ id }) => id === 'thinning')?.cuts ?? [])
    .filter(({ face }) => face.startsWith('right'))
    .map(({ line }, index) => ({
      angleDeg: toDegrees(radians(Math.asin(-line.ny))),
      fromMm: index === 0 ? 0 : (AIMED_AT_MM[index - 1] ?? 0),
    }));

/** A steeper bevel that ends inside the old one leaves the old shoulder, and its thickness, where it was. */
const isInsideOldBevel = (stages: readonly WorkedStage[]): boolean => {
  const edge = stages.find(({ id }) => id === 'edge');
  const old = edge ? topOf(edge.section, ' bevel') : null;
  const fresh = edge ? topOf(edge.section, 'new bevel') : null;
  return old !== null && old > (fresh ?? -Infinity) + 1e-9;
};

/** At the top of the new bevel; on a blade ground on one side from its plane, whatever is hollow in the back. */
const behindEdge = (
  measures: BladeMeasures,
  shape: Shape,
  stages: readonly WorkedStage[],
  bevels: 1 | 2,
): number => {
  if (isInsideOldBevel(stages)) return measures.thicknessBehindEdgeMm;
  const edge = stages.find(({ id }) => id === 'edge')!;
  const top = topOf(edge.section, 'new bevel') ?? shape.bevelHeightMm;
  const across = bevels === 1 ? reachAtMm : thicknessAtMm;
  return across(edge.section, top) ?? 0;
};

/** Width of the new bevel on one side, the wider where they differ. */
const bevelFace = (
  stages: readonly WorkedStage[],
  ground: ReturnType<Craft['groundAt']>,
): number => {
  const edge = stages.find(({ id }) => id === 'edge')!;
  return Math.max(
    ...ground.map(({ side }) => lowestRun(edge.section, `${side} new bevel`)?.widthMm ?? 0),
  );
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
  const median = stationOfZone(stations, zone);
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
    return `For this blade, and for ${use.label.toLowerCase()}, thickness behind the edge is not judged.`;
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
  sums: StageSums,
  notWorked: number,
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
  if (notWorked > 0) {
    warnings.push('At the tip the new bevel would reach the spine; work the tip by eye.');
  }
  if (sums.thinning.mm3 > 0) {
    warnings.push(
      'Thinning changes the look of the blade and takes steel that does not come back: get a yes first.',
    );
  }
  return warnings;
};
