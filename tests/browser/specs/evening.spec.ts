import { choosePiece, expect, liveBake, measure, putIn, readingBox, startBake, test } from '../kitchen';

const act = 'heading';
const verdict = 'Verdict';

test('from the tray to the log: start, measure, rest, serve, finish, delete, undo', async ({ page, kitchen }) => {
  test.setTimeout(240_000);
  await startBake(page, kitchen);
  await expect(page.getByTestId('elapsed')).toHaveText(/^00:\d\d$/);
  await expect(page.getByTestId('middle-1')).toHaveText(/^\d °C$/);

  await kitchen.pass(20, page);
  await expect(page.getByTestId('elapsed')).toHaveText(/^2\d:\d\d$/);

  // Too early: short, and a long way to go.
  await choosePiece(page, /thigh 1/i);
  await measure(page, '45');
  await expect(page.getByRole('region', { name: verdict })).toContainText('Back in');
  await expect(page.getByRole('region', { name: verdict })).toContainText(/Thigh 1.* reads 45 °C and needs 73.9 °C/);
  await expect(page.getByRole(act, { level: 1 })).toHaveText('Leave it in');

  // Short still, so back in; the cook rests it all the same.
  await kitchen.pass(9, page);
  await expect(page.getByText('Lost touch')).toHaveCount(0);
  await choosePiece(page, /thigh 1/i);
  await measure(page, '66');
  await expect(page.getByRole('region', { name: verdict })).toContainText('Back in');
  await page.getByRole('button', { name: 'The tray is out, resting' }).click();
  await expect(page.getByRole('button', { name: 'The tray is back in' })).toBeVisible();
  const resting = (await page.getByRole(act, { level: 1 }).textContent()) ?? '';
  expect(resting).not.toBe('Serve');

  // Looks alone change nothing.
  await page.getByLabel('Seen by eye').fill('Juices clear, crisp, surely done');
  await page.getByRole('button', { name: 'Note it' }).click();
  await expect(page.getByLabel('Seen by eye')).toHaveValue('');
  await expect(page.getByRole(act, { level: 1 })).toHaveText(resting);

  // Measured, and enough: every piece that is asked for, until nothing is left to measure.
  await page.getByRole('button', { name: 'The tray is back in' }).click();
  await expect(page.getByRole('button', { name: 'The tray is out, resting' })).toBeVisible();
  await kitchen.pass(9, page);
  for (let piece = 0; piece < 10; piece++) {
    if ((await page.getByRole(act, { level: 1 }).textContent()) === 'Serve') break;
    const { seq, lots, verdict: asked } = await liveBake(kitchen);
    const [next] = asked.measureNext;
    if (!next) break;
    const lot = lots.find((other: { lot: number }) => other.lot === next.lot);
    // A thermometer that agrees with what is expected of this very piece.
    await measure(page, lot.pieces[next.piece - 1].middleC.toFixed(1));
    await expect.poll(async () => (await liveBake(kitchen)).seq).toBeGreaterThan(seq);
    // A second reading of a piece counts when it is aimed anew a minute later.
    await kitchen.pass(1.1, page);
  }
  await expect(page.getByRole('region', { name: verdict })).toContainText('Serve');
  await expect(page.getByRole('region', { name: verdict })).toContainText('the United States rule asks 73.9 °C');
  await page.getByRole('button', { name: 'Finish and log it' }).click();

  const entry = page.getByRole('article', { name: 'Paprika thighs for the choir' });
  await expect(entry).toContainText('Seen: “Juices clear, crisp, surely done”');
  await expect(entry).toContainText(/Thigh 1.*: 66 °C/);
  await expect(entry).toContainText('The tray came out to rest');

  await entry.getByRole('button', { name: 'Delete' }).click();
  await page.getByRole('button', { name: 'Keep it' }).click();
  await expect(entry).toBeVisible();
  await entry.getByRole('button', { name: 'Delete' }).click();
  await page.getByRole('button', { name: 'Delete it' }).click();
  await expect(entry).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('button', { name: /Paprika thighs/ })).toBeVisible();
});

