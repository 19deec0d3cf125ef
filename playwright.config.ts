import { defineConfig } from '@playwright/test';

/** Debian's Chromium, nothing downloaded; the background chatter of a browser is switched off. */
export default defineConfig({
  testDir: 'e2e',
  // Files run beside each other; each has shops, ports and databases of its own.
  workers: 2,
  timeout: 120_000,
  expect: { timeout: 10_000 },
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
