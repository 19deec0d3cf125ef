/** A machine the shop owns: its dimensions, and how its setting is told to the hand. */
import type { Side } from '../section';
import { joined, say, type Message, type Text } from '../text';
import { mm, perSide, toRadians, type Why } from '../units';
import { beltBevel, pivotForAngle, wheelBevel } from '../angle';
import type { AbrasiveKindId } from '../abrasive';
import { calibrate, settingFor, type MachineKind, type TestCut } from './calibration';
import { MOST_RAISE_DEG, RIG_REPEATS_DEG, SEEN_DEG } from './first-guesses';
import { STRINGS } from './strings';

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
  /** Clamp rigs: raised by so much at every stone but the first. */
  readonly raiseDeg: number | null;
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
  raiseDeg: null,
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
  'clamp rig': ['pivotReachMm', 'rodToFaceMm', 'stoneForRodMm', 'raiseDeg'],
  table: [],
  'guide rail': ['railOffsetMm'],
  shims: ['shimMm'],
  'honing rod': ['rodLengthMm', 'rodLeanDeg'],
};

/** What may stay open: it has a usual value. */
export const OPTIONAL_SIZES: readonly (keyof MachineSizes)[] = ['raiseDeg'];

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
  readonly text: Text;
  readonly why: Why;
  /** What stands on the dial; absent where nothing is set by degrees. */
  readonly dialDeg?: number;
  /** Above the plane of the blade, mm; a clamp rig alone. */
  readonly pivotMm?: number;
}

/** The part of the setting that comes from the machine's shape rather than from its dial. */
const shapeText = (
  machine: Machine,
  angleDeg: number,
  bevelFaceMm: number,
  pivotMm: number | null,
): Message | null => {
  const { sagRadiusMm, wheelDiameterMm } = machine.sizes;
  if (machine.kind === 'belt' && sagRadiusMm !== null) {
    const { apexAngle, shoulderAngle } = beltBevel(
      mm(bevelFaceMm),
      mm(sagRadiusMm),
      perSide(angleDeg),
    );
    return say('set.shape.belt', { apexDeg: apexAngle, shoulderDeg: shoulderAngle });
  }
  if (machine.kind === 'wheel' && wheelDiameterMm !== null) {
    const hollow = wheelBevel(mm(bevelFaceMm), mm(wheelDiameterMm / 2), perSide(angleDeg));
    return hollow.ok
      ? say('set.shape.wheel', {
          apexDeg: hollow.value.apexAngle,
          hollowUm: 1000 * hollow.value.hollowDepthMm,
        })
      : say('set.shape.refused', { reason: hollow.error.message });
  }
  return pivotMm === null ? null : say('set.shape.pivot', { pivotMm });
};

/** The pivot of a clamp rig for an angle and a stone of that thickness, mm; null for what has none. */
const pivotOf = (machine: Machine, angleDeg: number, stoneMm: number | null): number | null => {
  const { pivotReachMm, rodToFaceMm } = machine.sizes;
  return machine.kind === 'clamp rig' && pivotReachMm !== null && rodToFaceMm !== null
    ? pivotForAngle(perSide(angleDeg), pivotReachMm, rodToFace(machine, stoneMm))
    : null;
};

/**
 * Degrees a rig is raised by at a stone of the chain: nothing on the first, its repeatability on every finer one, so
 * that the apex is surely reached. Editable; it does not add up stone after stone.
 */
export const raiseOf = ({ kind, sizes, cuts }: Machine, index: number): number =>
  kind === 'clamp rig' && index > 0
    ? Math.min(sizes.raiseDeg ?? calibrate(cuts).sdDeg ?? RIG_REPEATS_DEG, MOST_RAISE_DEG)
    : 0;

/** Rod to the face of that stone: a thicker one stands nearer to the blade. Unknown thickness changes nothing. */
export const rodToFace = ({ sizes }: Machine, stoneMm: number | null | undefined): number =>
  (sizes.rodToFaceMm ?? 0) +
  (stoneMm === null || stoneMm === undefined || sizes.stoneForRodMm === null
    ? 0
    : stoneMm - sizes.stoneForRodMm);

