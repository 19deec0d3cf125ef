/** What there is to do in the shop beside one blade, and who may: with the life of a job, the whole of it in one table. */
import { localized } from '../text';
import { JOB_ACTIONS, LIFECYCLE, ROLES, type JobAction, type Role } from './lifecycle';

export const SHOP_ACTIONS = [
  'change customers',
  'merge customers',
  'erase customers',
  'see money',
  'set prices',
  'change stones',
  'change steels',
  'change machines',
  'change habits',
  'change tests in use',
  'change the shop',
  'change places',
  'change people',
  'see history',
  'export records',
] as const;
export type ShopAction = (typeof SHOP_ACTIONS)[number];

export type Action = JobAction | ShopAction;

interface ShopRule {
  readonly may: readonly Role[];
  readonly label: string;
}

const EVERYBODY = ROLES;
const AT_BENCH: readonly Role[] = ['owner', 'bench'];
const AT_COUNTER: readonly Role[] = ['owner', 'counter'];
const OWNER_ALONE: readonly Role[] = ['owner'];

const SHOP_RULES: Readonly<Record<ShopAction, ShopRule>> = localized(
  {
    'change customers': { may: EVERYBODY, label: 'Adding and editing customers' },
    'merge customers': { may: AT_COUNTER, label: 'Merging customers' },
    // What is erased cannot come back.
    'erase customers': { may: OWNER_ALONE, label: 'Erasing a customer' },
    'see money': { may: AT_COUNTER, label: 'Takings, receipts and statements' },
    'set prices': { may: OWNER_ALONE, label: 'Changing the price list' },
    'change stones': { may: AT_BENCH, label: 'Adding and editing stones' },
    'change steels': { may: AT_BENCH, label: 'Adding and editing steels' },
    'change machines': { may: AT_BENCH, label: 'Adding and calibrating machines' },
    'change habits': { may: AT_BENCH, label: 'Changing the shop’s habits' },
    'change tests in use': { may: AT_BENCH, label: 'Choosing tests and fault rules' },
    'change the shop': { may: OWNER_ALONE, label: 'Changing the shop’s details and messages' },
    'change places': { may: OWNER_ALONE, label: 'Changing places and days' },
    'change people': { may: OWNER_ALONE, label: 'Adding people and changing roles' },
    'see history': { may: EVERYBODY, label: 'Reading the history' },
    'export records': { may: AT_COUNTER, label: 'Exporting customers and jobs' },
  },
  'label',
);

/**
 * Who may do it: with a job, or in the shop.
 *
 * @example
 * rolesFor('approve plan').includes('counter'); // false
 */
export const rolesFor = (action: Action): readonly Role[] =>
  action in SHOP_RULES ? SHOP_RULES[action as ShopAction].may : LIFECYCLE[action as JobAction].may;

/**
 * Whether somebody of that role may do it.
 *
 * @example
 * mayDo('bench', 'set prices'); // false
 */
export const mayDo = (role: Role, action: Action): boolean => rolesFor(action).includes(role);

/** The whole table, as it is shown: at the blade first, then in the shop. */
export const ROLE_TABLE: readonly {
  readonly action: Action;
  readonly label: string;
  readonly may: readonly Role[];
}[] = [
  ...JOB_ACTIONS.map((action) => ({ action, ...LIFECYCLE[action] })),
  ...SHOP_ACTIONS.map((action) => ({ action, ...SHOP_RULES[action] })),
].map(({ action, label, may }) => ({ action, label, may }));
