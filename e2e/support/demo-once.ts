/** Loads the demo once for all browser tests: each file then begins with a copy, which is there in a second. */
import { rm } from 'node:fs/promises';
import { DEMO_DUMP, RunningShop } from './running-shop';

const loadDemo = async (): Promise<void> => {
  await rm(DEMO_DUMP, { force: true });
  const shop = await RunningShop.open('demo');
  await shop.keepAsDemo();
  await shop.close();
};

export default loadDemo;
