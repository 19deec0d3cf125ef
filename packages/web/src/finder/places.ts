/** Pages and actions that can be found by their name, each for those who may. */
import type { Action } from '@patient-edge/core';
import { SECTIONS } from '../settings/sections';
import { WORDS } from './words';

export interface FoundPlace {
  readonly title: string;
  readonly says: string;
  readonly to: string;
  readonly action?: Action;
}

const PAGES: readonly FoundPlace[] = [
  { title: WORDS.takeIn, says: WORDS.takeInABlade, to: '/take-in', action: 'correct intake' },
  { title: WORDS.shop, says: WORDS.everyBladeInTheShop, to: '/' },
  { title: WORDS.lateBlades, says: WORDS.inTheShopPastTheirDay, to: '/?only=late' },
  {
    title: WORDS.bladesWaitingForAnAnswer,
    says: WORDS.estimatesNobodyAgreedYet,
    to: '/?only=waiting',
  },
  { title: WORDS.ready, says: WORDS.collectAndHandOver, to: '/ready' },
  { title: WORDS.bench, says: WORDS.workThroughSeveralBlades, to: '/tray', action: 'work step' },
  { title: WORDS.customers, says: WORDS.everybodyWhoBringsBlades, to: '/customers' },
  { title: WORDS.abrasives, says: WORDS.theRackOfStones, to: '/rack' },
  { title: WORDS.progression, says: WORDS.whichStonesInWhichOrder, to: '/rack/progression' },
  { title: WORDS.steels, says: WORDS.whatIsKnownOfASteel, to: '/rack/steels' },
  { title: WORDS.machines, says: WORDS.beltsWheelsAndRigsCalibrated, to: '/rack/machines' },
  { title: WORDS.pressure, says: WORDS.againstAKitchenScale, to: '/rack/pressure' },
  { title: WORDS.calculator, says: WORDS.liftAngleChipBeltRig, to: '/calculator' },
  { title: WORDS.takings, says: WORDS.whatWasTakenOnADay, to: '/takings', action: 'see money' },
  { title: WORDS.rates, says: WORDS.howLongStepsTakeHere, to: '/rates' },
  { title: WORDS.forecasts, says: WORDS.wasItRight, to: '/forecasts' },
  { title: WORDS.livesOfEdges, says: WORDS.howLongEdgesLast, to: '/lives' },
  { title: WORDS.history, says: WORDS.whoDidWhatWhen, to: '/history', action: 'see history' },
  { title: WORDS.messages, says: WORDS.sentAndWaiting, to: '/messages' },
  { title: WORDS.settings, says: WORDS.everythingThatIsSetOnce, to: '/settings' },
  { title: WORDS.help, says: WORDS.whatEachPageIsFor, to: '/help' },
];

export interface Deed extends Omit<FoundPlace, 'to'> {
  readonly does: { readonly to: string } | { readonly fetches: string } | 'change appearance';
}

/** What is done without looking for its page first. */
export const DEEDS: readonly Deed[] = [
  {
    title: WORDS.addAStone,
    says: WORDS.toTheRack,
    does: { to: '/rack#add' },
    action: 'change stones',
  },
  {
    title: WORDS.addASteel,
    says: WORDS.toTheTable,
    does: { to: '/rack/steels#add' },
    action: 'change steels',
  },
  {
    title: WORDS.addAMachine,
    says: WORDS.aBeltAWheelARig,
    does: { to: '/rack/machines#add' },
    action: 'change machines',
  },
  {
    title: WORDS.addAPerson,
    says: WORDS.whoWorksHere,
    does: { to: '/settings/people' },
    action: 'change people',
  },
  {
    title: WORDS.closeADay,
    says: WORDS.holidaysAndDaysOff,
    does: { to: '/settings/places' },
    action: 'change places',
  },
  { title: WORDS.changePassword, says: WORDS.yourOwn, does: { to: '/settings/account' } },
  { title: WORDS.lightOrDark, says: WORDS.onThisDevice, does: 'change appearance' },
  {
    title: WORDS.exportCustomers,
    says: 'CSV',
    does: { fetches: '/api/customers.csv' },
    action: 'export records',
  },
  {
    title: WORDS.exportJobs,
    says: 'CSV',
    does: { fetches: '/api/jobs.csv' },
    action: 'export records',
  },
];

export const PLACES: readonly FoundPlace[] = [
  ...PAGES,
  ...SECTIONS.map(({ path, title, says, action }) => ({
    title: WORDS.settingsTitle(title),
    says,
    to: `/settings/${path}`,
    ...(action ? { action } : {}),
  })),
];
