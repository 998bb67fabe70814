import { type ChildProcess, spawn } from 'node:child_process';
import { existsSync, mkdtempSync, readFileSync, renameSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { test as base, expect, type Page } from '@playwright/test';

/** The server and its pages, as they are built. */
export const app = process.env.AMBER_APP ?? join(import.meta.dirname, '../../artifacts/app');

const FIVE_O_CLOCK = '2026-11-26T16:00:00Z';

/** A kitchen that starts at five has seeded its house by then: what comes after it is later. */
const JUST_OPENED = '2026-11-26T16:00:06Z';

/**
 * Compiling anew what was called thirty times pays in a kitchen that is open all evening: here it is a fifth of the server's work,
 * for servers that live a minute.
 */
const SHORT_LIVED = { DOTNET_TC_CallCountThreshold: '0x1000' };

/** The real server on its own data folder, at five in the afternoon, that can be killed and opened again. */
export class KitchenServer {
  private static slowestStartMs = 0;
  private process: ChildProcess | null = null;
  private openedAt = 0;
  private clockMs: number;

  private constructor(
    readonly address: string,
    readonly data: string,
    readonly demo: boolean,
    clock: string,
    readonly pace: number,
    private readonly pages?: string,
  ) {
    this.clockMs = Date.parse(clock);
  }

  /** In the log of the invented household. */
  evenings = 0;

  static async create(
    options: { demo?: boolean; clock?: string; pace?: number; evenings?: number; pages?: string } = {},
  ): Promise<KitchenServer> {
    const port = await freePort();
    const data = mkdtempSync(join(tmpdir(), 'amber-browser-'));
    const clock = options.clock ?? FIVE_O_CLOCK;
    const address = `http://127.0.0.1:${port}`;
    const server = new KitchenServer(address, data, options.demo ?? true, clock, options.pace ?? 1, options.pages);
    server.evenings = options.evenings ?? server.evenings;
    await server.open();
    return server;
  }

  async open() {
    this.spawn();
    await expect
      .poll(
        () =>
          fetch(`${this.address}/healthz`).then(
            (answer) => answer.ok,
            () => false,
          ),
        // Four times what this machine needed before, so that a busy one is waited for and a stuck one is not.
        { timeout: Math.max(60_000, 4 * KitchenServer.slowestStartMs), intervals: [50] },
      )
      .toBe(true);
    KitchenServer.slowestStartMs = Math.max(KitchenServer.slowestStartMs, Date.now() - this.openedAt);
  }

  /** Starts it and kills it while it is starting. */
  async killWhileStarting(afterMs: number) {
    this.spawn();
    await new Promise((resolve) => setTimeout(resolve, afterMs));
    await this.kill();
  }

  private spawn() {
    const args = [
      'AmberSpoon.Server.dll',
      `--urls=${this.address}`,
      `--Kitchen:Data=${this.data}`,
      `--Kitchen:Demo=${this.demo}`,
      `--Kitchen:DemoEvenings=${this.evenings}`,
      `--Kitchen:ClockStartsAt=${new Date(this.clockMs).toISOString()}`,
      `--Kitchen:ClockPace=${this.pace}`,
      ...(this.pages ? [`--webroot=${this.pages}`] : []),
    ];
    this.process = spawn('dotnet', args, { cwd: app, stdio: 'ignore', env: { ...process.env, ...SHORT_LIVED } });
    this.openedAt = Date.now();
  }

  /** kill -9, and wait until it is gone. */
  async kill() {
    const dying = this.process;
    if (!dying || dying.exitCode !== null || dying.signalCode !== null) return;
    const gone = new Promise((resolve) => dying.once('exit', resolve));
    dying.kill('SIGKILL');
    await gone;
    this.clockMs += (Date.now() - this.openedAt) * this.pace;
  }

  /** Sets the clock while the server is closed. */
  turnBack(clock: string) {
    this.clockMs = Date.parse(clock);
  }

  /**
   * Lets time pass while the server runs.
   *
   * @param page Where something was just told: the page shows it as done before the server has it, and it happens before the time passes.
   */
  async pass(minutes: number, page?: Page) {
    await page?.waitForFunction(() => {
      try {
        return JSON.parse(localStorage.getItem('amber.draft.outbox') ?? '[]').length === 0;
      } catch {
        // Nothing is open yet.
        return true;
      }
    });
    const answer = await fetch(`${this.address}/api/rehearsal/clock`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ minutes }),
    });
    expect(answer.status).toBe(204);
    this.clockMs += minutes * 60_000;
  }

  /** Lets time pass while the server is closed. */
  skip(minutes: number) {
    this.clockMs += minutes * 60_000;
  }

  /** Whether it runs. */
  get isOpen() {
    return this.process !== null && this.process.exitCode === null && this.process.signalCode === null;
  }

  /** The whole house as one file. */
  async house(): Promise<Buffer> {
    const answer = await fetch(`${this.address}/api/house/backup`);
    expect(answer.ok).toBe(true);
    return Buffer.from(await answer.arrayBuffer());
  }

  /** Another time in the running server. */
  async goTo(time: string) {
    const clock = await fetch(`${this.address}/api/rehearsal/clock`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ at: time }),
    });
    expect(clock.status).toBe(204);
    this.clockMs = Date.parse(time);
    this.openedAt = Date.now();
  }

  /** Another house in the running server, at five in the afternoon again. */
  async become(house: Buffer) {
    await this.goTo(JUST_OPENED);
    const restored = await fetch(`${this.address}/api/house/restore?mode=replace&rehearsal=false`, {
      method: 'POST',
      headers: { 'content-type': 'application/zip' },
      body: new Uint8Array(house),
    });
    expect(restored.ok).toBe(true);
  }

  async close() {
    await this.kill();
    rmSync(this.data, { recursive: true, force: true });
  }

  async get(path: string) {
    const answer = await fetch(this.address + path);
    expect(answer.ok).toBe(true);
    return answer.json();
  }
}

