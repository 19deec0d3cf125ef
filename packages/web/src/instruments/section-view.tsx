/**
 * Across the blade, as a workshop drawing: the section true to scale with its dimensions and a scale bar, and a
 * lens on what the work is about. The steel a stage takes is hatched between the section before and after it.
 */
import { memo, useId } from 'react';
import styled from 'styled-components';
import { fixed, mm, mmNumber } from '../theme/format';
import {
  HEIGHT,
  LENS,
  polygon,
  sectionLayout,
  WIDTH,
  type SectionLayout,
  type SectionViewProps,
} from './section-layout';
import { DrawingSheet } from '../theme/drawing';
import { STRINGS } from './strings';

const Svg = styled.svg`
  display: block;
  width: 100%;
  height: auto;
  max-height: 430px;
  & text {
    fill: var(--ink);
    font: 400 14.5px var(--text);
  }
  & text[data-figure] {
    font-family: var(--figures);
  }
  & text[data-soft] {
    fill: var(--ink-soft);
    font-size: 13.5px;
  }
  & [data-drawn] {
    stroke: var(--ink);
    fill: none;
  }
`;

interface PartProps {
  readonly layout: SectionLayout;
  readonly view: SectionViewProps;
}

const DrawnSectionView = (view: SectionViewProps) => {
  const id = useId();
  const layout = sectionLayout(view);
  return (
    <DrawingSheet leastPx={480}>
      <Svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} role="img" aria-label={view.label}>
        <defs>
          <pattern
            id={`${id}-cut`}
            width={8}
            height={8}
            patternUnits="userSpaceOnUse"
            patternTransform="rotate(45)"
          >
            <rect width={8} height={8} fill="var(--cut-soft)" />
            <line x1={0} y1={0} x2={0} y2={8} stroke="var(--cut)" strokeWidth={2.2} />
          </pattern>
          <clipPath id={`${id}-lens`}>
            <rect x={LENS.left} y={LENS.top} width={LENS.width} height={LENS.height} />
          </clipPath>
        </defs>
        <WholeSection layout={layout} view={view} />
        <Lens layout={layout} view={view} id={id} />
      </Svg>
    </DrawingSheet>
  );
};

/** True to scale, with its dimensions and where the lens looks. */
const WholeSection = ({
  layout,
  view: { after, heightMm, spineMm, lensMm, apexMm },
}: PartProps) => {
  const { fullScale, fx, fy, leftMm, rightMm, calipers } = layout;
  return (
    <>
      <polygon points={polygon(after, fx, fy)} fill="var(--steel)" stroke="var(--ink)" />
      <Upright x={fx(leftMm) - 26} y1={fy(0)} y2={fy(heightMm)} text={mmNumber(heightMm, 1)} />
      <text data-figure="" x={fx((leftMm + rightMm) / 2)} y={fy(heightMm) - 9} textAnchor="middle">
        {mmNumber(spineMm, 2)}
      </text>
      {calipers.map(({ at, span, thickness }) => (
        <g key={at}>
          <path
            data-drawn=""
            d={`M${fx(span[1])} ${fy(apexMm + at)}H${fx(rightMm) + 20}`}
            strokeDasharray="2 3"
          />
          <text data-figure="" x={fx(rightMm) + 22} y={fy(apexMm + at) + 4} fontSize={13}>
            {mmNumber(thickness, 2)}
          </text>
        </g>
      ))}
      <ScaleBar x={20} y={HEIGHT - 30} lengthPx={10 * fullScale} text={STRINGS.tenMm} />
      <rect
        x={fx(leftMm) - 5}
        y={fy(lensMm)}
        width={(rightMm - leftMm) * fullScale + 10}
        height={Math.max(6, lensMm * fullScale) + 5}
        fill="none"
        stroke="var(--accent)"
      />
      <path
        d={`M${fx(rightMm) + 5} ${fy(lensMm)}L${LENS.left} ${LENS.top}M${fx(rightMm) + 5} ${fy(0) + 5}L${LENS.left} ${LENS.top + LENS.height}`}
        stroke="var(--accent)"
        strokeDasharray="3 4"
        fill="none"
        opacity={0.6}
      />
    </>
  );
};

