/**
 * The computation by name, as it is called from outside: each operation reads its fields and calls the
 * function of the craft that does it. Angles in degrees per side, lengths in mm, unless the name says otherwise.
 */
import { fail, inclusiveOf, micrometres, mm, ok, perSide, type Result } from '../units';
import { flatGrind, rebevel, thin, type FlatGrind } from '../section';
import {
  angleFromBevel,
  angleFromLift,
  beltBevel,
  clampAngles,
  convexEdge,
  evenestSlide,
  liftFor,
  railAngle,
  razorAngle,
  restingAngle,
  restingOnSide,
  shimsFor,
  wheelBevel,
  wobbleOf,
  type SideContact,
} from '../angle';
import { repairOutline, stationsAlongEdge } from '../outline';
import {
  ABRASIVES,
  chooseProgression,
  GRIT_SCALES,
  micrometresOf,
  nearestGrits,
  type RackEntry,
} from '../abrasive';
import { hollowAfter, moveShinogi, tapMm, visitsWithRim } from '../one-sided';
import { fitScallop } from '../serration';
import { wearOverVisits } from '../wear';
import { HELD_ANGLE, NOT_NEGATIVE, POSITIVE, refuse, type Reader } from './reader';

type Answer = Result<Readonly<Record<string, unknown>>>;
type Operation = (input: Reader) => Answer;

const then = <T>(
  result: Result<T>,
  answer: (value: T) => Readonly<Record<string, unknown>>,
): Answer => (result.ok ? ok(answer(result.value)) : result);

export const readSection = (input: Reader): Result<FlatGrind> => {
  const section = input.object('section');
  const measures = {
    heightMm: section.number('heightMm', POSITIVE),
    spineThicknessMm: section.number('spineThicknessMm', POSITIVE),
    grindHeightMm: section.number('grindHeightMm', POSITIVE),
    thicknessBehindEdgeMm: section.number('thicknessBehindEdgeMm', POSITIVE),
    angleDeg: section.number('angleDeg', HELD_ANGLE),
  };
  section.end();
  if (measures.grindHeightMm > measures.heightMm) {
    refuse(
      'section.grindHeightMm',
      `section.grindHeightMm must be at most heightMm, ${measures.heightMm}; ${measures.grindHeightMm} was given`,
    );
  }
  return flatGrind(measures);
};

const lift: Operation = (input) => {
  const height = mm(input.number('heightMm', POSITIVE));
  const offset = mm(input.number('spineOffsetMm', NOT_NEGATIVE));
  const angle = perSide(input.number('angleDeg', { min: 0, max: 90 }));
  input.end();
  return then(liftFor(height, offset, angle), (liftMm) => ({
    restingAngleDeg: restingAngle(height, offset),
    liftMm,
  }));
};

const angleOfLift: Operation = (input) => {
  const height = mm(input.number('heightMm', POSITIVE));
  const offset = mm(input.number('spineOffsetMm', NOT_NEGATIVE));
  const liftMm = mm(input.number('liftMm', NOT_NEGATIVE));
  input.end();
  return then(angleFromLift(height, offset, liftMm), (angleDeg) => ({
    restingAngleDeg: restingAngle(height, offset),
    angleDeg,
  }));
};

const resting: Operation = (input) => {
  const side: readonly SideContact[] = input.points('side', 1);
  input.end();
  side.forEach(([y, x], index) => {
    if (y <= (side[index - 1]?.[0] ?? 0))
      refuse('side', `side: heights must be above 0 and grow; ${y} does not`);
    if (x < 0) refuse('side', `side: a distance must be at least 0; ${x} was given`);
  });
  const { angle, contact, spineGapMm } = restingOnSide(side);
  return ok({ restingAngleDeg: angle, contactMm: contact, spineGapMm });
};

const razor: Operation = (input) => {
  const widthMm = input.number('widthMm', POSITIVE);
  const spineMm = input.number('spineThicknessMm', POSITIVE);
  const layers = input.optional('tapeLayers', 0, { min: 0, whole: true });
  // Without layers the thickness of the tape says nothing, but it may be there.
  const tapeMm =
    layers > 0 || input.has('tapeThicknessMm') ? input.number('tapeThicknessMm', POSITIVE) : 0;
  input.end();
  const angle = razorAngle(widthMm, spineMm, layers * tapeMm);
  return ok({ angleDeg: angle, inclusiveDeg: inclusiveOf(angle, angle) });
};

