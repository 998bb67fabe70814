import ICAL from 'ical.js';
import { expect, test } from '../kitchen';

// The kitchen's clock says five in the afternoon here.
test.use({ timezoneId: 'Etc/GMT-1' });

test.describe('where nobody has cooked yet', () => {
  test.use({ demo: false });

  test.describe('where nobody has cooked yet', () => {
    test.use({ demo: false });

    test('thighs, roast potatoes, sprouts and rice for seven: every start has a time, in ten actions from an empty plan', async ({
      page,
      kitchen,
    }) => {
      await kitchen.goTo('2026-11-26T15:00:00Z');
      let actions = 0;
      const tap = async (name: string | RegExp) => {
        await page
          .getByRole('button', { name, exact: typeof name === 'string' })
          .first()
          .click();
        actions++;
      };
      await page.goto(`${kitchen.address}/tray`);
      await tap('That is my kitchen');
      await tap('Chicken');
      await tap(/^bone-in thighs/i);
      await page.getByRole('link', { name: 'Evening' }).click();
      actions++;
      await page.getByLabel('Dinner at').fill('19:00');
      await page.getByLabel('Dinner at').press('Enter');
      actions++;
      await expect(page.getByRole('heading', { level: 1 })).toHaveText(/^Dinner at 19:00\. Begin at 1\d:\d\d\./);
      await tap('+ roast potatoes');
      await tap('+ sprouts');
      await tap('+ rice');
      expect(actions).toBeLessThanOrEqual(10);
      const list = page.getByRole('region', { name: 'What to do, by the clock' });
      for (const task of [
        'Roast potatoes into the oven',
        'Sprouts into the oven',
        'Rinse the rice, water on',
        'The tray in',
        'Out, and measure every lot',
        'Onto plates',
      ])
        await expect(list.getByRole('listitem').filter({ hasText: task })).toContainText(/1[5-9]:\d\d/);
      await expect(page.getByText(/^On time in .* of 10/)).toBeVisible();
      await expect(page.getByText(/^The roast potatoes bake at what the tray needs, 200 °C/)).toBeVisible();
      const view = await kitchen.get('/api/evening');
      expect(Date.parse(view.eatAt)).toBe(Date.parse('2026-11-26T18:00:00Z'));
      expect(view.lateMinutes).toBe(0);
    });
  });
});

test('an evening for two: what one ticks is gone for the other, late moves dinner, and a drag of the spoon moves all', async ({
  page,
  kitchen,
  context,
}) => {
  await page.goto(`${kitchen.address}/evening`);
  const heading = page.getByRole('heading', { level: 1 });
  await page.getByLabel('Dinner at').fill('19:30');
  await page.getByLabel('Dinner at').press('Enter');
  await expect(heading).toHaveText(/^Dinner at 19:30\. Begin at 17:\d\d/);
  const other = await context.newPage();
  await other.goto(`${kitchen.address}/evening`);
  await expect(other.getByRole('heading', { level: 1 })).toHaveText(/^Dinner at 19:30/);

  await page.getByRole('button', { name: 'Done: Wash your hands' }).click();
  await expect(other.getByRole('button', { name: 'Done: Wash your hands' })).toHaveCount(0);
  await other.getByRole('button', { name: 'Take the last tick back' }).click();
  await expect(page.getByRole('button', { name: 'Done: Wash your hands' })).toBeVisible();
  await page.getByRole('button', { name: 'Done: Wash your hands' }).click();
  await expect(page.getByRole('button', { name: 'Done: Wash your hands' })).toHaveCount(0);

  // An hour and a half later nothing else is done: the page says by how much dinner slips, and nothing stands in the past.
  await kitchen.pass(90, page);
  await page.reload();
  await expect(heading).toHaveText(/^Dinner will be at \d\d:\d\d, .* later than 19:30/);
  await expect(page.getByText(/^Not ticked yet: /)).toBeVisible();
  const view = await kitchen.get('/api/evening');
  for (const task of view.tasks) expect(Date.parse(task.endsAt)).toBeGreaterThanOrEqual(Date.parse(view.now));
  await page.getByRole('button', { name: /^Eat at \d\d:\d\d/ }).click();
  await expect(heading).toHaveText(/^Dinner at /);
  await expect(other.getByRole('heading', { level: 1 })).toHaveText(/^Dinner at /);

  // Dinner hangs on the spoon: a touch beside it moves nothing, a hand on it does.
  const stored = async () => Date.parse((await kitchen.get('/api/evening')).eatAt);
  const spoon = page.getByRole('slider', { name: 'Dinner' });
  const rail = await page.getByRole('region', { name: 'The rail' }).boundingBox();
  const bowl = await spoon.boundingBox();
  if (!rail || !bowl) throw new Error('The rail is not on screen.');
  const kept = await stored();
  await page.mouse.click(rail.x + rail.width * 0.4, rail.y + rail.height * 0.7);
  // Longer than a hand has to rest before dinner is stored.
  await page.waitForTimeout(1200);
  expect(await stored()).toBe(kept);
  await page.mouse.move(bowl.x + bowl.width / 2, bowl.y + 12);
  await page.mouse.down();
  await page.mouse.move(bowl.x + bowl.width / 2 + 120, bowl.y + 12, { steps: 6 });
  await page.mouse.up();
  await expect.poll(stored).toBeGreaterThan(kept);
  await expect(heading).toHaveText(/^Dinner at /);
  const before = await stored();
  await spoon.focus();
  for (let i = 0; i < 3; i++) await page.keyboard.press('PageUp');
  await expect
    .poll(async () => (Date.parse((await kitchen.get('/api/evening')).eatAt) - before) / 60_000)
    .toBeGreaterThan(20);
  await page.getByLabel('Dinner at').fill('five');
  await page.getByLabel('Dinner at').press('Enter');
  await expect(page.getByRole('alert')).toContainText('Write a time of day');
  await page.getByLabel('Dinner at').fill('17:05');
  await page.getByLabel('Dinner at').press('Enter');
  await expect(page.getByRole('alert')).toContainText('has passed');
});

