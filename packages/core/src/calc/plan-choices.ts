/** The choices of a plan as they are given from outside: partial at every depth, the rest as the application begins. */
import { BONDS, PROGRESSION_SCHOOLS } from '../abrasive';
import { TIP_WAYS } from '../outline';
import {
  ANGLE_LIMITS_DEG,
  APPROACHES,
  AXE_SERVICES,
  BACK_TURNS,
  BLADE_PARTS,
  BURR_POLICIES,
  CHANGEABLE,
  changeProblem,
  DEFAULT_CHOICES,
  DIRECTIONS,
  FINISHING_SURFACES,
  FORCE_LIMITS,
  FINGER_ORDERS,
  FRONT_FORMS,
  HIGHEST_BAND_MM,
  LASTING_CLAIMS,
  LOW_SPOT_HABITS,
  MICRO_HABITS,
  MICRO_STROKES_LIMITS,
  MOST_HIGH_SPOT_VISITS,
  MOST_DEBURR_RAISE_DEG,
  MOST_OVER_DEG,
  MOST_STROP_STROKES,
  MOST_FLAT_SIDE_DEG,
  MOST_TAPE_LAYERS,
  MOST_UNDER_DEG,
  OLD_EDGES,
  OWN_ZONES,
  REFINED_FACES,
  RETURN_STROKES,
  ROD_HABITS,
  SERIES_SURFACES,
  RAZOR_STARTS,
  RIDGE_FORMS,
  SERRATION_WAYS,
  SLURRIES,
  STROKE_PATTERNS,
  STROP_BACKS,
  THIN_DEPTHS,
  WIDEST_TAPPED_RIM_MM,
  WORK_ORDERS,
  type AddedStep,
  type Finishing,
  type ForceHabit,
  type KindChoices,
  type OwnPatterns,
  type OwnRound,
  type PartChain,
  type PlanChoices,
  type Practice,
  type SeriesPart,
  type StepChange,
  type ThinBandChoice,
} from '../plan/choices';
import { PLAN_OPERATIONS } from '../plan/steps';
import { refuse, type Limits, type Reader } from './reader';

const UM: Limits = { min: 0.1, max: 800 };
const [LOWEST_DEG, HIGHEST_DEG] = ANGLE_LIMITS_DEG;

const readFinishing = (from: Reader, base: Finishing): Finishing => {
  const finishing: Finishing = {
    on: from.choice('on', FINISHING_SURFACES, base.on),
    stropId: from.openText('stropId', base.stropId),
    back: from.choice('back', STROP_BACKS, base.back),
    underDeg: from.optional('underDeg', base.underDeg, { min: 0, max: MOST_UNDER_DEG }),
    strokes: from.optional('strokes', base.strokes, {
      min: 1,
      max: MOST_STROP_STROKES,
      whole: true,
    }),
  };
  from.end();
  return finishing;
};

const readPractice = (from: Reader, base: Practice): Practice => {
  const practice: Practice = {
    oldEdge: from.choice('oldEdge', OLD_EDGES, base.oldEdge),
    returnStroke: from.choice('returnStroke', RETURN_STROKES, base.returnStroke),
    slurry: from.choice('slurry', SLURRIES, base.slurry),
    micro: from.choice('micro', MICRO_HABITS, base.micro),
    rod: from.choice('rod', ROD_HABITS, base.rod),
    lowSpots: from.choice('lowSpots', LOW_SPOT_HABITS, base.lowSpots),
    lasts: from.choice('lasts', LASTING_CLAIMS, base.lasts),
    mustCutAfterFirst: from.yesOrNo('mustCutAfterFirst', base.mustCutAfterFirst),
  };
  from.end();
  return practice;
};

