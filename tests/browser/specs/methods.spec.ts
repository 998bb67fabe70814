import type { Page } from '@playwright/test';
import { chicken, startTray, vegetable } from '../busyBake';
import { expect, type KitchenServer, liveBake, readingBox, test } from '../kitchen';

const celsius = (value: number) => ({ value, unit: 'celsius' });
const dish = { kind: 'dish', width: null, depth: null, rack: false, parchment: false, waterMl: 0 };
const top = (page: Page) => page.getByRole('heading', { level: 1 });

/** Hands are asked for it, on top or behind a look that is due already. */
const asked = async (page: Page, title: string) => {
  await expect(page.getByText(title).first()).toBeVisible();
  await expect(page.getByRole('button', { name: 'Done', exact: true })).toBeVisible();
};

const measureBox = (page: Page) => page.getByRole('region', { name: 'Measure' });

/** Enters for each piece that is asked for what it should be by now, until none is. */
async function measureAll(page: Page, kitchen: KitchenServer, type: (value: string) => Promise<void>) {
  for (let n = 0; n < 8; n++) {
    const bake = await liveBake(kitchen);
    const next = bake.verdict.measureNext[0];
    if (!next) return;
    const lot = bake.lots.find((other: { lot: number }) => other.lot === next.lot);
    const piece = lot.pieces.find((other: { piece: number }) => other.piece === next.piece);
    await type(piece.middleC.toFixed(1));
    await expect(readingBox(page)).toHaveValue('');
    await expect.poll(async () => (await liveBake(kitchen)).readings.length).toBeGreaterThan(bake.readings.length);
    // A second reading of a piece counts when it is aimed anew a minute later.
    await kitchen.pass(1.1, page);
  }
}

/** Lets time pass until the last of the chicken should be as hot as it is wanted, and a little more. */
async function passUntilDone(kitchen: KitchenServer, page: Page, more: number) {
  const bake = await liveBake(kitchen);
  const goals = bake.lots.map((lot: { goalAt: string | null }) => Date.parse(lot.goalAt ?? bake.now));
  await kitchen.pass(Math.max(0, Math.ceil((Math.max(...goals) - Date.parse(bake.now)) / 60_000)) + more, page);
}

test('juices poured off, a sauce over, twenty minutes more: told on a phone, seen on the counter', async ({
  page,
  kitchen,
  browser,
}) => {
  test.setTimeout(240_000);
  await startTray(kitchen, 'Sauce from the juices', {
    chicken: [chicken('boneInThigh', 4, 170), chicken('drumstick', 4, 115, { id: 3 })],
    vessels: [{ kind: 'roastingTin', width: null, depth: null, rack: false, parchment: false, waterMl: 0 }],
    ovenSetting: celsius(210),
    steps: [{ kind: 'drain', atMinutes: 26 }],
  });
  await page.goto(`${kitchen.address}/oven`);
  const phone = await browser.newPage({ viewport: { width: 390, height: 844 } });
  await phone.goto(`${kitchen.address}/oven`);
  await expect(top(phone)).toHaveText('Leave it in');
  await kitchen.pass(26, page);
  await asked(page, 'Pour the juices off');
  await phone.getByRole('button', { name: 'Done', exact: true }).click();
  // Two devices agree within a second, and one more for a busy machine.
  await expect(page.getByRole('button', { name: 'Done', exact: true })).toHaveCount(0, { timeout: 2000 });
  await expect(page.getByText('Pour the juices off: done.')).toBeVisible();

  await kitchen.pass(4, phone);
  await phone.getByRole('button', { name: 'Also done' }).click();
  await phone.getByLabel('Sauce, min more').fill('0');
  await phone.getByRole('button', { name: 'Sauce went over' }).click();
  await expect(phone.getByText('it bakes on for 1 to 60 min')).toBeVisible();
  await phone.getByLabel('Sauce, min more').fill('20');
  await phone.getByRole('button', { name: 'Sauce went over' }).click();
  await expect(page.getByText('Sauce over, for 20 min more.')).toBeVisible();
  const bake = await liveBake(kitchen);
  const out = bake.next.find((act: { kind: string }) => act.kind === 'takeOut');
  expect(Date.parse(out.dueAt)).toBeGreaterThanOrEqual(Date.parse(bake.now) + 19.5 * 60_000);

  // A small one is done before the others and comes off; on the counter it is seen, asked for by itself, and taken back.
  await page.getByRole('button', { name: /^thighs$/i }).click();
  await page.getByRole('button', { name: /^thigh 4/ }).click();
  await page.getByRole('button', { name: 'It came off' }).click();
  await expect(page.getByRole('button', { name: /^thigh 4.*back in/i })).toBeVisible();
  await expect(phone.getByText(/Thigh 4.* came off the tray/)).toBeVisible();
  expect((await liveBake(kitchen)).verdict.measureNext.map((next: { why: string }) => next.why)).toContain(
    'it came off by itself',
  );
  await page.getByRole('button', { name: 'Take it back' }).click();
  await expect(page.getByRole('button', { name: /^thigh 4.*back in/i })).toHaveCount(0);

  await kitchen.pass(20, page);
  await passUntilDone(kitchen, page, 2);
  await measureAll(page, kitchen, async (value) => {
    await readingBox(page).fill(value);
    await readingBox(page).press('Enter');
  });
  expect((await liveBake(kitchen)).verdict.kind).toBe('serve');
  await phone.getByRole('button', { name: 'The tray is out, resting' }).click();
  await expect(page.getByRole('region', { name: 'After the oven' })).toContainText('boil it for a minute');
});