const angleOfBevel: Operation = (input) => {
  const face = mm(input.number('bevelFaceMm', POSITIVE));
  const shoulder = mm(input.number('shoulderMm', POSITIVE));
  input.end();
  return then(angleFromBevel(face, shoulder), ({ angle, bevelHeight }) => ({
    angleDeg: angle,
    bevelHeightMm: bevelHeight,
  }));
};

const shims: Operation = (input) => {
  const height = mm(input.number('heightMm', POSITIVE));
  const offset = mm(input.number('spineOffsetMm', NOT_NEGATIVE));
  const angle = perSide(input.number('angleDeg', { min: 0, max: 90 }));
  const shim = mm(input.number('shimMm', POSITIVE));
  input.end();
  return then(shimsFor(height, offset, angle, shim), (found) => ({ ...found }));
};

const alongEdge: Operation = (input) => {
  const edge = input.curve('edge', 2);
  const spine = input.curve('spine', 2);
  const thickness = input.curve('thickness', 1);
  const angle = perSide(input.number('angleDeg', HELD_ANGLE));
  const count = input.number('stations', { min: 2, max: 10_000, whole: true });
  input.end();
  thickness.forEach(([, t], index) => {
    if (t <= 0)
      refuse(`thickness[${index}][1]`, `thickness[${index}][1] must be above 0; ${t} was given`);
  });
  return ok({ stations: stationsAlongEdge({ edge, spine, thickness }, angle, count) });
};

const rail: Operation = (input) => {
  const distance = input.numberOrList('distanceMm', POSITIVE);
  const offset = input.numberOrList('offsetMm', NOT_NEGATIVE);
  input.end();
  if (!Array.isArray(distance) && !Array.isArray(offset)) {
    return ok({ angleDeg: railAngle(distance, offset) });
  }
  if (!Array.isArray(distance) || !Array.isArray(offset) || distance.length !== offset.length) {
    return refuse('offsetMm', 'offsetMm must hold as many numbers as distanceMm');
  }
  return ok({ angleDeg: distance.map((each, index) => railAngle(each, offset[index]!)) });
};

const clamp: Operation = (input) => {
  const edge = input.curve('edge', 2);
  const [xMm, yMm, zMm] = input.tuple('pivot', 3) as [number, number, number];
  const faceOffsetMm = input.optional('faceOffsetMm', 0, NOT_NEGATIVE);
  const limits = input.has('slideMm') ? input.range('slideMm') : null;
  input.end();
  if (xMm <= 0)
    refuse(
      'pivot',
      `pivot must stand off the blade plane: its x must be above 0; ${xMm} was given`,
    );
  if (faceOffsetMm >= xMm) {
    return fail(
      'OUT_OF_RANGE',
      `A stone's face ${faceOffsetMm} mm inside the rod never reaches a blade ${xMm} mm away`,
      'faceOffsetMm',
    );
  }
  const pivot = { xMm, yMm, zMm };
  const here = clampAngles(edge, pivot, faceOffsetMm);
  return ok(
    limits ? { ...here, best: evenestSlide(edge, pivot, faceOffsetMm, limits) } : { ...here },
  );
};

const wheel: Operation = (input) => {
  const face = mm(input.number('bevelFaceMm', POSITIVE));
  const radius = mm(input.number('wheelRadiusMm', POSITIVE));
  const angle = perSide(input.number('angleDeg', HELD_ANGLE));
  input.end();
  return then(wheelBevel(face, radius, angle), ({ apexAngle, hollowDepthMm }) => ({
    apexAngleDeg: apexAngle,
    hollowDepthMm,
  }));
};

const belt: Operation = (input) => {
  const face = mm(input.number('bevelFaceMm', POSITIVE));
  const radius = mm(input.number('sagRadiusMm', POSITIVE));
  const angle = perSide(input.number('angleDeg', HELD_ANGLE));
  input.end();
  const { apexAngle, shoulderAngle } = beltBevel(face, radius, angle);
  return ok({ apexAngleDeg: apexAngle, shoulderAngleDeg: shoulderAngle });
};

const convex: Operation = (input) => {
  const shoulder = mm(input.number('shoulderMm', POSITIVE));
  const shoulderAngle = perSide(input.number('shoulderAngleDeg', { min: 0, below: 90 }));
  const apexAngle = perSide(input.number('apexAngleDeg', HELD_ANGLE));
  const facets = input.number('facets', { min: 2, max: 1000, whole: true });
  input.end();
  return then(convexEdge(shoulder, shoulderAngle, apexAngle, facets), (edge) => ({
    radiusMm: edge.radiusMm,
    bevelHeightMm: edge.bevelHeightMm,
    facets: edge.facets.map(({ angle, widthMm }) => ({ angleDeg: angle, widthMm })),
  }));
};

