import {
  bladeKind,
  DEFAULT_CHOICES,
  micrometresOf,
  planBlade,
  findSteel,
  NO_SIZES,
  STARTER_RACKS,
  usualMeasuresOf,
} from '../index';
import { rackStoneOf } from '../demo/rack';

const RACKS = STARTER_RACKS.map((rack) => [rack.label, rack] as const);

test.each(RACKS)(
  '%s: grains are those of the numbers printed, coarse to fine, and no name stands twice',
  (_label, { stones }) => {
    for (const { gritScale, gritNumber, um } of stones) {
      if (gritScale === null) continue;
      const table = micrometresOf(gritScale, gritNumber!);
      if (!table.ok) throw new Error(table.error.message);
      expect(Math.abs(table.value / um - 1)).toBeLessThan(0.05);
    }
    const grains = stones.map(({ um }) => um);
    expect([...grains].sort((a, b) => b - a)).toEqual(grains);
    expect(new Set(stones.map(({ name }) => name)).size).toBe(stones.length);
  },
);

/** What each is bought for. */
const KIND_FOR: Readonly<Record<string, string>> = { 'field kit': 'axe-felling' };

test.each(RACKS)('%s: a dull blade of the kind it is for can be planned on it', (_label, rack) => {
  const kindId = KIND_FOR[rack.id] ?? 'chef';
  const plan = planBlade({
    measures: usualMeasuresOf(kindId, bladeKind(kindId).usual.edgeLengthMm),
    steel: findSteel('X50CrMoV15 (1.4116)')!,
    useId: bladeKind(kindId).usual.use,
    sharpness: 'dull',
    carefulHands: false,
    damage: [],
    answers: {},
    rack: rack.stones.map(({ name, ...stone }) => rackStoneOf({ id: name, name, ...stone })),
    machine: rack.machine
      ? {
          name: rack.machine.name,
          kind: rack.machine.kind,
          sizes: { ...NO_SIZES, ...rack.machine.sizes },
          cuts: [],
        }
      : null,
    choices: { ...DEFAULT_CHOICES, machineId: rack.machine ? '1' : null },
  });
  if (!plan.ok) throw new Error(plan.error.message);
  expect(plan.value.report.figures.workingTime.value).toBeGreaterThan(60);
  expect(plan.value.work.steps.some(({ stoneId }) => stoneId !== null)).toBe(true);
});
