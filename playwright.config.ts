import { defineConfig } from '@playwright/test'
import { CHROMIUM_FLAGS } from './scripts/chromiumFlags.mjs'

export default defineConfig({
  testDir: 'e2e',
  // Of a machine others use too: a minute that is lost to them is no fault of a page.
  timeout: 240_000,
  expect: { timeout: 60_000 },
  workers: 2,
  fullyParallel: true,
  forbidOnly: true,
  reporter: [['list']],
  globalSetup: './e2e/makeTemplate.ts',
  use: {
    locale: 'en-GB',
    // Pages kept on a device would answer in the place of the server that is tried.
    serviceWorkers: 'block',
    timezoneId: 'Europe/London',
    launchOptions: {
      executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium',
      args: CHROMIUM_FLAGS,
    },
  },
  projects: [
    // What does not depend on the width is driven once: at a desk, or by thumb.
    { name: 'desk', grepInvert: /@phone/, use: { viewport: { width: 1280, height: 800 } } },
    {
      name: 'phone',
      grepInvert: /@desk/,
      testMatch:
        /(turnover|lots|ledger|pots|lists|goingOn|kept|looks|wateredMixes|otherWidth|mixesByThumb|drainClock|outbox|access|outdoors|ladder|manyFound|batches|plan|endOfSeason|trials|trialLooks|trialVerdicts|benchReference|candidates)\.spec\.ts/,
      use: { viewport: { width: 390, height: 844 }, hasTouch: true },
    },
  ],
})
