/** The settings in their order: what is the shop's, what is the bench's, and what is of this person and device. */
import type { Action } from '@patient-edge/core';
import { STRINGS } from './strings';

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
    title: STRINGS.shop,
    sections: [
      {
        path: 'shop',
        title: STRINGS.shopDetails,
        says: STRINGS.nameAddressTelephoneTaxLinesCurrency,
        action: 'change the shop',
      },
      {
        path: 'places',
        title: STRINGS.placesAndDays,
        says: STRINGS.whereAndWhenBladesArePromised,
        action: 'change places',
      },
      {
        path: 'prices',
        title: STRINGS.prices,
        says: STRINGS.whatEachKindOfBladeCosts,
      },
      {
        path: 'messages',
        title: STRINGS.messages,
        says: STRINGS.whatCustomersAreToldWhenA,
        action: 'change the shop',
      },
      {
        path: 'units',
        title: STRINGS.unitsAndDates,
        says: STRINGS.mmOrInchNOrGf,
        action: 'change the shop',
      },
      {
        path: 'people',
        title: STRINGS.people,
        says: STRINGS.whoWorksHereTheirRolesAnd,
        action: 'change people',
      },
      { path: 'roles', title: STRINGS.roles, says: STRINGS.whoMayDoWhat },
    ],
  },
  {
    title: STRINGS.bench,
    sections: [
      {
        path: 'habits',
        title: STRINGS.habits,
        says: STRINGS.whereGoodPractitionersDifferWhatEvery,
      },
      {
        path: 'tests',
        title: STRINGS.testsAndFaults,
        says: STRINGS.howAnEdgeIsTestedHere,
        action: 'change tests in use',
      },
      {
        path: 'instruments',
        title: STRINGS.instruments,
        says: STRINGS.whatYouMeasureLengthsAndAngles,
        action: 'change tests in use',
      },
    ],
  },
  {
    title: STRINGS.youAndThisDevice,
    sections: [
      { path: 'account', title: STRINGS.yourAccount, says: STRINGS.passwordAndOtherDevices },
      { path: 'appearance', title: STRINGS.appearance, says: STRINGS.lightOrDark },
      { path: 'bench', title: STRINGS.soundsAndPedals, says: STRINGS.cuesFootPedalsBurrChecks },
      { path: 'labels', title: STRINGS.tagsAndPrinter, says: STRINGS.theLabelPrinterAndItsTray },
      {
        path: 'backup',
        title: STRINGS.backupAndExport,
        says: STRINGS.howTheRecordsAreKeptSafe,
      },
    ],
  },
];

export const SECTIONS: readonly Section[] = SECTION_GROUPS.flatMap(({ sections }) => sections);
