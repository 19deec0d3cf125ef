/** The settings in their order: what is the shop's, what is the bench's, and what is of this person and device. */
import type { Action } from '@patient-edge/core';

export interface Section {
  /** Its address below /settings. */
  readonly path: string;
  readonly title: string;
  readonly says: string;
  /** Who may open it; everybody where nothing is said. */
  readonly action?: Action;
}

export const SECTION_GROUPS: readonly {
  readonly title: string;
  readonly sections: readonly Section[];
}[] = [
  {
    title: 'Shop',
    sections: [
      {
        path: 'shop',
        title: 'Shop details',
        says: 'Name, address, telephone, tax lines, currency',
        action: 'change the shop',
      },
      {
        path: 'places',
        title: 'Places and days',
        says: 'Where and when blades are promised, and when you are closed',
        action: 'change places',
      },
      {
        path: 'prices',
        title: 'Prices',
        says: 'What each kind of blade costs, and what it includes',
      },
      {
        path: 'messages',
        title: 'Messages',
        says: 'What customers are told when a blade is ready, late or due',
        action: 'change the shop',
      },
      {
        path: 'units',
        title: 'Units and dates',
        says: 'mm or inch, N or gf, the clock, the language of dates',
        action: 'change the shop',
      },
      {
        path: 'people',
        title: 'People',
        says: 'Who works here, their roles and their sessions',
        action: 'change people',
      },
      { path: 'roles', title: 'Roles', says: 'Who may do what' },
    ],
  },
  {
    title: 'Bench',
    sections: [
      {
        path: 'habits',
        title: 'Habits',
        says: 'Where good practitioners differ: what every plan starts from',
      },
      {
        path: 'tests',
        title: 'Tests and faults',
        says: 'How an edge is tested here, and what failed tests point to',
        action: 'change tests in use',
      },
      {
        path: 'instruments',
        title: 'Instruments',
        says: 'What you measure lengths and angles with',
        action: 'change tests in use',
      },
    ],
  },
  {
    title: 'You and this device',
    sections: [
      { path: 'account', title: 'Your account', says: 'Password and other devices' },
      { path: 'appearance', title: 'Appearance', says: 'Light or dark' },
      { path: 'bench', title: 'Sounds and pedals', says: 'Cues, foot pedals, burr checks' },
      { path: 'labels', title: 'Tags and printer', says: 'The label printer and its tray' },
      {
        path: 'backup',
        title: 'Backup and export',
        says: 'How the records are kept safe, and how to take them with you',
      },
    ],
  },
];

export const SECTIONS: readonly Section[] = SECTION_GROUPS.flatMap(({ sections }) => sections);
