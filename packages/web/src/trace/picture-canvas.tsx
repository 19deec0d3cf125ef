/**
 * A photograph to look at closely: moved and enlarged on a canvas that draws only what is in sight, from the
 * copy of the picture that is just fine enough, so that twelve megapixels move without a stutter. What is
 * drawn over it lies in the picture's own pixels.
 */
import type { PicturePoint } from '@patient-edge/core';
import {
  useEffect,
  useLayoutEffect,
  useRef,
  useState,
  type KeyboardEvent,
  type MouseEvent,
  type PointerEvent,
  type ReactNode,
} from 'react';
import { Minus, Plus, Scan } from 'lucide-react';
import { Button } from 'react-aria-components/Button';
import styled from 'styled-components';

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

/** Where the picture stands in the frame: screen = picture · scale + offset. */
export interface View {
  readonly scale: number;
  readonly x: number;
  readonly y: number;
}

/** The picture and its halves, quarters and so on: a small copy is drawn where it is fine enough. */
const halved = async (image: HTMLImageElement): Promise<ImageBitmap[]> => {
  const levels = [await createImageBitmap(image)];
  for (;;) {
    const last = levels[levels.length - 1]!;
    if (last.width < 700) return levels;
    levels.push(
      await createImageBitmap(last, {
        resizeWidth: Math.round(last.width / 2),
        resizeHeight: Math.round(last.height / 2),
        resizeQuality: 'medium',
      }),
    );
  }
};

