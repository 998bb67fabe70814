import type { Page } from '@playwright/test';
import { expect, startBake, test } from '../kitchen';

test.use({ evenings: 3 });

const inside = (page: Page) => page.getByText(/^Coldest -?\d+ °/);
const seeInside = (page: Page) => page.getByRole('button', { name: 'See inside' }).click();

/** The number in "Coldest 51 °C …". */
const coldest = async (page: Page) => Number.parseInt(((await inside(page).textContent()) ?? '').slice(8), 10);

test('a planned piece is cut open, follows the spoon and says where the probe goes', async ({ page, kitchen }) => {
  await page.goto(`${kitchen.address}/tray`);
  await page.getByRole('tab', { name: 'Inside' }).click();
  await expect(page.getByRole('img', { name: /^The thickest piece cut open\. Coldest/ })).toBeVisible();
  await expect(page.getByText(/^Probe: .*\d+ mm deep; tip \d+ mm above the tray, off the bone\.$/)).toBeVisible();

  const spoon = page.getByRole('slider');
  await spoon.focus();
  await page.keyboard.press('Home');
  expect(await coldest(page)).toBeLessThan(8);
  const drawn = () => page.locator('svg[role=img] g[clip-path]').first().innerHTML();
  const cold = await drawn();
  const box = await spoon.boundingBox();
  if (!box) throw new Error('The spoon is not on screen.');
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
  await page.mouse.down();
  await page.mouse.move(box.x + 500, box.y + box.height / 2, { steps: 12 });
  await page.mouse.up();
  await expect.poll(() => coldest(page)).toBeGreaterThan(50);
  expect(await drawn()).not.toBe(cold);

  await page.getByRole('button', { name: '6 bone-in thighs' }).click();
  await page.getByLabel('Height of the thickest').fill('1.4 in');
  await page.getByRole('link', { name: 'Kitchen' }).click();
  await page.getByRole('radiogroup', { name: 'Temperatures' }).getByRole('radio', { name: '°F' }).click();
  await page.getByRole('radiogroup', { name: 'Lengths' }).getByRole('radio', { name: 'Inches' }).click();
  await page.getByRole('link', { name: 'Tray' }).click();
  await page.getByRole('button', { name: '6 bone-in thighs' }).click();
  await page.getByRole('tab', { name: 'Inside' }).click();
  await expect(page.getByText(/\d\.\d in deep; tip \d\.\d in above the tray/)).toBeVisible();
  await expect(page.getByText(/^Coldest \d+ °F/)).toBeVisible();

  await page.getByRole('tab', { name: 'Curve' }).click();
  await expect(inside(page)).toBeHidden();
});

test('each lot is cut open: another cut has no bone, a vegetable is one too', async ({ page, kitchen }) => {
  await page.goto(`${kitchen.address}/tray`);
  await page
    .getByRole('button', { name: /^potatoes/ })
    .first()
    .click();
  await page.getByRole('tab', { name: 'Inside' }).click();
  await expect(page.getByText('potatoes, the heaviest piece')).toBeVisible();
  await expect(inside(page)).toBeVisible();
  // The look stays open from food to food.
  await page.getByRole('button', { name: '6 bone-in thighs' }).click();
  await expect(inside(page)).toBeVisible();
  await page.getByRole('tab', { name: 'What it is' }).click();
  await page.getByRole('button', { name: /^More/ }).click();
  await page.getByRole('button', { name: 'Which piece', exact: true }).click();
  await page.getByRole('option', { name: 'boneless thigh' }).click();
  await page.getByRole('tab', { name: 'Inside' }).click();
  await expect(page.getByText(/^Probe: .*\d+ mm deep; tip \d+ mm above the tray\.$/)).toBeVisible();
});

test('a live bake and a past one are cut open at the spoon', async ({ page, kitchen }) => {
  await startBake(page, kitchen);
  await kitchen.pass(20);
  await page.reload();
  await expect(page.getByTestId('elapsed')).toHaveText(/^20/);
  await seeInside(page);
  const now = await coldest(page);
  await page.getByRole('slider').focus();
  await page.keyboard.press('PageUp');
  await expect.poll(() => coldest(page)).toBeGreaterThan(now + 10);
  await page.getByRole('button', { name: 'Back to now' }).click();
  await expect.poll(() => coldest(page)).toBeLessThan(now + 5);

  await page.goto(`${kitchen.address}/log`);
  await seeInside(page);
  await expect(inside(page)).toBeVisible();
});

test('the engine is held against published cases on its own page', async ({ page, kitchen }) => {
  await page.goto(`${kitchen.address}/tray`);
  await page.getByRole('button', { name: 'Why?' }).click();
  await page.getByRole('link', { name: 'Check the engine against published cases' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Is it right?');
  await expect(page.getByRole('status')).toHaveText(/: all 14 bodies with a published answer come out as published/);
  await page.getByRole('button', { name: /^All of it in numbers/ }).click();
  const rows = page.getByRole('table', { name: 'The heat engine against published answers' }).getByRole('row');
  // Three moments of each but one.
  expect(await rows.count()).toBeGreaterThan(40);
  await expect(rows.filter({ hasText: '…' })).toHaveCount(0);
  await expect(page.getByText('Calibrated on the losses of thighs and breasts').first()).toBeVisible();
  await page.getByRole('button', { name: /of physics/ }).click();
  await expect(page.getByText('Heat carried by still oven air')).toBeVisible();
});
