/** Edge tests by zone, before and after, with the verdict as they are read. */
import { canDo, type Job } from '@patient-edge/contract';
import {
  byZone,
  findFaults,
  findUse,
  forceBand,
  judgeEdge,
  LIGHT_FINDINGS,
  medianGf,
  mustRepeat,
  NO_READINGS,
  PAPER_FINDINGS,
  ZONES,
  type BladeVerdict,
  type EdgeReadings,
  type Zone,
  textOf,
} from '@patient-edge/core';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import styled from 'styled-components';
import { messageOf } from '../api/client';
import { writeJob } from '../api/job-writes';
import { updateJobCache } from '../api/hooks';
import { dropStored, useStored } from '../api/stored';
import { lastDoneStep, undoOnJob } from '../jobs/undo';
import { UndoButton } from '../jobs/undo-button';
import { useUndo } from '../theme/undo';
import { AsItCame } from '../judge/as-it-came';
import { EdgeStrip } from '../instruments/edge-strip';
import type { ZoneMark } from '../instruments/strip-parts';
import { useCurrentJob } from '../jobs/current-job';
import { parseNumber } from '../theme/format';
import { ActionButton, QuietButton } from '../theme/buttons';
import { ActionLink } from '../theme/links';
import { Row, Panel, MutedText, Stack } from '../theme/layout';
import { Notice } from '../theme/notice';
import { options } from '../theme/options';
import { SegmentedControl } from '../theme/segmented-control';
import { Select } from '../theme/select';
import { TextEntry, NumberEntry } from '../theme/text-fields';

const Grid = styled.div`
  display: grid;
  grid-template-columns: repeat(4, minmax(0, 1fr));
  gap: 18px;
  @media (max-width: 900px) {
    grid-template-columns: repeat(2, minmax(0, 1fr));
  }
`;
const Column = styled.section`
  border-top: 3px solid var(--ink);
  padding-top: 8px;
  display: grid;
  gap: 12px;
  align-content: start;
  & h2 {
    font-size: 16px;
    text-transform: capitalize;
  }
`;
const Force = styled.fieldset`
  border: none;
  padding: 0;
  margin: 0;
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  gap: 6px;
  & legend {
    font-weight: 600;
    font-size: 15px;
    padding: 0 0 4px;
  }
  & p {
    grid-column: 1 / -1;
  }
`;

/** Readings as typed: a force that is no number yet is kept as it stands. */
interface Typed {
  readonly light: EdgeReadings[Zone]['light'];
  readonly paper: EdgeReadings[Zone]['paper'];
  readonly force: readonly [string, string, string];
}
type TypedReadings = Readonly<Record<Zone, Typed>>;

const asTyped = (readings: EdgeReadings | undefined): TypedReadings =>
  byZone((zone) => {
    const { light, paper, forceGf } = readings?.[zone] ?? NO_READINGS;
    const text = (index: number): string => forceGf[index]?.toString() ?? '';
    return { light, paper, force: [text(0), text(1), text(2)] };
  });

const FORCE_LIMITS_GF = [1, 2000] as const;
const forceProblem = (typed: string): string | undefined => {
  if (typed.trim() === '') return undefined;
  const value = parseNumber(typed);
  const [low, high] = FORCE_LIMITS_GF;
  return value === null || value < low || value > high
    ? `${low} to ${high} gf; "${typed}" was given`
    : undefined;
};

const toReadings = (typed: TypedReadings): EdgeReadings =>
  byZone((zone) => ({
    light: typed[zone].light,
    paper: typed[zone].paper,
    forceGf: typed[zone].force.flatMap((text) => {
      const value = forceProblem(text) === undefined ? parseNumber(text) : null;
      return value === null ? [] : [value];
    }),
  }));

interface View {
  readonly id: string;
  readonly label: string;
  readonly phase: 'before' | 'after';
  readonly round: number;
}

