/** Keys of a page, heard wherever the focus is but in a field that is typed into. A foot pedal is a keyboard. */
import { useLayoutEffect, useRef } from 'react';

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

/** Where a key is a letter. */
const isTextField = (target: EventTarget | null): boolean => {
  if (target instanceof HTMLInputElement) return !NO_TEXT.has(target.type);
  return (
    target instanceof HTMLTextAreaElement ||
    target instanceof HTMLSelectElement ||
    (target instanceof HTMLElement && target.isContentEditable)
  );
};

/** `actionOf` gives what a key does now; undefined where it does nothing here. */
export const useKeys = (actionOf: (key: string) => (() => void) | undefined): void => {
  const latest = useRef(actionOf);
  // Before the picture: a key pressed as soon as the page is seen is counted.
  useLayoutEffect(() => {
    latest.current = actionOf;
  });
  useLayoutEffect(() => {
    const isOurs = (event: KeyboardEvent): boolean =>
      !event.ctrlKey && !event.metaKey && !event.altKey && !isTextField(event.target);
    const onKeyDown = (event: KeyboardEvent): void => {
      if (!isOurs(event)) return;
      const action = latest.current(event.key);
      if (!action) return;
      event.preventDefault();
      // Before the control that has the focus sees it.
      event.stopImmediatePropagation();
      // A pedal held down is one press.
      if (!event.repeat) action();
    };
    // A button is pressed when the key comes up.
    const onKeyUp = (event: KeyboardEvent): void => {
      if (event.key !== ' ' || !isOurs(event) || !latest.current(' ')) return;
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
