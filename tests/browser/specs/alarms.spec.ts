import AxeBuilder from '@axe-core/playwright';
import type { Page } from '@playwright/test';
import { startBusyBake } from '../busyBake';
import { expect, test } from '../kitchen';

const sizes = [
  { width: 1280, height: 800 },
  { width: 820, height: 1180 },
  { width: 390, height: 844 },
];

/** What reaches beyond the screen's right edge, the innermost first. */
const tooWide = (page: Page) =>
  page.evaluate(() =>
    Array.from(document.querySelectorAll('body *'))
      .filter((element) => element.getBoundingClientRect().right > window.innerWidth + 1)
      .filter((element) => !element.closest('.sr-only, [class*=overflow-x], svg'))
      .map((element) => element.outerHTML.slice(0, 120))
      .reverse(),
  );

test('a timer and a temperature of one’s own ring on every station until they are seen', async ({ page, kitchen }) => {
  test.setTimeout(180_000);
  await startBusyBake(kitchen);
  await page.goto(`${kitchen.address}/oven`);
  await page.getByRole('button', { name: 'Timers' }).click();
  const panel = page.getByRole('region', { name: 'Timers and alarms' });
  await panel.getByLabel('Minutes').fill('9999');
  await panel.getByRole('button', { name: 'Start it' }).click();
  await expect(panel.getByText('From 1 to 600 min.')).toBeVisible();
  await panel.getByLabel('Timer for').fill('rice');
  await panel.getByLabel('Minutes').fill('4');
  await panel.getByRole('button', { name: 'Start it' }).click();
  await panel.getByLabel('are at °C').fill('140');
  await panel.getByRole('button', { name: 'Watch it' }).click();
  await expect(panel.getByText('A temperature that meat can have.')).toBeVisible();
  await panel.getByLabel('are at °C').fill('30');
  await panel.getByRole('button', { name: 'Watch it' }).click();
  await expect(panel.getByText('thighs at 30 °C')).toBeVisible();

  // Another page of the same device keeps them.
  await page.goto(`${kitchen.address}/prep`);
  await kitchen.pass(5, page);
  const alarms = page.getByRole('complementary', { name: 'Alarms' });
  await expect(alarms.getByRole('alert')).toContainText('rice is over');
  await expect(page).toHaveTitle(/^● .*rice is over/);
  await alarms.getByRole('button', { name: 'Seen' }).click();
  await expect(alarms.getByRole('alert')).toHaveCount(0);

  await kitchen.pass(18, page);
  await expect(alarms.getByRole('alert')).toContainText('thighs at 30 °C');
  await expect(alarms.getByRole('status')).toContainText('half-way');
  await alarms.getByRole('button', { name: 'Seen' }).click();
  await expect(alarms.getByRole('alert')).toHaveCount(0);
});

test('with probes, timers and things that wait, nothing that axe can find is in anyone’s way', async ({
  page,
  kitchen,
}) => {
  test.setTimeout(180_000);
  await startBusyBake(kitchen);
  await kitchen.pass(12, page);
  const [bake] = (await kitchen.get('/api/bakes?live=true')).bakes;
  for (const [probe, value] of [
    ['A', 180],
    ['B', 24],
  ])
    await fetch(`${kitchen.address}/api/bakes/${bake.id}/feed`, {
      method: 'POST',
      headers: { 'content-type': 'application/x-ndjson' },
      body: JSON.stringify({ probe, value, unit: 'celsius', ...(probe === 'A' ? { lot: 1, piece: 1 } : {}) }),
    });
  await page.goto(`${kitchen.address}/oven`);
  const probes = page.getByRole('list', { name: 'Probes' });
  await expect(probes).toContainText('The tip of probe A is in air or on the tray');
  await expect(probes).toContainText('B is in no piece yet');
  for (const size of sizes) {
    await page.setViewportSize(size);
    for (const open of ['Timers', 'Also done']) {
      await page.getByRole('button', { name: open }).click();
      const found = await new AxeBuilder({ page }).setLegacyMode().analyze();
      expect(found.violations.map((one) => `${size.width} ${open}: ${one.id} ${one.nodes[0]?.html}`)).toEqual([]);
      expect(await tooWide(page), `${size.width} ${open}`).toEqual([]);
      await page.getByRole('button', { name: open === 'Timers' ? 'Timers' : 'Nothing else' }).click();
    }
  }
  await page.setViewportSize({ width: 320, height: 640 });
  expect(await tooWide(page)).toEqual([]);

  // Where it is, said with one choice; taken out, it is in none.
  await probes.getByLabel('Where B is').selectOption({ index: 2 });
  await expect(probes).toContainText(/B in thigh/);
  await kitchen.kill();
  await page.getByRole('button', { name: /^(Done|In now)$/ }).click();
  await expect(page.getByRole('region', { name: 'Waiting to be sent' })).toBeVisible();
  const found = await new AxeBuilder({ page }).setLegacyMode().analyze();
  expect(found.violations.map((one) => `${one.id} ${one.nodes[0]?.html}`)).toEqual([]);
});

test('a thermometer’s file is read into the bake, and its columns are remembered', async ({ page, kitchen }) => {
  await startBusyBake(kitchen);
  await kitchen.pass(10, page);
  await page.goto(`${kitchen.address}/oven`);
  const panel = page.getByRole('region', { name: 'Timers and alarms' });
  const open = async () => {
    await page.getByRole('button', { name: 'Timers' }).click();
    const rows = Array.from({ length: 20 }, (_, n) => `00:0${Math.floor(n / 4)}:${15 * (n % 4)}0`.slice(0, 8));
    await panel.getByLabel('A thermometer’s file').setInputFiles({
      name: 'evening.csv',
      mimeType: 'text/csv',
      buffer: Buffer.from(`Time,Air,Meat\n${rows.map((at) => `${at},180,4.5`).join('\n')}\n`),
    });
    await expect(panel.getByRole('button', { name: 'Read 20 rows' })).toBeVisible();
  };
  await open();
  await expect(panel.getByRole('button', { name: 'Read 20 rows' })).toBeDisabled();
  await panel.getByLabel(/^Meat/).selectOption({ index: 1 });
  await panel.getByRole('button', { name: 'Read 20 rows' }).click();
  await expect(panel.getByText(/^\d+ readings kept/)).toBeVisible();
  await page.reload();
  await open();
  await expect(panel.getByLabel(/^Meat/)).not.toHaveValue('');
  await expect(panel.getByLabel(/^Air/)).toHaveValue('');
});

test('the first tap anywhere wakes the sound, a key typed into a field does not', async ({ page, kitchen }) => {
  await page.addInitScript(() => {
    const made = { count: 0 };
    Object.assign(window, { made });
    window.AudioContext = class extends AudioContext {
      constructor() {
        super();
        made.count++;
      }
    };
  });
  const made = () => page.evaluate(() => (window as unknown as { made: { count: number } }).made.count);
  await page.goto(`${kitchen.address}/tray`);
  // By the keyboard alone: making the sound takes 50 ms, which would be felt between two letters.
  await page.getByLabel('Tonight').focus();
  await page.keyboard.type('Two trays');
  await expect(page.getByLabel('Tonight')).toHaveValue(/Two trays/);
  await page.waitForTimeout(300);
  expect(await made()).toBe(0);
  // A row can be dragged and keeps the touch to itself.
  await page.getByRole('button', { name: /^Oven (still|fan)/ }).click();
  await expect.poll(made).toBe(1);
});