test('what could be given up is one tap away, and a tray that goes in sooner is surer', async ({ page, kitchen }) => {
  await page.goto(`${kitchen.address}/evening`);
  await page.getByLabel('Dinner at').fill('19:30');
  await page.getByLabel('Dinner at').press('Enter');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(/^Dinner at 19:30/);
  const chance = page.getByText(/^On time in /);
  await expect(chance).toBeVisible();
  const before = await kitchen.get('/api/evening');
  await page.getByRole('button', { name: /^Tray in 10 min sooner/ }).click();
  await expect
    .poll(async () => (await kitchen.get('/api/evening')).chancePercent)
    .toBeGreaterThan(before.chancePercent + 10);
  const at = (view: { tasks: { key: string; beginsAt: string }[] }) =>
    Date.parse(view.tasks.find((task) => task.key === 'in')?.beginsAt ?? '');
  expect(at(before) - at(await kitchen.get('/api/evening'))).toBe(10 * 60_000);

  // Boiled potatoes for the hob and three more by one pair of hands: too much for a dinner in an hour and a half.
  for (const side of ['boiled potatoes', 'beans', 'greens', 'salad'])
    await page.getByRole('button', { name: `+ ${side}` }).click();
  await expect(page.getByRole('button', { name: 'No salad' })).toBeVisible();
  await page.getByLabel('Dinner at').fill('18:25');
  await page.getByLabel('Dinner at').press('Enter');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(/^Dinner will be at .* later than 18:25/);
  await expect(page.getByText(/^Leave the meat in its mix for/)).toBeVisible();
});

test('a device that was asked to rings for what is to be begun, on every station, until it is seen', async ({
  page,
  kitchen,
}) => {
  await page.goto(`${kitchen.address}/evening`);
  await page.getByLabel('Dinner at').fill('19:30');
  await page.getByLabel('Dinner at').press('Enter');
  await page.getByRole('checkbox', { name: 'Ring on this device when something is to be begun' }).check();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(/^Dinner at 19:30\. Begin at 17:\d\d/);
  const { tasks, now } = await kitchen.get('/api/evening');
  await page.getByRole('link', { name: 'Log' }).click();
  const alarms = page.getByRole('complementary', { name: 'Alarms' });
  await expect(alarms).toHaveCount(0);
  await kitchen.pass(Math.ceil((Date.parse(tasks[0].beginsAt) - Date.parse(now)) / 60_000));
  await page.reload();
  await expect(alarms).toContainText('Wash your hands');
  await alarms.getByRole('button', { name: 'Seen' }).first().click();
  await expect(alarms.getByText('Wash your hands')).toHaveCount(0);
});