/**
 * Whether something is set by degrees, and so can be calibrated by test cuts.
 *
 * @example
 * hasDial('shims'); // false
 */
export const hasDial = (kind: MachineKind): boolean =>
  kind === 'belt' || kind === 'wheel' || kind === 'clamp rig' || kind === 'table';

/** How far the blade leans out of upright towards its spine, degrees; below 0 it leans towards the rod, 0 where no eye sees it. */
export const tiltOnRod = (angleDeg: number, rodLeanDeg: number): number => {
  const tiltDeg = angleDeg - rodLeanDeg;
  return Math.abs(tiltDeg) <= SEEN_DEG ? 0 : tiltDeg;
};

/** Rails, shims and rods have no dial: what is set is a distance, or how the blade stands to the rod. */
const withoutDial = (machine: Machine, angleDeg: number): MachineSetting | null => {
  const { railOffsetMm } = machine.sizes;
  if (machine.kind === 'guide rail' && railOffsetMm !== null) {
    const distanceMm = railOffsetMm / Math.tan(toRadians(perSide(angleDeg)));
    return {
      setDeg: angleDeg,
      text: say('set.rail', { machine: machine.name, distanceMm }),
      why: {
        rule: STRINGS.theStoneTouchesTheEdgeAnd,
        formula: STRINGS.dOTanTheta,
        inputs: [
          { label: STRINGS.oRailToTheCentrePlane, value: railOffsetMm, unit: 'mm' },
          { label: 'θ', value: angleDeg, unit: '° per side' },
        ],
        source: STRINGS.geometryOfTheSection,
      },
    };
  }
  const { rodLeanDeg } = machine.sizes;
  if (machine.kind === 'honing rod' && rodLeanDeg !== null) {
    return {
      setDeg: angleDeg,
      text: say('set.rod', { tiltDeg: tiltOnRod(angleDeg, rodLeanDeg) }),
      why: {
        rule: STRINGS.theAngleIsBetweenTheBlade,
        formula: STRINGS.tiltThetaLean,
        inputs: [
          { label: 'θ', value: angleDeg, unit: '° per side' },
          { label: STRINGS.leanOfTheRodDegrees, value: rodLeanDeg },
        ],
        source: STRINGS.geometryOfTheSection,
      },
    };
  }
  return machine.kind === 'shims'
    ? {
        setDeg: angleDeg,
        text: say('set.shims'),
        why: {
          rule: STRINGS.asManyAsComeNearestTo,
          formula: 'n = L / t',
          inputs: [],
          source: STRINGS.geometryOfTheSection,
        },
      }
    : null;
};

/**
 * What to set on the machine for an effective angle per side, from its test cuts.
 *
 * @example
 * settingOn({ name: 'Table', kind: 'table', sizes: NO_SIZES, cuts: [] }, 15, 0.7).setDeg; // 15
 */
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
  const pivotMm = pivotOf(machine, setDeg, stoneMm);
  const shape = shapeText(machine, angleDeg, bevelFaceMm, pivotMm);
  const dial = say('set.dial', {
    machine: machine.name,
    setDeg,
    angleDeg,
    cuts: fit.cuts,
    sdDeg: fit.sdDeg,
  });
  return {
    setDeg,
    dialDeg: setDeg,
    ...(pivotMm === null ? {} : { pivotMm }),
    text: shape === null ? dial : joined(dial, shape),
    why: {
      rule: STRINGS.aStraightLineThroughTheMeasured,
      formula: STRINGS.setThetaAB,
      inputs: [
        { label: STRINGS.thetaWanted, value: angleDeg, unit: '° per side' },
        { label: STRINGS.aOffsetOfTheFit, value: fit.offsetDeg },
        { label: STRINGS.bSlopeOfTheFit, value: fit.slope },
        { label: STRINGS.testCuts, value: fit.cuts },
      ],
      source: STRINGS.measuredOnThisMachine,
    },
  };
};

/** What holds of one side alone, and says so. */
export const onSide = (side: Side, text: Text): readonly Message[] => {
  const [first, ...rest] = joined(text);
  return first ? [say('hold.on-side', { side, line: first }), ...rest] : [];
};
