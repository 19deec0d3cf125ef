/** Joi schemas of every request body, with the type each one lets through. */
import Joi from 'joi';
import {
  ZONES,
  EDGE_TEST_IDS,
  EDGE_TESTS,
  FAULT_CAUSE_IDS,
  PLAN_OPERATIONS,
  type AnyCauseId,
  type OwnFault,
  type EdgeReadings,
  type EdgeTest,
  type ClassMeans,
  type OwnTest,
  type PlaceReading,
  type TestBench,
  USE_IDS,
  type PlanChoices,
} from '@patient-edge/core';
import { choicesSchema } from './plan-schemas';
import {
  id,
  number,
  oneOf,
  optionalText,
  text,
  version,
  yesOrNo,
  type Checked,
} from './schema-parts';
import { ROLES, type Role } from './shop-rules';
import { STRINGS } from './field-strings';

const login = Joi.string()
  .pattern(/^[a-z][a-z0-9.-]{1,39}$/, {
    name: STRINGS.lowerCaseLettersDigitsDotsAnd,
  })
  .required()
  .label(STRINGS.signInName);
const newPassword = Joi.string().min(10).max(200).required().label(STRINGS.password);

export interface SignInBody {
  readonly login: string;
  readonly password: string;
}
export const signInSchema = Joi.object<Checked<SignInBody>, true>({
  login: Joi.string().max(40).required().label(STRINGS.signInName),
  password: Joi.string().max(200).required().label(STRINGS.password),
});

export interface SetUpBody {
  readonly shopName: string;
  readonly name: string;
  readonly login: string;
  readonly password: string;
}
export const setUpSchema = Joi.object<Checked<SetUpBody>, true>({
  shopName: text(STRINGS.nameOfTheShop, 80).required(),
  name: text(STRINGS.yourName, 80).required(),
  login,
  password: newPassword,
});

export interface StaffBody {
  readonly name: string;
  readonly login: string;
  readonly password: string;
  readonly role: Role;
}
export const staffSchema = Joi.object<Checked<StaffBody>, true>({
  name: text(STRINGS.name, 80).required(),
  login,
  password: newPassword,
  role: oneOf(STRINGS.role, ROLES),
});

export interface ChangeStaffBody {
  readonly name: string;
  readonly role: Role;
  readonly active: boolean;
}
export const changeStaffSchema = Joi.object<Checked<ChangeStaffBody>, true>({
  name: text(STRINGS.name, 80).required(),
  role: oneOf(STRINGS.role, ROLES),
  active: yesOrNo().required().label(STRINGS.active),
});

/** A first password again, for somebody who forgot theirs. */
export interface ResetPasswordBody {
  readonly password: string;
}
export const resetPasswordSchema = Joi.object<Checked<ResetPasswordBody>, true>({
  password: newPassword,
});

export interface PasswordBody {
  readonly currentPassword: string;
  readonly newPassword: string;
}
export const passwordSchema = Joi.object<Checked<PasswordBody>, true>({
  currentPassword: Joi.string().max(200).required().label(STRINGS.currentPassword),
  newPassword: newPassword.label(STRINGS.newPassword),
});

export interface Phone {
  /** Whose or where: "kitchen", "evenings". */
  readonly label: string;
  readonly number: string;
}
export interface CustomerBody {
  readonly name: string;
  readonly trade: string;
  readonly phones: readonly Phone[];
  readonly note: string;
  /** How they like their edges. */
  readonly edgesLiked: string;
  readonly email: string;
  /** Whether they said that they may be written to. */
  readonly mayWrite: (typeof MAY_WRITE)[number];
  /** Pays by the month. */
  readonly onAccount: boolean;
}
export const MAY_WRITE = ['not asked', 'yes', 'no'] as const;
export const MOST_PHONES = 6;
const customerKeys = {
  name: text(STRINGS.customersName, 80).required(),
  trade: optionalText(STRINGS.trade, 80),
  phones: Joi.array()
    .items(
      Joi.object<Checked<Phone>, true>({
        label: optionalText(STRINGS.whoseTelephone, 40),
        number: text(STRINGS.telephone, 40)
          .pattern(/\d.*\d/, { name: STRINGS.aNumberWithItsDigits })
          .required(),
      }),
    )
    .max(MOST_PHONES)
    .default([])
    .label(STRINGS.telephones),
  note: optionalText(STRINGS.note, 500),
  edgesLiked: optionalText(STRINGS.howTheyLikeTheirEdges, 300),
  email: Joi.string()
    .trim()
    .max(120)
    .email({ tlds: false })
    .allow('')
    .default('')
    .label(STRINGS.eMail),
  mayWrite: Joi.string()
    .valid(...MAY_WRITE)
    .default('not asked')
    .label(STRINGS.mayBeWrittenTo),
  onAccount: yesOrNo().default(false).label(STRINGS.paysByTheMonth),
};
export const customerSchema = Joi.object<Checked<CustomerBody>, true>(customerKeys);

