/** Hears strokes where the sound is: samples never leave the audio thread, only the strokes that were found do. */
import { StrokeListener } from '@patient-edge/core';

/** What the thread of the sound offers; its types are in no library a page has. */
declare const sampleRate: number;
declare class AudioWorkletProcessor {
  readonly port: MessagePort;
}
declare const registerProcessor: (name: string, processor: new () => AudioWorkletProcessor) => void;

registerProcessor(
  'stroke-listener',
  class extends AudioWorkletProcessor {
    private readonly listener = new StrokeListener(sampleRate);

    process([input]: readonly (readonly Float32Array[])[]): boolean {
      const samples = input?.[0];
      if (samples) {
        for (const stroke of this.listener.hear(samples)) this.port.postMessage(stroke);
      }
      return true;
    }
  },
);
