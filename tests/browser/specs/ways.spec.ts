import type { Page } from '@playwright/test';
import { expect, type KitchenServer, test } from '../kitchen';

/** Everything a hand does to say a plan is counted: taps, and texts that are typed. */
class Hands {
  actions = 0;

  constructor(private readonly page: Page) {}

  private form = () => this.page.locator('main, body').first();

  async tap(role: 'button' | 'radio' | 'option' | 'checkbox' | 'tab' | 'link', name: string | RegExp, nth = 0) {
    this.actions++;
    await this.form().getByRole(role, { name }).nth(nth).click();
  }

  async type(label: string | RegExp, text: string, nth = 0) {
    this.actions++;
    await this.page.getByLabel(label).nth(nth).fill(text);
  }

  async select(label: string, option: string, nth = 0) {
    this.actions++;
    await this.page.getByLabel(label, { exact: true }).nth(nth).selectOption(option);
  }

  async add(food: 'Chicken' | 'Vegetable', name: string) {
    await this.tap('button', food === 'Chicken' ? /^Chicken$/ : /^Vegetable$/);
    await this.tap('button', new RegExp(`^${name}$`, 'i'));
  }

  /** Opens the oven's row of the rail and types into one of its fields. */
  async oven(label: string, text: string) {
    await this.tap('button', /^Oven (still|fan|grill)/);
    await this.type(label, text);
  }

  /** Puts a coat on the food that is open, over what it has. */
  async coat(name: string | RegExp) {
    await this.tap('button', /^(Another coat|Coat it)$/);
    this.actions++;
    await this.page.getByRole('region', { name: 'Coats to choose from' }).getByRole('button', { name }).click();
  }

  /** When the last coat goes on. */
  async goesOn(when: string | RegExp) {
    this.actions += 2;
    await this.page
      .getByRole('button', { name: /^Goes on/ })
      .last()
      .click();
    await this.page.getByRole('option', { name: when }).click();
  }

  async step(kind: string, minute: string) {
    await this.tap('button', 'Add a step');
    const steps = this.page.getByRole('list', { name: 'Steps', exact: true }).getByRole('listitem');
    this.actions += 2;
    await steps.last().getByRole('combobox').first().selectOption(kind);
    await steps.last().getByLabel('After how many minutes').fill(minute);
  }
}

const coatSteps = async (kitchen: KitchenServer): Promise<string[]> =>
  (await kitchen.get('/api/tray')).answer.coatSteps.map((step: { title: string }) => step.title);

const stored = async (kitchen: KitchenServer) => (await kitchen.get('/api/tray')).plan;

/** A new tray with nothing on it. */
async function begin(page: Page, kitchen: KitchenServer): Promise<Hands> {
  await page.goto(`${kitchen.address}/tray`);
  const made = await fetch(`${kitchen.address}/api/trays`, {
    method: 'POST',
    headers: { 'Command-Id': crypto.randomUUID() },
  });
  expect(made.ok).toBe(true);
  await page.reload();
  await expect(page.getByRole('heading', { name: 'An empty tray' })).toBeVisible();
  return new Hands(page);
}

/** What the counter makes of it, in the order of work, once it says what is awaited. */
async function orderOfWork(page: Page, awaited: string): Promise<string> {
  await page.getByRole('link', { name: 'Prep' }).click();
  await page.getByRole('tab', { name: 'Order of work' }).click();
  const list = page.getByRole('tabpanel', { name: 'Order of work' }).getByRole('list');
  await expect(list).toContainText(awaited);
  return list.textContent().then((text) => text ?? '');
}

test('thighs, potatoes and carrots with a rub: eight actions', async ({ page, kitchen }) => {
  const hands = await begin(page, kitchen);
  await hands.add('Chicken', 'bone-in thighs');
  await hands.add('Vegetable', 'potatoes');
  await hands.add('Vegetable', 'carrots');
  await expect.poll(async () => (await stored(kitchen)).vegetables.length).toBe(2);
  await expect(page.getByRole('region', { name: 'The answer' })).toBeVisible();
  expect(hands.actions).toBeLessThanOrEqual(8);
});

test('a simple marinade for an hour', async ({ page, kitchen }) => {
  const hands = await begin(page, kitchen);
  await hands.add('Chicken', 'bone-in thighs');
  await hands.tap('button', /bone-in thighs/);
  await hands.tap('button', /^Coats/);
  await hands.coat('Lemon and garlic');
  await hands.oven('Oven', '204');
  await expect.poll(async () => (await stored(kitchen)).chicken[0]?.coats[0]?.mix).toBe('lemon-garlic');
  const order = await orderOfWork(page, 'The thighs into “Lemon and garlic”');
  expect(order).toContain('The thighs into “Lemon and garlic”');
  expect(hands.actions).toBeLessThanOrEqual(25);
});

