import { defineConfig } from '@playwright/test';

/** Debian's Chromium, nothing downloaded; the background chatter of a browser is switched off. */
export default defineConfig({
  testDir: 'e2e',
  globalSetup: './e2e/support/demo-once.ts',
  // Files side by side, each with a shop of its own: while one waits for its server the other draws.
  workers: 2,
  // Wide, for a machine that is shared: what is asserted is what happens, not how soon.
  timeout: 900_000,
  expect: { timeout: 90_000 },
  // What listens in real time comes last, when nothing else runs; alone: `--project "by ear" --no-deps`.
  projects: [
    { name: 'side by side', testIgnore: '**/by-ear.spec.ts' },
    { name: 'by ear', testMatch: '**/by-ear.spec.ts', dependencies: ['side by side'] },
  ],
  reporter: [['list'], ['json']],
  outputDir: 'test-results',
  use: {
    viewport: { width: 1280, height: 800 },
    // Only what tests the device's own copy has one: it would answer where an answer is meant to be lost.
    serviceWorkers: 'block',
    actionTimeout: 120_000,
    launchOptions: {
      executablePath: process.env['CHROMIUM'] ?? '/usr/bin/chromium-headless-shell',
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
