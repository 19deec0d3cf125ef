/** Versions, habits, templates and the plan as a file, as they are sent. */
import Joi from 'joi';
import type { PlanChoices, PlanResult } from '@patient-edge/core';
import { choicesSchema } from './plan-schemas';
import { optionalText, text, version, type Checked } from './schema-parts';
import { STRINGS } from './field-strings';

export interface HabitsBody {
  readonly choices: PlanChoices;
  readonly version: number;
}
export const habitsSchema = Joi.object<Checked<HabitsBody>, true>({
  choices: choicesSchema.required().label(STRINGS.habits),
  version,
});

export interface TemplateBody {
  readonly name: string;
  readonly note: string;
}
export const templateSchema = Joi.object<Checked<TemplateBody>, true>({
  name: text(STRINGS.name, 80).min(3).required(),
  note: optionalText(STRINGS.note, 300),
});

/** The format a plan is written in. */
export const PLAN_FORMAT = 'patient-edge/plan';
export const PLAN_FORMAT_VERSION = 2;
/** Those before it differ in their result alone, which is computed anew. */
export const PLAN_FORMATS_READ = [1, PLAN_FORMAT_VERSION] as const;
/** A plan file larger than this is none. */
export const LARGEST_PLAN_FILE = 400_000;

/** A plan as a file: the choices are what is read back, the rest tells what came of them. */
export interface PlanFile {
  readonly format: typeof PLAN_FORMAT;
  readonly version: (typeof PLAN_FORMATS_READ)[number];
  readonly blade: {
    readonly kindId: string;
    readonly kind: string;
    readonly name: string;
    readonly steel: string;
    readonly edgeLengthMm: number;
  };
  readonly choices: PlanChoices;
  readonly result: PlanResult;
}

/** Only what is read back is held to its limits; what came of it is computed anew. */
export const planFileSchema = Joi.object<
  Pick<PlanFile, 'format' | 'version' | 'choices' | 'blade'>
>({
  format: Joi.string().valid(PLAN_FORMAT).required().label(STRINGS.format),
  version: Joi.number()
    .valid(...PLAN_FORMATS_READ)
    .required()
    .label(STRINGS.versionOfTheFormat),
  blade: Joi.object({ kindId: text(STRINGS.kind, 40).required() })
    .unknown()
    .required()
    .label(STRINGS.blade),
  choices: choicesSchema.required().label(STRINGS.choices),
}).unknown();
