/** What each area is for, in five sentences; its picture ships with it. */
import { STRINGS } from './strings';

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
    title: STRINGS.shop,
    picture: 'shop',
    at: /^\/$/,
    sentences: [
      STRINGS.everyBladeInTheShopDrawn,
      STRINGS.theOneAtTheTopIs,
      STRINGS.filterByStagePlacePersonOr,
      STRINGS.selectSeveralToPrintTheirTags,
      STRINGS.untilEverythingIsSetUpA,
    ],
  },
  {
    id: 'take-in',
    title: STRINGS.takeIn,
    picture: 'drop-off',
    at: /^\/take-in/,
    sentences: [
      STRINGS.oneLineABladeChooseIts,
      STRINGS.findTheCustomerByNameOr,
      STRINGS.bladesSeenBeforeAreKnownBy,
      STRINGS.measuresAndConditionCanWaitFor,
      STRINGS.aDraftIsKeptOnThis,
    ],
  },
  {
    id: 'assess',
    title: STRINGS.measureAndAssess,
    picture: 'take-in',
    at: /^\/jobs\/\d+\/(intake|judge|photographs)/,
    sentences: [
      STRINGS.measureWhatMattersForThisKind,
      STRINGS.markDamageAlongTheEdgeWhere,
      STRINGS.theAssessmentSaysWhetherToDo,
      STRINGS.askTheCustomerWhatMustBe,
      STRINGS.theEstimateComesFromYourPrice,
    ],
  },
  {
    id: 'plan',
    title: STRINGS.plan,
    picture: 'plan',
    at: /^\/jobs\/\d+\/(plan|compare)/,
    sentences: [
      STRINGS.theAngleTheStonesAndThe,
      STRINGS.theBarAtTheTopSays,
      STRINGS.whereGoodSharpenersDifferChooseYour,
      STRINGS.changeAnyStepByHandWith,
      STRINGS.approveItAndTheBenchHas,
    ],
  },
  {
    id: 'bench',
    title: STRINGS.bench,
    picture: 'bench',
    at: /^\/(tray|jobs\/\d+\/(bench|touch-up))/,
    sentences: [
      STRINGS.oneStepAtATimeLarge,
      STRINGS.countStrokesByKeyPedalOr,
      STRINGS.ifSomethingLooksWrongSayWhat,
      STRINGS.nothingIsLostWhenTheConnection,
      STRINGS.pressF2WhenACustomerComes,
    ],
  },
  {
    id: 'test',
    title: STRINGS.test,
    picture: 'test',
    at: /^\/jobs\/\d+\/test/,
    sentences: [
      STRINGS.testTheEdgeTheWayYour,
      STRINGS.whatCountsFollowsTheUseOf,
      STRINGS.setEverythingAsExpectedInOne,
      STRINGS.ifItFailsTheLikelyCause,
      STRINGS.whatPassedIsNotWorkedAgain,
    ],
  },
  {
    id: 'return',
    title: STRINGS.readyAndReturn,
    picture: 'ready',
    at: /^\/(ready|messages|jobs\/\d+\/(return|complaint))/,
    sentences: [
      STRINGS.whatIsReadyByPlaceAnd,
      STRINGS.scanOrTypeTheTagIn,
      STRINGS.takeThePaymentAndHandOver,
      STRINGS.writeToCustomersWhoAllowedIt,
      STRINGS.whenSomethingIsWrongOpenA,
    ],
  },
  {
    id: 'customers',
    title: STRINGS.customersAndRecords,
    picture: 'blade',
    at: /^\/(customers|blades)/,
    sentences: [
      STRINGS.everybodyWhoBringsBladesWithTheir,
      STRINGS.aBladesRecordShowsEveryVisit,
      STRINGS.mergeTwoEntriesThatAreOne,
      STRINGS.eraseACustomerWhoAsksFor,
      STRINGS.aStatementForThoseWhoPay,
    ],
  },
  {
    id: 'shelf',
    title: STRINGS.shelf,
    picture: 'rack',
    at: /^\/rack/,
    sentences: [
      STRINGS.everyStonePlateBeltAndStrop,
      STRINGS.aNameAndAGritAre,
      STRINGS.minutesOfWorkAreCountedAt,
      STRINGS.soakClocksRunOnEveryPage,
      STRINGS.calibrateAMachineWithATest,
    ],
  },
  {
    id: 'calculator',
    title: STRINGS.calculator,
    picture: 'calculator',
    at: /^\/calculator/,
    sentences: [
      STRINGS.quickQuestionsWithoutARecordLift,
      STRINGS.eachHasItsPictureToScale,
      STRINGS.theAddressHoldsWhatYouTyped,
      STRINGS.wedgesAndLiftGaugesPrintAt,
      STRINGS.theSameComputationRunsAtThe,
    ],
  },
  {
    id: 'day',
    title: STRINGS.theDay,
    picture: 'day',
    at: /^\/day/,
    sentences: [
      STRINGS.whatToTakeUpNext,
      STRINGS.blocksAreBladesOnStones,
      STRINGS.holdBackOrFirst,
      STRINGS.whoIsThere,
      STRINGS.twoWeeksAndCalendars,
    ],
  },
  {
    id: 'numbers',
    title: STRINGS.takingsAndHistory,
    picture: 'return',
    at: /^\/(takings|figures|history|rates|forecasts|lives|trials)/,
    sentences: [
      STRINGS.whatWasTakenOnADay,
      STRINGS.figuresAddUp,
      STRINGS.ratesAndForecasts,
      STRINGS.edgeLifeAndTrials,
      STRINGS.theHistorySaysWhoDidWhat,
    ],
  },
  {
    id: 'settings',
    title: STRINGS.settings,
    picture: 'shop',
    at: /^\/settings/,
    sentences: [
      STRINGS.everythingThatIsSetOnceIn,
      STRINGS.whatBelongsToTheShopIs,
      STRINGS.unitsAndDatesHoldOnEvery,
      STRINGS.whatYouTypeAndDoNot,
      STRINGS.whoMayDoWhatIsOne,
    ],
  },
];

/** The area an address belongs to; the shop where none does. */
export const areaAt = (pathname: string): HelpArea =>
  HELP_AREAS.find(({ at }) => at.test(pathname)) ?? HELP_AREAS[0]!;
