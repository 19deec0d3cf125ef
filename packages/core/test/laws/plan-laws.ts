/** What holds of every plan, whatever the blade, the damage, the rack, the machine, the school and the choice. */
import { bladeKind, type PlanInput, type PlanResult, type ResultStep } from '../../src/index';

/** What a law says against a plan: nothing, or what is wrong with it. */
export type Law = (result: PlanResult, input: PlanInput) => readonly string[];

/** Each law by its sentence, in the order it is told. */
export const PLAN_LAWS: [sentence: string, law: Law][] = [];
const law = (sentence: string, holds: Law): void => void PLAN_LAWS.push([sentence, holds]);

const of = (steps: readonly ResultStep[], ...operations: string[]): ResultStep[] =>
  steps.filter(({ operation }) => operations.includes(operation));
const moved = ['belt', 'wheel'];

const faultsIn = (value: unknown, path: string): string[] => {
  if (typeof value === 'number') return faultOf(path, value) ?? [];
  if (typeof value !== 'object' || value === null) return [];
  return Object.entries(value).flatMap(([name, each]) => faultsIn(each, `${path}.${name}`));
};

/** What no number of a plan may be, by what its name says of it; null where it may. */
const faultOf = (path: string, value: number): string[] | null => {
  const wrong =
    !Number.isFinite(value) ||
    (/Minor|seconds|strokes|steelMm3|count/i.test(path) && value < 0) ||
    // What is answered at random may ask for a year at the stone, never for a life.
    (/seconds/i.test(path) && value > 1e8) ||
    (/Deg$/.test(path) && (value < 0 || value > 90)) ||
    // Nothing of a blade is longer than a metre.
    (/Mm$/.test(path) && Math.abs(value) > 1000);
  return wrong ? [`${path}: ${value}`] : null;
};

law('every number is finite and physically possible', (result) => faultsIn(result, ''));

law('a time is a range with two ends, never "5 s to 5 s"', ({ steps }) =>
  steps.flatMap(({ title, seconds, secondsRange: [low, high] }) =>
    low < seconds && seconds < high ? [] : [`${title}: ${low}, ${seconds}, ${high}`],
  ),
);

law('every damage is answered by a step, or left with a reason', ({ steps, damage }, input) => {
  const keys = new Set(steps.map(({ key }) => key));
  const told = damage.map(({ id }) => id).join() === input.damage.map(({ id }) => id).join();
  return [
    ...(told ? [] : ['not every damage is told']),
    ...damage.flatMap(({ id, steps: answered, leftBecause }) =>
      (answered.length > 0 || (leftBecause?.length ?? 0) > 10) &&
      answered.every((key) => keys.has(key))
        ? []
        : [`${id}: ${answered.join()} ${leftBecause}`],
    ),
  ];
});

law(
  'a high spot is honed down before anything is thinned, or left with a reason',
  ({ steps, damage }, input) =>
    input.damage.flatMap(({ id, kind }) => {
      if (kind !== 'high spot') return [];
      const answered = damage.find((each) => each.id === id)!.steps;
      const at = steps.findIndex(({ key }) => answered.includes(key));
      const thinned = steps.findIndex(({ operation }) => operation === 'thinning');
      return at >= 0 && thinned >= 0 && at > thinned ? [`${id} at step ${at}`] : [];
    }),
);

law(
  'no edge that faces a running belt or wheel is leading, and none is pressed over 5 N',
  ({ steps }) =>
    steps
      .filter(({ tool }) => moved.includes(tool))
      .flatMap(({ title, direction, forceN }) =>
        direction === 'edge-trailing' && forceN![1] <= 5 ? [] : [`${title}: ${direction}`],
      ),
);