export interface ChangeCustomerBody extends CustomerBody {
  readonly version: number;
}
export const changeCustomerSchema = Joi.object<Checked<ChangeCustomerBody>, true>({
  ...customerKeys,
  version,
});

export interface MergeCustomerBody {
  readonly version: number;
  /** Who stays: the blades, telephones and notes go there. */
  readonly intoId: number;
}
export const mergeCustomerSchema = Joi.object<Checked<MergeCustomerBody>, true>({
  version,
  intoId: id(STRINGS.customerWhoStays).required(),
});

export interface EraseCustomerBody {
  readonly version: number;
  /** Typed out, because it cannot be taken back. */
  readonly name: string;
}
export const eraseCustomerSchema = Joi.object<Checked<EraseCustomerBody>, true>({
  version,
  name: text(STRINGS.name, 80).required(),
});

/** What is typed into the search; a query comes as text. */
export const searchSchema = Joi.object<Checked<{ readonly q: string }>, true>({
  q: Joi.string().trim().max(80).allow('').default('').label(STRINGS.search),
});

export interface PlanBody {
  readonly version: number;
  readonly choices: PlanChoices;
  /** Why it was settled anew; empty the first time. */
  readonly reason: string;
}
export const planSchema = Joi.object<Checked<PlanBody>, true>({
  version,
  choices: choicesSchema.required().label(STRINGS.choices),
  reason: optionalText(STRINGS.reason, 300),
});

export interface VersionBody {
  readonly version: number;
}
export const versionSchema = Joi.object<Checked<VersionBody>, true>({ version });

/** The version in an address, where a request has no body. */
export const versionQuerySchema = Joi.object<Checked<VersionBody>, true>({
  version: Joi.number().integer().min(0).required().label(STRINGS.version),
});

export interface CustomerPageQuery {
  readonly afterName: string | null;
  readonly afterId: number | null;
}
/** Behind which customer a page of the list begins; the first page where nothing is said. */
export const customerPageSchema = Joi.object<Checked<CustomerPageQuery>, true>({
  afterName: Joi.string().max(80).default(null).label(STRINGS.afterName),
  afterId: Joi.number().integer().min(1).default(null).label(STRINGS.afterNumber),
});

export interface ReadingsBody {
  readonly version: number;
  readonly phase: 'before' | 'after';
  readonly readings: EdgeReadings;
}
/** Of what a shop added itself. */
export const OWN_ID = /^own-[a-z0-9-]{1,24}$/;
const OWN_ID_NAME = { name: STRINGS.ownIdName };
/** One class of each test, of those that are read there. */
const classesAt = (at: EdgeTest['at']) =>
  Joi.object(
    Object.fromEntries(
      EDGE_TESTS.filter((test) => test.at === at && test.classes.length > 0).map(
        ({ id: test, label, classes }) => [
          test,
          Joi.string()
            .valid(...classes.map((each) => each.id))
            .label(label),
        ],
      ),
    ),
    // What the shop's own tests may read, the shop says; what is none of it is refused where it is kept.
  ).pattern(OWN_ID, Joi.string().max(40).label(STRINGS.ownTest));
