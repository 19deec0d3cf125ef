/**
 * Stones made ready, as steps of the work: soaked until the bubbles stop, flat, wet or oiled, held firm, and blade and
 * bench wiped at every change of grit.
 */
import { joined, say, type Message } from '../../text';
import { abrasiveKind, isHollow, type RackStone } from '../../abrasive';
import { FLATTEN_SECONDS, SOAK_UNKNOWN_MINUTES } from './first-guesses';
import { byHabit } from './kit';
import { blankStep, type PlanStep, type StepGateCode } from './step';
import { STRINGS } from './strings';

export interface ReadyWork {
  readonly rack: readonly RackStone[];
  /** A back that lies flat wants every stone flat at every grit. */
  readonly flatAtEveryGrit: boolean;
  /** The stones stand in a clamp rig, whose jaws are looked at when they change. */
  readonly onRig: boolean;
}

/** Hands-on seconds; the water does the rest. */
const SOAK_HANDS_S = 30;
const USUAL_CHANGE_S = 45;

const soakStep = (stones: readonly RackStone[]): PlanStep => {
  const minutes = Math.max(
    ...stones.map(({ soakMinutes }) => (soakMinutes > 0 ? soakMinutes : SOAK_UNKNOWN_MINUTES)),
  );
  const names = stones.map(({ name }) => name).join(', ');
  return {
    ...blankStep(
      'ready',
      {
        title: say('ready.soak.title', { stones: names }),
        instruction: say('ready.soak.instruction', { minutes }),
      },
      SOAK_HANDS_S,
      byHabit(STRINGS.inTheWaterByHandIt),
    ),
    zone: say('ready.zone'),
    check: say('ready.soak.check'),
    before: say('ready.soak.before'),
    gates: ['soaked'],
    readies: stones[0]!.id,
  };
};

/** What is put on it, and what holds it. */
const liquidText = (body: RackStone): Message =>
  body.liquid === 'oil'
    ? say('ready.oil')
    : body.liquid === 'water'
      ? say('ready.water')
      : say('ready.dry');

const firmText = ({ kind }: RackStone, onRig: boolean): Message =>
  abrasiveKind(kind).task === 'machine'
    ? say('ready.machine')
    : onRig
      ? say('ready.rig')
      : say('ready.firm');

const readyStep = (
  body: RackStone,
  before: RackStone | null,
  { flatAtEveryGrit, onRig }: ReadyWork,
): PlanStep => {
  const { dishes } = abrasiveKind(body.kind);
  const flattens = dishes && (isHollow(body.flatness) || flatAtEveryGrit);
  const gates: StepGateCode[] = flattens ? ['flat'] : [];
  const changeS = body.changeSeconds ?? USUAL_CHANGE_S;
  return {
    ...blankStep(
      'ready',
      {
        title: flattens
          ? say('ready.flatten.title', { stone: body.name })
          : before === null
            ? say('ready.title', { stone: body.name })
            : say('ready.change.title', { stone: body.name }),
        instruction: joined(
          ...(before === null ? [] : [say('ready.clean')]),
          ...(flattens ? [say('ready.flatten.instruction')] : []),
          liquidText(body),
          ...(body.needsDressing ? [say('ready.dressing')] : []),
          firmText(body, onRig),
        ),
      },
      changeS + (flattens ? FLATTEN_SECONDS : 0),
      byHabit(flattens ? STRINGS.theChangeToTheStoneAnd : STRINGS.theChangeToTheStoneAs),
    ),
    zone: say('ready.zone'),
    check: flattens ? say('ready.flatten.check') : say('ready.check'),
    before: flattens ? say('ready.flatten.before') : null,
    gates,
    readies: body.id,
  };
};

/** Steps on an abrasive of the bench or a machine; a strop or a file is taken up as it hangs. */
const isReadied = ({ kind }: RackStone): boolean =>
  ['edge', 'machine'].includes(abrasiveKind(kind).task);

/** The steps with what makes their stones ready before each change of grit; soaking begins before the first stone. */
export const withReadySteps = (
  steps: readonly PlanStep[],
  work: ReadyWork,
): readonly PlanStep[] => {
  const bodyOf = (step: PlanStep): RackStone | undefined =>
    work.rack.find(({ id }) => id === step.stoneId);
  const used = [...new Set(steps.map(bodyOf))].filter((body) => body !== undefined);
  const soaked = used.filter(
    ({ kind, soaking, inWater }) => abrasiveKind(kind).soaks && soaking === 'soak' && !inWater,
  );
  let before: RackStone | null = null;
  let hasSoaked = soaked.length === 0;
  return steps.flatMap((step) => {
    const body = bodyOf(step);
    if (!body || !isReadied(body) || body.id === before?.id) return [step];
    const made = readyStep(body, before, work);
    before = body;
    const soak = hasSoaked ? [] : [soakStep(soaked)];
    hasSoaked = true;
    return [...soak, made, step];
  });
};

/** The same steps with their stones made ready anew; what the operator changed of a ready step stays as it was. */
export const readiedAgain = (steps: readonly PlanStep[], work: ReadyWork): readonly PlanStep[] => {
  const kept = steps.filter(({ readies, changed }) => readies === null || changed !== undefined);
  const taken = new Set(kept.map(({ key }) => key));
  let place = 0;
  return withReadySteps(kept, work).map((step) => {
    if (step.key !== '') return step;
    do place += 1;
    while (taken.has(`ready ${place}`));
    return { ...step, key: `ready ${place}` };
  });
};
