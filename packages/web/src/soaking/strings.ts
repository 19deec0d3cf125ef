/** Strings of soaking. */
import { stringsOf } from '@patient-edge/core';

export const STRINGS = stringsOf('soaking', {
  isOutOfTheWater: (name: string) => `${name} is out of the water.`,
  toGo: (duration: string) => `${duration} to go`,
  inTheWater: (soakWords: string) => `In the water, ${soakWords}`,
  takeItOut: 'Take it out',
  startSoakingMin: (soakMinutes: number) => `Start soaking, ${soakMinutes} min`,
  noneInTheWater: 'No stone in the water',
  stonesInTheWater: 'Stones in the water',
  takeOut: (name: string) => `Take out ${name}`,
  takeOutAlone: 'Take out',
  turnSoundOff: 'Turn sound off',
  turnSoundOn: 'Turn sound on',
  ready: (soaking: string) => `Ready: ${soaking}`,
  intoTheWaterNow: 'Into the water now',
  intoTheWater: 'Into the water',
  atOnce: 'now',
  neededFromTheStart: '(needed from the start)',
  wantedInBetterBeforeYouBegin: (roughly: string, roughly2: string) =>
    `(needed in ${roughly}: put it in ${roughly2} before you start)`,
  wantedIn: (roughly: string) => `(needed in ${roughly})`,
});
