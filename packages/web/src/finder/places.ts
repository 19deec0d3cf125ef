/** Pages and actions that can be found by their name, each for those who may. */
import type { Action } from '@patient-edge/core';
import { SECTIONS } from '../settings/sections';

export interface FoundPlace {
  readonly title: string;
  readonly says: string;
  readonly to: string;
  readonly action?: Action;
}

const PAGES: readonly FoundPlace[] = [
  { title: 'Take in', says: 'Take in a blade', to: '/take-in', action: 'correct intake' },
  { title: 'Shop', says: 'Every blade in the shop', to: '/' },
  { title: 'Late blades', says: 'In the shop past their day', to: '/?only=late' },
  {
    title: 'Blades waiting for an answer',
    says: 'Estimates nobody agreed yet',
    to: '/?only=waiting',
  },
  { title: 'Ready', says: 'Collect and hand over', to: '/ready' },
  { title: 'Bench', says: 'Work through several blades', to: '/tray', action: 'work step' },
  { title: 'Customers', says: 'Everybody who brings blades', to: '/customers' },
  { title: 'Abrasives', says: 'The rack of stones', to: '/rack' },
  { title: 'Progression', says: 'Which stones, in which order', to: '/rack/progression' },
  { title: 'Steels', says: 'What is known of a steel', to: '/rack/steels' },
  { title: 'Machines', says: 'Belts, wheels and rigs, calibrated', to: '/rack/machines' },
  { title: 'Pressure', says: 'Against a kitchen scale', to: '/rack/pressure' },
  { title: 'Calculator', says: 'Lift, angle, chip, belt, rig', to: '/calculator' },
  { title: 'Takings', says: 'What was taken on a day', to: '/takings', action: 'see money' },
  { title: 'History', says: 'Who did what, when', to: '/history', action: 'see history' },
  { title: 'Messages', says: 'Sent and waiting', to: '/messages' },
  { title: 'Settings', says: 'Everything that is set once', to: '/settings' },
  { title: 'Help', says: 'What each page is for', to: '/help' },
];

export const PLACES: readonly FoundPlace[] = [
  ...PAGES,
  ...SECTIONS.map(({ path, title, says, action }) => ({
    title: `Settings: ${title}`,
    says,
    to: `/settings/${path}`,
    ...(action ? { action } : {}),
  })),
];
