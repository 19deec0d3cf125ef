/** The cross-section and the cut: every grind and every repair is a sequence of cuts. */
export { setBevels } from './bevels';
export { cutBothSides, faceLine, jointLine } from './cuts';
export {
  BEVEL_ROLES,
  isFace,
  JOINT,
  sameFace,
  SPINE,
  type Face,
  type FaceQuery,
  type FaceRole,
  type Side,
} from './face';
export { flatGrind, type FlatGrind } from './flat-grind';
export { convexSide, flatSide, hollowBackSide, hollowSide, type SideMeasures } from './grinds';
export { Grinding, type GroundSection } from './grind';
export { rebevel } from './rebevel';
export {
  cutSection,
  measureFace,
  reachAtMm,
  sectionExtent,
  sectionFromSides,
  spanAtMm,
  thicknessAtMm,
  type Cut,
  type CutLine,
  type Section,
  type SidePoint,
} from './section';
export { thin } from './thin';
