/** What a hand does at a step: strokes by side, the clock, the burr, and the way out. */
import type { Job, StepRecord } from '@patient-edge/contract';
import { isForgotten, strokesBack, ZONES, type BladeSide } from '@patient-edge/core';
import { Pause, Play, Undo2 } from 'lucide-react';
import { Button } from 'react-aria-components/Button';
import styled from 'styled-components';
import { QuietButton } from '../theme/buttons';
import { duration } from '../theme/format';
import { Row, Stack } from '../theme/layout';
import { BurrBoard } from './burr-board';
import { FindTheAngle } from './find-the-angle';
import { HowLong } from './how-long';
import { LeaveStep } from './leave-step';
import { RoundStrip } from './round-strip';
import type { StepAtBench } from './use-step-at-work';

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

const KeyList = ({ withBurr }: { withBurr: boolean }) => (
  <Keys>
    <kbd>space</kbd> stroke <kbd>→</kbd> right <kbd>←</kbd> left <kbd>s</kbd> swap <kbd>t</kbd>{' '}
    clock <kbd>u</kbd> undo{' '}
    {withBurr && (
      <>
        <kbd>1–4</kbd> burr right <kbd>5–8</kbd> burr left
      </>
    )}
  </Keys>
);

/** How many this round wants: the quota at first, a few at the places that failed when it came back. */
const wantedText = (
  { step, earlier }: StepRecord,
  side: BladeSide,
  rework: StepAtBench['rework'],
): string => {
  const quota = step.sides.find((each) => each.side === side)?.strokes ?? step.strokesPerSide;
  if (!rework || earlier[side] === 0) return `of about ${quota}`;
  const where = rework.zones.length === ZONES.length ? 'more' : `at ${rework.zones.join(', ')}`;
  return `of about ${strokesBack(quota)} ${where}; ${earlier[side]} before`;
};

interface StepControlsProps {
  readonly job: Job;
  readonly record: StepRecord;
  readonly atWork: StepAtBench;
}

export const StepControls = ({ job, record, atWork }: StepControlsProps) => {
  const { step } = record;
  const { work, held, pattern, turn, worked, running, stroke, toggleClock, burr } = atWork;
  return (
    <Stack $gap={14}>
      {step.rounds.length > 0 && !atWork.rework && (
        <RoundStrip
          {...pattern}
          called={step.pattern?.code === 'serrated.edge.pattern' ? 'scallop' : 'round'}
        />
      )}
      {step.stoneId !== null && (
        <Sides>
          {(['left', 'right'] as const)
            .filter((side) => worked.length === 0 || worked.includes(side))
            .map((side) => (
              <SideButton key={side} onPress={() => stroke(side)} data-turn={side === turn}>
                <span>{side === 'right' ? 'Right side' : 'Left side'}</span>
                <b>
                  {(side === 'right' ? work.strokesRight : work.strokesLeft) - record.earlier[side]}
                </b>
                <small>{wantedText(record, side, atWork.rework)}</small>
              </SideButton>
            ))}
        </Sides>
      )}
      {step.title.code === 'marker.title' && <FindTheAngle stepId={record.id} />}
      {isForgotten(atWork.runningForS) && (
        <HowLong onAnswer={(seconds) => atWork.addSeconds(seconds)} />
      )}
      <Clock>
        <QuietButton
          aria-label={running ? 'Stop the clock' : 'Start the clock'}
          onPress={toggleClock}
        >
          {running ? <Pause size={22} /> : <Play size={22} />}
        </QuietButton>
        <b role="timer" aria-label="Time on this step">
          {duration(atWork.workedS)}
        </b>
        <span>of about {duration(step.seconds)}</span>
        {step.stoneId !== null && (
          <Row $gap={6}>
            <QuietButton aria-label={`+10 on the ${turn}`} onPress={() => stroke(turn, 10)}>
              +10
            </QuietButton>
            <QuietButton aria-label="Undo" isDisabled={!held.canUndo} onPress={atWork.undo}>
              <Undo2 size={20} />
            </QuietButton>
          </Row>
        )}
      </Clock>
      {step.gate !== 'no check' && (
        <BurrBoard burr={work.burr} sides={step.burrOn} zones={atWork.zones} onPress={burr} />
      )}
      <LeaveStep
        job={job}
        stepId={record.id}
        gates={step.gates}
        missing={atWork.missing}
        beforeLeaving={atWork.flush}
      />
      {held.status !== 'kept' && (
        <p role="status">
          {held.status === 'sending'
            ? 'Saving…'
            : `Not sent yet, saved on this device: ${held.problem ?? held.status}`}
        </p>
      )}
      <KeyList withBurr={step.gate !== 'no check'} />
    </Stack>
  );
};
