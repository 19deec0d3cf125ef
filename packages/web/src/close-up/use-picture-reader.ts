/** What a picture shows, asked of a worker; nothing is asked until somebody presses. */
import type { Glint, PicturePoint, ScratchEvenness } from '@patient-edge/core';
import type { Remote } from 'comlink';
import { useState } from 'react';
import { useRun } from '../theme/use-run';
import type { PictureWorker } from '../workers/picture-worker';
import { WorkerClient } from '../workers/worker-client';
import { readPicture, type ReadPicture } from './grey-picture';

const createPictureWorker = (): Worker =>
  new Worker(new URL('../workers/picture-worker.ts', import.meta.url), { type: 'module' });

export const usePictureReader = (src: string) => {
  const { busy, problem, run } = useRun();
  const [glints, setGlints] = useState<readonly Glint[] | null>(null);
  const [scratches, setScratches] = useState<{ found: ScratchEvenness; scale: number } | null>(
    null,
  );
  const ask = async <Answer>(
    question: (remote: Remote<PictureWorker>, read: ReadPicture) => Promise<Answer>,
    onAnswer: (answer: Answer, scale: number) => void,
  ): Promise<void> => {
    const read = await readPicture(src);
    const client = new WorkerClient<PictureWorker>(createPictureWorker);
    try {
      onAnswer(await client.run((remote) => question(remote, read)), read.scale);
    } finally {
      client.close();
    }
  };
  return {
    busy,
    problem,
    glints,
    scratches,
    run,
    findGlints: (line: readonly PicturePoint[], edgeLengthMm: number): Promise<void> =>
      run(() =>
        ask(
          (remote, { picture, scale }) =>
            remote.glints(
              picture,
              line.map(({ x, y }) => ({ x: x * scale, y: y * scale })),
              edgeLengthMm,
            ),
          setGlints,
        ),
      ),
    lookAtScratches: (corners: readonly PicturePoint[]): Promise<void> =>
      run(() =>
        ask(
          (remote, { picture, scale }) =>
            remote.scratches(
              picture,
              corners.map(({ x, y }) => ({ x: x * scale, y: y * scale })),
            ),
          (found, scale) => setScratches({ found, scale }),
        ),
      ),
  };
};
