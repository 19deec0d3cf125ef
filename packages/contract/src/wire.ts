/** What crosses the wire: the answers of the API. Times are ISO 8601 in UTC, dates YYYY-MM-DD. */
import type { TrialLot } from './trials';
import type { ShopFormats } from './formats';
import type { Instrument, Role } from './shop-rules';
import type { Bill, Complaint } from './return-parts';
import type {
  AngleReading,
  Answers,
  BladeMeasures,
  BladeSide,
  BladeVerdict,
  BurrCheck,
  ClosedDays,
  MeasuredAtBench,
  StepNotes,
  Damage,
  EdgeReadings,
  EstimateLine,
  Figure,
  MeasuredWith,
  MeasureField,
  PlanFigures,
  PlanChoices,
  Message,
  Stage,
  TestBench,
  PlanStep,
  Place,
  Rung,
  Said,
  Sharpness,
} from '@patient-edge/core';
import type { CoinsFound, MachineBody, SteelBody, TestCutBody } from './shelf-schemas';
import type { LabelBody, PhotographBody, PriceListBody } from './judge-schemas';
import type { CustomerBody, Phone, RigSetting } from './schemas';
import type { FlatteningBody, StoneBody } from './stone-schemas';
import type { FieldError } from './validate';

export { STAGES, type Stage } from '@patient-edge/core';

export interface ApiErrorBody {
  readonly error: {
    readonly code: string;
    readonly message: string;
    readonly fields?: readonly FieldError[];
    /** With a conflict: the version now held. */
    readonly currentVersion?: number;
    /** Seconds to wait before a further try. */
    readonly retryAfterS?: number;
    /** With a key that was used before for something else: what it made then. */
    readonly made?: unknown;
  };
}

export interface StaffMember {
  readonly id: number;
  readonly name: string;
  readonly login: string;
  readonly role: Role;
}

export interface StaffRecord extends StaffMember {
  /** Whether they may sign in; whoever left stays on record. */
  readonly active: boolean;
  /** Devices they are signed in on now. */
  readonly sessions: number;
}

export interface SessionInfo {
  readonly staff: StaffMember | null;
  readonly shopName: string | null;
  /** ISO 4217, set once for the shop. */
  readonly currency: string;
  readonly formats: ShopFormats;
  /** What the shop owns to measure with. */
  readonly instruments: readonly Instrument[];
  /** No owner yet: the first-owner page comes first. */
  readonly needsSetUp: boolean;
  /** Present in the demo only. */
  readonly demoSignIns?: readonly {
    readonly login: string;
    readonly password: string;
    readonly role: Role;
  }[];
}

export interface Customer {
  readonly id: number;
  readonly name: string;
  readonly trade: string;
  /** The first of their telephones; empty when there is none. */
  readonly phone: string;
  readonly note: string;
  readonly edgesLiked: string;
}

export interface FoundBlade {
  readonly id: number;
  readonly name: string;
  readonly measures: BladeMeasures;
  readonly customerId: number;
  readonly customer: string;
  /** While it hangs in the shop. */
  readonly jobId: number | null;
  readonly tagNumber: number | null;
}
/** What a few typed letters or digits find. */
export interface Found {
  readonly customers: readonly Customer[];
  readonly blades: readonly FoundBlade[];
}
/** A page of the customers by name. */
export interface CustomerList {
  readonly customers: readonly Customer[];
  /** Where the next page begins, behind the last of this one; null where there is none. */
  readonly next: { readonly name: string; readonly id: number } | null;
}

/** What a shop begins with, each there or not. */
export interface FirstDay {
  readonly shop: boolean;
  readonly places: boolean;
  readonly people: boolean;
  readonly stones: boolean;
  readonly prices: boolean;
  readonly blade: boolean;
}

export interface BladeSummary {
  readonly id: number;
  readonly name: string;
  readonly steel: string;
  readonly measures: BladeMeasures;
}

/** A blade as the shop shows it: enough to draw its silhouette and say where it stands. */
export interface BoardJob {
  readonly jobId: number;
  readonly version: number;
  readonly takenInAt: string;
  /** An estimate is written and nobody has said yes to it yet. */
  readonly waitsForAnswer: boolean;
  /** Who did something to it last. */
  readonly lastBy: string;
  readonly customerId: number;
  readonly tagNumber: number;
  readonly stage: Stage;
  readonly promisedOn: string;
  /** Where it is promised; null where no place is open that day. */
  readonly place: string | null;
  readonly customer: string;
  readonly blade: BladeSummary;
  readonly stepsDone: number;
  readonly stepsTotal: number;
  readonly sentBack: boolean;
  /** Who works it now; null where nobody does. */
  readonly inHand: string | null;
}

export interface Board {
  readonly today: string;
  readonly jobs: readonly BoardJob[];
  readonly places: readonly Place[];
  readonly closed: readonly ClosedDays[];
}

