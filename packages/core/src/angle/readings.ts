/**
 * The present angle by any route, each with its uncertainty (one standard deviation), and what several of
 * them say together. Uncertainties of the instruments are first guesses of the trade; they are carried
 * through the formulas to first order.
 */
import { localized } from '../text';
import { fail, mm, ok, perSide, type Result } from '../units';
import { angleFromBevel } from './bevel';
import { gaugeAngle } from './gauge';
import { angleFromLift } from './lift';
import { STRINGS } from './strings';

export const GAUGE_ZEROS = ['the stone', 'the bench', 'another face'] as const;
export const GAUGE_SEATS = ['parallel flats', 'the primary face', 'the bevel itself'] as const;
export const MARKER_FINDINGS = [
  'gone only at the shoulder',
  'gone only at the edge',
  'gone across the bevel',
  'uneven along the edge',
] as const;
export type MarkerFinding = (typeof MARKER_FINDINGS)[number];

export interface MarkerTrial {
  /** Per side. */
  readonly angleDeg: number;
  readonly seen: MarkerFinding;
}

export type AngleReading =
  | { readonly route: 'bevel'; readonly faceMm: number; readonly behindEdgeMm: number }
  | {
      readonly route: 'gauge';
      readonly readingDeg: number;
      readonly zeroed: (typeof GAUGE_ZEROS)[number];
      readonly seat: (typeof GAUGE_SEATS)[number];
      /** Lean of the face it sat on, per side; null takes the one that follows from the measures. */
      readonly leanDeg: number | null;
    }
  | { readonly route: 'marker'; readonly trials: readonly MarkerTrial[] }
  | {
      readonly route: 'maker';
      readonly valueDeg: number;
      readonly as: 'per side' | 'inclusive';
    }
  | { readonly route: 'laser'; readonly spotMm: number; readonly distanceMm: number }
  | {
      /** Raised on the stone until the bevel lies flat: how high the spine's corner stands then. */
      readonly route: 'lift';
      readonly liftMm: number;
      readonly heightMm: number;
      readonly spineThicknessMm: number;
    };

export const ANGLE_ROUTES = ['bevel', 'gauge', 'marker', 'lift', 'maker', 'laser'] as const;
export type AngleRoute = (typeof ANGLE_ROUTES)[number];

export const ROUTE_LABELS: Readonly<Record<AngleRoute, string>> = localized({
  bevel: 'Bevel width and thickness',
  gauge: 'Digital gauge',
  marker: 'Marker test',
  maker: 'Maker’s figure',
  laser: 'Laser',
  lift: 'Lift at which it lies flat',
});

export interface ReadAngle {
  readonly route: AngleRoute;
  readonly perSideDeg: number;
  /** One standard deviation. */
  readonly sigmaDeg: number;
  /** How it came about. */
  readonly text: string;
}

/** A caliper on a bevel's face under a lens, and behind the edge. */
export const BEVEL_FACE_SIGMA_MM = 0.06;
const BEHIND_SIGMA_MM = 0.02;
const GAUGE_SIGMA_DEG = 0.2;
const LEAN_SIGMA_DEG = { known: 0.2, guessed: 0.6 } as const;
/** A gauge that was not zeroed on the stone the blade lies on. */
const ZERO_SIGMA_DEG = { 'the stone': 0.1, 'the bench': 0.5, 'another face': 1 } as const;
const MATCHED_SIGMA_DEG = 0.6;
const UNEVEN_SIGMA_DEG = 1.2;
/** A new edge leaves the works within a degree or so, and has been sharpened since. */
const MAKER_SIGMA_DEG = 1.5;
const SPOT_SIGMA_MM = 1;
const DISTANCE_SIGMA_MM = 2;
/** A spine's corner over the stone, read while the other hand feels the bevel lie flat. */
const LIFT_SIGMA_MM = 0.3;

const DEG = 180 / Math.PI;
const both = (...sigmas: readonly number[]): number => Math.hypot(...sigmas);

