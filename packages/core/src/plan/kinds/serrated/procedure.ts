import { say } from '../../../text';
import { secondsToRemove, type RackStone } from '../../../abrasive';
import { frontSide, otherSide, type BladeWork, type StrategyInput } from '../../cuts';
import { FEEL, HEAT, strokesPerSide, type PlanStep, type StepMaker } from '../../steps';
import {
  BACK_OFF_FLAT_DEG,
  FLAT_SIDE_BY_HAND,
  FLAT_SIDE_BY_MACHINE,
  PUSHING_PASSES,
  ROD_FORCE_N,
  ROD_SPEED_M_PER_S,
  SAME_FACE_RATIO,
  SMOOTHING_TOUCHES,
  WHEEL_SPEED_M_PER_S,
  WHEEL_TOUCHES,
} from '../first-guesses';
import { facetDegOf, scallopOf } from './geometry';
import { pusherOf, scallopTools, smootherAfter } from './tools';
import type { Procedure } from '../strategy';
import { STRINGS } from '../strings';

interface ScallopCount {
  readonly strokes: number;
  readonly eachSeconds: number;
  readonly mm3: number;
  readonly isFirst: boolean;
}

/**
 * Serrated edges: ground on one side only, each scallop with a rod, cone, slip or shaped wheel at its own angle until the flat
 * facet at its edge is gone; the burr comes up on the flat side and is pushed to and fro by ever finer grain.
 */
