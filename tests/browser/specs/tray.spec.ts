import type { Page } from '@playwright/test';
import { expect, test } from '../kitchen';

const answer = (page: Page) => page.getByRole('region', { name: 'The answer' });
const headline = (page: Page) => answer(page).getByRole('heading', { level: 1 });
const choose = (page: Page, group: string, option: string) =>
  page.getByRole('radiogroup', { name: group }).getByRole('radio', { name: option }).click();
/** Opens what a button opens, unless it is open. */
const open = async (page: Page, name: string | RegExp) => {
  const button = page.getByRole('button', { name }).first();
  if ((await button.getAttribute('aria-expanded')) !== 'true') await button.click();
};
const thighs = (page: Page) => open(page, /^6 bone-in thighs/);

/** Minutes in the oven, as the answer says them. */
async function minutes(page: Page): Promise<number> {
  const text =
    (await answer(page)
      .getByText(/min, give or take/)
      .last()
      .textContent()) ?? '';
  return Number.parseInt(text, 10);
}

test.beforeEach(async ({ page, kitchen }) => {
  await page.goto(`${kitchen.address}/tray`);
  await expect(headline(page)).toHaveText(/^Good together (at|from) \d\d:\d\d/);
});

test('every change answers at once and is kept', async ({ page, kitchen }) => {
  const first = await minutes(page);
  await open(page, /^Oven still/);
  await choose(page, 'Kind of heat', 'Fan');
  await expect.poll(() => minutes(page)).toBeLessThan(first);
  const fan = await minutes(page);

  await thighs(page);
  await page.getByLabel('How many').fill('4');
  await expect(page.getByLabel('Mass of all')).toHaveValue('660');
  await choose(page, 'Weighed', 'One');
  await page.getByLabel('Mass of one').fill('300');
  await expect.poll(() => minutes(page)).toBeGreaterThan(fan);
  await page.getByLabel('Height of the thickest').fill('1 ½ in');

  // Another unit is said in the kitchen, once.
  await expect.poll(async () => (await kitchen.get('/api/tray')).plan.chicken[0].height?.value).toBe(38.1);
  await page.getByRole('link', { name: 'Kitchen' }).click();
  await choose(page, 'Temperatures', '°F');
  await page.getByRole('link', { name: 'Tray' }).click();
  await open(page, /^Oven fan/);
  await expect(page.getByRole('textbox', { name: 'Oven' })).toHaveValue('400');
  await open(page, /^4 bone-in thighs/);
  await expect(page.getByLabel('Done when the middle is')).toHaveValue('176');
  await page.getByLabel('Done when the middle is').fill('165');
  await open(page, /^Oven fan/);
  await page.getByRole('button', { name: 'Safety rule' }).click();
  await page.getByRole('option', { name: 'Australia' }).click();
  await open(page, /^4 bone-in thighs/);
  await expect(page.getByLabel('Done when the middle is')).toHaveValue('167');
  await open(page, /^More/);
  await choose(page, 'Comes from', 'Counter');
  await expect(page.getByText('Keep raw chicken out for 2 hours at most')).toBeVisible();
  const last = await headline(page).textContent();

  await expect.poll(async () => (await kitchen.get('/api/tray')).plan.chicken[0].startFrom).toBe('counter');
  await page.reload();
  await expect(headline(page)).toHaveText(last ?? '');
  await open(page, /^4 bone-in thighs/);
  await expect(page.getByLabel('Height of the thickest')).toHaveValue('38.1');
  await open(page, /^Oven fan/);
  await expect(page.getByRole('textbox', { name: 'Oven' })).toHaveValue('400');
});

