/** Strokes counted by ear: the microphone is asked for when it is wanted, and nothing of it is kept. */
import { rhythmOf, type HeardRhythm, type HeardStroke } from '@patient-edge/core';
import { useEffect, useRef, useState } from 'react';
import workletUrl from '../workers/stroke-worklet.ts?worker&url';
import { STRINGS } from './strings';

/** Tempo and evenness are of the last so many. */
const LAST = 12;

export interface Microphone {
  readonly heard: number;
  readonly rhythm: HeardRhythm | null;
  readonly problem: string | null;
}

const problemOf = (error: unknown): string => {
  const name = error instanceof DOMException ? error.name : '';
  if (name === 'NotAllowedError') return STRINGS.theBrowserWasNotAllowedTo;
  if (name === 'NotFoundError') return STRINGS.noMicrophoneWasFoundOnThis;
  return error instanceof Error ? error.message : String(error);
};

export const useMicrophone = (isOn: boolean, onStroke: () => void): Microphone => {
  const [strokes, setStrokes] = useState<readonly HeardStroke[]>([]);
  const [count, setCount] = useState(0);
  const [problem, setProblem] = useState<string | null>(null);
  const heard = useRef(onStroke);
  useEffect(() => {
    heard.current = onStroke;
  });
  useEffect(() => {
    if (!isOn) return;
    let end = (): void => undefined;
    let isEnded = false;
    const open = async (): Promise<void> => {
      // The browser's own cleaning takes the very noise out that is listened for.
      const stream = await navigator.mediaDevices.getUserMedia({
        audio: { echoCancellation: false, noiseSuppression: false, autoGainControl: false },
      });
      const context = new AudioContext();
      end = () => {
        for (const track of stream.getTracks()) track.stop();
        void context.close();
      };
      if (isEnded) {
        end();
        return;
      }
      await context.audioWorklet.addModule(workletUrl);
      const listener = new AudioWorkletNode(context, 'stroke-listener');
      listener.port.onmessage = ({ data }: MessageEvent<HeardStroke>) => {
        setStrokes((before) => [...before, data].slice(-LAST));
        setCount((before) => before + 1);
        heard.current();
      };
      context.createMediaStreamSource(stream).connect(listener);
      setProblem(null);
    };
    void open().catch((error: unknown) => setProblem(problemOf(error)));
    return () => {
      isEnded = true;
      end();
    };
  }, [isOn]);
  return { heard: count, rhythm: rhythmOf(strokes), problem };
};
