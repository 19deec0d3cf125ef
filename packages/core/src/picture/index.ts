/** What a picture shows of an edge: glints along it, scratches on its bevel. Nothing is decided by a picture alone. */
export { glintsAlong, type Glint } from './glints';
export { cropped, type GreyPicture } from './grey';
export {
  scratchEvenness,
  scratchPattern,
  type ScratchEvenness,
  type ScratchPattern,
} from './scratches';
