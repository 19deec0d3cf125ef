/**
 * Speed, measured against a baseline in the same run and told as ratios: `npx tsx bench/main.ts`. Medians of
 * several rounds in turn, so that a machine that drifts drifts for both.
 */
import {
  chooseProgression,
  cutSection,
  faceLine,
  flatGrind,
  Grinding,
  Twin,
  perSide,
  planBlade,
  repairOutline,
  scratchDepthUm,
  secondsToRemove,
  setBevels,
  sectionFromSides,
  convexSide,
  type BladePoint,
  type RackEntry,
  type Section,
} from '@patient-edge/core';
import polygonClipping, { type Polygon } from 'polygon-clipping';
import lpSolver from 'javascript-lp-solver';
import loadHighs from 'highs';
import { chip, planInput, valueOf } from '../packages/core/test/blades';

const ROUNDS = 9;

/** Milliseconds a call, the best of enough repeats to be measured, median over the rounds. */
const medians = (works: readonly (() => void)[], repeats: readonly number[]): number[] => {
  const times = works.map((): number[] => []);
  works.forEach((work, index) => {
    for (let warm = 0; warm < Math.min(200, repeats[index]!); warm += 1) work();
  });
  for (let round = 0; round < ROUNDS; round += 1) {
    works.forEach((work, index) => {
      const count = repeats[index]!;
      const from = performance.now();
      for (let repeat = 0; repeat < count; repeat += 1) work();
      times[index]!.push((performance.now() - from) / count);
    });
  }
  return times.map((each) => each.sort((a, b) => a - b)[Math.floor(ROUNDS / 2)]!);
};

const shown = (ms: number): string =>
  ms < 0.1 ? `${(ms * 1000).toFixed(2)} µs` : `${ms.toFixed(2)} ms`;
const tell = (line: string): void => {
  process.stdout.write(`${line}\n`);
};

const compare = (
  what: string,
  ours: () => void,
  ourRepeats: number,
  theirs: () => void,
  theirRepeats: number,
  against: string,
): void => {
  const [a, b] = medians([ours, theirs], [ourRepeats, theirRepeats]);
  tell(`${what}: ${shown(a!)}; ${against}: ${shown(b!)}; ${(b! / a!).toFixed(1)} times as long`);
};

// A cut against general polygon clipping: the same half-plane off the same section.
const asPolygon = (section: Section): Polygon => [
  section.vertices.map(({ x, y }): [number, number] => [x, y]),
];
const line = faceLine('right', perSide(15), 0, 0.3);
/** The half-plane beyond the cut as a large quadrangle. */
const beyond = (): Polygon => {
  const reach = 500;
  const px = line.nx * line.offset;
  const py = line.ny * line.offset;
  const [tx, ty] = [-line.ny * reach, line.nx * reach];
  const [ox, oy] = [line.nx * reach, line.ny * reach];
  return [
    [
      [px - tx, py - ty],
      [px + tx, py + ty],
      [px + tx + ox, py + ty + oy],
      [px - tx + ox, py - ty + oy],
    ],
  ];
};
const flat = valueOf(
  flatGrind({
    heightMm: 48,
    spineThicknessMm: 2.2,
    grindHeightMm: 48,
    thicknessBehindEdgeMm: 0.4,
    angleDeg: 15,
  }),
).section;
const curvedSide = valueOf(
  convexSide({ heightMm: 48, spineOffsetMm: 2, shoulderMm: 0.3, angle: perSide(16) }, 48, 900),
);
const curved = sectionFromSides(curvedSide, curvedSide);
for (const [name, section] of [
  ['flat section', flat],
  [`convex section of ${curved.vertices.length} points`, curved],
] as const) {
  const polygon = asPolygon(section);
  const tool = beyond();
  compare(
    `cut of a ${name}`,
    () => void cutSection(section, line, { side: 'right', role: 'new bevel' }),
    20000,
    () => void polygonClipping.difference(polygon, tool),
    300,
    'general polygon clipping',
  );
}

