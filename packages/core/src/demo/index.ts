/** What the demo's shop owns and charges: data that the demo and plans without a shop share. */
export { DEMO_CURRENCY, DEMO_PRICES } from './prices';
export { DEMO_RACK, rackStoneOf } from './rack';
export { DEMO_IN_WATER, DEMO_STONES, DEMO_TWO_SIDED, type DemoStone } from './stones';