/**
 * One server for all tests of a worker: a cold one needs as much of a processor to start as a test needs for all the rest. Between
 * tests its house is replaced, as a cook replaces one from a backup; after a test that killed it, it is started anew. What any
 * worker's server has seeded, the others' take over.
 */
class WarmKitchen {
  private kitchen: KitchenServer | null = null;

  /** The invented household with so many evenings in its log, or a kitchen where nobody has cooked yet. */
  async with(evenings: number, demo: boolean): Promise<KitchenServer> {
    // Of this run and this build: a house that an older server seeded is not taken over.
    const built = Math.floor(statSync(join(app, 'AmberSpoon.Server.dll')).mtimeMs);
    const file = join(tmpdir(), `amber-house-${process.ppid}-${built}-${demo ? evenings : 'empty'}.zip`);
    if (this.kitchen && existsSync(file)) {
      if (!this.kitchen.isOpen) await this.kitchen.open();
      await this.kitchen.become(readFileSync(file));
      return this.kitchen;
    }
    await this.close();
    this.kitchen = await KitchenServer.create({ evenings, demo });
    const written = `${file}-${process.pid}`;
    writeFileSync(written, await this.kitchen.house());
    renameSync(written, file);
    return this.kitchen;
  }

  async close() {
    await this.kitchen?.close();
    this.kitchen = null;
  }
}

export const test = base.extend<{ kitchen: KitchenServer; evenings: number; demo: boolean }, { warm: WarmKitchen }>({
  /** In the log: what they teach moves every forecast, so a test that is not about the log has none. */
  evenings: [0, { option: true }],
  /** False for a kitchen where nobody has cooked yet. */
  demo: [true, { option: true }],
  warm: [
    // biome-ignore lint/correctness/noEmptyPattern: a fixture says by this pattern that it needs no other.
    async ({}, use) => {
      const warm = new WarmKitchen();
      await use(warm);
      await warm.close();
    },
    { scope: 'worker' },
  ],
  kitchen: async ({ warm, evenings, demo }, use) => use(await warm.with(evenings, demo)),
});

export { expect };

/** Puts the planned tray into the oven and waits for the Oven station. */
export async function startBake(page: Page, kitchen: KitchenServer) {
  await page.goto(`${kitchen.address}/tray`);
  await putIn(page);
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Leave it in');
}

/** The tray goes in, sooner than planned or not. */
export async function putIn(page: Page) {
  await page.getByRole('button', { name: 'The tray goes in now' }).click();
  const sooner = page.getByRole('button', { name: 'It goes in now' });
  await expect(sooner.or(page.getByTestId('elapsed')).first()).toBeVisible();
  if (await sooner.isVisible()) await sooner.click();
}

/** Enters what the thermometer shows for the piece that is asked for, and waits until it is written down. */
export async function measure(page: Page, ...readings: string[]) {
  for (const reading of readings) {
    const box = readingBox(page);
    await box.fill(reading);
    await page.getByRole('button', { name: 'That is what it shows' }).click();
    await expect(box).toHaveValue('');
  }
}

/** The box for what the thermometer shows. */
export const readingBox = (page: Page) => page.getByRole('region', { name: 'Measure' }).locator('form input').first();

/** Chooses a piece by its number, wherever it is listed. */
export async function choosePiece(page: Page, name: RegExp) {
  const asked = page.getByRole('region', { name: 'Measure' }).getByRole('button', { name });
  if (await asked.count()) return asked.first().click();
  const others = page.getByLabel('Another piece');
  const label = await others.getByRole('option').filter({ hasText: name }).first().textContent();
  await others.selectOption({ label: label ?? '' });
}

/** The only live bake. */
export const liveBake = async (kitchen: KitchenServer) => (await kitchen.get('/api/bakes?live=true')).bakes[0];

function freePort(): Promise<number> {
  return new Promise((resolve) => {
    const probe = createServer();
    probe.listen(0, '127.0.0.1', () => {
      const address = probe.address();
      probe.close(() => resolve(typeof address === 'object' && address ? address.port : 0));
    });
  });
}
