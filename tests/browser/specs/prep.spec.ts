import { spawnSync } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import AxeBuilder from '@axe-core/playwright';
import type { Page } from '@playwright/test';
import { expect, type KitchenServer, test } from '../kitchen';

const open = async (page: Page, kitchen: KitchenServer, tab: string) => {
  await page.goto(`${kitchen.address}/prep`);
  await page.getByRole('tab', { name: tab }).click();
};

/** Puts a mix over what is on the first food already. */
const coat = async (page: Page, mix: string) => {
  await page
    .getByRole('button', { name: /^(Another coat|Coat it)$/ })
    .first()
    .click();
  await page.getByRole('searchbox', { name: 'Find a coat' }).fill(mix);
  await page.getByRole('region', { name: 'Coats to choose from' }).getByRole('button', { name: mix }).click();
};

test('a mix is measured for tonight’s meat in the spoons the kitchen owns', async ({ page, kitchen }) => {
  await open(page, kitchen, 'Mix');
  await expect(page.getByRole('heading', { name: 'Harvest rub' })).toBeVisible();
  const salt = page.getByRole('row', { name: /fine salt/ });
  await expect(salt).toContainText('2 tsp');
  await expect(page.getByText(/Salt is 1\.\d % of the meat/)).toBeVisible();

  await page.getByRole('button', { name: 'Leave Harvest rub out' }).click();
  await coat(page, 'Lemon and garlic');
  await expect(page.getByRole('row', { name: /olive oil/ })).toContainText('60 ml');
  await page.getByLabel('Set aside for the table, g').fill('60');
  await expect(page.getByText('60 g of it for the table')).toBeVisible();
  await page.getByRole('link', { name: 'said in the kitchen' }).click();
  await page.getByRole('radio', { name: 'no scale' }).click();
  await page.getByRole('radio', { name: 'no jug' }).click();
  await expect
    .poll(async () => (await kitchen.get('/api/prep')).measures)
    .toEqual({ spoons: 'metric', scale: null, hasJug: false });
  await open(page, kitchen, 'Mix');
  await expect(page.getByRole('row', { name: /olive oil/ })).toContainText(/tbsp|cup/);

  const tray = await kitchen.get('/api/tray');
  expect(tray.plan.chicken[0].coats).toMatchObject([{ kind: 'wetMarinade', when: 'before', mix: 'lemon-garlic' }]);
});

test('a mix of one’s own is refused with its reason, kept, used and thrown away', async ({ page, kitchen }) => {
  await open(page, kitchen, 'Mix');
  await page.getByRole('button', { name: 'Leave Harvest rub out' }).click();
  await expect(page.getByText('Nothing salts it yet')).toBeVisible();
  await page.getByRole('button', { name: 'A mix of your own' }).click();
  const form = page.getByRole('form', { name: 'A mix of your own' });
  await form.getByLabel('Name').fill('Porch rub');
  await form.getByLabel('Ingredient', { exact: true }).fill('fine salt');
  await form.getByLabel('How much').first().fill('-3');
  await form.getByRole('button', { name: 'Keep this mix' }).click();
  await expect(form.getByRole('alert')).toHaveText('Write how much, more than 0.');
  await form.getByLabel('How much').first().fill('11');
  await form.getByRole('button', { name: 'Keep this mix' }).click();
  await expect(page.getByRole('heading', { name: 'Porch rub' })).toBeVisible();
  await expect(page.getByText('Salt is 1.1 % of the meat')).toBeVisible();

  await page.getByRole('button', { name: 'Throw it away' }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'Throw it away' }).click();
  await expect(page.getByText('The salt in “Porch rub” is not known')).toBeVisible();
  await expect(page.getByRole('heading', { name: 'Porch rub' })).toHaveCount(0);
});

test('the order of work is ticked off with one thumb and survives a killed server', async ({ page, kitchen }) => {
  await open(page, kitchen, 'Order of work');
  await expect(page.getByRole('heading', { level: 2 })).toHaveText('Wash your hands');
  await page.getByRole('button', { name: 'Done, next' }).click();
  await expect(page.getByRole('heading', { level: 2 })).toHaveText('Chop what is eaten raw');
  await page.getByRole('checkbox', { name: /Cut the potatoes/ }).check();
  await expect(page.getByText(/^2 of \d+ done$/)).toBeVisible();
  await kitchen.kill();
  await kitchen.open();
  await page.reload();
  await page.getByRole('tab', { name: 'Order of work' }).click();
  await expect(page.getByText(/^2 of \d+ done$/)).toBeVisible();
  await expect(page.getByRole('checkbox', { name: /Cut the potatoes/ })).toBeChecked();

  // Raw meat comes after everything clean, and a wash after it.
  const zones = await page
    .getByRole('listitem')
    .filter({ has: page.getByRole('checkbox') })
    .allInnerTexts();
  const raw = zones.findIndex((text) => text.includes('Raw'));
  expect(zones.slice(raw).some((text) => /Eaten as it is|Clean jars/.test(text))).toBe(false);
  expect(zones.at(-1)).toContain('Wash');
});

