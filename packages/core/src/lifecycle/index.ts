/** Where a job stands, and what may be done with it there. */
export {
  asksForTest,
  can,
  refusalOf,
  ROLES,
  STAGES,
  type JobAction,
  type JobState,
  type Role,
  type Stage,
} from './lifecycle';
export {
  mayDo,
  ROLE_TABLE,
  rolesFor,
  SHOP_ACTIONS,
  type Action,
  type ShopAction,
} from './shop-actions';
