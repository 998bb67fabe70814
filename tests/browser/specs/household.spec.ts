import type { Page } from '@playwright/test';
import { startBusyBake } from '../busyBake';
import { expect, test } from '../kitchen';

/** Units of the other kind, and times of day after noon by the other clock, in what the page shows. */
const foreign = /°C|\d\s?(g|kg|mm|cm|ml|l|dm²)\b|\b(g|ml|mm|kg)$|\b(1[3-9]|2[0-3]):\d\d\b|a kilogram/gm;

/** What is shown in the other units, with the words before it. A safety rule, and a way to bake, is said in both. */
async function foreignWords(page: Page): Promise<string[]> {
  // biome-ignore lint/performance/useDomNodeTextContent: only what a cook sees, line by line.
  const shown = (await page.locator('body').innerText()).replaceAll('(73.9 °C)', '').replace(/\d+ °C \(\d+ °F\)/g, '');
  return [...shown.matchAll(foreign)].map((found) =>
    shown.slice(Math.max(0, found.index - 40), found.index + found[0].length),
  );
}

test.describe('where nobody has cooked yet', () => {
  test.use({ demo: false });

  test.describe('where nobody has cooked yet', () => {
    test.use({ demo: false });

    test('a kitchen is asked three questions once, and everything on the tray obeys', async ({ page, kitchen }) => {
      await page.goto(`${kitchen.address}/tray`);
      const questions = page.getByRole('region', { name: 'Your kitchen, once' });
      await questions.getByRole('radio', { name: '°F and ounces' }).click();
      await questions.getByRole('radio', { name: 'Dish' }).click();
      await questions.getByRole('radio', { name: 'Nothing yet' }).click();
      await expect(questions).toContainText('Times alone do not say that chicken is safe');
      await questions.getByRole('button', { name: 'That is my kitchen' }).click();
      await expect(questions).toHaveCount(0);
      await page.reload();
      await expect(page.getByRole('heading', { name: 'An empty tray' })).toBeVisible();
      await expect(questions).toHaveCount(0);

      await page.getByRole('button', { name: 'Try it with thighs, potatoes and carrots' }).click();
      await expect(page.getByRole('heading', { level: 1 })).toHaveText(/^In now: .* [pm]{2}/);
      const plan = async () => (await kitchen.get('/api/tray')).plan;
      await expect.poll(async () => (await plan()).ovenSetting.unit).toBe('fahrenheit');
      expect((await plan()).chicken[0].sizes.mass.unit).toBe('ounce');
      for (const panel of [/^\d+ bone-in thighs/, /^carrots \d/i, /^Oven /, /^Hands/]) {
        await page.getByRole('button', { name: panel }).first().click();
        await expect(page.getByRole('button', { name: panel }).first()).toHaveAttribute('aria-expanded', 'true');
        expect(await foreignWords(page), String(panel)).toEqual([]);
      }
      await page.getByRole('button', { name: 'Chicken', exact: true }).click();
      await page.getByRole('button', { name: 'a whole bird, cut up' }).click();
      await page.getByLabel('The bird weighs, oz').fill('1 lb');
      await expect(page.getByText('A whole bird weighs 1 lb 5 oz to 8 lb 13 oz.')).toBeVisible();
      expect(await foreignWords(page), 'a whole bird').toEqual([]);
      await page.getByRole('button', { name: 'Not now' }).click();

      await page.getByRole('button', { name: /^\d+ bone-in thighs/ }).click();
      await page.getByRole('button', { name: /^Coats/ }).click();
      await page.getByRole('button', { name: 'Coat it' }).click();
      await page
        .getByRole('region', { name: 'Coats to choose from' })
        .getByRole('button', { name: 'Green yogurt' })
        .click();
      await expect.poll(async () => (await plan()).chicken[0].coats.at(-1)?.mix).toBe('green-yogurt');
      await page.getByRole('button', { name: /^Oven / }).click();
      await page.getByLabel('Water or stock in it, cups').fill('1 ¼');
      await expect.poll(async () => (await plan()).vessels[0].waterMl).toBe(300);
      await page.getByRole('button', { name: /^\d+ bone-in thighs/ }).click();
      await page.getByLabel('Mass of all').fill('2 lb 4 oz');
      await expect.poll(async () => (await plan()).chicken[0].sizes.mass).toEqual({ value: 36, unit: 'ounce' });
      await page.getByRole('radio', { name: 'Tomorrow' }).click();
      await page.getByLabel('Dinner time').fill('6:45 pm');
      await expect.poll(async () => new Date((await plan()).eatAt).getMinutes()).toBe(45);
      await expect(page.getByRole('definition').last()).toHaveText('6:45 pm');

      await page.getByRole('link', { name: 'Prep' }).click();
      for (const tab of await page.getByRole('tab').all()) {
        await tab.click();
        await expect(page.getByRole('tabpanel')).toBeVisible();
        for (const more of ['A recipe on paper', 'still frozen', 'A pack', 'Against a whole bird']) {
          const button = page.getByRole('tabpanel').locator('button', { hasText: more }).first();
          if (await button.isVisible()) await button.click();
        }
        await expect(page.getByText('Looking at tonight’s tray…')).toHaveCount(0);
        expect(await foreignWords(page), (await tab.textContent()) ?? '').toEqual([]);
      }
      await page.getByRole('tab').first().click();
      await page.getByRole('button', { name: 'A mix of your own' }).click();
      await expect(page.getByLabel('For so much meat, oz')).toHaveValue('35.3');
      // What goes into it is written as its recipe has it, in any measure.
      await expect(page.getByRole('radio', { name: 'for 2 lb 3 oz of meat' })).toBeVisible();
      // How this kitchen measures is known before it is asked for, and nothing is shown anew when the answer comes.
      await page.route('**/api/kitchen', (route) => route.abort());
      await page.goto(`${kitchen.address}/tray`);
      await page.getByRole('tab', { name: 'A recipe' }).click();
      await expect(page.getByLabel('The recipe’s oven, °F')).toHaveValue('375');
      await page.unroute('**/api/kitchen');
      expect(await foreignWords(page), 'a recipe').toEqual([]);
      await page.getByRole('tab', { name: 'Curve' }).click();
      await expect(page.getByRole('table', { name: 'Predicted temperatures' })).toBeVisible();
      expect(await foreignWords(page), 'the curve').toEqual([]);
      await page.goto(`${kitchen.address}/evening`);
      await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
      expect(await foreignWords(page), 'the evening').toEqual([]);
      await page.goto(`${kitchen.address}/print`);
      await expect(page.getByRole('heading', { name: 'On the tray' })).toBeVisible();
      expect(await foreignWords(page), 'on paper').toEqual([]);
    });
  });
});

