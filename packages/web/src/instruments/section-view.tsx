/**
 * Across the blade, as a workshop drawing: the section true to scale with its dimensions and a scale bar, and a
 * lens on what the work is about. The steel a stage takes is hatched between the section before and after it.
 */
import { spanAtMm, type Section } from '@patient-edge/core';
import { memo, useId } from 'react';
import styled from 'styled-components';
import { fixed } from '../theme/format';

const HEIGHT = 400;
const WIDTH = 580;
const LENS = { left: 206, top: 12, width: 362, height: 330 };
const FULL = { left: 96, top: 30, height: 300 };

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

export interface SectionViewProps {
  /** As it came: drawn dashed. */
  readonly original: Section;
  /** Before and after the stage shown; alike where nothing is taken. */
  readonly before: Section;
  readonly after: Section;
  readonly heightMm: number;
  readonly spineMm: number;
  /** How much of the blade above its old edge the lens shows. */
  readonly lensMm: number;
  /** Apex of the section after. */
  readonly apexMm: number;
  /** Top of the bevel after, where it is dimensioned; null where there is none yet. */
  readonly bevelTopMm: number | null;
  /** As it is said of this blade: `16.0° per side`. */
  readonly angleWords: readonly string[];
  /** Heights above the new edge whose thickness is dimensioned. */
  readonly calipersMm: readonly number[];
  readonly label: string;
}

const polygon = (section: Section, x: (mm: number) => number, y: (mm: number) => number): string =>
  section.vertices.map((vertex) => `${x(vertex.x).toFixed(2)},${y(vertex.y).toFixed(2)}`).join(' ');

/** A round length for a scale bar, no longer than that. */
const roundLength = (longestMm: number): number => {
  const power = 10 ** Math.floor(Math.log10(longestMm));
  return [5, 2, 1].map((each) => each * power).find((each) => each <= longestMm)!;
};

const DrawnSectionView = (props: SectionViewProps) => {
  const { original, before, after, heightMm, spineMm, lensMm, apexMm, bevelTopMm } = props;
  const id = useId();
  const fullScale = FULL.height / heightMm;
  const fx = (mm: number): number => FULL.left + mm * fullScale;
  const fy = (mm: number): number => FULL.top + FULL.height - mm * fullScale;
  const xs = original.vertices.map(({ x }) => x);
  const [leftMm, rightMm] = [Math.min(...xs), Math.max(...xs)];

  const top = spanAtMm(original, lensMm * 0.92) ?? [leftMm, rightMm];
  const widthMm = Math.max(top[1] - top[0], lensMm * 0.1);
  const scale = Math.min((LENS.height - 34) / lensMm, (LENS.width * 0.6) / widthMm);
  const centre = LENS.left + LENS.width / 2;
  const floor = LENS.top + LENS.height - 20;
  const middleMm = (top[0] + top[1]) / 2;
  const lx = (mm: number): number => centre + (mm - middleMm) * scale;
  const ly = (mm: number): number => floor - mm * scale;
  const times = scale / fullScale;
  const bar = roundLength(60 / scale);
  const inLens = (mm: number): boolean => ly(mm) > LENS.top + 14;
  const shoulder =
    bevelTopMm !== null && inLens(bevelTopMm) ? spanAtMm(after, bevelTopMm - 1e-6) : null;
  const calipers = props.calipersMm.flatMap((at, index) => {
    const span = spanAtMm(after, apexMm + at);
    // On a high blade the lowest of them would stand on one another.
    const crowded = index > 0 && (at - props.calipersMm[index - 1]!) * fullScale < 15;
    return span && !crowded ? [{ at, span, thickness: span[1] - span[0] }] : [];
  });

  return (
    <Svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} role="img" aria-label={props.label}>
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
      <Upright x={fx(leftMm) - 26} y1={fy(0)} y2={fy(heightMm)} text={fixed(heightMm, 1)} />
      <text data-figure="" x={fx((leftMm + rightMm) / 2)} y={fy(heightMm) - 9} textAnchor="middle">
        {fixed(spineMm, 2)}
      </text>
      {calipers.map(({ at, span, thickness }) => (
        <g key={at}>
          <path
            data-drawn=""
            d={`M${fx(span[1])} ${fy(apexMm + at)}H${fx(rightMm) + 20}`}
            strokeDasharray="2 3"
          />
          <text data-figure="" x={fx(rightMm) + 22} y={fy(apexMm + at) + 4} fontSize={13}>
            {fixed(thickness, 2)}
          </text>
        </g>
      ))}
      <ScaleBar x={20} y={HEIGHT - 30} lengthPx={10 * fullScale} text="10 mm" />
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
            {fixed(shoulder[1] - shoulder[0], 2)} mm
          </text>
          {(bevelTopMm! - apexMm) * scale > 26 && (
            <Upright
              x={LENS.left + 74}
              y1={ly(apexMm)}
              y2={ly(bevelTopMm!)}
              text={fixed(bevelTopMm! - apexMm, 2)}
            />
          )}
        </>
      )}
      {apexMm * scale > 26 && inLens(apexMm) && (
        <Upright x={LENS.left + 34} y1={ly(0)} y2={ly(apexMm)} text={fixed(apexMm, 2)} />
      )}
      {props.angleWords.map((words, index) => (
        <text
          key={words}
          data-figure=""
          x={LENS.left + LENS.width - 8}
          y={floor - 20 * (props.angleWords.length - 1 - index)}
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
        text={`${bar} mm`}
      />
      <text data-soft="" x={LENS.left} y={LENS.top + LENS.height + 20}>
        {`lens × ${times < 10 ? fixed(times, 1) : Math.round(times)} · hatched: goes at this stage · dashed: as it came`}
      </text>
    </Svg>
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
