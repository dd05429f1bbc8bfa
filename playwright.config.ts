import { defineConfig } from '@playwright/test';
import { LAUNCH } from './tests/e2e/browser.ts';

export default defineConfig({
  testDir: 'tests/e2e',
  testMatch: '*.spec.ts',
  fullyParallel: true,
  workers: 2,
  // a machine may be busy with something else: states are waited for, long enough for a slow one
  timeout: 150_000,
  expect: { timeout: 30_000 },
  // where everything fails, each walk waiting its whole time, the run ends with what failed instead of being cut off
  maxFailures: 20,
  reporter: process.env['PLAYWRIGHT_JSON_OUTPUT_NAME'] ? [['line'], ['json']] : 'line',
  // the tests of the phone alone let the service worker in: it answers in place of the server
  use: { serviceWorkers: 'block' },
  projects: [
    {
      name: 'desktop',
      // what phones do away from home, and what is tagged for the other size
      testIgnore: ['offline.spec.ts', 'phone.spec.ts'],
      grepInvert: /@phone/,
      use: { viewport: { width: 1280, height: 800 }, launchOptions: LAUNCH }
    },
    {
      name: 'phone',
      grepInvert: /@desktop/,
      use: { viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true, launchOptions: LAUNCH }
    }
  ]
});
