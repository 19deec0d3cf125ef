/** Strings of the bench. */
import { stringsOf } from '@patient-edge/core';

export const STRINGS = stringsOf('server/bench', {
  mmBehindTheEdge: (behindEdgeMm: number) => `${behindEdgeMm} mm behind the edge`,
  perSide: (angleDeg: string) => `${angleDeg}° per side`,
  measuredAtTheBench: (measures: string) => `Measured at the bench: ${measures}`,
  theCustomerSaidNoChangeThe: (question: string) =>
    `The customer said no: “${question}” Change the plan, or ask again.`,
  thisBlade: 'This blade',
  thisStep: 'This step',
  thisStepHasBeenLeftThe: 'This step is finished; its work is kept as it was',
  thisStepIsBeingWorkedAt: 'This step is being worked on another device too',
  anotherStepIsOpenTheSteps: 'Another step is open: steps are finished in order',
  howLongDidYouWork: 'How long did you work?',
  onlyTheStepDoneLastCan: 'Only the last step done can be opened again',
  thisStepIsNotDoneYet: 'This step is not done yet: continue where it is',
  onlyWorkOnTheBenchIs: 'Only work on the bench can be planned again from where it is',
});
