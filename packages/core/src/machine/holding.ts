/**
 * How the angle is held, in each way's own terms: lift by hand, shims, rail, clamp and rod, table with gauge,
 * belt, wheel or honing rod. What to set, stone by stone where it matters; the angle it gives along the edge;
 * where it no longer serves; and the words by which it is set again next time.
 */
import { joined, say, zoneLiftText, type Message, type Text } from '../text';
import { mm, perSide, toRadians } from '../units';
import { ZONES, type BladePoint } from '../geometry';
import type { Side } from '../section';
import {
  beltBevel,
  clampAngles,
  evenestSlide,
  gaugeReading,
  pivotForAngle,
  railAngle,
  shimsFor,
  wheelBevel,
} from '../angle';
import type { Station } from '../outline';
import { stationOfZone } from '../blade';
import type { RackStone } from '../abrasive';
import { calibrate, settingFor } from './calibration';
import { EDGE_OVER_ROD, RAIL_GRIP_MM, SERVES_WITHIN_DEG } from './first-guesses';
import { abrasiveOf, onSide, raiseOf, settingOn, tiltOnRod, type Machine } from './machine';
import { STRINGS } from './strings';

export interface HeldAt {
  readonly sMm: number;
  /** Null where it does not serve. */
  readonly angleDeg: number | null;
}

export interface StoneSetting {
  readonly stoneId: string;
  readonly stone: string;
  /** What is read off or measured, with its unit in words. */
  readonly text: Message;
  readonly heightMm: number;
}

/** The angle a way of holding gives along the edge. */
export interface HeldCurve {
  /** Null where every side ground is held alike. */
  readonly side: Side | null;
  readonly wantedDeg: number;
  readonly along: readonly HeldAt[];
  /** The same with the clamp at the middle of the edge, to compare; empty for what has no clamp. */
  readonly elsewhere: readonly HeldAt[];
}

export interface Holding {
  readonly way: string;
  readonly lines: readonly Text[];
  /** One for each angle held; none where it is the same all along. */
  readonly curves: readonly HeldCurve[];
  readonly perStone: readonly StoneSetting[];
  readonly warnings: readonly Message[];
  /** Kept with the job, so that it is set again at the next visit. */
  readonly setAgain: string;
}

/** What is held alike: both sides of an even edge, or one side of an uneven one. */
export interface HeldSide {
  /** Null where every side ground is held alike. */
  readonly side: Side | null;
  readonly angleDeg: number;
  readonly stations: readonly Station[];
}

/**
 * What an angle is told of: `16.0° per side`, `11.1° on the right`.
 *
 * @example
 * ofSide(null); // "per side"
 */
export const ofSide = (side: Side | null): string =>
  side === null ? STRINGS.perSide : STRINGS.onThe(side);

interface Rig {
  readonly machine: Machine | null;
  readonly bevelFaceMm: number;
  readonly edge: readonly BladePoint[];
  /** In the order of the chain. */
  readonly stones: readonly RackStone[];
  /** Lean of the face that looks up while a side is ground: what a gauge sits on. */
  readonly faceLeanDeg: number;
}

export interface SidesHeld extends Rig {
  readonly held: readonly HeldSide[];
}

/** What is held at one angle. */
interface HoldingInput extends Rig {
  readonly side: Side | null;
  readonly angleDeg: number;
  /** Of the edge after the work, the lifts for that angle with them; half their thickness is the offset. */
  readonly stations: readonly Station[];
}

/** An angle in the words kept for the next visit, which name the side of an uneven edge before it. */
const keptAngle = ({ side, angleDeg }: HoldingInput): string =>
  `${fixed(angleDeg)}°${side === null ? ` ${STRINGS.perSide}` : ''}`;

const curveOf = (
  { side, angleDeg }: HoldingInput,
  along: readonly HeldAt[],
  elsewhere: readonly HeldAt[] = [],
): HeldCurve => ({ side, wantedDeg: angleDeg, along, elsewhere });

const fixed = (value: number, digits = 1): string => value.toFixed(digits);
const at = (sMm: number): string => `${Math.round(sMm)} mm`;

