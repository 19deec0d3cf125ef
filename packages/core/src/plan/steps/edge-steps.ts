/** The edge bevel stone by stone, its micro bevel, the light last edge of a maker, and the bevel that is filed. */
import { joined, say } from '../../text';
import { finestOf, type RackStone } from '../../abrasive';
import { partChain, seriesOf } from '../choices';
import type { GroundSide } from '../cuts';
import {
  BELT_LOWER_DEG,
  LIGHT_LAST_STROKES,
  MARKER_SECONDS,
  MARKER_WIDE_DEG,
  PROOF_SECONDS,
} from './first-guesses';
import { fittingRig } from './edge-chain';
import type { FinishMaker } from './finish-steps';
import { BOTH, byHabit, FEEL, HEAT, type Named, type StepKit, type AreaStrings } from './kit';
import { FILE_PACE } from './pace';
import type { PlanStep } from './step';
import { STRINGS } from './strings';

export interface EdgeMaker {
  /** The chain of the edge; `after` adds steps behind each of its stones. */
  readonly edge: (
    wording?: (body: RackStone, index: number) => AreaStrings,
    after?: (body: RackStone, index: number) => PlanStep[],
  ) => PlanStep[];
  readonly micro: (wording?: AreaStrings) => PlanStep[];
  /** One to three passes a side on the last stone, after the faces. */
  readonly lightLast: () => PlanStep[];
  readonly file: () => RackStone | undefined;
  readonly filed: (removeMm3: number, wording: Named) => PlanStep[];
}

