import { expect, judge, passMinutes, startBake, test, typeReadings } from '../kitchen';

const act = 'heading';

test('from the tray to the log: start, check, rest, serve, finish, delete, undo', async ({ page, kitchen }) => {
  await startBake(page, kitchen);
  await expect(page.getByTestId('elapsed')).toHaveText(/^00:\d\d$/);
  await expect(page.getByTestId('predicted')).toHaveText(/^\d °C$/);

  await passMinutes(kitchen, 20);
  await expect(page.getByTestId('elapsed')).toHaveText(/^2\d:\d\d$/);

  // Too early: short, and a long way to go.
  await typeReadings(page, '45', '52.5');
  await judge(page);
  await expect(page.getByRole('region', { name: 'Verdict' })).toContainText('Back in');
  await expect(page.getByRole('region', { name: 'Verdict' })).toContainText('Piece 1 reads 45 °C and needs 73.9 °C');
  await expect(page.getByRole(act, { level: 1 })).toHaveText('Leave it in');
  await expect(page.getByTestId('predicted')).toHaveText(/^4[5-7] °C$/);

  // Nearly: the heat on its way in will do, but only a second reading can say so.
  await passMinutes(kitchen, 16);
  await expect(page.getByText('Lost touch')).toHaveCount(0);
  await typeReadings(page, '72.5', '76');
  await judge(page);
  await expect(page.getByRole('region', { name: 'Verdict' })).toContainText('Rest, then check again');
  await expect(page.getByRole(act, { level: 1 })).toHaveText('Take it out to rest');
  await page.getByRole('button', { name: 'The tray is out, resting' }).click();
  await expect(page.getByRole(act, { level: 1 })).toHaveText('Let it rest');

  // Looks alone change nothing.
  await page.getByLabel('Seen by eye').fill('Juices clear, crisp, surely done');
  await judge(page);
  await expect(page.getByRole('region', { name: 'Verdict' })).toContainText('Cannot tell yet');

  // Measured, and enough.
  await typeReadings(page, '75.5', '78');
  await page.getByLabel('Seen by eye').fill('Skin dark gold');
  await judge(page);
  await expect(page.getByRole('region', { name: 'Verdict' })).toContainText('Serve');
  await expect(page.getByRole('region', { name: 'Verdict' })).toContainText('the United States rule asks 73.9 °C');
  await page.getByRole('button', { name: 'Finish and log it' }).click();

  const entry = page.getByRole('article', { name: 'Paprika thighs for the choir' });
  await expect(entry.getByRole('listitem')).toHaveCount(4);
  await expect(entry).toContainText('Seen: “Skin dark gold”');
  await expect(entry).toContainText('Piece 2: 78 °C');

  await entry.getByRole('button', { name: 'Delete' }).click();
  await page.getByRole('button', { name: 'Keep it' }).click();
  await expect(entry).toBeVisible();
  await entry.getByRole('button', { name: 'Delete' }).click();
  await page.getByRole('button', { name: 'Delete it' }).click();
  await expect(entry).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(entry).toBeVisible();
});

test('a live bake survives a reload, a second browser and a killed server', async ({ page, kitchen, browser }) => {
  await startBake(page, kitchen);
  const { startedAt } = (await kitchen.get('/api/oven')).bake.record;
  await page.reload();
  await expect(page.getByRole(act, { level: 1 })).toHaveText('Leave it in');

  const second = await browser.newPage();
  await second.goto(`${kitchen.address}/oven`);
  await expect(second.getByRole(act, { level: 1 })).toHaveText('Leave it in');

  await kitchen.kill();
  await expect(page.getByText('Lost touch with the kitchen server')).toBeVisible();
  await expect(page.getByTestId('elapsed')).toHaveText(/^00:\d\d$/);
  kitchen.skip(25);
  await kitchen.open();

  for (const screen of [page, second]) {
    await expect(screen.getByText('Lost touch with the kitchen server')).toHaveCount(0);
    await expect(screen.getByTestId('elapsed')).toHaveText(/^2[56]:\d\d$/);
  }
  const after = await kitchen.get('/api/oven');
  expect(after.bake.record.startedAt).toBe(startedAt);

  // Another device sees a change without being reloaded.
  await page.getByRole('button', { name: 'The tray is out, resting' }).click();
  await expect(second.getByRole('button', { name: 'The tray is back in' })).toBeVisible();
  await second.close();
});