test('a tray that goes in long before its time is asked about first', async ({ page, kitchen }) => {
  const start = page.getByRole('button', { name: 'The tray goes in now' });
  await page.getByLabel('Dinner time').fill('20:30');
  await expect(answer(page).getByRole('definition').last()).toHaveText('20:30');
  await start.click();
  const question = page.getByRole('dialog', { name: 'Now already?' });
  await expect(question).toContainText(/Planned to go in at 19:\d\d; it is 17:0\d/);
  await expect(question).toContainText(/Is the oven at \d+ °C/);
  await question.getByRole('button', { name: 'Not yet' }).click();
  await expect(question).toHaveCount(0);
  expect((await kitchen.get('/api/bakes?live=true')).bakes).toHaveLength(0);
  await start.click();
  await question.getByRole('button', { name: 'It goes in now' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Leave it in');
  await expect(page.getByRole('heading', { level: 1 })).toBeFocused();
});

test('dinner at a time is worked back from, and an impossible one offers the earliest', async ({ page }) => {
  await page.getByLabel('Dinner time').fill('19:15');
  await expect(answer(page).getByRole('definition').last()).toHaveText('19:15');

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
  await expect(headline(page)).toHaveText(/^In now: Good together (at|from) 17:\d\d/);
});

const wrong: { field: string; typed: string; says: RegExp }[] = [
  { field: 'Mass of all', typed: '-900', says: /Write the mass as a number above 0/ },
  { field: 'Mass of all', typed: 'heavy', says: /Write the mass as a number above 0/ },
  { field: 'Mass of all', typed: '99999999', says: /Check the mass, the count/ },
  { field: 'How many', typed: '0', says: /Between 1 and 60 pieces/ },
  { field: 'How many', typed: 'six', says: /Between 1 and 60 pieces/ },
  { field: 'Height of the thickest', typed: '300', says: /Measure the thickest one again/ },
  { field: 'Oven', typed: '400', says: /Did you mean 400 °F/ },
  { field: 'Oven', typed: '900', says: /choose 60 °C to 290 °C/ },
  { field: 'Oven', typed: 'hot', says: /Write a temperature as a number/ },
  { field: 'Tonight', typed: '', says: /Give the tray a name/ },
];

test('what cannot be is said at its field, and nothing stored changes', async ({ page, kitchen }) => {
  // A dinner typed again may come back in another offset; it is the same dinner.
  const plan = async () => JSON.stringify({ ...(await kitchen.get('/api/tray')).plan, eatAt: null });
  const stored = await plan();
  await thighs(page);
  for (const { field, typed, says } of wrong) {
    await open(page, field === 'Oven' ? /^Oven still/ : /^(\d+ )?bone-in thighs/);
    const box = page.getByRole('textbox', { name: field, exact: true });
    const before = await box.inputValue();
    await box.fill(typed);
    await expect(page.getByRole('alert').filter({ hasText: says }), `${field}: ${typed}`).toBeVisible();
    await expect(box).toHaveAttribute('aria-invalid', 'true');
    expect(await plan()).toBe(stored);
    await box.fill(before);
    // The count takes the mass with it.
    if (field === 'How many') await page.getByLabel('Mass of all').fill('990');
    await expect(page.getByRole('alert')).toHaveCount(0);
  }

  await open(page, /^(\d+ )?bone-in thighs/);
  await open(page, /^More/);
  await choose(page, 'Comes from', 'Frozen');
  await expect(page.getByRole('alert')).toContainText('Thaw it in the fridge first');
  expect(JSON.stringify((await kitchen.get('/api/tray')).plan.chicken)).toBe(
    JSON.stringify(JSON.parse(stored).chicken),
  );
});

test('vegetables of no size and steps far after the end are refused at their field', async ({ page }) => {
  await open(page, /^potatoes/);
  await page.getByLabel('Size', { exact: true }).fill('200');
  await expect(page.getByRole('alert')).toContainText('10 mm to 60 mm');
  await page.getByLabel('Size', { exact: true }).fill('0');
  await expect(page.getByRole('alert')).toContainText('10 mm to 60 mm');
  await page.getByLabel('Size', { exact: true }).fill('20');
  await expect(page.getByRole('alert')).toHaveCount(0);

  await open(page, /^Hands/);
  await page.getByRole('button', { name: 'Add a step' }).click();
  await expect(page.getByRole('list', { name: 'What the steps do' })).toContainText('Turn over');
  await page.getByLabel('After how many minutes').fill('75');
  // Later than the food needs: the tray stays in for it, and that is said.
  await expect(
    page.getByText(/The tray stays in for 75 min, until its last step is done: \d+ min longer/),
  ).toBeVisible();
  await page.getByLabel('After how many minutes').fill('250');
  await expect(page.getByRole('alert')).toContainText('0 to 240 min after the start');
  await page.getByRole('button', { name: /^Leave out/ }).click();
  await expect(page.getByRole('alert')).toHaveCount(0);
  await page.getByLabel('Stays in at least, min').fill('70');
  await expect(page.getByText('The tray stays in for 70 min, as you asked')).toBeVisible();
});

test('too much food says how much, and a second tray makes room', async ({ page, kitchen }) => {
  await thighs(page);
  await page.getByLabel('How many').fill('50');
  await expect(page.getByRole('alert')).toContainText('no oven gets through such a heap evenly');
  expect((await kitchen.get('/api/tray')).plan.chicken[0].sizes.count).toBe(6);
  // A second layer is baked as it is, and said: the plan goes on answering.
  await page.getByLabel('How many').fill('14');
  await expect(page.getByRole('alert')).toContainText(/\d+ % more than this tray holds: no room for/);
  await expect.poll(async () => (await kitchen.get('/api/tray')).plan.chicken[0].sizes.count).toBe(14);
  await page.getByRole('button', { name: 'Leave out what has no room' }).click();
  await expect(page.getByRole('alert')).toHaveCount(0);
  await expect.poll(async () => (await kitchen.get('/api/tray')).answer.overfull).toEqual([]);
  expect((await kitchen.get('/api/tray')).plan.chicken[0].sizes.count).toBe(14);
  await page.getByLabel('How many').fill('18');
  await page.getByRole('button', { name: 'Use a second tray' }).first().click();
  await expect(page.getByRole('figure', { name: 'The tray from above, lower shelf' })).toBeVisible();
  await page.getByRole('button', { name: 'Half of the chicken on the other tray' }).click();
  await expect.poll(async () => (await kitchen.get('/api/tray')).plan.chicken.length).toBe(2);
  await expect.poll(async () => (await kitchen.get('/api/tray')).answer.overfull).toEqual([]);
  await expect(page.getByRole('alert')).toHaveCount(0);
});

test('the spoon moves by keyboard and by hand, and the picture shows its minute', async ({ page }) => {
  const spoon = page.getByRole('slider', { name: 'Minute shown' });
  const lead = page.getByRole('button', { name: /^bone-in thigh \d: .*probe this one/ });
  const before = await lead.getAttribute('aria-label');
  await spoon.focus();
  for (let i = 0; i < 5; i++) await page.keyboard.press('ArrowRight');
  await expect(spoon).toHaveAttribute('aria-valuetext', /^\d\d:\d\d, middle \d+ °C$/);
  expect(await lead.getAttribute('aria-label')).not.toBe(before);

  await page.keyboard.press('Home');
  const start = await spoon.getAttribute('aria-valuetext');
  expect(start).toContain('middle 4 °C');
  const box = await page.getByRole('region', { name: 'The rail' }).boundingBox();
  await page.mouse.click((box?.x ?? 0) + (box?.width ?? 0) * 0.7, (box?.y ?? 0) + 90);
  await expect(spoon).not.toHaveAttribute('aria-valuetext', start ?? '');
});

test('a piece is dragged, by hand and by keyboard, and stays where it is laid', async ({ page, kitchen }) => {
  const spots = async () =>
    (await kitchen.get('/api/tray')).plan.spots as {
      lot: number;
      index: number;
      xMm: number;
      yMm: number;
      isPinned: boolean;
    }[];
  const carrot = (await spots()).find((spot) => spot.lot === 3 && spot.index === 0);
  const piece = page.getByRole('button', { name: /^carrots: / });
  const box = await piece.boundingBox();
  if (!box || !carrot) throw new Error('The carrot is not on screen.');
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width / 2 + 40, box.y + box.height / 2 + 25, { steps: 5 });
  await page.mouse.up();
  await expect
    .poll(async () => (await spots()).find((spot) => spot.lot === 3 && spot.index === 0)?.isPinned)
    .toBe(true);
  const moved = (await spots()).find((spot) => spot.lot === 3 && spot.index === 0);
  expect(Math.hypot((moved?.xMm ?? 0) - carrot.xMm, (moved?.yMm ?? 0) - carrot.yMm)).toBeGreaterThan(10);

  await piece.focus();
  await page.keyboard.press('ArrowUp');
  await expect
    .poll(async () => (await spots()).find((spot) => spot.lot === 3 && spot.index === 0)?.yMm)
    .not.toBe(moved?.yMm);
  await page.getByRole('button', { name: 'Lay it out afresh' }).click();
  await expect.poll(async () => (await spots()).every((spot) => !spot.isPinned)).toBe(true);
});

test('tables say what the picture and the curve show', async ({ page }) => {
  const tray = page.getByRole('table', { name: 'What is on the tray' }).getByRole('row');
  await expect(tray).toHaveCount(5);
  await expect(tray.nth(2)).toContainText('potatoes');
  await page.getByRole('tab', { name: 'Curve' }).click();
  const rows = page.getByRole('table', { name: 'Predicted temperatures' }).getByRole('row');
  await expect(rows.nth(1)).toContainText('4 °C');
});

test('a finish-together plan is adopted with one tap, and undone', async ({ page, kitchen }) => {
  const together = answer(page).getByText(/^\d+ min apart, out at/);
  const allGood = answer(page).getByText(/^Good together (at|from) \d\d:\d\d/);
  // Potatoes cut so large that the thighs cannot wait for them.
  await open(page, /^potatoes/);
  await page.getByLabel('Size', { exact: true }).fill('45');
  await expect(together).toBeVisible();
  const before = await together.textContent();
  await page.getByRole('button', { name: 'Back to the whole tray' }).click();
  await page.getByRole('tab', { name: 'Finish together' }).click();
  // Least to do comes first, and need not be enough.
  const enough = page.getByRole('listitem').filter({ hasText: 'All good together' }).first();
  await enough.getByRole('button', { name: 'Do it like this' }).click();
  await expect(allGood).toBeVisible();
  await expect(page.getByText('All good together as it stands')).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(together).toHaveText(before ?? '');
  await page.getByRole('button', { name: 'Redo' }).click();
  await expect(allGood).toBeVisible();
  expect((await kitchen.get('/api/tray')).canUndo).toBe(true);
});

test('other ways stand side by side, and a recipe is held against these pieces', async ({ page }) => {
  await page.getByRole('tab', { name: 'Other ways' }).click();
  const table = page.getByRole('region', { name: 'Ways side by side' }).getByRole('table');
  await expect(table.getByRole('columnheader')).toHaveCount(4, { timeout: 15_000 });
  await page.getByRole('button', { name: 'Covered, then open' }).click();
  await expect(table.getByRole('columnheader', { name: 'Covered, then open' })).toBeVisible({ timeout: 15_000 });
  await expect(page.getByRole('button', { name: 'Boneless' })).toBeDisabled();
  await expect(table.getByRole('row', { name: /^Chicken done/ })).toContainText(/\d+ min ± \d+/);

  await page.getByRole('tab', { name: 'A recipe' }).click();
  await page.getByLabel('The recipe’s time, min').fill('20');
  await page.getByRole('button', { name: 'Try it' }).click();
  await expect(page.getByText(/^Leave it \d+ min longer/)).toBeVisible();
  await page.getByLabel('The recipe’s oven').fill('20');
  await page.getByRole('button', { name: 'Try it' }).click();
  await expect(page.getByRole('alert')).toContainText('60 °C to 290 °C');
});

test('a school plans the steps, and the last raw brush has its time', async ({ page }) => {
  await thighs(page);
  await page.getByRole('button', { name: 'Another coat' }).click();
  await page
    .getByRole('region', { name: 'Coats to choose from' })
    .getByRole('button', { name: 'Apricot glaze' })
    .click();
  await expect(page.getByText(/Last touch of the brush that met raw chicken: \d\d:\d\d/)).toBeVisible();
  await open(page, /^Hands/);
  await page.getByLabel('Heat', { exact: true }).selectOption('foil on, then off');
  await page.getByRole('button', { name: 'Plan the steps like this' }).click();
  await expect(page.getByRole('list', { name: 'Steps', exact: true }).getByRole('listitem')).toHaveCount(3);
  await expect(page.getByRole('list', { name: 'What the steps do' })).toContainText(/Foil on: adds \d+ min/);
});

test('keys add, choose, count, move the spoon and undo', async ({ page, kitchen }) => {
  const count = async () => (await kitchen.get('/api/tray')).plan.chicken[0].sizes.count;
  await page.keyboard.press('n');
  await expect(page.getByLabel('How many')).toBeVisible();
  await page.keyboard.press('+');
  await expect.poll(count).toBe(7);
  await page.keyboard.press('-');
  await expect.poll(count).toBe(6);
  const spoon = page.getByRole('slider');
  const before = await spoon.getAttribute('aria-valuetext');
  await page.keyboard.press('.');
  await expect(spoon).not.toHaveAttribute('aria-valuetext', before ?? '');
  await page.keyboard.press('Control+z');
  await expect.poll(count).toBe(7);
  await page.keyboard.press('Control+y');
  await expect.poll(count).toBe(6);
  await page.keyboard.press('v');
  await page.getByRole('button', { name: 'Leeks' }).click();
  await expect.poll(async () => (await kitchen.get('/api/tray')).plan.vegetables.length).toBe(4);
});

test('trays are kept by name, copied, put away and opened again', async ({ page, kitchen }) => {
  await page.getByRole('button', { name: 'Trays', exact: true }).click();
  await page.getByRole('button', { name: 'Sunday leg quarters' }).click();
  await expect(page.getByRole('textbox', { name: 'Tonight' })).toHaveValue('Sunday leg quarters');
  await page.getByRole('button', { name: 'Trays', exact: true }).click();
  await page.getByRole('button', { name: 'Copy this' }).click();
  await expect(page.getByRole('textbox', { name: 'Tonight' })).toHaveValue('Sunday leg quarters, again');
  await page.getByRole('button', { name: 'Trays', exact: true }).click();
  await page.getByRole('button', { name: 'Put this away' }).click();
  await expect(page.getByRole('textbox', { name: 'Tonight' })).toHaveValue('Sunday leg quarters');
  await page.getByRole('button', { name: 'Trays', exact: true }).click();
  await expect(page.getByRole('list', { name: 'Put away' })).toContainText('again');
  expect((await kitchen.get('/api/trays')).trays.length).toBe(4);
});

test('why says what the answer rests on, with sources', async ({ page }) => {
  await page.getByRole('button', { name: 'Why?' }).click();
  await expect(page.getByRole('heading', { name: 'What this rests on' })).toBeVisible();
  await expect(page.getByText('Choi and Okos 1986')).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('heading', { name: 'What this rests on' })).toHaveCount(0);
});

