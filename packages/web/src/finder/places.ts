/** Pages and actions that can be found by their name, each for those who may. */
import type { Action } from '@patient-edge/core';
import { SECTIONS } from '../settings/sections';
import { STRINGS } from './strings';

export interface FoundPlace {
  readonly title: string;
  readonly says: string;
  readonly to: string;
  readonly action?: Action;
}

const PAGES: readonly FoundPlace[] = [
  { title: STRINGS.takeIn, says: STRINGS.takeInABlade, to: '/take-in', action: 'correct intake' },
  { title: STRINGS.shop, says: STRINGS.everyBladeInTheShop, to: '/' },
  { title: STRINGS.lateBlades, says: STRINGS.inTheShopPastTheirDay, to: '/?only=late' },
  {
    title: STRINGS.bladesWaitingForAnAnswer,
    says: STRINGS.estimatesNobodyAgreedYet,
    to: '/?only=waiting',
  },
  { title: STRINGS.ready, says: STRINGS.collectAndHandOver, to: '/ready' },
  {
    title: STRINGS.bench,
    says: STRINGS.workThroughSeveralBlades,
    to: '/tray',
    action: 'work step',
  },
  { title: STRINGS.theDay, says: STRINGS.whatComesNext, to: '/day' },
  { title: STRINGS.customers, says: STRINGS.everybodyWhoBringsBlades, to: '/customers' },
  { title: STRINGS.abrasives, says: STRINGS.theRackOfStones, to: '/rack' },
  { title: STRINGS.wearAndCost, says: STRINGS.whatStonesTakeAndCost, to: '/rack/wear' },
  { title: STRINGS.progression, says: STRINGS.whichStonesInWhichOrder, to: '/rack/progression' },
  { title: STRINGS.steels, says: STRINGS.whatIsKnownOfASteel, to: '/rack/steels' },
  { title: STRINGS.machines, says: STRINGS.beltsWheelsAndRigsCalibrated, to: '/rack/machines' },
  { title: STRINGS.pressure, says: STRINGS.againstAKitchenScale, to: '/rack/pressure' },
  { title: STRINGS.calculator, says: STRINGS.liftAngleChipBeltRig, to: '/calculator' },
  { title: STRINGS.takings, says: STRINGS.whatWasTakenOnADay, to: '/takings', action: 'see money' },
  {
    title: STRINGS.shopInFigures,
    says: STRINGS.bladesHoursEarnings,
    to: '/figures',
    action: 'see money',
  },
  { title: STRINGS.rates, says: STRINGS.howLongStepsTakeHere, to: '/rates' },
  { title: STRINGS.forecasts, says: STRINGS.wasItRight, to: '/forecasts' },
  { title: STRINGS.livesOfEdges, says: STRINGS.howLongEdgesLast, to: '/lives' },
  { title: STRINGS.trials, says: STRINGS.twoWaysByLot, to: '/trials' },
  { title: STRINGS.history, says: STRINGS.whoDidWhatWhen, to: '/history', action: 'see history' },
  { title: STRINGS.messages, says: STRINGS.sentAndWaiting, to: '/messages' },
  { title: STRINGS.settings, says: STRINGS.everythingThatIsSetOnce, to: '/settings' },
  { title: STRINGS.help, says: STRINGS.whatEachPageIsFor, to: '/help' },
];

export interface Deed extends Omit<FoundPlace, 'to'> {
  readonly does: { readonly to: string } | { readonly fetches: string } | 'change appearance';
}

/** What is done without looking for its page first. */
export const DEEDS: readonly Deed[] = [
  {
    title: STRINGS.addAStone,
    says: STRINGS.toTheRack,
    does: { to: '/rack#add' },
    action: 'change stones',
  },
  {
    title: STRINGS.addASteel,
    says: STRINGS.toTheTable,
    does: { to: '/rack/steels#add' },
    action: 'change steels',
  },
  {
    title: STRINGS.addAMachine,
    says: STRINGS.aBeltAWheelARig,
    does: { to: '/rack/machines#add' },
    action: 'change machines',
  },
  {
    title: STRINGS.addAPerson,
    says: STRINGS.whoWorksHere,
    does: { to: '/settings/people' },
    action: 'change people',
  },
  {
    title: STRINGS.closeADay,
    says: STRINGS.holidaysAndDaysOff,
    does: { to: '/settings/places' },
    action: 'change places',
  },
  { title: STRINGS.changePassword, says: STRINGS.yourOwn, does: { to: '/settings/account' } },
  { title: STRINGS.lightOrDark, says: STRINGS.onThisDevice, does: 'change appearance' },
  {
    title: STRINGS.exportCustomers,
    says: 'CSV',
    does: { fetches: '/api/customers.csv' },
    action: 'export records',
  },
  {
    title: STRINGS.exportJobs,
    says: 'CSV',
    does: { fetches: '/api/jobs.csv' },
    action: 'export records',
  },
];

export const PLACES: readonly FoundPlace[] = [
  ...PAGES,
  ...SECTIONS.map(({ path, title, says, action }) => ({
    title: STRINGS.settingsTitle(title),
    says,
    to: `/settings/${path}`,
    ...(action ? { action } : {}),
  })),
];
