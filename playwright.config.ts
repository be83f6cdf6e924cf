import { defineConfig } from '@playwright/test'
import { CHROMIUM } from './scripts/chromium.ts'

export default defineConfig({
  testDir: 'e2e',
  workers: 1,
  // One stack for all: the tests follow one another like an evening.
  fullyParallel: false,
  // A slow machine is no failure: what is waited for is a condition, and these end only what never comes.
  timeout: 600_000,
  expect: { timeout: 120_000 },
  reporter: [['list'], ['json', { outputFile: process.env.E2E_REPORT ?? 'test-results/e2e.json' }]],
  use: {
    baseURL: process.env.E2E_WEB ?? 'http://127.0.0.1:4000',
    viewport: { width: 1280, height: 800 },
    screenshot: 'only-on-failure',
    // Recording every step slows all of them down; it is asked for when a failure is looked into.
    trace: process.env.E2E_TRACE === undefined ? 'off' : 'retain-on-failure',
    launchOptions: CHROMIUM,
  },
})
