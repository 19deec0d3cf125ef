/** One step at work: what to hold, strokes and time by key and by touch, burr check, and the gate out. */
import type { Job, StepRecord } from '@patient-edge/contract';
import {
  BLADE_SIDES,
  BURR_FINDINGS,
  gateOf,
  isForgotten,
  ofSide,
  roundsAtWork,
  runningSeconds,
  secondsWorked,
  ZONES,
  type BladeSide,
  type BurrFinding,
  type StepWork,
  type Zone,
  textOf,
} from '@patient-edge/core';
import { Pause, Play, Undo2 } from 'lucide-react';
import { useState } from 'react';
import { Button } from 'react-aria-components/Button';
import styled from 'styled-components';
import { messageOf } from '../api/client';
import { writeJob } from '../api/job-writes';
import { keepJob, useSharedJob } from '../api/hooks';
import { lastDoneStep, undoOnJob } from '../jobs/undo';
import { UndoButton } from '../jobs/undo-button';
import { useUndo } from '../theme/undo';
import { SoakPlan } from '../soaking/soak-plan';
import { LiftLadder } from '../instruments/lift-ladder';
import { BandLifts } from '../instruments/band-lifts';
import { StationLadder } from '../instruments/station-ladder';
import { bandText, useForceUnit } from '../theme/force';
import { duration, fixed } from '../theme/format';
import { ActionButton, QuietButton } from '../theme/buttons';
import { Row, Stack } from '../theme/layout';
import { Notice } from '../theme/notice';
import { TextEntry } from '../theme/text-fields';
import { BurrBoard } from './burr-board';
import { RoundStrip } from './round-strip';
import { HowLong } from './how-long';
import { useBenchKeys } from './use-bench-keys';
import { useNowMs, useStepKeeper } from './use-step-keeper';

const Bench = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1.12fr) minmax(0, 1fr);
  gap: 18px 30px;
  font-size: 19px;
  & h1 {
    font-size: 36px;
  }
  @media (max-width: 900px) {
    grid-template-columns: minmax(0, 1fr);
  }
`;
const Where = styled.div`
  color: var(--ink-soft);
  display: flex;
  flex-wrap: wrap;
  gap: 4px;
  align-items: center;
  & i {
    width: 26px;
    height: 8px;
    border: 1px solid var(--ink);
  }
  & i[data-done] {
    background: var(--ink);
  }
  & i[data-now] {
    background: var(--accent);
    border-color: var(--accent);
  }
  & > span {
    margin: 0 14px 0 10px;
  }
`;
const Hold = styled.dl`
  margin: 0;
  display: grid;
  grid-template-columns: auto minmax(0, 1fr);
  gap: 5px 20px;
  align-items: baseline;
  & dt {
    color: var(--ink-soft);
  }
  & dd {
    margin: 0;
    font-weight: 600;
  }
  & dd b {
    font: 680 40px/1 var(--figures);
  }
`;
const Sides = styled.div`
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 12px;
`;
const SideButton = styled(Button)`
  font: inherit;
  color: var(--ink);
  background: var(--sheet);
  border: 2px solid var(--steel-deep);
  min-height: 150px;
  display: grid;
  align-content: center;
  justify-items: center;
  gap: 2px;
  cursor: pointer;
  & b {
    font: 680 56px/1 var(--figures);
  }
  & small {
    color: var(--ink-soft);
    font-size: 16px;
  }
  &[data-pressed] {
    background: var(--accent-soft);
    border-color: var(--accent);
  }
  &[data-turn='true'] {
    border: 4px solid var(--accent);
  }
`;
const Clock = styled.div`
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px 16px;
  & b {
    font: 680 48px/1 var(--figures);
  }
`;
const Keys = styled.p`
  color: var(--ink-soft);
  font-size: 15px;
  & kbd {
    font: 600 14px/1 var(--figures);
    border: 1px solid var(--line);
    border-radius: 3px;
    white-space: nowrap;
    padding: 2px 6px;
    color: var(--ink);
  }