test('a sauce from the juices, once they are off', async ({ page, kitchen }) => {
  const hands = await begin(page, kitchen);
  await hands.add('Chicken', 'bone-in thighs');
  await hands.tap('button', /bone-in thighs/);
  await hands.tap('button', /^Coats/);
  await hands.coat('Sharp red pepper');
  await hands.tap('button', /^Hands/);
  await hands.step('drain', '30');
  await hands.tap('button', /bone-in thighs/);
  await hands.coat('Sauce from the juices');
  await expect.poll(async () => (await stored(kitchen)).chicken[0]?.coats.length).toBe(2);
  expect(await coatSteps(kitchen)).toEqual(['Spoon “Sauce from the juices” over the thighs']);
  await orderOfWork(page, 'Measure out for “Sauce from the juices”');
  expect(hands.actions).toBeLessThanOrEqual(25);
});

test('a jointed bird on onions, glazed twice, drips caught, sweet potatoes on a tray below', async ({
  page,
  kitchen,
}) => {
  const hands = await begin(page, kitchen);
  await hands.add('Chicken', 'a whole bird, cut up');
  await hands.type('The bird weighs, g', '1800');
  await hands.tap('button', 'Add its parts');
  await hands.add('Vegetable', 'onions');
  await hands.tap('button', /^onions/i);
  await hands.tap('radio', 'Under');
  await hands.tap('button', /leg quarters/);
  await hands.tap('button', /^Coats/);
  await hands.coat('Harvest rub');
  await hands.coat('Mustard and honey glaze');
  await hands.goesOn('in the oven, at');
  await hands.tap('button', 'Again, 12 min later');
  await hands.tap('button', 'The same on all chicken');
  await hands.oven('Oven', '190');
  await hands.tap('checkbox', 'A second pan below, for drips');
  await hands.add('Vegetable', 'sweet potatoes');
  await hands.tap('button', /^sweet potatoes/i);
  await hands.tap('radio', 'Own tray');
  await expect
    .poll(async () => (await stored(kitchen)).chicken.map((lot: { coats: unknown[] }) => lot.coats.length))
    .toEqual([3, 3, 3]);
  await expect
    .poll(async () =>
      (({ vessels, vegetables }) => [
        vessels.map((vessel: { panBeneath: boolean }) => vessel.panBeneath),
        vegetables.map((lot: { place: string; vessel: number }) => [lot.place, lot.vessel]),
      ])(await stored(kitchen)),
    )
    .toEqual([
      [true, false],
      [
        ['under', 0],
        ['around', 1],
      ],
    ]);
  const brushed = 'Brush “Mustard and honey glaze” on the breasts, leg quarters and whole wings';
  expect((await kitchen.get('/api/tray')).answer.coatSteps).toMatchObject([
    { atMinutes: 30, title: brushed },
    { atMinutes: 42, title: brushed },
  ]);
  await orderOfWork(page, 'rub “Harvest rub” in');
  expect(hands.actions).toBeLessThanOrEqual(25);
});

test('legs in hollows of heaped vegetables', async ({ page, kitchen }) => {
  const hands = await begin(page, kitchen);
  await hands.add('Chicken', 'leg quarters');
  await hands.add('Vegetable', 'potatoes');
  await hands.tap('button', /^potatoes/i);
  await hands.tap('radio', 'Two deep');
  await hands.tap('button', /leg quarters/);
  await hands.tap('button', /^More/);
  await hands.tap('radio', 'In hollows of the vegetables');
  await hands.tap('button', /^Coats/);
  await hands.coat('Spiced yogurt');
  await hands.oven('Oven', '220');
  await expect
    .poll(async () =>
      (({ chicken, vegetables }) => [chicken[0]?.isNestled, vegetables[0]?.layers, chicken[0]?.coats.length])(
        await stored(kitchen),
      ),
    )
    .toEqual([true, 2, 1]);
  await orderOfWork(page, 'into “Spiced yogurt”');
  expect(hands.actions).toBeLessThanOrEqual(25);
});