/** What the work is about, enlarged: what goes is hatched, what was there is dashed. */
const Lens = ({ layout, view, id }: PartProps & { id: string }) => {
  const { original, before, after, apexMm, bevelTopMm, angleText } = view;
  const { scale, floor, lx, ly, times, bar, inLens, shoulder } = layout;
  return (
    <>
      <rect
        x={LENS.left}
        y={LENS.top}
        width={LENS.width}
        height={LENS.height}
        fill="var(--page)"
        stroke="var(--accent)"
      />
      <g clipPath={`url(#${id}-lens)`}>
        <polygon points={polygon(before, lx, ly)} fill={`url(#${id}-cut)`} stroke="none" />
        <polygon
          points={polygon(original, lx, ly)}
          fill="none"
          stroke="var(--cut)"
          strokeDasharray="6 4"
          strokeWidth={1.5}
        />
        <polygon
          points={polygon(after, lx, ly)}
          fill="var(--steel)"
          stroke="var(--ink)"
          strokeWidth={2}
        />
        <line
          x1={lx(0)}
          x2={lx(0)}
          y1={LENS.top}
          y2={LENS.top + LENS.height}
          stroke="var(--steel-deep)"
          strokeDasharray="12 4 2 4"
        />
        {shoulder && (
          <g>
            <line
              x1={lx(shoulder[0])}
              x2={lx(shoulder[1])}
              y1={ly(bevelTopMm!)}
              y2={ly(bevelTopMm!)}
              stroke="var(--ink)"
            />
            <circle cx={lx(shoulder[0])} cy={ly(bevelTopMm!)} r={3} fill="var(--ink)" />
            <circle cx={lx(shoulder[1])} cy={ly(bevelTopMm!)} r={3} fill="var(--ink)" />
          </g>
        )}
      </g>
      {shoulder && (
        <>
          <text
            data-figure=""
            x={Math.min(lx(shoulder[1]) + 9, LENS.left + LENS.width - 66)}
            y={ly(bevelTopMm!) + 5}
          >
            {mm(shoulder[1] - shoulder[0], 2)}
          </text>
          {(bevelTopMm! - apexMm) * scale > 26 && (
            <Upright
              x={LENS.left + 74}
              y1={ly(apexMm)}
              y2={ly(bevelTopMm!)}
              text={mmNumber(bevelTopMm! - apexMm, 2)}
            />
          )}
        </>
      )}
      {apexMm * scale > 26 && inLens(apexMm) && (
        <Upright x={LENS.left + 34} y1={ly(0)} y2={ly(apexMm)} text={mmNumber(apexMm, 2)} />
      )}
      {angleText.map((words, index) => (
        <text
          key={words}
          data-figure=""
          x={LENS.left + LENS.width - 8}
          y={floor - 20 * (angleText.length - 1 - index)}
          textAnchor="end"
          fontWeight={index === 0 ? 700 : 400}
        >
          {words}
        </text>
      ))}
      <ScaleBar
        x={LENS.left + LENS.width - 12 - bar * scale}
        y={LENS.top + 26}
        lengthPx={bar * scale}
        text={mm(bar, bar < 1 ? 2 : 0)}
      />
      <text data-soft="" x={LENS.left} y={LENS.top + LENS.height + 20}>
        {STRINGS.lensAndHatching(times < 10 ? fixed(times, 1) : Math.round(times))}
      </text>
      <text data-soft="" x={LENS.left} y={LENS.top + LENS.height + 39}>
        {STRINGS.dashedAsItCame}
      </text>
    </>
  );
};

/** A dimension line as on a workshop drawing. */
const Upright = ({ x, y1, y2, text }: { x: number; y1: number; y2: number; text: string }) => (
  <g>
    <path data-drawn="" d={`M${x - 6} ${y1}h12M${x - 6} ${y2}h12M${x} ${y1}V${y2}`} />
    <text
      data-figure=""
      x={x - 9}
      y={(y1 + y2) / 2}
      textAnchor="middle"
      transform={`rotate(-90 ${x - 9} ${(y1 + y2) / 2})`}
    >
      {text}
    </text>
  </g>
);

const ScaleBar = ({
  x,
  y,
  lengthPx,
  text,
}: {
  x: number;
  y: number;
  lengthPx: number;
  text: string;
}) => (
  <g>
    <path data-drawn="" d={`M${x} ${y - 4}v8M${x + lengthPx} ${y - 4}v8M${x} ${y}h${lengthPx}`} />
    <text data-soft="" x={x + lengthPx / 2} y={y - 8} textAnchor="middle">
      {text}
    </text>
  </g>
);

/** Drawn again only when what it shows has changed. */
export const SectionView = memo(DrawnSectionView);