`;

const other = (side: BladeSide): BladeSide => (side === 'right' ? 'left' : 'right');

const begun = ({ strokesRight, strokesLeft, workedSeconds, runningSinceMs }: StepWork): boolean =>
  strokesRight + strokesLeft + workedSeconds > 0 || runningSinceMs !== null;

/** What the angle is to: both sides alike, one of two, or a face. */
const angleWords = ({ operation, sides }: StepRecord['step'], turn: BladeSide): string => {
  if (operation === 'outline') return 'upright';
  const here = sides.find(({ side }) => side === turn) ?? sides[0];
  const opposite = sides.find(({ side }) => side !== here?.side);
  if (!here || here.angleDeg === null) return 'on the face';
  if (!opposite || opposite.angleDeg === null) return ofSide(here.side);
  return opposite.angleDeg === here.angleDeg
    ? `per side · ${fixed(2 * here.angleDeg, 1)}° inclusive`
    : `${ofSide(here.side)} · ${fixed(opposite.angleDeg, 1)}° ${ofSide(opposite.side)}`;
};

/** Each press goes on to the next finding, and after the heaviest back to not checked. */
const nextFinding = (finding: BurrFinding | undefined): BurrFinding | null => {
  if (finding === undefined) return BURR_FINDINGS[0];
  return BURR_FINDINGS[BURR_FINDINGS.indexOf(finding) + 1] ?? null;
};

interface StepAtWorkProps {
  readonly job: Job;
  readonly record: StepRecord;
  readonly position: number;
  readonly total: number;
}

export const StepAtWork = ({ job, record, position, total }: StepAtWorkProps) => {
  const { step } = record;
  const [unit] = useForceUnit();
  useSharedJob(job.id);
  const { keeper, held } = useStepKeeper(job.id, record);
  const { work } = held;
  const worked = step.sides.map(({ side }) => side);
  const pattern = roundsAtWork(step.rounds, { right: work.strokesRight, left: work.strokesLeft });
  // The pattern says whose turn it is, until a hand says otherwise; its word holds for the round.
  const [byHand, setByHand] = useState<{ side: BladeSide; round: number | null } | null>(null);
  const roundIndex = pattern.now?.index ?? null;
  const turn =
    byHand?.round === roundIndex ? byHand.side : (pattern.now?.side ?? worked[0] ?? 'right');
  const setTurn = (side: BladeSide): void => setByHand({ side, round: roundIndex });
  const running = work.runningSinceMs !== null;
  const nowMs = useNowMs(running);
  // This step as far as it is still to be worked, and those after it.
  const ahead = job.steps
    .filter(({ superseded, status }) => !superseded && status === 'to do')
    .map((each) => ({
      // What lies under the blade already is not called into the water.
      stoneId: each.id === record.id && begun(work) ? null : each.step.stoneId,
      seconds: Math.max(0, each.step.seconds - each.workedSeconds),
    }));
  const gate = gateOf(step.gate, job.plan!.choices.burrPolicy, work.burr, step.burrOn);

  // Where the sides are ground differently, what is told is for the one whose turn it is.
  const onTurn = step.sides.find(({ side }) => side === turn);
  const angleDeg = onTurn?.angleDeg ?? step.angleDeg;
  const lifts = onTurn?.lifts ?? step.lifts;
  const inTurn = step.rounds[roundIndex ?? -1]?.side === null;
  const stroke = (side: BladeSide, count = 1): void => {
    // In turn, every stroke hands on to the other side.
    if (!inTurn) setTurn(side);
    keeper.stroke(side, count);
  };
  const toggleClock = (): void => keeper.toggleClock();
  const burr = (side: BladeSide, zone: Zone): void =>
    keeper.dispatch({ type: 'burr', side, zone, finding: nextFinding(work.burr[side][zone]) });

  useBenchKeys({
    stroke: () => stroke(turn),
    right: () => stroke('right'),
    left: () => stroke('left'),
    swap: () => worked.length !== 1 && setTurn(other(turn)),
    clock: toggleClock,
    undo: () => keeper.undo(),
    burr: (index) => burr(BLADE_SIDES[Math.floor(index / 4)]!, ZONES[index % 4]!),
  });

  return (
    <Bench>
      <Stack $gap={16}>
        <Where>
          {Array.from({ length: total }, (_, index) => (
            <i
              key={index}
              aria-hidden
              data-done={index < position - 1 ? '' : undefined}
              data-now={index === position - 1 ? '' : undefined}
            />
          ))}
          <span>
            Step {position} of {total}
            {job.round > 1 && ` · round ${job.round}, sent back after a test`}
          </span>
          {lastDoneStep(job) !== null && <UndoButton job={job} action="step" />}
        </Where>
        <h1>{textOf(step.title)}</h1>
        <p>{textOf(step.instruction)}</p>
        <Hold>
          {angleDeg !== null && (
            <>
              <dt>Angle</dt>
              <dd>
                <b>{fixed(angleDeg, 1)}°</b> {angleWords(step, turn)}
              </dd>
            </>
          )}
        </Hold>
        {step.setting && <p>{step.setting.words}</p>}
        {step.bands.length > 0 ? (
          <BandLifts bands={step.bands} />
        ) : step.stationLifts.length > 0 ? (
          <StationLadder lifts={step.stationLifts} />
        ) : (
          lifts.length > 0 && <LiftLadder lifts={lifts} large />
        )}
        <Hold>
          {step.forceN && (
            <>
              <dt>Pressure</dt>
              <dd>
                {bandText(step.forceN, unit)} ({bandText(step.forceN, unit === 'gf' ? 'N' : 'gf')})
              </dd>
            </>
          )}
          {step.direction !== null && (
            <>
              <dt>Direction</dt>
              <dd>{step.direction}</dd>
            </>
          )}
          {step.pattern !== null && (
            <>
              <dt>Pattern</dt>
              <dd>{textOf(step.pattern)}</dd>
            </>
          )}
          {step.cooling !== null && (
            <>
              <dt>Cooling</dt>
              <dd>{textOf(step.cooling)}</dd>
            </>
          )}
          {textOf(step.check) !== '' && (
            <>
              <dt>Look for</dt>
              <dd>{textOf(step.check)}</dd>
            </>
          )}
          {step.before !== null && (
            <>
              <dt>Before going on</dt>
              <dd>{textOf(step.before)}</dd>
            </>
          )}
        </Hold>
        {step.caution !== null && <Notice tone="cut">{textOf(step.caution)}</Notice>}
        <SoakPlan nowOnly steps={ahead} jobId={job.id} />
      </Stack>
      <Stack $gap={14}>
        {step.rounds.length > 0 && <RoundStrip {...pattern} />}
        {step.stoneId !== null && (
          <Sides>
            {(['left', 'right'] as const)
              .filter((side) => worked.length === 0 || worked.includes(side))
              .map((side) => (
                <SideButton key={side} onPress={() => stroke(side)} data-turn={side === turn}>
                  <span>{side === 'right' ? 'Right side' : 'Left side'}</span>
                  <b>{side === 'right' ? work.strokesRight : work.strokesLeft}</b>
                  <small>
                    of about{' '}
                    {step.sides.find((each) => each.side === side)?.strokes ?? step.strokesPerSide}
                  </small>
                </SideButton>
              ))}
          </Sides>
        )}
        {isForgotten(runningSeconds(work, nowMs)) && (
          <HowLong onAnswer={(seconds) => keeper.worked(seconds)} />
        )}
        <Clock>
          <QuietButton
            aria-label={running ? 'Stop the clock' : 'Start the clock'}
            onPress={toggleClock}
          >
            {running ? <Pause size={22} /> : <Play size={22} />}
          </QuietButton>
          <b role="timer" aria-label="Time on this step">
            {duration(secondsWorked(work, Math.max(nowMs, work.runningSinceMs ?? 0)))}
          </b>
          <span>of about {duration(step.seconds)}</span>
          {step.stoneId !== null && (
            <Row $gap={6}>
              <QuietButton aria-label={`+10 on the ${turn}`} onPress={() => stroke(turn, 10)}>
                +10
              </QuietButton>
              <QuietButton
                aria-label="Undo"
                isDisabled={!held.canUndo}
                onPress={() => keeper.undo()}
              >
                <Undo2 size={20} />
              </QuietButton>
            </Row>
          )}
        </Clock>
        {step.gate !== 'no check' && (
          <BurrBoard burr={work.burr} sides={step.burrOn} onPress={burr} />
        )}
        <LeaveStep
          job={job}
          stepId={record.id}
          missing={gate.missing}
          beforeLeaving={() => keeper.flush()}
        />
        {held.status !== 'kept' && (
          <p role="status">
            {held.status === 'sending'
              ? 'Keeping…'
              : `Not sent yet, kept on this device: ${held.problem ?? held.status}`}
          </p>
        )}
        <Keys>
          <kbd>space</kbd> stroke <kbd>→</kbd> right <kbd>←</kbd> left <kbd>s</kbd> swap{' '}
          <kbd>t</kbd> clock <kbd>u</kbd> undo{step.gate !== 'no check' && ' '}
          {step.gate !== 'no check' && (
            <>
              <kbd>1–4</kbd> burr right <kbd>5–8</kbd> burr left
            </>
          )}
        </Keys>
      </Stack>
    </Bench>
  );
};

const LeaveStep = ({
  job,
  stepId,
  missing,
  beforeLeaving,
}: {
  job: Job;
  stepId: number;
  missing: readonly string[];
  beforeLeaving: () => Promise<void>;
}) => {
  const offerUndo = useUndo();
  const [asked, setAsked] = useState(false);
  const [reason, setReason] = useState('');
  const [problem, setProblem] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const leave = async (overrideReason: string | null): Promise<void> => {
    setBusy(true);
    setProblem(null);
    try {
      await beforeLeaving();
      const left = await writeJob({
        jobId: job.id,
        method: 'POST',
        path: `/steps/${stepId}/finish`,
        version: job.version,
        body: { overrideReason },
      });
      await keepJob(left);
      offerUndo('Step done.', () => undoOnJob(left, 'step'));
    } catch (error) {
      setProblem(messageOf(error));
    } finally {
      setBusy(false);
    }
  };
  const closed = missing.length > 0;
  return (
    <Stack $gap={10}>
      <ActionButton
        isDisabled={busy}
        onPress={() => {
          if (closed) setAsked(true);
          else void leave(null);
        }}
      >
        Done, next step
      </ActionButton>
      {problem !== null && (
        <Notice tone="cut" alert>
          {problem}
        </Notice>
      )}
      {asked && closed && (
        <Stack $gap={8}>
          <Notice tone="cut" alert>
            Not yet. {missing.slice(0, 4).join('; ')}
            {missing.length > 4 && `; and ${missing.length - 4} more`}
          </Notice>
          <TextEntry
            label="Skip this check: reason"
            value={reason}
            onChange={setReason}
            hint="The reason goes on record"
          />
          <QuietButton
            isDisabled={busy || reason.trim().length < 3}
            onPress={() => void leave(reason)}
          >
            Skip with this reason
          </QuietButton>
        </Stack>
      )}
    </Stack>
  );
};
