/** Judge and plan: along and across, with everything following the operator's choices at once. */
import { canDo, type Job } from '@patient-edge/contract';
import {
  angleAtFixedLift,
  findUse,
  edgeRack,
  forTask,
  OUTLINE_FAULTS,
  ofSide,
  type BladePlan,
  type PlanChoices,
  questionsOfSteps,
  totalRange,
  withoutYes,
  type PlanInput,
  textOf,
} from '@patient-edge/core';
import { memo, useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { useNavigate } from 'react-router';
import styled from 'styled-components';
import { messageOf } from '../api/client';
import { writeJob } from '../api/job-writes';
import { keepJob, useSteels } from '../api/hooks';
import { dropStored } from '../api/stored';
import { EdgeStrip } from '../instruments/edge-strip';
import { GritStair } from '../instruments/grit-stair';
import { FigureList, FigureView } from '../instruments/why';
import { UnsavedNotice } from '../intake/unsaved-notice';
import { useJobHere } from '../jobs/job-here';
import { AsItCame } from '../judge/as-it-came';
import { useJudgement } from '../judge/use-judgement';
import { NamedFinish } from '../progression/named-finish';
import { OtherChains } from '../progression/progression-board';
import { SchoolChoice } from '../progression/school-choice';
import { WishList } from '../progression/wishes';
import { SoakPlan } from '../soaking/soak-plan';
import { Failed } from '../theme/failed';
import { fixed, roughly } from '../theme/format';
import { ActionButton } from '../theme/buttons';
import { QuietLink } from '../theme/links';
import { Checkbox } from '../theme/checkbox';
import { Row, Panel, MutedText, Stack } from '../theme/layout';
import { Notice } from '../theme/notice';
import { TextEntry } from '../theme/text-fields';
import { usePlan } from '../workers/use-plan';
import { useProgression } from '../workers/use-progression';
import { AfterStones } from './after-stones';
import { AngleControl } from './angle-control';
import { ChainsControl } from './chains-control';
import { FinishControl } from './finish-control';
import { HowSure } from './how-sure';
import { HoldingSheet } from './holding-sheet';
import { KindChoicesFields, KindFacts, ThinningFields, TipField } from './kind-sheet';
import { OutputsSheet } from './outputs-sheet';
import { SchoolsSheet } from './schools-sheet';
import { SectionSheet } from './section-sheet';
import { StepList } from './step-list';
import { usePlanChoices, usePlanInput } from './use-plan-input';

const Two = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1.15fr) minmax(0, 1fr);
  gap: 16px;
  @media (max-width: 900px) {
    grid-template-columns: 1fr;
  }
`;
/** What moves with the angle is laid out and painted within its own sheet: the page is long. */
const Sheets = styled(Stack)`
  & section {
    contain: layout paint;
  }
