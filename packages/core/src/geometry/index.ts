/** Lines of points and the zones along an edge. */
export { arcLengths, interpolate, type BladePoint } from './polyline';
export { byZone, zoneAt, ZONES, zoneSpan, type Zone } from './zones';
