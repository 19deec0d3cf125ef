/** What each person takes up next: the one thing that is asked at the bench. */
import type { DayFacts } from '@patient-edge/contract';
import styled from 'styled-components';
import { Silhouette } from '../instruments/silhouette';
import { ActionLink } from '../theme/links';
import { MutedText, Panel, Row, Stack } from '../theme/layout';
import { whenAfter, type ShownStep } from './day-view';
import { STRINGS } from './strings';

const Cards = styled.div`
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(300px, 1fr));
  gap: 16px;
`;
const Big = styled.p`
  font-size: 21px;
  font-weight: 650;
  margin: 0;
`;

export const NextUp = ({ facts, steps }: { facts: DayFacts; steps: readonly ShownStep[] }) => {
  const nexts = [...new Set(steps.map(({ person }) => person))]
    .sort((a, b) => a - b)
    .map((person) => steps.find((step) => step.person === person)!);
  return (
    <Cards>
      {nexts.map((step) => (
        <Panel key={step.person} aria-label={STRINGS.nextFor(step.personName)}>
          <Stack $gap={8}>
            <MutedText>
              {STRINGS.nextFor(step.personName)},{' '}
              {step.startMinutes < 1 ? STRINGS.now : whenAfter(facts, step.startMinutes)}
            </MutedText>
            <Big>{STRINGS.stoneAndBlade(step.stoneName, step.of.tagNumber, step.of.blade)}</Big>
            <p>{step.title}</p>
            <Row $gap={18}>
              <Silhouette measures={step.of.measures} scale={0.55} />
              <ActionLink to={`/jobs/${step.of.jobId}/bench`}>{STRINGS.toTheBench}</ActionLink>
            </Row>
          </Stack>
        </Panel>
      ))}
    </Cards>
  );
};
