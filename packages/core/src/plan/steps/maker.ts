/** Makes the steps of a plan, operation by operation, for the kinds of blade to put in their order. */
import { edgeMaker, type EdgeMaker } from './edge-steps';
import { faceMaker, type FaceMaker } from './face-steps';
import { faultMaker, type FaultMaker } from './fault-steps';
import { finishMaker, type FinishMaker } from './finish-steps';
import { stepKit, type StepKit, type StepsInput } from './kit';
import { outlineMaker, type OutlineMaker } from './outline-steps';
import { protectMaker, type ProtectMaker } from './protect-steps';
import { seriesMaker, type SeriesMaker } from './series-steps';
import { thinningMaker, type ThinningMaker } from './thinning-steps';

export type StepMaker = Pick<
  StepKit,
  'input' | 'stone' | 'problem' | 'heldAt' | 'onStone' | 'hand' | 'few'
> &
  OutlineMaker &
  FaultMaker &
  ProtectMaker &
  ThinningMaker &
  FaceMaker &
  EdgeMaker &
  FinishMaker &
  SeriesMaker;

/** A maker for one plan. */
export const stepMaker = (input: StepsInput): StepMaker => {
  const kit = stepKit(input);
  const finish = finishMaker(kit);
  return {
    ...kit,
    ...outlineMaker(kit),
    ...faultMaker(kit),
    ...protectMaker(kit),
    ...thinningMaker(kit),
    ...faceMaker(kit),
    ...edgeMaker(kit, finish),
    ...finish,
    ...seriesMaker(kit),
  };
};
