/** The edge bevel stone by stone, its micro bevel, and the bevel that is filed. */
import { ok, type Result } from '../../units';
import {
  forTask,
  HAND_SPEED_M_PER_S,
  secondsToRemove,
  type Chain,
  type RackStone,
} from '../../abrasive';
import { namedChain, partChain } from '../choices';
import { FILE_FORCE_N, FILE_SPEED_M_PER_S } from './first-guesses';
import { BOTH, FEEL, handStroke, type Named, type StepKit, type Words } from './kit';
import type { PlanStep } from './step';

const HEAT =
  'Slow, light, and cool to the bare hand: a thin edge is burnt in a second. Eye protection, no gloves near the machine.';

export interface EdgeMaker {
  /** The chain of the edge; `after` adds steps behind each of its stones. */
  readonly edge: (
    words?: (body: RackStone, index: number) => Words,
    after?: (body: RackStone, index: number) => PlanStep[],
  ) => PlanStep[];
  readonly micro: (words?: Words) => PlanStep[];
  readonly file: () => RackStone | undefined;
  readonly filed: (removeMm3: number, words: Named) => PlanStep[];
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

  const edge: EdgeMaker['edge'] = (words, after) => {
    const { chain } = work;
    if (!chain) return [];
    const pushed =
      practice.oldEdge === 'push it back first'
        ? hand('ready', 1, {
            title: 'Push the rolled steel back',
            instruction:
              'A smooth rod or the finest stone, edge-trailing, a little above the bevel, weight of the hand, until light no longer catches on the leaning side.',
            check: 'Bright light straight at the edge: no glint from one side only.',
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
          title: first ? `Set the edge on ${body.name}` : `Refine on ${body.name}`,
          instruction: first
            ? 'Work each side until the smallest burr runs from heel to tip without a gap. This decides the result: do not leave early.'
            : 'Take out the scratches of the stone before, until the pattern is even from heel to tip and nothing glints.',
          gate: first ? 'everywhere' : 'looked for',
          burrOn: BOTH,
          check: first
            ? 'Burr along the whole length on the side away from the stone; not there at the tip: more there, not everywhere.'
            : 'Scratch pattern under a slant light, heel to tip.',
          before: first
            ? `Burr everywhere, tip back, chips out, bevel even and as high as meant${practice.mustCutAfterFirst ? '; cleaned and stropped it must already cut' : ''}.`
            : 'No deeper scratch of the stone before is left.',
          caution: moved ? HEAT : first ? FEEL : null,
          ...words?.(body, index),
        };
      },
    });
    return [
      ...pushed,
      ...steps.flatMap((step, index) => [step, ...(after?.(stone(step.stoneId!), index) ?? [])]),
    ];
  };

  const micro = (words: Words = {}): PlanStep[] => {
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
        title: `Micro bevel on ${body.name}`,
        instruction: `Raise the spine to ${angleDeg.toFixed(1)}° per side. A few strokes a side, weight of the hand: a line that just catches the light, ${wanted.faceMm} mm wide.`,
        gate: 'looked for',
        burrOn: BOTH,
        check: 'An even hair of light along the whole edge.',
        caution: null,
        ...words,
      }),
    });
  };
  const file = (): RackStone | undefined => rack.find(({ kind }) => kind === 'file');
  const filed: EdgeMaker['filed'] = (removeMm3, words) => {
    const body = file();
    if (!body || removeMm3 <= 0) return [];
    const seconds = secondsToRemove(removeMm3, body, steel, FILE_FORCE_N, FILE_SPEED_M_PER_S);
    const step = onBody({
      operation: words.operation ?? 'edge',
      body,
      removeMm3,
      seconds,
      rule: 'The steel between the old bevel and the new one, by file.',
      ground: input.groundAt(input.angleDeg),
      pattern: 'N and swap',
      words: {
        direction: 'edge-leading',
        forceN: [FILE_FORCE_N - 5, FILE_FORCE_N + 5],
        cooling: null,
        ...words,
      },
    });
    return [step];
  };
  return { edge, micro, file, filed };
};