test('two starts of one bake: the second is told, and there is one', async ({ page, kitchen, browser }) => {
  // The second screen hears no news, so it does not know of the first one's start.
  const second = await browser.newPage();
  await second.route('**/live/**', (route) => route.abort());
  await second.goto(`${kitchen.address}/tray`);
  const start = second.getByRole('button', { name: 'The tray goes in now' });
  await expect(start).toBeEnabled();
  await startBake(page, kitchen);
  await start.click();
  await expect(second.getByText('is already in the oven')).toBeVisible();
  expect((await kitchen.get('/api/oven')).bake.record.moves).toHaveLength(1);
  await second.close();
});

test('a reading in the other unit is asked about', async ({ page, kitchen }) => {
  await startBake(page, kitchen);
  await passMinutes(kitchen, 34);
  await expect(page.getByTestId('elapsed')).toHaveText(/^3[45]:\d\d$/);

  await typeReadings(page, '165', '170');
  await judge(page);
  await expect(page.getByText('Did you mean 165 °C or 165 °F?')).toBeVisible();
  await expect(page.getByRole('region', { name: 'Verdict' })).toHaveCount(0);
  await page.getByRole('button', { name: 'It was °F' }).click();
  await expect(page.getByRole('region', { name: 'Verdict' })).toContainText('piece 1 165 °F, piece 2 170 °F');

  await page.getByRole('radio', { name: '°F' }).click();
  await typeReadings(page, '74');
  await judge(page);
  await expect(page.getByText('Did you mean 74 °F or 74 °C?')).toBeVisible();
});

test('readings that cannot be are said at their piece, by keypad too', async ({ page, kitchen }) => {
  await startBake(page, kitchen);
  const piece = page.getByLabel('Piece 1', { exact: true });
  for (const [typed, says] of [
    ['-20', 'A kitchen thermometer shows -5 °C to 250 °C'],
    ['300', 'A kitchen thermometer shows -5 °C to 250 °C'],
    ['hot', 'Write what the thermometer shows'],
  ] as const) {
    await piece.fill(typed);
    await judge(page);
    await expect(page.getByRole('alert').filter({ hasText: says })).toBeVisible();
  }
  await piece.fill('');
  await judge(page);
  await expect(page.getByRole('alert')).toContainText('Enter a reading for at least one piece');

  await piece.click();
  for (const key of ['7', '4', 'Point', '5']) await page.getByRole('button', { name: key, exact: true }).click();
  await expect(piece).toHaveValue('74.5');
  await page.getByRole('button', { name: 'Delete the last digit' }).click();
  await expect(piece).toHaveValue('74.');
  expect((await kitchen.get('/api/oven')).bake.record.checks).toHaveLength(0);
});

test('finishing without a serve verdict asks first', async ({ page, kitchen }) => {
  await startBake(page, kitchen);
  await page.getByRole('button', { name: 'Finish and log it' }).click();
  await expect(page.getByRole('dialog')).toContainText('No reading has said serve');
  await page.getByRole('button', { name: 'Check it first' }).click();
  await expect(page.getByRole('dialog')).toHaveCount(0);
  expect((await kitchen.get('/api/oven')).bake).not.toBeNull();
});

test('held temperatures count where the rule has them', async ({ page, kitchen }) => {
  await page.goto(`${kitchen.address}/tray`);
  await page.getByRole('button', { name: /^Done when/ }).click();
  await page.getByRole('button', { name: 'Safety rule' }).click();
  await page.getByRole('option', { name: 'United Kingdom' }).click();
  await expect.poll(async () => (await kitchen.get('/api/tray')).plan.profile).toBe('unitedKingdom');
  await startBake(page, kitchen);
  await passMinutes(kitchen, 34);
  await expect(page.getByTestId('elapsed')).toHaveText(/^3[45]:\d\d$/);
  await typeReadings(page, '71', '81');
  await judge(page);
  await expect(page.getByRole('region', { name: 'Verdict' })).toContainText('see it hold 70 °C or more for 2 min');
  await typeReadings(page, '71', '81');
  await page.getByLabel('How long piece 1 stayed there').selectOption('120');
  await judge(page);
  await expect(page.getByRole('region', { name: 'Verdict' })).toContainText('stayed at 71 °C for 2 min');
});
