/** Judge and plan: along and across, with everything following the operator's choices at once. */
import type { Job } from '@patient-edge/contract';
import {
  angleAtFixedLift,
  BURR_POLICIES,
  DIRECTIONS,
  figure,
  findUse,
  forTask,
  type BladePlan,
  type PlanChoices,
  scratchDepthUm,
  stepRange,
  totalRange,
  type PlanInput,
  type ZoneLift,
} from '@patient-edge/core';
import { memo, useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { useNavigate } from 'react-router';
import styled from 'styled-components';
import { messageOf, request } from '../api/client';
import { keepJob, useMachines, useSteels } from '../api/hooks';
import { dropStored } from '../api/stored';
import { EdgeStrip } from '../instruments/edge-strip';
import { GritStair } from '../instruments/grit-stair';
import { LiftLadder } from '../instruments/lift-ladder';
import { SectionView } from '../instruments/section-view';
import { Asked, FigureList, FigureView } from '../instruments/why';
import { useJobHere } from '../jobs/job-here';
import { fixed, roughly } from '../theme/format';
import {
  ActionButton,
  Choice,
  Notice,
  options,
  PickOne,
  QuietLink,
  Row,
  Sheet,
  Soft,
  Stack,
  Tick,
} from '../theme/parts';
import { usePlan } from '../workers/use-plan';
import { AngleControl } from './angle-control';
import { SchoolChoice } from '../progression/school-choice';
import { NamedFinish } from '../progression/named-finish';
import { OtherChains } from '../progression/progression-board';
import { WishList } from '../progression/wishes';
import { SoakPlan } from '../soaking/soak-plan';
import { Columns } from '../theme/columns';
import { bandText, useForceUnit } from '../theme/force';
import { useProgression } from '../workers/use-progression';
import { AfterStones } from './after-stones';
import { ChainsControl } from './chains-control';
import { AsItCame } from '../judge/as-it-came';
import { FinishControl } from './finish-control';
import { usePlanChoices, usePlanInput } from './use-plan-input';

const Two = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1.15fr) minmax(0, 1fr);
  gap: 16px;
  @media (max-width: 900px) {
    grid-template-columns: 1fr;
  }
`;
const Steps = styled.ol`
  counter-reset: step;
  & li {
    counter-increment: step;
    display: grid;
    grid-template-columns: 34px minmax(0, 1fr) auto auto;
    gap: 14px;
    padding: 8px 0;
    border-top: 1px solid var(--line-soft);
    align-items: baseline;
  }
  & li::before {
    content: counter(step);
    font: 650 20px/1 var(--figures);
  }
  & small {
    color: var(--ink-soft);
    font-size: 14.5px;
  }
  & span {
    font-family: var(--figures);
    white-space: nowrap;
  }
