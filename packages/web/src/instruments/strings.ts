/** Strings of the drawings. */
import { stringsOf } from '@patient-edge/core';

export const STRINGS = stringsOf('instruments', {
  heel: 'heel',
  tip: 'tip',
  lift: 'Lift',
  crack: 'crack',
  edge: (edge: string) => `Edge ${edge}`,
  right: 'Right',
  left: 'Left',
  why: 'why?',
  labelWhy: (label: string) => `${label}, why?`,
  liftOfTheSpineByZone: 'Lift of the spine by zone',
  byEye: 'by eye',
  liftAtThe: (zone: string) => `Lift at the ${zone}`,
  at: (liftMm: string, sMm: string) => `${liftMm} at ${sMm}`,
  liftOfTheSpineByStation: (lifts: string) => `Lift of the spine by station: ${lifts}`,
  liftInAtFromTheHeel: (count: string, count2: string) =>
    `lift in ${count}, at ${count2} from the heel`,
  liftOfTheSpineAtPer: (perSideDeg: string) => `Lift of the spine at ${perSideDeg}° per side`,
  liftOfTheSpineAt: (angleDeg: string, ofSide: string) =>
    `Lift of the spine at ${angleDeg}° ${ofSide}`,
  finish: (finishUm: number, finishUm2: number) => `finish ${finishUm}–${finishUm2} µm`,
  nameUmRoughly: (name: string, um: number, roughly: string) => `${name} · ${um} µm · ${roughly}`,
  tenMm: '10 mm',
  lensAndHatching: (times: string | number) => `lens × ${times} · hatched: goes at this stage`,
  dashedAsItCame: 'dashed: as it came',
  liftOfTheSpineBandBy: 'Lift of the spine, band by band',
  liftMm: 'lift, mm',
  inTheWater: 'in the water',
  tooThin: 'too thin',
  notFlat: 'not flat',
  fromTheSideLongLeftOf: (name: string, lengthMm: string, leftMm: string, newMm: string) =>
    `${name} from the side: ${lengthMm} long, ${leftMm} left of ${newMm}`,
  whyOf: (label: string) => `Why: ${label}`,
});