const fromBevel = (faceMm: number, behindEdgeMm: number, bevels: 1 | 2): Result<ReadAngle> => {
  const shoulder = behindEdgeMm / bevels;
  const bevel = angleFromBevel(mm(faceMm), mm(shoulder));
  if (!bevel.ok) return fail(bevel.error.code, bevel.error.message, 'faceMm');
  const cos = Math.max(0.05, Math.sqrt(Math.max(0, 1 - (shoulder / faceMm) ** 2)));
  return ok({
    route: 'bevel',
    perSideDeg: bevel.value.angle,
    sigmaDeg:
      DEG *
      both(
        BEHIND_SIGMA_MM / bevels / (faceMm * cos),
        (shoulder * BEVEL_FACE_SIGMA_MM) / (faceMm ** 2 * cos),
      ),
    text: STRINGS.asinFromAndTheWidthOf(
      shoulder.toFixed(3),
      faceMm,
      bevels === 2 ? STRINGS.halfTheThicknessBehindTheEdge : STRINGS.theThicknessAtTheShoulder,
    ),
  });
};

/** What the marker trials leave open: above the highest that was too low, below the lowest too high. */
export interface MarkerBracket {
  readonly aboveDeg: number | null;
  readonly belowDeg: number | null;
  readonly matchedDeg: number | null;
  readonly uneven: boolean;
}

export const markerBracket = (trials: readonly MarkerTrial[]): MarkerBracket => {
  const of = (seen: MarkerFinding): number[] =>
    trials.filter((trial) => trial.seen === seen).map(({ angleDeg }) => angleDeg);
  // Too low a setting rubs the shoulder alone; too high the very edge.
  const tooLow = of('gone only at the shoulder');
  const tooHigh = of('gone only at the edge');
  const matched = of('gone across the bevel');
  return {
    aboveDeg: tooLow.length > 0 ? Math.max(...tooLow) : null,
    belowDeg: tooHigh.length > 0 ? Math.min(...tooHigh) : null,
    matchedDeg:
      matched.length > 0 ? matched.reduce((sum, each) => sum + each, 0) / matched.length : null,
    uneven: trials.at(-1)?.seen === 'uneven along the edge',
  };
};

export interface MarkerAdvice {
  readonly nextDeg: number | null;
  readonly text: string;
}

const FIRST_STEP_DEG = 2;

/**
 * What to try next: wide at first, then half way between what was too low and what was too high, until the
 * ink goes across the whole bevel.
 *
 * @example
 * markerAdvice([], 18).nextDeg; // 18
 */
export const markerAdvice = (trials: readonly MarkerTrial[], startDeg: number): MarkerAdvice => {
  if (trials.length === 0) {
    return {
      nextDeg: startDeg,
      text: STRINGS.colourTheBevelOneLightPass(startDeg.toFixed(1)),
    };
  }
  const { aboveDeg, belowDeg, matchedDeg, uneven } = markerBracket(trials);
  if (uneven) {
    return {
      nextDeg: trials.at(-1)!.angleDeg,
      text: STRINGS.goneHereAndLeftThereThe,
    };
  }
  if (matchedDeg !== null)
    return { nextDeg: null, text: STRINGS.matchedAtDegreesPerSide(matchedDeg.toFixed(1)) };
  if (aboveDeg !== null && belowDeg !== null) {
    if (aboveDeg >= belowDeg) {
      return {
        nextDeg: (aboveDeg + belowDeg) / 2,
        text: STRINGS.degreesWasFoundTooLowAnd(aboveDeg, belowDeg),
      };
    }
    const next = (aboveDeg + belowDeg) / 2;
    return {
      nextDeg: next,
      text: STRINGS.betweenDegreesAndDegreesTryDegrees(aboveDeg, belowDeg, next.toFixed(1)),
    };
  }
  if (aboveDeg !== null)
    return {
      nextDeg: aboveDeg + FIRST_STEP_DEG,
      text: STRINGS.onlyTheShoulderWasRubbedToo((aboveDeg + FIRST_STEP_DEG).toFixed(1)),
    };
  return {
    nextDeg: Math.max(3, belowDeg! - FIRST_STEP_DEG),
    text: STRINGS.onlyTheVeryEdgeWasRubbed(Math.max(3, belowDeg! - FIRST_STEP_DEG).toFixed(1)),
  };
};

