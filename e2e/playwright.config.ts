import { defineConfig } from '@playwright/test'

export default defineConfig({
  testDir: './journeys',
  globalSetup: './bundle.ts',
  fullyParallel: true,
  workers: 2,
  retries: 0,
  // A machine that is shared may be three times as slow for a while: waiting longer costs nothing where all is well.
  timeout: 360_000,
  expect: { timeout: 60_000 },
  reporter: [['list'], ['json', { outputFile: 'test-results/report.json' }]],
  outputDir: 'test-results/artifacts',
  use: {
    viewport: { width: 1280, height: 800 },
    locale: 'en-GB',
    timezoneId: 'Europe/Berlin',
    reducedMotion: 'reduce',
    launchOptions: {
      executablePath: '/usr/bin/chromium',
      args: [
        '--no-sandbox',
        '--disable-quic',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
        '--no-first-run',
      ],
    },
  },
})
