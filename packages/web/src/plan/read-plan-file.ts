/** A plan file, checked: loaded only when somebody reads one. */
import { LARGEST_PLAN_FILE, planFileSchema, validate, type PlanFile } from '@patient-edge/contract';
import { STRINGS } from './strings';

/** Throws an error that names the file, and the field that is wrong in it. */
export const readPlanFile = async (file: File): Promise<Pick<PlanFile, 'choices' | 'blade'>> => {
  if (file.size > LARGEST_PLAN_FILE) {
    throw new Error(
      STRINGS.fileTooLarge(file.name, LARGEST_PLAN_FILE / 1000, Math.round(file.size / 1000)),
    );
  }
  let content: unknown;
  try {
    content = JSON.parse(await file.text());
  } catch (error) {
    if (error instanceof SyntaxError) throw new Error(STRINGS.noPlanFile(file.name));
    throw error;
  }
  const checked = validate(planFileSchema, content);
  if (checked.ok) return checked.value;
  throw new Error(`${file.name}: ${checked.fields.map(({ message }) => message).join('; ')}`);
};
