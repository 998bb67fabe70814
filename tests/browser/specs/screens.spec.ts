import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';
import { AxeBuilder } from '@axe-core/playwright';
import { app, expect, measure, startBake, test } from '../kitchen';

test.use({ evenings: 3 });

const sizes = [
  { width: 1280, height: 800 },
  { width: 820, height: 1180 },
  { width: 390, height: 844 },
  { width: 320, height: 700 },
];

test('every station is accessible, fits its screen and loads nothing from elsewhere', async ({ page, kitchen }) => {
  test.setTimeout(240_000);
  const elsewhere: string[] = [];
  page.on('request', (request) => {
    if (!request.url().startsWith(kitchen.address) && !request.url().startsWith('data:')) elsewhere.push(request.url());
  });
  await page.goto(`${kitchen.address}/oven`);
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Nothing in the oven');
  await startBake(page, kitchen);
  await measure(page, '60');
  await expect(page.getByRole('region', { name: 'Question' })).toHaveCount(0);
  await expect(page.getByRole('region', { name: 'Verdict' })).toBeVisible();

  let open = '';
  for (const station of [
    'tray',
    'tray Inside',
    'tray Curve',
    'tray Finish together',
    'tray Other ways',
    'tray A recipe',
    'tray thighs',
    'tray oven',
    'tray hands',
    'evening',
    'kitchen',
    'oven',
    'log',
    'oven inside',
    'oven thighs',
    'oven Also done',
    'log inside',
    'why',
  ]) {
    const [name = '', ...rest] = station.split(' ');
    const tab = rest.join(' ');
    // What is only another leaf of the same page is turned to on it.
    if (name !== open || !/^[A-Z]/.test(tab)) await page.goto(`${kitchen.address}/${name}`);
    open = name;
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
    if (name === 'tray' && /^[A-Z]/.test(tab)) await page.getByRole('tab', { name: tab }).click();
    else if (name === 'tray' && tab)
      await page
        .getByRole('button', { name: new RegExp(`^(\\d+ bone-in )?${tab} `, 'i') })
        .first()
        .click();
    if (tab === 'inside') {
      await page.getByRole('button', { name: 'See inside' }).click();
      await expect(page.getByText(/^Coldest/)).toBeVisible();
    }
    if (name === 'oven' && tab && tab !== 'inside')
      await page.getByRole('button', { name: new RegExp(`^${tab}$`, 'i') }).click();
    if (name === 'why') await expect(page.getByText('come out as published')).toBeVisible();
    else if (name !== 'kitchen') await expect(page.getByRole('slider')).toBeVisible();
    for (const size of sizes) {
      await page.setViewportSize(size);
      await expect
        .poll(
          () => page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth),
          `${station} at ${size.width}`,
        )
        .toBeLessThanOrEqual(0);
    }
    // Where the rail does not happen to lie over a control that can be scrolled away from under it.
    await page.setViewportSize({ width: 820, height: 1800 });
    const axe = await new AxeBuilder({ page })
      .setLegacyMode()
      .withTags(['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa'])
      .analyze();
    expect(axe.violations.map((v) => `${station}: ${v.id} ${v.nodes[0]?.html}`)).toEqual([]);
  }
  expect(elsewhere).toEqual([]);
});

test('buttons in the oven are large enough for a knuckle', async ({ page, kitchen }) => {
  await startBake(page, kitchen);
  for (const name of ['7', 'That is what it shows', 'The tray is out, resting', 'Finish and log it']) {
    const box = await page.getByRole('button', { name, exact: true }).boundingBox();
    expect(box?.height, name).toBeGreaterThanOrEqual(64);
  }
});

test('what the page is made of travels packed, and is fetched once', async ({ kitchen }) => {
  const page = await fetch(`${kitchen.address}/tray`);
  expect(page.headers.get('cache-control')).toBe('no-cache');
  const script = /src="(\/assets\/[^"]+\.js)"/.exec(await page.text())?.[1] ?? '';
  const asset = await fetch(kitchen.address + script, { headers: { 'Accept-Encoding': 'br' } });
  expect(asset.ok).toBe(true);
  expect(asset.headers.get('cache-control')).toBe('public, max-age=31536000, immutable');
  expect(asset.headers.get('content-encoding')).toBe('br');
});

/** Every script a page needs before it can be used, from what its scripts import from the start. */
function firstLoad(...entries: RegExp[]): string[] {
  const folder = join(app, 'wwwroot/assets');
  const all = readdirSync(folder);
  const needed = new Set<string>();
  const add = (name: string) => {
    if (needed.has(name)) return;
    needed.add(name);
    const code = readFileSync(join(folder, name), 'utf8');
    for (const [, next] of code.matchAll(/(?:import|from)\s*["']\.\/([^"']+\.js)["']/g)) add(next as string);
  };
  for (const entry of entries) for (const name of all.filter((one) => entry.test(one))) add(name);
  return [...needed].map((name) => join(folder, name));
}

test('the tray needs 150 KB of packed scripts at most, and they are all it needs', () => {
  const scripts = firstLoad(/^index-.*\.js$/, /^TrayStation-.*\.js$/);
  const packed = scripts.reduce((sum, script) => sum + gzipSync(readFileSync(script), { level: 9 }).length, 0);
  // In few files: each has to be asked for.
  expect(scripts.length).toBeGreaterThan(1);
  expect(scripts.length).toBeLessThan(5);
  expect(packed).toBeGreaterThan(100_000);
  expect(packed).toBeLessThanOrEqual(150_000);
});
