/** A machine the shop owns: its dimensions, and how its setting is told to the hand. */
import { mm, perSide, toRadians, type Why } from '../units';
import { beltBevel, pivotForAngle, wheelBevel } from '../angle';
import type { AbrasiveKindId } from '../abrasive';
import { calibrate, settingFor, type MachineKind, type TestCut } from './calibration';
import { SEEN_DEG } from './first-guesses';

export interface MachineSizes {
  /** Belts: radius of the sag under the blade. */
  readonly sagRadiusMm: number | null;
  /** Wheels. */
  readonly wheelDiameterMm: number | null;
  /** Clamp rigs: from the edge to the pivot, in the plane of the blade. */
  readonly pivotReachMm: number | null;
  /** Clamp rigs: from the middle of the rod to the face of the stone. */
  readonly rodToFaceMm: number | null;
  /** Clamp rigs: thickness of the stone that distance was measured with. */
  readonly stoneForRodMm: number | null;
  /** Guide rails: from the centre plane of the blade to the underside. */
  readonly railOffsetMm: number | null;
  /** Shims, coins: thickness of one. */
  readonly shimMm: number | null;
  /** Honing rods: the part that cuts. */
  readonly rodLengthMm: number | null;
  /** Honing rods: how much the holder leans them from upright; 0 where the hand holds them upright. */
  readonly rodLeanDeg: number | null;
  /** Belts and wheels. */
  readonly speedMPerS: number | null;
}

/** Nothing measured: what a kind has no use for stays so. */
export const NO_SIZES: MachineSizes = {
  sagRadiusMm: null,
  wheelDiameterMm: null,
  pivotReachMm: null,
  rodToFaceMm: null,
  stoneForRodMm: null,
  railOffsetMm: null,
  shimMm: null,
  rodLengthMm: null,
  rodLeanDeg: null,
  speedMPerS: null,
};

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
  'clamp rig': ['pivotReachMm', 'rodToFaceMm', 'stoneForRodMm'],
  table: [],
  'guide rail': ['railOffsetMm'],
  shims: ['shimMm'],
  'honing rod': ['rodLengthMm', 'rodLeanDeg'],
};

const ABRASIVE_OF: Readonly<Partial<Record<MachineKind, AbrasiveKindId>>> = {
  belt: 'belt',
  wheel: 'wheel',
  'honing rod': 'rod',
};

/** The abrasives that belong to a machine; null where it holds the angle on the bench's own stones. */
export const abrasiveOf = (kind: MachineKind): AbrasiveKindId | null => ABRASIVE_OF[kind] ?? null;

export interface MachineSetting {
  readonly setDeg: number;
  /** In the machine's own terms. */
  readonly words: string;
  readonly why: Why;
}

/** The part of the setting that comes from the machine's shape rather than from its dial. */
const shapeWords = (
  machine: Machine,
  angleDeg: number,
  bevelFaceMm: number,
  stoneMm: number | null,
): string => {
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
    const pivotMm = pivotForAngle(perSide(angleDeg), pivotReachMm, rodToFace(machine, stoneMm));
    return ` The pivot stands ${pivotMm.toFixed(1)} mm above the plane of the blade.`;
  }
  return '';
};

/** Rod to the face of that stone: a thicker one stands nearer to the blade. Unknown thickness changes nothing. */
export const rodToFace = ({ sizes }: Machine, stoneMm: number | null | undefined): number =>
  (sizes.rodToFaceMm ?? 0) +
  (stoneMm === null || stoneMm === undefined || sizes.stoneForRodMm === null
    ? 0
    : stoneMm - sizes.stoneForRodMm);

/** Whether something is set by degrees, and so can be calibrated by test cuts. */
export const hasDial = (kind: MachineKind): boolean =>
  kind === 'belt' || kind === 'wheel' || kind === 'clamp rig' || kind === 'table';

/** How far the blade leans out of upright towards its spine, degrees; below 0 it leans towards the rod. */
export const tiltOnRod = (angleDeg: number, rodLeanDeg: number): number => angleDeg - rodLeanDeg;

export const tiltWords = (tiltDeg: number): string =>
  Math.abs(tiltDeg) <= SEEN_DEG
    ? 'Blade upright, the rod sets the angle'
    : `Lean the spine ${Math.abs(tiltDeg).toFixed(1)}° ${tiltDeg > 0 ? 'away from' : 'towards'} the rod`;

/** Rails, shims and rods have no dial: what is set is a distance, or how the blade stands to the rod. */
const withoutDial = (machine: Machine, angleDeg: number): MachineSetting | null => {
  const { railOffsetMm } = machine.sizes;
  if (machine.kind === 'guide rail' && railOffsetMm !== null) {
    const distanceMm = railOffsetMm / Math.tan(toRadians(perSide(angleDeg)));
    return {
      setDeg: angleDeg,
      words: `Clip ${machine.name} parallel to the edge, its underside ${distanceMm.toFixed(1)} mm above it.`,
      why: {
        rule: 'The stone touches the edge and the underside of the rail.',
        formula: 'D = o / tan θ',
        inputs: [
          { label: 'o, rail to the centre plane', value: railOffsetMm, unit: 'mm' },
          { label: 'θ', value: angleDeg, unit: '° per side' },
        ],
        source: 'Geometry of the section',
      },
    };
  }
  const { rodLeanDeg } = machine.sizes;
  if (machine.kind === 'honing rod' && rodLeanDeg !== null) {
    return {
      setDeg: angleDeg,
      words: `${tiltWords(tiltOnRod(angleDeg, rodLeanDeg))}.`,
      why: {
        rule: 'The angle is between the blade and the rod: what the rod leans, the blade need not.',
        formula: 'tilt = θ − lean',
        inputs: [
          { label: 'θ', value: angleDeg, unit: '° per side' },
          { label: 'Lean of the rod, °', value: rodLeanDeg },
        ],
        source: 'Geometry of the section',
      },
    };
  }
  return machine.kind === 'shims'
    ? {
        setDeg: angleDeg,
        words:
          'As many under the spine as come nearest to the lift; the plan counts them, zone by zone.',
        why: {
          rule: 'As many as come nearest to the lift.',
          formula: 'n = L / t',
          inputs: [],
          source: 'Geometry of the section',
        },
      }
    : null;
};

/** What to set on the machine for an effective angle per side, from its test cuts. */
export const settingOn = (
  machine: Machine,
  angleDeg: number,
  bevelFaceMm: number,
  stoneMm: number | null = null,
): MachineSetting => {
  const distance = withoutDial(machine, angleDeg);
  if (distance) return distance;
  const fit = calibrate(machine.cuts);
  const setDeg = settingFor(fit, angleDeg);
  const from =
    fit.cuts === 0
      ? 'not calibrated: make a test cut and measure it'
      : `${fit.cuts} test ${fit.cuts === 1 ? 'cut' : 'cuts'}${fit.sdDeg === null ? '' : `, ± ${fit.sdDeg.toFixed(2)}°`}`;
  return {
    setDeg,
    words: `Set ${machine.name} to ${setDeg.toFixed(1)}° for ${angleDeg.toFixed(1)}° per side (${from}).${shapeWords(machine, angleDeg, bevelFaceMm, stoneMm)}`,
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