test('the kitchen is changed on one device and seen on the other; what cannot be is said at its field', async ({
  page,
  kitchen,
  context,
}) => {
  await page.goto(`${kitchen.address}/kitchen`);
  const other = await context.newPage();
  await other.goto(`${kitchen.address}/tray`);
  await expect(other.getByText(/still 205 °C/).first()).toBeVisible();
  await page.getByRole('radio', { name: '6:45 pm' }).click();
  await expect(other.getByRole('heading', { level: 1 })).toHaveText(/\d pm$/);
  for (const [unit, dial] of [
    ['°F', /still 400 °F/],
    ['°C', /still 205 °C/],
  ] as const) {
    await page.getByRole('radio', { name: unit }).click();
    await expect(other.getByText(dial).first()).toBeVisible();
  }

  await page.getByRole('textbox', { name: 'Name of tray 2' }).fill(' ');
  await page.getByRole('textbox', { name: 'Name of tray 2' }).press('Enter');
  await expect(page.getByRole('alert')).toContainText('Give it a name');
  await expect(page.getByRole('textbox', { name: 'Name of tray 2' })).toHaveValue(' ');
  expect((await kitchen.get('/api/kitchen')).household.vessels[1].name).toBe('Blue dish');
  // A quick hand says the second while the first is still on its way.
  await page.route('**/api/kitchen', async (route) => {
    await new Promise((resolve) => setTimeout(resolve, 700));
    await route.continue();
  });
  await page.getByRole('button', { name: 'Make it the usual one' }).click();
  await page.getByRole('button', { name: 'Baking sheet is gone' }).click();
  await expect(page.getByRole('button', { name: 'Blue dish is gone' })).toBeDisabled();
  const owned = async () => (await kitchen.get('/api/kitchen')).household.vessels;
  await expect.poll(async () => (await owned()).map(({ name }: { name: string }) => name)).toEqual(['Blue dish']);
});

