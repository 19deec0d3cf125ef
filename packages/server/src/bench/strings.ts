/** Strings of the bench. */
import { stringsOf } from '@patient-edge/core';

export const STRINGS = stringsOf('server/bench', {
  mmBehindTheEdge: (behindEdgeMm: number) => `${behindEdgeMm} mm behind the edge`,
  perSide: (angleDeg: string) => `${angleDeg}° per side`,
  measuredAtTheBench: (text: string) => `Measured at the bench: ${text}`,
  theCustomerSaidNoChangeThe: (text: string) =>
    `The customer said no: “${text}” Change the plan, or ask again.`,
  thisBlade: 'This blade',
  thisStep: 'This step',
  thisStepHasBeenLeftThe: 'This step has been left; the work on it is kept as it was',
  thisStepIsBeingWorkedAt: 'This step is being worked at another place too',
  anotherStepIsOpenTheSteps: 'Another step is open: the steps are left in their order',
  howLongDidYouWork: 'How long did you work?',
  onlyTheStepDoneLastCan: 'Only the step done last can be opened again',
  thisStepIsNotDoneYet: 'This step is not done yet: work goes on where it stands',
  onlyWorkOnTheBenchIs: 'Only work on the bench is planned again from where it stands',
});
