/**
 * Every action of the bench by key. Space is always a stroke, whatever was touched last: a button keeps the focus after a
 * press, and a pedal must not press it again. Enter presses what has the focus.
 */
import { useKeys } from '../theme/use-keys';

export interface BenchKeys {
  readonly stroke: () => void;
  readonly right: () => void;
  readonly left: () => void;
  readonly swap: () => void;
  readonly clock: () => void;
  readonly undo: () => void;
  readonly burr: (index: number) => void;
}

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

export const useBenchKeys = (keys: BenchKeys): void => useKeys((key) => actionOf(key, keys));