test('the panel gives the focus back: to its row, or to what is put on next', async ({ page }) => {
  const row = page.getByRole('button', { name: /^6 bone-in thighs/ });
  await row.click();
  await page.getByRole('button', { name: 'Back to the whole tray' }).click();
  await expect(row).toBeFocused();
  await row.click();
  await page.getByRole('button', { name: 'Take the 6 bone-in thighs off the tray' }).click();
  await expect(page.getByRole('button', { name: 'Chicken', exact: true })).toBeFocused();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(row).toBeVisible();
});

test('a change on one screen shows on the other', async ({ page, kitchen, context }) => {
  const other = await context.newPage();
  await other.goto(`${kitchen.address}/tray`);
  await expect(headline(other)).toBeVisible();
  await thighs(page);
  await page.getByRole('button', { name: 'One piece more' }).click();
  await expect(other.getByRole('button', { name: /^7 bone-in thighs/ })).toBeVisible();
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

test('a whole bird is put on the tray with one action, in its own masses', async ({ page, kitchen }) => {
  await page.getByRole('button', { name: 'Chicken', exact: true }).click();
  await page.getByRole('button', { name: 'a whole bird, cut up' }).click();
  await page.getByLabel('The bird weighs, g').fill('400');
  await expect(page.getByText('A whole bird weighs 600 g to 4 kg.')).toBeVisible();
  await page.getByLabel('The bird weighs, g').fill('2000');
  await page.getByRole('button', { name: 'Add its parts' }).click();
  await expect
    .poll(async () => (await kitchen.get('/api/tray')).plan.chicken.map((lot: { cut: string }) => lot.cut).slice(-3))
    .toEqual(['bonelessBreast', 'legQuarter', 'wholeWing']);
  const { chicken } = (await kitchen.get('/api/tray')).plan;
  expect(
    chicken
      .slice(-3)
      .map((lot: { sizes: { count: number; mass: { value: number } } }) => [lot.sizes.count, lot.sizes.mass.value]),
  ).toEqual([
    [2, 650],
    [2, 630],
    [2, 220],
  ]);
});

test('with eight foods, two trays and a curve nothing lies under the rail, and the page does not scroll', async ({
  page,
  kitchen,
}) => {
  const { id, plan } = await kitchen.get('/api/tray');
  const [meat] = plan.chicken;
  const [vegetable] = plan.vegetables;
  plan.spots = [];
  plan.vessels = [plan.vessels[0], plan.vessels[0]];
  plan.chicken = ['boneInThigh', 'drumstick', 'legQuarter', 'boneInBreast'].map((cut, i) => ({
    ...meat,
    id: i + 1,
    cut,
    sizes: { ...meat.sizes, count: 2, mass: { value: 500, unit: 'gram' } },
  }));
  plan.vegetables = ['potato', 'sweetPotato', 'squash', 'aubergine'].map((kind, i) => ({
    ...vegetable,
    id: 10 + i,
    kind,
    vessel: i % 2,
    amount: { value: 100, unit: 'gram' },
  }));
  const saved = await fetch(`${kitchen.address}/api/trays/${id}`, {
    method: 'PUT',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(plan),
  });
  expect(saved.status).toBe(200);
  await page.reload();
  const rail = page.getByRole('region', { name: 'The rail: the evening minute by minute' });
  await expect(rail.getByRole('button', { name: /^aubergine/i })).toBeVisible();
  const words = page.getByText(/^bone-in breast 1: middle/);
  const isAboveRail = async () => {
    const [said, strip] = [await words.boundingBox(), await rail.boundingBox()];
    return said !== null && strip !== null && said.height > 10 && said.y + said.height <= strip.y + 1;
  };
  await expect.poll(isAboveRail).toBe(true);
  await page.getByRole('tab', { name: 'Curve' }).click();
  await expect(rail.getByRole('img', { name: /^Predicted temperatures over time/ })).toBeVisible();
  await expect.poll(isAboveRail).toBe(true);
  expect(await page.evaluate(() => document.documentElement.scrollHeight)).toBe(800);
});