/** The same all along, and the same on every stone. */
const plainly = (
  way: string,
  lines: readonly Text[],
  setAgain: string,
  warnings: readonly Message[] = [],
): Holding => ({ way, lines, curves: [], perStone: [], warnings, setAgain });

const zoneLifts = ({ stations }: HoldingInput): { zone: string; liftMm: number }[] =>
  ZONES.flatMap((zone) => {
    const station = stationOfZone(stations, zone);
    return station ? [{ zone, liftMm: station.liftMm }] : [];
  });

const byHand = (input: HoldingInput): Holding => {
  const lifts = zoneLifts(input);
  return plainly(
    STRINGS.byHand,
    [say('hold.hand.lift', { lifts }), say('hold.hand.wedge', { angleDeg: input.angleDeg })],
    STRINGS.byHandLift(keptAngle(input), zoneLiftText(lifts)),
  );
};

/** Which stones of the chain belong to the machine, and which stay with the hand. */
const ownStones = ({ stones }: HoldingInput, { kind: machineKind }: Machine): Message[] => {
  const own = abrasiveOf(machineKind);
  if (own === null) return [];
  const named = (belongs: boolean): string =>
    stones
      .filter(({ kind }) => (kind === own) === belongs)
      .map(({ name }) => name)
      .join(', ');
  const [on, off] = [named(true), named(false)];
  return [on === '' ? say('hold.own.none', { abrasive: own }) : say('hold.own.some', { on, off })];
};

const byRod = (input: HoldingInput, machine: Machine): Holding => {
  const { angleDeg, edge } = input;
  const lean = machine.sizes.rodLeanDeg!;
  const rodMm = machine.sizes.rodLengthMm!;
  const edgeMm = edge.at(-1)![0];
  const tiltDeg = tiltOnRod(angleDeg, lean);
  const lifts = zoneLifts(input);
  const stand =
    lean === 0
      ? say('hold.rod.upright', { lifts })
      : say('hold.rod.leans', { leanDeg: lean, tiltDeg });
  const stroke =
    edgeMm > EDGE_OVER_ROD * rodMm
      ? say('hold.rod.halves', { edgeMm, rodMm })
      : say('hold.rod.stroke', { edgePer10Mm: (10 * edgeMm) / rodMm });
  return plainly(
    machine.name,
    [stand, stroke, say('hold.rod.lightly'), ...ownStones(input, machine)],
    lean === 0
      ? STRINGS.uprightSpineOffIt(machine.name, keptAngle(input), zoneLiftText(lifts))
      : STRINGS.atDegrees(
          machine.name,
          fixed(lean),
          tiltDeg === 0
            ? STRINGS.bladeUpright
            : STRINGS.spineDegreesTheRod(
                fixed(Math.abs(tiltDeg)),
                tiltDeg > 0 ? STRINGS.awayFrom : STRINGS.towards,
              ),
        ),
  );
};

/** The angle a machine gives at the apex itself, where its surface is no plane. */
const atTheApex = (
  { angleDeg, bevelFaceMm }: HoldingInput,
  { kind, sizes }: Machine,
): number | null => {
  const face = mm(bevelFaceMm);
  if (kind === 'belt' && sizes.sagRadiusMm !== null)
    return beltBevel(face, mm(sizes.sagRadiusMm), perSide(angleDeg)).apexAngle;
  if (kind === 'wheel' && sizes.wheelDiameterMm !== null) {
    const hollow = wheelBevel(face, mm(sizes.wheelDiameterMm / 2), perSide(angleDeg));
    return hollow.ok ? hollow.value.apexAngle : null;
  }
  return null;
};

/** Closer to the wanted angle than this the apex needs no setting of its own, degrees. */
const SAME_APEX_DEG = 0.05;