const DRAG_FROM_PX = 5;
const MOST_SCALE = 6;

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
  const [levels, setLevels] = useState<readonly ImageBitmap[]>([]);
  const [size, setSize] = useState({ width: 0, height: 0 });
  const [moved, setMoved] = useState<View | null>(null);
  const grip = useRef<{ x: number; y: number; view: View; moving: boolean } | null>(null);
  const wasDrag = useRef(false);
  const [moving, setMoving] = useState(false);

  const fit = Math.min(size.width / widthPx, size.height / heightPx) || 1;
  const view: View = moved ?? {
    scale: fit,
    x: (size.width - widthPx * fit) / 2,
    y: (size.height - heightPx * fit) / 2,
  };

  useEffect(() => {
    const image = new Image();
    let gone = false;
    let made: readonly ImageBitmap[] = [];
    image.onload = () => {
      void halved(image).then((bitmaps) => {
        made = bitmaps;
        if (gone) for (const bitmap of bitmaps) bitmap.close();
        else setLevels(bitmaps);
      });
    };
    image.src = src;
    return () => {
      gone = true;
      for (const bitmap of made) bitmap.close();
    };
  }, [src]);

  useLayoutEffect(() => {
    const element = frame.current;
    if (!element) return;
    const observer = new ResizeObserver(() =>
      setSize({ width: element.clientWidth, height: element.clientHeight }),
    );
    observer.observe(element);
    return () => observer.disconnect();
  }, []);

  useLayoutEffect(() => {
    const element = canvas.current;
    const context = element?.getContext('2d');
    if (!element || !context || levels.length === 0 || size.width === 0) return;
    if (element.width !== size.width || element.height !== size.height) {
      element.width = size.width;
      element.height = size.height;
    }
    // The smallest copy with at least as many pixels as the screen shows.
    const wanted = Math.floor(Math.log2(1 / Math.min(1, view.scale)));
    const level = levels[Math.min(levels.length - 1, Math.max(0, wanted))]!;
    const ratio = level.width / widthPx;
    const left = Math.max(0, -view.x / view.scale);
    const top = Math.max(0, -view.y / view.scale);
    const right = Math.min(widthPx, (size.width - view.x) / view.scale);
    const bottom = Math.min(heightPx, (size.height - view.y) / view.scale);
    context.clearRect(0, 0, size.width, size.height);
    if (right <= left || bottom <= top) return;
    context.drawImage(
      level,
      left * ratio,
      top * ratio,
      (right - left) * ratio,
      (bottom - top) * ratio,
      left * view.scale + view.x,
      top * view.scale + view.y,
      (right - left) * view.scale,
      (bottom - top) * view.scale,
    );
  }, [levels, size, view.scale, view.x, view.y, widthPx, heightPx]);

  const zoom = (factor: number, atX: number, atY: number): void => {
    const scale = Math.min(MOST_SCALE, Math.max(fit * 0.8, view.scale * factor));
    setMoved({
      scale,
      x: atX - ((atX - view.x) * scale) / view.scale,
      y: atY - ((atY - view.y) * scale) / view.scale,
    });
  };
  // A wheel over the picture enlarges it and does not scroll the page: React's own listener cannot refuse.
  const onWheel = useRef<(event: WheelEvent) => void>(() => {});
  useEffect(() => {
    onWheel.current = (event) => {
      event.preventDefault();
      const box = frame.current!.getBoundingClientRect();
      zoom(Math.exp(-event.deltaY / 500), event.clientX - box.left, event.clientY - box.top);
    };
  });
  useEffect(() => {
    const element = frame.current;
    const listener = (event: WheelEvent): void => onWheel.current(event);
    element?.addEventListener('wheel', listener, { passive: false });
    return () => element?.removeEventListener('wheel', listener);
  }, []);

  const down = (event: PointerEvent): void => {
    grip.current = { x: event.clientX, y: event.clientY, view, moving: false };
  };
  const move = (event: PointerEvent): void => {
    const held = grip.current;
    if (!held) return;
    const [dx, dy] = [event.clientX - held.x, event.clientY - held.y];
    if (!held.moving && Math.hypot(dx, dy) < DRAG_FROM_PX) return;
    if (!held.moving) {
      held.moving = true;
      setMoving(true);
      event.currentTarget.setPointerCapture(event.pointerId);
    }
    setMoved({ ...held.view, x: held.view.x + dx, y: held.view.y + dy });
  };
  const up = (): void => {
    // The click that follows wants to know whether this was a drag.
    wasDrag.current = grip.current?.moving ?? false;
    grip.current = null;
    setMoving(false);
  };
  const click = (event: MouseEvent): void => {
    if (wasDrag.current) return;
    const box = frame.current!.getBoundingClientRect();
    const point = {
      x: (event.clientX - box.left - view.x) / view.scale,
      y: (event.clientY - box.top - view.y) / view.scale,
    };
    if (point.x < 0 || point.y < 0 || point.x > widthPx || point.y > heightPx) return;
    onPoint(point);
  };
  const keys = (event: KeyboardEvent): void => {
    if (event.target !== frame.current) return;
    const [cx, cy] = [size.width / 2, size.height / 2];
    const STEP = 60;
    const by: Record<string, () => void> = {
      '+': () => zoom(1.25, cx, cy),
      '-': () => zoom(0.8, cx, cy),
      ArrowLeft: () => setMoved({ ...view, x: view.x + STEP }),
      ArrowRight: () => setMoved({ ...view, x: view.x - STEP }),
      ArrowUp: () => setMoved({ ...view, y: view.y + STEP }),
      ArrowDown: () => setMoved({ ...view, y: view.y - STEP }),
      // A point where the middle of the frame is: for hands without a mouse.
      Enter: () => onPoint({ x: (cx - view.x) / view.scale, y: (cy - view.y) / view.scale }),
    };
    const act = by[event.key];
    if (!act) return;
    event.preventDefault();
    act();
  };
  const centre = (factor: number): void => zoom(factor, size.width / 2, size.height / 2);

  return (
    <Frame
      ref={frame}
      role="application"
      aria-label={label}
      tabIndex={0}
      onPointerDown={down}
      onPointerMove={move}
      onPointerUp={up}
      onPointerCancel={up}
      onClick={click}
      onKeyDown={keys}
      {...(moving ? { 'data-moving': '' } : {})}
      {...(levels.length > 0 ? { 'data-ready': '' } : {})}
    >
      <canvas ref={canvas} />
      <svg>
        <g transform={`translate(${view.x} ${view.y}) scale(${view.scale})`}>{children(view)}</g>
      </svg>
      <Tools
        onClick={(event) => event.stopPropagation()}
        onPointerDown={(event) => event.stopPropagation()}
      >
        <Button aria-label="Nearer" onPress={() => centre(1.4)}>
          <Plus size={20} />
        </Button>
        <Button aria-label="Farther" onPress={() => centre(1 / 1.4)}>
          <Minus size={20} />
        </Button>
        <Button aria-label="The whole picture" onPress={() => setMoved(null)}>
          <Scan size={20} />
        </Button>
      </Tools>
    </Frame>
  );
};
