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

/** What is left out is as in `DEFAULT_CHOICES`. */
export const readChoices = (from: Reader): PlanChoices => {
  const base = DEFAULT_CHOICES;
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
    practice: from.has('practice')
      ? readPractice(from.object('practice'), base.practice)
      : base.practice,
    kind: from.has('kind') ? readKind(from.object('kind'), base.kind) : base.kind,
    changes: from.has('changes') ? from.objects('changes').map(readChange) : base.changes,
    added: from.has('added') ? from.objects('added').map(readAdded) : base.added,
  };
  from.end();
  return choices;
};
