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

/** Held so long, a key means its other action. */
export const HOLD_MS = 600;

/** Where a key is a letter. */
const isTextField = (target: EventTarget | null): boolean => {
  if (target instanceof HTMLInputElement) return !NO_TEXT.has(target.type);
  return (
    target instanceof HTMLTextAreaElement ||
    target instanceof HTMLSelectElement ||
    (target instanceof HTMLElement && target.isContentEditable)
  );
};

type ActionOf = (key: string) => (() => void) | undefined;

interface HeldKey {
  readonly timer: ReturnType<typeof setTimeout>;
  readonly press: () => void;
}

/**
 * `actionOf` gives what a key does now; undefined where it does nothing here. A key that `holdOf` knows acts when it
 * comes up again, and does the other thing once it was held long enough.
 */
export const useKeys = (actionOf: ActionOf, holdOf: ActionOf = () => undefined): void => {
  const latest = useRef({ actionOf, holdOf });
  // Before the picture: a key pressed as soon as the page is seen is counted.
  useLayoutEffect(() => {
    latest.current = { actionOf, holdOf };
  });
  useLayoutEffect(() => {
    const held = new Map<string, HeldKey>();
    const isOurs = (event: KeyboardEvent): boolean =>
      !event.ctrlKey && !event.metaKey && !event.altKey && !isTextField(event.target);
    const take = (event: KeyboardEvent): void => {
      event.preventDefault();
      // Before the control that has the focus sees it.
      event.stopImmediatePropagation();
    };
    const onKeyDown = (event: KeyboardEvent): void => {
      if (!isOurs(event)) return;
      const press = latest.current.actionOf(event.key);
      const hold = latest.current.holdOf(event.key);
      if (!press) return;
      take(event);
      // A pedal held down is one press.
      if (event.repeat) return;
      if (!hold) {
        press();
        return;
      }
      const timer = setTimeout(() => {
        held.delete(event.key);
        hold();
      }, HOLD_MS);
      held.set(event.key, { timer, press });
    };
    const onKeyUp = (event: KeyboardEvent): void => {
      const key = held.get(event.key);
      if (key) {
        clearTimeout(key.timer);
        held.delete(event.key);
        take(event);
        key.press();
        return;
      }
      // A button is pressed when the key comes up.
      if (event.key === ' ' && isOurs(event) && latest.current.actionOf(' ')) take(event);
    };
    window.addEventListener('keydown', onKeyDown, { capture: true });
    window.addEventListener('keyup', onKeyUp, { capture: true });
    return () => {
      for (const { timer } of held.values()) clearTimeout(timer);
      window.removeEventListener('keydown', onKeyDown, { capture: true });
      window.removeEventListener('keyup', onKeyUp, { capture: true });
    };
  }, []);
};
