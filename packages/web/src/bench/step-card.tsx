/** What a step asks for: where it stands in the plan, angle, lifts, pressure, pattern, and what to look for. */
import type { Job, StepRecord } from '@patient-edge/contract';
import { type BladeSide, ofSide, textOf } from '@patient-edge/core';
import styled from 'styled-components';
import { BandLifts } from '../instruments/band-lifts';
import { LiftLadder } from '../instruments/lift-ladder';
import { StationLadder } from '../instruments/station-ladder';
import { lastDoneStep } from '../jobs/undo';
import { UndoButton } from '../jobs/undo-button';
import { SoakPlan } from '../soaking/soak-plan';
import { bandText, useForceUnit } from '../theme/force';
import { fixed } from '../theme/format';
import { Stack } from '../theme/layout';
import { Notice } from '../theme/notice';
import type { StepAtBench } from './use-step-at-work';

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
/** What the angle is to: both sides alike, one of two, or a face. */
const angleText = ({ operation, sides }: StepRecord['step'], turn: BladeSide): string => {
  if (operation === 'outline') return 'upright';
  const here = sides.find(({ side }) => side === turn) ?? sides[0];
  const opposite = sides.find(({ side }) => side !== here?.side);
  if (!here || here.angleDeg === null) return 'on the face';
  if (!opposite || opposite.angleDeg === null) return ofSide(here.side);
  return opposite.angleDeg === here.angleDeg
    ? `per side · ${fixed(2 * here.angleDeg, 1)}° inclusive`
    : `${ofSide(here.side)} · ${fixed(opposite.angleDeg, 1)}° ${ofSide(opposite.side)}`;
};

const Fact = ({ name, children }: { name: string; children: string | null }) =>
  children ? (
    <>
      <dt>{name}</dt>
      <dd>{children}</dd>
    </>
  ) : null;

interface StepCardProps {
  readonly job: Job;
  readonly step: StepRecord['step'];
  readonly atWork: StepAtBench;
  readonly position: number;
  readonly total: number;
}

export const StepCard = ({ job, step, atWork, position, total }: StepCardProps) => {
  const [unit] = useForceUnit();
  return (
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
        {atWork.angleDeg !== null && (
          <>
            <dt>Angle</dt>
            <dd>
              <b>{fixed(atWork.angleDeg, 1)}°</b> {angleText(step, atWork.turn)}
            </dd>
          </>
        )}
      </Hold>
      {step.setting && <p>{textOf(step.setting.text)}</p>}
      {step.bands.length > 0 ? (
        <BandLifts bands={step.bands} />
      ) : step.stationLifts.length > 0 ? (
        <StationLadder lifts={step.stationLifts} />
      ) : (
        atWork.lifts.length > 0 && <LiftLadder lifts={atWork.lifts} large />
      )}
      <Hold>
        <Fact name="Pressure">
          {step.forceN &&
            `${bandText(step.forceN, unit)} (${bandText(step.forceN, unit === 'gf' ? 'N' : 'gf')})`}
        </Fact>
        <Fact name="Direction">{step.direction}</Fact>
        <Fact name="Pattern">{step.pattern && textOf(step.pattern)}</Fact>
        <Fact name="Cooling">{step.cooling && textOf(step.cooling)}</Fact>
        <Fact name="Look for">{textOf(step.check)}</Fact>
        <Fact name="Before going on">{step.before && textOf(step.before)}</Fact>
      </Hold>
      {step.caution !== null && <Notice tone="cut">{textOf(step.caution)}</Notice>}
      <SoakPlan nowOnly steps={atWork.ahead} jobId={job.id} />
    </Stack>
  );
};
