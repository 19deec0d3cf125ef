/** A plan computed from outside: a blade, a rack, a machine and choices in; what a plan file tells of a plan out. */
import { fail, ok, type Result } from '../units';
import { findSteel, STEELS, UNKNOWN_STEEL_DESIGNATION, type Steel } from '../steel';
import {
  BLADE_KIND_IDS,
  bladeKind,
  DAMAGE_KINDS,
  BLADE_EDGES,
  DAMAGE_SIDES,
  MEASURE_FIELDS,
  SHARPNESS,
  USE_IDS,
  usualMeasuresOf,
  type BladeMeasures,
  type Damage,
} from '../blade';
import {
  ABRASIVE_KIND_IDS,
  BENCH_ABRASIVES,
  BONDS,
  LIQUIDS,
  SOAKINGS,
  STROKE_LIKINGS,
  type RackStone,
} from '../abrasive';
import { MACHINE_KINDS, NO_SIZES, type Machine, type MachineSizes } from '../machine';
import { allQuestions, type Answers } from '../intake';
import { CONSENT_IDS } from '../judge';
import { DEFAULT_CHOICES, type PlanChoices, type PlanInput } from '../plan/choices';
import { planBlade } from '../plan/planner';
import { planResult, type PlanResult } from '../plan/result';
import { DEMO_PRICES, DEMO_RACK, rackStoneOf } from '../demo';
import { readChoices } from './plan-choices';
import { POSITIVE, refuse, type Limits, type Reader } from './reader';

const MOST_RACK = 500;
const SIZE: Limits = { above: 0, max: 2000 };

const steelOf = (from: Reader): Steel => {
  const named = from.openText('steel', null);
  const found =
    named === null
      ? findSteel(UNKNOWN_STEEL_DESIGNATION)
      : (findSteel(named) ?? STEELS.find(({ steelClass }) => steelClass === named));
  const steel =
    found ??
    refuse(
      from.pathOf('steel'),
      `${from.pathOf('steel')} must be a designation or class of the list; "${named}" was given`,
    );
  const hrc = from.openNumber('hardnessHrc', null, { min: 20, max: 72 });
  return hrc === null ? steel : { ...steel, hrcLow: hrc, hrcHigh: hrc };
};

const measuresOf = (from: Reader): BladeMeasures => {
  const kindId = from.oneOf('kindId', BLADE_KIND_IDS);
  const { usual } = bladeKind(kindId);
  const edgeLengthMm = from.optional('edgeLengthMm', usual.edgeLengthMm, { min: 20, max: 900 });
  const base = usualMeasuresOf(kindId, edgeLengthMm);
  const measures = Object.fromEntries(
    MEASURE_FIELDS.map((field) => [field, from.optional(field, base[field], SIZE)]),
  );
  return {
    ...base,
    ...measures,
    edgeLengthMm,
    presentAnglePerSideDeg: from.openNumber('anglePerSideDeg', base.presentAnglePerSideDeg, {
      above: 0,
      below: 60,
    }),
  };
};

const damageOf = (from: Reader): Damage => {
  const damage: Damage = {
    id: from.text('id'),
    kind: from.oneOf('kind', DAMAGE_KINDS),
    side: from.oneOf('side', DAMAGE_SIDES),
    fromMm: from.number('fromMm', { min: 0, max: 900 }),
    lengthMm: from.number('lengthMm', { min: 0, max: 900 }),
    depthMm: from.optional('depthMm', 0, { min: 0, max: 60 }),
    edge: from.openChoice('edge', BLADE_EDGES, null),
  };
  from.end();
  return damage;
};

const answersOf = (from: Reader, kindId: string): Answers => {
  const questions = allQuestions(bladeKind(kindId));
  const answers = Object.fromEntries(
    from.names().map((name) => {
      const question = questions.find(({ id }) => id === name);
      if (!question) {
        return refuse(
          from.pathOf(name),
          `${from.pathOf(name)} is no question of this kind; there are ${questions.map(({ id }) => id).join(', ')}`,
        );
      }
      const answer =
        question.type === 'number'
          ? from.number(name, { min: question.limits[0], max: question.limits[1] })
          : from.oneOf(name, question.choices);
      return [name, answer];
    }),
  );
  from.end();
  return answers;
};

