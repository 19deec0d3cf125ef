/** Edge tests by zone, before and after, with the verdict as they are read. */
import { canDo, reworkOfJob, type Job } from '@patient-edge/contract';
import {
  EDGE_TESTS,
  findUse,
  findTest,
  judgeEdge,
  keptReadings,
  testsThatCount,
  ZONES,
  type BladeSide,
  type BladeVerdict,
  type EdgeReadings,
  type TestId,
} from '@patient-edge/core';
import { useState } from 'react';
import { writeJob, writeOrQueue } from '../api/job-writes';
import { updateJobCache } from '../api/hooks';
import { dropStored, useStored } from '../api/stored';
import { lastDoneStep, undoOnJob } from '../jobs/undo';
import { UndoButton } from '../jobs/undo-button';
import { useUndo } from '../theme/undo';
import { useGoOn } from '../theme/use-go-on';
import { useRun } from '../theme/use-run';
import { AsItCame } from '../judge/as-it-came';
import { EdgeStrip } from '../instruments/edge-strip';
import type { ZoneMark } from '../instruments/strip-parts';
import { useCurrentJob } from '../jobs/current-job';
import { QuietButton } from '../theme/buttons';
import { Row, Panel, MutedText, Stack } from '../theme/layout';
import { Notice } from '../theme/notice';
import { SegmentedControl } from '../theme/segmented-control';
import { ReadingFields } from './reading-fields';
import { asTyped, forceProblem, toReadings, type TypedReadings } from './typed-readings';
import { PlaceReadings } from './place-readings';
import { ReadingKeys } from './reading-keys';
import { VerdictPanel, type VerdictPanelProps } from './verdict-panel';
import { STRINGS } from './strings';

interface View {
  readonly id: string;
  readonly label: string;
  readonly phase: 'before' | 'after';
  readonly round: number;
}

/** As it came, and every round after the work up to this one. */
const viewsOf = (job: Job): View[] => [
  { id: 'before', label: STRINGS.asItCame, phase: 'before', round: 0 },
  ...Array.from({ length: job.round }, (_, index) => ({
    id: `after ${index + 1}`,
    label: job.round > 1 ? STRINGS.afterTheWorkRound(index + 1) : STRINGS.afterTheWork,
    phase: 'after' as const,
    round: index + 1,
  })),
];

const EdgeTestPage = () => {
  const job = useCurrentJob();
  const [chosen, setChosen] = useState<string | null>(null);
  const views = viewsOf(job);
  const beforeOnly = canDo(job, 'test before');
  // Back at the bench, what matters is where the last round failed.
  const usual = beforeOnly
    ? views[0]!
    : views[job.stage === 'on the bench' ? Math.max(1, job.round - 1) : job.round]!;
  const view = views.find(({ id }) => id === chosen) ?? usual;
  const kept = job.tests.find(({ phase, round }) => phase === view.phase && round === view.round);
  const editable =
    view.phase === 'before' ? beforeOnly : canDo(job, 'test after') && view.round === job.round;
  return (
    <Stack $gap={16}>
      <SegmentedControl
        label={STRINGS.whichReadings}
        hideLabel
        options={views}
        value={view.id}
        onChange={setChosen}
      />
      {view.phase === 'after' && job.stage === 'on the bench' && (
        <Notice>{STRINGS.theBladeIsOnTheBench}</Notice>
      )}
      {canDo(job, 'undo pass') && (
        <Row>
          <UndoButton job={job} action="verdict" />
        </Row>
      )}
      {job.stage === 'testing' && canDo(job, 'reopen step') && lastDoneStep(job) !== null && (
        <Row>
          <UndoButton job={job} action="step" />
        </Row>
      )}
      <Readings
        key={view.id}
        job={job}
        phase={view.phase}
        kept={kept?.readings}
        editable={editable}
      />
    </Stack>
  );
};

interface ReadingsProps {
  readonly job: Job;
  readonly phase: 'before' | 'after';
  readonly kept: EdgeReadings | undefined;
  readonly editable: boolean;
}

