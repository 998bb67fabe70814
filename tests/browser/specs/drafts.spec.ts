import type { Page } from '@playwright/test';
import { expect, readingBox, startBake, test } from '../kitchen';

const oven = (page: Page) => page.getByRole('textbox', { name: 'Oven', exact: true });
const goTo = (page: Page, station: string) => page.getByRole('link', { name: new RegExp(`^${station}`) }).click();
const ovenOf = async (kitchen: { get: (path: string) => Promise<{ plan: { ovenSetting: { value: number } } }> }) =>
  (await kitchen.get('/api/trays/1')).plan.ovenSetting.value;

/** Where the dial is typed. */
async function openOven(page: Page) {
  await page.getByRole('button', { name: /^Oven (still|fan)/ }).click();
  await expect(oven(page)).toBeVisible();
}

async function openTray(page: Page, address: string) {
  await page.goto(`${address}/tray`);
  await openOven(page);
}

test('typed with a dead server: it survives the station, the page and the evening, and says so', async ({
  page,
  kitchen,
}) => {
  await startBake(page, kitchen);
  await goTo(page, 'Tray');
  await openOven(page);
  await kitchen.kill();
  await oven(page).fill('215');
  await expect(page.getByText('Not saved yet: what you typed is kept on this device')).toBeVisible();
  await goTo(page, 'Oven');
  await readingBox(page).fill('18');
  await page.getByLabel('Seen by eye').fill('Pale still');
  await goTo(page, 'Tray');
  await openOven(page);
  await expect(oven(page)).toHaveValue('215');
  await goTo(page, 'Oven');
  await expect(readingBox(page)).toHaveValue('18');
  await expect(page.getByLabel('Seen by eye')).toHaveValue('Pale still');

  await kitchen.open();
  // The tray saves itself, at whatever station the cook is.
  await expect.poll(() => ovenOf(kitchen), { timeout: 15_000 }).toBe(215);
  await page.reload();
  await expect(readingBox(page)).toHaveValue('18');
  await page.getByRole('button', { name: 'That is what it shows' }).click();
  await expect(readingBox(page)).toHaveValue('');
  await expect(readingBox(page)).toBeFocused();
  await page.reload();
  await expect(readingBox(page)).toHaveValue('');
  await goTo(page, 'Tray');
  await openOven(page);
  await expect(oven(page)).toHaveValue('215');
  await expect(page.getByText('Not saved yet')).toHaveCount(0);
});

test('two screens at one tray: different fields are put together, the same one is asked about', async ({
  page,
  kitchen,
  browser,
}) => {
  const other = await (await browser.newContext()).newPage();
  await openTray(page, kitchen.address);
  await openTray(other, kitchen.address);
  // The other screen hears nothing for a while: what it types, it types to an older tray.
  await other.context().setOffline(true);
  await page.getByRole('textbox', { name: 'Tonight' }).fill('Sunday thighs');
  await expect.poll(async () => (await kitchen.get('/api/trays/1')).plan.name).toBe('Sunday thighs');
  await oven(other).fill('215');
  await other.context().setOffline(false);
  await expect.poll(() => ovenOf(kitchen), { timeout: 20_000 }).toBe(215);
  await expect(other.getByRole('textbox', { name: 'Tonight' })).toHaveValue('Sunday thighs');
  await expect(oven(page)).toHaveValue('215');

  await other.context().setOffline(true);
  await oven(page).fill('190');
  await expect.poll(() => ovenOf(kitchen)).toBe(190);
  await oven(other).fill('230');
  await other.context().setOffline(false);
  await expect(other.getByText('Changed on two screens: the oven’s temperature.')).toBeVisible({ timeout: 20_000 });
  expect(await ovenOf(kitchen)).toBe(190);
  await other.getByRole('button', { name: 'Keep what I typed' }).click();
  await expect.poll(() => ovenOf(kitchen)).toBe(230);
  await expect(oven(page)).toHaveValue('230');
  await other.context().close();
});

const writeMix = async (page: Page) => {
  await page.getByRole('tab', { name: 'Mix' }).click();
  await page.getByRole('button', { name: 'A mix of your own' }).click();
};

test('a mix that is being written is still there after another station and a reload', async ({ page, kitchen }) => {
  await page.goto(`${kitchen.address}/prep`);
  await writeMix(page);
  const form = page.getByRole('form', { name: 'A mix of your own' });
  await form.getByLabel('Name').fill('Half a rub');
  await goTo(page, 'Log');
  await goTo(page, 'Prep');
  await page.reload();
  await writeMix(page);
  await expect(form.getByLabel('Name')).toHaveValue('Half a rub');
  await form.getByRole('button', { name: 'Leave it' }).click();
  await writeMix(page);
  await expect(form.getByLabel('Name')).toHaveValue('');
});
