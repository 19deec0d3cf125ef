/** Do it or not and why; questions before a step. */
export {
  CONSENT_IDS,
  expectationOf,
  judge,
  type Decision,
  type Judgement,
  type Said,
} from './judgement';
export { ABOUT_THE_BLADE, questionsOfSteps, withoutYes } from './step-questions';