// Strokes of a hand that wanders, on one section: ours eats what it removes, a general clipper searches the offset.
{
  const { section } = valueOf(
    flatGrind({
      heightMm: 48,
      spineThicknessMm: 2.2,
      grindHeightMm: 48,
      thicknessBehindEdgeMm: 0.4,
      angleDeg: 15,
    }),
  );
  const strokeAt = (index: number) => ({
    side: index % 2 === 0 ? ('right' as const) : ('left' as const),
    angleDeg: 15 + 3 * Math.sin(index * 12.9898) * Math.cos(index * 78.233),
    areaMm2: 0.00005,
  });
  const grindAll = (count: number): Grinding => {
    const grinding = new Grinding(section);
    for (let index = 0; index < count; index += 1) {
      const { side, angleDeg, areaMm2 } = strokeAt(index);
      grinding.stroke(side, angleDeg, areaMm2);
    }
    return grinding;
  };
  const clipAll = (count: number): void => {
    let polygon: Polygon = [section.vertices.map(({ x, y }): [number, number] => [x, y])];
    for (let index = 0; index < count; index += 1) {
      const { side, angleDeg, areaMm2 } = strokeAt(index);
      const line = faceLine(side, perSide(angleDeg), 0, 0);
      const reach = polygon[0]!.map(([x, y]) => line.nx * x + line.ny * y);
      let high = Math.max(...reach);
      let low = high - 0.5;
      let gone: Polygon[] = [];
      // To a hundredth of the area: coarser than ours.
      for (let turn = 0; turn < 40; turn += 1) {
        const offset = (low + high) / 2;
        const [tx, ty] = [-line.ny, line.nx];
        const [ox, oy] = [line.nx * offset, line.ny * offset];
        const tool: Polygon = [
          [
            [ox - 200 * tx, oy - 200 * ty],
            [ox + 200 * tx, oy + 200 * ty],
            [ox + 200 * tx + 200 * line.nx, oy + 200 * ty + 200 * line.ny],
            [ox - 200 * tx + 200 * line.nx, oy - 200 * ty + 200 * line.ny],
          ],
        ];
        gone = polygonClipping.intersection(polygon, tool);
        const ring = gone[0]?.[0] ?? [];
        const area = Math.abs(
          ring.reduce((sum, [x, y], at) => {
            const [x2, y2] = ring[(at + 1) % ring.length]!;
            return sum + x * y2 - x2 * y;
          }, 0) / 2,
        );
        if (Math.abs(area - areaMm2) < 0.01 * areaMm2) {
          polygon = polygonClipping.difference(polygon, tool)[0]!;
          break;
        }
        if (area > areaMm2) low = offset;
        else high = offset;
      }
    }
  };
  compare(
    '200 strokes on a section',
    () => void grindAll(200),
    50,
    () => clipAll(200),
    1,
    'general polygon clipping, offset searched',
  );
  const from = performance.now();
  const ground = grindAll(20_000);
  const tookMs = performance.now() - from;
  tell(
    `20,000 strokes on one section: ${shown(tookMs)}, ${ground.look().facets.right} facets on the right`,
  );
  const twin = new Twin({
    edgeLengthMm: 210,
    heightsMm: [48, 42, 20],
    spinesMm: [2.4, 2, 1.2],
    thicknessBehindEdgeMm: 0.4,
    angleDeg: 15,
    groundSide: null,
  });
  const each: number[] = [];
  for (let index = 0; index < 3000; index += 1) {
    const { side, angleDeg } = strokeAt(index);
    const begun = performance.now();
    twin.stroke({ side, angleDeg, from: 0, to: 1, mm3: 0.01 });
    twin.look();
    each.push(performance.now() - begun);
  }
  each.sort((a, b) => a - b);
  tell(
    `a stroke on 200 stations, and a look at all: median ${shown(each[1500]!)}, slowest of a hundred ${shown(each[2970]!)}; a frame is 16.7 ms`,
  );
}

// A whole plan.
const chipped = planInput({ damage: [chip(60, 0.6), chip(150, 0.3, 'second')] });
const plain = planInput();
const [withChips, without, bare] = medians(
  [
    () => void planBlade(chipped),
    () => void planBlade(plain),
    () => void setBevels(flat, 0.2, { right: perSide(15), left: perSide(15) }),
  ],
  [60, 60, 5000],
);
tell(
  `whole plan: ${shown(without!)} without chips, ${shown(withChips!)} with two; that is ${(without! / bare!).toFixed(0)} times one bevel on one section`,
);

// The progression against every chain of the rack.
const rackOf = (count: number): RackEntry[] =>
  Array.from({ length: count }, (_, index) => ({
    id: `s${index}`,
    um: 120 * 0.8 ** ((index * 20) / count),
    abrasive: index % 4 === 0 ? ('diamond' as const) : ('aluminium-oxide' as const),
    changeSeconds: (index * 37) % 80,
    cutFactor: 0.8 + ((index * 13) % 7) / 10,
  }));
const steel = { wearFactor: 1.2, wearFactorDiamond: 1 };
const work = { stockMm3: 14, faceAreaMm2: 320 };
const choose = (rack: readonly RackEntry[]) =>
  chooseProgression({
    steel,
    rack,
    work,
    stroke: { forceN: () => 8, speedMPerS: 0.15 },
    finishUm: [1, 8],
  });
