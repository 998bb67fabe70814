import type { Page } from '@playwright/test';
import { expect, test } from '../kitchen';

const answer = (page: Page) => page.getByRole('region', { name: 'The answer' });
const headline = (page: Page) => answer(page).getByRole('heading', { level: 1 });
const choose = (page: Page, group: string, option: string) =>
  page.getByRole('radiogroup', { name: group }).getByRole('radio', { name: option }).click();

/** Minutes in the oven, as the answer says them. */
async function minutes(page: Page): Promise<number> {
  const text = (await answer(page).getByText('min in the oven').textContent()) ?? '';
  return Number.parseInt(text, 10);
}

test.beforeEach(async ({ page, kitchen }) => {
  await page.goto(`${kitchen.address}/tray`);
  await expect(headline(page)).toHaveText(/^Out at \d\d:\d\d$/);
});

test('every change answers at once and is kept', async ({ page, kitchen }) => {
  const first = await minutes(page);

  await choose(page, 'Its air', 'Fan');
  await expect.poll(() => minutes(page)).toBeLessThan(first);
  const fan = await minutes(page);

  await page.getByRole('button', { name: 'Cut' }).click();
  await page.getByRole('option', { name: 'leg quarter' }).click();
  await page.getByLabel('Mass', { exact: true }).fill('330');
  await page.getByLabel('Mass of').selectOption('each');
  await expect.poll(() => minutes(page)).toBeGreaterThan(fan);

  await page.getByLabel('Height of the thickest').fill('1.5');
  await page.getByLabel('Unit of height').selectOption('inch');
  await expect(page.getByText('1.5 in', { exact: true })).toBeVisible();

  await choose(page, 'Temperatures in', '°F');
  await expect(page.getByRole('textbox', { name: 'Oven' })).toHaveValue('400');
  await page.getByRole('button', { name: 'Safety rule' }).click();
  await page.getByRole('option', { name: 'Australia' }).click();
  await expect(page.getByLabel('Take it out when the middle is')).toHaveValue('167');
  await choose(page, 'Comes from', 'Counter');
  await expect(page.getByText('Keep raw chicken out for 2 hours at most')).toBeVisible();
  const last = await headline(page).textContent();

  await expect.poll(async () => (await kitchen.get('/api/tray')).plan.startFrom).toBe('counter');
  await page.reload();
  await expect(headline(page)).toHaveText(last ?? '');
  await expect(page.getByLabel('Height of the thickest')).toHaveValue('1.5');
  await expect(page.getByRole('textbox', { name: 'Oven' })).toHaveValue('400');
});

test('dinner at a time is worked back from, and an impossible one offers the earliest', async ({ page }) => {
  await page.getByLabel('Dinner time').fill('19:15');
  await expect(answer(page).getByRole('definition').last()).toHaveText('19:15');
  await expect(headline(page)).toHaveText('Out at 19:10');

  await page.getByLabel('Dinner time').fill('17:20');
  await expect(page.getByRole('alert')).toContainText('17:20 is too soon');
  await expect(page.getByRole('button', { name: 'The tray goes in now' })).toBeDisabled();
  await page.getByRole('button', { name: /^Make it 17:\d\d$/ }).click();
  await expect(page.getByRole('alert')).toHaveCount(0);

  await page.getByLabel('Dinner time').fill('16:00');
  await expect(page.getByRole('alert')).toContainText('16:00 has passed');
  await page.getByLabel('Dinner time').fill('half past');
  await expect(page.getByRole('alert')).toContainText('Write a time');

  await choose(page, 'Dinner', 'Soonest');
  await expect(headline(page)).toHaveText(/^In now, out at 17:\d\d$/);
});

const wrong: { field: string; typed: string; says: RegExp }[] = [
  { field: 'Mass', typed: '-900', says: /Write the mass as a number above 0/ },
  { field: 'Mass', typed: '0', says: /Write the mass as a number above 0/ },
  { field: 'Mass', typed: 'heavy', says: /Write the mass as a number above 0/ },
  { field: 'Mass', typed: '99999999', says: /Check the mass, the count/ },
  { field: 'How many', typed: '0', says: /Between 1 and 60 pieces/ },
  { field: 'How many', typed: 'six', says: /Between 1 and 60 pieces/ },
  { field: 'Height of the thickest', typed: '300', says: /Measure the thickest one again/ },
  { field: 'Oven', typed: '400', says: /Did you mean 400 °F/ },
  { field: 'Oven', typed: '900', says: /choose 120 °C to 290 °C/ },
  { field: 'Oven', typed: 'hot', says: /Write a temperature as a number/ },
  { field: 'Take it out when the middle is', typed: '165', says: /Did you mean 165 °F/ },
  { field: 'Tonight', typed: '', says: /Give the tray a name/ },
];

