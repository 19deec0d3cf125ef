import { fireEvent, render, screen } from '@testing-library/react';
import { useRef } from 'react';
import { useMovedView } from './use-moved-view';

/** A picture of 4000 by 3000 pixels in a frame of 400 by 300: a tenth fits. */
const SIZE = { width: 400, height: 300 };

const Picture = ({ onPoint }: { onPoint: (point: { x: number; y: number }) => void }) => {
  const frame = useRef<HTMLDivElement>(null);
  const { view, moving, zoomBy, showAll, hands } = useMovedView({
    frame,
    size: SIZE,
    widthPx: 4000,
    heightPx: 3000,
    onPoint,
  });
  return (
    <>
      <div ref={frame} role="application" tabIndex={0} {...hands}>
        {JSON.stringify(view)}
      </div>
      <p>{moving ? 'moving' : 'still'}</p>
      <button type="button" onClick={() => zoomBy(2)}>
        Nearer
      </button>
      <button type="button" onClick={showAll}>
        All
      </button>
    </>
  );
};

const shown = () => {
  const onPoint = jest.fn();
  render(<Picture onPoint={onPoint} />);
  const frame = screen.getByRole('application');
  frame.setPointerCapture = () => undefined;
  const view = () => JSON.parse(frame.textContent) as { scale: number; x: number; y: number };
  return { onPoint, frame, view };
};

/** As a browser sends it: this test's DOM leaves the place out of pointer events. */
const pointer = (frame: HTMLElement, type: string, clientX: number, clientY: number): void => {
  fireEvent(frame, new MouseEvent(type, { bubbles: true, clientX, clientY }));
};

describe('a picture in its frame', () => {
  test('begins whole, and shows whole again when asked', () => {
    const { view } = shown();
    expect(view()).toEqual({ scale: 0.1, x: 0, y: 0 });
    fireEvent.click(screen.getByText('Nearer'));
    expect(view().scale).toBeCloseTo(0.2, 9);
    fireEvent.click(screen.getByText('All'));
    expect(view()).toEqual({ scale: 0.1, x: 0, y: 0 });
  });

  test('is enlarged about the place under the wheel, which stays where it is', () => {
    const { frame, view } = shown();
    const at = { clientX: 100, clientY: 60 };
    const placeOf = () => ({
      x: (100 - view().x) / view().scale,
      y: (60 - view().y) / view().scale,
    });
    const before = placeOf();
    fireEvent.wheel(frame, { ...at, deltaY: -300 });
    expect(view().scale).toBeGreaterThan(0.15);
    expect(placeOf().x).toBeCloseTo(before.x, 6);
    expect(placeOf().y).toBeCloseTo(before.y, 6);
  });

  test('is never enlarged beyond six, nor made much smaller than the frame', () => {
    const { frame, view } = shown();
    for (let turn = 0; turn < 40; turn += 1) fireEvent.wheel(frame, { deltaY: -500 });
    expect(view().scale).toBe(6);
    for (let turn = 0; turn < 80; turn += 1) fireEvent.wheel(frame, { deltaY: 500 });
    expect(view().scale).toBeCloseTo(0.08, 9);
  });

  test('a click sets a point in the picture’s own pixels; beside the picture it sets none', () => {
    const { frame, onPoint } = shown();
    fireEvent.click(frame, { clientX: 200, clientY: 150 });
    expect(onPoint).toHaveBeenLastCalledWith({ x: 2000, y: 1500 });
    fireEvent.click(frame, { clientX: 500, clientY: 150 });
    expect(onPoint).toHaveBeenCalledTimes(1);
  });

  test('a hand that trembles clicks; one that drags moves the picture and sets no point', () => {
    const { frame, view, onPoint } = shown();
    pointer(frame, 'pointerdown', 100, 100);
    pointer(frame, 'pointermove', 102, 101);
    pointer(frame, 'pointerup', 0, 0);
    fireEvent.click(frame, { clientX: 102, clientY: 101 });
    expect(onPoint).toHaveBeenCalledTimes(1);
    expect(view()).toEqual({ scale: 0.1, x: 0, y: 0 });

    pointer(frame, 'pointerdown', 100, 100);
    pointer(frame, 'pointermove', 140, 90);
    expect(screen.getByText('moving')).toBeTruthy();
    expect(view()).toEqual({ scale: 0.1, x: 40, y: -10 });
    pointer(frame, 'pointerup', 0, 0);
    fireEvent.click(frame, { clientX: 140, clientY: 90 });
    expect(onPoint).toHaveBeenCalledTimes(1);
    expect(screen.getByText('still')).toBeTruthy();
  });

  test('keys do all of it: enlarge, move, and set a point in the middle', () => {
    const { frame, view, onPoint } = shown();
    fireEvent.keyDown(frame, { key: '+' });
    expect(view().scale).toBeCloseTo(0.125, 9);
    const { x } = view();
    fireEvent.keyDown(frame, { key: 'ArrowRight' });
    expect(view().x).toBeCloseTo(x - 60, 9);
    fireEvent.keyDown(frame, { key: 'ArrowLeft' });
    fireEvent.keyDown(frame, { key: 'Enter' });
    const [point] = onPoint.mock.calls[0] as [{ x: number; y: number }];
    expect(point.x).toBeCloseTo(2000, 6);
    expect(point.y).toBeCloseTo(1500, 6);
  });
});
