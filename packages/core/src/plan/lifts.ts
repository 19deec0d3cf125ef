/** The stations of the edge after the work, and how far the spine is lifted at each for an angle. */
import { ZONES, type Zone } from '../blade/outline';
import { stationOfZone } from '../blade/zone-station';
import { stationsAlongEdge, type EdgeCurves, type Station } from '../outline/stations';
import { perSide } from '../units/quantities';
import { STATIONS } from './along';
import type { HeldSide } from '../machine/holding';
import type { Craft } from './kinds/craft';
import type { GroundSide } from './work';
import type { StationLift, ZoneLift } from './steps';

export interface Lifts {
  readonly stationsAt: (angleDeg: number) => readonly Station[];
  readonly liftsAt: (angleDeg: number) => readonly ZoneLift[];
  /** Where one lift for a zone would not do; empty for other kinds. */
  readonly stationLiftsAt: (angleDeg: number) => readonly StationLift[];
}

/** Every so many stations a lift is told. */
const TOLD_EVERY = 5;

/** Lifts over the curves as they are after the work, with the spine corner where the kind has it. */
export const liftsOver = (curves: EdgeCurves, craft: Craft): Lifts => {
  const offsets: EdgeCurves = {
    ...curves,
    thickness: curves.thickness.map(([z, thickness]) => [z, 2 * craft.spineOffsetMm(thickness)]),
  };
  const known = new Map<number, readonly Station[]>();
  const stationsAt = (angleDeg: number): readonly Station[] => {
    const held = known.get(angleDeg) ?? stationsAlongEdge(offsets, perSide(angleDeg), STATIONS);
    known.set(angleDeg, held);
    return held;
  };
  return {
    stationsAt,
    liftsAt: (angleDeg) => liftsOfZones({ angleDeg, stations: stationsAt(angleDeg) }),
    stationLiftsAt: (angleDeg) =>
      craft.byStation
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
