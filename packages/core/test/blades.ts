/** Blades that several tests talk about. */
import {
  DEFAULT_CHOICES,
  findSteel,
  NO_SIZES,
  type BladeMeasures,
  type BladeRates,
  type MachineSizes,
  type PlanInput,
  type RackStone,
  type Result,
} from '../src/index';
import type { FlatSectionMeasures } from '../src/section/flat-grind';

export const KITCHEN_SECTION: FlatSectionMeasures = {
  heightMm: 48,
  spineThicknessMm: 2.2,
  grindHeightMm: 48,
  thicknessBehindEdgeMm: 0.4,
  angleDeg: 15,
};

export const CHEF: BladeMeasures = {
  kindId: 'chef',
  edgeLengthMm: 210,
  heightHeelMm: 46,
  heightMiddleMm: 40,
  heightTipMm: 17,
  spineHeelMm: 2.4,
  spineMiddleMm: 2,
  spineTipMm: 1.1,
  thicknessBehindEdgeMm: 0.42,
  bevelFaceMm: 0.7,
  presentAnglePerSideDeg: null,
};

/** A stone of the rack with what is usual for a middling water stone. */
export const rackStone = (part: Partial<RackStone> & Pick<RackStone, 'id' | 'um'>): RackStone => ({
  name: `${part.id[0]!.toUpperCase()}${part.id.slice(1)}`,
  abrasive: 'aluminium-oxide',
  kind: 'water stone',
  bond: 'middling',
  liquid: 'water',
  soaking: 'splash',
  soakMinutes: 0,
  fitsRig: null,
  portable: false,
  strokes: 'both',
  needsDressing: false,
  flatness: 'flat',
  inWater: false,
  lengthMm: null,
  radiusMm: null,
  thicknessMm: null,
  changeSeconds: 60,
  ...part,
});

export const RACK: readonly RackStone[] = [
  rackStone({
    id: 'plate',
    um: 45,
    kind: 'diamond plate',
    abrasive: 'diamond',
    bond: 'plate or film',
    flatness: 'stays flat',
    scratchFactor: 1.2,
    changeSeconds: 20,
  }),
  rackStone({ id: 'brown', um: 16, soaking: 'soak', soakMinutes: 10 }),
  rackStone({ id: 'red', um: 8, soaking: 'soak', soakMinutes: 8 }),
  rackStone({ id: 'fine', um: 3, abrasive: 'ceramic', cutFactor: 0.8, changeSeconds: 45 }),
  rackStone({
    id: 'strop',
    um: 2,
    kind: 'strop',
    abrasive: 'compound',
    bond: 'strop',
    liquid: 'dry',
    soaking: 'dry',
    flatness: 'stays flat',
    scratchFactor: 0.4,
    changeSeconds: 10,
  }),
];

export const planInput = (part: Partial<PlanInput> = {}): PlanInput => ({
  measures: CHEF,
  steel: findSteel('X50CrMoV15 (1.4116)')!,
  useId: 'general-soft',
  sharpness: 'dull',
  carefulHands: false,
  damage: [],
  answers: {},
  rack: RACK,
  machine: null,
  choices: DEFAULT_CHOICES,
  ...part,
});

export const chip = (fromMm: number, depthMm: number, id = 'chip') => ({
  id,
  kind: 'chip' as const,
  side: 'both' as const,
  fromMm,
  lengthMm: 2,
  depthMm,
});

/** Learnt without a doubt: so many times as long on each stone of the rack. */
export const certainRates = (rack: readonly RackStone[], times: number): BladeRates => ({
  noiseSd: 0,
  common: { mean: Math.log(times), variance: 0 },
  stones: rack.map(({ id }, index) => ({
    id,
    mean: Math.log(times),
    records: 40,
    covariances: Array.from({ length: index + 1 }, () => 0),
  })),
  steelRecords: 40,
  personRecords: 40,
});

/** The value of a result that must be one. */
export const valueOf = <T>(result: Result<T>): T => {
  if (!result.ok) throw new Error(`${result.error.code}: ${result.error.message}`);
  return result.value;
};

export const codeOf = <T>(result: Result<T>): string => (result.ok ? 'ok' : result.error.code);

/** Sizes for a machine of any kind: each looks at its own. */
export const MACHINE_SIZES: MachineSizes = {
  ...NO_SIZES,
  shimMm: 1.5,
  railOffsetMm: 7,
  pivotReachMm: 160,
  rodToFaceMm: 12,
  stoneForRodMm: 20,
  rodLengthMm: 250,
  rodLeanDeg: 20,
  wheelDiameterMm: 200,
  sagRadiusMm: 300,
};
