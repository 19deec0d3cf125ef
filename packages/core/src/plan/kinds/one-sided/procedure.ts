import { joined, say, type Message } from '../../../text';
import { forTask, type RackStone } from '../../../abrasive';
import { frontSide, otherSide, type BladeWork, type StrategyInput } from '../../cuts';
import type { Named, PlanStep, StepMaker } from '../../steps';
import { BACK_BURR_STROKES, BACK_STROKES, BACK_UM } from '../first-guesses';
import { backOf, formOf, tapDepthMm } from './back';
import { inPositions } from './fingers';
import { laidFlat, stonesBefore, tappedOut } from './tapping';
import type { Procedure } from '../strategy';

/**
 * One-sided blades with a hollow back: the back first and with very few strokes, the front bevel raised with
 * its ridge, in three finger positions for a clam-shell and one for a flat bevel; back and front in turn at
 * every stone. A left-handed blade is the mirror image. Without a hollow it is another kind, and said to be.
 */
const backStone = (make: StepMaker) => {
  const lastUm = make.input.work.chain?.steps.at(-1)?.um ?? 0;
  // Never finer than the front is left: the edge is as coarse as its coarser face.
  const stones = forTask(make.input.rack, 'edge').filter(({ um }) => um >= lastUm / AS_FINE_RATIO);
  const [finest, coarsest] = BACK_UM;
  const last = make.input.work.chain?.steps.at(-1);
  // After a belt nothing comes back to it: it is left as fine as the belt has left the front.
  const isMoved = last !== undefined && make.stone(last.id).speedMPerS !== undefined;
  const middle = isMoved ? lastUm : Math.sqrt(finest * coarsest);
  const off = (um: number): number => Math.abs(Math.log(um / middle));
  return [...stones].sort((a, b) => off(a.um) - off(b.um))[0];
};

/** Whether the front goes on after its first stone; the back then waits for the grain it ends on. */
const hasFiner = ({ chain }: BladeWork): boolean => (chain?.steps.length ?? 0) > 1;

/** Two faces are as fine as each other within this ratio. */
const AS_FINE_RATIO = 1.5;

