/**
 * Every action of the bench by key. Space is always a stroke, whatever was touched last: a button keeps the focus after a
 * press, and a pedal must not press it again. Enter presses what has the focus.
 */
import { useKeys } from '../theme/use-keys';
import { usePedals, type PedalAction } from './pedals';
import { STRINGS } from './strings';

export interface BenchKeys {
  readonly stroke: () => void;
  readonly right: () => void;
  readonly left: () => void;
  readonly tenMore: () => void;
  readonly swap: () => void;
  readonly clock: () => void;
  readonly undo: () => void;
  readonly burr: (index: number) => void;
  /** Along a whole side: slight or none. */
  readonly along: (side: 'right' | 'left', finding: 'slight' | 'none') => void;
  readonly goOn: () => void;
  readonly done: () => void;
  readonly steps: () => void;
  readonly signs: () => void;
  readonly details: () => void;
  readonly park: () => void;
  /** Of a tray. */
  readonly nextBlade: () => void;
}

/** In the order the help shows them. */
export const BENCH_KEYS = [
  [' ', 'space', 'stroke'],
  ['ArrowRight', '→', 'right'],
  ['ArrowLeft', '←', 'left'],
  ['+', '+', STRINGS.tenMore],
  ['s', 's', 'swap'],
  ['t', 't', 'clock'],
  ['u', 'u', 'undo'],
  ['n', 'n', STRINGS.nextTheUsualAnswer],
  ['d', 'd', 'done'],
  ['l', 'l', 'steps'],
  ['w', 'w', STRINGS.somethingWrong],
  ['i', 'i', 'instructions'],
  ['b', 'b', STRINGS.nextBladeOfATray],
  ['F2', 'F2', STRINGS.customerPark],
] as const;
export const BURR_KEYS = [
  ['1–4', STRINGS.burrRight],
  ['5–8', STRINGS.burrLeft],
  ['9 0', STRINGS.slightEverywhereRightAndLeft],
  ['( )', STRINGS.noneAnywhereRightAndLeft],
] as const;

const actionOf = (key: string, keys: BenchKeys): (() => void) | undefined => {
  if (/^[1-8]$/.test(key)) return () => keys.burr(Number(key) - 1);
  return {
    ' ': keys.stroke,
    ArrowRight: keys.right,
    ArrowLeft: keys.left,
    '+': keys.tenMore,
    s: keys.swap,
    t: keys.clock,
    u: keys.undo,
    n: keys.goOn,
    d: keys.done,
    l: keys.steps,
    w: keys.signs,
    i: keys.details,
    '9': () => keys.along('right', 'slight'),
    '0': () => keys.along('left', 'slight'),
    '(': () => keys.along('right', 'none'),
    ')': () => keys.along('left', 'none'),
    F2: keys.park,
    b: keys.nextBlade,
  }[key];
};

const pedalled = (action: PedalAction, keys: BenchKeys): (() => void) =>
  ({
    stroke: keys.stroke,
    'go on': keys.goOn,
    swap: keys.swap,
    undo: keys.undo,
    clock: keys.clock,
    park: keys.park,
  })[action];

export const useBenchKeys = (keys: BenchKeys): void => {
  const [pedals] = usePedals();
  const pedalOf = (key: string) => pedals.find((pedal) => pedal.key === key);
  useKeys(
    (key) => {
      const pedal = pedalOf(key);
      // Whatever a pedal is set to, space is a stroke.
      return pedal && key !== ' ' ? pedalled(pedal.press, keys) : actionOf(key, keys);
    },
    (key) => {
      const hold = pedalOf(key)?.hold ?? null;
      return hold === null ? undefined : pedalled(hold, keys);
    },
  );
};