/** A stone with what the bench's own records say of it. */
export interface Stone extends StoneBody {
  readonly id: number;
  readonly version: number;
  /** All work ever done on it. */
  readonly workedSeconds: number;
  /** Work since it was last made flat. */
  readonly secondsSinceFlat: number;
  readonly flattenedAt: string | null;
  /** Null when it is not in the water. */
  readonly soak: { readonly putInAt: string; readonly minutes: number } | null;
  /** When it last came out of the water. */
  readonly takenOutAt: string | null;
}

export interface Flattening extends Omit<FlatteningBody, 'gridGone'> {
  readonly id: number;
  readonly at: string;
  readonly who: string;
  /** Work since the flattening before. */
  readonly workedSeconds: number;
  readonly thicknessAfterMm: number | null;
}

export interface OwnSteel extends SteelBody {
  readonly id: number;
  readonly version: number;
}

export interface MachineTestCut extends TestCutBody {
  readonly id: number;
  readonly at: string;
}
export interface ShopMachine extends MachineBody {
  readonly id: number;
  readonly version: number;
  readonly cuts: readonly MachineTestCut[];
}

export interface TouchUp {
  readonly id: number;
  readonly jobId: number;
  readonly at: string;
  readonly who: string;
  readonly rung: Rung;
  readonly stone: string | null;
  readonly enough: boolean;
  readonly note: string;
  readonly coins: CoinsFound | null;
  /** On each side. */
  readonly passes: number | null;
  /** Days until the blade wanted something again. */
  readonly lastedDays: number | null;
}

export interface StepRecord {
  readonly id: number;
  readonly step: PlanStep;
  /** How long it was to take by the bench's own rates, as kept when work began or it was planned again; null before. */
  readonly forecastSeconds: number | null;
  readonly status: 'to do' | 'done';
  readonly strokesRight: number;
  readonly strokesLeft: number;
  /** Without the run the clock is in. */
  readonly workedSeconds: number;
  /** Elapsed in the run the clock is in, when this was answered; null while it stands. */
  readonly runningSeconds: number | null;
  readonly burr: BurrCheck;
  readonly notes: StepNotes;
  /** What the customer must have said yes to before this step is begun. */
  readonly asks: readonly Said[];
  readonly overrideReason: string | null;
  readonly revision: number;
  readonly superseded: boolean;
  /** Strokes of the rounds before this one, of those above. */
  readonly earlier: Readonly<Record<BladeSide, number>>;
}

export interface PlanRecord {
  readonly choices: PlanChoices;
  readonly angleDeg: number;
  readonly figures: PlanFigures;
  readonly finishUm: readonly [number, number];
  /** What was asked of this kind of blade; absent on plans from before it was kept. */
  readonly facts?: readonly { readonly label: string; readonly figure: Figure }[];
  readonly schools?: readonly { readonly question: string; readonly school: string }[];
  /** How the angle is held, to be set again at the next visit. */
  readonly setAgain?: string;
  readonly outlineVerdict: string;
  readonly thinningReason: string;
  readonly warnings: readonly Message[];
  /** Measured again at the bench, and planned with since; absent where nothing was. */
  readonly measured?: MeasuredAtBench;
}

/** A plan as it was settled once; the last is the job's own. */
export interface PlanVersion {
  readonly number: number;
  readonly at: string;
  readonly who: string;
  readonly reason: string;
  readonly choices: PlanChoices;
  readonly record: PlanRecord;
  readonly steps: readonly {
    readonly key: string;
    readonly title: Message;
    readonly seconds: number;
  }[];
}

/** The schools of the shop. */
export interface Habits {
  readonly choices: PlanChoices;
  readonly version: number;
}

/** A good job's choices, for the next of its kind. */
export interface PlanTemplate {
  readonly id: number;
  readonly kindId: string;
  readonly name: string;
  readonly note: string;
  readonly choices: PlanChoices;
  readonly jobId: number;
  readonly at: string;
  readonly who: string;
}

export interface TestRound {
  readonly phase: 'before' | 'after';
  readonly round: number;
  readonly readings: EdgeReadings;
}

export interface JobEvent {
  readonly at: string;
  readonly who: string;
  readonly kind: string;
  readonly message: Message;
}

