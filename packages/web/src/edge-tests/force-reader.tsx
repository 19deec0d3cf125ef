/** The force tester, read as it cuts: three readings a zone, one zone after the other; too far apart they are asked again. */
import {
  FORCE_READINGS_WANTED,
  medianGf,
  mustRepeat,
  named,
  ZONES,
  type EdgeReadings,
  type Zone,
} from '@patient-edge/core';
import { Gauge } from 'lucide-react';
import { useState } from 'react';
import styled from 'styled-components';
import { useDevices } from '../api/hooks';
import { QuietButton } from '../theme/buttons';
import { MutedText, Row, Stack } from '../theme/layout';
import { Notice } from '../theme/notice';
import type { TypedReadings } from './typed-readings';
import { FORCE_RATE_HZ, useForceStream, type ForceStream } from './use-force-stream';
import { STRINGS } from './strings';

const Trace = styled.svg`
  width: 100%;
  max-width: 760px;
  height: 110px;
  border: 1px solid var(--line);
  background: var(--sheet);
`;

const WIDTH = 760;
const HEIGHT = 110;
const TOP = 16;
/** Drawn every so many samples: more than the screen has columns. */
const EVERY = 2;
const SECONDS = 8;

/** The zone that wants readings: one whose readings lie too far apart comes first. */
const nextZone = (readings: EdgeReadings): Zone | null =>
  ZONES.find((zone) => mustRepeat(readings[zone].forceGf)) ??
  ZONES.find((zone) => readings[zone].forceGf.length < FORCE_READINGS_WANTED) ??
  null;

interface ForceReaderProps {
  readonly typed: TypedReadings;
  readonly readings: EdgeReadings;
  readonly onTyped: (typed: TypedReadings) => void;
}

/** Nothing where no tester is connected. */
export const ForceReader = (props: ForceReaderProps) => {
  const { data: devices } = useDevices();
  return devices?.force ? <Reader {...props} /> : null;
};

const Reader = ({ typed, readings, onTyped }: ForceReaderProps) => {
  const [isOpen, setIsOpen] = useState(false);
  const zone = nextZone(readings);
  const take = (peakGf: number): void => {
    if (zone === null) return;
    const held = typed[zone].force;
    // Too far apart: all three are read again, and none of them is trusted more than another.
    const from = mustRepeat(readings[zone].forceGf) ? (['', '', ''] as const) : held;
    const at = from.findIndex((text) => text.trim() === '');
    if (at < 0) return;
    const force: [string, string, string] = [...from];
    force[at] = String(Math.round(peakGf));
    onTyped({ ...typed, [zone]: { ...typed[zone], force } });
  };
  const stream = useForceStream(isOpen && zone !== null, take);
  const read = zone === null ? 0 : readings[zone].forceGf.length;
  return (
    <Stack $gap={8} role="group" aria-label={STRINGS.forceTester}>
      <Row>
        <QuietButton onPress={() => setIsOpen(!isOpen)} aria-pressed={isOpen}>
          <Gauge size={19} aria-hidden />{' '}
          {isOpen ? STRINGS.stopTheTester : STRINGS.readFromTheTester}
        </QuietButton>
        {isOpen && (
          <span role="status">
            {zone === null
              ? STRINGS.allZonesAreRead
              : mustRepeat(readings[zone].forceGf)
                ? STRINGS.spreadTooWide(
                    named(zone),
                    readings[zone].forceGf.join(', '),
                    medianGf(readings[zone].forceGf) ?? 0,
                  )
                : STRINGS.cutWithTheOf(named(zone), read, FORCE_READINGS_WANTED)}
          </span>
        )}
      </Row>
      {isOpen && stream.isLost && <Notice tone="cut">{STRINGS.theTesterDoesNotAnswerType}</Notice>}
      {isOpen && !stream.isLost && <Drawn stream={stream} />}
    </Stack>
  );
};

const Drawn = ({ stream: { trace, found } }: { stream: ForceStream }) => {
  const most = Math.max(50, ...trace);
  const x = (sample: number): number => (sample / (SECONDS * FORCE_RATE_HZ)) * WIDTH;
  const y = (gf: number): number => HEIGHT - 4 - (Math.max(0, gf) / most) * (HEIGHT - TOP - 4);
  const path = trace
    .flatMap((gf, index) =>
      index % EVERY === 0 ? [`${x(index).toFixed(1)},${y(gf).toFixed(1)}`] : [],
    )
    .join(' ');
  return (
    <>
      <Trace
        viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
        preserveAspectRatio="none"
        role="img"
        aria-label={STRINGS.forceOverTheLastSeconds(
          SECONDS,
          found.map(({ peakGf }) => `${Math.round(peakGf)} gf`).join(', ') ||
            STRINGS.nothingSeveredYet,
        )}
      >
        <polyline points={path} fill="none" stroke="var(--ink)" strokeWidth={1.5} />
        {found.map(({ atS, peakGf }) => (
          <g key={atS}>
            <circle cx={x(atS * FORCE_RATE_HZ)} cy={y(peakGf)} r={4} fill="var(--accent)" />
            <text x={x(atS * FORCE_RATE_HZ) + 7} y={y(peakGf) + 4} fontSize={13} fill="var(--ink)">
              {Math.round(peakGf)}
            </text>
          </g>
        ))}
      </Trace>
      <MutedText>{STRINGS.thePeakBeforeTheThreadParts}</MutedText>
    </>
  );
};
