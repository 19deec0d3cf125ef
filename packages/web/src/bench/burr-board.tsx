/** What the thumb found, by side and zone; each press goes on to the next finding. */
import { BLADE_SIDES, ZONES, type BladeSide, type BurrCheck, type Zone } from '@patient-edge/core';
import { Button } from 'react-aria-components/Button';
import styled from 'styled-components';

const Board = styled.div`
  display: grid;
  grid-template-columns: 54px repeat(4, minmax(0, 1fr));
  gap: 5px;
  align-items: center;
  font-size: 16px;
`;
const Cell = styled(Button)`
  min-height: 50px;
  font: 600 17px/1 var(--text);
  color: var(--ink);
  background: var(--sheet);
  border: 2px solid var(--line);
  cursor: pointer;
  &[data-found='none'] {
    border-style: dashed;
    border-color: var(--ink);
  }
  &[data-found='slight'],
  &[data-found='clear'],
  &[data-found='heavy'] {
    border-color: var(--accent);
    background: var(--accent-soft);
  }
  &[data-found='heavy'] {
    border-width: 4px;
  }
  &[data-disabled] {
    color: var(--ink-soft);
    border-color: var(--line-soft);
    cursor: default;
  }
`;

interface BurrBoardProps {
  readonly burr: BurrCheck;
  /** The sides it is felt for on. */
  readonly sides: readonly BladeSide[];
  /** Where: what passed its test is not felt for again. */
  readonly zones: readonly Zone[];
  readonly onPress: (side: BladeSide, zone: Zone) => void;
}

export const BurrBoard = ({ burr, sides, zones, onPress }: BurrBoardProps) => (
  <Board role="group" aria-label="Burr by zone and side, drawn away from the edge">
    <span>Burr</span>
    {ZONES.map((zone) => (
      <span key={zone}>{zone}</span>
    ))}
    {BLADE_SIDES.filter((side) => sides.includes(side)).map((side) => [
      <span key={side}>{side}</span>,
      ...ZONES.map((zone) => {
        const found = burr[side][zone];
        return (
          <Cell
            key={`${side} ${zone}`}
            isDisabled={!zones.includes(zone)}
            data-found={found ?? ''}
            aria-label={`Burr, ${side} ${zone}: ${found ?? (zones.includes(zone) ? 'not checked' : 'passed')}`}
            onPress={() => onPress(side, zone)}
          >
            {found ?? (zones.includes(zone) ? '·' : 'passed')}
          </Cell>
        );
      }),
    ])}
  </Board>
);
