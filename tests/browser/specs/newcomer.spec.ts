import { expect, test } from '../kitchen';

test.use({ demo: false });

/** Taps and fields filled, counted. */
const MOST_ACTIONS = 8;

test('eight actions take a newcomer from an empty kitchen to a supper at a time that finishes together', async ({
  page,
  kitchen,
}) => {
  let actions = 0;
  const tap = async (role: 'button', name: string) => {
    actions++;
    await page.getByRole(role, { name, exact: true }).first().click();
  };
  await page.goto(kitchen.address);
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('An empty tray');

  await tap('button', 'Chicken');
  await tap('button', 'bone-in thighs');
  await tap('button', 'Vegetable');
  await tap('button', 'potatoes');
  await tap('button', 'Vegetable');
  await tap('button', 'carrots');
  actions++;
  await page.getByRole('radio', { name: 'Today' }).click();
  actions++;
  await page.getByLabel('Dinner time').fill('19:30');
  await expect(page.getByRole('definition').last()).toHaveText('19:30');
  await expect(page.getByText('All good together as it stands')).toBeVisible({ timeout: 20_000 });
  expect(actions).toBeLessThanOrEqual(MOST_ACTIONS);

  await page.getByRole('textbox', { name: 'Tonight' }).fill('First supper');
  await expect.poll(async () => (await kitchen.get('/api/tray')).plan.name).toBe('First supper');

  await page.reload();
  const { plan, answer } = await kitchen.get('/api/tray');
  expect(plan.name).toBe('First supper');
  expect(plan.chicken[0]).toMatchObject({ cut: 'boneInThigh', sizes: { count: 6 } });
  expect(plan.vegetables.map((lot: { kind: string }) => lot.kind)).toEqual(['potato', 'carrot']);
  expect(answer.forecast.apartMinutes).toBeLessThan(1);
});
