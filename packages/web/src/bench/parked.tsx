/**
 * A customer at the counter: the step stands with its clock, and one key brings back the same step. What was parked is
 * kept on this device; a parked step stays a record of rates, since its clock stood.
 */
import { CornerUpLeft } from 'lucide-react';
import { useEffect } from 'react';
import { useLocation, useNavigate } from 'react-router';
import styled from 'styled-components';
import { QuietButton } from '../theme/buttons';
import { useShared } from '../api/shared';
import { STRINGS } from './strings';

export const PARK_KEY = 'F2';

export interface Parked {
  readonly jobId: number;
  /** As the bar names it: tag and step. */
  readonly text: string;
  /** Its clock ran, and runs again when somebody comes back. */
  readonly wasRunning: boolean;
}

export const useParked = () => useShared<Parked | null>('parked', null);

const Bar = styled.section`
  display: flex;
  flex-wrap: wrap;
  gap: 6px 18px;
  align-items: center;
  padding: 6px 28px;
  background: var(--cut-soft);
  border-bottom: 1px solid var(--cut);
  & button {
    min-height: 44px;
  }
`;

/** On every page but the bench of that blade, until somebody is back there. */
export const ParkedBar = () => {
  const [parked] = useParked();
  const navigate = useNavigate();
  const { pathname } = useLocation();
  const to = parked && `/jobs/${parked.jobId}/bench`;
  const isAway = to !== null && pathname !== to;
  useEffect(() => {
    if (!isAway) return;
    const onKey = (event: KeyboardEvent): void => {
      if (event.key !== PARK_KEY) return;
      event.preventDefault();
      void navigate(to);
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [isAway, navigate, to]);
  if (!parked || !isAway) return null;
  return (
    <Bar className="no-print" aria-label={STRINGS.parked}>
      <span>
        {STRINGS.parkedItsClockIsStopped(parked.text, parked.wasRunning ? '' : STRINGS.asItWas)}
      </span>
      <QuietButton onPress={() => void navigate(to)}>
        <CornerUpLeft size={18} aria-hidden /> {STRINGS.backToTheBenchF2}
      </QuietButton>
    </Bar>
  );
};
