/** Each question's picture, drawn to scale from its inputs and its answer. */
import type { ReactNode } from 'react';
import styled from 'styled-components';
import { parseNumber } from '../theme/format';
import type { ClampRaw, Inputs } from './questions';
import { DrawingSheet } from '../theme/drawing';
import { STRINGS } from './strings';

const Svg = styled.svg`
  display: block;
  width: 100%;
  height: auto;
  max-height: 330px;
  & text {
    fill: var(--ink);
    font: 400 14px var(--figures);
  }
`;

const WIDTH = 620;
const HEIGHT = 280;
const FLOOR = HEIGHT - 44;

type Raw = Readonly<Record<string, unknown>>;
interface PictureProps {
  readonly inputs: Inputs;
  readonly raw: Raw;
}

const value = (inputs: Inputs, name: string): number => parseNumber(inputs[name] ?? '') ?? 0;

const Stone = () => (
  <g>
    <rect x={20} y={FLOOR} width={WIDTH - 40} height={20} fill="var(--steel-deep)" />
    <text x={24} y={FLOOR + 36}>
      {STRINGS.stoneWithin}
    </text>
  </g>
);

/** A blade on the stone, lifted: edge at the left, spine at the right. */
const OnStone = ({
  heightMm,
  offsetMm,
  angleDeg,
  liftMm,
  steps = 0,
}: {
  heightMm: number;
  offsetMm: number;
  angleDeg: number;
  liftMm: number;
  steps?: number;
}) => {
  const scale = Math.min(
    (WIDTH - 190) / heightMm,
    (FLOOR - 30) / Math.max(liftMm + 2 * offsetMm, 1),
  );
  const theta = (angleDeg * Math.PI) / 180;
  const ex = 60;
  // Nothing but the drawing: what stands above the blade is cut away.
  const top = Math.max(0, FLOOR - (liftMm + 2 * offsetMm) * scale - 24);
  const at = (along: number, across: number): string =>
    `${ex + (along * Math.cos(theta) + across * Math.sin(theta)) * scale},${FLOOR - (along * Math.sin(theta) - across * Math.cos(theta)) * scale}`;
  const spineX = ex + (heightMm * Math.cos(theta) + offsetMm * Math.sin(theta)) * scale;
  const liftY = FLOOR - liftMm * scale;
  return (
    <DrawingSheet leastPx={500}>
      <Svg
        viewBox={`0 ${top} ${WIDTH} ${HEIGHT - top}`}
        role="img"
        aria-label={STRINGS.aBladeMmHighHeldAt(heightMm, angleDeg.toFixed(1), liftMm.toFixed(1))}
      >
        <Stone />
        {Array.from({ length: steps }, (_, index) => (
          <rect
            key={index}
            x={spineX - 34}
            width={40}
            y={FLOOR - ((index + 1) * liftMm * scale) / steps}
            height={(liftMm * scale) / steps}
            fill="var(--accent-soft)"
            stroke="var(--accent)"
          />
        ))}
        <polygon
          points={`${at(0, 0)} ${at(heightMm, offsetMm)} ${at(heightMm, -offsetMm)}`}
          fill="var(--steel)"
          stroke="var(--ink)"
          strokeWidth={1.6}
        />
        <path
          d={`M${spineX + 22} ${FLOOR}V${liftY}M${spineX + 15} ${FLOOR}h14M${spineX + 15} ${liftY}h14`}
          stroke="var(--accent)"
          strokeWidth={2}
          fill="none"
        />
        <text x={spineX + 36} y={(FLOOR + liftY) / 2 + 5}>
          {liftMm.toFixed(2)} mm
        </text>
        <text x={ex + 70} y={FLOOR - 8} textAnchor="start">
          {angleDeg.toFixed(1)}°
        </text>
      </Svg>
    </DrawingSheet>
  );
};

const LiftPicture = ({ inputs, raw }: PictureProps) => (
  <OnStone
    heightMm={value(inputs, 'heightMm')}
    offsetMm={value(inputs, 'spineOffsetMm')}
    angleDeg={value(inputs, 'angleDeg')}
    liftMm={raw['liftMm'] as number}
  />
);

const ShimsPicture = ({ inputs, raw }: PictureProps) => {
  const chosen = raw[raw['nearest'] as 'below' | 'above'] as {
    count: number;
    angleDeg: number | null;
  };
  return (
    <OnStone
      heightMm={value(inputs, 'heightMm')}
      offsetMm={value(inputs, 'spineOffsetMm')}
      angleDeg={chosen.angleDeg ?? value(inputs, 'angleDeg')}
      liftMm={chosen.count * value(inputs, 'shimMm')}
      steps={Math.min(chosen.count, 60)}
    />
  );
};