/** On what, of those tests that say so. */
const mediaSchema = Joi.object(
  Object.fromEntries(
    EDGE_TESTS.filter(({ media }) => media.length > 0).map(({ id: test, label, media }) => [
      test,
      Joi.string()
        .valid(...media)
        .label(STRINGS.onWhat(label)),
    ]),
  ),
).pattern(OWN_ID, Joi.string().max(40).label(STRINGS.ownTestOnWhat));
const placeReading = Joi.object<Checked<PlaceReading>, true>({
  test: Joi.string()
    .allow(...EDGE_TEST_IDS)
    .pattern(OWN_ID, OWN_ID_NAME)
    .required()
    .label(STRINGS.test),
  zone: oneOf(STRINGS.zone, ZONES),
  atMm: number().min(0).max(2000).required().label(STRINGS.placeMmFromTheHeel),
  read: text(STRINGS.reading, 40).required(),
}).custom((place: PlaceReading, helpers) => {
  const known = EDGE_TESTS.find((test) => test.id === place.test);
  // What the shop's own tests may read, the shop says.
  return !known || (known.at === 'zone' && known.classes.some((each) => each.id === place.read))
    ? place
    : helpers.error('any.only', {
        label: STRINGS.reading,
        valids: known.classes.map((each) => each.id),
      });
});
const zoneReadings = Joi.object({
  classes: classesAt('zone').required().label(STRINGS.readingsOfTheZone),
  forceGf: Joi.array()
    .items(number().min(1).max(2000).label(STRINGS.cutForceGf))
    .max(3)
    .required()
    .label(STRINGS.cutForce),
}).required();
export const readingsSchema = Joi.object<Checked<ReadingsBody>, true>({
  version,
  phase: Joi.string().valid('before', 'after').required().label(STRINGS.beforeOrAfter),
  readings: Joi.object({
    ...Object.fromEntries(ZONES.map((zone) => [zone, zoneReadings.required()])),
    blade: classesAt('blade').default({}).label(STRINGS.readingsOfTheBlade),
    media: mediaSchema.default({}).label(STRINGS.onWhatItWasTested),
    places: Joi.array().items(placeReading).max(40).default([]).label(STRINGS.places),
  })
    .required()
    .label(STRINGS.readings),
});

/** The tests a bench has: of the known those it owns the instruments for, and its own. */
export type TestsInUse = TestBench;
/** How often a cause was confirmed at this bench. */
export type ConfirmedCauses = Readonly<Partial<Record<AnyCauseId, number>>>;

/** The rows a shop added to the table of faults. */
export interface OwnFaults {
  readonly own: readonly OwnFault[];
}
export const ownFaultsSchema = Joi.object<Checked<OwnFaults>, true>({
  own: Joi.array()
    .items(
      Joi.object<Checked<OwnFault>, true>({
        id: Joi.string().pattern(OWN_ID, OWN_ID_NAME).required().label(STRINGS.row),
        sign: text(STRINGS.sign, 80).required(),
        at: oneOf(STRINGS.whereItIsMet, ['bench', 'test', 'return']),
        minutes: number().min(0.05).max(60).required().label(STRINGS.minutes),
        cause: text(STRINGS.cause, 150).required(),
        remedy: text(STRINGS.remedy, 200).required(),
        backTo: Joi.string()
          .valid(...PLAN_OPERATIONS)
          .allow(null)
          .required()
          .label(STRINGS.backTo),
      }),
    )
    .max(40)
    .unique('id')
    .required()
    .label(STRINGS.ownFaults),
});

const CLASS_MEANS: readonly ClassMeans[] = ['good', 'remark', 'fine', 'fault'];
const ownTest = Joi.object<Checked<OwnTest>, true>({
  id: Joi.string().pattern(OWN_ID, OWN_ID_NAME).required().label(STRINGS.test),
  label: text(STRINGS.nameOfTheTest, 40).required(),
  how: text(STRINGS.howItIsDone, 200).required(),
  tells: optionalText(STRINGS.whatItTells, 200),
  at: oneOf(STRINGS.readWhere, ['zone', 'blade']),
  classes: Joi.array()
    .items(
      Joi.object({
        id: text(STRINGS.reading, 40).required(),
        means: oneOf(STRINGS.whatItMeans, CLASS_MEANS),
      }),
    )
    .min(2)
    .max(6)
    .unique('id')
    .required()
    .label(STRINGS.readings),
  media: Joi.array().items(text(STRINGS.onWhat2, 40)).max(12).default([]).label(STRINGS.onWhat2),
  minutes: number().min(0.05).max(60).required().label(STRINGS.minutes),
  instrument: text(STRINGS.instrument, 60).allow(null).default(null),
  countsFor: Joi.array()
    .items(Joi.string().valid(...USE_IDS))
    .unique()
    .default([])
    .label(STRINGS.countsFor),
});
export const testsInUseSchema = Joi.object<Checked<TestsInUse>, true>({
  inUse: Joi.array()
    .items(Joi.string().valid(...EDGE_TEST_IDS))
    .min(1)
    .unique()
    .required()
    .label(STRINGS.testsInUse),
  own: Joi.array()
    .items(ownTest)
    .max(20)
    .unique('id')
    .unique('label')
    .default([])
    .label(STRINGS.ownTests),
  goodForceGf: number().min(20).max(2000).allow(null).default(null).label(STRINGS.knownGoodBladeGf),
});

