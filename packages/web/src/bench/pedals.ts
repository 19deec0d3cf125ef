/** Foot pedals: what each key of them does at the bench. They belong to the device they are plugged into. */
import { useStored } from '../api/stored';
import { STRINGS } from './strings';

export const PEDAL_ACTIONS = ['stroke', 'go on', 'swap', 'undo', 'clock', 'park'] as const;
export type PedalAction = (typeof PEDAL_ACTIONS)[number];

export const PEDAL_ACTION_LABELS: Readonly<Record<PedalAction, string>> = {
  stroke: 'Stroke',
  'go on': STRINGS.nextTheUsualAnswerThenDone,
  swap: STRINGS.swapSides,
  undo: STRINGS.undo,
  clock: STRINGS.clock,
  park: STRINGS.customerParkEverything,
};

export interface Pedal {
  /** As the browser names it: ' ', 'PageDown', 'b'. */
  readonly key: string;
  readonly press: PedalAction;
  /** Held down; null where it is the same as a press. */
  readonly hold: PedalAction | null;
}

/** A pedal sends what its maker set: these are the keys most are set to, and any other can be learnt. */
export const PEDAL_PROFILES: Readonly<Record<'1' | '2' | '3', readonly Pedal[]>> = {
  '1': [{ key: ' ', press: 'stroke', hold: 'go on' }],
  '2': [
    { key: ' ', press: 'stroke', hold: null },
    { key: 'PageDown', press: 'go on', hold: 'park' },
  ],
  '3': [
    { key: ' ', press: 'stroke', hold: null },
    { key: 'PageDown', press: 'go on', hold: 'park' },
    { key: 'PageUp', press: 'undo', hold: 'swap' },
  ],
};

const NONE: readonly Pedal[] = [];

export const usePedals = () => useStored<readonly Pedal[]>('pedals', NONE);