const setBevel: Operation = (input) => {
  const blade = readSection(input);
  const rise = mm(input.number('apexRiseMm', NOT_NEGATIVE));
  const angle = perSide(input.number('angleDeg', HELD_ANGLE));
  input.end();
  if (!blade.ok) return blade;
  return then(rebevel(blade.value, rise, angle), (done) => ({
    removedAreaMm2: done.removedAreaMm2,
    thicknessBehindEdgeMm: done.thicknessBehindEdgeMm,
    bevelFaceMm: done.bevelFaceMm,
    bevelHeightMm: done.bevelHeightMm,
    heightMm: done.heightMm,
  }));
};

/** Heights above the apex at which thickness is reported, mm. */
const THICKNESS_AT_MM = [5, 10, 20] as const;

const thinBlade: Operation = (input) => {
  const blade = readSection(input);
  const kept = mm(input.number('keptMm', NOT_NEGATIVE));
  const angle = perSide(input.number('angleDeg', HELD_ANGLE));
  input.end();
  if (!blade.ok) return blade;
  return then(thin(blade.value, kept, angle), (done) => ({
    removedAreaMm2: done.removedAreaMm2,
    thicknessAtMm: Object.fromEntries(THICKNESS_AT_MM.map((y) => [String(y), done.thicknessAt(y)])),
    upperMeetMm: done.upperMeetMm,
  }));
};

const outline: Operation = (input) => {
  const edge = input.curve('edge', 2);
  const damage = input.objects('damage').map((each) => {
    const found = {
      fromMm: each.number('fromMm'),
      toMm: each.number('toMm'),
      depthMm: each.number('depthMm', NOT_NEGATIVE),
    };
    each.end();
    if (found.fromMm > found.toMm) {
      const field = each.pathOf('fromMm');
      refuse(field, `${field}: ${found.fromMm} is beyond toMm, ${found.toMm}`);
    }
    return found;
  });
  const allowRecurve = input.yesOrNo('allowRecurve', false);
  input.end();
  return then(repairOutline(edge, damage, allowRecurve), (repair) => ({ ...repair }));
};

const shinogi: Operation = (input) => {
  const angle = perSide(input.number('angleDeg', HELD_ANGLE));
  const lean = perSide(input.number('faceLeanDeg', { above: -90, below: 90 }));
  const height = mm(input.number('shinogiHeightMm', POSITIVE));
  const rise = mm(input.number('apexRiseMm', NOT_NEGATIVE));
  input.end();
  return then(moveShinogi(angle, lean, height, rise), (moved) => ({ ...moved }));
};

const hollowBack: Operation = (input) => {
  const back = {
    radiusMm: input.number('hollowRadiusMm', POSITIVE),
    depthMm: input.number('hollowDepthMm', POSITIVE),
    edgeRimMm: input.number('edgeRimMm', NOT_NEGATIVE),
  };
  const visit = {
    backRemovedMm: input.number('backRemovedMm', NOT_NEGATIVE),
    apexRiseMm: input.number('apexRiseMm', NOT_NEGATIVE),
  };
  const wanted = input.has('rimWantedMm') ? input.number('rimWantedMm', NOT_NEGATIVE) : null;
  input.end();
  if (back.depthMm > back.radiusMm) {
    refuse(
      'hollowDepthMm',
      `hollowDepthMm must be at most hollowRadiusMm, ${back.radiusMm}; ${back.depthMm} was given`,
    );
  }
  const after = hollowAfter(back, visit, 1);
  return ok({
    chordMm: after.chordMm,
    hollowDepthMm: after.depthMm,
    edgeRimMm: after.edgeRimMm,
    visitsLeft: visitsWithRim(back, visit),
    ...(wanted === null ? {} : { tapMm: tapMm(back, wanted) }),
  });
};

const wear: Operation = (input) => {
  const blade = readSection(input);
  const rise = input.number('apexRisePerVisitMm', NOT_NEGATIVE);
  const limit = input.number('limitBehindEdgeMm', POSITIVE);
  const minHeight = input.number('minHeightMm', NOT_NEGATIVE);
  input.end();
  if (!blade.ok) return blade;
  return ok({ ...wearOverVisits(blade.value, rise, limit, minHeight) });
};

