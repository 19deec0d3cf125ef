/** Strings of the help pages. */
import { stringsOf } from '@patient-edge/core';

export const STRINGS = stringsOf('help', {
  shop: 'Shop',
  everyBladeInTheShopDrawn:
    'Every blade in the shop, drawn to one scale and grouped by the day it is promised.',
  theOneAtTheTopIs:
    'The one at the top is the most urgent; its button leads to whatever it needs next.',
  filterByStagePlacePersonOr:
    'Filter by stage, place, person or kind, or press Late, Ready or Waiting; the filter stays when you come back.',
  selectSeveralToPrintTheirTags:
    'Select several to print their tags, promise another day or hand them over together.',
  untilEverythingIsSetUpA:
    'Until everything is set up, a short list here shows what a new shop still needs.',
  takeIn: 'Take in',
  oneLineABladeChooseIts:
    'One line a blade: choose its outline, say what it is for and when it is promised, and press Enter.',
  findTheCustomerByNameOr:
    'Find the customer by name or telephone, or add a new one in the same place.',
  bladesSeenBeforeAreKnownBy:
    'Blades seen before are known by tag, name or outline, and bring their measures with them.',
  measuresAndConditionCanWaitFor: 'Measures and condition can wait for the bench.',
  aDraftIsKeptOnThis: 'A draft is kept on this device until you take the blades in.',
  measureAndAssess: 'Measure and assess',
  measureWhatMattersForThisKind:
    'Measure what matters for this kind of blade; anything left out has the usual value until you measure it.',
  markDamageAlongTheEdgeWhere:
    'Mark damage along the edge where it is, beside what was there last time.',
  theAssessmentSaysWhetherToDo:
    'The assessment says whether to do it, send it on or decline it, and why.',
  askTheCustomerWhatMustBe: 'Ask the customer what must be asked, and record who agreed.',
  theEstimateComesFromYourPrice: 'The estimate comes from your price list and the likely work.',
  plan: 'Plan',
  theAngleTheStonesAndThe:
    'The angle, the stones and the steps for this blade, from your own rack.',
  theBarAtTheTopSays:
    'The bar at the top says what it takes and what it costs; every figure can say why.',
  whereGoodSharpenersDifferChooseYour:
    'Where good sharpeners differ, choose your way; every plan starts from your habits.',
  changeAnyStepByHandWith: 'Change any step by hand, with a reason that stays with the job.',
  approveItAndTheBenchHas: 'Approve it, and it is ready at the bench.',
  bench: 'Bench',
  oneStepAtATimeLarge: 'One step at a time, large enough to read from a metre away.',
  countStrokesByKeyPedalOr:
    'Count strokes by key, pedal or touch, feel for the burr, and press Done.',
  ifSomethingLooksWrongSayWhat:
    'If something looks wrong, say what you see: it offers the likely cause and the remedy.',
  nothingIsLostWhenTheConnection:
    'Nothing is lost when the connection drops; it is sent when the connection is back.',
  pressF2WhenACustomerComes:
    'Press F2 when a customer comes in, and F2 again to return to the same stroke.',
  test: 'Test',
  testTheEdgeTheWayYour: 'Test the edge the way your shop does, zone by zone.',
  whatCountsFollowsTheUseOf: 'What counts follows the use of the blade.',
  setEverythingAsExpectedInOne:
    'Set everything as expected in one press, then correct the exceptions.',
  ifItFailsTheLikelyCause: 'If it fails, the likely cause leads back to the right step.',
  whatPassedIsNotWorkedAgain: 'What passed is not worked again.',
  readyAndReturn: 'Ready and return',
  whatIsReadyByPlaceAnd: 'What is ready, by place and customer.',
  scanOrTypeTheTagIn:
    'Scan or type the tag in the customer’s hand: all of their blades come up together.',
  takeThePaymentAndHandOver:
    'Take the payment and hand over in one press; the receipt and the sheet are ready to print.',
  writeToCustomersWhoAllowedIt:
    'Write to customers who allowed it when their blades are ready, late or due again.',
  whenSomethingIsWrongOpenA:
    'When something is wrong, open a complaint from the blade: its record knows what was done.',
  customersAndRecords: 'Customers and records',
  everybodyWhoBringsBladesWithTheir:
    'Everybody who brings blades, with their telephones and how they like their edges.',
  aBladesRecordShowsEveryVisit:
    'A blade’s record shows every visit: angle, stones, steel taken, and how long the edge lasted.',
  mergeTwoEntriesThatAreOne: 'Merge two entries that are one person; nothing is lost.',
  eraseACustomerWhoAsksFor:
    'Erase a customer who asks for it: the work stays on record, the person does not.',
  aStatementForThoseWhoPay: 'Statements for those who pay by the month print from here.',
  shelf: 'Shelf',
  everyStonePlateBeltAndStrop: 'Every stone, plate, belt and strop on one scale of micrometres.',
  aNameAndAGritAre:
    'A name and a grit are enough to plan with; the rest has usual values until you change it.',
  minutesOfWorkAreCountedAt:
    'Minutes of work are counted at the bench, and flattening falls due by them.',
  soakClocksRunOnEveryPage: 'Soak clocks run on every page.',
  calibrateAMachineWithATest: 'Calibrate a machine with a test cut, and the plan sets it right.',
  calculator: 'Calculator',
  quickQuestionsWithoutARecordLift:
    'Quick questions without a record: lift, angle, shims, belt, wheel, rig, chip.',
  eachHasItsPictureToScale: 'Each has its picture to scale and says how it was worked out.',
  theAddressHoldsWhatYouTyped: 'The address holds what you typed, to be sent or kept.',
  wedgesAndLiftGaugesPrintAt: 'Wedges and lift gauges print at true size.',
  theSameComputationRunsAtThe: 'The same computation runs at the command line.',
  takingsAndHistory: 'Numbers',
  whatWasTakenOnADay: 'Takings of a day by method of payment, with receipts.',
  theHistorySaysWhoDidWhat:
    'The history says who did what, when: to a blade, a customer, a stone or the shop.',
  settings: 'Settings',
  everythingThatIsSetOnceIn: 'Everything you set once, in one list.',
  whatBelongsToTheShopIs:
    'The owner sets what belongs to the shop; whoever uses this device sets what belongs to the device.',
  unitsAndDatesHoldOnEvery:
    'Units and dates apply to every screen, print and export; the records keep their own.',
  whatYouTypeAndDoNot: 'What you type and do not save is still there when you come back.',
  whoMayDoWhatIsOne: 'Who may do what is one table, under Roles.',
  findAnything: 'find anything',
  theseKeys: 'these keys',
  nearerAndWider: 'nearer, wider',
  tab: 'Tab',
  nextControl: 'next control',
  enter: 'Enter',
  pressItOrSaveTheForm: 'press it, or save the form',
  esc: 'Esc',
  closeWhatIsOpen: 'close what is open',
  addTheBladeToTheList: 'add the blade to the list',
  zero9Enter: '0–9 Enter',
  theTagInTheCustomersHand: 'the tag in the customer’s hand',
  keysOfThisPage: 'Keys of this page',
  help: (title: string) => `Help: ${title}`,
  close: 'Close',
  helpAlone: 'Help',
  asItLooksInTheDemo: (title: string) => `${title}, as it looks in the demo`,
  theDay: 'The day',
  whatToTakeUpNext:
    'The top shows what each person does next; the order below keeps late blades as few, and as little late, as it can.',
  blocksAreBladesOnStones:
    'Each block is a blade on a stone; soaking and flattening are drawn too, and a late blade has a thick edge and its reason in the table.',
  holdBackOrFirst:
    'In the table a blade can be put first or held back; what somebody has in hand stays with them, and the bench shows the next step under Done.',
  whoIsThere:
    'Tick who is here and from when to when, or for how long: the order is updated at once, and one sentence says what moved.',
  twoWeeksAndCalendars:
    'The two weeks ahead show work against hours; the day exports as a printed sheet with boxes, as CSV or to a calendar, and in the evening planned and worked time are compared.',
  figuresAddUp:
    'The figures add up blades, hours and earnings by week, place, kind or customer, with what came back and what was late; each table exports to CSV.',
  ratesAndForecasts:
    'Rates come from finished steps, by stone, steel and person; forecasts are compared with what the work took.',
  edgeLifeAndTrials:
    'Edge life compares how long edges last; a trial draws by lot which blade gets which of two ways, and says how probable a difference is.',
});
