/** What strokes did: the blade on the bench as a model, stroke by stroke. */
export {
  correctedShare,
  sweptBy,
  Twin,
  TWIN_STATIONS,
  type TwinBlade,
  type TwinStation,
  type TwinStroke,
  type TwinView,
} from './twin';
export { mm3PerStroke, strokesWorked, type WorkedStep } from './worked';
