/** What each area is for, in five sentences; its picture ships with it. */
import { WORDS } from './words';

export interface HelpArea {
  readonly id: string;
  readonly title: string;
  /** Of the pictures that ship. */
  readonly picture: string;
  readonly sentences: readonly string[];
  /** Addresses it belongs to. */
  readonly at: RegExp;
}

export const HELP_AREAS: readonly HelpArea[] = [
  {
    id: 'shop',
    title: WORDS.shop,
    picture: 'shop',
    at: /^\/$/,
    sentences: [
      WORDS.everyBladeInTheShopDrawn,
      WORDS.theOneAtTheTopIs,
      WORDS.filterByStagePlacePersonOr,
      WORDS.selectSeveralToPrintTheirTags,
      WORDS.untilEverythingIsSetUpA,
    ],
  },
  {
    id: 'take-in',
    title: WORDS.takeIn,
    picture: 'drop-off',
    at: /^\/take-in/,
    sentences: [
      WORDS.oneLineABladeChooseIts,
      WORDS.findTheCustomerByNameOr,
      WORDS.bladesSeenBeforeAreKnownBy,
      WORDS.measuresAndConditionCanWaitFor,
      WORDS.aDraftIsKeptOnThis,
    ],
  },
  {
    id: 'assess',
    title: WORDS.measureAndAssess,
    picture: 'take-in',
    at: /^\/jobs\/\d+\/(intake|judge|photographs)/,
    sentences: [
      WORDS.measureWhatMattersForThisKind,
      WORDS.markDamageAlongTheEdgeWhere,
      WORDS.theAssessmentSaysWhetherToDo,
      WORDS.askTheCustomerWhatMustBe,
      WORDS.theEstimateComesFromYourPrice,
    ],
  },
  {
    id: 'plan',
    title: WORDS.plan,
    picture: 'plan',
    at: /^\/jobs\/\d+\/(plan|compare)/,
    sentences: [
      WORDS.theAngleTheStonesAndThe,
      WORDS.theBarAtTheTopSays,
      WORDS.whereGoodSharpenersDifferChooseYour,
      WORDS.changeAnyStepByHandWith,
      WORDS.approveItAndTheBenchHas,
    ],
  },
  {
    id: 'bench',
    title: WORDS.bench,
    picture: 'bench',
    at: /^\/(tray|jobs\/\d+\/(bench|touch-up))/,
    sentences: [
      WORDS.oneStepAtATimeLarge,
      WORDS.countStrokesByKeyPedalOr,
      WORDS.ifSomethingLooksWrongSayWhat,
      WORDS.nothingIsLostWhenTheConnection,
      WORDS.pressF2WhenACustomerComes,
    ],
  },
  {
    id: 'test',
    title: WORDS.test,
    picture: 'test',
    at: /^\/jobs\/\d+\/test/,
    sentences: [
      WORDS.testTheEdgeTheWayYour,
      WORDS.whatCountsFollowsTheUseOf,
      WORDS.setEverythingAsExpectedInOne,
      WORDS.ifItFailsTheLikelyCause,
      WORDS.whatPassedIsNotWorkedAgain,
    ],
  },
  {
    id: 'return',
    title: WORDS.readyAndReturn,
    picture: 'ready',
    at: /^\/(ready|messages|jobs\/\d+\/(return|complaint))/,
    sentences: [
      WORDS.whatIsReadyByPlaceAnd,
      WORDS.scanOrTypeTheTagIn,
      WORDS.takeThePaymentAndHandOver,
      WORDS.writeToCustomersWhoAllowedIt,
      WORDS.whenSomethingIsWrongOpenA,
    ],
  },
  {
    id: 'customers',
    title: WORDS.customersAndRecords,
    picture: 'blade',
    at: /^\/(customers|blades)/,
    sentences: [
      WORDS.everybodyWhoBringsBladesWithTheir,
      WORDS.aBladesRecordShowsEveryVisit,
      WORDS.mergeTwoEntriesThatAreOne,
      WORDS.eraseACustomerWhoAsksFor,
      WORDS.aStatementForThoseWhoPay,
    ],
  },
  {
    id: 'shelf',
    title: WORDS.shelf,
    picture: 'rack',
    at: /^\/rack/,
    sentences: [
      WORDS.everyStonePlateBeltAndStrop,
      WORDS.aNameAndAGritAre,
      WORDS.minutesOfWorkAreCountedAt,
      WORDS.soakClocksRunOnEveryPage,
      WORDS.calibrateAMachineWithATest,
    ],
  },
  {
    id: 'calculator',
    title: WORDS.calculator,
    picture: 'calculator',
    at: /^\/calculator/,
    sentences: [
      WORDS.quickQuestionsWithoutARecordLift,
      WORDS.eachHasItsPictureToScale,
      WORDS.theAddressHoldsWhatYouTyped,
      WORDS.wedgesAndLiftGaugesPrintAt,
      WORDS.theSameComputationRunsAtThe,
    ],
  },
  {
    id: 'numbers',
    title: WORDS.takingsAndHistory,
    picture: 'return',
    at: /^\/(takings|history|rates|forecasts|lives)/,
    sentences: [
      WORDS.whatWasTakenOnADay,
      WORDS.theHistorySaysWhoDidWhat,
      WORDS.filterByPersonByWhatIt,
      WORDS.bothExportToCsv,
      WORDS.nothingInTheHistoryCanBe,
    ],
  },
  {
    id: 'settings',
    title: WORDS.settings,
    picture: 'shop',
    at: /^\/settings/,
    sentences: [
      WORDS.everythingThatIsSetOnceIn,
      WORDS.whatBelongsToTheShopIs,
      WORDS.unitsAndDatesHoldOnEvery,
      WORDS.whatYouTypeAndDoNot,
      WORDS.whoMayDoWhatIsOne,
    ],
  },
];

/** The area an address belongs to; the shop where none does. */
export const areaAt = (pathname: string): HelpArea =>
  HELP_AREAS.find(({ at }) => at.test(pathname)) ?? HELP_AREAS[0]!;