const fromMarker = (trials: readonly MarkerTrial[]): Result<ReadAngle> => {
  const { aboveDeg, belowDeg, matchedDeg, uneven } = markerBracket(trials);
  if (matchedDeg !== null) {
    return ok({
      route: 'marker',
      perSideDeg: matchedDeg,
      sigmaDeg: uneven ? UNEVEN_SIGMA_DEG : MATCHED_SIGMA_DEG,
      text: STRINGS.inkGoneAcrossTheBevelAt(matchedDeg.toFixed(1)),
    });
  }
  if (aboveDeg === null || belowDeg === null || aboveDeg >= belowDeg) {
    return fail('INVALID_INPUT', STRINGS.theMarkerTrialsDoNotClose, 'trials');
  }
  // Anywhere between the two is as likely: a rectangle's standard deviation.
  return ok({
    route: 'marker',
    perSideDeg: (aboveDeg + belowDeg) / 2,
    sigmaDeg: both((belowDeg - aboveDeg) / Math.sqrt(12), MATCHED_SIGMA_DEG / 2),
    text: STRINGS.tooLowAtDegreesTooHigh(aboveDeg, belowDeg),
  });
};

const fromLift = (
  { liftMm, heightMm, spineThicknessMm }: Extract<AngleReading, { route: 'lift' }>,
  bevels: 1 | 2,
): Result<ReadAngle> => {
  // Two bevels are taken from the middle plane; a single one from the flat side.
  const offsetMm = spineThicknessMm / bevels;
  const angle = angleFromLift(mm(heightMm), mm(offsetMm), mm(liftMm));
  if (!angle.ok) return angle;
  // dθ/dL = 1/√(reach² − L²), and it goes to infinity where the blade stands upright.
  const run = Math.sqrt(Math.max(1, heightMm ** 2 + offsetMm ** 2 - liftMm ** 2));
  return ok({
    route: 'lift',
    perSideDeg: angle.value,
    sigmaDeg: (DEG * LIFT_SIGMA_MM) / run,
    text: STRINGS.theBevelLiesFlatWithThe(liftMm, heightMm),
  });
};

/**
 * One reading as an angle per side. `primaryDeg` is the lean of the primary face from the measures: a gauge
 * zeroed on the stone and read on the face that looks up reads too much by that, one zeroed on that face
 * too little. Errors: IMPOSSIBLE_BEVEL, INVALID_INPUT, OUT_OF_RANGE,
 * with the field at fault.
 *
 * @example
 * readAngle({ route: 'maker', valueDeg: 34, as: 'inclusive' }, 2).ok; // true
 */
export const readAngle = (
  reading: AngleReading,
  primaryDeg: number,
  /** One where one side is ground against a plane. */
  bevels: 1 | 2 = 2,
): Result<ReadAngle> => {
  switch (reading.route) {
    case 'bevel':
      return fromBevel(reading.faceMm, reading.behindEdgeMm, bevels);
    case 'gauge': {
      const usual = { 'parallel flats': 0, 'the primary face': primaryDeg, 'the bevel itself': 0 };
      const lean = reading.leanDeg ?? usual[reading.seat];
      const onFace = reading.zeroed === 'another face';
      const angle = gaugeAngle(reading.readingDeg, 0, onFace ? -lean : lean);
      if (angle <= 0 || angle >= 90)
        return fail(
          'OUT_OF_RANGE',
          STRINGS.degreesWithALeanOfDegrees(reading.readingDeg, lean.toFixed(1)),
          'readingDeg',
        );
      const leanSigma =
        reading.seat !== 'the primary face' || reading.leanDeg !== null
          ? LEAN_SIGMA_DEG.known
          : LEAN_SIGMA_DEG.guessed;
      return ok({
        route: 'gauge',
        perSideDeg: angle,
        sigmaDeg: both(GAUGE_SIGMA_DEG, leanSigma, ZERO_SIGMA_DEG[reading.zeroed]),
        text: STRINGS.degreesReadOnZeroedOn(
          reading.readingDeg,
          reading.seat,
          reading.zeroed,
          lean === 0
            ? ''
            : STRINGS.degreesForTheLeanOfThat(onFace ? STRINGS.and : STRINGS.less, lean.toFixed(1)),
        ),
      });
    }
    case 'marker':
      return fromMarker(reading.trials);
    case 'lift':
      return fromLift(reading, bevels);
    case 'maker':
      return ok({
        route: 'maker',
        perSideDeg: perSide(
          reading.as === 'inclusive' ? reading.valueDeg / bevels : reading.valueDeg,
        ),
        sigmaDeg: MAKER_SIGMA_DEG,
        text: STRINGS.degreesByItsMakerWhenIt(reading.valueDeg, reading.as),
      });
    case 'laser': {
      // The beam grazes the face at θ and leaves it at θ again: it is turned by 2θ.
      const turn = Math.atan2(reading.spotMm, reading.distanceMm);
      const reach = reading.distanceMm ** 2 + reading.spotMm ** 2;
      return ok({
        route: 'laser',
        perSideDeg: (turn * DEG) / 2,
        sigmaDeg:
          (DEG / 2) *
          both(
            (reading.distanceMm * SPOT_SIGMA_MM) / reach,
            (reading.spotMm * DISTANCE_SIGMA_MM) / reach,
          ),
        text: STRINGS.halfOfAtanTheFaceTurns(reading.spotMm, reading.distanceMm),
      });
    }
  }
};

