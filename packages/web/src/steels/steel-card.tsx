/** One steel: its figures on scales, and what it is like, in sentences. */
import type { OwnSteel } from '@patient-edge/contract';
import { explainSteel, steelAngleShift, wantsDiamond, type Steel } from '@patient-edge/core';
import styled from 'styled-components';
import { QuietButton } from '../theme/buttons';
import { Figures, Row, MutedText, Stack } from '../theme/layout';
import { STRINGS } from './strings';

const Scales = styled.dl`
  margin: 0;
  display: grid;
  grid-template-columns: 150px minmax(0, 1fr) 110px;
  gap: 10px 16px;
  align-items: center;
  & dt {
    color: var(--ink-soft);
    font-size: 15px;
  }
  & dd {
    margin: 0;
  }
  & dd:last-of-type {
    font-family: var(--figures);
  }
`;
const Sentences = styled.ul`
  display: grid;
  gap: 7px;
  font-size: 17px;
`;

const WIDTH = 420;

/** A span or a point on a scale with its ends written. */
const Scale = ({
  from,
  to,
  low,
  high,
  logarithmic = false,
}: {
  from: number;
  to: number;
  low: number;
  high?: number;
  logarithmic?: boolean;
}) => {
  const share = (value: number): number =>
    logarithmic ? Math.log(value / from) / Math.log(to / from) : (value - from) / (to - from);
  const x = (value: number): number => 4 + Math.min(1, Math.max(0, share(value))) * (WIDTH - 8);
  return (
    <svg viewBox={`0 0 ${WIDTH} 22`} width="100%" aria-hidden>
      <line x1={4} x2={WIDTH - 4} y1={11} y2={11} stroke="var(--line)" strokeWidth={2} />
      {high === undefined ? (
        <rect x={x(low) - 4} y={3} width={8} height={16} fill="var(--accent)" />
      ) : (
        <rect
          x={x(low)}
          y={5}
          width={Math.max(6, x(high) - x(low))}
          height={12}
          fill="var(--accent)"
        />
      )}
    </svg>
  );
};

export const SteelCard = ({
  steel,
  onEdit,
}: {
  steel: Steel & Partial<OwnSteel>;
  onEdit: (() => void) | null;
}) => {
  const shift = steelAngleShift(steel);
  const rows: readonly (readonly [string, React.ReactNode, string])[] = [
    [
      STRINGS.hardness,
      <Scale key="h" from={48} to={70} low={steel.hrcLow} high={steel.hrcHigh} />,
      `${steel.hrcLow}–${steel.hrcHigh} HRC`,
    ],
    [
      STRINGS.slowUnderAStone,
      <Scale key="w" from={0.5} to={5} low={steel.wearFactor} logarithmic />,
      `× ${steel.wearFactor}`,
    ],
    [
      STRINGS.slowUnderDiamond,
      <Scale key="d" from={0.5} to={5} low={steel.wearFactorDiamond} logarithmic />,
      `× ${steel.wearFactorDiamond}`,
    ],
    [
      STRINGS.finestUseful,
      <Scale key="f" from={30} to={0.2} low={steel.finestUsefulUm} logarithmic />,
      STRINGS.finestUsefulUm(steel.finestUsefulUm),
    ],
    [
      STRINGS.angle,
      <Scale key="a" from={-3} to={3} low={shift.deltaDeg} />,
      `${shift.deltaDeg > 0 ? '+' : shift.deltaDeg < 0 ? '−' : '±'}${Math.abs(shift.deltaDeg)}°`,
    ],
  ];
  return (
    <Stack $gap={14}>
      <Row>
        <h2>{steel.designation}</h2>
        {onEdit && <QuietButton onPress={onEdit}>{STRINGS.edit}</QuietButton>}
      </Row>
      <MutedText>
        {[
          steel.steelClass,
          steel.standard === 'none' ? '' : steel.standard,
          steel.composition && `${steel.composition} %`,
          wantsDiamond(steel) ? STRINGS.diamondWanted : '',
        ]
          .filter(Boolean)
          .join(' · ')}
      </MutedText>
      <Sentences>
        {explainSteel(steel).map((sentence) => (
          <li key={sentence}>{sentence}</li>
        ))}
      </Sentences>
      {steel.note && <p>{steel.note}</p>}
      <Scales>
        {rows.map(([name, scale, value]) => (
          <div key={name} style={{ display: 'contents' }}>
            <dt>{name}</dt>
            <dd>{scale}</dd>
            <dd>
              <Figures>{value}</Figures>
            </dd>
          </div>
        ))}
      </Scales>
    </Stack>
  );
};