export const oneSidedProcedure = (input: StrategyInput): Procedure => {
  const rear = otherSide(frontSide(input.answers));
  const state = backOf(input);
  const form = formOf(input);
  const isLeather = input.kind.id === 'leather';
  const tapsMm = tapDepthMm(input);
  const fingers = isLeather ? say('one-sided.fingers.leather') : say('one-sided.fingers.flat');
  const edgeFirst = input.input.choices.kind.fingerOrder === 'edge first';
  const backBefore = input.input.choices.kind.backTurn === 'before the front';
  /** Where the edge leans to the back it gets most of the few strokes. */
  const leaning = (make: StepMaker): Message[] => {
    const zones = make.input.damage
      .filter(({ kind, side }) => kind === 'rolled edge' && (side === rear || side === 'both'))
      .map(({ fromMm, lengthMm }) => ({ fromMm, toMm: fromMm + lengthMm }));
    return zones.length === 0 ? [] : [say('one-sided.back.leaning', { zones })];
  };
  return {
    steps: (make, work) => {
      const body = backStone(make);
      const onBack = (
        strokes: number,
        removeMm3: number,
        wording: (stone: string) => Named,
        on: RackStone | undefined = body,
      ) =>
        on
          ? make.few(on, [rear], strokes, removeMm3, {
              ...wording(on.name),
              zone: say('one-sided.back.zone'),
              angleDeg: 0,
              check: say('one-sided.back.check'),
              before: say('one-sided.back.before'),
              caution: say('one-sided.back.caution'),
            })
          : [];
      const last = work.chain?.steps.at(-1)?.id;
      /** By hand a clam-shell is worked position by position; a belt rolls it as it goes. */
      const positioned = (step: PlanStep): readonly PlanStep[] =>
        form === 'clam-shell' &&
        (step.operation === 'edge' || step.operation === 'refine') &&
        step.sides.length > 0 &&
        step.stoneId !== null &&
        make.stone(step.stoneId).speedMPerS === undefined
          ? inPositions(step, work, {
              isLast: step.stoneId === last,
              edgeFirst,
              isMuddy: make.stone(step.stoneId).kind === 'water stone',
            })
          : [step];
      const isTapped = tapsMm !== null;
      const flattened = (on: RackStone, at: number): PlanStep[] =>
        laidFlat(at, work, (strokes, mm3, wording) => onBack(strokes, mm3, wording, on));
      const [start] = work.chain?.steps ?? [];
      const before = isTapped && start ? stonesBefore(make.stone(start.id), make.input.rack) : [];
      const backFirst = (step: PlanStep, at: number): readonly PlanStep[] =>
        isTapped && step.stoneId !== null && make.stone(step.stoneId).speedMPerS === undefined
          ? [...flattened(make.stone(step.stoneId), before.length + at), step]
          : [step];
      /** The burr of a finer stone, on its own grain; a belt never meets the back. */
      const backAgain = (front: RackStone, index: number): PlanStep[] =>
        isTapped || front.speedMPerS !== undefined || (index === 0 && hasFiner(work))
          ? []
          : onBack(
              BACK_BURR_STROKES,
              0,
              () => ({
                title: say('one-sided.back-again.title', { strokes: BACK_BURR_STROKES }),
                instruction: say('one-sided.back-again.instruction'),
              }),
              front,
            );
      const backThenFront = (step: PlanStep, at: number): readonly PlanStep[] =>
        backBefore && step.operation === 'refine' && step.stoneId !== null
          ? [...backAgain(make.stone(step.stoneId), at), step]
          : [step];
      const flexed = (): PlanStep[] =>
        work.micro
          ? make.hand('test', 1, {
              title: say('one-sided.flex.title'),
              instruction: say('one-sided.flex.instruction', {
                isHeavy: input.kind.id === 'fish-one-sided',
              }),
              check: say('one-sided.flex.check'),
            })
          : [];
      return [
        ...(tapsMm === null ? [] : tappedOut(input, make, work, tapsMm)),
        ...make.outline(),
        ...(!isTapped
          ? onBack(BACK_STROKES, work.sums.back.mm3, (stone) => ({
              title: say('one-sided.back.title', { stone }),
              instruction: joined(
                say('one-sided.back.instruction', {
                  strokes: BACK_STROKES,
                  isHollow: state.isHollow,
                }),
                ...leaning(make),
              ),
            }))
          : before.flatMap(flattened)),
        ...make
          .edge(
            (stone, index) => ({
              zone: say('one-sided.edge.zone'),
              instruction: [
                fingers,
                index === 0 ? say('one-sided.edge.until.first') : say('one-sided.edge.until.next'),
              ],
              burrOn: [rear],
              check:
                index === 0 ? say('one-sided.edge.check.first') : say('one-sided.edge.check.next'),
              caution:
                stone.speedMPerS !== undefined
                  ? say('one-sided.edge.caution.belt')
                  : say('one-sided.edge.caution.hand'),
            }),
            // On the grain of the front: the edge is as coarse as its coarser face. A belt never meets the back.
            (front, index) => (backBefore ? [] : backAgain(front, index)),
          )
          .flatMap(backFirst)
          .flatMap(backThenFront)
          .flatMap(positioned),
        ...flexed(),
        ...make.micro({
          instruction: say('one-sided.micro.instruction', {
            angleDeg: work.angleDeg + (work.micro?.aboveDeg ?? 0),
          }),
          zone: say('one-sided.micro.zone'),
          burrOn: [rear],
        }),
        ...(input.answers['finishWish'] === 'the maker’s finish'
          ? make.hand('faces', 6, {
              title: say('one-sided.faces.title'),
              instruction: say('one-sided.faces.instruction'),
              zone: say('one-sided.faces.zone'),
              check: say('one-sided.faces.check'),
            })
          : []),
        ...make.deburr({
          instruction: say('one-sided.deburr.instruction'),
        }),
        ...make.strop({
          instruction: say('one-sided.strop.instruction'),
        }),
        ...make.wash(),
      ];
    },
  };
};
