/** Strokes counted by ear. */
export { rhythmOf, StrokeListener, type HeardRhythm, type HeardStroke } from './stroke-listener';