`;

/** The 10th to 90th percentile of a step, as it stands beside its time. */
const rangeText = (seconds: number): string => {
  const { lowS, highS } = stepRange(seconds);
  return `${roughly(lowS)}–${roughly(highS)}`;
};

const NO_LIFTS: readonly ZoneLift[] = [];

const PlanPage = () => {
  const job = useJobHere();
  const { choices, setChoices } = usePlanChoices(job);
  const input = usePlanInput(job, choices);
  const result = usePlan(input);
  if (!result) return <p role="status">Working it out…</p>;
  if (!result.ok) {
    return (
      <Stack>
        <Notice tone="cut" alert>
          {result.error.message}
        </Notice>
        <Row>
          {choices.angleDeg !== null && result.error.field?.startsWith('choices') ? (
            <ActionButton
              onPress={() => setChoices({ ...choices, angleDeg: null, approach: 'by-use' })}
            >
              Back to the advised angle
            </ActionButton>
          ) : (
            <>
              <QuietLink to={`/jobs/${job.id}/intake`}>Look at the intake</QuietLink>
              <QuietLink to={`/rack/progression?job=${job.id}`}>Its stones</QuietLink>
            </>
          )}
        </Row>
      </Stack>
    );
  }
  return (
    <Planned
      job={job}
      plan={result.value}
      choices={choices}
      onChoices={setChoices}
      rack={input!.rack}
    />
  );
};

interface PlannedProps {
  readonly job: Job;
  readonly plan: BladePlan;
  readonly choices: PlanChoices;
  readonly onChoices: (next: PlanChoices) => void;
  readonly rack: PlanInput['rack'];
}

const Planned = ({ job, plan, choices, onChoices, rack }: PlannedProps) => {
  const latest = useRef(choices);
  useEffect(() => {
    latest.current = choices;
  });
  const set = useCallback(
    (part: Partial<PlanChoices>): void => onChoices({ ...latest.current, ...part }),
    [onChoices],
  );
  const choicesNow = useCallback(() => latest.current, []);
  // While the angle is being moved the two pictures beside it follow; the rest follows when it stops.
  const [moving, setMoving] = useState(false);
  const [calm, setCalm] = useState({ plan, choices });
  if (!moving && (calm.plan !== plan || calm.choices !== choices)) setCalm({ plan, choices });
  const shared = { job, ...calm, onChoices: set };
  return (
    <Stack $gap={16}>
      <AsItCame job={job} words="Plan towards it" />
      <Two>
        <Sheet aria-label="Angle">
          <AngleControl
            plan={plan}
            restingDeg={calm.plan.angleDeg}
            choices={choices}
            onChoices={set}
            onMoving={setMoving}
          />
        </Sheet>
        <Sheet aria-label="Across the blade">
          <h2>Across</h2>
          <SectionView
            before={plan.sections.before}
            after={plan.sections.after}
            heightMm={job.measures.heightMiddleMm}
            spineMm={job.measures.spineMiddleMm}
            angleDeg={plan.angleDeg}
            presentAngleDeg={plan.figures.presentAngle.value}
            riseMm={plan.sections.riseMm}
            bevelHeightAfterMm={
              plan.figures.bevelFaceAfter.value * Math.cos((plan.angleDeg * Math.PI) / 180)
            }
            behindEdgeAfterMm={
              2 * plan.figures.bevelFaceAfter.value * Math.sin((plan.angleDeg * Math.PI) / 180)
            }
          />
        </Sheet>
      </Two>
      <AlongSheet {...shared} />
      <RackSheet {...shared} rack={rack} choicesNow={choicesNow} />
    </Stack>
  );
};

interface SheetProps {
  readonly job: Job;
  readonly plan: BladePlan;
  readonly choices: PlanChoices;
  readonly onChoices: (part: Partial<PlanChoices>) => void;
}

const AlongSheet = memo(({ job, plan, choices, onChoices }: SheetProps) => (
  <Sheet aria-label="Along the edge">
    <Stack>
      <h2>Along</h2>
      <EdgeStrip
        measures={job.measures}
        damage={job.damage}
        leftIn={choices.chipsLeft}
        depthAlong={plan.outline.depthAlong}
        lifts={plan.stations}
        label={`Along the edge: ${plan.outline.verdict}`}
      />
      <p>{plan.outline.verdict}</p>
      <ChipChoices job={job} choices={choices} onChoices={onChoices} />
      <FigureList>
        <FigureView label="Height lost" figure={plan.figures.heightLost} />
        <FigureView
          label="Steel lost"
          figure={plan.figures.steelLost}
          beside={plan.figures.massLost}
        />
        <FigureView label="Behind the edge before" figure={plan.figures.behindEdgeBefore} />
        <FigureView label="Behind the edge after" figure={plan.figures.behindEdgeAfter} />
      </FigureList>
      <Tick value={plan.thinning.done} onChange={(thin) => onChoices({ thin })}>
        Thin it {plan.thinning.advised ? '(advised)' : '(not needed)'}
      </Tick>
      <Soft>{plan.thinning.reason}</Soft>
      <h3>Lift of the spine at {fixed(plan.angleDeg, 1)}° per side</h3>
      <FixedLift plan={plan} />
      <LiftLadder lifts={plan.steps.find(({ lifts }) => lifts.length > 0)?.lifts ?? NO_LIFTS} />
    </Stack>
  </Sheet>
));
AlongSheet.displayName = 'AlongSheet';

interface RackSheetProps extends SheetProps {
  readonly rack: PlanInput['rack'];
  /** What is settled is what is chosen now, not what is drawn. */
  readonly choicesNow: () => PlanChoices;
}

const RackSheet = memo(({ job, plan, choices, onChoices, rack, choicesNow }: RackSheetProps) => {
  const marks = useMemo(
    () =>
      [...forTask(rack, 'edge'), ...forTask(rack, 'finish')].map(({ id, name, um, kind }) => ({
        id,
        name,
        um,
        strop: kind === 'strop' || kind === 'compound',
      })),
    [rack],
  );
  const treads = useMemo(
    () =>
      plan.steps
        .filter(({ operation }) => operation === 'edge' || operation === 'refine')
        .map((step) => {
          const stone = rack.find(({ id }) => id === step.stoneId)!;
          return { id: stone.id, um: stone.um, name: stone.name, seconds: step.seconds };
        }),
    [plan, rack],
  );
  return (
    <Sheet aria-label="Progression">
      <Stack>
        <h2>From the rack</h2>
        <FinishControl
          plan={plan}
          choices={choices}
          advisedUm={findUse(job.useId).finishUm}
          onChoices={onChoices}
        />
        <Row $align="start" $gap={24}>
          <div style={{ width: 330 }}>
            <SchoolChoice school={choices.school} onSchool={(school) => onChoices({ school })} />
          </div>
          <NamedFinish onFinish={(finishUm) => onChoices({ finishUm })} />
        </Row>
        {plan.progressionError ? (
          <Stack>
            <Notice tone="cut" alert>
              {plan.progressionError.message}.
            </Notice>
            {plan.toBuy && <p>{plan.toBuy.reason}</p>}
          </Stack>
        ) : (
          <GritStair
            rack={marks}
            treads={treads}
            finishUm={plan.finishUm}
            label="The stones of the progression on the scale of the rack"
          />
        )}
        {plan.advice.map(({ code, stoneId, text }) => (
          <Notice key={`${code} ${stoneId}`} tone="cut">
            {text}
          </Notice>
        ))}
        <StepList steps={plan.steps} rack={rack} />
        <Weighed
          job={job}
          plan={plan}
          choices={choices}
          rack={rack}
          treads={treads}
          onChoices={onChoices}
        />
        <ChainsControl
          chains={choices.chains}
          rack={rack}
          edgeStones={treads.map(({ id }) => id)}
          onChains={(chains) => onChoices({ chains })}
        />
        <AfterStones
          finishing={choices.finishing}
          rack={rack}
          onFinishing={(finishing) => onChoices({ finishing })}
        />
        <SoakPlan steps={plan.steps} jobId={job.id} />
        <Columns $columns={3}>
          <MachineChoice
            machineId={choices.machineId}
            onMachine={(machineId) => onChoices({ machineId })}
          />
          <PickOne
            label="Stroke direction"
            options={options(DIRECTIONS)}
            value={choices.direction}
            onChange={(direction) => onChoices({ direction })}
          />
          <Choice
            label="Burr at the end"
            options={options(BURR_POLICIES)}
            value={choices.burrPolicy}
            onChange={(burrPolicy) => onChoices({ burrPolicy })}
          />
        </Columns>
        <FigureList>
          <FigureView label="Working time" figure={plan.figures.workingTime} large />
        </FigureList>
        <WorkingRange plan={plan} />
        {plan.warnings.map((warning) => (
          <Notice key={warning} tone="cut">
            {warning}
          </Notice>
        ))}
        <Settle job={job} choicesNow={choicesNow} disabled={plan.progressionError !== null} />
      </Stack>
    </Sheet>
  );
});
RackSheet.displayName = 'RackSheet';

/** What the wishes about the stones would cost, weighed in a worker once the plan stands still. */
const Weighed = ({
  job,
  plan,
  choices,
  rack,
  treads,
  onChoices,
}: SheetProps & { rack: PlanInput['rack']; treads: readonly { readonly id: string }[] }) => {
  const steels = useSteels();
  const steel = steels?.find(({ designation }) => designation === job.steel);
  const { school, first, skip, through, maxRatio } = choices;
  const question = useMemo(
    () =>
      steel
        ? {
            school,
            input: {
              steel,
              rack: forTask(rack, 'edge'),
              work: plan.edgeWork,
              finishUm: plan.finishUm,
              maxRatio: maxRatio ?? undefined,
              first: first ?? undefined,
              skip,
              through,
            },
          }
        : null,
    [steel, rack, plan.edgeWork, plan.finishUm, maxRatio, school, first, skip, through],
  );
  const weighed = useProgression(question);
  const named = choices.chains.some(({ part, stones }) => part === 'edge' && stones !== null);
  if (!weighed || named) return null;
  const bestSeconds = weighed.chosen.ok ? weighed.chosen.value.totalSeconds : 0;
  return (
    <Stack>
      <OtherChains
        others={plan.alternatives}
        bestSeconds={bestSeconds}
        rack={rack}
        onTake={(stones) =>
          onChoices({
            chains: [
              ...choices.chains.filter(({ part }) => part !== 'edge'),
              {
                part: 'edge',
                stones,
                bond: null,
                finishUm: null,
                faceMm: null,
                direction: choices.direction,
                slurry: 'keep the mud',
              },
            ],
          })
        }
      />
      {treads.length > 0 && (
        <WishList
          rack={rack}
          costs={weighed.wishes}
          wishes={{ first, skip, through }}
          onWishes={(wishes) => onChoices(wishes)}
          onStopAt={(um) => onChoices({ finishUm: [um, um] })}
        />
      )}
    </Stack>
  );
};

const MachineChoice = ({
  machineId,
  onMachine,
}: {
  machineId: string | null;
  onMachine: (machineId: string | null) => void;
}) => {
  const { data: machines } = useMachines();
  const inUse = (machines ?? []).filter(({ retired, id }) => !retired || String(id) === machineId);
  return (
    <PickOne
      label="The angle is held"
      options={[
        { id: 'hand', label: 'by hand' },
        ...inUse.map(({ id, name, kind }) => ({ id: String(id), label: name, detail: kind })),
      ]}
      value={machineId ?? 'hand'}
      onChange={(next) => onMachine(next === 'hand' ? null : next)}
    />
  );
};

const WorkingRange = ({ plan }: { plan: BladePlan }) => {
  const working = plan.steps.map(({ seconds }) => seconds);
  const changesS =
    plan.figures.workingTime.value - working.reduce((sum, seconds) => sum + seconds, 0);
  const { lowS, highS } = totalRange(working, changesS);
  return (
    <Soft>
      From {roughly(lowS)} to {roughly(highS)} in eight cases of ten, before this bench has logged
      its own work.
    </Soft>
  );
};

interface StepListProps {
  readonly steps: BladePlan['steps'];
  readonly rack: PlanInput['rack'];
}

/** What a step that takes steel leaves behind. */
const leaves = (step: BladePlan['steps'][number], rack: PlanInput['rack']): string | null => {
  const stone = step.removeMm3 > 0 ? rack.find(({ id }) => id === step.stoneId) : undefined;
  return stone ? `leaves ${fixed(scratchDepthUm(stone), 2)} µm` : null;
};

const StepList = memo(({ steps, rack }: StepListProps) => {
  const [unit] = useForceUnit();
  return (
    <Steps>
      {steps.map((step, index) => (
        <li key={index}>
          <div>
            {step.title}
            <br />
            <small>
              {[
                step.direction,
                step.pattern,
                step.forceN && bandText(step.forceN, unit),
                leaves(step, rack),
              ]
                .filter(Boolean)
                .join(' · ')}
            </small>
            {step.setting && (
              <>
                <br />
                <small>{step.setting.words}</small>
              </>
            )}
          </div>
          <span>{step.strokesPerSide > 0 ? `${step.strokesPerSide} a side` : ''}</span>
          <span>
            <Asked label={step.title} figure={figure(step.seconds, 's', step.secondsWhy)}>
              {roughly(step.seconds)}
            </Asked>
            <Soft as="span"> {rangeText(step.seconds)}</Soft>
          </span>
        </li>
      ))}
    </Steps>
  );
});
StepList.displayName = 'StepList';

/** What one lift held along the whole edge would do to the angle. */
const FixedLift = ({ plan }: { plan: BladePlan }) => {
  const held = plan.stations.filter(({ liftMm }) => liftMm !== null);
  const middle = held[Math.floor(held.length / 2)];
  if (!middle) return null;
  const angles = held.flatMap((station) => angleAtFixedLift(station, middle.liftMm!) ?? []);
  return (
    <Soft>
      One lift of {fixed(middle.liftMm!, 1)} mm held all along would run from{' '}
      {fixed(Math.min(...angles), 1)}° to {fixed(Math.max(...angles), 1)}° per side: lower the spine
      towards the tip.
    </Soft>
  );
};

const ChipChoices = ({
  job,
  choices,
  onChoices,
}: {
  job: Job;
  choices: PlanChoices;
  onChoices: (part: Partial<PlanChoices>) => void;
}) => (
  <Row $gap={18}>
    {job.damage
      .filter(({ kind }) => kind === 'chip')
      .map(({ id, fromMm, depthMm }) => (
        <Tick
          key={id}
          value={!choices.chipsLeft.includes(id)}
          onChange={(out) =>
            onChoices({
              chipsLeft: out
                ? choices.chipsLeft.filter((left) => left !== id)
                : [...choices.chipsLeft, id],
            })
          }
        >
          Take out the chip at {fromMm} mm, {depthMm} mm deep
        </Tick>
      ))}
  </Row>
);

const Settle = ({
  job,
  choicesNow,
  disabled,
}: {
  job: Job;
  choicesNow: () => PlanChoices;
  disabled: boolean;
}) => {
  const navigate = useNavigate();
  const [busy, setBusy] = useState(false);
  const [problem, setProblem] = useState<string | null>(null);
  const open = ['taken in', 'planned', 'on the bench'].includes(job.stage);
  const settle = async (): Promise<void> => {
    setBusy(true);
    setProblem(null);
    try {
      await keepJob(
        await request<Job>('PUT', `/jobs/${job.id}/plan`, {
          version: job.version,
          choices: choicesNow(),
        }),
      );
      dropStored(`plan choices ${job.id}`);
      await navigate(`/jobs/${job.id}/bench`);
    } catch (error) {
      setProblem(messageOf(error));
    } finally {
      setBusy(false);
    }
  };
  if (!open) return <Soft>The plan is as it was worked; the blade is {job.stage}.</Soft>;
  return (
    <Stack>
      {problem !== null && (
        <Notice tone="cut" alert>
          {problem}
        </Notice>
      )}
      {job.stage === 'on the bench' && (
        <Soft>
          Changing the plan now keeps the work done so far on record and lays the steps anew.
        </Soft>
      )}
      <Row>
        <ActionButton isDisabled={busy || disabled} onPress={() => void settle()}>
          {job.stage === 'taken in' ? 'Settle the plan' : 'Settle the changed plan'}
        </ActionButton>
      </Row>
    </Stack>
  );
};

export default PlanPage;
