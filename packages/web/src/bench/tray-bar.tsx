/** The tray at the bench: every blade with its count on this stone, and the next one a key away. */
import { textOf } from '../theme/text';
import type { Job } from '@patient-edge/contract';
import { bladeKind, named } from '@patient-edge/core';
import { ChevronRight } from 'lucide-react';
import { Link } from 'react-router';
import styled from 'styled-components';
import { QuietButton } from '../theme/buttons';
import { leftOf, type Tray } from './use-tray';
import { STRINGS } from './strings';

const Bar = styled.nav`
  display: flex;
  gap: 6px;
  align-items: stretch;
  overflow-x: auto;
  padding: 6px 0;
  font-size: 15px;
  & > a {
    min-height: 56px;
    min-width: 92px;
    padding: 6px 10px;
    border: 1px solid var(--line);
    color: var(--ink);
    text-decoration: none;
    display: grid;
    align-content: center;
    white-space: nowrap;
  }
  & > a[aria-current] {
    border: 3px solid var(--accent);
  }
  & > a small {
    color: var(--ink-soft);
  }
  & > button {
    min-height: 56px;
    white-space: nowrap;
  }
`;

const countText = (job: Job): string => {
  const open = leftOf(job)[0];
  if (!open) return named('done');
  if (open.step.stoneId === null) return textOf(open.step.title).slice(0, 18);
  const right = open.strokesRight - open.earlier.right;
  const left = open.strokesLeft - open.earlier.left;
  return STRINGS.leftRight(left, right);
};

export const TrayBar = ({ job, tray }: { job: Job; tray: Tray }) => (
  <Bar aria-label={STRINGS.tray}>
    {tray.jobs.map((each) => (
      <Link
        key={each.id}
        to={`/jobs/${each.id}/bench`}
        aria-current={each.id === job.id ? 'page' : undefined}
      >
        <b>
          {each.tagNumber} · {each.blade.name || bladeKind(each.measures.kindId).label}
        </b>
        <small>{countText(each)}</small>
      </Link>
    ))}
    {tray.next && (
      <QuietButton onPress={tray.toNext}>
        {STRINGS.nextBladeB} <ChevronRight size={18} aria-hidden />
      </QuietButton>
    )}
    {tray.next?.wash && <b>{STRINGS.nextStoneIsFinerWashBlades}</b>}
  </Bar>
);
