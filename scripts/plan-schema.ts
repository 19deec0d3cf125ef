/** The JSON Schemas of a plan: as a file, and as it is asked for and answered from outside. Made from the code's own lists. */
import {
  ABRASIVE_KIND_IDS,
  allQuestions,
  ANGLE_LIMITS_DEG,
  APPROACHES,
  AXE_SERVICES,
  BACK_TURNS,
  BENCH_ABRASIVES,
  BLADE_KINDS,
  BLADE_PARTS,
  BONDS,
  BURR_POLICIES,
  CHANGEABLE,
  CONSENT_IDS,
  DAMAGE_KINDS,
  DIRECTIONS,
  FINISHING_SURFACES,
  FORCE_LIMITS,
  FINGER_ORDERS,
  HIGHEST_BAND_MM,
  RIDGE_FORMS,
  FRONT_FORMS,
  LASTING_CLAIMS,
  LIQUIDS,
  LOW_SPOT_HABITS,
  MACHINE_KINDS,
  MEASURE_FIELDS,
  MICRO_HABITS,
  MICRO_STROKES_LIMITS,
  MOST_HIGH_SPOT_VISITS,
  MOST_BANDS,
  MOST_DEBURR_RAISE_DEG,
  MOST_IN_SERIES,
  MOST_OVER_DEG,
  MOST_OWN_ROUNDS,
  MOST_STROP_STROKES,
  MOST_FLAT_SIDE_DEG,
  MOST_TAPE_LAYERS,
  MOST_UNDER_DEG,
  NO_SIZES,
  OLD_EDGES,
  OWN_ZONES,
  PLAN_OPERATIONS,
  PROGRESSION_SCHOOLS,
  REFINED_FACES,
  RETURN_STROKES,
  ROD_HABITS,
  SERIES_SURFACES,
  RAZOR_STARTS,
  SERRATION_WAYS,
  SHARPNESS,
  SLURRIES,
  SOAKINGS,
  STEP_GATES,
  STROKE_LIKINGS,
  STROKE_PATTERNS,
  STROP_BACKS,
  THIN_DEPTHS,
  TIP_WAYS,
  USE_IDS,
  WIDEST_TAPPED_RIM_MM,
  WORK_ORDERS,
  type Question,
} from '../packages/core/src/index';

type Schema = Readonly<Record<string, unknown>>;
type Fields = Readonly<Record<string, Schema>>;

const text: Schema = { type: 'string' };
const openText: Schema = { type: ['string', 'null'] };
const yesOrNo: Schema = { type: 'boolean' };
const open = (schema: Schema): Schema => ({ oneOf: [{ type: 'null' }, schema] });
const number = (limits: Schema = {}): Schema => ({ type: 'number', ...limits });
const openNumber = (limits: Schema = {}): Schema => ({ type: ['number', 'null'], ...limits });
const oneOf = (values: readonly string[]): Schema => ({ enum: values });
const openOneOf = (values: readonly string[]): Schema => ({ enum: [...values, null] });
const list = (items: Schema): Schema => ({ type: 'array', items });
const pair = (items: Schema = number()): Schema => ({
  type: 'array',
  items,
  minItems: 2,
  maxItems: 2,
});
const NOT_NEGATIVE = { minimum: 0 };
const POSITIVE = { exclusiveMinimum: 0 };

/** An object with these fields alone; all of them required, or those named. */
const object = (
  properties: Fields,
  required: readonly string[] = Object.keys(properties),
): Schema => ({
  type: 'object',
  additionalProperties: false,
  required,
  properties,
});
const partial = (properties: Fields): Schema => object(properties, []);

const finishUm = pair(number({ minimum: 0.1, maximum: 800 }));
const [lowestDeg, highestDeg] = ANGLE_LIMITS_DEG;

