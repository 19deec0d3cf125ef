/** Strings of pressure on a scale. */
import { stringsOf } from '@patient-edge/core';

export const STRINGS = stringsOf('pressure', {
  forceOverSecondsToBeKept: (shownS: number, bandText: string) =>
    `Force over ${shownS} seconds, to be kept within ${bandText}`,
  coarse30AndMore: 'Coarse, 30 µm and more',
  medium8To30: 'Medium, 8 to 30 µm',
  fine3To8: 'Fine, 3 to 8 µm',
  finestBelow3: 'Finest, below 3 µm',
  deburringWeightOfHandAndBlade: 'Deburring: weight of hand and blade',
  pressure: 'Pressure',
  lightIsUnder5NMedium: 'Light is under 5 N, medium 5 to 10 N, firm 10 to 20 N.',
  layTheStoneOnAKitchen: (inUnits: string) =>
    `Lay the stone on a kitchen scale, set it to zero, and press as you would on the blade, with a block of wood. ${inUnits}`,
  whatToPractise: 'What to practise',
  forWhichStoneOrGrain: 'For which stone or grain',
  nameUm: (name: string, um: number) => `${name}, ${um} µm`,
  aimFor: (bandText: string) => `Aim for ${bandText}`,
  theScale: 'The scale',
  pressedNow: 'Pressed now',
  stopListening: 'Stop listening',
  listenToTheScale: 'Listen to the scale',
  startAgain: 'Start again',
  theScaleHasStoppedAnsweringType:
    'The scale has stopped answering. Type what it shows, or listen again.',
  insideOnAverage: (verdict: string, percent: number, mean: string, sd: string) =>
    `${verdict} ${percent} % inside, ${mean} on average, ± ${sd}.`,
  nothingPressedYet: 'Nothing pressed yet.',
  from0ToWasGiven: (forceText: string, typed: string) =>
    `From 0 to ${forceText}; "${typed}" was given`,
  orTypeWhatItShows: (forceLabels: string) => `Or type what it shows, ${forceLabels}`,
  read: 'Read',
});
