/** The keys of the bench, pedals first. */
import { named } from '@patient-edge/core';
import styled from 'styled-components';
import { PEDAL_ACTION_LABELS, usePedals } from './pedals';
import { BENCH_KEYS, BURR_KEYS } from './use-bench-keys';
import { STRINGS } from './strings';

const Keys = styled.p`
  color: var(--ink-soft);
  font-size: 15px;
  line-height: 1.8;
  & kbd {
    font: 600 14px/1 var(--figures);
    border: 1px solid var(--line);
    border-radius: 3px;
    white-space: nowrap;
    padding: 2px 6px;
    color: var(--ink);
  }
  & span {
    display: inline-block;
    margin-right: 10px;
  }
`;

const keyName = (key: string): string => (key === ' ' ? named('space') : key);

export const KeyList = ({ withBurr }: { withBurr: boolean }) => {
  const [pedals] = usePedals();
  return (
    <Keys>
      {pedals.map(({ key, press, hold }) => (
        <span key={`pedal ${key}`}>
          <kbd>{keyName(key)}</kbd> {STRINGS.pedal(PEDAL_ACTION_LABELS[press].toLowerCase())}
          {hold !== null && STRINGS.held(PEDAL_ACTION_LABELS[hold].toLowerCase())}
        </span>
      ))}
      {[
        ...BENCH_KEYS.map(([, shown, does]) => [shown, does] as const),
        ...(withBurr ? BURR_KEYS : []),
      ].map(([shown, does]) => (
        <span key={shown}>
          <kbd>{shown}</kbd> {does}
        </span>
      ))}
    </Keys>
  );
};
