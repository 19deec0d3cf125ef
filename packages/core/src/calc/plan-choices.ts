/** The choices of a plan as they are given from outside: partial at every depth, the rest as the application begins. */
import { BONDS, PROGRESSION_SCHOOLS } from '../abrasive';
import { TIP_WAYS } from '../outline';
import {
  ANGLE_LIMITS_DEG,
  APPROACHES,
  AXE_SERVICES,
  BLADE_PARTS,
  BURR_POLICIES,
  CHANGEABLE,
  changeProblem,
  DEFAULT_CHOICES,
  DIRECTIONS,
  FINISHING_SURFACES,
  FRONT_FORMS,
  LASTING_CLAIMS,
  LOW_SPOT_HABITS,
  MICRO_HABITS,
  MOST_STROP_STROKES,
  MOST_TAPE_LAYERS,
  MOST_UNDER_DEG,
  OLD_EDGES,
  RETURN_STROKES,
  ROD_HABITS,
  SERRATION_WAYS,
  SLURRIES,
  STROKE_PATTERNS,
  STROP_BACKS,
  THIN_DEPTHS,
  WIDEST_TAPPED_RIM_MM,
  type AddedStep,
  type Finishing,
  type KindChoices,
  type PartChain,
  type PlanChoices,
  type Practice,
  type StepChange,
} from '../plan/choices';
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
    tapForRimMm: from.openNumber('tapForRimMm', base.tapForRimMm, {
      min: 0.1,
      max: WIDEST_TAPPED_RIM_MM,
    }),
    serrationWay: from.choice('serrationWay', SERRATION_WAYS, base.serrationWay),
    axeService: from.choice('axeService', AXE_SERVICES, base.axeService),
    tipWay: from.choice('tipWay', TIP_WAYS, base.tipWay),
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

export const SURFACES = [
  'stone',
  'dry stone',
  'wood',
  'felt',
  'newspaper',
  'leather',
  'cloth',
  'smooth hard edge',
  'wet paper',
] as const;
export const ORDERS = ['edge last', "maker's"] as const;
export const REFINED_FACES = ['apex strip', 'whole face'] as const;

/** A choice the planner does not follow yet: taken and held to its limits, and said in the answer. */
export interface NotFollowed {
  readonly choice: string;
  readonly instead: string;
}

const readBand = (from: Reader): void => {
  from.number('angleDeg', { above: 0, max: HIGHEST_DEG });
  from.openText('stoneId', null);
  from.end();
};
const readSurface = (from: Reader): void => {
  from.oneOf('surface', SURFACES);
  from.openText('stoneId', null);
  from.number('strokes', { min: 1, max: MOST_STROP_STROKES, whole: true });
  from.openNumber('underDeg', null, { min: -5, max: MOST_UNDER_DEG });
  from.end();
};
const readRound = (from: Reader): void => {
  from.oneOf('side', ['right', 'left']);
  if (from.isOpen('seconds')) from.number('strokes', { min: 1, max: 5000, whole: true });
  else from.number('seconds', { above: 0, max: 36_000 });
  from.openText('zone', null);
  from.end();
};

/** The choices that are not followed yet, each with what is done instead. */
const readNotFollowed = (from: Reader): NotFollowed[] => {
  const found: NotFollowed[] = [];
  const note = (choice: string, instead: string): void => void found.push({ choice, instead });
  if (!from.isOpen('thinBands')) {
    from.objects('thinBands').forEach(readBand);
    note('thinBands', 'the bands fall from the old bevel to the primary grind');
  }
  if (from.openNumber('thinStopMm', null, { above: 0, max: 20 }) !== null)
    note('thinStopMm', 'thinning stops at the remnant of the old bevel');
  if (from.openNumber('handFromUm', null, UM) !== null)
    note('handFromUm', 'machine and hand share the chain as it is quickest');
  if (!from.isOpen('series')) {
    from.objects('series').forEach(readSurface);
    note('series', 'the finish is one step, as chosen under finishing');
  }
  if (from.openChoice('order', ORDERS, null) === "maker's")
    note('order', 'the edge is set after the faces');
  if (from.openChoice('refineFace', REFINED_FACES, null) === 'apex strip')
    note('refineFace', 'every stone clears the whole face');
  if (!from.isOpen('ownPatterns')) {
    const own = from.object('ownPatterns');
    for (const name of own.names()) own.objects(name).forEach(readRound);
    note('ownPatterns', 'strokes are laid out by kind and count');
  }
  return found;
};

/** What is left out is as in `DEFAULT_CHOICES`. */
export const readChoices = (
  from: Reader,
): { readonly choices: PlanChoices; readonly notFollowed: readonly NotFollowed[] } => {
  const base = DEFAULT_CHOICES;
  const notFollowed = readNotFollowed(from);
  const proof = from.openYesOrNo('proof', null);
  const choices: PlanChoices = {
    approach: from.openChoice('approach', APPROACHES, base.approach),
    angleDeg: from.openNumber('angleDeg', base.angleDeg, { min: LOWEST_DEG, max: HIGHEST_DEG }),
    chipsLeft: from.has('chipsLeft') ? from.texts('chipsLeft') : base.chipsLeft,
    thin: from.openYesOrNo('thin', base.thin),
    thinDepth: from.openChoice('thinDepth', THIN_DEPTHS, base.thinDepth),
    thinTo: from.has('thinTo') ? readThinTo(from.object('thinTo')) : base.thinTo,
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
    machineId: from.openText('machineId', base.machineId),
    pattern: from.openChoice('pattern', STROKE_PATTERNS, base.pattern),
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
  return { choices, notFollowed };
};