const Readings = ({ job, phase, kept, editable }: ReadingsProps) => {
  const offerUndo = useUndo();
  const goOn = useGoOn();
  const draft = `tests ${job.id} ${phase} ${job.round}`;
  // What was typed stays until it is kept; else what the server has, whoever read it.
  const [stored, setTyped] = useStored<TypedReadings | null>(draft, null);
  const rework = phase === 'after' && editable && kept === undefined ? reworkOfJob(job) : null;
  // What passed in the round before stays passed, and is not typed again.
  const failed =
    rework && job.tests.find((each) => each.phase === 'after' && each.round === job.round - 1);
  const carried = failed ? keptReadings(failed.readings, rework.zones, job.testsInUse) : kept;
  const typed = (editable ? stored : null) ?? asTyped(carried);
  const [placeAt, setPlaceAt] = useState('');
  const { busy, problem, run } = useRun();
  const use = findUse(job.useId);
  const readings = toReadings(typed);
  const verdict = judgeEdge(readings, use, job.testsInUse);
  const unsent = JSON.stringify(toReadings(typed)) !== JSON.stringify(toReadings(asTyped(kept)));
  const bad = ZONES.some((zone) =>
    typed[zone].force.some((text) => forceProblem(text) !== undefined),
  );
  /** Keeps what was read; gives the job with its new version. */
  const keep = async (): Promise<Job> => {
    const answer = await writeOrQueue(job.id, job.version, {
      does: 'keep readings',
      body: { phase, readings },
    });
    setTyped(null);
    dropStored(draft);
    // Without a connection they wait, and stand on this device as they were read.
    return answer ?? job;
  };
  const decide: VerdictPanelProps['onDecide'] = (backToStepId, note, cause) =>
    run(async () => {
      const current = unsent ? await keep() : job;
      await updateJobCache(current);
      const judged = await writeJob({
        jobId: job.id,
        method: 'POST',
        path: '/verdict',
        version: current.version,
        body: { backToStepId, cause, note },
      });
      await updateJobCache(judged);
      if (backToStepId === null) offerUndo(STRINGS.passed, () => undoOnJob(judged, 'verdict'));
      await goOn(`/jobs/${job.id}/${backToStepId === null ? STRINGS.return : STRINGS.bench}`);
    });
  const passes = verdict.verdict === 'meets' || verdict.verdict === 'meets with remarks';
  const canPass = phase === 'after' && editable && passes && !busy && !bad;
  const asked = testsThatCount(use, job.testsInUse).flatMap((id) => {
    const test = findTest(job.testsInUse, id);
    return test && test.classes.length > 0 ? [test] : [];
  });
  return (
    <Panel aria-label={STRINGS.readings}>
      <Stack $gap={16}>
        <EdgeStrip
          low
          measures={job.measures}
          marks={marksOf(verdict)}
          {...(editable
            ? { onPlace: (_side: BladeSide, atMm: number) => setPlaceAt(String(Math.round(atMm))) }
            : {})}
          label={STRINGS.resultsAlongTheEdge(
            verdict.zones.map(({ zone, verdict: word }) => `${zone} ${word}`).join(', '),
          )}
        />
        {editable && (
          <PlaceReadings
            tests={[...EDGE_TESTS, ...job.testsInUse.own].filter(
              ({ id, at, classes }) => at === 'zone' && classes.length > 0 && isInUse(job, id),
            )}
            edgeLengthMm={job.measures.edgeLengthMm}
            places={readings.places ?? []}
            at={placeAt}
            onAt={setPlaceAt}
            onPlaces={(places) => setTyped({ ...typed, places })}
          />
        )}
        <ReadingFields
          use={use}
          bench={job.testsInUse}
          typed={typed}
          readings={readings}
          before={
            phase === 'after'
              ? job.tests.find((round) => round.phase === 'before')?.readings
              : undefined
          }
          editable={editable}
          onTyped={setTyped}
        />
        {editable && (
          <ReadingKeys
            tests={asked}
            typed={typed}
            onTyped={setTyped}
            onPass={canPass ? () => void decide(null, '', null) : null}
          />
        )}
        {rework && rework.zones.length < ZONES.length && (
          <MutedText>
            {STRINGS.testAgainTheRestStaysAs(rework.zones.join(', '), job.round - 1)}
          </MutedText>
        )}
        {problem !== null && (
          <Notice tone="cut" alert>
            {problem}
          </Notice>
        )}
        {editable && (
          <Row>
            <QuietButton
              isDisabled={busy || bad || !unsent}
              onPress={() => void run(async () => updateJobCache(await keep()))}
            >
              {STRINGS.saveReadings}
            </QuietButton>
            <MutedText>{unsent ? STRINGS.savedOnThisDeviceSoFar : STRINGS.saved}</MutedText>
          </Row>
        )}
        {phase === 'after' && <AsItCame job={job} text={STRINGS.compareWithTheRecord} />}
        {phase === 'after' && (
          <VerdictPanel
            job={job}
            verdict={verdict}
            readings={readings}
            disabled={busy || bad || !editable}
            onDecide={decide}
          />
        )}
      </Stack>
    </Panel>
  );
};

const isInUse = ({ testsInUse: { inUse, own } }: Job, test: TestId): boolean =>
  [...inUse, ...own.map(({ id }) => id)].includes(test);

const marksOf = (verdict: BladeVerdict): ZoneMark[] =>
  verdict.zones.flatMap(({ zone, verdict: word }) =>
    (['right', 'left'] as const).map((side) => ({
      side,
      zone,
      text:
        word === 'meets'
          ? STRINGS.meets
          : word === 'back to the bench'
            ? STRINGS.back
            : word === 'not tested'
              ? STRINGS.open
              : STRINGS.remarks,
      tone:
        word === 'back to the bench'
          ? ('cut' as const)
          : word === 'not tested'
            ? ('plain' as const)
            : ('good' as const),
    })),
  );

export default EdgeTestPage;
