/** Where a job stands, and what may be done with it there. */
export {
  asksForTest,
  can,
  refusalOf,
  ROLES,
  rolesFor,
  STAGES,
  type JobAction,
  type JobState,
  type Role,
  type Stage,
} from './lifecycle';
