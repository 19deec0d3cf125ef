/** The stations of the edge after the work, and how far the spine is lifted at each for an angle. */
import { perSide, type Why } from '../../units';
import { ZONES, type Zone } from '../../geometry';
import { stationsAlongEdge, type EdgeCurves, type Station } from '../../outline';
import { stationOfZone } from '../../blade';
import type { HeldSide } from '../../machine';
import { STATIONS } from './along';
import type { GroundSide } from './blade-work';
import { LEAST_HEIGHT_TO_LIFT_MM } from './first-guesses';
import type { CutStrategy } from './cut-strategy';
import { STRINGS } from './strings';

export interface Lifts {
  readonly stationsAt: (angleDeg: number) => readonly Station[];
  readonly liftsAt: (angleDeg: number) => readonly ZoneLift[];
  /** Where one lift for a zone would not do; empty for other kinds. */
  readonly stationLiftsAt: (angleDeg: number) => readonly StationLift[];
}

/** Every so many stations a lift is told. */
const TOLD_EVERY = 5;

/** Lifts over the curves as they are after the work, with the spine corner where the kind has it. */
export const liftsOver = (curves: EdgeCurves, strategy: CutStrategy): Lifts => {
  const offsets: EdgeCurves = {
    ...curves,
    thickness: curves.thickness.map(([z, thickness]) => [z, 2 * strategy.spineOffsetMm(thickness)]),
  };
  const known = new Map<number, readonly Station[]>();
  const stationsAt = (angleDeg: number): readonly Station[] => {
    const held =
      known.get(angleDeg) ??
      stationsAlongEdge(offsets, perSide(angleDeg), STATIONS).map((station) =>
        station.heightMm < LEAST_HEIGHT_TO_LIFT_MM ? { ...station, liftMm: null } : station,
      );
    known.set(angleDeg, held);
    return held;
  };
  return {
    stationsAt,
    liftsAt: (angleDeg) => liftsOfZones({ angleDeg, stations: stationsAt(angleDeg) }),
    stationLiftsAt: (angleDeg) =>
      strategy.byStation
        ? stationsAt(angleDeg).flatMap(({ sMm, liftMm }, index) =>
            index % TOLD_EVERY === 0 && liftMm !== null ? [{ sMm, liftMm }] : [],
          )
        : [],
  };
};

/** A lift for each zone, of what is held at one angle. */
export const liftsOfZones = ({
  angleDeg,
  stations,
}: Pick<HeldSide, 'angleDeg' | 'stations'>): readonly ZoneLift[] =>
  ZONES.map((zone) => liftInZone(stations, zone, angleDeg));

/** One for each angle the sides are held at. */
export const heldSides = ({ stationsAt }: Lifts, ground: readonly GroundSide[]): HeldSide[] => {
  const alike = ground.every(({ angleDeg }) => angleDeg === ground[0]!.angleDeg);
  return (alike ? ground.slice(0, 1) : ground).map(({ side, angleDeg }) => ({
    side: alike ? null : side,
    angleDeg,
    stations: stationsAt(angleDeg),
  }));
};

/** Median lift of a zone's stations: the one to hold there. */
const liftInZone = (stations: readonly Station[], zone: Zone, angleDeg: number): ZoneLift => {
  const median = stationOfZone(stations, zone);
  if (!median) return { zone, liftMm: null, why: null };
  return {
    zone,
    liftMm: median.liftMm,
    why: {
      rule: STRINGS.howFarTheSpineIsLifted,
      formula: STRINGS.lHSinThetaXCos,
      inputs: [
        { label: STRINGS.hEdgeToSpine, value: median.heightMm, unit: 'mm' },
        { label: STRINGS.xHalfTheSpine, value: median.thicknessMm / 2, unit: 'mm' },
        { label: 'θ', value: angleDeg, unit: '° per side' },
        { label: STRINGS.itWouldRestAt, value: median.restingAngleDeg, unit: '° per side' },
      ],
      source: STRINGS.geometryOfTheSection,
    },
  };
};

export interface ZoneLift {
  readonly zone: Zone;
  /** Null where the zone is too low to be held by lift. */
  readonly liftMm: number | null;
  /** How the lift comes about; null with it. */
  readonly why: Why | null;
}

/** Lift at a station: where one lift for a zone would not do. */
export interface StationLift {
  readonly sMm: number;
  readonly liftMm: number;
}