/** A wedge with its apex down. */
const Wedge = ({
  halfMm,
  highMm,
  angleDeg,
  text,
  facets = [],
}: {
  halfMm: number;
  highMm: number;
  angleDeg: number;
  text: string;
  facets?: readonly (readonly [number, number])[];
}) => {
  const scale = Math.min((HEIGHT - 70) / highMm, (WIDTH * 0.3) / halfMm);
  const cx = WIDTH / 2;
  const y = (mm: number): number => HEIGHT - 30 - mm * scale;
  const side = facets.length > 0 ? facets : [[0, 0] as const, [halfMm, highMm] as const];
  const points = [
    ...side.map(([px, py]) => `${cx + px * scale},${y(py)}`),
    ...[...side].reverse().map(([px, py]) => `${cx - px * scale},${y(py)}`),
  ];
  return (
    <DrawingSheet leastPx={500}>
      <Svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} role="img" aria-label={text}>
        <polygon
          points={points.join(' ')}
          fill="var(--steel)"
          stroke="var(--ink)"
          strokeWidth={1.6}
        />
        {facets.map(([px, py]) => (
          <circle key={py} cx={cx + px * scale} cy={y(py)} r={3} fill="var(--accent)" />
        ))}
        <line
          x1={cx}
          x2={cx}
          y1={20}
          y2={HEIGHT - 14}
          stroke="var(--steel-deep)"
          strokeDasharray="12 4 2 4"
        />
        <path
          d={`M${cx - halfMm * scale} ${y(highMm) - 12}H${cx + halfMm * scale}`}
          stroke="var(--accent)"
          strokeWidth={2}
        />
        <text x={cx + halfMm * scale + 12} y={y(highMm) - 7}>
          {(2 * halfMm).toFixed(2)} mm
        </text>
        <text x={cx + 24} y={HEIGHT - 14}>
          {STRINGS.perSideInclusive(angleDeg.toFixed(1), (2 * angleDeg).toFixed(1))}
        </text>
      </Svg>
    </DrawingSheet>
  );
};

const BevelPicture = ({ inputs, raw }: PictureProps) => (
  <Wedge
    halfMm={value(inputs, 'shoulderMm')}
    highMm={raw['bevelHeightMm'] as number}
    angleDeg={raw['angleDeg'] as number}
    text={STRINGS.aBevelOfPerSide((raw['angleDeg'] as number).toFixed(1))}
  />
);

const RazorPicture = ({ inputs, raw }: PictureProps) => (
  <Wedge
    halfMm={value(inputs, 'widthMm') * Math.tan(((raw['angleDeg'] as number) * Math.PI) / 180)}
    highMm={value(inputs, 'widthMm')}
    angleDeg={raw['angleDeg'] as number}
    text={STRINGS.aRazorRestingAtPerSide((raw['angleDeg'] as number).toFixed(1))}
  />
);

const ConvexPicture = ({ raw }: PictureProps) => {
  const facets = raw['facets'] as readonly { angleDeg: number; widthMm: number }[];
  // From the apex up: the last facet comes first.
  const corners = [...facets].reverse().reduce<[number, number][]>(
    (points, { angleDeg, widthMm }) => {
      const [x, y] = points[points.length - 1]!;
      const theta = (angleDeg * Math.PI) / 180;
      return [...points, [x + widthMm * Math.sin(theta), y + widthMm * Math.cos(theta)]];
    },
    [[0, 0]],
  );
  const [halfMm, highMm] = corners[corners.length - 1]!;
  return (
    <Wedge
      halfMm={halfMm}
      highMm={highMm}
      angleDeg={facets[facets.length - 1]!.angleDeg}
      facets={corners}
      text={STRINGS.aConvexEdgeInFacets(facets.length)}
    />
  );
};

const RailPicture = ({ inputs, raw }: PictureProps) => {
  const distance = value(inputs, 'distanceMm');
  const offset = value(inputs, 'offsetMm');
  const scale = Math.min((WIDTH - 140) / distance, (HEIGHT - 90) / Math.max(offset, 1));
  const y = HEIGHT - 60;
  return (
    <DrawingSheet leastPx={500}>
      <Svg
        viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
        role="img"
        aria-label={STRINGS.aRailMmFromTheEdge(distance, offset)}
      >
        <line
          x1={50}
          x2={60 + distance * scale}
          y1={y}
          y2={y}
          stroke="var(--steel)"
          strokeWidth={9}
        />
        <line
          x1={50}
          x2={50 + distance * scale}
          y1={y}
          y2={y - offset * scale}
          stroke="var(--accent)"
          strokeWidth={3}
        />
        <rect
          x={44 + distance * scale}
          y={y - offset * scale - 12}
          width={12}
          height={12}
          fill="var(--steel-deep)"
          stroke="var(--ink)"
        />
        <text x={60 + distance * scale} y={y - (offset * scale) / 2}>
          {offset} mm
        </text>
        <text x={50 + (distance * scale) / 2} y={y + 26} textAnchor="middle">
          {distance} mm
        </text>
        <text x={110} y={y - 10}>
          {(raw['angleDeg'] as number).toFixed(1)}°
        </text>
      </Svg>
    </DrawingSheet>
  );
};

