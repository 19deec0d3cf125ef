/**
 * Across the blade: the section true to scale, and a lens on the apex where what matters happens. Steel that
 * goes is hatched between the section before and after.
 */
import type { Section } from '@patient-edge/core';
import { memo, useId } from 'react';
import styled from 'styled-components';
import { fixed } from '../theme/format';

const HEIGHT = 380;
const WIDTH = 560;
const FULL_LEFT = 70;
const LENS = { left: 190, top: 16, width: 350, height: 330 };

const Svg = styled.svg`
  display: block;
  width: 100%;
  height: auto;
  max-height: 420px;
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
`;

interface SectionViewProps {
  readonly before: Section;
  readonly after: Section;
  readonly heightMm: number;
  readonly spineMm: number;
  readonly angleDeg: number;
  readonly presentAngleDeg: number;
  readonly riseMm: number;
  readonly bevelHeightAfterMm: number;
  readonly behindEdgeAfterMm: number;
}

const polygon = (section: Section, x: (mm: number) => number, y: (mm: number) => number): string =>
  section.vertices.map((vertex) => `${x(vertex.x).toFixed(2)},${y(vertex.y).toFixed(2)}`).join(' ');

const DrawnSectionView = (props: SectionViewProps) => {
  const { before, after, heightMm, spineMm, angleDeg, presentAngleDeg, riseMm } = props;
  const id = useId();
  const fullScale = (HEIGHT - 60) / heightMm;
  const fx = (mm: number): number => FULL_LEFT + mm * fullScale;
  const fy = (mm: number): number => HEIGHT - 28 - mm * fullScale;

  const shownMm = Math.max(0.5, (riseMm + props.bevelHeightAfterMm) * 1.35);
  const scale = Math.min(LENS.height / shownMm, (LENS.width * 0.55) / props.behindEdgeAfterMm);
  const centre = LENS.left + LENS.width / 2;
  const floor = LENS.top + LENS.height - 16;
  const lx = (mm: number): number => centre + mm * scale;
  const ly = (mm: number): number => floor - mm * scale;
  const shoulderY = ly(riseMm + props.bevelHeightAfterMm);
  const halfMm = props.behindEdgeAfterMm / 2;
  const times = Math.round(scale / fullScale);

  return (
    <Svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      role="img"
      aria-label={`Section half way along: before ${fixed(presentAngleDeg, 1)}° per side, after ${fixed(angleDeg, 1)}° per side, apex up ${fixed(riseMm, 2)} mm, ${fixed(props.behindEdgeAfterMm, 2)} mm behind the edge`}
    >
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

      <polygon points={polygon(after, fx, fy)} fill="var(--steel)" stroke="var(--ink)" />
      <Dimension x={FULL_LEFT - 34} y1={fy(0)} y2={fy(heightMm)} text={fixed(heightMm, 1)} />
      <text data-figure="" x={FULL_LEFT} y={fy(heightMm) - 9} textAnchor="middle">
        {fixed(spineMm, 2)}
      </text>
      <text data-soft="" x={FULL_LEFT} y={HEIGHT - 10} textAnchor="middle">
        to scale, mm
      </text>
      <rect
        x={fx(-spineMm / 2) - 5}
        y={fy(shownMm)}
        width={spineMm * fullScale + 10}
        height={Math.max(6, shownMm * fullScale) + 5}
        fill="none"
        stroke="var(--accent)"
      />
      <path
        d={`M${fx(spineMm / 2) + 5} ${fy(shownMm)}L${LENS.left} ${LENS.top}M${fx(spineMm / 2) + 5} ${fy(0) + 5}L${LENS.left} ${LENS.top + LENS.height}`}
        stroke="var(--accent)"
        strokeDasharray="3 4"
        fill="none"
        opacity={0.6}
      />

      <rect
        x={LENS.left}
        y={LENS.top}
        width={LENS.width}
        height={LENS.height}
        fill="var(--page)"
        stroke="var(--accent)"
      />
      <g clipPath={`url(#${id}-lens)`}>
        <polygon
          points={polygon(before, lx, ly)}
          fill={`url(#${id}-cut)`}
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
          x1={centre}
          x2={centre}
          y1={LENS.top}
          y2={LENS.top + LENS.height}
          stroke="var(--steel-deep)"
          strokeDasharray="12 4 2 4"
        />
        <line x1={lx(-halfMm)} x2={lx(halfMm)} y1={shoulderY} y2={shoulderY} stroke="var(--ink)" />
        <circle cx={lx(-halfMm)} cy={shoulderY} r={3} fill="var(--ink)" />
        <circle cx={lx(halfMm)} cy={shoulderY} r={3} fill="var(--ink)" />
      </g>
      <text
        data-figure=""
        x={Math.min(lx(halfMm) + 9, LENS.left + LENS.width - 60)}
        y={shoulderY + 5}
      >
        {fixed(props.behindEdgeAfterMm, 2)} mm
      </text>
      {riseMm * scale > 7 && (
        <Dimension x={LENS.left + 40} y1={ly(0)} y2={ly(riseMm)} text={fixed(riseMm, 2)} />
      )}
      <text
        data-figure=""
        x={LENS.left + LENS.width - 8}
        y={floor - 24}
        textAnchor="end"
        fontWeight={700}
      >
        {fixed(angleDeg, 1)}° per side
      </text>
      <text data-figure="" x={LENS.left + LENS.width - 8} y={floor - 4} textAnchor="end">
        {fixed(2 * angleDeg, 1)}° inclusive
      </text>
      <text data-soft="" x={LENS.left} y={HEIGHT - 10}>
        {`apex × ${times} · hatched: goes · dashed: as it came, ${fixed(presentAngleDeg, 1)}°`}
      </text>
    </Svg>
  );
};

/** A dimension line as on a workshop drawing. */
const Dimension = ({ x, y1, y2, text }: { x: number; y1: number; y2: number; text: string }) => (
  <g>
    <path
      d={`M${x - 6} ${y1}h12M${x - 6} ${y2}h12M${x} ${y1}V${y2}`}
      stroke="var(--ink)"
      fill="none"
    />
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

/** Drawn again only when what it shows has changed. */
export const SectionView = memo(DrawnSectionView);
