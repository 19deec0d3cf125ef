/** What is measured at the bench while a step is worked, and within which limits. */
import { localized } from '../text';

/** Read with an instrument while a step is worked. */
export const BENCH_READINGS = localized(
  {
    behindEdgeMm: { label: 'Behind the edge, mm', least: 0.02, most: 5 },
    at5Mm: { label: '5 mm above the edge, mm', least: 0.05, most: 15 },
    at10Mm: { label: '10 mm above the edge, mm', least: 0.05, most: 20 },
    remnantMm: { label: 'Old bevel left, mm', least: 0, most: 10 },
    rimMm: { label: 'Rim of the back, mm', least: 0, most: 15 },
    angleHeelDeg: { label: 'Angle at the heel, °', least: 1, most: 60 },
    angleMiddleDeg: { label: 'Angle in the middle, °', least: 1, most: 60 },
    angleTipDeg: { label: 'Angle at the tip, °', least: 1, most: 60 },
  } as const,
  'label',
);
export type BenchReadingId = keyof typeof BENCH_READINGS;
export const BENCH_READING_IDS = Object.keys(BENCH_READINGS) as BenchReadingId[];

export type BenchReadings = Readonly<Partial<Record<BenchReadingId, number>>>;