test('a second oven that runs cool is said once, chosen for the tray, and what it cannot do is said at its field', async ({
  page,
  kitchen,
}) => {
  await page.goto(`${kitchen.address}/kitchen`);
  await page.getByRole('button', { name: 'Another oven' }).click();
  const second = page.getByRole('listitem').filter({ hasText: 'Name of oven 2' });
  await second.getByRole('textbox', { name: 'Name of oven 2' }).fill('Little oven');
  await second.getByRole('textbox', { name: 'Name of oven 2' }).press('Enter');
  await second.getByRole('button', { name: 'What you know of it' }).click();
  const say = async (label: string, text: string) => {
    await second.getByLabel(label).fill(text);
    await second.getByLabel(label).press('Enter');
  };
  const little = async () => (await kitchen.get('/api/kitchen')).household.ovens[1];
  await say('By a thermometer inside it is', '9 cooler');
  await expect.poll(async () => (await little()).runsHotBy).toEqual({ value: -9, unit: 'celsius' });
  await say('Up to', '700');
  await expect(second.getByRole('alert')).toContainText('choose 60 °C to 290 °C');
  await say('Up to', '230');
  await expect.poll(async () => (await little()).highest?.value).toBe(230);
  await expect(second.getByRole('alert')).toHaveCount(0);
  await page.getByRole('radio', { name: '°F' }).click();
  await expect(second.getByLabel('By a thermometer inside it is')).toHaveValue('16 cooler');
  await expect(second.getByLabel('Up to')).toHaveValue('445');
  await page.getByRole('radio', { name: '°C' }).click();
  await expect.poll(async () => (await kitchen.get('/api/kitchen')).household.temperature).toBe('celsius');

  await page.getByRole('link', { name: 'Tray' }).click();
  await page.getByRole('button', { name: /^Oven (still|fan)/ }).click();
  await page.getByRole('button', { name: /^Bakes in/ }).click();
  await page.getByRole('option', { name: 'Little oven' }).click();
  await expect.poll(async () => (await kitchen.get('/api/tray')).plan.oven.name).toBe('Little oven');
  expect((await kitchen.get('/api/tray')).plan.ovenMode).toBe('fan');
  await page.getByLabel('Oven', { exact: true }).fill('240');
  await expect(page.getByRole('alert').first()).toContainText('The Little oven goes up to 230 °C');
  await page.getByLabel('Oven', { exact: true }).fill('220');
  await expect.poll(async () => (await kitchen.get('/api/tray')).plan.ovenSetting.value).toBe(220);

  // What is learnt of it later is offered, and an oven that is gone stays with the tray that bakes in it.
  const other = await page.context().newPage();
  await other.goto(`${kitchen.address}/kitchen`);
  const known = other.getByRole('listitem').filter({ hasText: 'Name of oven 2' });
  await known.getByRole('button', { name: 'What you know of it' }).click();
  await known.getByLabel('By a thermometer inside it is').fill('12 cooler');
  await known.getByLabel('By a thermometer inside it is').press('Enter');
  await page.getByRole('button', { name: 'Bake by that' }).click();
  await expect.poll(async () => (await kitchen.get('/api/tray')).plan.oven.runsHotBy.value).toBe(-12);
  await other.getByRole('button', { name: 'Little oven is gone' }).click();
  await expect(page.getByText('Your kitchen no longer has it; this tray still does.')).toBeVisible();
});

test('without a thermometer the oven says how long to be cautious for, and never that it may be served', async ({
  page,
  kitchen,
}) => {
  await page.goto(`${kitchen.address}/oven`);
  // The demo's dinner is at half past six here; once the tray is late for it, the times are those of going in now.
  const next = page.getByRole('region', { name: 'What comes next' });
  await expect(next).toContainText(/^Next: .*Oven on.*In.*Out.*Eat.*Only a measured temperature/);
  await kitchen.pass(150, page);
  await page.reload();
  await expect(next).toContainText(/^If it goes in now: .*Out2\d:\d\dEat2\d:\d\dA forecast/);
  await startBusyBake(kitchen);
  const caution = page.getByText(/^Without a thermometer: leave it in until \d\d:\d\d/);
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Leave it in');
  await expect(caution).toHaveCount(0);
  await page.goto(`${kitchen.address}/kitchen`);
  await page.getByRole('radio', { name: 'None', exact: true }).click();
  await expect.poll(async () => (await kitchen.get('/api/kitchen')).household.thermometer).toBe('none');
  await page.getByRole('link', { name: 'Oven' }).click();
  await expect(caution).toBeVisible();
  await expect(page.getByText('it is logged as not measured')).toBeVisible();
});
