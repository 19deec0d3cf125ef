/** Versions, habits, templates and the plan as a file, as they are sent. */
import Joi from 'joi';
import type { PlanChoices } from '@patient-edge/core';
import { choicesSchema } from './plan-schemas';
import { optionalText, text, version, type Checked } from './schema-parts';

export interface HabitsBody {
  readonly choices: PlanChoices;
  readonly version: number;
}
export const habitsSchema = Joi.object<Checked<HabitsBody>, true>({
  choices: choicesSchema.required().label('Habits'),
  version,
});

export interface TemplateBody {
  readonly name: string;
  readonly note: string;
}
export const templateSchema = Joi.object<Checked<TemplateBody>, true>({
  name: text('Name', 80).min(3).required(),
  note: optionalText('Note', 300),
});

/** The format a plan is written in, and the only one that is read back. */
export const PLAN_FORMAT = 'patient-edge/plan';
export const PLAN_FORMAT_VERSION = 1;
/** A plan file larger than this is none. */
export const LARGEST_PLAN_FILE = 400_000;

/** A plan as a file: the choices are what is read back, the rest tells what came of them. */
export interface PlanFile {
  readonly format: typeof PLAN_FORMAT;
  readonly version: typeof PLAN_FORMAT_VERSION;
  readonly blade: {
    readonly kindId: string;
    readonly kind: string;
    readonly name: string;
    readonly steel: string;
    readonly edgeLengthMm: number;
  };
  readonly choices: PlanChoices;
  readonly result: {
    readonly anglePerSideDeg: number;
    readonly steelMm3: number;
    readonly heightLostMm: number;
    readonly workingSeconds: number;
    readonly schools: readonly { readonly question: string; readonly school: string }[];
    readonly figures: readonly {
      readonly label: string;
      readonly value: number;
      readonly unit: string;
    }[];
    readonly steps: readonly {
      readonly key: string;
      readonly operation: string;
      readonly title: string;
      readonly instruction: string;
      readonly stone: string | null;
      readonly zone: string;
      readonly anglePerSideDeg: number | null;
      readonly sides: readonly {
        readonly side: string;
        readonly angleDeg: number | null;
        readonly strokes: number;
      }[];
      readonly forceN: readonly [number, number] | null;
      readonly direction: string | null;
      readonly pattern: string | null;
      readonly steelMm3: number;
      readonly seconds: number;
      readonly check: string;
      readonly before: string | null;
      readonly caution: string | null;
    }[];
  };
}

/** Only what is read back is held to its limits; what came of it is computed anew. */
export const planFileSchema = Joi.object<
  Pick<PlanFile, 'format' | 'version' | 'choices' | 'blade'>
>({
  format: Joi.string().valid(PLAN_FORMAT).required().label('Format'),
  version: Joi.number().valid(PLAN_FORMAT_VERSION).required().label('Version of the format'),
  blade: Joi.object({ kindId: text('Kind', 40).required() })
    .unknown()
    .required()
    .label('Blade'),
  choices: choicesSchema.required().label('Choices'),
}).unknown();
