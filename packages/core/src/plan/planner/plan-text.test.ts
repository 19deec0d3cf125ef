/** Every word a plan says, over blades of every kind and every way of holding them. */
import fc from 'fast-check';
import { MACHINE_SIZES, planInput, RACK, rackStone } from '../../../test/blades';
import {
  bladeKind,
  BLADE_KIND_IDS,
  DEFAULT_CHOICES,
  MACHINE_KINDS,
  planBlade,
  textOf,
  usualMeasuresOf,
  type BladePlan,
  type Machine,
  type Text,
} from '../../index';

const rack = [
  ...RACK,
  rackStone({ id: 'belt', name: 'Belt', um: 60, kind: 'belt' }),
  rackStone({ id: 'wheel', name: 'Wheel', um: 40, kind: 'wheel' }),
  rackStone({ id: 'finest', name: 'Finest', um: 0.6 }),
];

const machineOf = (kind: Machine['kind'], cuts: Machine['cuts']): Machine => ({
  name: 'Rig',
  kind,
  sizes: MACHINE_SIZES,
  cuts,
});

const CUTS: Machine['cuts'] = [
  { setDeg: 14, measuredDeg: 15 },
  { setDeg: 20, measuredDeg: 21 },
];

const blades = fc.record({
  kindId: fc.constantFrom(...BLADE_KIND_IDS),
  length: fc.double({ min: 0.7, max: 1.3, noNaN: true }),
  machine: fc.option(fc.record({ kind: fc.constantFrom(...MACHINE_KINDS), cut: fc.boolean() }), {
    nil: null,
  }),
  thin: fc.boolean(),
  sharpness: fc.constantFrom('sharp', 'working', 'dull', 'very dull'),
});

const textsOf = (plan: BladePlan): Text[] => [
  ...plan.work.steps.flatMap(
    ({ title, instruction, zone, check, before, caution, cooling, pattern, setting }) =>
      [title, instruction, zone, check, before, caution, cooling, pattern, setting?.text].filter(
        (text): text is Text => text !== null && text !== undefined,
      ),
  ),
  ...plan.report.warnings,
  ...plan.report.holding.lines,
  ...plan.report.holding.warnings,
  ...plan.report.holding.perStone.map(({ text }) => text),
  ...plan.progression.advice.map(({ message }) => message),
];

/** What no colleague says: a value that was never there, a word of the program, a gap. */
const NOT_SAID = /undefined|null|NaN|Infinity|\[object|\{|\}| {2}|\.\.|\s[.,;:]| $|^ /;

test('every word of a plan is one a colleague would say, whatever the blade and however it is held', () => {
  let planned = 0;
  fc.assert(
    fc.property(blades, ({ kindId, length, machine, thin }) => {
      const { usual } = bladeKind(kindId);
      const made = planBlade(
        planInput({
          measures: usualMeasuresOf(kindId, usual.edgeLengthMm * length),
          useId: usual.use,
          rack,
          machine: machine && machineOf(machine.kind, machine.cut ? CUTS : []),
          choices: { ...DEFAULT_CHOICES, thin, machineId: machine ? '1' : null },
        }),
      );
      // What cannot be planned says why, in the same English.
      const texts = made.ok ? textsOf(made.value).map(textOf) : [made.error.message];
      if (made.ok) planned += 1;
      for (const text of texts) expect(text).not.toMatch(NOT_SAID);
    }),
    { numRuns: 150 },
  );
  expect(planned).toBeGreaterThan(100);
});

test('an instruction is kept as code and parameters, and reads the same after it was stored', () => {
  const made = planBlade(planInput({ machine: machineOf('belt', CUTS), rack }));
  if (!made.ok) throw new Error(made.error.message);
  const texts = textsOf(made.value);
  expect(texts.length).toBeGreaterThan(20);
  const kept = JSON.parse(JSON.stringify(texts)) as Text[];
  expect(kept.map(textOf)).toEqual(texts.map(textOf));
});
