/** One step at work: what to hold on the left; strokes, time, burr check and the way out on the right. */
import type { Job, StepRecord } from '@patient-edge/contract';
import styled from 'styled-components';
import { StepCard } from './step-card';
import { StepControls } from './step-controls';
import { useStepAtWork } from './use-step-at-work';

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
interface StepAtWorkProps {
  readonly job: Job;
  readonly record: StepRecord;
  readonly position: number;
  readonly total: number;
}

export const StepAtWork = ({ job, record, position, total }: StepAtWorkProps) => {
  const atWork = useStepAtWork(job, record);
  return (
    <Bench>
      <StepCard job={job} step={record.step} atWork={atWork} position={position} total={total} />
      <StepControls job={job} record={record} atWork={atWork} />
    </Bench>
  );
};