export const edgeMaker = (
  { input, stone, trouble, onBody, chainSteps, hand, few, drafted, settingFor }: StepKit,
  { proof, deburr }: Pick<FinishMaker, 'proof' | 'deburr'>,
): EdgeMaker => {
  const { rack, choices, work, machine } = input;
  const { practice } = choices;
  const isMoved = ({ speedMPerS }: RackStone): boolean => speedMPerS !== undefined;

  /** On a rig the angle is found with ink before a stone takes steel: from a degree wide, on the finest. */
  const markerTest = (): PlanStep[] => {
    if (machine?.kind !== 'clamp rig') return [];
    const ids = work.chain?.steps.map(({ id }) => id) ?? [];
    const finest = finestOf(fittingRig(rack).filter(({ id }) => ids.includes(id)));
    if (!finest) return [];
    const wideDeg = input.angleDeg + MARKER_WIDE_DEG;
    return few(finest, BOTH, 2, 0, {
      operation: 'test',
      title: say('marker.title', { stone: finest.name }),
      instruction: say('marker.instruction', { wideDeg, angleDeg: input.angleDeg }),
      angleDeg: wideDeg,
      direction: 'edge-trailing',
      forceN: [0.5, 2],
      check: say('marker.check'),
      before: say('marker.before'),
    }).map((step) => ({
      ...step,
      seconds: MARKER_SECONDS,
      rangeS: [MARKER_SECONDS / 2, 2 * MARKER_SECONDS] as const,
      ...settingFor(finest, wideDeg),
    }));
  };

  /** Between the machine and the hand a cut in paper decides whether it is good enough to go on. */
  const trialCut = (): PlanStep[] => [
    {
      ...drafted(
        'test',
        { title: say('trial.title'), instruction: say('trial.instruction') },
        PROOF_SECONDS,
        byHabit(STRINGS.aCutInPaperAndA),
      ),
      check: say('trial.check'),
      before: say('trial.before'),
      gates: ['cuts'],
    },
  ];

  const edge: EdgeMaker['edge'] = (wording, after) => {
    const { chain } = work;
    if (!chain) return [];
    const bodies = chain.steps.map(({ id }) => stone(id));
    const byHandFrom = bodies.findIndex((body) => !isMoved(body));
    const handsOver = byHandFrom > 0 && bodies.slice(0, byHandFrom).every(isMoved);
    const ground = input.groundAt(input.angleDeg);
    const lower = (sides: readonly GroundSide[]): readonly GroundSide[] =>
      sides.map((side) => ({
        ...side,
        angleDeg: Math.max(side.angleDeg / 2, side.angleDeg - BELT_LOWER_DEG),
      }));
    const pushed =
      practice.oldEdge === 'push it back first'
        ? hand('ready', 1, {
            title: say('push-back.title'),
            instruction: say('push-back.instruction'),
            check: say('push-back.check'),
          })
        : [];
    const steps = chainSteps({
      part: partChain(choices.chains, 'edge'),
      chain,
      ground,
      firstRule: STRINGS.theSteelBetweenTheOldBevel,
      step: (body, index) => {
        const isHandFirst = handsOver && index === byHandFrom;
        const first = index === 0 || isHandFirst;
        const moved = isMoved(body);
        const runsPastTip = index === 0 && machine?.kind === 'clamp rig';
        return {
          operation: first ? 'edge' : 'refine',
          title: isHandFirst
            ? say('edge.title.by-hand', { stone: body.name })
            : first
              ? say('edge.title.first', { stone: body.name })
              : say('edge.title.next', { stone: body.name }),
          instruction: joined(
            first ? say('edge.instruction.first') : say('edge.instruction.next'),
            ...(runsPastTip ? [say('edge.instruction.tip-on-rig')] : []),
          ),
          gate: first ? 'everywhere' : 'looked for',
          burrOn: BOTH,
          check: first ? say('edge.check.first') : say('edge.check.next'),
          before: first
            ? say('edge.before.first', { mustCutAfterFirst: practice.mustCutAfterFirst })
            : say('edge.before.next'),
          caution: moved ? HEAT : first ? FEEL : null,
          ...(handsOver && moved ? { ground: lower(ground) } : {}),
          ...wording?.(body, index),
        };
      },
    });
    return [
      ...pushed,
      ...markerTest(),
      ...steps.flatMap((step, index) => [
        step,
        ...(after?.(stone(step.stoneId!), index) ?? []),
        ...(handsOver && index === byHandFrom - 1 ? trialCut() : []),
        ...(index === (handsOver ? byHandFrom : 0) && index < steps.length - 1
          ? proof(stone(step.stoneId!))
          : []),
      ]),
    ];
  };

  /** A few strokes at the weight of the hand: a micro bevel never comes of bulk wear. */
  const micro = (wording: AreaStrings = {}): PlanStep[] => {
    const part = partChain(choices.chains, 'micro');
    const wanted = work.micro;
    const last = work.chain?.steps.at(-1);
    if (!wanted || !last) return [];
    const ids = part?.stones ?? [last.id];
    const bodies = ids.flatMap((id) => rack.find((each) => each.id === id) ?? []);
    if (bodies.length < ids.length) {
      return trouble('micro', {
        code: 'NO_PROGRESSION',
        message: STRINGS.aStoneNamedForItIs,
        field: 'choices.chains.micro',
      });
    }
    const ground = input
      .groundAt(input.angleDeg)
      .map((side) => ({ ...side, angleDeg: side.angleDeg + wanted.aboveDeg }));
    const angleDeg = input.angleDeg + wanted.aboveDeg;
    return bodies.flatMap((body) =>
      few(
        body,
        ground.map(({ side }) => side),
        choices.microStrokes,
        work.sums.micro.mm3 / bodies.length,
        {
          operation: 'micro',
          title: say('micro.title', { stone: body.name }),
          instruction: say('micro.instruction', { angleDeg, faceMm: wanted.faceMm }),
          angleDeg,
          gate: 'looked for',
          burrOn: BOTH,
          check: say('micro.check'),
          caution: null,
          ...(part ? { direction: part.direction } : {}),
          ...wording,
        },
      ).map((step) => ({
        ...step,
        lifts: input.liftsAt(angleDeg),
        stationLifts: input.stationLiftsAt(angleDeg),
        sides: step.sides.map((side) => {
          const own = ground.find((each) => each.side === side.side)!.angleDeg;
          return { ...side, angleDeg: own, lifts: input.liftsAt(own) };
        }),
        ...settingFor(body, angleDeg),
      })),
    );
  };

  const lightLast = (): PlanStep[] => {
    const last = work.chain?.steps.at(-1);
    if (!last || choices.order !== "maker's") return [];
    const body = stone(last.id);
    const aboveDeg = work.micro?.aboveDeg ?? 0;
    const ground = input
      .groundAt(input.angleDeg)
      .map((side) => ({ ...side, angleDeg: side.angleDeg + aboveDeg }));
    const passes = few(
      body,
      ground.map(({ side }) => side),
      LIGHT_LAST_STROKES,
      0,
      {
        operation: 'edge',
        title: say('light-last.title', { stone: body.name }),
        instruction: say('light-last.instruction'),
        angleDeg: input.angleDeg + aboveDeg,
        direction: choices.direction,
        gate: 'looked for',
        burrOn: BOTH,
        check: say('light-last.check'),
        caution: FEEL,
      },
    ).map((step) => ({
      ...step,
      lifts: input.liftsAt(input.angleDeg + aboveDeg),
      stationLifts: input.stationLiftsAt(input.angleDeg + aboveDeg),
      sides: step.sides.map((side) => {
        const own = ground.find((each) => each.side === side.side)!.angleDeg;
        return { ...side, angleDeg: own, lifts: input.liftsAt(own) };
      }),
    }));
    // The strop takes the last burr; without one the stone does.
    const isStropped = seriesOf(choices.series, choices.finishing).length > 0;
    return [...passes, ...(isStropped ? [] : deburr())];
  };

  const file = (): RackStone | undefined => rack.find(({ kind }) => kind === 'file');
  const filed: EdgeMaker['filed'] = (removeMm3, wording) => {
    const body = file();
    if (!body || removeMm3 <= 0) return [];
    const step = onBody({
      operation: wording.operation ?? 'edge',
      body,
      removeMm3,
      rule: STRINGS.theSteelBetweenTheOldBevelAnd,
      ground: input.groundAt(input.angleDeg),
      pattern: 'N and swap',
      pace: FILE_PACE,
      text: { direction: 'edge-leading', cooling: null, ...wording },
    });
    return [step];
  };
  return { edge, micro, lightLast, file, filed };
};
