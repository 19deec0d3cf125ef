/** Every screen of the demo, once: what is looked at on all of them is looked at by this list. */
import { type Page } from '@playwright/test';
import type { Board } from '../../packages/contract/src/index';

/** Jobs of the demo by the stage they stand at. */
export const jobAt = async (page: Page, address: string, stage: string): Promise<string> => {
  const board = (await (await page.request.get(`${address}/api/shop`)).json()) as Board;
  const job = board.jobs.find(
    (each) =>
      each.stage === stage &&
      each.blade.measures.kindId !== 'razor' &&
      each.blade.measures.kindId !== 'carving',
  )!;
  return `/jobs/${job.jobId}`;
};

export interface Screen {
  readonly name: string;
  readonly path: (page: Page, address: string) => Promise<string> | string;
  /** Words that are there once it is. */
  readonly sign: string;
  /** Parts that are folded away, opened first. */
  readonly open?: readonly string[];
}

export const SCREENS: readonly Screen[] = [
  { name: 'the shop', path: () => '/', sign: 'Next' },
  { name: 'take in', path: () => '/take-in', sign: 'What the customer calls it' },
  {
    name: 'the shop as a list',
    path: () => '/?view=list&sort=customer',
    sign: 'Next',
    open: ['Filter and sort'],
  },
  { name: 'a photograph', path: () => '/jobs/24/photographs/1', sign: 'Save marks' },
  { name: 'a trace', path: () => '/jobs/24/photographs/1?trace', sign: 'Use this outline' },
  { name: 'a judgement', path: () => '/jobs/24/judge', sign: 'Keep the angle or change it' },
  {
    name: 'a one-sided blade',
    path: () => '/jobs/26/intake',
    sign: 'Straightedge across the back',
  },
  { name: 'customers', path: () => '/customers', sign: 'Corin Whey' },
  { name: 'a customer', path: () => '/customers/9', sign: 'No. 5' },
  { name: 'the rack', path: () => '/rack', sign: 'Red stone' },
  { name: 'a stone', path: () => '/rack/stones/3', sign: 'Save flattening' },
  { name: 'a progression', path: () => '/rack/progression', sign: 'What each change costs' },
  { name: 'steels', path: () => '/rack/steels', sign: 'Unknown steel?' },
  { name: 'machines', path: () => '/rack/machines', sign: 'Slow belt' },
  { name: 'plans side by side', path: () => '/jobs/24/compare', sign: 'Use this plan' },
  { name: 'pressure', path: () => '/rack/pressure', sign: 'Nothing pressed yet' },
  { name: 'a quick question', path: () => '/calculator/lift', sign: 'Lift of the spine' },
  { name: 'where to clamp', path: () => '/calculator/clamp', sign: 'Spread there' },
  { name: 'what a chip costs', path: () => '/calculator/chip', sign: 'Calculate' },
  {
    name: 'settings',
    path: () => '/settings',
    sign: 'Where and when blades are promised, and when you are closed',
  },
  { name: 'the shop’s details', path: () => '/settings/shop', sign: 'As receipts must say it' },
  { name: 'places and days', path: () => '/settings/places', sign: 'Add closed days' },
  { name: 'prices', path: () => '/settings/prices', sign: 'What the price of a blade includes' },
  { name: 'message templates', path: () => '/settings/messages', sign: 'When it will be late' },
  { name: 'units and dates', path: () => '/settings/units', sign: 'For everybody in the shop' },
  { name: 'people', path: () => '/settings/people', sign: 'Teodor Lock' },
  { name: 'roles', path: () => '/settings/roles', sign: 'You are signed in as' },
  { name: 'the habits of the shop', path: () => '/settings/habits', sign: 'Save habits' },
  { name: 'tests and faults', path: () => '/settings/tests', sign: 'Cut force' },
  { name: 'instruments', path: () => '/settings/instruments', sign: 'Laser protractor' },
  { name: 'one’s account', path: () => '/settings/account', sign: 'Change password' },
  { name: 'appearance', path: () => '/settings/appearance', sign: 'On this device' },
  { name: 'sounds and pedals', path: () => '/settings/bench', sign: 'Space is always a stroke' },
  { name: 'the label printer', path: () => '/settings/labels', sign: 'The tray is empty' },
  { name: 'backup and export', path: () => '/settings/backup', sign: 'Customers (CSV)' },
  { name: 'the shop in figures', path: () => '/figures', sign: 'Estimates and earnings' },
  { name: 'wear and cost of stones', path: () => '/rack/wear', sign: 'What to buy next' },
  { name: 'trials', path: () => '/trials', sign: 'Start a trial' },
  { name: 'the day', path: () => '/day', sign: 'Who is here today' },
  { name: 'the rates', path: () => '/rates', sign: 'Times as long' },
  { name: 'forecasts', path: () => '/forecasts', sign: 'Worst misses' },
  { name: 'lives of edges', path: () => '/lives', sign: 'Half are dull after' },
  { name: 'the history', path: () => '/history', sign: 'Show earlier entries' },
  { name: 'help', path: () => '/help/bench', sign: 'Press F2 when a customer' },
  { name: 'the tray', path: () => '/tray', sign: 'Several blades at once' },
  { name: 'a blade’s record', path: () => '/blades/4', sign: 'Visits' },
  {
    name: 'an intake',
    path: async (page, address) => `${await jobAt(page, address, 'planned')}/intake`,
    sign: 'Condition along the edge',
  },
  {
    name: 'the ladder of touch-ups',
    path: async (page, address) => `${await jobAt(page, address, 'taken in')}/touch-up`,
    sign: 'Least intervention first',
  },
  {
    name: 'a plan',
    path: async (page, address) => `${await jobAt(page, address, 'planned')}/plan`,
    sign: 'Working time',
    open: [
      'Edge profile and chips',
      'Holding the angle',
      'Stones',
      'Change stones',
      'Habits',
      'Cards, gauges and files',
    ],
  },
  {
    name: 'cautions before the bench',
    path: async (page, address) => `${await jobAt(page, address, 'planned')}/bench`,
    sign: 'Before the first stroke',
  },
  {
    name: 'the bench',
    path: async (page, address) => `${await jobAt(page, address, 'on the bench')}/bench`,
    sign: 'Done, next step',
  },
  {
    name: 'the tests',
    path: async (page, address) => `${await jobAt(page, address, 'testing')}/test`,
    sign: 'Verdict',
  },
  {
    name: 'the return',
    path: async (page, address) => `${await jobAt(page, address, 'ready')}/return`,
    sign: 'Hand over',
  },
  { name: 'what is ready', path: () => '/ready', sign: 'wait to be collected' },
  { name: 'the takings', path: () => '/takings', sign: 'Takings of' },
  { name: 'messages', path: () => '/messages', sign: 'Inbox' },
  { name: 'a complaint', path: () => '/jobs/10/complaint', sign: 'What is wrong' },
  { name: 'nothing', path: () => '/no/such/page', sign: 'nothing at this address' },
  { name: 'a blade that is not here', path: () => '/jobs/99999/plan', sign: 'is not here' },
];