/** A table, a belt or a wheel: what to read off its dial, and what its own shape makes of it. */
const byDial = (input: HoldingInput, machine: Machine): Holding => {
  const { angleDeg, faceLeanDeg } = input;
  const setting = settingOn(machine, angleDeg, input.bevelFaceMm);
  const lines: Text[] = [setting.text];
  if (machine.kind === 'table')
    lines.push(
      say('hold.dial.gauge', {
        readingDeg: gaugeReading(angleDeg, faceLeanDeg),
        leanDeg: faceLeanDeg,
      }),
    );
  const apexDeg = atTheApex(input, machine);
  if (apexDeg !== null && Math.abs(apexDeg - angleDeg) > SAME_APEX_DEG)
    lines.push(
      say('hold.dial.apex', {
        apexDeg: angleDeg,
        setDeg: settingFor(calibrate(machine.cuts), 2 * angleDeg - apexDeg),
      }),
    );
  return plainly(
    machine.name,
    [...lines, ...ownStones(input, machine)],
    STRINGS.setToDegrees(machine.name, fixed(setting.setDeg)),
    machine.cuts.length === 0 ? [say('hold.dial.uncalibrated', { machine: machine.name })] : [],
  );
};

const byShims = (input: HoldingInput, machine: Machine): Holding => {
  const shim = machine.sizes.shimMm!;
  const counts = ZONES.flatMap((zone) => {
    const station = stationOfZone(input.stations, zone);
    if (!station) return [];
    const counted = shimsFor(
      mm(station.heightMm),
      mm(station.thicknessMm / 2),
      perSide(input.angleDeg),
      mm(shim),
    );
    if (!counted.ok) return [];
    const near = counted.value[counted.value.nearest];
    const off = counted.value.nearest === 'below' ? counted.value.above : counted.value.below;
    return [{ zone, sMm: station.sMm, near, off }];
  });
  return {
    way: machine.name,
    lines: counts.map(({ zone, near, off }) =>
      say('hold.shims.zone', {
        zone,
        count: near.count,
        shimMm: shim,
        angleDeg: near.angleDeg ?? 0,
        other: off.angleDeg === null ? null : { count: off.count, angleDeg: off.angleDeg },
      }),
    ),
    curves: [
      curveOf(
        input,
        counts.map(({ sMm, near }) => ({ sMm, angleDeg: near.angleDeg })),
      ),
    ],
    perStone: [],
    warnings: counts.some(
      ({ near }) => Math.abs((near.angleDeg ?? 0) - input.angleDeg) > SERVES_WITHIN_DEG,
    )
      ? [say('hold.shims.coarse')]
      : [],
    setAgain: `${machine.name}: ${counts.map(({ zone, near }) => `${zone} ${near.count}`).join(', ')}`,
  };
};

const byRail = (input: HoldingInput, machine: Machine): Holding => {
  const offset = machine.sizes.railOffsetMm!;
  const distance = offset / Math.tan(toRadians(perSide(input.angleDeg)));
  const along = input.stations.map(({ sMm, yMm, heightMm, turnDeg }): HeldAt => {
    // The rail is straight: on the belly it is nearer or farther along the normal.
    const here = (distance - yMm) / Math.cos(toRadians(perSide(turnDeg)));
    const clips = heightMm >= here + RAIL_GRIP_MM && here > 0;
    return { sMm, angleDeg: clips ? railAngle(here, offset) : null };
  });
  const serves = (held: HeldAt): boolean =>
    held.angleDeg !== null && Math.abs(held.angleDeg - input.angleDeg) <= SERVES_WITHIN_DEG;
  const lastServed = along.findIndex((held) => !serves(held));
  const to = lastServed < 0 ? along.at(-1)!.sMm : (along[lastServed - 1]?.sMm ?? 0);
  const tooLow = lastServed === 0;
  return {
    way: machine.name,
    lines: tooLow
      ? []
      : [
          say('hold.rail.clip', { distanceMm: distance }),
          lastServed < 0 ? say('hold.rail.whole') : say('hold.rail.part', { toMm: to }),
        ],
    curves: [curveOf(input, along)],
    perStone: [],
    warnings: tooLow
      ? [say('hold.rail.too-low', { angleDeg: input.angleDeg, distanceMm: distance })]
      : [],
    setAgain: tooLow
      ? ''
      : STRINGS.undersideMmAboveTheEdgeTo(machine.name, fixed(distance), at(to)),
  };
};

