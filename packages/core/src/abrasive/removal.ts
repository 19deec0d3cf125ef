/** How fast an abrasive takes steel, and what scratches it leaves. First guesses, to be corrected by the bench's log. */
export const ABRASIVES = [
  'aluminium-oxide',
  'silicon-carbide',
  'diamond',
  'cbn',
  'ceramic',
  'natural',
  'compound',
] as const;
export type Abrasive = (typeof ABRASIVES)[number];

/** What a bench also owns: files and steel rods have teeth or nothing, no grain. */
export const BENCH_ABRASIVES = [...ABRASIVES, 'hardened steel'] as const;
export type BenchAbrasive = (typeof BENCH_ABRASIVES)[number];

export interface SteelWear {
  readonly wearFactor: number;
  readonly wearFactorDiamond?: number | undefined;
}

export interface AbrasiveBody {
  readonly um: number;
  readonly abrasive: BenchAbrasive;
  readonly cutFactor?: number | undefined;
  readonly scratchFactor?: number | undefined;
}

/**
 * The model of removal and pace that foresees the minutes of a step: kept with each step as work begins, so that only
 * like forecasts are compared.
 */
export const MODEL_VERSION = 2;

/** mm³ per newton and metre: an aluminium-oxide waterstone of 11.5 µm on stainless knife steel at 57 HRC. */
export const REFERENCE_REMOVAL = 0.006;
export const REFERENCE_GRAIN_UM = 11.5;
/** The size effect of abrasive wear below about 100 µm. */
export const GRAIN_EXPONENT = 0.7;
/** Scratch depth as a share of the grain. */
export const SCRATCH_SHARE = 0.1;
/** Useful travel by hand, m/s. */
export const HAND_SPEED_M_PER_S = 0.15;

/** The steel's resistance to this abrasive: diamond and cubic boron nitride have a factor of their own. */
export const wearAgainst = (steel: SteelWear, abrasive: BenchAbrasive): number =>
  abrasive === 'diamond' || abrasive === 'cbn'
    ? (steel.wearFactorDiamond ?? steel.wearFactor)
    : steel.wearFactor;

/** K = K₀ (d/d₀)^0.7 · cutFactor / wearFactor, mm³ per newton and metre of travel. */
export const removalPerNewtonMetre = (body: AbrasiveBody, steel: SteelWear): number =>
  (REFERENCE_REMOVAL * (body.um / REFERENCE_GRAIN_UM) ** GRAIN_EXPONENT * (body.cutFactor ?? 1)) /
  wearAgainst(steel, body.abrasive);

/**
 * seconds = volume / (K · force · speed).
 *
 * @example
 * secondsToRemove(0, { um: 10, abrasive: 'diamond' }, steel, 5, 0.15); // 0
 */
export const secondsToRemove = (
  volumeMm3: number,
  body: AbrasiveBody,
  steel: SteelWear,
  forceN: number,
  speedMPerS: number,
): number => volumeMm3 / (removalPerNewtonMetre(body, steel) * forceN * speedMPerS);

/**
 * s = 0.10 · d · scratchFactor, in µm.
 *
 * @example
 * scratchDepthUm({ um: 10, abrasive: 'aluminium-oxide' }); // 1
 */
export const scratchDepthUm = (body: AbrasiveBody): number =>
  SCRATCH_SHARE * body.um * (body.scratchFactor ?? 1);
