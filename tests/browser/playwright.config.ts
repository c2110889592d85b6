import { defineConfig } from '@playwright/test';

const desktop = { viewport: { width: 1280, height: 800 } };
const phone = { viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true };

/** Each worker drives a server and a garden of its own; see garden.ts. */
export default defineConfig({
  testDir: '.',
  workers: 2,
  // Two cores, two browsers and two servers: what takes a second alone takes several here. Nothing is timed by a test.
  timeout: 600_000,
  expect: { timeout: 60_000 },
  outputDir: '../../test-results',
  reporter: [['list'], ['json', { outputFile: process.env.METAPLANT_RESULTS ?? '../../.build/results/browser.json' }]],
  use: {
    browserName: 'chromium',
    actionTimeout: 60_000,
    launchOptions: {
      executablePath: '/usr/bin/chromium',
      args: ['--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking', '--disable-component-update', '--disable-sync'],
    },
  },
  projects: [
    { name: 'units', testMatch: /units\.spec\.ts/ },
    { name: 'desktop', testIgnore: /units\.spec\.ts|phone\.spec\.ts/, use: desktop },
    { name: 'phone', testMatch: /phone\.spec\.ts|screens\.spec\.ts/, use: phone },
  ],
});
