/** Strings of the plan. */
import { stringsOf } from '@patient-edge/core';

export const STRINGS = stringsOf('server/plan', {
  aSide: (each: string) => `${each} a side`,
  to: (seconds: string, minutes: string, minutes2: string) =>
    `${seconds} (${minutes} to ${minutes2})`,
  liftMm: (lifts: string) => `Lift, mm: ${lifts}`,
  look: 'Look: ',
  beforeGoingOn: 'Before going on: ',
  changedByHand: (changed: string) => `Changed by hand: ${changed}`,
  benchCardTag: (tagNumber: number) => `Bench card, tag ${tagNumber}`,
  tag: (tagNumber: number, name: string) => `Tag ${tagNumber}  ${name}`,
  promised: (label: string, steel: string, promisedOn: string) =>
    `${label} · ${steel} · promised ${promisedOn}`,
  perSideInclusive: (angleDeg: string, inclusiveDeg: string, finish: string) =>
    `${angleDeg}° per side, ${inclusiveDeg}° inclusive · ${finish}`,
  machineItIsNotInUse: 'Machine: it is not in use here',
  thereIsNoPlanYetSettle: 'There is no plan yet: approve one first',
  thisBlade: 'This blade',
  tagLiftsFor: (bladeName: string, tagNumber: number, angleDeg: string, ofSide: string) =>
    `${bladeName}, tag ${tagNumber}: lifts for ${angleDeg}° ${ofSide}`,
  thisPlanHoldsNoAngleBy: 'This plan sets no angle by lift: there is no gauge to cut',
  thisTemplate: 'This template',
  theHabitsWereChangedBySomeone: 'The habits were changed by someone else; look again',
  theHabits: 'the habits',
  thereIsNoPlanToKeep: 'There is no plan to keep as a template',
  nameIsTakenForThisKind: (name: string) => `Name "${name}" is taken for this kind of blade`,
});