/** As it came, and every round after the work up to this one. */
const viewsOf = (job: Job): View[] => [
  { id: 'before', label: 'As it came', phase: 'before', round: 0 },
  ...Array.from({ length: job.round }, (_, index) => ({
    id: `after ${index + 1}`,
    label: job.round > 1 ? `After the work, round ${index + 1}` : 'After the work',
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
        label="Which readings"
        hideLabel
        options={views}
        value={view.id}
        onChange={setChosen}
      />
      {view.phase === 'after' && job.stage === 'on the bench' && (
        <Notice>The blade is on the bench. Test it after the last step.</Notice>
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
  const draft = `readings ${job.id} ${phase} ${job.round}`;
  // What was typed stays until it is kept; else what the server has, whoever read it.
  const [stored, setTyped] = useStored<TypedReadings | null>(draft, null);
  const typed = (editable ? stored : null) ?? asTyped(kept);
  const [busy, setBusy] = useState(false);
  const [problem, setProblem] = useState<string | null>(null);
  const use = findUse(job.useId);
  const readings = toReadings(typed);
  const verdict = judgeEdge(readings, use);
  const unsent = JSON.stringify(toReadings(typed)) !== JSON.stringify(toReadings(asTyped(kept)));
  const bad = ZONES.some((zone) =>
    typed[zone].force.some((text) => forceProblem(text) !== undefined),
  );
  const set = (zone: Zone, part: Partial<Typed>): void =>
    setTyped({ ...typed, [zone]: { ...typed[zone], ...part } });

  /** Keeps what was read; gives the job with its new version. */
  const keep = async (): Promise<Job> => {
    const answer = await writeJob({
      jobId: job.id,
      method: 'PUT',
      path: '/readings',
      version: job.version,
      body: { phase, readings },
    });
    setTyped(null);
    dropStored(draft);
    return answer;
  };
  const run = async (work: () => Promise<void>): Promise<void> => {
    setBusy(true);
    setProblem(null);
    try {
      await work();
    } catch (error) {
      setProblem(messageOf(error));
    } finally {
      setBusy(false);
    }
  };

  return (
    <Panel aria-label="Readings">
      <Stack $gap={16}>
        <EdgeStrip
          low
          measures={job.measures}
          marks={marksOf(verdict)}
          label={`Results along the edge: ${verdict.zones.map(({ zone, verdict: word }) => `${zone} ${word}`).join(', ')}`}
        />
        <Grid>
          {ZONES.map((zone) => (
            <Column key={zone} aria-label={`Readings at the ${zone}`}>
              <h2>{zone}</h2>
              {editable ? (
                <>
                  <SegmentedControl
                    label="Light"
                    options={options(LIGHT_FINDINGS)}
                    value={typed[zone].light}
                    onChange={(light) => set(zone, { light })}
                  />
                  <Select
                    label="Paper"
                    options={options(PAPER_FINDINGS)}
                    value={typed[zone].paper}
                    onChange={(paper) => set(zone, { paper })}
                  />
                  <Force>
                    <legend>Cut force, gf</legend>
                    {([0, 1, 2] as const).map((index) => (
                      <NumberEntry
                        key={index}
                        label={`${index + 1}`}
                        value={typed[zone].force[index]}
                        error={forceProblem(typed[zone].force[index])}
                        onChange={(text) => {
                          const force: [string, string, string] = [...typed[zone].force];
                          force[index] = text;
                          set(zone, { force });
                        }}
                      />
                    ))}
                    <ForceWord forceGf={readings[zone].forceGf} />
                  </Force>
                </>
              ) : (
                <div>
                  <p>Light: {typed[zone].light ?? 'not done'}</p>
                  <p>Paper: {typed[zone].paper ?? 'not done'}</p>
                  <ForceWord forceGf={readings[zone].forceGf} />
                </div>
              )}
            </Column>
          ))}
        </Grid>
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
              Save readings
            </QuietButton>
            <MutedText>{unsent ? 'Saved on this device so far.' : 'Saved.'}</MutedText>
          </Row>
        )}
        {phase === 'after' && <AsItCame job={job} text="Compare with the record" />}
        {phase === 'after' && (
          <VerdictPanel
            job={job}
            verdict={verdict}
            readings={readings}
            disabled={busy || bad || !editable}
            onDecide={(backToStepId, note) =>
              run(async () => {
                const current = unsent ? await keep() : job;
                await updateJobCache(current);
                const judged = await writeJob({
                  jobId: job.id,
                  method: 'POST',
                  path: '/verdict',
                  version: current.version,
                  body: { backToStepId, note },
                });
                await updateJobCache(judged);
                if (backToStepId === null) offerUndo('Passed.', () => undoOnJob(judged, 'verdict'));
              })
            }
          />
        )}
      </Stack>
    </Panel>
  );
};

const ForceWord = ({ forceGf }: { forceGf: readonly number[] }) => {
  const median = medianGf(forceGf);
  if (median === null) return <MutedText>no reading</MutedText>;
  return (
    <p>
      median {median} gf, {forceBand(median)}
      {mustRepeat(forceGf) && '; spread too wide, repeat'}
    </p>
  );
};

const marksOf = (verdict: BladeVerdict): ZoneMark[] =>
  verdict.zones.flatMap(({ zone, verdict: word }) =>
    (['right', 'left'] as const).map((side) => ({
      side,
      zone,
      text:
        word === 'meets'
          ? '✓ meets'
          : word === 'back to the bench'
            ? '✕ back'
            : word === 'not tested'
              ? '· open'
              : '✓ remarks',
      tone:
        word === 'back to the bench'
          ? ('cut' as const)
          : word === 'not tested'
            ? ('plain' as const)
            : ('good' as const),
    })),
  );

interface VerdictPanelProps {
  readonly job: Job;
  readonly verdict: BladeVerdict;
  readonly readings: EdgeReadings;
  readonly disabled: boolean;
  readonly onDecide: (backToStepId: number | null, note: string) => Promise<void>;
}

const VerdictPanel = ({ job, verdict, readings, disabled, onDecide }: VerdictPanelProps) => {
  const navigate = useNavigate();
  const use = findUse(job.useId);
  const faults = findFaults(readings, use);
  const steps = job.steps.filter(({ superseded, step }) => !superseded && step.stoneId !== null);
  const suggested =
    steps.find(({ step }) => step.operation === faults[0]?.backTo) ??
    steps.find(({ step }) => step.operation === 'edge') ??
    steps[0];
  const [chosen, setChosen] = useState<string | null>(null);
  const [note, setNote] = useState('');
  const passes = verdict.verdict === 'meets' || verdict.verdict === 'meets with remarks';
  const backTo = chosen ?? (suggested ? String(suggested.id) : null);
  if (!canDo(job, 'test after')) return null;
  return (
    <Stack>
      <h2>
        Verdict: {verdict.verdict}{' '}
        <MutedText as="span">
          · {use.label.toLowerCase()}, at most {use.targetForceGf} gf
        </MutedText>
      </h2>
      {faults.map((fault) => (
        <Notice key={fault.sign} tone="cut">
          <b>
            {fault.sign} ({fault.zones.join(', ')})
          </b>
          . {fault.cause} {fault.remedy}
        </Notice>
      ))}
      {!passes && (
        <ul>
          {verdict.zones
            .filter(({ reasons }) => reasons.length > 0)
            .map(({ zone, reasons }) => (
              <li key={zone}>
                {zone}: {reasons.join('; ')}
              </li>
            ))}
        </ul>
      )}
      {passes ? (
        <Row>
          <ActionButton
            isDisabled={disabled}
            onPress={() => void onDecide(null, note).then(() => navigate(`/jobs/${job.id}/return`))}
          >
            Pass: ready for the customer
          </ActionButton>
        </Row>
      ) : steps.length === 0 ? (
        <Row>
          <ActionLink to={`/jobs/${job.id}/touch-up`}>Back to touch up: next rung</ActionLink>
        </Row>
      ) : (
        <Row $align="end">
          <div style={{ width: 320 }}>
            <Select
              label="Back to which step"
              options={steps.map(({ id, step }) => ({ id: String(id), label: textOf(step.title) }))}
              value={backTo}
              onChange={setChosen}
            />
          </div>
          <div style={{ flex: 1, minWidth: 220 }}>
            <TextEntry label="Note" value={note} onChange={setNote} />
          </div>
          <ActionButton
            isDisabled={disabled || backTo === null || verdict.verdict === 'not tested'}
            onPress={() =>
              void onDecide(Number(backTo), note).then(() => navigate(`/jobs/${job.id}/bench`))
            }
          >
            Back to the bench
          </ActionButton>
        </Row>
      )}
    </Stack>
  );
};

export default EdgeTestPage;
