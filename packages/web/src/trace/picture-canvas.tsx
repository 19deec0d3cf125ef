/**
 * A photograph to look at closely: moved and enlarged on a canvas that draws only what is in sight, from the
 * copy of the picture that is just fine enough, so that twelve megapixels move without a stutter. What is
 * drawn over it lies in the picture's own pixels.
 */
import type { PicturePoint } from '@patient-edge/core';
import { Minus, Plus, Scan } from 'lucide-react';
import { useRef, type ReactNode } from 'react';
import { Button } from 'react-aria-components/Button';
import styled from 'styled-components';
import { useMovedView } from './use-moved-view';
import { useDrawnPicture, useFrameSize, usePictureLevels, type View } from './use-picture';
import { STRINGS } from './strings';

const Frame = styled.div`
  position: relative;
  height: min(64vh, 620px);
  background: var(--steel-deep);
  overflow: hidden;
  touch-action: none;
  cursor: crosshair;
  &[data-moving] {
    cursor: grabbing;
  }
  & > canvas,
  & > svg {
    position: absolute;
    inset: 0;
    width: 100%;
    height: 100%;
  }
`;
const Tools = styled.div`
  position: absolute;
  right: 10px;
  top: 10px;
  display: flex;
  & button {
    width: 44px;
    height: 44px;
    display: grid;
    place-items: center;
    border: 1px solid var(--steel-deep);
    background: var(--sheet);
    color: var(--ink);
    cursor: pointer;
  }
`;

interface PictureCanvasProps {
  readonly src: string;
  readonly widthPx: number;
  readonly heightPx: number;
  readonly label: string;
  /** A click or tap on the picture that was no drag. */
  readonly onPoint: (point: PicturePoint) => void;
  /** What lies over the picture, in its pixels; `view` tells how large a pixel is shown. */
  readonly children: (view: View) => ReactNode;
}

export const PictureCanvas = ({
  src,
  widthPx,
  heightPx,
  label,
  onPoint,
  children,
}: PictureCanvasProps) => {
  const frame = useRef<HTMLDivElement>(null);
  const canvas = useRef<HTMLCanvasElement>(null);
  const levels = usePictureLevels(src);
  const size = useFrameSize(frame);
  const { view, moving, zoomBy, showAll, hands } = useMovedView({
    frame,
    size,
    widthPx,
    heightPx,
    onPoint,
  });
  useDrawnPicture(canvas, levels, size, view, { widthPx, heightPx });
  return (
    <Frame
      ref={frame}
      role="application"
      aria-label={label}
      tabIndex={0}
      {...hands}
      {...(moving ? { 'data-moving': '' } : {})}
      {...(levels.length > 0 ? { 'data-ready': '' } : {})}
    >
      <canvas ref={canvas} width={size.width} height={size.height} />
      <svg>
        <g transform={`translate(${view.x} ${view.y}) scale(${view.scale})`}>{children(view)}</g>
      </svg>
      <Tools
        onClick={(event) => event.stopPropagation()}
        onPointerDown={(event) => event.stopPropagation()}
      >
        <Button aria-label={STRINGS.nearer} onPress={() => zoomBy(1.4)}>
          <Plus size={20} />
        </Button>
        <Button aria-label={STRINGS.farther} onPress={() => zoomBy(1 / 1.4)}>
          <Minus size={20} />
        </Button>
        <Button aria-label={STRINGS.theWholePicture} onPress={showAll}>
          <Scan size={20} />
        </Button>
      </Tools>
    </Frame>
  );
};
