/**
 * Along the edge, heel to tip: the blade's own outline above, one lane for each side below. Damage, burr,
 * steel to come up and test results all stand at the same place, so that what belongs together is seen.
 */
import { memo, useId, useMemo } from 'react';
import type { EdgeStripProps } from './strip-props';
import { CutHatch, StripSvg } from './strip-svg';
import { LEAST_WIDTH, SIDES, stripLayout, WIDTH } from './strip-layout';
import { DrawingSheet, useDrawnWidth } from '../theme/drawing';
import { TwoEdgeStrip } from './two-edge-strip';
import { StripEnds, StripLane, StripLifts, StripOutline, StripTicks } from './strip-parts';
import { STRINGS } from './strings';

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
  const { sheet, widthPx } = useDrawnWidth(LEAST_WIDTH, WIDTH);
  const layout = useMemo(
    () => stripLayout(measures, { lanes, low, lifts: hasLifts, width: widthPx }),
    [measures, lanes, low, hasLifts, widthPx],
  );
  return (
    <DrawingSheet ref={sheet} leastPx={LEAST_WIDTH}>
      <StripSvg viewBox={`0 0 ${widthPx} ${layout.height}`} role="img" aria-label={label}>
        <defs>
          <clipPath id={`${id}-near`}>
            <rect x={0} y={0} width={widthPx} height={layout.baseline + 3} />
          </clipPath>
          <CutHatch id={id} />
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
              lane={{
                label: side === 'right' ? STRINGS.right : STRINGS.left,
                top: layout.laneTop(side),
                holds: (found) => found.side === side || found.side === 'both',
              }}
              damage={damage}
              before={before}
              leftIn={leftIn}
              marks={marks}
              onPlace={onPlace && ((atMm) => onPlace(side, atMm, null))}
            />
          ))}
        {lanes && <StripEnds layout={layout} damage={damage} />}
        {hasLifts && <StripLifts layout={layout} lifts={lifts} />}
      </StripSvg>
    </DrawingSheet>
  );
};

/** Drawn again only when what it shows has changed. */
export const EdgeStrip = memo((props: EdgeStripProps) =>
  props.twoEdges ? <TwoEdgeStrip {...props} /> : <DrawnEdgeStrip {...props} />,
);
EdgeStrip.displayName = 'EdgeStrip';
