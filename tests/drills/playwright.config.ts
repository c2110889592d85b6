import { defineConfig } from '@playwright/test';

/** Long drills one at a time: they measure, and what they do to a garden is hard enough on the machine. Each has a server of its own. */
export default defineConfig({
  testDir: '.',
  workers: process.env.METAPLANT_DRILL === 'long' ? 1 : 2,
  fullyParallel: process.env.METAPLANT_DRILL !== 'long',
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
