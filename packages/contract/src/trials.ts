/** Trials, as they are sent and asked for. */
import Joi from 'joi';
import { TRIAL_WAYS, type TrialArm, type TrialResult, type TrialWay } from '@patient-edge/core';
import { id, text, type Checked } from './schema-parts';
import { STRINGS } from './field-strings';

export interface TrialBlade {
  readonly bladeId: number;
  readonly blade: string;
  readonly customerId: number;
  readonly customer: string;
  readonly way: TrialWay;
  readonly beginsWith: TrialArm;
  readonly drawnAt: string;
}

export interface Trial {
  readonly id: number;
  /** A question of the schools, and two of its answers. */
  readonly question: string;
  readonly firstSchool: string;
  readonly secondSchool: string;
  readonly note: string;
  readonly seed: number;
  readonly begunAt: string;
  readonly begunBy: string;
  readonly stoppedAt: string | null;
  readonly stopReason: string;
  readonly blades: readonly TrialBlade[];
  /** Null before each arm has a life. */
  readonly result: TrialResult | null;
  /** Visits that were not done as the lot said: they do not count. */
  readonly otherwise: number;
}

/** What a blade on the bench gets, by the lot. */
export interface TrialLot {
  readonly trialId: number;
  readonly question: string;
  readonly school: string;
  readonly other: string;
  readonly drawnAt: string;
}

export interface TrialBody {
  readonly question: string;
  readonly firstSchool: string;
  readonly secondSchool: string;
  readonly note: string;
}
export const trialSchema = Joi.object<Checked<TrialBody>, true>({
  question: text(STRINGS.question, 40).required(),
  firstSchool: text(STRINGS.oneWay, 40).required(),
  secondSchool: text(STRINGS.theOtherWay, 40)
    .invalid(Joi.ref('firstSchool'))
    .required()
    .messages({ 'any.invalid': STRINGS.theOtherWayMustDiffer }),
  note: text(STRINGS.note, 300).allow('').default(''),
}).label(STRINGS.trial);

export interface TrialBladesBody {
  readonly way: TrialWay;
  readonly bladeIds: readonly number[];
}
export const trialBladesSchema = Joi.object<Checked<TrialBladesBody>, true>({
  way: Joi.string()
    .valid(...TRIAL_WAYS)
    .required()
    .label(STRINGS.way),
  bladeIds: Joi.array()
    .items(id(STRINGS.blade).required())
    .unique()
    .when('way', { is: 'pair', then: Joi.array().length(2), otherwise: Joi.array().length(1) })
    .required()
    .label(STRINGS.blades)
    .messages({ 'array.length': STRINGS.choosePairOrOne }),
}).label(STRINGS.trial);

export interface StopTrialBody {
  readonly reason: string;
}
export const stopTrialSchema = Joi.object<Checked<StopTrialBody>, true>({
  reason: text(STRINGS.reason, 300).required(),
}).label(STRINGS.trial);