export const serratedProcedure = (input: StrategyInput): Procedure => {
  const ground = frontSide(input.answers);
  const flatSide = otherSide(ground);
  const way = input.input.choices.kind.serrationWay;

  /** One round a scallop: the count begins anew in each. */
  const scallopByScallop = (
    count: number,
    strokes: number,
  ): Pick<PlanStep, 'rounds' | 'pattern'> => ({
    rounds: Array.from({ length: count }, () => ({
      side: ground,
      count: strokes,
      zone: null,
      seconds: null,
    })),
    pattern: say('serrated.edge.pattern', { strokes, count }),
  });

  const hasMachine = input.input.choices.machineId !== null;
  const toolsFor = (make: StepMaker, work: BladeWork): readonly RackStone[] =>
    way === 'flat side only'
      ? []
      : scallopTools(make.input.rack, scallopOf(input, work.angleDeg).rodRadiusMm, hasMachine);

  /** The corner of a wheel is made to fit before the first scallop. */
  const shapedCorner = (make: StepMaker, wheel: RackStone, radiusMm: number): PlanStep[] =>
    make.hand('ready', 5, {
      title: say('serrated.corner.title', { stone: wheel.name }),
      instruction: say('serrated.corner.instruction', { radiusMm }),
      zone: say('serrated.corner.zone'),
      check: say('serrated.corner.check'),
      before: say('serrated.corner.before'),
      caution: HEAT,
    });

  const scallopStep = (
    make: StepMaker,
    work: BladeWork,
    tool: RackStone,
    { strokes, eachSeconds, mm3, isFirst }: ScallopCount,
  ): PlanStep[] => {
    const { count, rodRadiusMm, pitchMm } = scallopOf(input, work.angleDeg);
    const seconds = count * (eachSeconds + 6);
    const isWheel = tool.kind === 'wheel';
    const said = { count, angleDeg: work.angleDeg, strokes, pitchMm };
    return make
      .few(tool, [ground], strokes, mm3, {
        operation: isFirst ? 'edge' : 'refine',
        title: isFirst
          ? say('serrated.edge.title', { stone: tool.name })
          : say('serrated.smooth.title', { stone: tool.name }),
        instruction: !isFirst
          ? say('serrated.smooth.instruction', { strokes })
          : isWheel
            ? say('serrated.wheel.instruction', said)
            : say('serrated.edge.instruction', { ...said, rodMm: 2 * rodRadiusMm }),
        zone: say('serrated.edge.zone'),
        angleDeg: work.angleDeg,
        direction: 'edge-trailing',
        check: say('serrated.edge.check'),
        before: say('serrated.edge.before'),
        gate: isFirst ? 'everywhere' : 'looked for',
        burrOn: [flatSide],
        caution: isWheel ? HEAT : say('serrated.edge.caution'),
      })
      .map((step) => ({
        ...step,
        seconds,
        rangeS: [seconds / 2, seconds * 2],
        secondsWhy: {
          rule: STRINGS.theSteelOfOneScallopBy,
          formula: 't = n (V / (K · F · v) + 6)',
          inputs: [
            { label: STRINGS.nScallops, value: count },
            { label: STRINGS.vOfOneScallop, value: mm3 / count, unit: 'mm³' },
            { label: 'F', value: ROD_FORCE_N, unit: 'N' },
            { label: 'v, m/s', value: ROD_SPEED_M_PER_S },
          ],
          source: STRINGS.removalModelFirstGuessesToBe,
        },
        strokesPerSide: strokes * count,
        sides: step.sides.map((side) => ({ ...side, strokes: strokes * count })),
        laidBy: null,
        ...scallopByScallop(count, strokes),
      }));
  };

  const scallopSteps = (make: StepMaker, work: BladeWork): PlanStep[] => {
    const tools = toolsFor(make, work);
    const [tool] = tools;
    if (!tool) return [];
    const { count, rodRadiusMm } = scallopOf(input, work.angleDeg);
    const { mm3 } = work.sums.edge;
    const isWheel = tool.kind === 'wheel';
    const each = secondsToRemove(
      mm3 / count,
      tool,
      make.input.steel,
      ROD_FORCE_N,
      isWheel ? (tool.speedMPerS ?? WHEEL_SPEED_M_PER_S) : ROD_SPEED_M_PER_S,
    );
    const [leastTouches, mostTouches] = WHEEL_TOUCHES;
    const strokes = isWheel
      ? Math.min(mostTouches, Math.max(leastTouches, Math.ceil(each)))
      : Math.max(3, strokesPerSide(2 * each, ROD_SPEED_M_PER_S));
    const flatEndsUm = work.chain?.steps.at(-1)?.um ?? null;
    const smoother =
      flatEndsUm === null || way === 'rod only'
        ? null
        : smootherAfter(tool, tools, flatEndsUm, SAME_FACE_RATIO);
    return [
      ...(isWheel ? shapedCorner(make, tool, rodRadiusMm) : []),
      ...scallopStep(make, work, tool, { strokes, eachSeconds: each, mm3, isFirst: true }),
      ...(smoother
        ? scallopStep(make, work, smoother, {
            strokes: SMOOTHING_TOUCHES,
            eachSeconds: 2 * SMOOTHING_TOUCHES,
            mm3: 0,
            isFirst: false,
          })
        : []),
    ];
  };

  const facetDeg = facetDegOf(input);
  const flatDeg = facetDeg ?? BACK_OFF_FLAT_DEG;

  /** The burr goes back to the flat side: by a turn of the tool in each scallop, or along them by brush or strop. */
  const pushedBack = (make: StepMaker, work: BladeWork): PlanStep[] => {
    const { count } = scallopOf(input, work.angleDeg);
    const [scallopTool] = toolsFor(make, work);
    const tool = pusherOf(make.input.rack, scallopTool, hasMachine);
    if (!tool) return [];
    const isInEach = tool === scallopTool;
    const isBrush = tool.kind === 'brush';
    return make
      .few(tool, [ground], isInEach ? count : PUSHING_PASSES, 0, {
        operation: 'refine',
        title: isInEach
          ? say('serrated.scallops-again.title', { stone: tool.name })
          : say('serrated.pushed-back.title', { stone: tool.name }),
        instruction: isInEach
          ? say('serrated.scallops-again.instruction')
          : isBrush
            ? say('serrated.brush.instruction')
            : say('serrated.pushed-back.instruction'),
        zone: say('serrated.scallops-again.zone'),
        angleDeg: work.angleDeg,
        direction: 'edge-trailing',
        check: say('serrated.scallops-again.check'),
        gate: 'looked for',
        burrOn: [flatSide],
        ...(isBrush ? { caution: say('serrated.brush.caution') } : {}),
      })
      .map((step) => (isInEach ? { ...step, ...scallopByScallop(count, 1) } : step));
  };

  /** The flat side at one angle on every stone of the chain; between two the burr is pushed back, smaller each time. */
  const toAndFro = (make: StepMaker, work: BladeWork): PlanStep[] => {
    const stones = work.chain?.steps.map(({ id }) => make.stone(id)) ?? [];
    if (way === 'rod only') return [];
    return stones.flatMap((body, index) => {
      const moved = body.speedMPerS !== undefined;
      const passes = moved ? FLAT_SIDE_BY_MACHINE : FLAT_SIDE_BY_HAND;
      return [
        ...make.few(body, [flatSide], passes[Math.min(index, passes.length - 1)]!, 0, {
          operation: index === 0 && way === 'flat side only' ? 'edge' : 'refine',
          title: say('serrated.flat-side.title', { stone: body.name }),
          instruction:
            facetDeg === null
              ? say('serrated.flat-side.instruction')
              : say('serrated.flat-side.facet', { facetDeg }),
          zone: say('serrated.flat-side.zone'),
          angleDeg: flatDeg,
          check: say('serrated.flat-side.check'),
          gate: 'looked for',
          burrOn: [ground],
          caution: moved ? HEAT : FEEL,
        }),
        ...(index < stones.length - 1 ? pushedBack(make, work) : []),
      ];
    });
  };

  /** A belt never meets the scallops: their burr is pushed over once more, and one light pass takes it. */
  const burrOff = (make: StepMaker, work: BladeWork): PlanStep[] => {
    const end = work.chain?.steps.at(-1);
    const last = end && make.stone(end.id);
    if (last?.speedMPerS === undefined || way === 'rod only')
      return make.deburr({
        instruction: say('serrated.deburr.instruction'),
        direction: 'edge-trailing',
      });
    return [
      ...pushedBack(make, work),
      ...make.few(last, [flatSide], 1, 0, {
        operation: 'deburr',
        title: say('deburr.title', { stone: last.name }),
        instruction: say('serrated.deburr.belt'),
        zone: say('serrated.flat-side.zone'),
        angleDeg: flatDeg,
        check: say('serrated.deburr.check'),
        gate: 'gone',
        burrOn: [ground, flatSide],
        caution: HEAT,
      }),
    ];
  };

  return {
    steps: (make, work) => [
      ...scallopSteps(make, work),
      ...toAndFro(make, work),
      ...burrOff(make, work),
      ...make.strop(),
      ...make.wash(),
    ],
  };
};
