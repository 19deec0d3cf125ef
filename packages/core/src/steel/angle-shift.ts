/** What the steel alone says about the angle, against the middle of the window of its use. */
import type { Steel } from './steels';
import { STRINGS } from './strings';

export interface AngleShift {
  /** Per side; 0 when the steel has no say. */
  readonly deltaDeg: number;
  readonly reason: string;
}

/** Middle of the hardness a steel is used at; from the second of these on it moves by two degrees. */
const BRITTLE_HRC = { from: 61, muchFrom: 64 } as const;

/** Hard steel with coarse carbides is set steeper, by one or two degrees. */
export const brittleShift = (steel: Steel): AngleShift | null => {
  const hrc = (steel.hrcLow + steel.hrcHigh) / 2;
  return hrc > BRITTLE_HRC.from &&
    /coarse|high carbide|high vanadium|chippy$/.test(`${steel.steelClass} ${steel.edge}`)
    ? {
        deltaDeg: hrc >= BRITTLE_HRC.muchFrom ? 2 : 1,
        reason: STRINGS.hardSteelWithCoarseCarbidesHrc(steel.hrcLow, steel.hrcHigh),
      }
    : null;
};

/** Tough, fine-grained steel, well hardened, may go lower by a degree. */
export const toughShift = (steel: Steel): AngleShift | null =>
  /tough/.test(steel.edge) && steel.hrcLow >= 57
    ? { deltaDeg: -1, reason: STRINGS.toughFineGrainedSteelWellHardened }
    : null;

/**
 * How far the steel alone moves the angle, and why.
 *
 * @example
 * steelAngleShift(steel).deltaDeg; // 0
 */
export const steelAngleShift = (steel: Steel): AngleShift =>
  brittleShift(steel) ?? toughShift(steel) ?? { deltaDeg: 0, reason: STRINGS.theSteelHasNoSayOf };
