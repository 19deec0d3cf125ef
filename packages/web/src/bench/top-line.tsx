/** Above a step at work: which blade, how far, and what a press away stands beside it. */
import type { Job } from '@patient-edge/contract';
import { bladeKind } from '@patient-edge/core';
import {
  ArrowLeft,
  ListOrdered,
  Moon,
  NotebookText,
  Sun,
  TriangleAlert,
  UserRound,
  WifiOff,
} from 'lucide-react';
import { ToggleButton } from 'react-aria-components/ToggleButton';
import { Button } from 'react-aria-components/Button';
import { Link } from 'react-router';
import styled from 'styled-components';
import { useConnectionAway } from '../api/connection';
import { useOutbox } from '../api/outbox';
import { useAppearance } from '../theme/appearance';
import { connectionTold } from '../theme/connection-words';
import { STRINGS } from './strings';

export type BenchPanel = 'details' | 'steps' | 'signs' | null;

const Line = styled.header`
  display: flex;
  gap: 6px 14px;
  align-items: center;
  border-bottom: 1px solid var(--line);
  padding-bottom: 6px;
  & > a {
    min-width: 56px;
    min-height: 56px;
    display: grid;
    place-items: center;
    color: var(--ink);
  }
  & > div {
    flex: 1;
    min-width: 0;
    display: grid;
    grid-template-columns: minmax(0, 1fr);
    gap: 5px;
    font-size: 17px;
    & > p {
      display: flex;
      gap: 0 16px;
    }
    & > p > span {
      white-space: nowrap;
      overflow: hidden;
      text-overflow: ellipsis;
    }
  }
  & button {
    min-width: 56px;
    min-height: 56px;
    padding: 0 12px;
    display: inline-flex;
    gap: 8px;
    align-items: center;
    justify-content: center;
    font: 600 16px/1 var(--text);
    color: var(--ink);
    background: var(--sheet);
    border: 1px solid var(--line);
    cursor: pointer;
  }
  & button[data-selected] {
    background: var(--ink);
    color: var(--page);
  }
  @media (max-width: 900px) {
    gap: 4px;
    & button {
      padding: 0;
    }
    & button > span {
      position: absolute;
      width: 1px;
      height: 1px;
      overflow: hidden;
      clip-path: inset(50%);
    }
  }
  /* The instructions stand beside the work where there is room. */
  & > [data-how] {
    display: none;
  }
  @media (max-width: 560px) {
    & > a {
      display: none;
    }
    & > [data-how] {
      display: inline-flex;
    }
    & > [data-appearance] {
      display: none;
    }
    & > div > p {
      flex-direction: column;
    }
    & > div > span {
      display: none;
    }
  }
`;
const Mark = styled.span`
  color: var(--cut);
  font-weight: 600;
  & svg {
    vertical-align: -3px;
    margin-right: 6px;
  }
  @media (max-width: 900px) {
    & > span {
      display: none;
    }
  }
`;
const Marks = styled.span`
  display: flex;
  gap: 3px;
  & i {
    flex: 1;
    max-width: 26px;
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
`;

/** Beside the step, where it moves nothing: in a word what the banner of other pages says in a sentence. */
const ConnectionMark = () => {
  const isAway = useConnectionAway();
  const open = useOutbox().filter(({ refused }) => refused === null).length;
  const told = connectionTold(isAway, open);
  if (told === null) return null;
  return (
    <Mark role="status" aria-label={STRINGS.connection}>
      <WifiOff size={18} aria-hidden />
      <b className="unseen">{told}</b>
      <span aria-hidden>
        {isAway ? STRINGS.noConnection : STRINGS.sendingNow}
        {' · '}
      </span>
    </Mark>
  );
};

interface TopLineProps {
  readonly job: Job;
  readonly position: number;
  readonly total: number;
  readonly panel: BenchPanel;
  readonly onPanel: (panel: BenchPanel) => void;
  readonly onPark: () => void;
}

export const TopLine = ({ job, position, total, panel, onPanel, onPark }: TopLineProps) => {
  const [appearance, setAppearance] = useAppearance();
  const dark = appearance === 'dark';
  return (
    <Line className="no-print">
      <Link to="/" aria-label={STRINGS.toTheShop}>
        <ArrowLeft size={24} aria-hidden />
      </Link>
      <div>
        <p>
          <span>
            <ConnectionMark />
            {STRINGS.stepOf(position, total)}
            {job.round > 1 && STRINGS.roundSentBackAfterATest(job.round)}
          </span>
          <span>
            <b>{STRINGS.tag(job.tagNumber)}</b> ·{' '}
            {job.blade.name || bladeKind(job.measures.kindId).label}
          </span>
        </p>
        <Marks aria-hidden>
          {Array.from({ length: total }, (_, index) => (
            <i
              key={index}
              data-done={index < position - 1 ? '' : undefined}
              data-now={index === position - 1 ? '' : undefined}
            />
          ))}
        </Marks>
      </div>
      <ToggleButton
        data-how=""
        isSelected={panel === 'details'}
        onChange={() => onPanel('details')}
      >
        <NotebookText size={22} aria-hidden />
        <span>{STRINGS.how}</span>
      </ToggleButton>
      <ToggleButton isSelected={panel === 'steps'} onChange={() => onPanel('steps')}>
        <ListOrdered size={22} aria-hidden />
        <span>{STRINGS.steps}</span>
      </ToggleButton>
      <ToggleButton isSelected={panel === 'signs'} onChange={() => onPanel('signs')}>
        <TriangleAlert size={22} aria-hidden />
        <span>{STRINGS.somethingIsWrong}</span>
      </ToggleButton>
      <Button
        data-appearance=""
        aria-label={dark ? STRINGS.lightAppearance : STRINGS.darkAppearance}
        onPress={() => setAppearance(dark ? 'light' : 'dark')}
      >
        {dark ? <Sun size={22} aria-hidden /> : <Moon size={22} aria-hidden />}
      </Button>
      <Button onPress={onPark}>
        <UserRound size={22} aria-hidden />
        <span>{STRINGS.customer}</span>
      </Button>
    </Line>
  );
};
