/** A blade as its outline, to scale: how it is recognised everywhere. */
import { bladeKind, bladeOutline, type BladeMeasures, type BladePoint } from '@patient-edge/core';
import styled from 'styled-components';
import { useMemo } from 'react';

const HANDLE_MM = { riveted: 112, octagonal: 128, turned: 112, scales: 100, haft: 90, none: 0 };
const MARGIN_MM = 3;

interface Drawn {
  readonly width: number;
  readonly height: number;
  readonly left: number;
  readonly top: number;
  readonly blade: string;
  readonly edge: string;
  readonly handle: string;
}

const path = (points: readonly BladePoint[], close: boolean): string =>
  `${points.map(([z, y], index) => `${index === 0 ? 'M' : 'L'}${z.toFixed(2)} ${(-y).toFixed(2)}`).join('')}${close ? 'Z' : ''}`;

const handlePath = (style: keyof typeof HANDLE_MM, heelMm: number, spineMm: number): string => {
  const length = HANDLE_MM[style];
  const top = -spineMm;
  switch (style) {
    case 'none':
      return '';
    case 'haft': {
      const low = top + Math.min(34, heelMm * 0.28);
      return `M0 ${top + 6}L${-length} ${top + 12}l-4 8 5 5-4 7L0 ${low + 6}Z`;
    }
    case 'octagonal':
      return `M-10 ${top + 3}L-14 ${top + 1}H${-length}v21H-14L-10 ${top + 19}Z`;
    case 'scales':
      return `M0 ${top + 1}C-20 ${top - 3} ${-length * 0.7} ${top + 1} ${-length} ${top - 1}c-7 7-6 15-1 20C${-length * 0.6} ${top + 24} -16 ${top + 17} 0 ${top + Math.min(20, heelMm)}Z`;
    case 'turned':
      return `M-6 ${top + 2}C-24 ${top - 3} ${-length * 0.6} ${top - 3} ${-length} ${top + 3}c-5 4-5 12 0 16C${-length * 0.6} ${top + 24} -24 ${top + 22} -6 ${top + 16}Z`;
    case 'riveted':
      return `M-8 ${top + 2}C-30 ${top - 2} ${-length * 0.7} ${top} ${-length} ${top + 3}c-6 6-5 17 2 21C${-length * 0.6} ${top + 21} -30 ${top + 22} -8 ${top + 21}Z`;
  }
};

const draw = (measures: BladeMeasures): Drawn => {
  const kind = bladeKind(measures.kindId);
  const { edge, spine } = bladeOutline(measures);
  const handleMm = HANDLE_MM[kind.handle];
  const highest = Math.max(...spine.map(([, y]) => y));
  const spineAtHeel = spine[0]![1];
  const left = -(handleMm + 8) - MARGIN_MM;
  const neck = kind.handle === 'haft' || kind.handle === 'none' ? [] : neckPoints(spineAtHeel);
  return {
    left,
    top: -highest - 5 - MARGIN_MM,
    width: measures.edgeLengthMm - left + MARGIN_MM,
    height: highest + 5 + 2 * MARGIN_MM + Math.max(0, 26 - spineAtHeel),
    blade: path([...edge, ...[...spine].reverse(), ...neck], true),
    edge: path(edge, false),
    handle: handlePath(kind.handle, measures.heightHeelMm, spineAtHeel),
  };
};

/** Where blade and handle meet. */
const neckPoints = (spineMm: number): BladePoint[] => [
  [-10, spineMm - 2],
  [-10, spineMm - Math.min(16, spineMm * 0.8)],
];

const Svg = styled.svg`
  display: block;
  overflow: visible;
  max-width: 100%;
`;

interface SilhouetteProps {
  readonly measures: BladeMeasures;
  /** Pixels for one millimetre; all blades of a list share it. */
  readonly scale: number;
  readonly title?: string;
}

export const Silhouette = ({ measures, scale, title }: SilhouetteProps) => {
  const drawn = useMemo(() => draw(measures), [measures]);
  return (
    <Svg
      width={drawn.width * scale}
      height={drawn.height * scale}
      viewBox={`${drawn.left} ${drawn.top} ${drawn.width} ${drawn.height}`}
      role={title === undefined ? undefined : 'img'}
      aria-label={title}
      aria-hidden={title === undefined}
    >
      <path d={drawn.handle} fill="var(--steel-deep)" stroke="var(--ink)" strokeWidth={0.7} />
      <path
        d={drawn.blade}
        fill="var(--steel)"
        stroke="var(--ink)"
        strokeWidth={0.9}
        strokeLinejoin="round"
      />
      <path d={drawn.edge} fill="none" stroke="var(--ink)" strokeWidth={2} strokeLinecap="round" />
    </Svg>
  );
};