test('a live bake survives a reload, a second browser and a killed server', async ({ page, kitchen, browser }) => {
  await startBake(page, kitchen);
  const { startedAt } = await liveBake(kitchen);
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
  expect((await liveBake(kitchen)).startedAt).toBe(startedAt);

  // Another device sees a change without being reloaded.
  await page.getByRole('button', { name: 'The tray is out, resting' }).click();
  await expect(second.getByRole('button', { name: 'The tray is back in' })).toBeVisible();
  await second.close();
});

test('an answer that was lost is asked for again, and nothing happens twice', async ({ page, kitchen }) => {
  await startBake(page, kitchen);
  await kitchen.pass(20, page);
  await expect(page.getByTestId('elapsed')).toHaveText(/^2\d:\d\d$/);
  let lost = 0;
  await page.route('**/events', async (route) => {
    if (lost++ > 0) return route.continue();
    // It reaches the kitchen; its answer does not come back.
    await route.fetch();
    await route.abort();
  });
  await measure(page, '45');
  expect(lost).toBeGreaterThan(1);
  expect((await liveBake(kitchen)).readings).toHaveLength(1);
});

test('two starts of one bake: the second is told, and there is one', async ({ page, kitchen, browser }) => {
  // The second screen hears no news, so it does not know of the first one's start.
  const second = await browser.newPage();
  await second.route('**/live/**', (route) => route.abort());
  await second.goto(`${kitchen.address}/tray`);
  const start = second.getByRole('button', { name: 'The tray goes in now' });
  await expect(start).toBeEnabled();
  await startBake(page, kitchen);
  await putIn(second);
  await expect(second.getByText('is already in the oven')).toBeVisible();
  expect((await kitchen.get('/api/bakes?live=true')).bakes).toHaveLength(1);
  await second.close();
});

test('two trays are in two ovens at once', async ({ page, kitchen }) => {
  await startBake(page, kitchen);
  await page.goto(`${kitchen.address}/tray`);
  await page.getByRole('button', { name: 'Trays', exact: true }).click();
  await page.getByRole('button', { name: /Sunday leg quarters/ }).click();
  await putIn(page);
  await expect(page.getByRole('radio')).toHaveCount(4);
  await page.getByRole('radio', { name: /Sunday leg quarters/ }).click();
  await expect(page.getByText('Leg quarters', { exact: true }).first()).toBeVisible();
  expect((await kitchen.get('/api/bakes?live=true')).bakes).toHaveLength(2);
});

test('a reading that fits the other unit is asked about, and answered', async ({ page, kitchen }) => {
  await startBake(page, kitchen);
  await kitchen.pass(36, page);
  await expect(page.getByTestId('elapsed')).toHaveText(/^3[67]:\d\d$/);
  await measure(page, '177');
  const question = page.getByRole('region', { name: 'Question' });
  await expect(question).toContainText('did you mean 177 °C or 177 °F?');
  await expect(page.getByRole(act, { level: 1 })).toHaveText('Measure again');
  await question.getByRole('button', { name: 'It was °F' }).click();
  await expect(question).toHaveCount(0);
  expect((await liveBake(kitchen)).readings[0]).toMatchObject({
    isBelieved: true,
    temperature: { unit: 'fahrenheit' },
  });
});