const stoneOf = (from: Reader): RackStone => {
  const given = {
    id: from.text('id'),
    kind: from.oneOf('kind', ABRASIVE_KIND_IDS),
    um: from.number('um', POSITIVE),
    name: from.openText('name', null) ?? undefined,
    abrasive: from.openChoice('abrasive', BENCH_ABRASIVES, null) ?? undefined,
    bond: from.openChoice('bond', BONDS, null) ?? undefined,
    liquid: from.openChoice('liquid', LIQUIDS, null) ?? undefined,
    soaking: from.openChoice('soaking', SOAKINGS, null) ?? undefined,
    soakMinutes: from.openNumber('soakMinutes', null, { min: 0, max: 1440 }) ?? undefined,
    lengthMm: from.openNumber('lengthMm', null, SIZE) ?? undefined,
    radiusMm: from.openNumber('radiusMm', null, SIZE) ?? undefined,
    thicknessMm: from.openNumber('thicknessMm', null, SIZE) ?? undefined,
    cutFactor: from.openNumber('cutFactor', null, { above: 0, max: 20 }) ?? undefined,
    scratchFactor: from.openNumber('scratchFactor', null, { above: 0, max: 20 }) ?? undefined,
    changeSeconds: from.openNumber('changeSeconds', null, { min: 0, max: 3600 }) ?? undefined,
    strokes: from.openChoice('strokes', STROKE_LIKINGS, null) ?? undefined,
    flatness: from.yesOrNo('dueForFlattening', false) ? ('due' as const) : undefined,
    portable: from.yesOrNo('portable', false),
    fitsRig: from.openYesOrNo('fitsRig', null) ?? undefined,
  };
  from.openNumber('widthMm', null, SIZE);
  from.end();
  return rackStoneOf(given);
};

const rackOf = (input: Reader): readonly RackStone[] => {
  if (input.isText('rack')) {
    input.oneOf('rack', ['demo']);
    return DEMO_RACK;
  }
  const rack = input.objects('rack').map(stoneOf);
  if (rack.length > MOST_RACK)
    refuse('rack', `rack takes at most ${MOST_RACK} abrasives; ${rack.length} were given`);
  const twice = rack.findIndex(({ id }, index) => rack.findIndex((each) => each.id === id) < index);
  return twice < 0
    ? rack
    : refuse(`rack[${twice}].id`, `rack[${twice}].id: "${rack[twice]!.id}" is there twice`);
};

const machineOf = (from: Reader): Machine => {
  const sizes = from.has('sizes') ? from.object('sizes') : null;
  const machine: Machine = {
    name: from.text('name'),
    kind: from.oneOf('kind', MACHINE_KINDS),
    sizes: {
      ...NO_SIZES,
      ...(sizes &&
        Object.fromEntries(
          (Object.keys(NO_SIZES) as (keyof MachineSizes)[]).map((name) => [
            name,
            sizes.openNumber(name, null, { min: 0, max: 5000 }),
          ]),
        )),
    },
    cuts: from.has('cuts')
      ? from.objects('cuts').map((cut) => {
          const read = {
            setDeg: cut.number('setDeg', { above: 0, below: 90 }),
            measuredDeg: cut.number('measuredDeg', { above: 0, below: 90 }),
          };
          cut.end();
          return read;
        })
      : [],
  };
  sizes?.end();
  from.end();
  return machine;
};

/** What a no to a question takes out of the plan. */
const withoutRefused = (choices: PlanChoices, consents: Reader | null): PlanChoices => {
  const refused = new Set<string>(
    consents === null ? [] : CONSENT_IDS.filter((id) => !consents.yesOrNo(id, true)),
  );
  consents?.end();
  return {
    ...choices,
    ...(refused.has('thinning') ? { thin: false } : {}),
    ...(refused.has('tapping') ? { kind: { ...choices.kind, tapForRimMm: null } } : {}),
  };
};

const askedOf = (input: Reader): PlanInput => {
  const blade = input.object('blade');
  const measures = measuresOf(blade);
  const machine = input.isOpen('machine') ? null : machineOf(input.object('machine'));
  const choices = input.isOpen('choices') ? DEFAULT_CHOICES : readChoices(input.object('choices'));
  const consents = blade.isOpen('consents') ? null : blade.object('consents');
  const asked: PlanInput = {
    measures,
    steel: steelOf(blade),
    useId: blade.choice('useId', USE_IDS, bladeKind(measures.kindId).usual.use),
    sharpness: blade.choice('sharpness', SHARPNESS, 'dull'),
    carefulHands: blade.yesOrNo('carefulHands', false),
    damage: blade.isOpen('damage') ? [] : blade.objects('damage').map(damageOf),
    answers: blade.isOpen('answers') ? {} : answersOf(blade.object('answers'), measures.kindId),
    rack: rackOf(input),
    machine,
    choices: withoutRefused(
      machine ? { ...choices, machineId: choices.machineId ?? machine.name } : choices,
      consents,
    ),
  };
  blade.end();
  input.end();
  return asked;
};

/** Errors: the fields by their path; what cannot be planned at all, with the measure or choice at fault. */
export const planOperation = (input: Reader): Result<PlanResult> => {
  const asked = askedOf(input);
  const made = planBlade(asked);
  if (!made.ok) {
    const { code, message, field } = made.error;
    return fail(code, message, field);
  }
  return ok(planResult(asked, made.value, DEMO_PRICES));
};