const chain = {
  part: oneOf(BLADE_PARTS),
  stones: open(list(text)),
  bond: openOneOf(BONDS),
  finishUm: open(finishUm),
  faceMm: openNumber({ minimum: 0.02, maximum: 80 }),
  direction: oneOf(DIRECTIONS),
  slurry: oneOf(SLURRIES),
};
const change = {
  step: text,
  what: oneOf(CHANGEABLE),
  to: text,
  reason: { type: 'string', minLength: 3 },
};
const added = {
  after: openText,
  title: text,
  instruction: text,
  minutes: number({ minimum: 0.1, maximum: 600 }),
  reason: text,
};
const finishing = {
  on: oneOf(FINISHING_SURFACES),
  stropId: openText,
  back: oneOf(STROP_BACKS),
  underDeg: number({ minimum: 0, maximum: MOST_UNDER_DEG }),
  strokes: { type: 'integer', minimum: 1, maximum: MOST_STROP_STROKES },
};
const practice = {
  oldEdge: oneOf(OLD_EDGES),
  returnStroke: oneOf(RETURN_STROKES),
  slurry: oneOf(SLURRIES),
  micro: oneOf(MICRO_HABITS),
  rod: oneOf(ROD_HABITS),
  lowSpots: oneOf(LOW_SPOT_HABITS),
  lasts: oneOf(LASTING_CLAIMS),
  mustCutAfterFirst: yesOrNo,
};
const ofKind = {
  frontForm: openOneOf(FRONT_FORMS),
  fingerOrder: oneOf(FINGER_ORDERS),
  ridgeForm: oneOf(RIDGE_FORMS),
  backTurn: oneOf(BACK_TURNS),
  tapForRimMm: openNumber({ minimum: 0.1, maximum: WIDEST_TAPPED_RIM_MM }),
  serrationWay: oneOf(SERRATION_WAYS),
  flatSideDeg: openNumber({ minimum: 0, maximum: MOST_FLAT_SIDE_DEG }),
  axeService: oneOf(AXE_SERVICES),
  tipWay: oneOf(TIP_WAYS),
  razorStart: oneOf(RAZOR_STARTS),
  tapeLayers: { type: 'integer', minimum: 0, maximum: MOST_TAPE_LAYERS },
};
const thickness = { at5Mm: openNumber(), at10Mm: openNumber() };

const band = {
  angleDeg: number(POSITIVE),
  toMm: openNumber({ exclusiveMinimum: 0, maximum: HIGHEST_BAND_MM }),
  stoneId: openText,
};
const surface = {
  surface: oneOf(SERIES_SURFACES),
  stoneId: openText,
  strokes: { type: 'integer', minimum: 1, maximum: MOST_STROP_STROKES },
  underDeg: openNumber({ minimum: -MOST_OVER_DEG, maximum: MOST_UNDER_DEG }),
};
const ownRound = {
  side: oneOf(['right', 'left']),
  strokes: { type: ['integer', 'null'], minimum: 1 },
  seconds: openNumber(POSITIVE),
  zone: openOneOf(OWN_ZONES),
};
const force = {
  firstN: number({ minimum: FORCE_LIMITS.firstN[0], maximum: FORCE_LIMITS.firstN[1] }),
  fall: number({ minimum: FORCE_LIMITS.fall[0], maximum: FORCE_LIMITS.fall[1] }),
};

/** Choices a plan made before they existed does not have; null, or absent, is the habit of the shop. */
const laterChoices = (whole: boolean): Fields => ({
  thinBands: open({
    ...list(object(band, whole ? undefined : ['angleDeg'])),
    minItems: 1,
    maxItems: MOST_BANDS,
  }),
  thinStopMm: openNumber(POSITIVE),
  highSpotVisits: { type: ['integer', 'null'], minimum: 1, maximum: MOST_HIGH_SPOT_VISITS },
  handFromUm: openNumber({ minimum: 0.1, maximum: 800 }),
  series: open({
    ...list(object(surface, whole ? undefined : ['surface', 'strokes'])),
    minItems: 1,
    maxItems: MOST_IN_SERIES,
  }),
  ownPatterns: open({
    type: 'object',
    additionalProperties: {
      ...list(object(ownRound, whole ? undefined : ['side'])),
      minItems: 1,
      maxItems: MOST_OWN_ROUNDS,
    },
  }),
  force: open(object(force, whole ? undefined : ['firstN'])),
  order: openOneOf(WORK_ORDERS),
  refineFace: openOneOf(REFINED_FACES),
  deburrRaiseDeg: number({ minimum: 0, maximum: MOST_DEBURR_RAISE_DEG }),
  microStrokes: {
    type: 'integer',
    minimum: MICRO_STROKES_LIMITS[0],
    maximum: MICRO_STROKES_LIMITS[1],
  },
});

