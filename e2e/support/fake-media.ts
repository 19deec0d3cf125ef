/** A browser whose camera or microphone is a file. */
import { chromium, type Browser } from '@playwright/test';
import browserSettings from '../../playwright.config';

/** `from`: the file that is shown to the camera, over and over, or played once to the microphone. */
export const launchWithMedia = (
  from: { camera: string } | { microphone: string },
): Promise<Browser> =>
  chromium.launch({
    ...browserSettings.use?.launchOptions,
    args: [
      ...(browserSettings.use?.launchOptions?.args ?? []),
      '--use-fake-ui-for-media-stream',
      '--use-fake-device-for-media-stream',
      'camera' in from
        ? `--use-file-for-fake-video-capture=${from.camera}`
        : `--use-file-for-fake-audio-capture=${from.microphone}%noloop`,
    ],
  });
