import { defineConfig } from '@playwright/test';

/** Debian's Chromium, nothing downloaded; the background chatter of a browser is switched off. */
export default defineConfig({
  testDir: 'e2e',
  // One after another: beside each other on two cores they wait for one another longer than they save.
  workers: 1,
  // Wide, for a machine that is shared: what is asserted is what happens, not how soon.
  timeout: 400_000,
  expect: { timeout: 45_000 },
  reporter: [['list'], ['json']],
  outputDir: 'test-results',
  use: {
    viewport: { width: 1280, height: 800 },
    launchOptions: {
      executablePath: process.env['CHROMIUM'] ?? '/usr/bin/chromium',
      args: [
        '--no-sandbox',
        '--disable-gpu',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
      ],
    },
  },
});