test('a tip that had slipped is asked about, and does not steer', async ({ page, kitchen }) => {
  await startBake(page, kitchen);
  await kitchen.pass(37, page);
  await expect(page.getByTestId('elapsed')).toHaveText(/^3[78]:\d\d$/);
  const degrees = async () => Number.parseInt((await page.getByTestId('middle-1').textContent()) ?? '', 10);
  const before = await degrees();
  await measure(page, '22');
  const question = page.getByRole('region', { name: 'Question' });
  await expect(question).toContainText('much colder than was to be expected');
  await question.getByRole('button', { name: 'No, it had slipped' }).click();
  await expect(question).toHaveCount(0);
  // A degree more by now, as time goes on; a reading that steered would pull it down by tens.
  await expect.poll(async () => Math.abs((await degrees()) - before)).toBeLessThanOrEqual(1);
  await expect(page.getByRole('region', { name: verdict })).toContainText('measure it again');
});

test('readings that cannot be are said at their piece, by keypad too', async ({ page, kitchen }) => {
  await startBake(page, kitchen);
  const box = readingBox(page);
  for (const [typed, says] of [
    ['-20', 'A kitchen thermometer shows -5 °C to 250 °C'],
    ['300', 'A kitchen thermometer shows -5 °C to 250 °C'],
    ['hot', 'Write what the thermometer shows'],
  ] as const) {
    await box.fill(typed);
    await page.keyboard.press('Enter');
    await expect(page.getByRole('alert').filter({ hasText: says })).toBeVisible();
  }
  await box.fill('');
  await expect(page.getByRole('button', { name: 'That is what it shows' })).toBeDisabled();

  await box.click();
  for (const key of ['7', '4', 'Point', '5']) await page.getByRole('button', { name: key, exact: true }).click();
  await expect(box).toHaveValue('74.5');
  await page.getByRole('button', { name: 'Delete the last digit' }).click();
  await expect(box).toHaveValue('74.');
  expect((await liveBake(kitchen)).readings).toHaveLength(0);
});

test('finishing while something may not be served asks first', async ({ page, kitchen }) => {
  await startBake(page, kitchen);
  await page.getByRole('button', { name: 'Finish and log it' }).click();
  await expect(page.getByRole('dialog')).toContainText('Not everything may be served');
  await page.getByRole('button', { name: 'Measure it first' }).click();
  await expect(page.getByRole('dialog')).toHaveCount(0);
  expect(await liveBake(kitchen)).toBeDefined();
});

test('without a thermometer there is a cautious time, never a serve, and the log says so', async ({
  page,
  kitchen,
}) => {
  await startBake(page, kitchen);
  await page.getByRole('button', { name: 'Finish and log it' }).click();
  const dialog = page.getByRole('dialog');
  await expect(dialog).toContainText(/leave it in until 17:[45]\d/);
  await expect(dialog).toContainText('signs, not proof');
  await dialog.getByRole('button', { name: 'Finish, not measured' }).click();
  await expect(page).toHaveURL(/\/log$/);
  await expect(page.getByText(/^Finished, not measured/).first()).toBeVisible();
});

test('held temperatures count where the rule has them, as long as they were seen', async ({ page, kitchen }) => {
  await page.goto(`${kitchen.address}/tray`);
  await page.getByRole('button', { name: /^Oven still/ }).click();
  await page.getByRole('button', { name: 'Safety rule' }).click();
  await page.getByRole('option', { name: 'United Kingdom' }).click();
  await expect.poll(async () => (await kitchen.get('/api/tray')).plan.profile).toBe('unitedKingdom');
  await startBake(page, kitchen);
  await kitchen.pass(34, page);
  await expect(page.getByTestId('elapsed')).toHaveText(/^3[45]:\d\d$/);
  await choosePiece(page, /thigh 1/i);
  await measure(page, '71');
  await expect(page.getByRole('region', { name: verdict })).toContainText(
    'stayed at 70 °C or more for 2 min: keep the tip in',
  );
  await kitchen.pass(2, page);
  await expect(page.getByTestId('elapsed')).toHaveText(/^3[67]:\d\d$/);
  await choosePiece(page, /thigh 1/i);
  await measure(page, '72');
  await expect(page.getByRole('region', { name: verdict })).toContainText(/Thigh 1.* is hot enough/);
});
