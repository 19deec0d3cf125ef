/** The settings in their order: what is the shop's, what is the bench's, and what is of this person and device. */
import type { Action } from '@patient-edge/core';
import { WORDS } from './words';

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
    title: WORDS.shop,
    sections: [
      {
        path: 'shop',
        title: WORDS.shopDetails,
        says: WORDS.nameAddressTelephoneTaxLinesCurrency,
        action: 'change the shop',
      },
      {
        path: 'places',
        title: WORDS.placesAndDays,
        says: WORDS.whereAndWhenBladesArePromised,
        action: 'change places',
      },
      {
        path: 'prices',
        title: WORDS.prices,
        says: WORDS.whatEachKindOfBladeCosts,
      },
      {
        path: 'messages',
        title: WORDS.messages,
        says: WORDS.whatCustomersAreToldWhenA,
        action: 'change the shop',
      },
      {
        path: 'units',
        title: WORDS.unitsAndDates,
        says: WORDS.mmOrInchNOrGf,
        action: 'change the shop',
      },
      {
        path: 'people',
        title: WORDS.people,
        says: WORDS.whoWorksHereTheirRolesAnd,
        action: 'change people',
      },
      { path: 'roles', title: WORDS.roles, says: WORDS.whoMayDoWhat },
    ],
  },
  {
    title: WORDS.bench,
    sections: [
      {
        path: 'habits',
        title: WORDS.habits,
        says: WORDS.whereGoodPractitionersDifferWhatEvery,
      },
      {
        path: 'tests',
        title: WORDS.testsAndFaults,
        says: WORDS.howAnEdgeIsTestedHere,
        action: 'change tests in use',
      },
      {
        path: 'instruments',
        title: WORDS.instruments,
        says: WORDS.whatYouMeasureLengthsAndAngles,
        action: 'change tests in use',
      },
    ],
  },
  {
    title: WORDS.youAndThisDevice,
    sections: [
      { path: 'account', title: WORDS.yourAccount, says: WORDS.passwordAndOtherDevices },
      { path: 'appearance', title: WORDS.appearance, says: WORDS.lightOrDark },
      { path: 'bench', title: WORDS.soundsAndPedals, says: WORDS.cuesFootPedalsBurrChecks },
      { path: 'labels', title: WORDS.tagsAndPrinter, says: WORDS.theLabelPrinterAndItsTray },
      {
        path: 'backup',
        title: WORDS.backupAndExport,
        says: WORDS.howTheRecordsAreKeptSafe,
      },
    ],
  },
];

export const SECTIONS: readonly Section[] = SECTION_GROUPS.flatMap(({ sections }) => sections);
