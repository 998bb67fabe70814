import { existsSync } from 'node:fs';
import { defineConfig } from '@playwright/test';

/** The same engine without a window round the page, which nobody sees here: a fifth less work for every test. */
const SHELL = '/usr/bin/chromium-headless-shell';

export default defineConfig({
  timeout: 90_000,
  // Generous: CI shares its cores, and no test is about speed.
  expect: { timeout: 15_000 },
  // What each leaves of two cores the engine's tests take; a third would warm up a browser and a kitchen of its own.
  workers: 2,
  fullyParallel: true,
  // A machine that does other work at the same time stalls a page now and then: what fails twice is broken, and what failed
  // once is named at the end.
  retries: 1,
  use: {
    actionTimeout: 20_000,
    // Keeping the pages for a dead server is a quarter of the work of a first visit: what needs them asks for it.
    serviceWorkers: 'block',
    viewport: { width: 1280, height: 800 },
    timezoneId: 'Etc/GMT-1',
    launchOptions: {
      executablePath: existsSync(SHELL) ? SHELL : '/usr/bin/chromium',
      args: [
        '--no-sandbox',
        '--disable-gpu',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
        // A page lives for some seconds here: compiling its scripts anew for speed does not pay.
        '--js-flags=--no-opt --no-sparkplug',
      ],
    },
  },
  projects: [
    { name: 'tests', testDir: './specs', testIgnore: 'devices.spec.ts' },
    // An evening in a minute needs both cores for itself: half a minute of waiting is two hours there.
    { name: 'alone', testDir: './specs', testMatch: 'devices.spec.ts', dependencies: ['tests'] },
    { name: 'shots', testDir: './shots' },
    // As a cook's browser does it.
    { name: 'bench', testDir: './bench', use: { serviceWorkers: 'allow' } },
  ],
});
