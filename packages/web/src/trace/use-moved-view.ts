/** A picture moved and enlarged in its frame: by wheel, by dragging and by keys. */
import type { PicturePoint } from '@patient-edge/core';
import {
  useEffect,
  useRef,
  useState,
  type KeyboardEvent,
  type MouseEvent,
  type PointerEvent,
  type RefObject,
} from 'react';
import type { Size, View } from './use-picture';

const DRAG_FROM_PX = 5;
const MOST_SCALE = 6;

interface MovedView {
  readonly frame: RefObject<HTMLDivElement | null>;
  readonly size: Size;
  readonly widthPx: number;
  readonly heightPx: number;
  readonly onPoint: (point: PicturePoint) => void;
}

export const useMovedView = ({ frame, size, widthPx, heightPx, onPoint }: MovedView) => {
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
  }, [frame]);

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

  return {
    view,
    moving,
    /** Nearer or farther about the middle of the frame. */
    zoomBy: centre,
    showAll: () => setMoved(null),
    hands: {
      onPointerDown: down,
      onPointerMove: move,
      onPointerUp: up,
      onPointerCancel: up,
      onClick: click,
      onKeyDown: keys,
    },
  };
};
