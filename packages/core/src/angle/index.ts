/** Lift, bevel and every way of holding an angle. */
export { beltBevel, wheelBevel } from './belt-and-wheel';
export { angleFromBevel } from './bevel';
export { clampAngles, evenestSlide, matchingSlide, pivotForAngle } from './clamp';
export { convexEdge } from './convex';
export {
  findAngle,
  INK_PLACES,
  INK_SEEN,
  type AngleCorrection,
  type InkAlong,
  type InkPlace,
  type InkSeen,
} from './find-angle';
export { gaugeReading } from './gauge';
export {
  gaugeSummary,
  GaugeTracker,
  RECORDING_HEAD,
  recordingCsv,
  recordingOf,
  type GaugeNow,
  type GaugeSample,
  type GaugeSettings,
  type GaugeStroke,
  type GaugeSummary,
} from './gauge-strokes';
export { angleFromLift, liftFor, restingAngle } from './lift';
export { railAngle } from './rail';
export {
  ANGLE_ROUTES,
  BEVEL_FACE_SIGMA_MM,
  combineAngles,
  GAUGE_SEATS,
  GAUGE_ZEROS,
  MARKER_FINDINGS,
  markerAdvice,
  presentAngleSigmaDeg,
  readAngle,
  ROUTE_LABELS,
  type AngleReading,
  type AngleRoute,
  type MarkerFinding,
  type MarkerTrial,
  type ReadAngle,
} from './readings';
export { razorAngle, restingOnSide, type SideContact } from './resting';
export { shimsFor, type ShimCount } from './shims';
export { wobbleOf } from './wobble';