const byClamp = (input: HoldingInput, machine: Machine): Holding => {
  const reach = machine.sizes.pivotReachMm!;
  const d = machine.sizes.rodToFaceMm!;
  const length = input.edge.at(-1)![0];
  const pivot = { xMm: pivotForAngle(perSide(input.angleDeg), reach, d), yMm: reach, zMm: 0 };
  const best = evenestSlide(input.edge, pivot, d, [-length, 0]);
  const middle = clampAngles(input.edge, pivot, d, -length / 2);
  const jawMm = -best.slideMm;
  const lengths = input.edge.map(([z]) => z);
  const alongOf = (angles: readonly number[]): HeldAt[] =>
    angles.map((angleDeg, index) => ({ sMm: lengths[index]!, angleDeg }));
  const perStone = input.stones.map((stone, index): StoneSetting => {
    const raised = raiseOf(machine, index);
    // The step at the bench tells the same figure: target, raise, calibration, thickness of the stone.
    const heightMm = settingOn(
      machine,
      input.angleDeg + raised,
      input.bevelFaceMm,
      stone.thicknessMm,
    ).pivotMm!;
    return {
      stoneId: stone.id,
      stone: stone.name,
      heightMm,
      text: say('hold.clamp.stone', {
        pivotMm: heightMm,
        stoneMm: stone.thicknessMm ?? null,
        raisedDeg: raised,
      }),
    };
  });
  return {
    way: machine.name,
    lines: [
      say('hold.clamp.place', {
        jawMm,
        lowDeg: Math.min(...best.angleDeg),
        highDeg: Math.max(...best.angleDeg),
        spreadDeg: best.spreadDeg,
        middleSpreadDeg: middle.spreadDeg,
      }),
      say('hold.clamp.check'),
    ],
    curves: [curveOf(input, alongOf(best.angleDeg), alongOf(middle.angleDeg))],
    perStone,
    warnings:
      best.spreadDeg > 2 * SERVES_WITHIN_DEG
        ? [say('hold.clamp.wanders', { spreadDeg: best.spreadDeg })]
        : [],
    setAgain: STRINGS.jawFromTheHeelPivotMm(
      machine.name,
      at(jawMm),
      fixed(perStone[0]?.heightMm ?? pivot.xMm),
    ),
  };
};

const heldAlike = (input: HoldingInput): Holding => {
  const { machine } = input;
  if (!machine) return byHand(input);
  if (machine.kind === 'shims') return byShims(input, machine);
  if (machine.kind === 'guide rail') return byRail(input, machine);
  if (machine.kind === 'clamp rig') return byClamp(input, machine);
  return machine.kind === 'honing rod' ? byRod(input, machine) : byDial(input, machine);
};

const isSame = (one: Text, other: Text): boolean => JSON.stringify(one) === JSON.stringify(other);

/** How this blade is held with what the shop owns; side by side where its sides are held differently. */
export const holdingOf = ({ held, ...rest }: SidesHeld): Holding => {
  const each = held.map(({ side, angleDeg, stations }) => ({
    side,
    holding: heldAlike({ ...rest, side, angleDeg, stations }),
  }));
  const [first] = each;
  if (each.length === 1 && first) return first.holding;
  // What holds of both sides alike is told once, after what holds of one.
  const bySide = <T extends Text>(linesOf: (holding: Holding) => readonly T[]): Text[] => {
    const ofSides = each.map(({ side, holding }) => ({ side, lines: linesOf(holding) }));
    const isShared = (line: T): boolean =>
      ofSides.every(({ lines }) => lines.some((other) => isSame(line, other)));
    return [
      ...ofSides.flatMap(({ side, lines }) =>
        lines.filter((line) => !isShared(line)).map((line) => onSide(side!, line)),
      ),
      ...(ofSides[0]?.lines ?? []).filter(isShared),
    ];
  };
  return {
    way: first?.holding.way ?? '',
    lines: bySide(({ lines }) => lines),
    curves: each.flatMap(({ holding }) => holding.curves),
    perStone: each.flatMap(({ side, holding }) =>
      holding.perStone.map((setting) => ({ ...setting, stone: `${setting.stone}, ${side}` })),
    ),
    warnings: bySide(({ warnings }) => warnings).flatMap((line) => joined(line)),
    setAgain: each
      .filter(({ holding }) => holding.setAgain !== '')
      .map(({ side, holding }) => `${side}: ${holding.setAgain}`)
      .join('; '),
  };
};
