import { defineConfig } from '@playwright/test'
import { CHROMIUM, FLAGS } from './scripts/browser-flags'

const PORT = 4199

/** Browser tests through the real interface, in Debian's Chromium, against the production build served by our own server. */
export default defineConfig({
  testDir: 'tests/browser',
  outputDir: 'test-results/traces',
  timeout: 240_000,
  fullyParallel: true,
  // Long, for a slow machine that plans in two pages at once.
  expect: { timeout: 60_000 },
  workers: 2,
  // Once in thousands of presses a browser without a screen stops drawing for good; what passes only then is named in the summary.
  retries: 1,
  reporter: [['list'], ['json', { outputFile: 'test-results/browser.json' }]],
  use: {
    baseURL: `http://localhost:${PORT}/`,
    viewport: { width: 1280, height: 800 },
    // English where the euro is paid in: the page takes the currency from it.
    locale: 'en-IE',
    timezoneId: 'UTC',
    colorScheme: 'light',
    serviceWorkers: 'block',
    trace: 'off',
    launchOptions: {
      executablePath: CHROMIUM,
      args: [
        ...FLAGS,
        '--host-resolver-rules=MAP * ~NOTFOUND, EXCLUDE 127.0.0.1, EXCLUDE localhost'
      ]
    }
  },
  webServer: {
    command: 'node scripts/start.mjs',
    url: `http://localhost:${PORT}/`,
    env: { PORT: String(PORT) },
    reuseExistingServer: false,
    timeout: 120_000
  }
})
