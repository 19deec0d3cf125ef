/** What a hand does at a step: strokes by side, the clock, the burr, and the way out. */
import type { Job, StepRecord } from '@patient-edge/contract';
import { isForgotten, strokesBack, ZONES, type BladeSide, named } from '@patient-edge/core';
import { Pause, Play, Undo2 } from 'lucide-react';
import { Button } from 'react-aria-components/Button';
import styled from 'styled-components';
import { QuietButton } from '../theme/buttons';
import { duration } from '../theme/format';
import { Stack } from '../theme/layout';
import { AskShown } from './ask-shown';
import { BenchTools } from './bench-tools';
import { BurrBoard } from './burr-board';
import { FindTheAngle } from './find-the-angle';
import { HowLong } from './how-long';
import { PlanAgain } from './plan-again';
import { RoundStrip } from './round-strip';
import type { Gauge } from './use-gauge';
import type { StepAtBench } from './use-step-at-work';
import { STRINGS } from './strings';

const Sides = styled.div`
  display: grid;
  grid-auto-flow: column;
  grid-auto-columns: 1fr;
  gap: 10px;
`;
const SideButton = styled(Button)`
  font: inherit;
  color: var(--ink);
  background: var(--sheet);
  border: 2px solid var(--steel-deep);
  min-height: 100px;
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
  @media (max-width: 560px) {
    min-height: 92px;
    & b {
      font-size: 40px;
    }
    & small {
      font-size: 14px;
    }
  }
`;
const Clock = styled.div`
  display: flex;
  align-items: center;
  gap: 6px 12px;
  & button {
    min-width: 56px;
    min-height: 56px;
    padding: 0 10px;
  }
  & b {
    font: 680 40px/1 var(--figures);
  }
  & > span {
    flex: 1;
    font-size: 16px;
    color: var(--ink-soft);
  }
  @media (max-width: 560px) {
    & b {
      font-size: 30px;
    }
  }
`;
const Next = styled.div`
  display: grid;
  & > button {
    min-height: 56px;
  }
`;

/** How many this round wants: the quota at first, a few at the places that failed when it came back. */
const wantedText = (
  { step, earlier }: StepRecord,
  side: BladeSide,
  rework: StepAtBench['rework'],
): string => {
  const quota = step.sides.find((each) => each.side === side)?.strokes ?? step.strokesPerSide;
  if (!rework || earlier[side] === 0) {
    return STRINGS.ofAbout(quota, earlier[side] > 0 ? STRINGS.before(earlier[side]) : '');
  }
  const where =
    rework.zones.length === ZONES.length ? named('more') : STRINGS.at(rework.zones.join(', '));
  return STRINGS.ofAboutBefore(strokesBack(quota), where, earlier[side]);
};

interface StepControlsProps {
  readonly job: Job;
  readonly record: StepRecord;
  readonly atWork: StepAtBench;
  readonly gauge: Gauge;
}

export const StepControls = ({ job, record, atWork, gauge }: StepControlsProps) => {
  const { step } = record;
  const { work, pattern, worked, wanted, adding } = atWork;
  return (
    <Stack $gap={10}>
      {pattern.rounds.length > 0 && (
        <RoundStrip
          {...pattern}
          called={
            step.pattern?.code === 'serrated.edge.pattern' ? named('scallop') : named('round')
          }
          isFeelDue={atWork.isFeelDue}
          because={adding?.because}
        />
      )}
      {step.stoneId !== null && <BenchTools gauge={gauge} atWork={atWork} bandN={step.forceN} />}
      {step.stoneId !== null && (
        <Sides>
          {(['left', 'right'] as const)
            .filter((side) => worked.length === 0 || worked.includes(side))
            .map((side) => (
              <SideButton
                key={side}
                onPress={() => atWork.stroke(side)}
                data-turn={side === atWork.turn}
              >
                <span>{side === 'right' ? STRINGS.rightSide : STRINGS.leftSide}</span>
                <b>{atWork.counted[side]}</b>
                <small>{wantedText(record, side, atWork.rework)}</small>
              </SideButton>
            ))}
        </Sides>
      )}
      {step.title.code === 'marker.title' && <FindTheAngle stepId={record.id} />}
      {isForgotten(atWork.runningForS) && (
        <HowLong onAnswer={(seconds) => atWork.addSeconds(seconds)} />
      )}
      <ClockLine step={step} atWork={atWork} />
      {step.gate !== 'no check' && (
        <BurrBoard
          burr={work.burr}
          sides={step.burrOn}
          zones={atWork.zones}
          onPress={atWork.burr}
          onAlong={atWork.burrAlong}
        />
      )}
      {wanted.length > 0 && adding === null && (
        <Next>
          <QuietButton onPress={() => atWork.add(wanted)}>
            {STRINGS.moreThere(
              wanted.map(({ count, side, zone }) => `${count} ${side} ${zone}`).join(', '),
            )}
          </QuietButton>
        </Next>
      )}
      <AskShown
        asks={atWork.asks}
        notes={work.notes}
        afterMm={step.afterMm}
        onChange={atWork.dispatch}
      />
      <PlanAgain job={job} record={record} notes={work.notes} flush={atWork.flush} />
    </Stack>
  );
};

const ClockLine = ({ step, atWork }: { step: StepRecord['step']; atWork: StepAtBench }) => {
  const { running, turn, held } = atWork;
  return (
    <Clock>
      <QuietButton
        aria-label={running ? STRINGS.stopTheClock : STRINGS.startTheClock}
        onPress={atWork.toggleClock}
      >
        {running ? <Pause size={22} /> : <Play size={22} />}
      </QuietButton>
      <b role="timer" aria-label={STRINGS.timeOnThisStep}>
        {duration(atWork.workedS)}
      </b>
      <span>{STRINGS.ofAboutDuration(duration(atWork.foreseenS))}</span>
      {step.stoneId !== null && (
        <>
          <QuietButton
            aria-label={STRINGS.tenOnThe(named(turn))}
            onPress={() => atWork.stroke(turn, 10)}
          >
            +10
          </QuietButton>
          <QuietButton aria-label={STRINGS.undo} isDisabled={!held.canUndo} onPress={atWork.undo}>
            <Undo2 size={20} />
          </QuietButton>
        </>
      )}
    </Clock>
  );
};
