/** The blade from the side: stations along the edge, restoring the outline, tracing it. */
export { readOutline, type TracedCurves } from './readings';
export { repairOutline, type EdgeDamage, type OutlineRepair } from './repair';
export { angleAtFixedLift, stationsAlongEdge, type EdgeCurves, type Station } from './stations';
export { restoreTip, TIP_WAYS, type RestoredTip, type TipWay } from './tip';
export {
  curveThrough,
  layOut,
  splitOutline,
  thinned,
  traceOutline,
  type DrawnWay,
  type PicturePoint,
  type Scaling,
} from './trace';
