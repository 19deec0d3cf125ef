/** Makes the steps of a plan, operation by operation, for the kinds of blade to put in their order. */
import { edgeMaker, type EdgeMaker } from './edge-steps';
import { finishMaker, type FinishMaker } from './finish-steps';
import { stepKit, type StepKit, type StepsInput } from './kit';
import { outlineMaker, type OutlineMaker } from './outline-steps';
import { thinningMaker, type ThinningMaker } from './thinning-steps';

export type StepMaker = Pick<StepKit, 'input' | 'stone' | 'problem' | 'heldAt' | 'hand' | 'few'> &
  OutlineMaker &
  ThinningMaker &
  EdgeMaker &
  FinishMaker;

/** A maker for one plan. */
export const stepMaker = (input: StepsInput): StepMaker => {
  const kit = stepKit(input);
  return {
    ...kit,
    ...outlineMaker(kit),
    ...thinningMaker(kit),
    ...edgeMaker(kit),
    ...finishMaker(kit),
  };
};
