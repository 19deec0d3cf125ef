/** Plans of blades at random: any kind, damage, rack, machine, school and choice. */
import fc from 'fast-check';
import { MACHINE_SIZES } from '../blades';
import {
  allQuestions,
  BLADE_KIND_IDS,
  bladeKind,
  DAMAGE_KINDS,
  DEFAULT_CHOICES,
  DEMO_RACK,
  DIRECTIONS,
  MACHINE_KINDS,
  REFINED_FACES,
  SCHOOL_QUESTIONS,
  SERIES_SURFACES,
  SHARPNESS,
  STEELS,
  THIN_DEPTHS,
  usualMeasuresOf,
  WORK_ORDERS,
  type Answers,
  type Damage,
  type Machine,
  type PlanChoices,
  type PlanInput,
} from '../../src/index';

/** Left open twice as often as not. */
const maybe = <T>(of: fc.Arbitrary<T>): fc.Arbitrary<T | null> =>
  fc.option(of, { nil: null, freq: 1 });

const machines: fc.Arbitrary<Machine | null> = fc.option(
  fc.constantFrom(...MACHINE_KINDS).map((kind) => ({
    name: 'Machine',
    kind,
    sizes: { ...MACHINE_SIZES, speedMPerS: 3 },
    cuts: [],
  })),
  { nil: null },
);

const answersFor = (kindId: string): fc.Arbitrary<Answers> =>
  fc
    .tuple(
      ...allQuestions(bladeKind(kindId)).map((question) =>
        fc.option<string | number, undefined>(
          question.type === 'number'
            ? fc.double({ min: question.limits[0], max: question.limits[1], noNaN: true })
            : fc.constantFrom(...question.choices),
          { nil: undefined, freq: 2 },
        ),
      ),
    )
    .map((given) =>
      Object.fromEntries(
        allQuestions(bladeKind(kindId)).flatMap(({ id }, index) => {
          const answer = given[index];
          return answer === undefined ? [] : [[id, answer]];
        }),
      ),
    );

const damageOn = (lengthMm: number): fc.Arbitrary<Damage[]> =>
  fc
    .array(
      fc.record({
        kind: fc.constantFrom(...DAMAGE_KINDS),
        side: fc.constantFrom('right', 'left', 'both'),
        from: fc.double({ min: 0, max: 0.85, noNaN: true }),
        length: fc.double({ min: 0.005, max: 0.14, noNaN: true }),
        depthMm: fc.double({ min: 0.02, max: 1, noNaN: true }),
      }),
      { maxLength: 4 },
    )
    .map((found) =>
      found.map(({ kind, side, from, length, depthMm }, index) => ({
        id: `d${index}`,
        kind,
        side: side,
        fromMm: from * lengthMm,
        lengthMm: length * lengthMm,
        depthMm,
      })),
    );

/** What the operator may choose besides the schools, each left open more often than not. */
const ownChoices: fc.Arbitrary<Partial<PlanChoices>> = fc.record({
  thinBands: maybe(
    fc
      .array(fc.double({ min: 0.6, max: 3, noNaN: true }), { minLength: 1, maxLength: 3 })
      .map((falls) => {
        let angleDeg = 9.5;
        return falls.map((fall) => ({
          angleDeg: (angleDeg -= fall),
          toMm: null,
          stoneId: null,
        }));
      }),
  ),
  thinStopMm: maybe(fc.double({ min: 0.15, max: 0.6, noNaN: true })),
  highSpotVisits: maybe(fc.integer({ min: 1, max: 9 })),
  handFromUm: maybe(fc.constantFrom(10, 20, 40)),
  series: maybe(
    fc.array(
      fc.record({
        surface: fc.constantFrom(...SERIES_SURFACES),
        stoneId: fc.constant(null),
        strokes: fc.integer({ min: 1, max: 40 }),
        underDeg: maybe(fc.double({ min: -4, max: 3, noNaN: true })),
      }),
      { minLength: 1, maxLength: 4 },
    ),
  ),
  order: maybe(fc.constantFrom(...WORK_ORDERS)),
  refineFace: maybe(fc.constantFrom(...REFINED_FACES)),
  force: maybe(
    fc.record({
      firstN: fc.double({ min: 1, max: 12, noNaN: true }),
      fall: fc.double({ min: 0.5, max: 1, noNaN: true }),
    }),
  ),
  deburrRaiseDeg: fc.constantFrom(0, 0, 2, 5),
  ownPatterns: maybe(
    fc.constant({
      refine: [20, 15, 10].flatMap((strokes) =>
        (['right', 'left'] as const).map((side) => ({
          side,
          strokes,
          seconds: null,
          zone: null,
        })),
      ),
    }),
  ),
});

/** Schools at random, as the schools themselves set them, and what is chosen besides. */
const choicesAtRandom: fc.Arbitrary<PlanChoices> = fc
  .tuple(
    fc.array(fc.nat(), {
      minLength: SCHOOL_QUESTIONS.length,
      maxLength: SCHOOL_QUESTIONS.length,
    }),
    fc.constantFrom(...DIRECTIONS),
    fc.constantFrom(null, true, false),
    fc.constantFrom(...THIN_DEPTHS, null),
    fc.boolean(),
    ownChoices,
  )
  .map(([picks, direction, thin, thinDepth, mustCutAfterFirst, own]) => {
    const choices = SCHOOL_QUESTIONS.reduce(
      (made, { schools, set }, index) => set(made, schools[picks[index]! % schools.length]!.id),
      DEFAULT_CHOICES,
    );
    return {
      ...choices,
      ...own,
      direction,
      thin,
      thinDepth,
      practice: { ...choices.practice, mustCutAfterFirst },
    };
  });

const racks = fc
  .subarray([...DEMO_RACK], { minLength: 6 })
  .chain((rack) =>
    fc
      .array(fc.constantFrom('flat', 'due'), { minLength: rack.length, maxLength: rack.length })
      .map((flatness) => rack.map((stone, index) => ({ ...stone, flatness: flatness[index]! }))),
  );

export const inputsAtRandom: fc.Arbitrary<PlanInput> = fc
  .record({
    kindId: fc.constantFrom(...BLADE_KIND_IDS),
    length: fc.double({ min: 0.7, max: 1.3, noNaN: true }),
    steel: fc.constantFrom(...STEELS),
    sharpness: fc.constantFrom(...SHARPNESS),
    carefulHands: fc.boolean(),
    machine: machines,
    choices: choicesAtRandom,
    rack: racks,
  })
  .chain(({ kindId, length, machine, choices, ...rest }) => {
    const { usual } = bladeKind(kindId);
    const edgeLengthMm = usual.edgeLengthMm * length;
    return fc.tuple(damageOn(edgeLengthMm), answersFor(kindId)).map(([damage, answers]) => ({
      ...rest,
      measures: usualMeasuresOf(kindId, edgeLengthMm),
      useId: usual.use,
      damage,
      answers,
      machine,
      choices: { ...choices, machineId: machine ? '1' : null },
    }));
  });