test('a marinade scraped off, then crumb, turned half-way', async ({ page, kitchen }) => {
  const hands = await begin(page, kitchen);
  await hands.add('Chicken', 'boneless breasts');
  await hands.tap('button', /boneless breasts/);
  await hands.tap('button', /^Coats/);
  // Crumb alone has nothing to stick to: said at its place, and the answer stays.
  await hands.coat('crumb over what is on it');
  await expect(page.getByRole('alert').filter({ hasText: 'Nothing holds this crumb' }).first()).toBeVisible();
  await expect(page.getByText('The answer to the last plan that worked:')).toBeVisible();
  await hands.coat('Green yogurt');
  await hands.tap('button', 'Green yogurt further in');
  await expect(page.getByText('The answer to the last plan that worked:')).toHaveCount(0);
  await hands.tap('checkbox', 'Scraped off before the next');
  await hands.tap('button', /^Hands/);
  await hands.step('turn', '10');
  await expect
    .poll(async () => (await stored(kitchen)).chicken[0]?.coats.map((coat: { kind: string }) => coat.kind))
    .toEqual(['thickMarinade', 'crumb']);
  const order = await orderOfWork(page, 'Scrape “Green yogurt” off');
  expect(order.indexOf('Scrape “Green yogurt” off')).toBeGreaterThan(0);
  expect(order.indexOf('Dry hand')).toBeGreaterThan(order.indexOf('Scrape “Green yogurt” off'));
  expect(hands.actions).toBeLessThanOrEqual(25);
});

test('a rub and a sweet sauce poured over', async ({ page, kitchen }) => {
  const hands = await begin(page, kitchen);
  await hands.add('Chicken', 'drumsticks');
  await hands.tap('button', /drumsticks/);
  await hands.tap('button', /^Coats/);
  await hands.coat('Warm spice rub');
  await hands.coat('Sweet pepper sauce');
  await hands.oven('Oven', '177');
  await expect.poll(async () => (await stored(kitchen)).chicken[0]?.coats.length).toBe(2);
  const order = await orderOfWork(page, 'Pour “Sweet pepper sauce” over');
  expect(order.indexOf('Pour “Sweet pepper sauce” over')).toBeGreaterThan(order.indexOf('rub “Warm spice rub” in'));
  expect(hands.actions).toBeLessThanOrEqual(25);
});

test('skin down first, gravy at the table', async ({ page, kitchen }) => {
  const hands = await begin(page, kitchen);
  await hands.add('Chicken', 'bone-in thighs');
  await hands.tap('button', /bone-in thighs/);
  await hands.type('Done when the middle is', '79');
  await hands.tap('button', /^Coats/);
  await hands.coat('Crushed seed rub');
  await hands.goesOn('under the skin');
  await hands.coat('Crushed seed rub');
  await hands.coat('Sauce from the juices');
  await hands.goesOn('at the table');
  await hands.tap('button', /^More/);
  await hands.tap('radio', 'Down');
  await hands.tap('button', /^Hands/);
  await hands.step('turn', '20');
  await expect
    .poll(async () =>
      (({ skinDown, coats }) => [skinDown, ...coats.map((coat: { when: string }) => coat.when)])(
        (await stored(kitchen)).chicken[0],
      ),
    )
    .toEqual([true, 'underSkin', 'on', 'atTable']);
  const order = await orderOfWork(page, 'under the skin');
  expect(order).toContain('under the skin');
  expect(order).toContain('Measure out for “Sauce from the juices”');
  expect(hands.actions).toBeLessThanOrEqual(25);
});

test('a deep dish with stock, foil for an hour, then open', async ({ page, kitchen }) => {
  const hands = await begin(page, kitchen);
  await hands.add('Chicken', 'drumsticks');
  await hands.add('Vegetable', 'potatoes');
  await hands.tap('button', /^potatoes/i);
  await hands.tap('radio', 'Two deep');
  await hands.tap('button', /drumsticks/);
  await hands.tap('button', /^Coats/);
  await hands.coat('Salt and pepper');
  await hands.coat('citrus and herbs around');
  await hands.tap('button', /^More/);
  await hands.tap('radio', 'In hollows of the vegetables');
  await hands.oven('Water or stock in it, ml', '300');
  await hands.tap('button', /^Hands/);
  await hands.step('cover', '0');
  await hands.step('uncover', '60');
  await expect
    .poll(async () =>
      (({ vessels, steps, chicken, vegetables }) => [
        vessels[0].waterMl,
        steps.length,
        chicken[0].isNestled,
        vegetables[0].layers,
      ])(await stored(kitchen)),
    )
    .toEqual([300, 2, true, 2]);
  const order = await orderOfWork(page, 'Chop citrus and herbs to lay round the drumsticks');
  expect(order).toContain('Chop citrus and herbs to lay round the drumsticks');
  expect(hands.actions).toBeLessThanOrEqual(25);
});