/** Every choice; `whole` as a file keeps them, else partial at every depth. */
const choices = (whole: boolean): Schema => {
  const nested = whole ? object : partial;
  const fields = {
    approach: openOneOf(APPROACHES),
    angleDeg: openNumber({
      minimum: lowestDeg,
      maximum: highestDeg,
      description: 'per side, to the datum plane',
    }),
    chipsLeft: list(text),
    thin: { type: ['boolean', 'null'] },
    thinDepth: openOneOf(THIN_DEPTHS),
    thinTo: nested(thickness),
    finishUm: open(finishUm),
    maxRatio: openNumber({ exclusiveMinimum: 1 }),
    direction: oneOf(DIRECTIONS),
    burrPolicy: oneOf(BURR_POLICIES),
    school: oneOf(PROGRESSION_SCHOOLS),
    first: openText,
    skip: list(text),
    through: list(text),
    chains: list(whole ? object(chain) : object(chain, ['part'])),
    finishing: nested(finishing),
    machineId: openText,
    pattern: openOneOf(STROKE_PATTERNS),
    practice: nested(practice),
    kind: nested(ofKind),
    changes: list(object(change)),
    added: list(object(added)),
    ...laterChoices(whole),
  };
  return nested(whole ? fields : { ...fields, proof: { type: ['boolean', 'null'] } });
};

const result = object({
  anglePerSideDeg: number(),
  steelMm3: number(NOT_NEGATIVE),
  heightLostMm: number(NOT_NEGATIVE),
  workingSeconds: number(NOT_NEGATIVE),
  schools: list(object({ question: text, school: text })),
  figures: list(object({ label: text, value: number(), unit: text })),
  steps: list(
    object({
      key: text,
      operation: oneOf(PLAN_OPERATIONS),
      title: text,
      instruction: text,
      stone: openText,
      stoneId: openText,
      tool: oneOf([...ABRASIVE_KIND_IDS, 'none']),
      um: openNumber(POSITIVE),
      zone: text,
      anglePerSideDeg: openNumber(),
      sides: list(
        object({
          side: oneOf(['right', 'left']),
          angleDeg: openNumber(),
          strokes: { type: 'integer', minimum: 0 },
        }),
      ),
      edge: openOneOf(['A', 'B']),
      position: { enum: [1, 2, 3, null] },
      part: openText,
      bandMm: open(pair()),
      afterMm: openNumber(),
      forceN: open(pair()),
      direction: openText,
      pattern: openText,
      rounds: list(
        object({
          side: openOneOf(['right', 'left']),
          count: { type: 'integer', minimum: 0 },
          zone: openText,
          seconds: openNumber(NOT_NEGATIVE),
        }),
      ),
      lifts: list(object({ zone: openText, atMm: openNumber(), liftMm: openNumber() })),
      setting: open(object({ dialDeg: openNumber(), pivotMm: openNumber() })),
      steelMm3: number(NOT_NEGATIVE),
      seconds: number(NOT_NEGATIVE),
      secondsRange: pair(number(NOT_NEGATIVE)),
      check: text,
      before: openText,
      gate: list(oneOf(STEP_GATES)),
      caution: openText,
    }),
  ),
  warnings: list(text),
  holding: list(text),
  facts: list(text),
  behindEdgeMm: object({ before: number(), after: number() }),
  damage: list(object({ id: text, steps: list(text), leftBecause: openText })),
  consents: list(object({ question: oneOf(CONSENT_IDS), asked: list(text) })),
  unmet: list(object({ code: text, text })),
  price: object({
    likelyMinor: { type: 'integer', minimum: 0 },
    mostMinor: { type: 'integer', minimum: 0 },
  }),
});

const DRAFT = 'http://json-schema.org/draft-07/schema#';

/** A plan as a file. */
export const planFileSchema: Schema = {
  $schema: DRAFT,
  title: 'A plan of Patient Edge',
  description:
    'What was chosen and what came of it. Only format, version, blade.kindId and choices are read back; the result is computed anew. Version 1 is still read.',
  ...object({
    format: { const: 'patient-edge/plan' },
    version: { const: 2 },
    blade: object({
      kindId: { type: 'string', maxLength: 40 },
      kind: text,
      name: text,
      steel: text,
      edgeLengthMm: number(POSITIVE),
    }),
    choices: choices(true),
    result,
  }),
};

