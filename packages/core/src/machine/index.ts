/** Machines and rigs the shop owns, calibrated by test cuts, and how they hold an angle. */
export {
  calibrate,
  effectiveDeg,
  MACHINE_KINDS,
  type Calibration,
  type MachineKind,
} from './calibration';
export {
  holdingOf,
  ofSide,
  type HeldAt,
  type HeldCurve,
  type HeldSide,
  type Holding,
} from './holding';
export {
  abrasiveOf,
  hasDial,
  NO_SIZES,
  OPTIONAL_SIZES,
  onSide,
  raiseOf,
  settingOn,
  SIZES_OF,
  type Machine,
  type MachineSetting,
  type MachineSizes,
} from './machine';
