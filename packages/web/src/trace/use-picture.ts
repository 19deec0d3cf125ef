/** The copies of a picture that are drawn, and the drawing of what is in sight of them. */
import { useEffect, useLayoutEffect, useState, type RefObject } from 'react';

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

export interface Size {
  readonly width: number;
  readonly height: number;
}

/** The picture and its smaller copies; none until they are made. */
export const usePictureLevels = (src: string): readonly ImageBitmap[] => {
  const [levels, setLevels] = useState<readonly ImageBitmap[]>([]);
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
  return levels;
};

/** How large the frame is, as it changes. */
export const useFrameSize = (frame: RefObject<HTMLElement | null>): Size => {
  const [size, setSize] = useState<Size>({ width: 0, height: 0 });
  useLayoutEffect(() => {
    const element = frame.current;
    if (!element) return;
    const observer = new ResizeObserver(() =>
      setSize({ width: element.clientWidth, height: element.clientHeight }),
    );
    observer.observe(element);
    return () => observer.disconnect();
  }, [frame]);
  return size;
};

/** Draws what is in sight whenever it has changed; the canvas has the size of the frame. */
export const useDrawnPicture = (
  canvas: RefObject<HTMLCanvasElement | null>,
  levels: readonly ImageBitmap[],
  size: Size,
  view: View,
  picture: { readonly widthPx: number; readonly heightPx: number },
): void => {
  const { widthPx, heightPx } = picture;
  useLayoutEffect(() => {
    const context = canvas.current?.getContext('2d');
    if (!context || levels.length === 0 || size.width === 0) return;
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
  }, [canvas, levels, size, view.scale, view.x, view.y, widthPx, heightPx]);
};