law(
  'once the hand has begun no machine follows, and no stone is steeper before than after',
  ({ steps }) => {
    // Under the ridge of a clam-shell the edge floats clear: no apex is set there.
    const worked = of(steps, 'edge', 'refine').filter(
      ({ tool, position }) => tool !== 'none' && position !== 1,
    );
    const byHand = worked.findIndex(({ tool }) => !moved.includes(tool));
    if (byHand <= 0) return [];
    const lastMoved = worked.findLastIndex(({ tool }) => moved.includes(tool));
    const [belt, hand] = [worked[0]!, worked[byHand]!];
    return [
      ...(lastMoved > byHand && moved.includes(belt.tool) ? [`${worked[lastMoved]!.title}`] : []),
      ...(moved.includes(belt.tool) &&
      belt.sides.length > 0 &&
      hand.sides[0]?.side === belt.sides[0]!.side &&
      (belt.anglePerSideDeg ?? 0) > (hand.anglePerSideDeg ?? 90) + 1e-6
        ? [`${belt.anglePerSideDeg}° on the belt, ${hand.anglePerSideDeg}° by hand`]
        : []),
    ];
  },
);

law('every blade ground to the apex is deburred, after its last stone', ({ steps, unmet }) => {
  const lastGround = steps.findLastIndex(({ operation }) =>
    ['edge', 'refine', 'micro'].includes(operation),
  );
  if (lastGround < 0 || unmet.some(({ code }) => code === 'no stones')) return [];
  const isOff = of(steps.slice(lastGround), 'deburr', 'strop').length > 0;
  return isOff ? [] : [steps.map(({ title }) => title).join(' | ')];
});

law(
  'after a micro bevel everything on its face works at its angle, or up to two degrees under',
  ({ steps }) => {
    const micro = steps.findIndex(({ operation }) => operation === 'micro');
    if (micro < 0) return [];
    const ground = steps[micro]!;
    const angle = new Map(ground.sides.map(({ side, angleDeg }) => [side, angleDeg]));
    return steps.slice(micro + 1).flatMap(({ title, operation, sides, edge }) =>
      sides.flatMap(({ side, angleDeg }) => {
        const held = angle.get(side);
        // Of two edges each has its own.
        if (edge !== ground.edge) return [];
        if (operation === 'back' || angleDeg === null || held === undefined || held === null)
          return [];
        return angleDeg <= held + 1e-6 && angleDeg >= held - 2 - 1e-6
          ? []
          : [`${title}: ${angleDeg}° under ${held}°`];
      }),
    );
  },
);

law(
  'each side is finished as fine as the other, strops not counted',
  ({ steps }, { measures, rack }) => {
    if (['serrated', 'chisel'].includes(bladeKind(measures.kindId).grind)) return [];
    const finest = { right: Infinity, left: Infinity };
    for (const { um, sides } of of(steps, 'edge', 'refine', 'back', 'micro'))
      for (const { side, strokes } of sides)
        if (um !== null && strokes > 0) finest[side] = Math.min(finest[side], um);
    const ratio = finest.right / finest.left;
    const isBothWorked = Number.isFinite(finest.right) && Number.isFinite(finest.left);
    const target = Math.min(finest.right, finest.left);
    // Where the rack has nothing as fine for the other side, nothing can be as fine.
    const hasMatch = rack.some(
      ({ um, kind }) =>
        ['water stone', 'oil stone', 'diamond plate', 'film', 'paper'].includes(kind) &&
        Math.max(um / target, target / um) <= 1.5,
    );
    return !isBothWorked || !hasMatch || Math.max(ratio, 1 / ratio) <= 1.5
      ? []
      : [`right ${finest.right} µm, left ${finest.left} µm`];
  },
);

law(
  'the finish a customer named is met within a quarter, or the plan says why not',
  ({ steps, unmet }, { answers }) => {
    const asked = answers['finishWishUm'];
    const named = answers['finishWishGrit'] !== undefined && answers['finishWishScale'];
    if (answers['finishWish'] !== 'very fine' || typeof asked !== 'number' || named) return [];
    const last = of(steps, 'edge', 'refine').findLast(({ um }) => um !== null)?.um;
    if (!last || Math.max(last / asked, asked / last) <= 1.25 || unmet.length > 0) return [];
    return [`${asked} µm asked for, ${last} µm planned, nothing said`];
  },
);

