/** Scallops and their rods. */
export { scallopVolumeMm3, type Scallop } from './scallop';
export { fitScallop } from './serration';
