/** What the force tester sends, as a trace of the last seconds and the severings found in it. */
import { severings, type Severing } from '@patient-edge/core';
import { useEffect, useRef, useState } from 'react';

export const FORCE_RATE_HZ = 200;
/** The trace that is kept, and looked through, s. */
const KEPT_S = 8;
const KEPT = KEPT_S * FORCE_RATE_HZ;
/** Two that are nearer are one, s. */
const SAME_S = 0.15;

export interface ForceStream {
  readonly trace: readonly number[];
  /** Those in the trace, from its beginning. */
  readonly found: readonly Severing[];
  readonly isLost: boolean;
}

/** `onSevered` hears of each severing once, as it is found. */
export const useForceStream = (
  isOpen: boolean,
  onSevered: (peakGf: number) => void,
): ForceStream => {
  const [stream, setStream] = useState<ForceStream>({ trace: [], found: [], isLost: false });
  const heard = useRef(onSevered);
  useEffect(() => {
    heard.current = onSevered;
  });
  useEffect(() => {
    if (!isOpen) return;
    let trace: readonly number[] = [];
    let dropped = 0;
    // When the last severing that was told was found, in samples from the beginning of the stream.
    let toldS = -1;
    const source = new EventSource('/api/devices/force');
    const lost = (): void => {
      source.close();
      setStream((held) => ({ ...held, isLost: true }));
    };
    source.addEventListener('message', ({ data }: MessageEvent<string>) => {
      const { gf } = JSON.parse(data) as { gf: readonly number[] };
      const longer = [...trace, ...gf];
      dropped += Math.max(0, longer.length - KEPT);
      trace = longer.slice(-KEPT);
      const found = severings(trace, FORCE_RATE_HZ);
      setStream({ trace, found, isLost: false });
      for (const { atS, peakGf } of found) {
        const sinceBeginS = atS + dropped / FORCE_RATE_HZ;
        if (sinceBeginS <= toldS + SAME_S) continue;
        toldS = sinceBeginS;
        heard.current(peakGf);
      }
    });
    source.addEventListener('gone', lost);
    source.addEventListener('error', lost);
    return () => source.close();
  }, [isOpen]);
  return stream;
};
