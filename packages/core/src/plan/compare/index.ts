/** What is weighed: plans side by side, spread of the outcome, the cost of a chip. */
export { CHIP_STATIONS, chipCost, type ChipCost, type ChipCostInput } from './chip-cost';
export {
  comparePlan,
  mapAngles,
  mapCell,
  mapFinishes,
  VARIANTS,
  type Compared,
  type MapCell,
} from './compare';
export {
  planSpread,
  type Doubt,
  type DoubtfulMatter,
  type HowKnown,
  type PlanSpread,
  type Spread,
  type Turn,
} from './spread';