test('a time after midnight is the next day’s', async ({ page, kitchen }) => {
  await kitchen.pass(3 * 60);
  await page.goto(`${kitchen.address}/evening`);
  await page.getByLabel('Dinner at').fill('0:15');
  await page.getByLabel('Dinner at').press('Enter');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(/^Dinner at 00:15 tomorrow\. Begin at 22:\d\d\./);
  expect(Date.parse((await kitchen.get('/api/evening')).eatAt)).toBe(Date.parse('2026-11-26T23:15:00Z'));
});

test('a calendar reads every start, also in the nights on which clocks are changed', async ({ kitchen }) => {
  for (const [clock, timezone] of [
    ['2026-10-24T20:00:00Z', 'Europe/Berlin'],
    ['2027-03-27T20:00:00Z', 'Europe/Berlin'],
  ] as const) {
    await kitchen.goTo(clock);
    const dinner = new Date(Date.parse(clock) + 21 * 3_600_000);
    const moved = await fetch(`${kitchen.address}/api/evening/1/dinner`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ eatAt: dinner.toISOString() }),
    });
    expect(moved.status).toBe(200);
    const view = await kitchen.get('/api/evening');
    const text = await (await fetch(`${kitchen.address}/api/evening/1/calendar.ics`)).text();
    const calendar = new ICAL.Component(ICAL.parse(text));
    const starts = calendar.getAllSubcomponents('vevent').map((one) => new ICAL.Event(one));
    const known = view.tasks.filter(({ kind }: { kind: string }) => kind !== 'rest' && kind !== 'plate');
    expect(starts).toHaveLength(known.length);
    for (const task of known) {
      const start = starts.find(({ uid }) => uid === `tray1.${task.key}@amber-spoon.invalid`);
      expect(start?.startDate.toJSDate().getTime(), `${task.title} in ${timezone}`).toBe(Date.parse(task.beginsAt));
      if (task.kind !== 'putAway') expect(start?.component.getAllSubcomponents('valarm')).toHaveLength(1);
    }
  }
});

test('a calendar is planned round, the oven is told to be hot, and the next evening knows both hands and oven', async ({
  page,
  kitchen,
}) => {
  const at = (date: Date) => `${date.toISOString().replace(/[-:]|\.\d+/g, '')}`;
  const from = new Date(Date.parse((await kitchen.get('/api/evening')).now) + 20 * 60_000);
  const calendar = (uid: string, title: string, minutes: number) =>
    `BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:-//made up//EN\r\nBEGIN:VEVENT\r\nUID:${uid}\r\nSUMMARY:${title}\r\nDTSTART:${at(from)}\r\nDTEND:${at(new Date(from.getTime() + minutes * 60_000))}\r\nEND:VEVENT\r\nEND:VCALENDAR\r\n`;
  const bring = (text: string) =>
    page
      .getByLabel('A calendar to plan round')
      .setInputFiles({ name: 'mine.ics', mimeType: 'text/calendar', buffer: Buffer.from(text) });
  await page.goto(`${kitchen.address}/evening`);
  await bring(calendar('x@made.up', 'Choir by telephone', 25));
  await expect(page.getByRole('list', { name: 'To know' })).toContainText('“Choir by telephone”');
  await expect(page.getByText('1 entry of your calendar is planned round.')).toBeVisible();
  await page.getByRole('button', { name: 'Forget it' }).click();
  await expect(page.getByText('planned round.')).toHaveCount(0);
  await bring('no calendar');
  await expect(page.getByRole('alert')).toContainText('no calendar');

  const next = page.getByRole('region', { name: 'What to do, by the clock' });
  await next.getByRole('button', { name: /^Done: Oven to/ }).click();
  await expect(next.getByText(/^The oven gets hot: 205 °C at about/)).toBeVisible();
  await kitchen.pass(20, page);
  await expect(next.getByText(/^The oven should be at 205 °C since/)).toBeVisible();
  await next.getByRole('button', { name: 'It is hot now' }).click();
  await expect(next.getByRole('button', { name: 'It is hot now' })).toHaveCount(0);
  await page.getByRole('link', { name: 'Tray', exact: true }).click();
  await page.getByRole('button', { name: 'The tray goes in now' }).click();
  await page.getByRole('button', { name: 'It goes in now' }).click();
  await expect(page).toHaveURL(/oven/);
  await kitchen.pass(1, page);
  await expect(page.getByRole('button', { name: 'Take the start back' })).toBeVisible();
  const id = (await kitchen.get('/api/bakes?live=true')).bakes[0].id;
  expect((await kitchen.get(`/api/bakes/${id}`)).isJustIn).toBe(true);
});
