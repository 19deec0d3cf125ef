/**
 * Along the edge, heel to tip: the blade's own outline above, one lane for each side below. Damage, burr,
 * steel to come up and test results all stand at the same place, so that what belongs together is seen.
 */
import type { BladeMeasures, BladePoint, BladeSide, Damage, Station } from '@patient-edge/core';
import { memo, useId, useMemo } from 'react';
import styled from 'styled-components';
import { SIDES, stripLayout, WIDTH } from './strip-layout';
import {
  StripEnds,
  StripLane,
  StripLifts,
  StripOutline,
  StripTicks,
  type ZoneMark,
} from './strip-parts';

const Svg = styled.svg`
  display: block;
  width: 100%;
  height: auto;
  font-family: var(--text);
  & text {
    fill: var(--ink);
    font-size: 15px;
  }
  & text[data-soft] {
    fill: var(--ink-soft);
    font-size: 13.5px;
  }
  & text[data-figure] {
    font-family: var(--figures);
    font-size: 14px;
  }
`;

interface EdgeStripProps {
  readonly measures: BladeMeasures;
  readonly damage?: readonly Damage[];
  /** What was there at the last visit: drawn faintly behind. */
  readonly before?: readonly Damage[];
  /** Chips that are left in on purpose. */
  readonly leftIn?: readonly string[];
  /** How far the edge comes up along z. */
  readonly depthAlong?: readonly BladePoint[];
  readonly marks?: readonly ZoneMark[];
  /** The lift at stations along the edge; every fourth is written down. */
  readonly lifts?: readonly Pick<Station, 'zMm' | 'liftMm'>[];
  readonly onPlace?: (side: BladeSide, atMm: number) => void;
  readonly label: string;
  readonly lanes?: boolean;
  /** A low drawing, where the lanes are what matters. */
  readonly low?: boolean;
}

/** One empty list for all, so that nothing seems to have changed. */
const NONE: readonly never[] = [];

const DrawnEdgeStrip = ({
  measures,
  damage = NONE,
  before = NONE,
  leftIn = NONE,
  depthAlong,
  marks = NONE,
  lifts = NONE,
  onPlace,
  label,
  lanes = true,
  low = false,
}: EdgeStripProps) => {
  const id = useId();
  const hasLifts = lifts.length > 0;
  const layout = useMemo(
    () => stripLayout(measures, { lanes, low, lifts: hasLifts }),
    [measures, lanes, low, hasLifts],
  );
  return (
    <Svg viewBox={`0 0 ${WIDTH} ${layout.height}`} role="img" aria-label={label}>
      <defs>
        <clipPath id={`${id}-near`}>
          <rect x={0} y={0} width={WIDTH} height={layout.baseline + 3} />
        </clipPath>
        <pattern
          id={`${id}-hatch`}
          width={7}
          height={7}
          patternUnits="userSpaceOnUse"
          patternTransform="rotate(45)"
        >
          <line x1={0} y1={0} x2={0} y2={7} stroke="var(--cut)" strokeWidth={2.4} />
        </pattern>
      </defs>
      <StripOutline
        layout={layout}
        id={id}
        damage={damage}
        leftIn={leftIn}
        depthAlong={depthAlong}
      />
      <StripTicks layout={layout} />
      {lanes &&
        SIDES.map((side) => (
          <StripLane
            key={side}
            layout={layout}
            id={id}
            side={side}
            damage={damage}
            before={before}
            leftIn={leftIn}
            marks={marks}
            onPlace={onPlace}
          />
        ))}
      {lanes && <StripEnds layout={layout} />}
      {hasLifts && <StripLifts layout={layout} lifts={lifts} />}
    </Svg>
  );
};

/** Drawn again only when what it shows has changed. */
export const EdgeStrip = memo(DrawnEdgeStrip);
