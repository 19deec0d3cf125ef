/** The lift to hold at each zone: the number to read at a metre, and a bar as high as it is. */
import { figure, type ZoneLift, named } from '@patient-edge/core';
import { memo } from 'react';
import styled from 'styled-components';
import { mmNumber } from '../theme/format';
import { Asked } from './why';
import { formats } from '../theme/formats';
import { STRINGS } from './strings';

const Ladder = styled.ol`
  display: grid;
  grid-template-columns: repeat(4, 1fr);
  border-bottom: 3px solid var(--ink);
`;
const Rung = styled.li<{ $large: boolean }>`
  display: grid;
  align-content: end;
  gap: 3px;
  padding: 0 10px;
  border-left: 1px solid var(--line);
  & > b {
    font: 650 ${({ $large }) => ($large ? 34 : 21)}px / 1.1 var(--figures);
    white-space: nowrap;
  }
  & > b small {
    font: 500 0.55em/1 var(--text);
    margin-left: 5px;
  }
  & > span {
    color: var(--ink-soft);
    font-size: 15px;
  }
  & > i {
    display: block;
    background: var(--accent);
    width: 34px;
  }
  @media (max-width: 560px) {
    padding: 0 4px;
    & > b {
      font-size: 21px;
    }
  }
`;

const PX_PER_MM = 3.1;

const DrawnLiftLadder = ({
  lifts,
  large = false,
}: {
  lifts: readonly ZoneLift[];
  large?: boolean;
}) => (
  <Ladder aria-label={STRINGS.liftOfTheSpineByZone}>
    {lifts.map(({ zone, liftMm, why }) => (
      <Rung key={zone} $large={large}>
        <span>{named(zone)}</span>
        <b>
          {liftMm === null || why === null ? (
            STRINGS.byEye
          ) : (
            <Asked label={STRINGS.liftAtThe(named(zone))} figure={figure(liftMm, 'mm', why)}>
              {mmNumber(liftMm, 1)}
              <small>{formats().length}</small>
            </Asked>
          )}
        </b>
        <i
          style={{ height: `${Math.round(Math.min(liftMm ?? 0, 40) * PX_PER_MM)}px` }}
          aria-hidden
        />
      </Rung>
    ))}
  </Ladder>
);

/** Drawn again only when what it shows has changed. */
export const LiftLadder = memo(DrawnLiftLadder);
