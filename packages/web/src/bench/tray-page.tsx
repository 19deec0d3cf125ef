/** Many blades at once: which are worked together, and in which order the stones take them. */
import type { Board, BoardJob } from '@patient-edge/contract';
import { bladeKind } from '@patient-edge/core';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import styled from 'styled-components';
import { useBoard, useStones } from '../api/hooks';
import { Silhouette } from '../instruments/silhouette';
import { ActionButton } from '../theme/buttons';
import { Checkbox } from '../theme/checkbox';
import { MutedText, Panel, Row, Stack } from '../theme/layout';
import { QuietLink } from '../theme/links';
import { PageHeading } from '../theme/page-heading';
import { Waiting } from '../theme/waiting';
import { useTrayIds, useTrayJobs, useTrayOrder } from './use-tray';
import { STRINGS } from './strings';

const Blades = styled.ul`
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(300px, 1fr));
  gap: 4px 20px;
  & > li {
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto;
    align-items: center;
    border-top: 1px solid var(--line-soft);
  }
`;

const nameOf = ({ blade, tagNumber }: BoardJob): string =>
  `${tagNumber} · ${blade.name || bladeKind(blade.measures.kindId).label}`;

const TrayPage = () => {
  const { data: board, error } = useBoard();
  if (!board) return <Waiting error={error} text={STRINGS.loadingTheShop} />;
  return <Choosing board={board} />;
};

const Choosing = ({ board }: { board: Board }) => {
  const onBench = board.jobs.filter(({ stage }) => stage === 'on the bench');
  const planned = board.jobs.filter(({ stage }) => stage === 'planned');
  const [ids, setIds] = useTrayIds();
  const chosen = ids.filter((id) => onBench.some(({ jobId }) => jobId === id));
  const navigate = useNavigate();
  const { data: jobs } = useTrayJobs(chosen);
  const order = useTrayOrder(jobs ?? []);
  const [asked, setAsked] = useState(false);
  const begin = (): void => {
    const [first] = order;
    if (chosen.length < 2 || !first) {
      setAsked(true);
      return;
    }
    void navigate(`/jobs/${first.jobId}/bench`);
  };
  return (
    <Stack $gap={16}>
      <PageHeading title={STRINGS.severalBladesAtOnce} />
      <MutedText>{STRINGS.stoneByStoneNotBladeBy}</MutedText>
      <Panel aria-label={STRINGS.bladesOnTheBench}>
        <Stack>
          <h2>{STRINGS.onTheBench}</h2>
          {onBench.length === 0 && <MutedText>{STRINGS.noBladeIsOnTheBench}</MutedText>}
          <Blades>
            {onBench.map((job) => (
              <li key={job.jobId}>
                <Checkbox
                  value={chosen.includes(job.jobId)}
                  onChange={(value) =>
                    setIds(value ? [...chosen, job.jobId] : chosen.filter((id) => id !== job.jobId))
                  }
                >
                  {nameOf(job)}
                </Checkbox>
                <Silhouette measures={job.blade.measures} scale={0.35} />
              </li>
            ))}
          </Blades>
          {planned.length > 0 && (
            <Row $gap={8}>
              <MutedText>{STRINGS.plannedStartWorkOnItFirst}</MutedText>
              {planned.map((job) => (
                <QuietLink key={job.jobId} to={`/jobs/${job.jobId}/bench`}>
                  {nameOf(job)}
                </QuietLink>
              ))}
            </Row>
          )}
          <Row>
            <ActionButton onPress={begin}>{STRINGS.workTheseTogether}</ActionButton>
            {asked && chosen.length < 2 && (
              <span role="alert">{STRINGS.chooseAtLeastTwoBladesIs(chosen.length)}</span>
            )}
          </Row>
        </Stack>
      </Panel>
      {order.length > 0 && <Order board={board} order={order} />}
    </Stack>
  );
};

const Order = ({ board, order }: { board: Board; order: ReturnType<typeof useTrayOrder> }) => {
  const { data: stones } = useStones();
  const stoneName = (stoneId: string | null): string =>
    stoneId === null
      ? STRINGS.withoutAStone
      : (stones?.find(({ id }) => String(id) === stoneId)?.name ?? STRINGS.aStone);
  return (
    <Panel aria-label={STRINGS.order}>
      <Stack $gap={8}>
        <h2>{STRINGS.order}</h2>
        <ol>
          {order.map(({ jobId, stoneId, wash }, index) => {
            const job = board.jobs.find((each) => each.jobId === jobId);
            const isNewStone = stoneId !== order[index - 1]?.stoneId;
            return (
              <li key={index}>
                {isNewStone && (
                  <h3>
                    {stoneName(stoneId)}
                    {wash && STRINGS.washBladesHandsAndBenchFirst}
                  </h3>
                )}
                {job && nameOf(job)}
              </li>
            );
          })}
        </ol>
      </Stack>
    </Panel>
  );
};

export default TrayPage;