const readKind = (from: Reader, base: KindChoices): KindChoices => {
  const kind: KindChoices = {
    frontForm: from.openChoice('frontForm', FRONT_FORMS, base.frontForm),
    fingerOrder: from.choice('fingerOrder', FINGER_ORDERS, base.fingerOrder),
    backTurn: from.choice('backTurn', BACK_TURNS, base.backTurn),
    tapForRimMm: from.openNumber('tapForRimMm', base.tapForRimMm, {
      min: 0.1,
      max: WIDEST_TAPPED_RIM_MM,
    }),
    ridgeForm: from.choice('ridgeForm', RIDGE_FORMS, base.ridgeForm),
    serrationWay: from.choice('serrationWay', SERRATION_WAYS, base.serrationWay),
    flatSideDeg: from.openNumber('flatSideDeg', base.flatSideDeg, {
      min: 0,
      max: MOST_FLAT_SIDE_DEG,
    }),
    axeService: from.choice('axeService', AXE_SERVICES, base.axeService),
    tipWay: from.choice('tipWay', TIP_WAYS, base.tipWay),
    razorStart: from.choice('razorStart', RAZOR_STARTS, base.razorStart),
    tapeLayers: from.optional('tapeLayers', base.tapeLayers, {
      min: 0,
      max: MOST_TAPE_LAYERS,
      whole: true,
    }),
  };
  from.end();
  return kind;
};

const readChain = (from: Reader): PartChain => {
  const chain: PartChain = {
    part: from.oneOf('part', BLADE_PARTS),
    stones: from.isOpen('stones') ? null : from.texts('stones'),
    bond: from.openChoice('bond', BONDS, null),
    finishUm: from.isOpen('finishUm') ? null : from.range('finishUm', UM),
    faceMm: from.openNumber('faceMm', null, { min: 0.02, max: 80 }),
    direction: from.choice('direction', DIRECTIONS, DEFAULT_CHOICES.direction),
    slurry: from.choice('slurry', SLURRIES, DEFAULT_CHOICES.practice.slurry),
  };
  from.end();
  return chain;
};

const readChange = (from: Reader): StepChange => {
  const change: StepChange = {
    step: from.text('step'),
    what: from.oneOf('what', CHANGEABLE),
    to: from.anyText('to'),
    reason: from.text('reason'),
  };
  from.end();
  const problem = changeProblem(change);
  return problem === null ? change : refuse(from.pathOf('to'), `${from.pathOf('to')}: ${problem}`);
};

const readAdded = (from: Reader): AddedStep => {
  const added: AddedStep = {
    after: from.openText('after', null),
    title: from.text('title'),
    instruction: from.text('instruction'),
    minutes: from.number('minutes', { min: 0.1, max: 600 }),
    reason: from.text('reason'),
  };
  from.end();
  return added;
};

const readThinTo = (from: Reader): PlanChoices['thinTo'] => {
  const limits: Limits = { min: 0.05, max: 20 };
  const thinTo = {
    at5Mm: from.openNumber('at5Mm', null, limits),
    at10Mm: from.openNumber('at10Mm', null, limits),
  };
  from.end();
  return thinTo;
};

const readBand = (from: Reader): ThinBandChoice => {
  const band: ThinBandChoice = {
    angleDeg: from.number('angleDeg', { above: 0, max: HIGHEST_DEG }),
    toMm: from.openNumber('toMm', null, { above: 0, max: HIGHEST_BAND_MM }),
    stoneId: from.openText('stoneId', null),
  };
  from.end();
  return band;
};

const readSurface = (from: Reader): SeriesPart => {
  const part: SeriesPart = {
    surface: from.oneOf('surface', SERIES_SURFACES),
    stoneId: from.openText('stoneId', null),
    strokes: from.number('strokes', { min: 1, max: MOST_STROP_STROKES, whole: true }),
    underDeg: from.openNumber('underDeg', null, { min: -MOST_OVER_DEG, max: MOST_UNDER_DEG }),
  };
  from.end();
  return part;
};

const readRound = (from: Reader): OwnRound => {
  const byClock = !from.isOpen('seconds');
  const round: OwnRound = {
    side: from.oneOf('side', ['right', 'left']),
    strokes: byClock ? null : from.number('strokes', { min: 1, max: 5000, whole: true }),
    seconds: byClock ? from.number('seconds', { above: 0, max: 36_000 }) : null,
    zone: from.openChoice('zone', OWN_ZONES, null),
  };
  from.end();
  return round;
};

const readOwnPatterns = (from: Reader): OwnPatterns =>
  Object.fromEntries(
    from.names().map((name) => {
      const [operation = ''] = name.split(' ');
      if (!(PLAN_OPERATIONS as readonly string[]).includes(operation)) {
        refuse(
          from.pathOf(name),
          `${from.pathOf(name)} is no operation and no step; operations are ${PLAN_OPERATIONS.join(', ')}`,
        );
      }
      return [name, from.objects(name).map(readRound)];
    }),
  );