/** Every subset of the rack that ends in the window. */
const exhaustive = (rack: readonly RackEntry[]): number => {
  let best = Infinity;
  const extend = (from: number, last: RackEntry | null, spent: number): void => {
    if (last && last.um <= 8 && last.um >= 1) best = Math.min(best, spent);
    for (let index = from; index < rack.length; index += 1) {
      const next = rack[index]!;
      const removed = last ? (work.faceAreaMm2 * scratchDepthUm(last)) / 1000 : work.stockMm3;
      extend(
        index + 1,
        next,
        spent + secondsToRemove(removed, next, steel, 8, 0.15) + (next.changeSeconds ?? 0),
      );
    }
  };
  extend(0, null, 0);
  return best;
};
const small = rackOf(14);
const large = rackOf(60);
compare(
  'progression over 14 stones',
  () => void choose(small),
  400,
  () => void exhaustive(small),
  5,
  'every chain',
);
tell(`progression over 60 stones: ${shown(medians([() => void choose(large)], [60])[0]!)}`);
const found = choose(small);
tell(
  `  both find the same: ${found.ok && Math.abs(found.value.totalSeconds - exhaustive(small)) < 1e-6 ? 'yes' : 'NO'}`,
);

// The outline against another solver, and against its own coarser self.
const edgeOf = (count: number): BladePoint[] =>
  Array.from({ length: count }, (_, index): BladePoint => {
    const z = (200 * index) / (count - 1);
    return [z, z < 90 ? 0 : 35 * ((z - 90) / 110) ** 2.2];
  });
const damage = [
  { fromMm: 57, toMm: 61, depthMm: 0.8 },
  { fromMm: 148, toMm: 152, depthMm: 0.5 },
];
const wantedOn = (edge: readonly BladePoint[]): number[] =>
  edge.map(([z]) =>
    Math.max(
      0,
      ...damage
        .filter(({ fromMm, toMm }) => z >= fromMm && z <= toMm)
        .map(({ depthMm }) => depthMm),
    ),
  );
/** The same programme put to the other solver. */
const otherSolver = (edge: readonly BladePoint[]): number => {
  const constraints: Record<string, { min?: number; max?: number }> = {};
  const variables: Record<string, Record<string, number>> = {};
  const wanted = wantedOn(edge);
  edge.forEach(([z], index) => {
    const weight = ((edge[index + 1]?.[0] ?? z) - (edge[index - 1]?.[0] ?? z)) / 2;
    variables[`d${index}`] = { area: weight, [`cap${index}`]: 1 };
    constraints[`cap${index}`] = { max: 0.8 - wanted[index]! };
  });
  for (let index = 1; index < edge.length - 1; index += 1) {
    const before = 1 / (edge[index]![0] - edge[index - 1]![0]);
    const after = 1 / (edge[index + 1]![0] - edge[index]![0]);
    const bend = (of: (at: number) => number): number =>
      (of(index + 1) - of(index)) * after - (of(index) - of(index - 1)) * before;
    const old = bend((at) => edge[at]![1]);
    constraints[`r${index}`] = { min: Math.min(0, old) - old - bend((at) => wanted[at]!) };
    variables[`d${index - 1}`]![`r${index}`] = before;
    variables[`d${index}`]![`r${index}`] = -(before + after);
    variables[`d${index + 1}`]![`r${index}`] = after;
  }
  const solved = lpSolver.Solve({ optimize: 'area', opType: 'min', constraints, variables }) as {
    result: number;
  };
  return solved.result;
};
const highs = await loadHighs();
/** The programme as text, for a solver that reads files. */
const asText = (edge: readonly BladePoint[]): string => {
  const wanted = wantedOn(edge);
  const sum = edge.map(([z], index) => {
    const weight = ((edge[index + 1]?.[0] ?? z) - (edge[index - 1]?.[0] ?? z)) / 2;
    return `${weight} d${index}`;
  });
  const rows = edge.slice(1, -1).map((_, at) => {
    const index = at + 1;
    const before = 1 / (edge[index]![0] - edge[index - 1]![0]);
    const after = 1 / (edge[index + 1]![0] - edge[index]![0]);
    const old =
      (edge[index + 1]![1] - edge[index]![1]) * after -
      (edge[index]![1] - edge[index - 1]![1]) * before;
    return `r${index}: ${before} d${index - 1} - ${before + after} d${index} + ${after} d${index + 1} >= ${Math.min(0, old) - old}`;
  });
  const bounds = wanted.map((depth, index) => `${depth} <= d${index} <= 0.8`);
  return `Minimize\nobj: ${sum.join(' + ')}\nSubject To\n${rows.join('\n')}\nBounds\n${bounds.join('\n')}\nEnd`;
};
for (const count of [100, 400]) {
  const edge = edgeOf(count);
  compare(
    `outline of ${count} stations`,
    () => void repairOutline(edge, damage),
    count > 200 ? 3 : 20,
    () => void otherSolver(edge),
    1,
    'the other simplex solver',
  );
  compare(
    `outline of ${count} stations`,
    () => void repairOutline(edge, damage),
    count > 200 ? 3 : 20,
    () => void highs.solve(asText(edge)),
    1,
    'the compiled solver, fed as text',
  );
}
