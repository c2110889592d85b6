import { defineConfig } from '@playwright/test';

/** One drill at a time: they measure memory, and what they do to a garden is hard enough on the machine. */
export default defineConfig({
  testDir: '.',
  workers: 1,
  // A long drill takes as long as it takes; one that hangs is ended.
  timeout: process.env.METAPLANT_DRILL === 'long' ? 3_600_000 : 600_000,
  outputDir: '../../test-results-drills',
  reporter: [['list'], ['json', { outputFile: process.env.METAPLANT_RESULTS ?? '../../.build/results/drills.json' }]],
  use: {
    browserName: 'chromium',
    launchOptions: {
      executablePath: '/usr/bin/chromium',
      args: ['--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking', '--disable-component-update', '--disable-sync'],
    },
  },
});
