/** The English of how an angle is held and what to set on a machine, one entry a code; see `steps.ts`. */
import { counted } from './language';

const deg = (value: number): string => `${value.toFixed(1)}°`;
const mm = (value: number): string => `${value.toFixed(1)} mm`;

export interface ZoneLiftParam {
  readonly zone: string;
  readonly liftMm: number;
}
export const zoneLiftText = (lifts: readonly ZoneLiftParam[]): string =>
  lifts.map(({ zone, liftMm }) => `${zone} ${mm(liftMm)}`).join(', ');

const tilt = (tiltDeg: number): string =>
  tiltDeg === 0
    ? 'Blade upright, the rod sets the angle'
    : `Lean the spine ${deg(Math.abs(tiltDeg))} ${tiltDeg > 0 ? 'away from' : 'towards'} the rod`;

export const HOLDING_ENGLISH = {
  'hold.on-side': ({ side, line }: { side: string; line: string }) => `On the ${side}: ${line}`,
  'hold.hand.lift': ({ lifts }: { lifts: readonly ZoneLiftParam[] }) =>
    `Lift the spine: ${zoneLiftText(lifts)}.`,
  'hold.hand.wedge': ({ angleDeg }: { angleDeg: number }) =>
    `A paper wedge of ${deg(angleDeg)} shows the same: rest the blade on it, then take it away.`,
  'hold.own.none': ({ abrasive }: { abrasive: string }) =>
    `None of these stones fits it: work by hand at the lifts given, or choose a ${abrasive} for the edge.`,
  'hold.own.some': ({ on, off }: { on: string; off: string }) =>
    `On it: ${on}.${off === '' ? '' : ` By hand at the lifts given: ${off}.`}`,
  'hold.rod.upright': ({ lifts }: { lifts: readonly ZoneLiftParam[] }) =>
    `Rod upright, its tip on a wet cloth. Spine off the rod: ${zoneLiftText(lifts)}.`,
  'hold.rod.leans': ({ leanDeg, tiltDeg }: { leanDeg: number; tiltDeg: number }) =>
    `The rod leans ${deg(leanDeg)}. ${tilt(tiltDeg)}.`,
  'hold.rod.halves': ({ edgeMm, rodMm }: { edgeMm: number; rodMm: number }) =>
    `The edge is ${edgeMm.toFixed(0)} mm and the rod ${rodMm.toFixed(0)} mm: work the heel half and the tip half separately.`,
  'hold.rod.stroke': ({ edgePer10Mm }: { edgePer10Mm: number }) =>
    `Each stroke draws the whole edge along the rod, heel to tip: ${edgePer10Mm.toFixed(0)} mm of edge for each 10 mm of rod.`,
  'hold.rod.lightly': 'Light strokes, alternate sides, and stop before the tip leaves the rod.',
  'hold.dial.gauge': ({ readingDeg, leanDeg }: { readingDeg: number; leanDeg: number }) =>
    `A gauge zeroed on the stone and set on the upper face reads ${deg(readingDeg)}${leanDeg > 0 ? `: that face leans ${deg(leanDeg)}` : ''}.`,
  'hold.dial.apex': ({ apexDeg, setDeg }: { apexDeg: number; setDeg: number }) =>
    `For ${deg(apexDeg)} at the apex itself set ${deg(setDeg)}.`,
  'hold.dial.uncalibrated': ({ machine }: { machine: string }) =>
    `${machine} is not calibrated: make a test cut, or the angle may not be what it is set to.`,
  'hold.shims.zone': ({
    zone,
    count,
    shimMm,
    angleDeg,
    other,
  }: {
    zone: string;
    count: number;
    shimMm: number;
    angleDeg: number;
    other: { readonly count: number; readonly angleDeg: number } | null;
  }) =>
    `${zone}: ${counted(count, 'shim', 'shims')} of ${shimMm} mm ${count === 1 ? 'gives' : 'give'} ${deg(angleDeg)}${other === null ? '' : `; ${other.count} would give ${deg(other.angleDeg)}`}.`,
  'hold.shims.coarse':
    'Somewhere the shims miss the angle by more than a degree: use thinner ones, or lift by hand there.',
  'hold.rail.clip': ({ distanceMm }: { distanceMm: number }) =>
    `Clip it parallel to the edge, its underside ${mm(distanceMm)} above the edge.`,
  'hold.rail.whole': 'It holds the angle along the whole edge.',
  'hold.rail.part': ({ toMm }: { toMm: number }) =>
    `It holds the angle from the heel to ${toMm.toFixed(0)} mm. Do the belly and the tip by hand at the lifts shown.`,
  'hold.rail.too-low': ({ angleDeg, distanceMm }: { angleDeg: number; distanceMm: number }) =>
    `The blade is too low for this rail at ${deg(angleDeg)}: it would sit ${mm(distanceMm)} above the edge. Do it all by hand.`,
  'hold.clamp.place': ({
    jawMm,
    lowDeg,
    highDeg,
    spreadDeg,
    middleSpreadDeg,
  }: {
    jawMm: number;
    lowDeg: number;
    highDeg: number;
    spreadDeg: number;
    middleSpreadDeg: number;
  }) =>
    `Clamp ${jawMm.toFixed(0)} mm from the heel: there the angle runs from ${deg(lowDeg)} to ${deg(highDeg)}, ${deg(spreadDeg)} apart. Clamped at the middle it would be ${deg(middleSpreadDeg)}.`,
  'hold.clamp.check':
    'Check the clamp at each change of stone. Support the tip so the stone cannot fall off it.',
  'hold.clamp.wanders': ({ spreadDeg }: { spreadDeg: number }) =>
    `Even at the best place the angle varies by ${deg(spreadDeg)}: do the belly and the tip by hand.`,
  'hold.clamp.stone': ({
    pivotMm,
    stoneMm,
    raisedDeg,
  }: {
    pivotMm: number;
    stoneMm: number | null;
    raisedDeg: number;
  }) =>
    `pivot ${mm(pivotMm)} above the plane of the blade${stoneMm === null ? '' : `, stone ${mm(stoneMm)} thick`}${raisedDeg > 0 ? `, raised by ${raisedDeg.toFixed(2)}° to be sure of the apex` : ''}`,
  'set.rail': ({ machine, distanceMm }: { machine: string; distanceMm: number }) =>
    `Clip ${machine} parallel to the edge, its underside ${mm(distanceMm)} above the edge.`,
  'set.rod': ({ tiltDeg }: { tiltDeg: number }) => `${tilt(tiltDeg)}.`,
  'set.shims':
    'Shims under the spine as near to the lift as they come; the plan gives the number for each zone.',
  'set.dial': ({
    machine,
    setDeg,
    angleDeg,
    cuts,
    sdDeg,
  }: {
    machine: string;
    setDeg: number;
    angleDeg: number;
    cuts: number;
    sdDeg: number | null;
  }) =>
    `Set ${machine} to ${deg(setDeg)} for ${deg(angleDeg)} per side (${
      cuts === 0
        ? 'not calibrated: make a test cut and measure it'
        : `${cuts} test ${cuts === 1 ? 'cut' : 'cuts'}${sdDeg === null ? '' : `, ± ${sdDeg.toFixed(2)}°`}`
    }).`,
  'set.shape.belt': ({ apexDeg, shoulderDeg }: { apexDeg: number; shoulderDeg: number }) =>
    `The sag makes it convex: ${deg(apexDeg)} at the apex, ${deg(shoulderDeg)} at the shoulder.`,
  'set.shape.wheel': ({ apexDeg, hollowUm }: { apexDeg: number; hollowUm: number }) =>
    `The wheel leaves a hollow: ${deg(apexDeg)} at the apex, ${hollowUm.toFixed(0)} µm deep.`,
  'set.shape.refused': ({ reason }: { reason: string }) => `${reason}.`,
  'set.shape.pivot': ({ pivotMm }: { pivotMm: number }) =>
    `Pivot ${mm(pivotMm)} above the plane of the blade.`,
} as const;
