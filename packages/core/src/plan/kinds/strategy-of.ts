/** Which file plans a kind. */
import type { StrategyInput } from '../cuts';
import { axe } from './axe';
import { chisel } from './chisel';
import { oneSided } from './one-sided';
import { razor } from './razor';
import { ridge } from './ridge';
import { serrated } from './serrated';
import { singleBevel } from './single-bevel';
import type { BladeStrategy } from './strategy';
import { twoSided } from './two-sided';

export const strategyOf = (input: StrategyInput): BladeStrategy => {
  switch (input.kind.grind) {
    case 'two-sided flat':
    case 'hollow':
      return twoSided(input);
    case 'two-sided with ridge':
      return ridge(input);
    case 'one-sided, hollow back':
      return oneSided(input);
    case 'single flat bevel':
      return singleBevel(input);
    case 'convex':
      return axe(input);
    case 'serrated':
      return serrated(input);
    case 'razor':
      return razor(input);
    case 'chisel':
      return chisel(input);
  }
};
