/** A sound file for the browser's fake microphone: strokes on a stone, made up. */
import { writeFile } from 'node:fs/promises';
import { soundOf, type MadeStrokes } from '../../packages/core/test/stroke-sound';

/** 16-bit mono PCM. */
export const writeSound = async (file: string, made: MadeStrokes): Promise<void> => {
  const samples = soundOf(made);
  const head = Buffer.alloc(44);
  const bytes = 2 * samples.length;
  head.write('RIFF', 0);
  head.writeUInt32LE(36 + bytes, 4);
  head.write('WAVEfmt ', 8);
  head.writeUInt32LE(16, 16);
  head.writeUInt16LE(1, 20);
  head.writeUInt16LE(1, 22);
  head.writeUInt32LE(made.sampleRateHz, 24);
  head.writeUInt32LE(2 * made.sampleRateHz, 28);
  head.writeUInt16LE(2, 32);
  head.writeUInt16LE(16, 34);
  head.write('data', 36);
  head.writeUInt32LE(bytes, 40);
  const body = Buffer.alloc(bytes);
  samples.forEach((sample, index) => {
    body.writeInt16LE(Math.round(32767 * Math.max(-1, Math.min(1, sample))), 2 * index);
  });
  await writeFile(file, Buffer.concat([head, body]));
};
