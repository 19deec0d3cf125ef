/** What the bench sends while a step is worked, as it is left, and when what is left is planned again. */
import Joi from 'joi';
import {
  BENCH_ASK_CODES,
  BENCH_READING_IDS,
  BENCH_READINGS,
  BLADE_SIDES,
  BURR_FINDINGS,
  LONGEST_RUN_S,
  MOST_ADDED_ROUNDS,
  MOST_STEP_S,
  NO_NOTES,
  ZONES,
  type AddedRound,
  type BenchAskCode,
  type BenchReadingId,
  type BurrCheck,
  type GaugeStroke,
  type MeasuredAtBench,
  type StepNotes,
} from '@patient-edge/core';
import { number, text, version, type Checked } from './schema-parts';
import { MOST_GAUGE_STROKES } from './shop-rules';
import { STRINGS } from './field-strings';

const shownCodes = Joi.array<BenchAskCode[]>()
  .items(Joi.string().valid(...BENCH_ASK_CODES))
  .max(BENCH_ASK_CODES.length)
  .default([])
  .label(STRINGS.whatWasShown);

export interface WorkBody {
  readonly revision: number;
  readonly strokesRight: number;
  readonly strokesLeft: number;
  readonly workedSeconds: number;
  /** Elapsed, never a time of day: the clocks of two machines differ. */
  readonly runningSeconds: number | null;
  readonly burr: BurrCheck;
  readonly notes: StepNotes;
}
const strokes = (label: string) => number().integer().min(0).max(100000).required().label(label);
const burrSide = Joi.object(
  Object.fromEntries(
    ZONES.map((zone) => [
      zone,
      Joi.string()
        .valid(...BURR_FINDINGS)
        .label(STRINGS.burrAtThe(zone)),
    ]),
  ),
).required();
const addedRound = Joi.object<Checked<AddedRound>, true>({
  side: Joi.string()
    .valid(...BLADE_SIDES)
    .allow(null)
    .required()
    .label(STRINGS.side),
  count: number().integer().min(1).max(10000).required().label(STRINGS.strokes),
  zone: Joi.string()
    .valid(...ZONES)
    .allow(null)
    .required()
    .label(STRINGS.zone),
  because: text(STRINGS.why, 120).required(),
});
const notesSchema = Joi.object<Checked<StepNotes>, true>({
  added: Joi.array()
    .items(addedRound)
    .max(MOST_ADDED_ROUNDS)
    .default([])
    .label(STRINGS.addedStrokes),
  shown: shownCodes,
  readings: Joi.object(
    Object.fromEntries(
      BENCH_READING_IDS.map((id) => {
        const { label, least, most } = BENCH_READINGS[id];
        return [id, number().min(least).max(most).label(label)];
      }),
    ),
  )
    .default({})
    .label(STRINGS.readings),
  interrupted: Joi.boolean().default(false).label(STRINGS.interrupted),
});
export const workSchema = Joi.object<Checked<WorkBody>, true>({
  revision: number().integer().min(0).required().label(STRINGS.revision),
  strokesRight: strokes(STRINGS.strokesRight),
  strokesLeft: strokes(STRINGS.strokesLeft),
  workedSeconds: number().min(0).max(MOST_STEP_S).required().label(STRINGS.secondsWorked),
  runningSeconds: number()
    .min(0)
    .max(LONGEST_RUN_S)
    .allow(null)
    .required()
    .label(STRINGS.secondsOnTheClock),
  burr: Joi.object({ right: burrSide, left: burrSide }).required().label(STRINGS.burr),
  notes: notesSchema.default(NO_NOTES).label(STRINGS.notes),
});

/** The rest of the plan made again with what was measured at the bench. */
export interface ReplanBody {
  readonly version: number;
  readonly measured: MeasuredAtBench;
}
const measuredMm = (id: BenchReadingId) => {
  const { label, least, most } = BENCH_READINGS[id];
  return number().min(least).max(most).allow(null).required().label(label);
};
export const replanSchema = Joi.object<Checked<ReplanBody>, true>({
  version,
  measured: Joi.object<Checked<MeasuredAtBench>, true>({
    behindEdgeMm: measuredMm('behindEdgeMm'),
    angleDeg: measuredMm('angleMiddleDeg'),
  })
    .required()
    .label(STRINGS.measured),
});

export interface FinishStepBody {
  readonly version: number;
  /** What the step had to show besides its burr, and was seen. */
  readonly shown: readonly BenchAskCode[];
  readonly overrideReason: string | null;
}
export const finishStepSchema = Joi.object<Checked<FinishStepBody>, true>({
  version,
  shown: shownCodes,
  overrideReason: text(STRINGS.reason, 300).min(3).allow(null).required(),
});

/** What a page listens to in its one stream. */
export const DEVICE_TOPICS = ['scale', 'force', 'gauge'] as const;
export type DeviceTopic = (typeof DEVICE_TOPICS)[number];
export interface TopicsQuery {
  readonly topics: readonly DeviceTopic[];
}
export const topicsSchema = Joi.object<Checked<TopicsQuery>, true>({
  topics: Joi.array<DeviceTopic[]>()
    .items(Joi.string().valid(...DEVICE_TOPICS))
    .single()
    .min(1)
    .max(DEVICE_TOPICS.length)
    .unique()
    .required()
    .label(STRINGS.topics),
});

/** Strokes by the gauge, from the one of that number on: what is there already is not kept twice. */
export interface GaugeStrokesBody {
  readonly from: number;
  readonly strokes: readonly GaugeStroke[];
}
export const gaugeStrokesSchema = Joi.object<Checked<GaugeStrokesBody>, true>({
  from: number().integer().min(0).max(100_000).required().label(STRINGS.from),
  strokes: Joi.array()
    .items(
      Joi.object<Checked<GaugeStroke>, true>({
        side: Joi.string()
          .valid(...BLADE_SIDES)
          .required()
          .label(STRINGS.side),
        meanDeg: number().min(-90).max(90).required().label(STRINGS.angleDegrees),
        sdDeg: number().min(0).max(90).required().label(STRINGS.wobbleDegrees),
        from: number().min(0).max(1).required().label(STRINGS.fromShareOfTheEdge),
        to: number().min(0).max(1).required().label(STRINGS.toShareOfTheEdge),
        seconds: number().min(0).max(60).required().label(STRINGS.seconds),
      }),
    )
    .min(1)
    .max(MOST_GAUGE_STROKES)
    .required()
    .label(STRINGS.strokes),
});