`;
const PlanPage = () => {
  const job = useJobHere();
  const { choices, setChoices, isReady } = usePlanChoices(job);
  const input = usePlanInput(job, choices);
  const { answer: result, error, retry } = usePlan(isReady ? input : null);
  if (error !== null) return <Failed error={error} retry={retry} />;
  if (!result) return <p role="status">Working it out…</p>;
  if (!result.ok) {
    return (
      <Stack>
        <Notice tone="cut" alert>
          {result.error.message}
        </Notice>
        <Row>
          {result.error.field?.startsWith('choices.thinTo') && (
            <ActionButton
              onPress={() => setChoices({ ...choices, thinTo: { at5Mm: null, at10Mm: null } })}
            >
              Thickness by falling angles
            </ActionButton>
          )}
          {choices.angleDeg !== null && result.error.field?.startsWith('choices') ? (
            <ActionButton
              onPress={() => setChoices({ ...choices, angleDeg: null, approach: null })}
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
      input={input!}
    />
  );
};

interface PlannedProps {
  readonly job: Job;
  readonly plan: BladePlan;
  readonly choices: PlanChoices;
  readonly onChoices: (next: PlanChoices) => void;
  readonly input: PlanInput;
}

const Planned = ({ job, plan, choices, onChoices, input }: PlannedProps) => {
  const { rack, machine } = input;
  const latest = useRef(choices);
  useEffect(() => {
    latest.current = choices;
  });
  const set = useCallback(
    (part: Partial<PlanChoices>): void => onChoices({ ...latest.current, ...part }),
    [onChoices],
  );
  const setMachine = useCallback((machineId: string | null) => set({ machineId }), [set]);
  const choicesNow = useCallback(() => latest.current, []);
  // While the angle is being moved the two pictures beside it follow; the rest follows when it stops.
  const [moving, setMoving] = useState(false);
  const [calm, setCalm] = useState({ plan, choices, input });
  if (!moving && (calm.plan !== plan || calm.input !== input)) setCalm({ plan, choices, input });
  const shared = { job, plan: calm.plan, choices: calm.choices, onChoices: set };
  return (
    <Sheets $gap={16}>
      <UnsavedNotice job={job} />
      <AsItCame job={job} words="Plan towards it" />
      <Two>
        <Panel aria-label="Angle">
          <AngleControl
            plan={plan}
            restingDeg={calm.plan.angle.angleDeg}
            onChoices={set}
            onMoving={setMoving}
          />
        </Panel>
        <SectionSheet job={job} plan={plan} resting={calm.plan} />
      </Two>
      <AlongSheet {...shared} />
      <HoldingSheet plan={calm.plan} machineId={calm.choices.machineId} onMachine={setMachine} />
      <RackSheet {...shared} rack={rack} machine={machine} />
      <SchoolsSheet choices={calm.choices} onChoices={set} />
      <OrderSheet {...shared} rack={rack} choicesNow={choicesNow} />
      <OutputsSheet
        job={job}
        hasLifts={calm.plan.work.steps.some(({ lifts }) => lifts.length > 0)}
        sides={calm.plan.work.held.flatMap(({ side }) => side ?? [])}
        onChoices={onChoices}
      />
      <HowSure job={job} input={calm.input} shoulderLabel={calm.plan.section.shoulderLabel} />
    </Sheets>
  );
};

interface SheetProps {
  readonly job: Job;
  readonly plan: BladePlan;
  readonly choices: PlanChoices;
  readonly onChoices: (part: Partial<PlanChoices>) => void;
}

const AlongSheet = memo(({ job, plan, choices, onChoices }: SheetProps) => (
  <Panel aria-label="Along the edge">
    <Stack>
      <h2>Edge profile</h2>
      <EdgeStrip
        measures={job.measures}
        damage={job.damage}
        leftIn={choices.chipsLeft}
        depthAlong={plan.outline.depthAlong}
        lifts={plan.work.held[0]!.stations}
        label={`Along the edge: ${plan.outline.verdict}`}
      />
      <p>{plan.outline.verdict}</p>
      <ChipChoices job={job} choices={choices} onChoices={onChoices} />
      <FigureList>
        <FigureView label="Height lost" figure={plan.report.figures.heightLost} />
        <FigureView
          label="Steel lost"
          figure={plan.report.figures.steelLost}
          beside={plan.report.figures.massLost}
        />
        <FigureView
          label={`${plan.section.shoulderLabel} before`}
          figure={plan.report.figures.behindEdgeBefore}
        />
        <FigureView
          label={`${plan.section.shoulderLabel} after`}
          figure={plan.report.figures.behindEdgeAfter}
        />
      </FigureList>
      <KindFacts plan={plan} />
      <ThinningFields plan={plan} choices={choices} onChoices={onChoices} />
      <TipField job={job} choices={choices} onChoices={onChoices} />
      <KindChoicesFields job={job} choices={choices} onChoices={onChoices} />
      {!plan.angle.isGuided && <FixedLift plan={plan} />}
    </Stack>
  </Panel>
));
AlongSheet.displayName = 'AlongSheet';

interface RackSheetProps extends SheetProps {
  readonly rack: PlanInput['rack'];
  readonly machine: PlanInput['machine'];
}

const RackSheet = memo(({ job, plan, choices, onChoices, rack, machine }: RackSheetProps) => {
  const ofEdge = useMemo(() => edgeRack(rack, machine), [rack, machine]);
  const marks = useMemo(
    () =>
      [...ofEdge, ...forTask(rack, 'finish')].map(({ id, name, um, kind }) => ({
        id,
        name,
        um,
        strop: kind === 'strop' || kind === 'compound',
      })),
    [rack, ofEdge],
  );
  const treads = useMemo(
    () =>
      plan.work.steps
        .filter(({ operation }) => operation === 'edge' || operation === 'refine')
        .flatMap((step) => {
          const stone = rack.find(({ id }) => id === step.stoneId);
          return stone
            ? [{ id: stone.id, um: stone.um, name: stone.name, seconds: step.seconds }]
            : [];
        }),
    [plan, rack],
  );
  return (
    <Panel aria-label="Progression">
      <Stack>
        <Row $gap={18} $align="baseline">
          <h2>Stones</h2>
          <QuietLink to={`/rack/progression?job=${job.id}`}>Its stones</QuietLink>
        </Row>
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
        {plan.work.problem ? (
          <Stack>
            <Notice tone="cut" alert>
              {plan.work.problem.message}.
            </Notice>
            {plan.progression.toBuy && <p>{textOf(plan.progression.toBuy.reason)}</p>}
          </Stack>
        ) : (
          <GritStair
            rack={marks}
            treads={treads}
            finishUm={plan.progression.finishUm}
            label="The stones of the progression on the scale of the rack"
          />
        )}
        {plan.progression.advice.map(({ code, stoneId, message }) => (
          <Notice key={`${code} ${stoneId}`} tone="cut">
            {textOf(message)}
          </Notice>
        ))}
        <Weighed
          job={job}
          plan={plan}
          choices={choices}
          rack={rack}
          ofEdge={ofEdge}
          treads={treads}
          onChoices={onChoices}
        />
        <ChainsControl
          chains={choices.chains}
          rack={rack}
          edgeRack={ofEdge}
          edgeStones={treads.map(({ id }) => id)}
          onChains={(chains) => onChoices({ chains })}
        />
        <AfterStones
          finishing={choices.finishing}
          rack={rack}
          onFinishing={(finishing) => onChoices({ finishing })}
        />
      </Stack>
    </Panel>
  );
});
RackSheet.displayName = 'RackSheet';

interface OrderSheetProps extends SheetProps {
  readonly rack: PlanInput['rack'];
  /** What is settled is what is chosen now, not what is drawn. */
  readonly choicesNow: () => PlanChoices;
}

const OrderSheet = memo(({ job, plan, choices, onChoices, rack, choicesNow }: OrderSheetProps) => (
  <Panel aria-label="Steps">
    <Stack>
      <Row $gap={18} $align="baseline">
        <h2>Steps</h2>
        <QuietLink to={`/jobs/${job.id}/compare`}>Compare plans</QuietLink>
      </Row>
      <StepList plan={plan} rack={rack} choices={choices} onChoices={onChoices} />
      <SoakPlan steps={plan.work.steps} jobId={job.id} />
      <FigureList>
        <FigureView label="Working time" figure={plan.report.figures.workingTime} large />
      </FigureList>
      <WorkingRange plan={plan} />
      {plan.report.warnings.map((warning) => (
        <Notice key={warning.code} tone="cut">
          {textOf(warning)}
        </Notice>
      ))}
      <Approve
        job={job}
        plan={plan}
        choicesNow={choicesNow}
        disabled={plan.work.problem !== null}
      />
    </Stack>
  </Panel>
));
OrderSheet.displayName = 'OrderSheet';

/** What the wishes about the stones would cost, weighed in a worker once the plan stands still. */
const Weighed = ({
  job,
  plan,
  choices,
  rack,
  ofEdge,
  treads,
  onChoices,
}: SheetProps & {
  rack: PlanInput['rack'];
  ofEdge: PlanInput['rack'];
  treads: readonly { readonly id: string }[];
}) => {
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
              rack: ofEdge,
              work: plan.stock.edge,
              finishUm: plan.progression.finishUm,
              maxRatio: maxRatio ?? undefined,
              first: first ?? undefined,
              skip,
              through,
            },
          }
        : null,
    [
      steel,
      ofEdge,
      plan.stock.edge,
      plan.progression.finishUm,
      maxRatio,
      school,
      first,
      skip,
      through,
    ],
  );
  const { answer: weighed, error, retry } = useProgression(question);
  const named = choices.chains.some(({ part, stones }) => part === 'edge' && stones !== null);
  if (error !== null) return <Failed error={error} retry={retry} />;
  if (!weighed || named) return null;
  const bestSeconds = weighed.chosen.ok ? weighed.chosen.value.totalSeconds : 0;
  return (
    <Stack>
      <OtherChains
        others={plan.progression.alternatives}
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

const WorkingRange = ({ plan }: { plan: BladePlan }) => {
  const working = plan.work.steps.map(({ seconds }) => seconds);
  const changesS =
    plan.report.figures.workingTime.value - working.reduce((sum, seconds) => sum + seconds, 0);
  const { lowS, highS } = totalRange(working, changesS);
  return (
    <MutedText>
      From {roughly(lowS)} to {roughly(highS)} in eight cases of ten, before this bench has logged
      its own work.
    </MutedText>
  );
};

/** What one lift held along the whole edge would do to the angle. */
const FixedLift = ({ plan }: { plan: BladePlan }) => {
  const { side, stations } = plan.work.held[0]!;
  const held = stations.filter(({ liftMm }) => liftMm !== null);
  const middle = held[Math.floor(held.length / 2)];
  if (!middle) return null;
  const angles = held.flatMap((station) => angleAtFixedLift(station, middle.liftMm!) ?? []);
  return (
    <MutedText>
      One lift of {fixed(middle.liftMm!, 1)} mm held all along would run from{' '}
      {fixed(Math.min(...angles), 1)}° to {fixed(Math.max(...angles), 1)}° {ofSide(side)}: lower the
      spine towards the tip.
    </MutedText>
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
      .filter(({ kind, depthMm }) => OUTLINE_FAULTS.includes(kind) && depthMm > 0)
      .map(({ id, kind, fromMm, depthMm }) => (
        <Checkbox
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
          Take out the {kind} at {fromMm} mm, {depthMm} mm deep
        </Checkbox>
      ))}
  </Row>
);

/** What stops the work later is said while the plan can still be changed. */
const OpenQuestions = ({ job, plan }: { job: Job; plan: BladePlan }) => {
  const judgement = useJudgement(job, plan);
  if (!judgement) return null;
  const open = withoutYes(
    questionsOfSteps(plan.work.steps, judgement.consents).flat(),
    job.consents,
  );
  if (open.length === 0) return null;
  return (
    <Notice tone="cut">
      Ask the customer before the work reaches it: {open.map(({ words }) => words).join(' ')}{' '}
      <QuietLink to={`/jobs/${job.id}/judge`}>Ask the customer</QuietLink>
    </Notice>
  );
};

const Approve = ({
  job,
  plan,
  choicesNow,
  disabled,
}: {
  job: Job;
  plan: BladePlan;
  choicesNow: () => PlanChoices;
  disabled: boolean;
}) => {
  const navigate = useNavigate();
  const [busy, setBusy] = useState(false);
  const [problem, setProblem] = useState<string | null>(null);
  const [reason, setReason] = useState('');
  const open = canDo(job, 'approve plan');
  const settle = async (): Promise<void> => {
    setBusy(true);
    setProblem(null);
    try {
      await keepJob(
        await writeJob({
          jobId: job.id,
          method: 'PUT',
          path: '/plan',
          version: job.version,
          body: { choices: choicesNow(), reason },
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
  if (!open) return <MutedText>The plan is as it was worked; the blade is {job.stage}.</MutedText>;
  return (
    <Stack>
      {problem !== null && (
        <Notice tone="cut" alert>
          {problem}
        </Notice>
      )}
      <OpenQuestions job={job} plan={plan} />
      {job.stage === 'on the bench' && (
        <MutedText>
          Changing the plan now keeps the work done so far on record and lays the steps anew.
        </MutedText>
      )}
      {job.plan && (
        <div style={{ maxWidth: 520 }}>
          <TextEntry
            label="Why it is changed"
            value={reason}
            onChange={setReason}
            hint="Stands with this version; the one before is kept"
          />
        </div>
      )}
      <Row>
        <ActionButton isDisabled={busy || disabled} onPress={() => void settle()}>
          {job.stage === 'taken in' ? 'Approve plan' : 'Approve changed plan'}
        </ActionButton>
      </Row>
    </Stack>
  );
};

export default PlanPage;
