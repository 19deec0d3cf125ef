/** The shop page, asked for before it is drawn. */
import { readyOrLazy } from '../theme/ready-or-lazy';

export const shopPage = readyOrLazy(async () => (await import('./shop-page')).ShopPage);
