/** The edge bevel stone by stone, its micro bevel, and the bevel that is filed. */
import { ok, type Result } from '../../units';
import { say } from '../../text';
import {
  forTask,
  HAND_SPEED_M_PER_S,
  secondsToRemove,
  type Chain,
  type RackStone,
} from '../../abrasive';
import { namedChain, partChain } from '../choices';
import { FILE_FORCE_N, FILE_SPEED_M_PER_S } from './first-guesses';
import { BOTH, FEEL, handStroke, type Named, type StepKit, type Wording } from './kit';
import type { PlanStep } from './step';

const HEAT = say('caution.heat');

export interface EdgeMaker {
  /** The chain of the edge; `after` adds steps behind each of its stones. */
  readonly edge: (
    wording?: (body: RackStone, index: number) => Wording,
    after?: (body: RackStone, index: number) => PlanStep[],
  ) => PlanStep[];
  readonly micro: (wording?: Wording) => PlanStep[];
  readonly file: () => RackStone | undefined;
  readonly filed: (removeMm3: number, wording: Named) => PlanStep[];
}

export const edgeMaker = ({
  input,
  stone,
  trouble,
  onBody,
  chainSteps,
  hand,
}: StepKit): EdgeMaker => {
  const { rack, steel, choices, work } = input;
  const { practice } = choices;

  const edge: EdgeMaker['edge'] = (wording, after) => {
    const { chain } = work;
    if (!chain) return [];
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
      ground: input.groundAt(input.angleDeg),
      firstRule: 'The steel between the old bevel and the new one.',
      step: (body, index) => {
        const first = index === 0;
        const moved = body.speedMPerS !== undefined;
        return {
          operation: first ? 'edge' : 'refine',
          title: first
            ? say('edge.title.first', { stone: body.name })
            : say('edge.title.next', { stone: body.name }),
          instruction: first ? say('edge.instruction.first') : say('edge.instruction.next'),
          gate: first ? 'everywhere' : 'looked for',
          burrOn: BOTH,
          check: first ? say('edge.check.first') : say('edge.check.next'),
          before: first
            ? say('edge.before.first', { mustCutAfterFirst: practice.mustCutAfterFirst })
            : say('edge.before.next'),
          caution: moved ? HEAT : first ? FEEL : null,
          ...wording?.(body, index),
        };
      },
    });
    return [
      ...pushed,
      ...steps.flatMap((step, index) => [step, ...(after?.(stone(step.stoneId!), index) ?? [])]),
    ];
  };

  const micro = (wording: Wording = {}): PlanStep[] => {
    const part = partChain(choices.chains, 'micro');
    const wanted = work.micro;
    const last = work.chain?.steps.at(-1);
    if (!wanted || !last) return [];
    const angleDeg = input.angleDeg + wanted.aboveDeg;
    const stock = work.sums.micro;
    const asked = {
      steel,
      rack: forTask(rack, 'edge'),
      work: { stockMm3: stock.mm3, faceAreaMm2: stock.faceMm2 },
      stroke: handStroke,
    };
    const chain: Result<Chain> = part?.stones
      ? namedChain(asked, part.stones, 'choices.chains.micro')
      : ok({ steps: [{ ...last, removeMm3: stock.mm3, seconds: 0 }], totalSeconds: 0 });
    if (!chain.ok) return trouble('micro', chain.error);
    return chainSteps({
      part,
      ground: input
        .groundAt(input.angleDeg)
        .map((side) => ({ ...side, angleDeg: side.angleDeg + wanted.aboveDeg })),
      chain: {
        ...chain.value,
        steps: chain.value.steps.map((step) => ({
          ...step,
          seconds: secondsToRemove(step.removeMm3, stone(step.id), steel, 2, HAND_SPEED_M_PER_S),
        })),
      },
      firstRule: 'The sliver between the bevel and the micro bevel, at the weight of the hand.',
      step: (body) => ({
        operation: 'micro',
        title: say('micro.title', { stone: body.name }),
        instruction: say('micro.instruction', { angleDeg, faceMm: wanted.faceMm }),
        gate: 'looked for',
        burrOn: BOTH,
        check: say('micro.check'),
        caution: null,
        ...wording,
      }),
    });
  };
  const file = (): RackStone | undefined => rack.find(({ kind }) => kind === 'file');
  const filed: EdgeMaker['filed'] = (removeMm3, wording) => {
    const body = file();
    if (!body || removeMm3 <= 0) return [];
    const seconds = secondsToRemove(removeMm3, body, steel, FILE_FORCE_N, FILE_SPEED_M_PER_S);
    const step = onBody({
      operation: wording.operation ?? 'edge',
      body,
      removeMm3,
      seconds,
      rule: 'The steel between the old bevel and the new one, by file.',
      ground: input.groundAt(input.angleDeg),
      pattern: 'N and swap',
      text: {
        direction: 'edge-leading',
        forceN: [FILE_FORCE_N - 5, FILE_FORCE_N + 5],
        cooling: null,
        ...wording,
      },
    });
    return [step];
  };
  return { edge, micro, file, filed };
};
