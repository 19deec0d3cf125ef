/** Strings of the bench. */
import { stringsOf } from '../text';

export const STRINGS = stringsOf('core/bench', {
  mmMmIsAimedAt: (behindEdgeMm: number, afterMm: number) =>
    `${behindEdgeMm} mm, ${afterMm} mm is aimed at`,
  mmLeft: (remnantMm: number) => `${remnantMm} mm left`,
  noneIsLeftStopHere: 'none is left: stop here',
  notChecked: (side: string, zone: string) => `${side} ${zone}: not checked`,
  noBurrYetMoreThereNot: (side: string, zone: string) =>
    `${side} ${zone}: no burr yet, more there, not everywhere`,
  burrStill: (side: string, zone: string, finding: string) =>
    `${side} ${zone}: burr still ${finding}`,
  startTheClock: 'Start the clock',
  noneAnywhere: 'none anywhere',
  everywhere: (finding: string) => `${finding} everywhere`,
  burrOnThe: (open: string, findingSaid: string) => `Burr on the ${open}: ${findingSaid}`,
  doneNextStep: 'Done, next step',
  steadyAndWhereItBelongs: 'Steady, and where it belongs.',
  tooHeavyLetTheStoneDo: 'Too heavy: let the stone do it.',
  tooLightForThisGrain: 'Too light for this grain.',
  rightOnAverageButItWanders: 'Right on average, but it wanders: slow down.',
  noBurrOnThe: (felt: string, zone: string) => `no burr on the ${felt}, ${zone}`,
  aBurrOnThe: (felt: string, zone: string) => `burr on the ${felt}, ${zone}`,
  nothingDoneYet: (side: string) => `${side} side: nothing done there yet`,
});