export interface VerdictBody {
  readonly version: number;
  /** Null passes the blade; a step's id sends it back there. */
  readonly backToStepId: number | null;
  /** What it probably is, by the one who sends it back; null where nobody said. */
  readonly cause: AnyCauseId | null;
  readonly note: string;
}
export const verdictSchema = Joi.object<Checked<VerdictBody>, true>({
  version,
  backToStepId: id(STRINGS.step).allow(null).required(),
  cause: Joi.string()
    .allow(null, ...FAULT_CAUSE_IDS)
    .pattern(OWN_ID, OWN_ID_NAME)
    .default(null)
    .label(STRINGS.cause),
  note: optionalText(STRINGS.note, 500),
});

/** How a rig was set for a blade, to be set again: null or empty where there was nothing to write down. */
export interface RigSetting {
  /** Middle of the jaws, from the heel. */
  readonly jawMm: number | null;
  /** Where the rule of the rod or pillar stood. */
  readonly ruleMarkMm: number | null;
  /** Block or spacer under it. */
  readonly block: string;
}

export interface ReturnBody {
  readonly version: number;
  /** Read off the tag in the customer's hand. */
  readonly tagNumber: number;
  readonly sheathed: boolean;
  readonly remarks: string;
  /** How the angle was held: to be set again at the next visit. */
  readonly holding: string;
  readonly rigSetting: RigSetting;
  /** Who stood there; empty for the customer. */
  readonly collectedBy: string;
}
export const NO_RIG_SETTING: RigSetting = { jawMm: null, ruleMarkMm: null, block: '' };
const rigSettingSchema = Joi.object<Checked<RigSetting>, true>({
  jawMm: number().min(0).max(600).allow(null).default(null).label(STRINGS.jawsFromTheHeelMm),
  ruleMarkMm: number().min(-300).max(600).allow(null).default(null).label(STRINGS.markOnTheRuleMm),
  block: optionalText(STRINGS.block, 60),
});
export const returnSchema = Joi.object<Checked<ReturnBody>, true>({
  version,
  tagNumber: number().integer().min(1).max(9999).required().label(STRINGS.tagNumber),
  sheathed: yesOrNo().required().label(STRINGS.sheathedOrWrapped),
  remarks: optionalText(STRINGS.notedNotRepaired, 500),
  holding: optionalText(STRINGS.howTheAngleWasHeld, 200),
  rigSetting: rigSettingSchema.default(NO_RIG_SETTING).label(STRINGS.howTheRigWasSet),
  collectedBy: optionalText(STRINGS.collectedBy, 80),
});

export interface DeclineBody {
  readonly version: number;
  readonly reason: string;
}
export const declineSchema = Joi.object<Checked<DeclineBody>, true>({
  version,
  reason: text(STRINGS.reason, 300).min(3).required(),
});

/** An id in a path is text: the one place where it is converted. */
export const idSchema = Joi.number()
  .integer()
  .min(1)
  .max(2 ** 31 - 1)
  .required();

/** What a template is printed for; numbers come as text in an address. */
export const printWedgeSchema = Joi.object<Checked<{ readonly angleDeg: number }>, true>({
  angleDeg: Joi.number().min(1).max(60).required().label(STRINGS.anglePerSideDegrees),
});
export const printLiftSchema = Joi.object<{
  readonly angleDeg: number;
  readonly liftMm: readonly number[];
}>({
  angleDeg: Joi.number().min(1).max(60).required().label(STRINGS.anglePerSideDegrees),
  liftMm: Joi.array()
    .items(Joi.number().min(0).max(200).label(STRINGS.liftMm))
    .single()
    .min(1)
    .max(4)
    .required()
    .label(STRINGS.liftMm),
});
