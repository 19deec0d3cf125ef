/** What a chip costs: the outline it asks for, at ever more stations, and the steel and time that follow. */
import { ok, type Result } from '../../units';
import { interpolate, type BladePoint } from '../../geometry';
import { repairOutline, type EdgeCurves, type EdgeDamage, type OutlineRepair } from '../../outline';
import { bladeKind, bladeOutline, findUse, usualMeasuresOf } from '../../blade';
import { HAND_SPEED_M_PER_S, secondsToRemove, type SteelWear } from '../../abrasive';
import { DEFAULT_CHOICES } from '../choices';
import { shapesAlong, workAlong } from '../cuts';
import { forceN } from '../steps';
import { strategyOf } from '../kinds';

/** The programme is solved coarse first, so that an answer stands early and grows finer. */
export const CHIP_STATIONS = [50, 100, 200, 400] as const;

export interface ChipCostInput {
  readonly kindId: string;
  readonly edgeLengthMm: number;
  readonly chip: EdgeDamage;
  readonly steel: SteelWear;
  readonly stoneUm: number;
}

export interface ChipCost {
  readonly stations: number;
  readonly curves: EdgeCurves;
  readonly repair: OutlineRepair;
  readonly depthAlong: readonly BladePoint[];
  /** Jointing and setting the bevel again. */
  readonly steelMm3: number;
  readonly jointingSteelMm3: number;
  readonly seconds: number;
}

/** One pass at that many stations. Errors: those of the outline repair. */
export const chipCost = (input: ChipCostInput, stations: number): Result<ChipCost> => {
  const measures = usualMeasuresOf(input.kindId, input.edgeLengthMm);
  const curves = bladeOutline(measures);
  const edge = Array.from({ length: stations }, (_, index): BladePoint => {
    const z = (input.edgeLengthMm * index) / (stations - 1);
    return [z, interpolate(curves.edge, z)];
  });
  const repaired = repairOutline(edge, [input.chip]);
  if (!repaired.ok) return repaired;
  const repair = repaired.value;
  const depthAlong = edge.map(([z], index): BladePoint => [z, repair.depthMm[index]!]);
  const angleDeg = measures.presentAnglePerSideDeg!;
  const kind = bladeKind(input.kindId);
  const strategy = strategyOf({
    input: { measures, choices: DEFAULT_CHOICES, rack: [], sharpness: 'tired', damage: [] },
    kind,
    use: findUse(kind.usual.use),
    answers: {},
    presentDeg: angleDeg,
  });
  const local = shapesAlong(strategy, curves, angleDeg);
  const steelFor = (depths: readonly BladePoint[]): number => {
    const { sums } = workAlong(strategy, local, (zMm) => interpolate(depths, zMm), {
      angleDeg,
      thinning: null,
      micro: null,
    });
    return sums.outline.mm3 + sums.edge.mm3;
  };
  const steelMm3 = steelFor(depthAlong);
  const stone = { um: input.stoneUm, abrasive: 'aluminium-oxide' as const };
  return ok({
    stations,
    curves,
    repair,
    depthAlong,
    steelMm3,
    jointingSteelMm3: steelFor([
      [0, repair.joint.depthMm],
      [input.edgeLengthMm, repair.joint.depthMm],
    ]),
    seconds: secondsToRemove(
      steelMm3,
      stone,
      input.steel,
      forceN(input.stoneUm),
      HAND_SPEED_M_PER_S,
    ),
  });
};