test('a running marinade stands on every station, survives a power cut and says when to turn it', async ({
  page,
  kitchen,
}) => {
  await open(page, kitchen, 'Mix');
  await page.getByRole('button', { name: 'Leave Harvest rub out' }).click();
  await coat(page, 'Green yogurt');
  await page.getByRole('tab', { name: 'Marinate' }).click();
  await page.getByRole('button', { name: '2 h', exact: true }).click();
  await page.getByRole('radio', { name: 'on the counter' }).click();
  await expect(page.getByText('On the counter for 60 min at most. Put it in the fridge.')).toBeVisible();
  await page.getByRole('radio', { name: 'in the fridge' }).click();
  await page.getByRole('button', { name: 'Into the marinade now' }).click();
  const bar = page.getByRole('region', { name: 'Marinades that are running' });
  await expect(bar).toContainText(/turn it over 18:0\d; ready 19:0\d/);

  await kitchen.pass(65);
  await page.goto(`${kitchen.address}/tray`);
  await expect(bar).toContainText(/turn it over now; ready 19:0\d/);
  await bar.getByRole('button', { name: 'Turned' }).click();
  await expect(bar).toContainText(/: ready 19:0\d/);
  await bar.getByRole('button', { name: 'It is out' }).click();
  await expect(bar).toHaveCount(0);
});

test('frozen meat says when it will be thawed', async ({ page, kitchen }) => {
  await open(page, kitchen, 'Marinate');
  await page.getByRole('radio', { name: 'still frozen' }).click();
  await expect(page.getByText(/^Thawed (Thursday|Friday|Saturday)/)).toBeVisible();
  await page.getByLabel('Thickness of the pack, mm').fill('900');
  await expect(page.getByRole('alert')).toHaveText('Write how thick the frozen pack is, 8 mm to 180 mm.');
});

test('vegetables are drawn at their true size once a card was held against the screen', async ({ page, kitchen }) => {
  await open(page, kitchen, 'Cut');
  await page.getByRole('button', { name: 'Measure this screen' }).click();
  await page.getByLabel('Size of the card on this screen').fill('5');
  await page.getByRole('button', { name: 'It is as large as the card' }).click();
  await page.reload();
  await page.getByRole('tab', { name: 'Cut' }).click();
  await expect(page.getByText('Drawings are true to size')).toBeVisible();
  const cube = page
    .getByRole('img', { name: /25 mm by 25 mm/ })
    .locator('path')
    .first();
  expect((await cube.boundingBox())?.width).toBeCloseTo(125, -1);
});

test('a portion has its price, and what is short or left is said', async ({ page, kitchen }) => {
  await open(page, kitchen, 'Buy and portion');
  await expect(page.getByText(/a head, 9\.54 a kilogram/)).toBeVisible();
  await page.getByLabel('Heads').fill('2');
  await expect(page.getByText('left for tomorrow or the freezer')).toBeVisible();
  await page.getByLabel('Heads').fill('0');
  await expect(page.getByRole('alert')).toHaveText('Cook for 1 to 30.');
  await page.getByLabel('Heads').fill('9');
  await expect(page.getByText(/short for 9/)).toBeVisible();
});

test('a recipe on paper is multiplied, and a whole bird held against packs', async ({ page, kitchen }) => {
  await open(page, kitchen, 'Mix');
  await page.getByRole('button', { name: 'A recipe on paper' }).click();
  await page.getByLabel('It is for so much meat, g').fill('550');
  await expect(page.getByText('× 1.80', { exact: true }).last()).toBeVisible();
  await page.getByRole('tab', { name: 'Buy and portion' }).click();
  await expect(page.getByText(/of bones for stock. The cheapest pack, drumsticks, costs 8.80/)).toBeVisible();
  await page.getByLabel('It costs').fill('6');
  await expect(page.getByText('cutting up the bird is cheaper')).toBeVisible();
  await page.getByRole('button', { name: 'Leave it out' }).click();
  await expect(page.getByRole('button', { name: 'Against a whole bird' })).toBeVisible();
});

test('the order of work can be done with the keyboard alone, and begun again', async ({ page, kitchen }) => {
  await open(page, kitchen, 'Order of work');
  await page.getByRole('button', { name: 'Done, next' }).focus();
  await page.keyboard.press('Enter');
  await expect(page.getByText(/^1 of \d+ done$/)).toBeVisible();
  await page.getByRole('checkbox', { name: /Cut the carrots/ }).focus();
  await page.keyboard.press('Space');
  await expect(page.getByText(/^2 of \d+ done$/)).toBeVisible();
  await page.getByRole('button', { name: 'Begin again' }).click();
  await expect(page.getByText(/^0 of \d+ done$/)).toBeVisible();
  await expect(page.getByRole('checkbox', { checked: true })).toHaveCount(0);
});