const readForce = (from: Reader): ForceHabit => {
  const [least, most] = FORCE_LIMITS.firstN;
  const [lowest, highest] = FORCE_LIMITS.fall;
  const habit: ForceHabit = {
    firstN: from.number('firstN', { min: least, max: most }),
    fall: from.optional('fall', 0.7, { min: lowest, max: highest }),
  };
  from.end();
  return habit;
};

/** What is left out is as in `DEFAULT_CHOICES`. */
export const readChoices = (from: Reader): PlanChoices => {
  const base = DEFAULT_CHOICES;
  const proof = from.openYesOrNo('proof', null);
  const choices: PlanChoices = {
    approach: from.openChoice('approach', APPROACHES, base.approach),
    angleDeg: from.openNumber('angleDeg', base.angleDeg, { min: LOWEST_DEG, max: HIGHEST_DEG }),
    chipsLeft: from.has('chipsLeft') ? from.texts('chipsLeft') : base.chipsLeft,
    thin: from.openYesOrNo('thin', base.thin),
    thinDepth: from.openChoice('thinDepth', THIN_DEPTHS, base.thinDepth),
    thinTo: from.has('thinTo') ? readThinTo(from.object('thinTo')) : base.thinTo,
    thinBands: from.isOpen('thinBands') ? null : from.objects('thinBands').map(readBand),
    thinStopMm: from.openNumber('thinStopMm', base.thinStopMm, { above: 0, max: 20 }),
    highSpotVisits: from.openNumber('highSpotVisits', base.highSpotVisits, {
      min: 1,
      max: MOST_HIGH_SPOT_VISITS,
      whole: true,
    }),
    finishUm: from.isOpen('finishUm') ? null : from.range('finishUm', UM),
    maxRatio: from.has('maxRatio')
      ? from.openNumber('maxRatio', null, { above: 1, max: 100 })
      : base.maxRatio,
    direction: from.choice('direction', DIRECTIONS, base.direction),
    burrPolicy: from.choice('burrPolicy', BURR_POLICIES, base.burrPolicy),
    school: from.choice('school', PROGRESSION_SCHOOLS, base.school),
    first: from.openText('first', base.first),
    skip: from.has('skip') ? from.texts('skip') : base.skip,
    through: from.has('through') ? from.texts('through') : base.through,
    chains: from.has('chains') ? from.objects('chains').map(readChain) : base.chains,
    finishing: from.has('finishing')
      ? readFinishing(from.object('finishing'), base.finishing)
      : base.finishing,
    series: from.isOpen('series') ? null : from.objects('series').map(readSurface),
    machineId: from.openText('machineId', base.machineId),
    handFromUm: from.openNumber('handFromUm', base.handFromUm, UM),
    pattern: from.openChoice('pattern', STROKE_PATTERNS, base.pattern),
    ownPatterns: from.isOpen('ownPatterns') ? null : readOwnPatterns(from.object('ownPatterns')),
    force: from.isOpen('force') ? null : readForce(from.object('force')),
    order: from.openChoice('order', WORK_ORDERS, base.order),
    refineFace: from.openChoice('refineFace', REFINED_FACES, base.refineFace),
    deburrRaiseDeg: from.optional('deburrRaiseDeg', base.deburrRaiseDeg, {
      min: 0,
      max: MOST_DEBURR_RAISE_DEG,
    }),
    microStrokes: from.optional('microStrokes', base.microStrokes, {
      min: MICRO_STROKES_LIMITS[0],
      max: MICRO_STROKES_LIMITS[1],
      whole: true,
    }),
    practice: {
      ...(from.has('practice')
        ? readPractice(from.object('practice'), base.practice)
        : base.practice),
      ...(proof === null ? {} : { mustCutAfterFirst: proof }),
    },
    kind: from.has('kind') ? readKind(from.object('kind'), base.kind) : base.kind,
    changes: from.has('changes') ? from.objects('changes').map(readChange) : base.changes,
    added: from.has('added') ? from.objects('added').map(readAdded) : base.added,
  };
  from.end();
  return choices;
};
