import { cpSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { startBusyBake } from '../busyBake';
import { app, expect, KitchenServer, liveBake, readingBox, test } from '../kitchen';

// A page is opened anew while nobody serves it.
test.use({ serviceWorkers: 'allow' });

test('ten minutes without the server: the page opens, counts on, and three acts are kept and sent once', async ({
  page,
  kitchen,
  browser,
}) => {
  test.setTimeout(240_000);
  await startBusyBake(kitchen);
  await page.clock.install();
  await page.goto(`${kitchen.address}/oven`);
  await page.evaluate(() => navigator.serviceWorker.ready);
  await kitchen.pass(7);
  await expect(page.getByTestId('elapsed')).toHaveText(/^07:/);
  await page.getByRole('button', { name: 'Done', exact: true }).click();
  await expect(page.getByRole('heading', { level: 1 })).not.toHaveText('Add the courgettes');
  await expect.poll(async () => (await liveBake(kitchen)).seq).toBe(2);
  // What was seen is kept a moment later.
  await page.clock.runFor(3000);

  await kitchen.kill();
  await expect(page.getByText('Lost touch with the kitchen server')).toBeVisible();
  await page.clock.fastForward('04:00');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Turn the pieces');
  await page.getByRole('button', { name: 'Done', exact: true }).click();
  const waiting = page.getByRole('region', { name: 'Waiting to be sent' });
  await expect(waiting).toContainText('Turn the pieces: done');
  await expect(page.getByRole('heading', { level: 1 })).not.toHaveText('Turn the pieces');

  // Opened anew without the server, it is all there, and counts on.
  await page.reload();
  await expect(page.getByTestId('elapsed')).toHaveText(/^1[123]:/);
  await expect(waiting).toContainText('Turn the pieces: done');
  await page.clock.fastForward('02:00');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Oven to 180 °C');
  await page.getByRole('button', { name: 'Skip it' }).click();
  await expect(waiting).toContainText('Oven to 180 °C: skipped');
  await readingBox(page).fill('24');
  await page.getByRole('button', { name: 'That is what it shows' }).click();
  await expect(waiting).toContainText('24 °C');
  await expect(waiting.getByRole('listitem')).toHaveCount(3);
  await page.clock.fastForward('04:00');

  kitchen.skip(10);
  await kitchen.open();
  const second = await browser.newPage();
  await second.goto(`${kitchen.address}/oven`);
  await page.clock.runFor(5000);
  await expect(page.getByText('Lost touch with the kitchen server')).toHaveCount(0);
  await expect(waiting).toHaveCount(0);
  await expect.poll(async () => (await liveBake(kitchen)).readings.length).toBe(1);
  const bake = await liveBake(kitchen);
  const [turn, dial] = bake.acts;
  expect(dial.isSkipped).toBe(true);
  // It was done when it was done, not when it was told: about four minutes after the last that went through.
  const minutesIn = (Date.parse(turn.doneAt) - Date.parse(bake.startedAt)) / 60_000;
  expect(minutesIn).toBeGreaterThan(10.5);
  expect(minutesIn).toBeLessThan(12.8);
  for (const screen of [page, second]) await expect(screen.getByLabel('Foods')).toContainText('°C');
  const { events } = await kitchen.get(`/api/bakes/${bake.id}`);
  expect(events.filter((event: { kind: string }) => event.kind === 'reading')).toHaveLength(1);
  await second.close();
});

test('the page can be installed', async ({ page, kitchen }) => {
  await page.goto(`${kitchen.address}/oven`);
  const manifest = await page.evaluate(async () => {
    const link = document.querySelector<HTMLLinkElement>('link[rel=manifest]');
    return (await fetch(link?.href ?? '')).json();
  });
  expect(manifest).toMatchObject({ name: 'Amber Spoon', display: 'standalone', start_url: '/oven' });
  for (const icon of manifest.icons) expect((await fetch(kitchen.address + icon.src)).ok).toBe(true);
  const worker = await fetch(`${kitchen.address}/sw.js`);
  expect(worker.headers.get('cache-control')).toBe('no-cache');
});

test('a newer page takes the place of the older one that is open', async ({ page }) => {
  const pages = mkdtempSync(join(tmpdir(), 'amber-pages-'));
  cpSync(join(app, 'wwwroot'), pages, { recursive: true });
  const change = (file: string, what: RegExp, into: string) => {
    const before = readFileSync(join(pages, file), 'utf8');
    expect(before).toMatch(what);
    writeFileSync(join(pages, file), before.replace(what, into));
  };
  const kitchen = await KitchenServer.create({ demo: false, pages });
  try {
    await page.goto(`${kitchen.address}/oven`);
    await page.evaluate(() => navigator.serviceWorker.ready);
    change('index.html', /<title>Amber Spoon/, '<title>Newer Amber Spoon');
    change('sw.js', /(?<=`\/index\.html`,revision:`)[^`]+/, 'newer');
    await page.evaluate(async () => void (await (await navigator.serviceWorker.ready).update()));
    await expect(page).toHaveTitle('Newer Amber Spoon');
  } finally {
    await kitchen.close();
    rmSync(pages, { recursive: true, force: true });
  }
});