const answerTo = (question: Question): Schema =>
  question.type === 'number'
    ? number({ minimum: question.limits[0], maximum: question.limits[1], title: question.label })
    : { ...oneOf(question.choices), title: question.label };

const bladeFields: Fields = {
  kindId: oneOf(BLADE_KINDS.map(({ id }) => id)),
  steel: text,
  hardnessHrc: openNumber({ minimum: 20, maximum: 72 }),
  useId: oneOf(USE_IDS),
  sharpness: oneOf(SHARPNESS),
  carefulHands: yesOrNo,
  ...Object.fromEntries(MEASURE_FIELDS.map((field) => [field, number(POSITIVE)])),
  anglePerSideDeg: openNumber(POSITIVE),
  damage: list(
    object(
      {
        id: text,
        kind: oneOf(DAMAGE_KINDS),
        side: oneOf(['right', 'left', 'both']),
        fromMm: number(NOT_NEGATIVE),
        lengthMm: number(NOT_NEGATIVE),
        depthMm: number(NOT_NEGATIVE),
        edge: openOneOf(['A', 'B']),
      },
      ['id', 'kind', 'side', 'fromMm', 'lengthMm'],
    ),
  ),
  answers: { type: 'object' },
  consents: partial(Object.fromEntries(CONSENT_IDS.map((id) => [id, yesOrNo]))),
};

const stone = object(
  {
    id: text,
    kind: oneOf(ABRASIVE_KIND_IDS),
    um: number(POSITIVE),
    name: text,
    abrasive: oneOf(BENCH_ABRASIVES),
    bond: oneOf(BONDS),
    liquid: oneOf(LIQUIDS),
    soaking: oneOf(SOAKINGS),
    soakMinutes: number(NOT_NEGATIVE),
    lengthMm: number(POSITIVE),
    widthMm: number(POSITIVE),
    thicknessMm: number(POSITIVE),
    cutFactor: number(POSITIVE),
    scratchFactor: number(POSITIVE),
    changeSeconds: number(NOT_NEGATIVE),
    strokes: oneOf(STROKE_LIKINGS),
    portable: yesOrNo,
    fitsRig: yesOrNo,
    dueForFlattening: yesOrNo,
  },
  ['id', 'kind', 'um'],
);

const machine = object(
  {
    name: text,
    kind: oneOf(MACHINE_KINDS),
    sizes: partial(
      Object.fromEntries(Object.keys(NO_SIZES).map((name) => [name, openNumber(NOT_NEGATIVE)])),
    ),
    cuts: list(object({ setDeg: number(POSITIVE), measuredDeg: number(POSITIVE) })),
  },
  ['name', 'kind'],
);

/** The questions of a kind as a schema, and the kinds that are asked the same. */
const questionsByKinds = (): ReadonlyMap<string, readonly string[]> => {
  const kinds = new Map<string, string[]>();
  for (const kind of BLADE_KINDS) {
    const answers = JSON.stringify(
      partial(
        Object.fromEntries(allQuestions(kind).map((question) => [question.id, answerTo(question)])),
      ),
    );
    kinds.set(answers, [...(kinds.get(answers) ?? []), kind.id]);
  }
  return kinds;
};

const within = (properties: Fields): Schema => ({
  type: 'object',
  properties: { blade: { type: 'object', properties } },
});

/** What `calc plan` is asked and answers; a list of questions gives a list of answers. */
export const planOperationSchema: Schema = {
  $schema: DRAFT,
  title: 'The operation plan',
  description:
    'Asked by ./patient-edge calc plan, or POST /api/calc/plan. What is left out is as the application takes it.',
  definitions: {
    input: {
      ...object(
        {
          blade: object(bladeFields, ['kindId']),
          rack: { oneOf: [{ const: 'demo' }, list(stone)] },
          machine: open(machine),
          choices: open(choices(false)),
        },
        ['blade', 'rack'],
      ),
      allOf: [...questionsByKinds()].map(([answers, kindIds]) => ({
        if: within({ kindId: { enum: kindIds } }),
        then: within({ answers: JSON.parse(answers) as Schema }),
      })),
    },
    output: result,
    error: object({
      error: object({ code: text, message: text, field: text }, ['code', 'message']),
    }),
  },
};