export interface Disagreement {
  readonly between: readonly [AngleRoute, AngleRoute];
  readonly byDeg: number;
  readonly trust: AngleRoute;
  readonly text: string;
}

export interface CombinedAngle {
  readonly perSideDeg: number;
  readonly sigmaDeg: number;
  readonly disagreements: readonly Disagreement[];
}

/** Two readings disagree beyond twice their common standard deviation. */
const COVERAGE = 2;

/**
 * Weighted by 1/σ²; where two disagree, the less certain one is said not to be trusted, and left out of the
 * mean. Null without a reading.
 *
 * @example
 * combineAngles([]); // null
 */
export const combineAngles = (readings: readonly ReadAngle[]): CombinedAngle | null => {
  if (readings.length === 0) return null;
  const disagreements: Disagreement[] = [];
  const doubted = new Set<ReadAngle>();
  const bySigma = [...readings].sort((a, b) => a.sigmaDeg - b.sigmaDeg);
  bySigma.forEach((sure, index) => {
    for (const other of bySigma.slice(index + 1)) {
      const byDeg = Math.abs(sure.perSideDeg - other.perSideDeg);
      if (byDeg <= COVERAGE * both(sure.sigmaDeg, other.sigmaDeg) || doubted.has(sure)) continue;
      doubted.add(other);
      const halved =
        Math.abs(other.perSideDeg / sure.perSideDeg - 2) < 0.2 ||
        Math.abs(sure.perSideDeg / other.perSideDeg - 2) < 0.2;
      disagreements.push({
        between: [sure.route, other.route],
        byDeg,
        trust: sure.route,
        text: STRINGS.andAreDegreesApartMoreThan(
          ROUTE_LABELS[sure.route],
          ROUTE_LABELS[other.route].toLowerCase(),
          byDeg.toFixed(1),
          sure.sigmaDeg.toFixed(1),
          halved ? STRINGS.oneIsAboutTwiceTheOther : '',
        ),
      });
    }
  });
  const kept = readings.filter((each) => !doubted.has(each));
  const weights = kept.map(({ sigmaDeg }) => 1 / sigmaDeg ** 2);
  const total = weights.reduce((sum, each) => sum + each, 0);
  return {
    perSideDeg:
      kept.reduce((sum, each, index) => sum + each.perSideDeg * weights[index]!, 0) / total,
    sigmaDeg: 1 / Math.sqrt(total),
    disagreements,
  };
};

/** What a single figure that somebody read and wrote down may be off, and one that nobody read. */
const READ_SIGMA_DEG = 0.5;
const ASSUMED_SIGMA_DEG = 3;

/**
 * How far the present angle may be off: by the readings kept, or by how the one figure came about.
 *
 * @example
 * presentAngleSigmaDeg([], { assumed: true, bevelFaceMm: null }, 2) > 0; // true
 */
export const presentAngleSigmaDeg = (
  readings: readonly AngleReading[],
  known: {
    readonly assumed: boolean;
    readonly bevelFaceMm: number | null;
    readonly behindEdgeMm: number;
  },
  primaryDeg: number,
  bevels: 1 | 2 = 2,
): number => {
  const read = readings.flatMap((reading): ReadAngle[] => {
    const result = readAngle(reading, primaryDeg, bevels);
    return result.ok ? [result.value] : [];
  });
  const combined = combineAngles(read);
  if (combined) return combined.sigmaDeg;
  if (known.assumed) return ASSUMED_SIGMA_DEG;
  if (known.bevelFaceMm === null) return READ_SIGMA_DEG;
  const bevel = fromBevel(known.bevelFaceMm, known.behindEdgeMm, bevels);
  return bevel.ok ? bevel.value.sigmaDeg : READ_SIGMA_DEG;
};
