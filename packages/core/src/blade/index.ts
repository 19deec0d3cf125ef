/** Kinds of blade, uses, measures and conditions: data with reasons. */
export { compareCondition, DAMAGE_WORDS } from './condition';
export { isMeasured, lengthSigmaMm, MEASURED_WITH, type MeasuredWith } from './instruments';
export {
  bevelsOf,
  BLADE_KIND_IDS,
  BLADE_KINDS,
  bladeKind,
  isOneSided,
  type BladeKind,
  type Grind,
} from './kinds';
export {
  DAMAGE_KINDS,
  BLADE_EDGES,
  DAMAGE_SIDES,
  type BladeEdge,
  hasDepth,
  MEASURE_FIELDS,
  SHARPNESS,
  TRACE_SOURCES,
  type BladeMeasures,
  type Damage,
  type DamageKind,
  type DamageSide,
  type MeasureField,
  type Sharpness,
  type TracedOutline,
  type TraceSource,
} from './measures';
export { bladeOutline, closedOutline } from './outline';
export { LIKELY, likest, type Sighting } from './recognise';
export { findUse, USE_IDS, USES, type Use } from './uses';
export { usualMeasuresOf } from './usual';
export { stationOfZone } from './zone-station';