test('what cannot be is said at its field, and nothing stored changes', async ({ page, kitchen }) => {
  const stored = JSON.stringify((await kitchen.get('/api/tray')).plan);
  for (const { field, typed, says } of wrong) {
    const box = page.getByRole('textbox', { name: field, exact: true });
    const before = await box.inputValue();
    await box.fill(typed);
    await expect(page.getByRole('alert').filter({ hasText: says }), `${field}: ${typed}`).toBeVisible();
    await expect(box).toHaveAttribute('aria-invalid', 'true');
    expect(JSON.stringify((await kitchen.get('/api/tray')).plan)).toBe(stored);
    await box.fill(before);
    await expect(page.getByRole('alert')).toHaveCount(0);
  }

  await choose(page, 'Comes from', 'Frozen');
  await expect(page.getByRole('alert')).toContainText('Thaw it in the fridge first');
  expect(JSON.stringify((await kitchen.get('/api/tray')).plan)).toBe(stored);
});

test('the spoon moves by keyboard and by hand, and the answer shows its minute', async ({ page }) => {
  const spoon = page.getByRole('slider', { name: 'Minute shown' });
  const middle = answer(page).getByText(/Middle at \d\d:\d\d/);
  const before = await middle.textContent();
  await spoon.focus();
  for (let i = 0; i < 5; i++) await page.keyboard.press('ArrowRight');
  await expect(middle).not.toHaveText(before ?? '');
  await expect(spoon).toHaveAttribute('aria-valuetext', /^\d\d:\d\d, middle \d+ °C$/);

  await page.keyboard.press('Home');
  const start = await spoon.getAttribute('aria-valuetext');
  expect(start).toContain('middle 4 °C');
  const box = await page.getByRole('region', { name: 'The rail' }).boundingBox();
  await page.mouse.click((box?.x ?? 0) + (box?.width ?? 0) * 0.7, (box?.y ?? 0) + 90);
  await expect(spoon).not.toHaveAttribute('aria-valuetext', start ?? '');
});

test('a table says what the curve shows', async ({ page }) => {
  const rows = page.getByRole('table', { name: 'Predicted temperatures' }).getByRole('row');
  await expect(rows.nth(1)).toContainText('4 °C');
  const last = await rows.last().getByRole('cell').first().textContent();
  expect(Number.parseInt(last ?? '', 10)).toBeGreaterThan(76);
});

test('why says what the answer rests on, with sources', async ({ page }) => {
  await page.getByRole('button', { name: 'Why?' }).click();
  await expect(page.getByRole('heading', { name: 'What this rests on' })).toBeVisible();
  await expect(page.getByText('Choi and Okos 1986')).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('heading', { name: 'What this rests on' })).toHaveCount(0);
});

test('a change on one screen shows on the other', async ({ page, kitchen, context }) => {
  const other = await context.newPage();
  await other.goto(`${kitchen.address}/tray`);
  await expect(headline(other)).toBeVisible();
  await page.getByRole('button', { name: 'One piece more' }).click();
  await expect(other.getByLabel('How many')).toHaveValue('7');
});

test('what is typed while the server is gone is saved when it is back', async ({ page, kitchen }) => {
  await kitchen.kill();
  await page.getByRole('textbox', { name: 'Tonight' }).fill('Typed in the dark');
  await expect(page.getByText('Lost touch with the kitchen server')).toBeVisible();
  await kitchen.open();
  await expect
    .poll(async () => (await kitchen.get('/api/tray')).plan.name, { timeout: 15_000 })
    .toBe('Typed in the dark');
  await expect(page.getByText('Lost touch with the kitchen server')).toHaveCount(0);
  await expect(page.getByRole('textbox', { name: 'Tonight' })).toHaveValue('Typed in the dark');
});