const recipe = {
  '@context': 'https://schema.org',
  '@type': 'Recipe',
  name: '<script>window.hurt = 1</script>Mustard thighs',
  recipeYield: '4 servings',
  recipeIngredient: [
    '8 bone-in chicken thighs',
    '500 g potatoes',
    '2 tbsp wholegrain mustard',
    '3 tbsp olive oil',
    '2 tsp fine salt',
  ],
  recipeInstructions: ['Heat the oven to 425°F.', 'Roast for 40 minutes.'],
};

test('a saved page becomes a tray and a mix, and its own time is tried', async ({ page, kitchen }) => {
  await open(page, kitchen, 'Recipes');
  const file = page.locator('input[type=file]');
  await file.setInputFiles({ name: 'cat.png', mimeType: 'image/png', buffer: Buffer.from('x') });
  await expect(page.getByRole('alert')).toContainText('is no recipe file');
  await file.setInputFiles({ name: 'big.html', mimeType: 'text/html', buffer: Buffer.alloc(20_000_000, 'x') });
  await expect(page.getByRole('alert')).toContainText('too large for a recipe');
  await file.setInputFiles({ name: 'none.html', mimeType: 'text/html', buffer: Buffer.from('<html><p>no</p></html>') });
  await expect(page.getByRole('alert')).toContainText('no recipe that can be read');

  // Past the page's own check, as another program would send it: the server says the same.
  const large = await fetch(`${kitchen.address}/api/recipes/use`, {
    method: 'POST',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify({ text: 'x'.repeat(20_000_000) }),
  });
  expect(large.status).toBe(413);
  expect((await large.json()).title).toContain('too large');

  const html = `<html><head><script type="application/ld+json">${JSON.stringify(recipe).replaceAll('<', '\\u003c')}</script></head></html>`;
  await file.setInputFiles({ name: 'saved.html', mimeType: 'text/html', buffer: Buffer.from(html) });
  await expect(page.getByRole('heading', { name: 'window.hurt = 1Mustard thighs' })).toBeVisible();
  expect(await page.evaluate(() => 'hurt' in window)).toBe(false);
  await page.getByRole('button', { name: 'Make the tray and the mix' }).click();
  await expect(
    page.getByText(/good from about \d+|Look \d+ min sooner|Leave it \d+ min longer|fits these pieces/),
  ).toBeVisible();
  await page.getByRole('link', { name: 'See the tray' }).click();
  await expect(page.getByRole('slider')).toBeVisible();
  const tray = await kitchen.get('/api/tray');
  expect(tray.plan.chicken[0]).toMatchObject({
    cut: 'boneInThigh',
    count: 8,
    coating: 'wetMarinade',
    coats: [{ kind: 'wetMarinade' }],
  });
});

/** The types of schema-dts are generated from schema.org's own vocabulary: what compiles against them conforms. */
test('a plan given away conforms to schema.org', async ({ kitchen }) => {
  const given = await kitchen.get('/api/trays/1/recipe');
  const inHere = join(import.meta.dirname, '..');
  const folder = mkdtempSync(join(inHere, '.conforms-'));
  try {
    const compiles = (node: object) => {
      const source = join(folder, 'given.ts');
      writeFileSync(
        source,
        `import type { Recipe, WithContext } from 'schema-dts';\nexport const given: WithContext<Recipe> = ${JSON.stringify(node)};\n`,
      );
      const options = [
        '--ignoreConfig',
        '--noEmit',
        '--strict',
        '--skipLibCheck',
        '--moduleResolution',
        'bundler',
        '--module',
        'esnext',
        '--target',
        'es2022',
      ];
      return spawnSync(join(inHere, 'node_modules/.bin/tsc'), [...options, source], { encoding: 'utf8' });
    };
    expect(compiles(given).stdout).toBe('');
    expect(compiles({ ...given, recipeIngredients: [] }).stdout).toContain('recipeIngredients');
  } finally {
    rmSync(folder, { recursive: true });
  }
});

test('the whole plan fits on two sheets of A4 or Letter', async ({ page, kitchen }) => {
  await page.goto(`${kitchen.address}/print`);
  await expect(page.getByRole('heading', { name: 'Order of work' })).toBeVisible();
  await expect(page.getByText('2 tsp')).toBeVisible();
  await expect(page.getByText(/Serve only what your safety rule allows/)).toBeVisible();
  for (const format of ['A4', 'Letter']) {
    const pdf = (await page.pdf({ format })).toString('latin1');
    expect(pdf.match(/\/Type\s*\/Page\b/g)?.length).toBeLessThanOrEqual(2);
  }
});

test('prep: nothing that axe can find is in anyone’s way', async ({ page, kitchen }) => {
  await page.goto(`${kitchen.address}/prep`);
  for (const tab of ['Mix', 'Order of work', 'Cut', 'Marinate', 'Buy and portion', 'Recipes']) {
    await page.getByRole('tab', { name: tab }).click();
    await expect(page.getByRole('tabpanel', { name: tab })).toBeVisible();
    const { violations } = await new AxeBuilder({ page })
      .setLegacyMode()
      .withTags(['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa'])
      .analyze();
    expect(violations.map((violation) => `${tab}: ${violation.id}: ${violation.nodes[0]?.html}`)).toEqual([]);
  }
});