/** The angle along the edge, as clamped now and at the best place. */
const ClampPicture = ({ raw }: PictureProps) => {
  const { edge, angleDeg, best } = raw as unknown as ClampRaw;
  const all = [...angleDeg, ...best.angleDeg];
  const low = Math.floor(Math.min(...all)) - 0.5;
  const high = Math.ceil(Math.max(...all)) + 0.5;
  const [from, to] = [edge[0]![0], edge[edge.length - 1]![0]];
  const x = (z: number): number => 60 + ((z - from) / (to - from)) * (WIDTH - 90);
  const y = (angle: number): number => 20 + ((high - angle) / (high - low)) * (HEIGHT - 70);
  const line = (angles: readonly number[]): string =>
    angles
      .map((angle, index) => `${index === 0 ? 'M' : 'L'}${x(edge[index]![0])} ${y(angle)}`)
      .join('');
  return (
    <DrawingSheet leastPx={500}>
      <Svg
        viewBox={`0 0 ${WIDTH} ${HEIGHT + 20}`}
        role="img"
        aria-label={STRINGS.angleAlongTheEdgeFromHeel(
          Math.min(...angleDeg).toFixed(1),
          Math.max(...angleDeg).toFixed(1),
          Math.min(...best.angleDeg).toFixed(1),
          Math.max(...best.angleDeg).toFixed(1),
        )}
      >
        {Array.from({ length: Math.floor(high - low) + 1 }, (_, index) => Math.ceil(low) + index)
          .filter((angle) => (high - low < 12 || angle % 5 === 0) && angle <= high)
          .map((angle) => (
            <g key={angle}>
              <line x1={60} x2={WIDTH - 30} y1={y(angle)} y2={y(angle)} stroke="var(--line-soft)" />
              <text x={52} y={y(angle) + 5} textAnchor="end">
                {angle}°
              </text>
            </g>
          ))}
        <path
          d={line(angleDeg)}
          stroke="var(--steel-deep)"
          strokeWidth={2.5}
          strokeDasharray="7 5"
          fill="none"
        />
        <path d={line(best.angleDeg)} stroke="var(--accent)" strokeWidth={4} fill="none" />
        <text x={60} y={HEIGHT - 26}>
          {STRINGS.heel}
        </text>
        <text x={WIDTH - 30} y={HEIGHT - 26} textAnchor="end">
          {STRINGS.tip}
        </text>
        <text x={60} y={HEIGHT - 6}>
          {STRINGS.dashedAsClampedNow}
        </text>
        <text x={60} y={HEIGHT + 14}>
          {STRINGS.solidBladeSlid(best.slideMm.toFixed(1))}
        </text>
      </Svg>
    </DrawingSheet>
  );
};

/** Grains of the size asked for against a hair's width. */
const GritPicture = ({ raw }: PictureProps) => {
  const um = raw['um'] as number;
  const scale = Math.min(1.6, 150 / um);
  const radius = Math.max(0.6, (um * scale) / 2);
  return (
    <DrawingSheet leastPx={500}>
      <Svg
        viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
        role="img"
        aria-label={STRINGS.aGrainOfBesideAHair(um.toFixed(1))}
      >
        <rect
          x={90}
          y={20}
          width={70 * scale}
          height={HEIGHT - 70}
          fill="var(--steel)"
          stroke="var(--ink)"
        />
        <text x={90} y={HEIGHT - 22}>
          {STRINGS.aHair70}
        </text>
        <polygon
          points={Array.from({ length: 9 }, (_, index) => {
            const turn = (index * 2 * Math.PI) / 9;
            const r = radius * (index % 2 === 0 ? 1 : 0.82);
            return `${420 + r * Math.cos(turn)},${130 + r * Math.sin(turn)}`;
          }).join(' ')}
          fill="var(--accent-soft)"
          stroke="var(--accent)"
        />
        <text x={420} y={HEIGHT - 22} textAnchor="middle">
          {STRINGS.medianGrainUm(um.toFixed(1))}
        </text>
      </Svg>
    </DrawingSheet>
  );
};

export const PICTURES: Readonly<Record<string, (props: PictureProps) => ReactNode>> = {
  lift: LiftPicture,
  shims: ShimsPicture,
  bevel: BevelPicture,
  razor: RazorPicture,
  rail: RailPicture,
  clamp: ClampPicture,
  convex: ConvexPicture,
  grit: GritPicture,
};
