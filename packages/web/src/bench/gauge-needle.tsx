/** The angle as it is held now, in the band it is wanted in: a needle, the figure, the side and the place. */
import { zoneAt, named } from '@patient-edge/core';
import { useEffect, useRef } from 'react';
import styled from 'styled-components';
import { fixed } from '../theme/format';
import { QuietButton } from '../theme/buttons';
import { Notice } from '../theme/notice';
import type { Gauge } from './use-gauge';
import { STRINGS } from './strings';

const Line = styled.div`
  display: grid;
  grid-template-columns: 118px minmax(0, 1fr);
  gap: 4px 14px;
  align-items: center;
  & > b {
    font: 680 36px/1 var(--figures);
    font-variant-numeric: tabular-nums;
  }
  & > small {
    grid-column: 1 / -1;
    font-size: 16px;
    color: var(--ink-soft);
    min-height: 22px;
  }
  & svg {
    display: block;
    width: 100%;
    height: 44px;
  }
`;

const WIDTH = 600;
/** To either side of the wanted angle. */
const SHOWN_DEG = 8;
/** Within it the hand holds what is wanted. */
const BAND_DEG = 1.5;
const xOf = (offDeg: number): number =>
  WIDTH / 2 + (Math.max(-SHOWN_DEG, Math.min(SHOWN_DEG, offDeg)) / SHOWN_DEG) * (WIDTH / 2 - 8);
/** Figures that change faster than this cannot be read. */
const READ_MS = 120;

export const GaugeNeedle = ({ gauge }: { gauge: Gauge }) => {
  const { plannedDeg, onNow, summary } = gauge;
  const needle = useRef<SVGGElement>(null);
  const figure = useRef<HTMLElement>(null);
  const place = useRef<HTMLElement>(null);
  useEffect(() => {
    let writtenMs = 0;
    return onNow(({ angleDeg, isHeld, side, share }) => {
      // Written past React: fifty times a second nothing else changes.
      needle.current?.setAttribute('transform', `translate(${xOf(angleDeg - plannedDeg)} 0)`);
      needle.current?.setAttribute('opacity', isHeld ? '1' : '0.35');
      const nowMs = performance.now();
      if (nowMs - writtenMs < READ_MS) return;
      writtenMs = nowMs;
      if (figure.current) figure.current.textContent = `${fixed(angleDeg, 1)}°`;
      if (place.current) {
        place.current.textContent = isHeld
          ? `${named(side)}, ${zoneAt(share)}`
          : STRINGS.offTheStone;
      }
    });
  }, [onNow, plannedDeg]);
  return (
    <section aria-label={STRINGS.angleGauge}>
      {!gauge.isZeroed || gauge.isZeroOld ? (
        <Zeroing gauge={gauge} />
      ) : (
        <Line>
          <b ref={figure}>–</b>
          <svg
            viewBox={`0 0 ${WIDTH} 44`}
            preserveAspectRatio="none"
            role="img"
            aria-label={STRINGS.wantedGiveOrTake(fixed(plannedDeg, 1), BAND_DEG)}
          >
            <rect x={8} y={16} width={WIDTH - 16} height={12} fill="var(--line-soft)" />
            <rect
              x={xOf(-BAND_DEG)}
              y={10}
              width={xOf(BAND_DEG) - xOf(-BAND_DEG)}
              height={24}
              fill="var(--accent-soft)"
              stroke="var(--accent)"
            />
            <line x1={xOf(0)} x2={xOf(0)} y1={10} y2={34} stroke="var(--accent)" />
            <g ref={needle} transform={`translate(${WIDTH / 2} 0)`}>
              <line y1={2} y2={42} stroke="var(--ink)" strokeWidth={5} />
            </g>
          </svg>
          <small>
            <span ref={place}>{STRINGS.offTheStone}</span>
            {summary &&
              STRINGS.byGauge(
                summary.count,
                fixed(summary.meanDeg, 1),
                fixed(summary.wobbleDeg, 1),
              )}
          </small>
        </Line>
      )}
      {gauge.problem !== null && <p role="status">{STRINGS.notSentYet(gauge.problem)}</p>}
    </section>
  );
};

const Zeroing = ({ gauge }: { gauge: Gauge }) => (
  <Notice>
    <p>{gauge.isZeroOld ? STRINGS.theZeroIsFiveMinutesOld : STRINGS.layTheGaugeFlatOnThe}</p>
    <QuietButton isDisabled={!gauge.isStill} onPress={gauge.setZero}>
      {gauge.isStill ? STRINGS.zeroItHere : STRINGS.waitingUntilItLiesStill}
    </QuietButton>
  </Notice>
);
