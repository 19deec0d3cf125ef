/**
 * Which step of a plan a question to the customer concerns: the first that does what was asked about. It is not begun
 * before there is a yes. A question about work that the plan does not hold stops nothing.
 */
import type { PlanStep } from '../plan/steps';
import type { Said } from './judgement';

type Concerns = (step: Asked) => boolean;

/** What is looked at of a step to see which question concerns it. */
type Asked = Pick<PlanStep, 'operation'> & Partial<Pick<PlanStep, 'title'>>;

const doing =
  (...operations: readonly PlanStep['operation'][]): Concerns =>
  ({ operation }) =>
    operations.includes(operation);

/** By the question's id; the first list that finds a step decides. */
const CONCERNED: Readonly<Record<string, readonly Concerns[]>> = {
  law: [() => true],
  point: [() => true],
  coating: [() => true],
  height: [doing('outline'), doing('edge')],
  tip: [doing('outline')],
  'bent-tip': [doing('outline')],
  outline: [doing('outline')],
  brittle: [doing('outline', 'edge')],
  thinning: [doing('thinning')],
  surface: [doing('thinning', 'faces', 'back', 'tapping')],
  mark: [doing('thinning', 'faces', 'back', 'tapping')],
  patina: [doing('thinning', 'faces', 'back', 'tapping')],
  tapping: [doing('tapping')],
  dulling: [({ title }) => title?.code === 'razor.dull.title'],
  rust: [({ title }) => title?.code === 'rust.title'],
};

/** Feedback to the customer about the blade as a whole: only a no stops the work, before its first step. */
export const ABOUT_THE_BLADE: readonly string[] = ['as-found', 'burnt'];

/**
 * The questions of each step, in the order of the steps; a question stands at one step at most.
 *
 * @example
 * questionsOfSteps([{ operation: 'thinning' }], [{ id: 'thinning', text: 'Thin it?' }])[0]!.length; // 1
 */
export const questionsOfSteps = (
  steps: readonly Asked[],
  asked: readonly Said[],
): readonly (readonly Said[])[] => {
  const stepOf = ({ id }: Said): number => {
    for (const concerns of CONCERNED[id] ?? []) {
      const index = steps.findIndex(concerns);
      if (index >= 0) return index;
    }
    return -1;
  };
  return steps.map((_, index) => asked.filter((question) => stepOf(question) === index));
};

export interface Answered {
  readonly matter: string;
  readonly answer: 'yes' | 'no';
}

/**
 * The questions whose last answer is not a yes.
 *
 * @example
 * withoutYes([{ id: 'tip', text: 'Shorter?' }], [{ matter: 'tip', answer: 'yes' }]); // []
 */
export const withoutYes = (
  asked: readonly Said[],
  answers: readonly Answered[],
): readonly Said[] => {
  const last = new Map(answers.map(({ matter, answer }) => [matter, answer]));
  return asked.filter(({ id }) => last.get(id) !== 'yes');
};
