/** Instruments at a step: which are on, on this device. */
import { useShared } from '../api/shared';

export interface BenchToolsOn {
  readonly gauge: boolean;
  readonly scale: boolean;
  readonly microphone: boolean;
}

const OFF: BenchToolsOn = { gauge: false, scale: false, microphone: false };

export const useBenchTools = () => useShared<BenchToolsOn>('bench tools', OFF);
