/** One step at work: what has been done, whose turn it is, and what a stroke, a clock or a burr does to it. */
import { reworkOfJob, type Job, type StepRecord } from '@patient-edge/contract';
import {
  BLADE_SIDES,
  type BladeSide,
  BURR_FINDINGS,
  type BurrFinding,
  gateOf,
  roundsAtWork,
  runningSeconds,
  secondsWorked,
  type StepWork,
  type Zone,
  ZONES,
} from '@patient-edge/core';
import { useState } from 'react';
import { useSharedJob } from '../api/hooks';
import { useBenchKeys } from './use-bench-keys';
import { useNowMs, useStepKeeper } from './use-step-keeper';

const other = (side: BladeSide): BladeSide => (side === 'right' ? 'left' : 'right');

const begun = ({ strokesRight, strokesLeft, workedSeconds, runningSinceMs }: StepWork): boolean =>
  strokesRight + strokesLeft + workedSeconds > 0 || runningSinceMs !== null;

/** Each press goes on to the next finding, and after the heaviest back to not checked. */
const nextFinding = (finding: BurrFinding | undefined): BurrFinding | null => {
  if (finding === undefined) return BURR_FINDINGS[0];
  return BURR_FINDINGS[BURR_FINDINGS.indexOf(finding) + 1] ?? null;
};

/** Everything the bench shows of a step, and everything it can do to it; keys are heard while it is open. */
export const useStepAtWork = (job: Job, record: StepRecord) => {
  const { step } = record;
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
  const rework = reworkOfJob(job);
  const zones = rework?.zones ?? ZONES;
  const gate = gateOf(step.gate, job.plan!.choices.burrPolicy, work.burr, step.burrOn, zones);

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

  return {
    work,
    /** Whether what was done is on the server, on its way, or on this device alone. */
    held,
    pattern,
    turn,
    worked,
    angleDeg,
    lifts,
    running,
    runningForS: runningSeconds(work, nowMs),
    workedS: secondsWorked(work, Math.max(nowMs, work.runningSinceMs ?? 0)),
    missing: gate.missing,
    /** Where this round works: everywhere, or where the test failed. */
    zones,
    rework,
    ahead,
    stroke,
    toggleClock,
    burr,
    undo: () => keeper.undo(),
    addSeconds: (seconds: number) => keeper.worked(seconds),
    flush: () => keeper.flush(),
  };
};

export type StepAtBench = ReturnType<typeof useStepAtWork>;
