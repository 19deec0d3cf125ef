/** One step at work: what has been done, whose turn it is, and what a stroke, a clock or a burr does to it. */
import { reworkOfJob, type Job, type StepRecord } from '@patient-edge/contract';
import {
  asksMissing,
  asksOfStep,
  BLADE_SIDES,
  type BladeSide,
  BURR_FINDINGS,
  type BurrFinding,
  gateOf,
  goOn,
  GONE,
  isTimed,
  moreThere,
  readingShows,
  roundsAtWork,
  runningSeconds,
  secondsWorked,
  sideMissing,
  timedRounds,
  withAdded,
  type AddedRound,
  type StepWork,
  type WorkAction,
  type Zone,
  ZONES,
} from '@patient-edge/core';
import { useState } from 'react';
import { useSharedJob } from '../api/hooks';
import { useCues } from './use-cues';
import { useNowMs, useStepKeeper } from './use-step-keeper';
import { foreseenSeconds } from './foreseen';

const other = (side: BladeSide): BladeSide => (side === 'right' ? 'left' : 'right');

const begun = ({ strokesRight, strokesLeft, workedSeconds, runningSinceMs }: StepWork): boolean =>
  strokesRight + strokesLeft + workedSeconds > 0 || runningSinceMs !== null;

/** Each press goes on to the next finding, and after the heaviest back to not checked. */
const nextFinding = (finding: BurrFinding | undefined): BurrFinding | null => {
  if (finding === undefined) return BURR_FINDINGS[0];
  return BURR_FINDINGS[BURR_FINDINGS.indexOf(finding) + 1] ?? null;
};

/** This step as far as it is still to be worked, and those after it. */
const aheadOf = (job: Job, record: StepRecord, work: StepWork) =>
  job.steps
    .filter(({ superseded, status }) => !superseded && status === 'to do')
    .map((each) => ({
      // What lies under the blade already is not called into the water.
      stoneId: each.id === record.id && begun(work) ? null : each.step.stoneId,
      seconds: Math.max(0, foreseenSeconds(each) - each.workedSeconds),
    }));

/** Everything the bench shows of a step, and everything it can do to it. */
export const useStepAtWork = (job: Job, record: StepRecord) => {
  const { step } = record;
  useSharedJob(job.id);
  const { keeper, held } = useStepKeeper(job.id, record);
  const { work } = held;
  const { notes } = work;
  const running = work.runningSinceMs !== null;
  const nowMs = useNowMs(running);
  const workedS = secondsWorked(work, Math.max(nowMs, work.runningSinceMs ?? 0));
  const worked = step.sides.map(({ side }) => side);
  // Of this round: what was counted before it was sent back fills no pattern.
  const counted = {
    right: work.strokesRight - record.earlier.right,
    left: work.strokesLeft - record.earlier.left,
  };
  const rework = reworkOfJob(job);
  const zones = rework?.zones ?? ZONES;
  const isClockLed = isTimed(step.rounds) && notes.added.length === 0;
  // A blade sent back follows no pattern but what was added for it.
  const planned = rework ? [] : step.rounds;
  const pattern = isClockLed
    ? timedRounds(step.rounds, workedS)
    : roundsAtWork(withAdded(planned, notes.added), counted);
  // The pattern says whose turn it is, until a hand says otherwise; its word holds for the round.
  const [byHand, setByHand] = useState<{ side: BladeSide; round: number | null } | null>(null);
  const roundIndex = pattern.now?.index ?? null;
  const turn =
    byHand?.round === roundIndex ? byHand.side : (pattern.now?.side ?? worked[0] ?? 'right');
  const setTurn = (side: BladeSide): void => setByHand({ side, round: roundIndex });
  const isFeelDue = useCues(pattern, counted.right + counted.left);

  const policy = job.plan!.choices.burrPolicy;
  const gate = gateOf(step.gate, policy, work.burr, step.burrOn, zones);
  const asks = asksOfStep(step);
  const shown = asks
    .filter(
      ({ code }) =>
        readingShows(code, notes.readings, step.afterMm)?.shows ?? notes.shown.includes(code),
    )
    .map(({ code }) => code);

  // Where the sides are ground differently, what is told is for the one whose turn it is.
  const onTurn = step.sides.find(({ side }) => side === turn);
  const inTurn = pattern.rounds[roundIndex ?? -1]?.round.side === null;
  const dispatch = (action: WorkAction): void => keeper.dispatch(action);

  return {
    work,
    counted,
    /** Whether what was done is on the server, on its way, or on this device alone. */
    held,
    pattern,
    /** The added strokes that are worked now; null while the plan's own are, or none are. */
    adding: (pattern.now && notes.added[pattern.now.index - planned.length]) ?? null,
    isFeelDue,
    turn,
    worked,
    angleDeg: onTurn?.angleDeg ?? step.angleDeg,
    lifts: onTurn?.lifts ?? step.lifts,
    running,
    runningForS: runningSeconds(work, nowMs),
    workedS,
    foreseenS: foreseenSeconds(record),
    asks,
    missing: [
      ...gate.missing,
      ...asksMissing(asks, notes.shown, notes.readings, step.afterMm),
      ...sideMissing(step, counted),
    ],
    /** Strokes where the burr is not as it must be. */
    wanted: moreThere(step.gate, work.burr, step.sides, GONE[policy]),
    next: goOn({
      gate: step.gate,
      policy,
      burr: work.burr,
      burrOn: step.burrOn,
      zones,
      asks,
      shown,
      isBegun: begun(work),
    }),
    /** Where this round works: everywhere, or where the test failed. */
    zones,
    rework,
    ahead: aheadOf(job, record, work),
    dispatch,
    stroke: (side: BladeSide, count = 1): void => {
      // In turn, every stroke hands on to the other side.
      if (!inTurn) setTurn(side);
      keeper.stroke(side, count);
    },
    swap: (): void => {
      if (worked.length !== 1) setTurn(other(turn));
    },
    toggleClock: (): void => keeper.toggleClock(),
    setRunning: (isRunning: boolean): void => keeper.setRunning(isRunning),
    burr: (side: BladeSide, zone: Zone): void =>
      dispatch({ type: 'burr', side, zone, finding: nextFinding(work.burr[side][zone]) }),
    burrAt: (index: number): void => {
      const side = BLADE_SIDES[Math.floor(index / 4)]!;
      const zone = ZONES[index % 4]!;
      if (!step.burrOn.includes(side) || !zones.includes(zone)) return;
      dispatch({ type: 'burr', side, zone, finding: nextFinding(work.burr[side][zone]) });
    },
    burrAlong: (side: BladeSide, finding: BurrFinding): void => {
      if (step.gate !== 'no check' && step.burrOn.includes(side)) {
        dispatch({ type: 'burr along', side, zones, finding });
      }
    },
    add: (rounds: readonly AddedRound[]): void => {
      if (rounds.length > 0) dispatch({ type: 'add rounds', rounds });
    },
    undo: () => keeper.undo(),
    addSeconds: (seconds: number) => keeper.worked(seconds),
    flush: () => keeper.flush(),
  };
};

export type StepAtBench = ReturnType<typeof useStepAtWork>;
