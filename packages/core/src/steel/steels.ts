/**
 * Steels by standard designation or class, with starting values for wear, finish and burr. Published
 * compositions; the factors are first guesses that the bench's own log corrects.
 */
export type BurrHabit = 'clinging' | 'moderate' | 'light' | 'releases' | 'flies off';

export interface Steel {
  readonly designation: string;
  readonly standard: string;
  readonly steelClass: string;
  readonly stainless: 'yes' | 'no' | 'semi' | 'unknown';
  /** Composition as published, in per cent by element. */
  readonly composition: string;
  readonly hrcLow: number;
  readonly hrcHigh: number;
  /** Resistance to conventional abrasives; 1 is stainless knife steel at 57 HRC. */
  readonly wearFactor: number;
  /** The same with diamond and cubic boron nitride. */
  readonly wearFactorDiamond: number;
  /** Below this a finer abrasive gains little on this steel, µm. */
  readonly finestUsefulUm: number;
  readonly burr: BurrHabit;
  readonly edge: string;
}

// prettier-ignore
export const STEELS: readonly Steel[] = [
  { designation: 'X50CrMoV15 (1.4116)', standard: 'EN 10088', steelClass: 'soft stainless', stainless: 'yes', composition: 'C 0.45-0.55 · Cr 14-15 · Mo 0.5-0.8 · V 0.1-0.2', hrcLow: 54, hrcHigh: 57, wearFactor: 0.8, wearFactorDiamond: 0.9, finestUsefulUm: 4, burr: 'clinging', edge: 'gummy' },
  { designation: 'X55CrMo14 (1.4110)', standard: 'EN 10088', steelClass: 'soft stainless', stainless: 'yes', composition: 'C 0.48-0.60 · Cr 13-15 · Mo 0.5-0.8 · V 0-0.15', hrcLow: 54, hrcHigh: 57, wearFactor: 0.85, wearFactorDiamond: 0.9, finestUsefulUm: 4, burr: 'clinging', edge: 'gummy' },
  { designation: 'X46Cr13 (1.4034)', standard: 'EN 10088', steelClass: 'soft stainless', stainless: 'yes', composition: 'C 0.43-0.50 · Cr 12.5-14.5', hrcLow: 52, hrcHigh: 55, wearFactor: 0.75, wearFactorDiamond: 0.9, finestUsefulUm: 5, burr: 'clinging', edge: 'gummy' },
  { designation: 'SUS420J2', standard: 'JIS G 4303', steelClass: 'soft stainless', stainless: 'yes', composition: 'C 0.26-0.40 · Cr 12-14', hrcLow: 50, hrcHigh: 54, wearFactor: 0.7, wearFactorDiamond: 0.85, finestUsefulUm: 5, burr: 'clinging', edge: 'gummy' },
  { designation: 'unknown stamped stainless', standard: 'none', steelClass: 'soft stainless', stainless: 'yes', composition: '', hrcLow: 52, hrcHigh: 56, wearFactor: 0.75, wearFactorDiamond: 0.9, finestUsefulUm: 5, burr: 'clinging', edge: 'gummy' },
  { designation: 'X90CrMoV18 (1.4112 / AISI 440B)', standard: 'EN 10088', steelClass: 'stainless with coarse carbides', stainless: 'yes', composition: 'C 0.85-0.95 · Cr 17-19 · Mo 0.9-1.3 · V 0.07-0.12', hrcLow: 56, hrcHigh: 59, wearFactor: 1.2, wearFactorDiamond: 1, finestUsefulUm: 2.5, burr: 'moderate', edge: 'sound' },
  { designation: 'X105CrMo17 (1.4125 / AISI 440C)', standard: 'EN 10088', steelClass: 'stainless with coarse carbides', stainless: 'yes', composition: 'C 0.95-1.20 · Cr 16-18 · Mo 0.4-0.8', hrcLow: 57, hrcHigh: 60, wearFactor: 1.3, wearFactorDiamond: 1.05, finestUsefulUm: 2, burr: 'moderate', edge: 'sound' },
  { designation: 'X105CrCoMo18-2 (1.4528)', standard: 'EN 10088', steelClass: 'stainless with coarse carbides', stainless: 'yes', composition: 'C 1.00-1.10 · Cr 16.5-18.5 · Mo 1.0-1.5 · V 0.07-0.12 · Co 1.3-1.8', hrcLow: 59, hrcHigh: 61, wearFactor: 1.4, wearFactorDiamond: 1.1, finestUsefulUm: 2, burr: 'moderate', edge: 'sound' },
  { designation: 'X30CrMoN15-1 (1.4108)', standard: 'EN 10088', steelClass: 'nitrogen stainless', stainless: 'yes', composition: 'C 0.25-0.35 · Cr 14-16 · Mo 0.85-1.1 · N 0.3-0.5', hrcLow: 57, hrcHigh: 60, wearFactor: 1, wearFactorDiamond: 0.95, finestUsefulUm: 2, burr: 'moderate', edge: 'tough' },
  { designation: 'X40CrMoVN16-2 (1.4123)', standard: 'EN 10088', steelClass: 'nitrogen stainless', stainless: 'yes', composition: 'C 0.35-0.50 · Cr 14-16 · Mo 1.0-2.5 · V 0-1.5 · N 0.1-0.3', hrcLow: 57, hrcHigh: 60, wearFactor: 1.05, wearFactorDiamond: 1, finestUsefulUm: 2, burr: 'moderate', edge: 'tough' },
  { designation: 'fine-grained stainless (about 0.65 C 13 Cr)', standard: 'none', steelClass: 'fine stainless', stainless: 'yes', composition: 'C 0.60-0.70 · Cr 12.5-13.5', hrcLow: 57, hrcHigh: 61, wearFactor: 0.95, wearFactorDiamond: 0.95, finestUsefulUm: 1.2, burr: 'light', edge: 'tough' },
  { designation: 'powder stainless moderate (about 1.3 C 15 Cr 2-3 V)', standard: 'none', steelClass: 'powder stainless', stainless: 'yes', composition: 'C 1.1-1.5 · Cr 14-16 · Mo 2-3 · V 2-3', hrcLow: 60, hrcHigh: 64, wearFactor: 1.8, wearFactorDiamond: 1.3, finestUsefulUm: 1.2, burr: 'light', edge: 'chippy when thin' },
  { designation: 'powder stainless high carbide (about 3 C 20 Cr)', standard: 'none', steelClass: 'powder stainless', stainless: 'yes', composition: 'C 2.5-3.1 · Cr 19-21 · Mo 1-1.5 · V 0.1-0.4', hrcLow: 63, hrcHigh: 67, wearFactor: 2.4, wearFactorDiamond: 1.5, finestUsefulUm: 1.2, burr: 'light', edge: 'chippy' },
  { designation: 'powder tool steel high vanadium (V 8-10)', standard: 'none', steelClass: 'powder high vanadium', stainless: 'no', composition: 'C 2.4-3.0 · Cr 5-8 · Mo 1-1.5 · V 8-10', hrcLow: 61, hrcHigh: 65, wearFactor: 4, wearFactorDiamond: 1.7, finestUsefulUm: 1.5, burr: 'light', edge: 'chippy when thin' },
  { designation: 'powder tool steel moderate vanadium (V 3-4)', standard: 'none', steelClass: 'powder high vanadium', stainless: 'no', composition: 'C 1.2-1.5 · Cr 4-5 · Mo 2-5 · V 3-4', hrcLow: 61, hrcHigh: 65, wearFactor: 2.6, wearFactorDiamond: 1.5, finestUsefulUm: 1.5, burr: 'light', edge: 'sound' },
  { designation: 'X153CrMoV12 (1.2379 / AISI D2 / SKD11)', standard: 'EN ISO 4957', steelClass: 'tool steel coarse carbides', stainless: 'semi', composition: 'C 1.45-1.60 · Cr 11-13 · Mo 0.7-1.0 · V 0.7-1.0', hrcLow: 58, hrcHigh: 62, wearFactor: 1.7, wearFactorDiamond: 1.2, finestUsefulUm: 2.5, burr: 'releases', edge: 'toothy' },
  { designation: 'X100CrMoV5 (1.2363 / AISI A2)', standard: 'EN ISO 4957', steelClass: 'tool steel', stainless: 'no', composition: 'C 0.95-1.05 · Cr 4.75-5.5 · Mo 0.9-1.4 · V 0.15-0.35', hrcLow: 58, hrcHigh: 62, wearFactor: 1.3, wearFactorDiamond: 1.05, finestUsefulUm: 2, burr: 'moderate', edge: 'tough' },
  { designation: 'HS6-5-2 (1.3343 / AISI M2)', standard: 'EN ISO 4957', steelClass: 'high-speed steel', stainless: 'no', composition: 'C 0.86-0.94 · Cr 3.8-4.5 · Mo 4.7-5.2 · V 1.7-2.1 · W 5.9-6.7', hrcLow: 61, hrcHigh: 65, wearFactor: 2, wearFactorDiamond: 1.3, finestUsefulUm: 1.5, burr: 'light', edge: 'sound' },
  { designation: '100MnCrW4 (1.2510 / AISI O1)', standard: 'EN ISO 4957', steelClass: 'low-alloy carbon', stainless: 'no', composition: 'C 0.90-1.05 · Cr 0.35-0.65 · V 0.05-0.25 · W 0.4-0.7 · Mn 1.0-1.2', hrcLow: 58, hrcHigh: 62, wearFactor: 1.05, wearFactorDiamond: 1, finestUsefulUm: 1, burr: 'light', edge: 'tough' },
  { designation: '90MnCrV8 (1.2842 / AISI O2)', standard: 'EN ISO 4957', steelClass: 'low-alloy carbon', stainless: 'no', composition: 'C 0.85-0.95 · Cr 0.2-0.5 · V 0.05-0.20 · Mn 1.8-2.2', hrcLow: 58, hrcHigh: 62, wearFactor: 1, wearFactorDiamond: 1, finestUsefulUm: 1, burr: 'light', edge: 'tough' },
  { designation: '100Cr6 (1.3505 / AISI 52100 / SUJ2)', standard: 'EN ISO 683-17', steelClass: 'low-alloy carbon', stainless: 'no', composition: 'C 0.93-1.05 · Cr 1.35-1.60', hrcLow: 59, hrcHigh: 63, wearFactor: 1.05, wearFactorDiamond: 1, finestUsefulUm: 0.9, burr: 'light', edge: 'tough' },
  { designation: '80CrV2 (1.2235)', standard: 'EN ISO 4957', steelClass: 'low-alloy carbon', stainless: 'no', composition: 'C 0.75-0.85 · Cr 0.4-0.6 · V 0.15-0.25', hrcLow: 57, hrcHigh: 61, wearFactor: 1, wearFactorDiamond: 1, finestUsefulUm: 1, burr: 'light', edge: 'tough' },
  { designation: '115W8 (1.2442)', standard: 'DIN', steelClass: 'tungsten carbon', stainless: 'no', composition: 'C 1.10-1.20 · Cr 0.15-0.25 · W 1.8-2.1', hrcLow: 62, hrcHigh: 66, wearFactor: 1.35, wearFactorDiamond: 1.1, finestUsefulUm: 0.9, burr: 'light', edge: 'chippy when thin' },
  { designation: '142WV13 (1.2562)', standard: 'DIN', steelClass: 'tungsten carbon', stainless: 'no', composition: 'C 1.35-1.50 · Cr 0.2-0.4 · V 0.25-0.30 · W 3.0-3.3', hrcLow: 63, hrcHigh: 66, wearFactor: 1.6, wearFactorDiamond: 1.2, finestUsefulUm: 0.9, burr: 'light', edge: 'chippy when thin' },
  { designation: 'SAE 5160 (60Cr3)', standard: 'SAE J404', steelClass: 'spring steel', stainless: 'no', composition: 'C 0.56-0.64 · Cr 0.7-0.9 · Mn 0.75-1.0', hrcLow: 55, hrcHigh: 59, wearFactor: 0.9, wearFactorDiamond: 0.95, finestUsefulUm: 2, burr: 'moderate', edge: 'very tough' },
  { designation: 'SAE 1055', standard: 'SAE J403', steelClass: 'plain carbon', stainless: 'no', composition: 'C 0.50-0.60', hrcLow: 54, hrcHigh: 58, wearFactor: 0.8, wearFactorDiamond: 0.9, finestUsefulUm: 2.5, burr: 'moderate', edge: 'very tough' },
  { designation: 'SAE 1075', standard: 'SAE J403', steelClass: 'plain carbon', stainless: 'no', composition: 'C 0.70-0.80', hrcLow: 57, hrcHigh: 61, wearFactor: 0.9, wearFactorDiamond: 0.95, finestUsefulUm: 1.2, burr: 'light', edge: 'tough' },
  { designation: 'SAE 1084', standard: 'SAE J403', steelClass: 'plain carbon', stainless: 'no', composition: 'C 0.80-0.93', hrcLow: 58, hrcHigh: 62, wearFactor: 0.9, wearFactorDiamond: 0.95, finestUsefulUm: 1, burr: 'light', edge: 'tough' },
  { designation: 'SAE 1095', standard: 'SAE J403', steelClass: 'plain carbon', stainless: 'no', composition: 'C 0.90-1.03', hrcLow: 58, hrcHigh: 63, wearFactor: 0.95, wearFactorDiamond: 1, finestUsefulUm: 0.8, burr: 'light', edge: 'sound' },
  { designation: 'C105U (1.1545)', standard: 'EN ISO 4957', steelClass: 'plain carbon', stainless: 'no', composition: 'C 1.00-1.10', hrcLow: 60, hrcHigh: 65, wearFactor: 1, wearFactorDiamond: 1, finestUsefulUm: 0.7, burr: 'light', edge: 'sound' },
  { designation: 'SK85 (SK5)', standard: 'JIS G 4401', steelClass: 'plain carbon', stainless: 'no', composition: 'C 0.80-0.90', hrcLow: 58, hrcHigh: 62, wearFactor: 0.9, wearFactorDiamond: 0.95, finestUsefulUm: 1, burr: 'light', edge: 'tough' },
  { designation: 'high-purity carbon (about 1.1-1.3 C)', standard: 'none', steelClass: 'plain carbon', stainless: 'no', composition: 'C 1.05-1.35', hrcLow: 61, hrcHigh: 66, wearFactor: 1, wearFactorDiamond: 1, finestUsefulUm: 0.5, burr: 'flies off', edge: 'chippy when thin' },
  { designation: 'tungsten-chromium carbon (about 1.1-1.2 C)', standard: 'none', steelClass: 'tungsten carbon', stainless: 'no', composition: 'C 1.05-1.45 · Cr 0.2-0.5 · W 1.0-2.5', hrcLow: 62, hrcHigh: 66, wearFactor: 1.2, wearFactorDiamond: 1.1, finestUsefulUm: 0.7, burr: 'light', edge: 'sound' },
  { designation: 'unknown carbon steel', standard: 'none', steelClass: 'plain carbon', stainless: 'no', composition: '', hrcLow: 56, hrcHigh: 62, wearFactor: 0.95, wearFactorDiamond: 1, finestUsefulUm: 1.5, burr: 'light', edge: 'sound' },
  { designation: 'unknown axe steel', standard: 'none', steelClass: 'plain carbon', stainless: 'no', composition: '', hrcLow: 50, hrcHigh: 57, wearFactor: 0.8, wearFactorDiamond: 0.9, finestUsefulUm: 5, burr: 'moderate', edge: 'very tough' },
  { designation: 'razor steel (about 1.1-1.2 C)', standard: 'none', steelClass: 'plain carbon', stainless: 'no', composition: 'C 1.05-1.25', hrcLow: 61, hrcHigh: 65, wearFactor: 1, wearFactorDiamond: 1, finestUsefulUm: 0.3, burr: 'flies off', edge: 'chippy when thin' },
  { designation: 'unknown hard steel (files skate)', standard: 'none', steelClass: 'powder stainless', stainless: 'unknown', composition: '', hrcLow: 62, hrcHigh: 66, wearFactor: 2.2, wearFactorDiamond: 1.4, finestUsefulUm: 1.5, burr: 'light', edge: 'chippy when thin' },
];

/** For a blade nobody can name the steel of: soft stamped stainless is the safe assumption. */
export const UNKNOWN_STEEL_DESIGNATION = 'unknown stamped stainless';

/**
 * The steel of that designation.
 *
 * @example
 * findSteel('X50CrMoV15 (1.4116)')?.stainless; // "yes"
 */
export const findSteel = (designation: string): Steel | undefined =>
  STEELS.find((steel) => steel.designation === designation);
