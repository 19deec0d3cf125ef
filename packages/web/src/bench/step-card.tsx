/** How a step is done: instruction, lifts, pressure, pattern, what to look for, and the keys. */
import { named } from '@patient-edge/core';
import { textOf } from '../theme/text';
import type { Job, StepRecord } from '@patient-edge/contract';

import styled from 'styled-components';
import { BandLifts } from '../instruments/band-lifts';
import { LiftLadder } from '../instruments/lift-ladder';
import { StationLadder } from '../instruments/station-ladder';
import { SoakPlan } from '../soaking/soak-plan';
import { bandText, forceUnit } from '../theme/force';
import { Fold } from '../theme/fold';
import { Stack } from '../theme/layout';
import { Notice } from '../theme/notice';
import { ToolToggles } from './bench-tools';
import { CameBack } from './came-back';
import { EdgeTwin } from './edge-twin';
import { KeyList } from './key-list';
import type { Gauge } from './use-gauge';
import type { StepAtBench } from './use-step-at-work';
import { STRINGS } from './strings';

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
`;
const Fact = ({ name, children }: { name: string; children: string | null }) =>
  children ? (
    <>
      <dt>{name}</dt>
      <dd>{children}</dd>
    </>
  ) : null;

/** Where the strokes of one step cut the section: the model has something to say. */
const CUT_BY_STROKES: readonly StepRecord['step']['operation'][] = [
  'thinning',
  'edge',
  'refine',
  'micro',
];

interface StepCardProps {
  readonly job: Job;
  readonly record: StepRecord;
  readonly atWork: StepAtBench;
  readonly gauge: Gauge;
}

export const StepCard = ({ job, record, atWork, gauge }: StepCardProps) => {
  const { step } = record;
  const unit = forceUnit();
  return (
    <Stack $gap={14}>
      <CameBack job={job} />
      <p>{textOf(step.instruction)}</p>
      {step.setting && <p>{textOf(step.setting.text)}</p>}
      {step.bands.length > 0 ? (
        <BandLifts bands={step.bands} />
      ) : step.stationLifts.length > 0 ? (
        <StationLadder lifts={step.stationLifts} />
      ) : (
        atWork.lifts.length > 0 && <LiftLadder lifts={atWork.lifts} />
      )}
      <Hold>
        <Fact name={STRINGS.pressure}>
          {step.forceN &&
            `${bandText(step.forceN, unit)} (${bandText(step.forceN, unit === 'gf' ? 'N' : 'gf')})`}
        </Fact>
        <Fact name={STRINGS.direction}>{named(step.direction)}</Fact>
        <Fact name={STRINGS.pattern}>{step.pattern && textOf(step.pattern)}</Fact>
        <Fact name={STRINGS.cooling}>{step.cooling && textOf(step.cooling)}</Fact>
        <Fact name={STRINGS.lookFor}>{textOf(step.check)}</Fact>
        <Fact name={STRINGS.beforeGoingOn}>{step.before && textOf(step.before)}</Fact>
      </Hold>
      {step.caution !== null && <Notice tone="cut">{textOf(step.caution)}</Notice>}
      {CUT_BY_STROKES.includes(step.operation) && (
        <Fold level={2} title={STRINGS.modelOfTheEdge} says={STRINGS.theSectionAsItIsNow}>
          <EdgeTwin job={job} record={record} atWork={atWork} held={gauge.asCut} />
        </Fold>
      )}
      {step.stoneId !== null && <ToolToggles gauge={gauge} />}
      <SoakPlan nowOnly steps={atWork.ahead} jobId={job.id} />
      <KeyList withBurr={step.gate !== 'no check'} />
    </Stack>
  );
};