law('words about water, mud and oil suit the abrasive', ({ steps }, { rack }) =>
  steps.flatMap(({ stoneId, title, instruction, check }) => {
    const liquid = rack.find(({ id }) => id === stoneId)?.liquid;
    const said = `${title} ${instruction} ${check}`;
    return [
      ...(liquid !== undefined && liquid !== 'water' && /\bmud\b/.test(said)
        ? [`mud on ${liquid}: ${title}`]
        : []),
      ...(liquid === 'water' && /\boil\b/.test(said) ? [`oil on water: ${title}`] : []),
    ];
  }),
);

law('the counts of a step agree: its sides, its rounds and its pattern', ({ steps }) =>
  steps.flatMap(({ title, sides, rounds }) =>
    rounds.length === 0
      ? []
      : sides.flatMap(({ side, strokes }) => {
          const laid = rounds
            .filter((round) => round.side === side || round.side === null)
            .reduce((sum, { count }) => sum + count, 0);
          return laid === strokes ? [] : [`${title}, ${side}: ${laid} laid, ${strokes} told`];
        }),
  ),
);

law('no round by hand runs on past forty strokes without a swap or a feel', ({ steps }) =>
  of(steps, 'edge', 'refine')
    .filter(({ tool, pattern }) => tool === 'water stone' && !/sweep|circles/.test(pattern ?? ''))
    .flatMap(({ title, rounds }) =>
      rounds.some(({ count, side, zone }) => side !== null && zone === null && count > 40)
        ? [title]
        : [],
    ),
);

law('every band of a thinning is lower than the one below it, and begins higher', ({ steps }) => {
  const bands = of(steps, 'thinning').filter(({ title }) => /band \d of/.test(title));
  return bands.flatMap(({ title, anglePerSideDeg, bandMm }, index) => {
    const below = bands[index - 1];
    return !below ||
      (anglePerSideDeg! < below.anglePerSideDeg! && bandMm![0] >= below.bandMm![0] - 1e-6)
      ? []
      : [title];
  });
});

law(
  'a stone that is to be flat or soaked is so before the first stroke on it',
  ({ steps }, { rack }) =>
    rack.flatMap(({ id, name, flatness, soaking, inWater, kind }) => {
      const first = steps.findIndex(
        ({ stoneId, operation }) => stoneId === id && operation !== 'ready',
      );
      if (first < 0 || kind !== 'water stone') return [];
      const before = steps.slice(0, first).flatMap(({ gate }) => gate);
      return [
        ...(flatness === 'due' && !before.includes('flat') ? [`${name} is not flat`] : []),
        ...(soaking === 'soak' && !inWater && !before.includes('soaked') ? [`${name} is dry`] : []),
      ];
    }),
);

law(
  'a price a customer can be told: at most twice the likely one, and never below it',
  ({ price: { likelyMinor, mostMinor } }) =>
    likelyMinor > 0 && mostMinor >= likelyMinor && mostMinor <= 2 * likelyMinor
      ? []
      : [`${likelyMinor} to ${mostMinor}`],
);

law(
  'the working time is that of the steps and of the changes between their stones',
  ({ steps, workingSeconds }, { rack }) => {
    const alone = steps.reduce((sum, { seconds }) => sum + seconds, 0);
    const changes = steps.length * Math.max(...rack.map(({ changeSeconds }) => changeSeconds ?? 0));
    return workingSeconds >= alone - 1e-6 && workingSeconds <= alone + changes
      ? []
      : [`${workingSeconds} s for ${alone} s of steps`];
  },
);

law(
  'a plan whose stones lead nowhere keeps its other steps and says what is missing',
  ({ steps, unmet }) => [
    ...unmet.filter(({ text }) => text.length <= 15).map(({ code }) => `${code} without a reason`),
    ...(steps.every(({ title }) => title !== '') ? [] : ['a step without a title']),
  ],
);