export interface Job {
  readonly id: number;
  readonly tagNumber: number;
  readonly stage: Stage;
  readonly round: number;
  readonly version: number;
  readonly promisedOn: string;
  /** Where it is promised. */
  readonly placeId: number | null;
  readonly place: string | null;
  readonly takenInAt: string;
  readonly returnedAt: string | null;
  readonly customer: Customer;
  readonly blade: BladeSummary;
  readonly measures: BladeMeasures;
  readonly steel: string;
  readonly useId: string;
  readonly cuts: string;
  readonly askedFor: string;
  readonly sharpness: Sharpness;
  readonly carefulHands: boolean;
  readonly measuredWith: Readonly<Record<MeasureField, MeasuredWith>>;
  /** Nobody measured the angle: the usual of the kind stands in. */
  readonly angleAssumed: boolean;
  readonly angleReadings: readonly AngleReading[];
  readonly answers: Answers;
  readonly damage: readonly Damage[];
  /** What a trial's lot says of this visit; null where it is in none. */
  readonly trial: TrialLot | null;
  /** What was found on it at the visit before; null at the first. */
  readonly damageBefore: readonly Damage[] | null;
  readonly consents: readonly Consent[];
  readonly protectionDone: readonly string[];
  readonly estimate: Estimate | null;
  readonly photographs: readonly Photograph[];
  readonly plan: PlanRecord | null;
  /** Of the last plan ever settled for this visit, also when a changed intake has set it aside. */
  readonly lastChoices: PlanChoices | null;
  readonly steps: readonly StepRecord[];
  readonly tests: readonly TestRound[];
  /** What this bench tests an edge with. */
  readonly testsInUse: TestBench;
  readonly verdict: BladeVerdict | null;
  readonly remarks: string;
  readonly holding: string;
  readonly rigSetting: RigSetting;
  readonly declineReason: string | null;
  readonly bill: Bill | null;
  /** Who stood there when it was handed over; empty for the customer. */
  readonly collectedBy: string;
  /** When it is likely to want sharpening again; null until it went home worked. */
  readonly dueOn: string | null;
  /** What was wrong with the work of this visit; null where nobody said anything. */
  readonly complaint: Complaint | null;
  /** Who works it now; null where nobody has for a while. */
  readonly inHand: { readonly staffId: number; readonly name: string } | null;
  readonly events: readonly JobEvent[];
}

/** The tag to hang on the next blade, and those that hang on blades now. */
export interface NextTag {
  readonly tagNumber: number;
  readonly inUse: readonly number[];
}

export interface DropOffAnswer {
  readonly jobs: readonly Job[];
}

/** What the owner said to something that cannot be taken back. */
export interface Consent {
  readonly matter: string;
  readonly text: string;
  readonly answer: 'yes' | 'no';
  readonly name: string;
  readonly at: string;
  readonly who: string;
}

export interface Estimate {
  readonly lines: readonly EstimateLine[];
  readonly agreedBy: string | null;
  readonly agreedAt: string | null;
}

/** The shop's list; the currency may change until the first estimate was agreed. */
export interface PriceList extends PriceListBody {
  readonly currencySettled: boolean;
}

export interface Photograph extends PhotographBody {
  readonly id: number;
  readonly at: string;
  readonly widthPx: number;
  readonly heightPx: number;
}

/** A sheet that lies in the tray of the label printer. */
export interface PrintedLabel {
  readonly name: string;
  readonly at: string;
  readonly what: LabelBody['what'];
  readonly jobId: number;
  readonly tagNumber: number;
}

/** A past or present visit, as the blade's record lists it. */
export interface Visit {
  readonly jobId: number;
  readonly tagNumber: number;
  readonly stage: Stage;
  /** It went back as it came. */
  readonly declined: boolean;
  readonly takenInAt: string;
  readonly returnedAt: string | null;
  readonly anglePerSideDeg: number | null;
  /** As taken at that visit. */
  readonly measures: BladeMeasures;
  /** Rim of a hollow back at the edge, ridge above the edge; null where there is none, or nobody measured it. */
  readonly rimMm: number | null;
  readonly ridgeMm: number | null;
  readonly steelLostMm3: number | null;
  readonly workedSeconds: number;
  readonly stones: readonly string[];
  readonly forceBeforeGf: number | null;
  readonly forceAfterGf: number | null;
}

export interface BladeRecord {
  readonly blade: BladeSummary;
  readonly customer: Customer;
  readonly visits: readonly Visit[];
  /** The last visit whole, for its lifts and steps. */
  readonly lastJob: Job | null;
  /** What the customer wished for next time; empty where nothing. */
  readonly wish: string;
}

export interface BladeOfCustomer extends BladeSummary {
  /** The tag it hangs on in the shop now; null while it is at home. */
  readonly tagInUse: number | null;
}

export interface CustomerRecord {
  readonly customer: Customer;
  readonly phones: readonly Phone[];
  readonly email: string;
  readonly mayWrite: CustomerBody['mayWrite'];
  /** When they said so; null where they were not asked. */
  readonly mayWriteSince: string | null;
  readonly onAccount: boolean;
  readonly version: number;
  /** When everything personal was forgotten; null for all others. */
  readonly erasedAt: string | null;
  readonly blades: readonly BladeOfCustomer[];
}
