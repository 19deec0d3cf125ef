/** Strings of trials. */
import { counted, stringsOf } from '@patient-edge/core';

export const STRINGS = stringsOf('trials', {
  trials: 'Trials',
  whatTrialsAre:
    'Two ways of doing one thing, on two similar blades or in turn on one. Which blade gets which is drawn by lot and written down before the work; the bench is told, and the customer’s page asks when the edge is dull.',
  loading: 'Loading trials…',
  none: 'No trial yet.',
  begin: 'Start a trial',
  beginOne: 'Question, two ways, and why',
  question: 'Question',
  oneWay: 'One way',
  theOtherWay: 'The other way',
  why: 'What you want to know (no names)',
  beginTrial: 'Start trial',
  against: (one: string, other: string) => `“${one}” against “${other}”`,
  begun: (day: string, who: string, seed: number) => `Started ${day} by ${who}, seed ${seed}.`,
  stoppedOn: (day: string, reason: string) => `Stopped ${day}: ${reason}`,
  running: 'Running',
  noLives: 'No result yet: each way needs a blade that has gone home.',
  likelier: (percent: number, longer: string, shorter: string) =>
    `${percent} % that “${longer}” lasts longer than “${shorter}” here`,
  lives: (one: number, other: number, ended: number) =>
    `${counted(one, 'edge', 'edges')} against ${other}; ${ended} of them dull again.`,
  enough: 'Enough is known: the trial can stop.',
  otherwise: (count: number) =>
    `${counted(count, 'visit was', 'visits were')} not done as drawn and ${count === 1 ? 'does' : 'do'} not count.`,
  blades: 'Blades',
  blade: 'Blade',
  customer: 'Customer',
  gets: 'Gets',
  drawn: 'Drawn',
  inTurn: (school: string) => `“${school}” first, then in turn`,
  noBlades: 'No blade has been drawn yet.',
  addBlades: 'Add blades',
  addBladesSays: 'whose customer agreed',
  howCompared: 'How',
  pair: 'Two similar blades',
  alternate: 'One blade, visits in turn',
  chooseTwo: 'Choose two blades of one kind.',
  chooseOne: 'Choose one blade.',
  chooseCustomer: 'Choose the customer first.',
  draw: 'Draw lots',
  stop: 'Stop the trial',
  stopSays: 'when enough is known, or for a reason',
  reason: 'Reason',
  stopNow: 'Stop trial',
  enoughKnown: 'enough is known',
  lot: (question: string, school: string, day: string) =>
    `Trial, ${question}: “${school}”. Drawn by lot ${day}.`,
  planDiffers: (school: string) => `This plan differs (“${school}”): the visit will not count.`,
  doAsDrawn: 'Use what was drawn',
});
