/** What the thumb found: a whole side in one press, then the exceptions, each press going on to the next finding. */
import {
  BLADE_SIDES,
  ZONES,
  type BladeSide,
  type BurrCheck,
  type BurrFinding,
  type Zone,
  named,
} from '@patient-edge/core';
import { Fragment } from 'react';
import { Button } from 'react-aria-components/Button';
import styled from 'styled-components';
import { STRINGS } from './strings';

const Board = styled.div`
  display: grid;
  grid-template-columns: repeat(6, minmax(0, 1fr));
  gap: 3px 5px;
  align-items: center;
  font-size: 16px;
  & > span {
    color: var(--ink-soft);
  }
  @media (max-width: 560px) {
    gap: 2px 3px;
    font-size: 15px;
  }
`;
const SideName = styled.b`
  grid-column: 1 / 3;
`;
const Cell = styled(Button)`
  min-height: 56px;
  min-width: 0;
  padding: 0 2px;
  overflow-wrap: anywhere;
  font: 600 17px/1.1 var(--text);
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
  &[data-along] {
    font-size: 15px;
    border-color: var(--steel-deep);
  }
  @media (max-width: 560px) {
    font-size: 16px;
    /* A word that has to fit a quarter of a telephone. */
    &[data-disabled] {
      font-size: 13.5px;
    }
  }
`;

const ALONG: readonly (readonly [BurrFinding, string])[] = [
  ['slight', STRINGS.allSlight],
  ['none', STRINGS.allNone],
];

interface BurrBoardProps {
  readonly burr: BurrCheck;
  /** The sides it is felt for on. */
  readonly sides: readonly BladeSide[];
  /** Where: what passed its test is not felt for again. */
  readonly zones: readonly Zone[];
  readonly onPress: (side: BladeSide, zone: Zone) => void;
  readonly onAlong: (side: BladeSide, finding: BurrFinding) => void;
}

export const BurrBoard = ({ burr, sides, zones, onPress, onAlong }: BurrBoardProps) => (
  <Board role="group" aria-label={STRINGS.burrByZoneAndSideDrawn}>
    {BLADE_SIDES.filter((side) => sides.includes(side)).map((side) => (
      <Fragment key={side}>
        <SideName>{STRINGS.burr(named(side))}</SideName>
        {ZONES.map((zone) => (
          <span key={zone}>{named(zone)}</span>
        ))}
        {ALONG.map(([finding, text]) => (
          <Cell
            key={finding}
            data-along=""
            aria-label={`${text}, ${named(side)}`}
            onPress={() => onAlong(side, finding)}
          >
            {text}
          </Cell>
        ))}
        {ZONES.map((zone) => {
          const found = burr[side][zone];
          return (
            <Cell
              key={zone}
              isDisabled={!zones.includes(zone)}
              data-found={found ?? ''}
              aria-label={STRINGS.burrAt(
                named(side),
                named(zone),
                named(found) ?? (zones.includes(zone) ? STRINGS.notChecked : STRINGS.passedWithin),
              )}
              onPress={() => onPress(side, zone)}
            >
              {named(found) ?? (zones.includes(zone) ? '·' : STRINGS.passedWithin)}
            </Cell>
          );
        })}
      </Fragment>
    ))}
  </Board>
);
