/**
 * Every action of the bench by key; a foot pedal is a keyboard. Space is always a stroke, whatever was touched last:
 * a button keeps the focus after a press, and a pedal must not press it again. Enter presses what has the focus.
 */
import { useLayoutEffect, useRef } from 'react';

export interface BenchKeys {
  readonly stroke: () => void;
  readonly right: () => void;
  readonly left: () => void;
  readonly swap: () => void;
  readonly clock: () => void;
  readonly undo: () => void;
  readonly burr: (index: number) => void;
}

const NO_TEXT = new Set([
  'button',
  'checkbox',
  'color',
  'file',
  'image',
  'radio',
  'range',
  'reset',
  'submit',
]);

/** Where a space is a letter. */
const isTextField = (target: EventTarget | null): boolean => {
  if (target instanceof HTMLInputElement) return !NO_TEXT.has(target.type);
  return (
    target instanceof HTMLTextAreaElement ||
    target instanceof HTMLSelectElement ||
    (target instanceof HTMLElement && target.isContentEditable)
  );
};

const actionOf = (key: string, keys: BenchKeys): (() => void) | undefined => {
  if (/^[1-8]$/.test(key)) return () => keys.burr(Number(key) - 1);
  return {
    ' ': keys.stroke,
    ArrowRight: keys.right,
    ArrowLeft: keys.left,
    s: keys.swap,
    t: keys.clock,
    u: keys.undo,
  }[key];
};

export const useBenchKeys = (keys: BenchKeys): void => {
  const latest = useRef(keys);
  // Before the picture: a key pressed as soon as the step is seen is counted.
  useLayoutEffect(() => {
    latest.current = keys;
  });
  useLayoutEffect(() => {
    const isOurs = (event: KeyboardEvent): boolean =>
      !event.ctrlKey && !event.metaKey && !event.altKey && !isTextField(event.target);
    const onKeyDown = (event: KeyboardEvent): void => {
      if (!isOurs(event)) return;
      const action = actionOf(event.key, latest.current);
      if (!action) return;
      event.preventDefault();
      // Before the control that has the focus sees it.
      event.stopImmediatePropagation();
      // A pedal held down is one stroke.
      if (!event.repeat) action();
    };
    // A button is pressed when the key comes up.
    const onKeyUp = (event: KeyboardEvent): void => {
      if (event.key !== ' ' || !isOurs(event)) return;
      event.preventDefault();
      event.stopImmediatePropagation();
    };
    window.addEventListener('keydown', onKeyDown, { capture: true });
    window.addEventListener('keyup', onKeyUp, { capture: true });
    return () => {
      window.removeEventListener('keydown', onKeyDown, { capture: true });
      window.removeEventListener('keyup', onKeyUp, { capture: true });
    };
  }, []);
};
