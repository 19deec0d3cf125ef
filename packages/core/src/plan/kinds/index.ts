/** What is particular of each kind of blade: geometry, procedure, findings. */
export type { BladeStrategy } from './strategy';
export { strategyOf } from './strategy-of';
