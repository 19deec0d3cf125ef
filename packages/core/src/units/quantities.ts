/**
 * Branded numbers: an angle in degrees cannot be passed where radians are wanted, nor per side where
 * inclusive is wanted. Records that cross a boundary hold plain numbers whose names end in the unit;
 * functions that take a bare number take one of these.
 */
declare const unit: unique symbol;
export type Quantity<Unit extends string> = number & { readonly [unit]: Unit };

export type Millimetres = Quantity<'mm'>;
export type Micrometres = Quantity<'µm'>;
/** Angle from the datum plane to one face, in radians. */
export type Radians = Quantity<'rad per side'>;
/** Angle from the datum plane to one face, in degrees. */
export type DegreesPerSide = Quantity<'° per side'>;
/** Angle between the two faces, in degrees. */
export type DegreesInclusive = Quantity<'° inclusive'>;

/**
 * A number meant as millimetres.
 *
 * @example
 * mm(42); // 42
 */
export const mm = (value: number): Millimetres => value as Millimetres;
/**
 * A number meant as micrometres.
 *
 * @example
 * micrometres(11.5); // 11.5
 */
export const micrometres = (value: number): Micrometres => value as Micrometres;
export const radians = (value: number): Radians => value as Radians;
/**
 * An angle of one side to the datum plane, degrees.
 *
 * @example
 * perSide(15); // 15
 */
export const perSide = (value: number): DegreesPerSide => value as DegreesPerSide;
export const inclusive = (value: number): DegreesInclusive => value as DegreesInclusive;

export const toRadians = (angle: DegreesPerSide): Radians => radians((angle * Math.PI) / 180);
export const toDegrees = (angle: Radians): DegreesPerSide => perSide((angle * 180) / Math.PI);

/** The inclusive angle of an edge from the angles of its two sides. */
export const inclusiveOf = (right: DegreesPerSide, left: DegreesPerSide): DegreesInclusive =>
  inclusive(right + left);

/** One side's share of an inclusive angle; a two-sided even edge has half of it on each side. */
export const perSideOf = (angle: DegreesInclusive, share = 0.5): DegreesPerSide =>
  perSide(angle * share);