const serration: Operation = (input) => {
  const pitch = mm(input.number('pitchMm', POSITIVE));
  const depth = mm(input.number('depthMm', POSITIVE));
  const angle = perSide(input.number('angleDeg', HELD_ANGLE));
  const length = mm(input.number('edgeLengthMm', POSITIVE));
  const rods = input.numbers('rodDiametersMm', POSITIVE);
  input.end();
  return ok({ ...fitScallop(pitch, depth, angle, length, rods) });
};

const wobble: Operation = (input) => {
  const angles = input.numbers('anglesDeg', { min: -90, max: 90 }, 2);
  input.end();
  const { mean, sdDeg, apex, shoulder } = wobbleOf(angles);
  return ok({ meanDeg: mean, sdDeg, apexDeg: apex, shoulderDeg: shoulder });
};

const grit: Operation = (input) => {
  const byNumber = input.has('scale') || input.has('grit');
  if (byNumber && input.has('um'))
    refuse('um', 'um: give either a scale and its grit, or micrometres, not both');
  if (!byNumber) {
    const um = micrometres(input.number('um', POSITIVE));
    input.end();
    return ok({ um, nearest: nearestGrits(um) });
  }
  const scale = input.oneOf('scale', GRIT_SCALES);
  const number = input.number('grit', POSITIVE);
  input.end();
  return then(micrometresOf(scale, number), (um) => ({ um, nearest: nearestGrits(um) }));
};

const readRack = (input: Reader): RackEntry[] => {
  const rack = input.objects('rack').map((entry) => {
    const read = {
      id: entry.text('id'),
      um: entry.number('um', POSITIVE),
      abrasive: entry.oneOf('abrasive', ABRASIVES),
      cutFactor: entry.optional('cutFactor', 1, POSITIVE),
      scratchFactor: entry.optional('scratchFactor', 1, NOT_NEGATIVE),
      changeSeconds: entry.optional('changeSeconds', 0, NOT_NEGATIVE),
    };
    entry.end();
    return read;
  });
  rack.forEach(({ id }, index) => {
    if (rack.findIndex((other) => other.id === id) !== index) {
      refuse(`rack[${index}].id`, `rack[${index}].id: ${id} is there twice`);
    }
  });
  return rack;
};

const progression: Operation = (input) => {
  const steelReader = input.object('steel');
  const wearFactor = steelReader.number('wearFactor', POSITIVE);
  const steel = {
    wearFactor,
    wearFactorDiamond: steelReader.optional('wearFactorDiamond', wearFactor, POSITIVE),
  };
  steelReader.end();
  const rack = readRack(input);
  const workReader = input.object('work');
  const work = {
    stockMm3: workReader.number('stockMm3', NOT_NEGATIVE),
    faceAreaMm2: workReader.number('faceAreaMm2', NOT_NEGATIVE),
  };
  workReader.end();
  const strokeReader = input.object('stroke');
  const forceN = strokeReader.number('forceN', POSITIVE);
  const speedMPerS = strokeReader.number('speedMPerS', POSITIVE);
  strokeReader.end();
  const finishUm = input.range('finishUm', POSITIVE);
  const maxRatio = input.has('maxRatio') ? input.number('maxRatio', { min: 1 }) : undefined;
  const first = input.has('first') ? input.text('first') : undefined;
  const skip = input.has('skip') ? input.texts('skip') : undefined;
  input.end();
  const stroke = { forceN: () => forceN, speedMPerS };
  return then(
    chooseProgression({ steel, rack, work, stroke, finishUm, maxRatio, first, skip }),
    (chosen) => ({ ...chosen }),
  );
};

export const OPERATIONS = {
  lift,
  'angle-from-lift': angleOfLift,
  resting,
  razor,
  'angle-from-bevel': angleOfBevel,
  shims,
  'along-edge': alongEdge,
  rail,
  clamp,
  wheel,
  belt,
  convex,
  rebevel: setBevel,
  thin: thinBlade,
  'outline-repair': outline,
  shinogi,
  'hollow-back': hollowBack,
  wear,
  serration,
  wobble,
  grit,
  progression,
} satisfies Readonly<Record<string, Operation>>;

export type OperationName = keyof typeof OPERATIONS;
export const OPERATION_NAMES = Object.keys(OPERATIONS) as OperationName[];
