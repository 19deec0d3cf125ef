/** A machine the shop owns: its dimensions, and how its setting is told to the hand. */
import { beltBevel, wheelBevel } from '../angle/belt-and-wheel';
import { pivotForAngle } from '../angle/clamp';
import type { AbrasiveKindId } from '../abrasive/kinds';
import type { Why } from '../units/figure';
import { mm, perSide } from '../units/quantities';
import { calibrate, settingFor, type MachineKind, type TestCut } from './calibration';

export interface MachineSizes {
  /** Belts: radius of the sag under the blade. */
  readonly sagRadiusMm: number | null;
  /** Wheels. */
  readonly wheelDiameterMm: number | null;
  /** Clamp rigs: from the edge to the pivot, in the plane of the blade. */
  readonly pivotReachMm: number | null;
  /** Clamp rigs: from the middle of the rod to the face of the stone. */
  readonly rodToFaceMm: number | null;
  /** Belts and wheels. */
  readonly speedMPerS: number | null;
}

export interface Machine {
  readonly name: string;
  readonly kind: MachineKind;
  readonly sizes: MachineSizes;
  readonly cuts: readonly TestCut[];
}

/** The sizes a kind needs; the others are left open. */
export const SIZES_OF: Readonly<Record<MachineKind, readonly (keyof MachineSizes)[]>> = {
  belt: ['sagRadiusMm', 'speedMPerS'],
  wheel: ['wheelDiameterMm', 'speedMPerS'],
  'clamp rig': ['pivotReachMm', 'rodToFaceMm'],
  table: [],
};

/** The abrasives a machine moves itself; null where the hand moves the bench's own stones. */
export const abrasiveOf = (kind: MachineKind): AbrasiveKindId | null =>
  kind === 'belt' ? 'belt' : kind === 'wheel' ? 'wheel' : null;

export interface MachineSetting {
  readonly setDeg: number;
  /** In the machine's own terms. */
  readonly words: string;
  readonly why: Why;
}

/** The part of the setting that comes from the machine's shape rather than from its dial. */
const shapeWords = (machine: Machine, angleDeg: number, bevelFaceMm: number): string => {
  const { sagRadiusMm, wheelDiameterMm, pivotReachMm, rodToFaceMm } = machine.sizes;
  if (machine.kind === 'belt' && sagRadiusMm !== null) {
    const { apexAngle, shoulderAngle } = beltBevel(
      mm(bevelFaceMm),
      mm(sagRadiusMm),
      perSide(angleDeg),
    );
    return ` The sag makes it convex: ${apexAngle.toFixed(1)}° at the apex, ${shoulderAngle.toFixed(1)}° at the shoulder.`;
  }
  if (machine.kind === 'wheel' && wheelDiameterMm !== null) {
    const hollow = wheelBevel(mm(bevelFaceMm), mm(wheelDiameterMm / 2), perSide(angleDeg));
    return hollow.ok
      ? ` The wheel leaves a hollow: ${hollow.value.apexAngle.toFixed(1)}° at the apex, ${(1000 * hollow.value.hollowDepthMm).toFixed(0)} µm deep.`
      : ` ${hollow.error.message}.`;
  }
  if (machine.kind === 'clamp rig' && pivotReachMm !== null && rodToFaceMm !== null) {
    const pivotMm = pivotForAngle(perSide(angleDeg), pivotReachMm, rodToFaceMm);
    return ` The pivot stands ${pivotMm.toFixed(1)} mm above the plane of the blade.`;
  }
  return '';
};

/** What to set on the machine for an effective angle per side, from its test cuts. */
export const settingOn = (
  machine: Machine,
  angleDeg: number,
  bevelFaceMm: number,
): MachineSetting => {
  const fit = calibrate(machine.cuts);
  const setDeg = settingFor(fit, angleDeg);
  const from =
    fit.cuts === 0
      ? 'not calibrated: make a test cut and measure it'
      : `${fit.cuts} test ${fit.cuts === 1 ? 'cut' : 'cuts'}${fit.sdDeg === null ? '' : `, ± ${fit.sdDeg.toFixed(2)}°`}`;
  return {
    setDeg,
    words: `Set ${machine.name} to ${setDeg.toFixed(1)}° for ${angleDeg.toFixed(1)}° per side (${from}).${shapeWords(machine, angleDeg, bevelFaceMm)}`,
    why: {
      rule: 'A straight line through the measured test cuts of this machine, turned round.',
      formula: 'set = (θ − a) / b',
      inputs: [
        { label: 'θ, wanted', value: angleDeg, unit: '° per side' },
        { label: 'a, offset of the fit', value: fit.offsetDeg },
        { label: 'b, slope of the fit', value: fit.slope },
        { label: 'Test cuts', value: fit.cuts },
      ],
      source: 'Measured on this machine',
    },
  };
};
