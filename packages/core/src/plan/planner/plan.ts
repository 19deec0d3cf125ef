/**
 * From a judged blade of any kind to a plan, phase by phase: angle, outline, section, stock, progression, work,
 * report. What is particular of a kind stands in `kinds`. Who needs less than the whole stops early.
 */
import { ok, type Result } from '../../units';
import type { PlanInput } from '../choices';
import { contextOf, withPart } from './context';
import type { BladePlan } from './parts';
import { anglePhase } from './phases/angle';
import { outlinePhase } from './phases/outline';
import { progressionPhase } from './phases/progression';
import { reportPhase } from './phases/report';
import { sectionPhase } from './phases/section';
import { stockPhase } from './phases/stock';
import { workPhase } from './phases/work';

/** As far as the section half way along. Errors name the measure or choice at fault. */
export const planToSection = (input: PlanInput) =>
  withPart(
    withPart(withPart(contextOf(input), 'angle', anglePhase), 'outline', outlinePhase),
    'section',
    sectionPhase,
  );

/** As far as the steel to be taken. Errors as above. */
export const planToStock = (input: PlanInput) =>
  withPart(planToSection(input), 'stock', stockPhase);

/** As far as the steps and their minutes. Errors as above. */
export const planToWork = (input: PlanInput) =>
  withPart(withPart(planToStock(input), 'progression', progressionPhase), 'work', workPhase);

/**
 * A plan, or why there can be none. Errors name the field at fault.
 *
 * @example
 * const planned = planBlade({ measures, steel, useId: 'kitchen', sharpness: 'dull', carefulHands: true,
 *   damage: [], answers: {}, rack, machine: null, choices: DEFAULT_CHOICES });
 * if (planned.ok) planned.value.work.steps.map(({ title }) => title);
 */
export const planBlade = (input: PlanInput): Result<BladePlan> => {
  const planned = withPart(planToWork(input), 'report', reportPhase);
  if (!planned.ok) return planned;
  const { angle, outline, section, stock, progression, work, report } = planned.value;
  return ok({ angle, outline, section, stock, progression, work, report });
};
