import type { Page } from '@playwright/test';
import { chicken, startBusyBake, startTray } from '../busyBake';
import { expect, liveBake, test } from '../kitchen';

/** Counts what the page plays: how many notes, and how loud. */
async function listen(page: Page): Promise<() => Promise<number[]>> {
  await page.addInitScript(() => {
    const heard: number[] = [];
    Object.assign(window, { heard });
    const ramp = AudioParam.prototype.linearRampToValueAtTime;
    AudioParam.prototype.linearRampToValueAtTime = function (value, at) {
      if (value > 0) heard.push(value);
      return ramp.call(this, value, at);
    };
  });
  return () => page.evaluate(() => (window as unknown as { heard: number[] }).heard);
}

test('acts ring, are done, put off and skipped with one hand, and what was not planned is one tap', async ({
  page,
  kitchen,
}) => {
  test.setTimeout(240_000);
  const heard = await listen(page);
  await startBusyBake(kitchen);
  await page.goto(`${kitchen.address}/oven`);
  const top = page.getByRole('heading', { level: 1 });
  const next = page.getByRole('list', { name: 'Next' });
  await expect(top).toHaveText('Leave it in');
  await expect(next.getByRole('listitem')).toHaveText([
    /Add the courgettes, in 0?5:/,
    /Turn the pieces/,
    /Oven to 180 °C/,
  ]);
  const letters = await top.evaluate((title) => Number.parseFloat(getComputedStyle(title).fontSize));
  expect(letters).toBeGreaterThanOrEqual(96);
  // A browser lets a page sound once it was touched.
  await top.click();
  expect(await heard()).toEqual([]);

  await kitchen.pass(8, page);
  await expect(top).toHaveText('Add the courgettes');
  await expect(page.getByText(/2 min late, was due 17:0/)).toBeVisible();
  await expect.poll(async () => (await heard()).length).toBeGreaterThanOrEqual(6);
  await expect(page).toHaveTitle('● Add the courgettes');
  await page.getByRole('button', { name: 'Done', exact: true }).click();
  await expect(top).toHaveText('Leave it in');
  expect((await liveBake(kitchen)).lots[1].place).toBe('oven');

  await kitchen.pass(3, page);
  await expect(top).toHaveText('Turn the pieces');
  await page.getByRole('button', { name: '3 min later' }).click();
  await expect(top).toHaveText('Leave it in');
  await expect(next.getByRole('listitem').first()).toHaveText(/Oven to 180 °C/);
  await kitchen.pass(4, page);
  await expect(top).toHaveText('Oven to 180 °C');
  await page.getByRole('button', { name: 'Skip it' }).click();
  await expect(top).toHaveText('Turn the pieces');
  await page.getByRole('button', { name: 'Done', exact: true }).click();
  await expect(page.getByText(/Turn the pieces: done/)).toBeVisible();
  await page.getByRole('button', { name: 'Take it back' }).click();
  await expect(top).toHaveText('Turn the pieces');
  await page.getByRole('button', { name: 'Done', exact: true }).click();

  const goal = async () => Date.parse((await liveBake(kitchen)).lots[0].goalAt);
  const before = await goal();
  await page.getByRole('button', { name: 'Also done' }).click();
  await page.getByRole('button', { name: 'Foil went on' }).click();
  await expect(page.getByRole('list', { name: 'Foods' })).toBeVisible();
  expect(await goal()).toBeGreaterThan(before + 60_000);
  await expect(page.getByText(/Foil on, not planned\. Thighs \d+ min later/)).toBeVisible();
  await page.getByRole('button', { name: 'Also done' }).click();
  await page.getByLabel('Dial, °C').fill('900');
  await page.getByRole('button', { name: 'Set', exact: true }).click();
  await expect(page.getByText(/choose 60 °C to 290 °C/)).toBeVisible();
  await page.getByLabel('Dial, °C').fill('230');
  await page.getByRole('button', { name: 'Set', exact: true }).click();
  await expect(page.getByRole('list', { name: 'Foods' })).toBeVisible();
});

test('an alarm that is not touched gets louder, and a silent screen says so', async ({ page, kitchen }) => {
  test.setTimeout(240_000);
  const heard = await listen(page);
  await startBusyBake(kitchen);
  await page.goto(`${kitchen.address}/oven`);
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Leave it in');
  await page.getByRole('button', { name: 'Tap to let it ring' }).click();
  await expect(page.getByRole('button', { name: 'Rings here' })).toBeVisible();
  await kitchen.pass(7, page);
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Add the courgettes');
  await expect.poll(async () => new Set(await heard()).size, { timeout: 40_000 }).toBeGreaterThanOrEqual(2);
  const gains = await heard();
  expect(gains).toEqual([...gains].sort((a, b) => a - b));
  await page.getByRole('button', { name: 'Rings here' }).click();
  await expect(page.getByRole('button', { name: 'Silent here' })).toBeVisible();
  const count = (await heard()).length;
  await page.reload();
  await expect(page.getByRole('button', { name: 'Silent here' })).toBeVisible();
  await page.getByRole('heading', { level: 1 }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Add the courgettes');
  expect(count).toBeGreaterThan(0);
  expect(await heard()).toEqual([]);
});

test('the longest thing to do leaves the button for it on a phone’s screen, above the rail', async ({
  page,
  kitchen,
}) => {
  const glaze = { kind: 'glaze', when: 'atMinute', atMinutes: 25, mix: 'mustard-honey' };
  await startTray(kitchen, 'Long names', {
    chicken: [
      chicken('boneInThigh', 4, 170, { coats: [glaze] }),
      chicken('legQuarter', 2, 300, { id: 3, coats: [glaze] }),
    ],
  });
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto(`${kitchen.address}/oven`);
  await kitchen.pass(25, page);
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(
    /^Brush “Mustard and honey glaze” on the thighs and leg quarters/,
  );
  const done = await page.getByRole('button', { name: 'Done', exact: true }).boundingBox();
  const rail = await page.getByRole('region', { name: /^The rail/ }).boundingBox();
  expect((done?.y ?? 0) + (done?.height ?? 0)).toBeLessThan(rail?.y ?? 0);
});

test('a grill that is on is turned off by an act, now or since it was due', async ({ page, kitchen }) => {
  await startTray(kitchen, 'Browned first', {
    chicken: [chicken('boneInThigh', 3, 150)],
    steps: [{ kind: 'grill', atMinutes: 2, forMinutes: 3 }],
  });
  const top = page.getByRole('heading', { level: 1 });
  await page.goto(`${kitchen.address}/oven`);
  await kitchen.pass(2, page);
  await expect(top).toHaveText('Grill for 3 min');
  await page.getByRole('button', { name: 'Done', exact: true }).click();
  await expect(top).toHaveText('Leave it in');
  await kitchen.pass(3, page);
  await expect(top).toHaveText('Grill off');
  await expect(page.getByRole('button', { name: '3 min later' })).toHaveCount(0);
  await kitchen.pass(3, page);
  await expect(page.getByRole('button', { name: 'Off now' })).toBeVisible();
  await page.getByRole('button', { name: /^Off since/ }).click();
  await expect(top).toHaveText('Leave it in');
  const bake = await liveBake(kitchen);
  const off = Date.parse(bake.lastDone.at) - Date.parse(bake.acts[0].doneAt);
  expect(off / 60_000).toBeCloseTo(3, 1);
});