test('skewers under the grill, turned twice, with the keyboard alone', async ({ page, kitchen }) => {
  test.setTimeout(240_000);
  await startTray(kitchen, 'Skewers', {
    chicken: [chicken('bonelessThigh', 5, 75, { skinOn: false, coating: 'thickMarinade' })],
    vessels: [{ ...dish, kind: 'halfSheet', rack: true }],
    ovenMode: 'grill',
    ovenSetting: celsius(240),
    steps: [5, 10].map((atMinutes) => ({ kind: 'turn', atMinutes })),
  });
  await page.goto(`${kitchen.address}/oven`);
  await expect(top(page)).toHaveText('Leave it in');
  const focused = () => page.evaluate(() => document.activeElement?.textContent ?? '');
  const isLost = () => page.evaluate(() => document.activeElement === document.body);

  /** Tabs to a button, by its words, and presses it. */
  const pressTo = async (name: RegExp) => {
    for (let n = 0; n < 60 && !name.test(await focused()); n++) await page.keyboard.press('Tab');
    expect(await focused()).toMatch(name);
    await page.keyboard.press('Enter');
  };
  for (const minutes of [5, 5]) {
    await kitchen.pass(minutes, page);
    await expect(top(page)).toHaveText('Turn the pieces');
    await pressTo(/^Done$/);
    await expect(top(page)).not.toHaveText('Turn the pieces');
    await expect.poll(isLost).toBe(false);
  }
  await pressTo(/^Also done$/);
  await pressTo(/^Basted$/);
  await expect(page.getByText('Baste, not planned.')).toBeVisible();
  await expect.poll(isLost).toBe(false);
  await pressTo(/^Take it back$/);
  await expect(page.getByText('Baste, not planned.')).toHaveCount(0);
  await expect.poll(isLost).toBe(false);

  await pressTo(/^thighs$/i);
  await pressTo(/^Just right$/);
  await expect(page.getByText(/The thighs: browned well/)).toBeVisible();
  await expect.poll(isLost).toBe(false);

  await passUntilDone(kitchen, page, 3);
  await measureAll(page, kitchen, async (value) => {
    const isOnBox = () =>
      page.evaluate(() => document.activeElement?.matches('[aria-label="Measure"] form input') ?? false);
    for (let n = 0; n < 80 && !(await isOnBox()); n++) await page.keyboard.press('Tab');
    await page.keyboard.type(value);
    await page.keyboard.press('Enter');
  });
  await expect(measureBox(page)).toBeVisible();
  expect((await liveBake(kitchen)).verdict.kind).toBe('serve');
});

test('a deep dish under foil, then open: the fork finds the sweet potatoes hard, and what came too late is said', async ({
  page,
  kitchen,
  browser,
}) => {
  test.setTimeout(240_000);
  await startTray(kitchen, 'Deep dish', {
    chicken: [chicken('drumstick', 5, 125)],
    vegetables: [vegetable('sweetPotato', 'cube', 45, 650)],
    vessels: [{ ...dish, waterMl: 180 }],
    ovenSetting: celsius(190),
    steps: [
      { kind: 'cover', atMinutes: 0 },
      { kind: 'uncover', atMinutes: 48 },
      { kind: 'turn', atMinutes: 50 },
      { kind: 'baste', atMinutes: 52 },
    ],
  });
  await page.goto(`${kitchen.address}/oven`);
  await page.getByRole('button', { name: 'Done', exact: true }).click();
  await kitchen.pass(48, page);
  await asked(page, 'Foil off');
  await page.getByRole('button', { name: 'Done', exact: true }).click();
  await kitchen.pass(2, page);
  await asked(page, 'Turn the pieces');

  // The kitchen dies; another device turns the pieces as soon as it is back, before this one is heard: that is said.
  await kitchen.kill();
  await expect(page.getByText('Lost touch with the kitchen server')).toBeVisible();
  await page.getByRole('button', { name: 'Done', exact: true }).click();
  await expect(page.getByRole('region', { name: 'Waiting to be sent' })).toContainText('Turn the pieces: done');
  await page.context().setOffline(true);
  await kitchen.open();
  const other = await browser.newPage();
  await other.goto(`${kitchen.address}/oven`);
  await asked(other, 'Turn the pieces');
  await other.getByRole('button', { name: 'Done', exact: true }).click();
  await expect.poll(async () => (await liveBake(kitchen)).acts[2].doneAt).not.toBeNull();
  await page.context().setOffline(false);
  await expect(page.getByRole('alert')).toContainText('not taken by the kitchen: That step was done already.', {
    timeout: 30_000,
  });
  await page.getByRole('button', { name: 'Seen' }).click();
  await expect(page.getByText('not taken by the kitchen')).toHaveCount(0);

  const tender = async () => Date.parse((await liveBake(kitchen)).lots[1].goalAt);
  await kitchen.pass(2, page);
  await page.getByRole('button', { name: 'Done', exact: true }).click();
  const before = await tender();
  await page.getByRole('button', { name: /^sweet potatoes$/i }).click();
  await page.getByRole('button', { name: 'Still hard' }).click();
  await expect(page.getByText('The sweet potatoes: still hard.')).toBeVisible();
  // An estimate made anew moves by some seconds; a fork by minutes.
  expect(await tender()).toBeGreaterThan(before + 30_000);
  await page.getByRole('button', { name: 'Take it back' }).click();
  await expect.poll(async () => Math.abs((await tender()) - before)).toBeLessThan(30_000);

  await passUntilDone(kitchen, page, 2);
  await measureAll(page, kitchen, async (value) => {
    await readingBox(page).fill(value);
    await readingBox(page).press('Enter');
  });
  expect((await liveBake(kitchen)).verdict.kind).toBe('serve');
});
