import type { Page } from '@playwright/test';
import { expect, startBake, test } from '../kitchen';

test.use({ evenings: 3 });

const wide = { width: 1280, height: 800 };

/** A picture of one colour, as a phone might send it. */
async function picture(page: Page): Promise<Buffer> {
  const url = await page.evaluate(() => {
    const canvas = document.createElement('canvas');
    canvas.width = canvas.height = 40;
    canvas.getContext('2d')?.fillRect(0, 0, 40, 40);
    return canvas.toDataURL('image/jpeg');
  });
  return Buffer.from(url.split(',')[1] ?? '', 'base64');
}

test('an evening is rated, noted, photographed, found again and baked again', async ({ page, kitchen }) => {
  await page.setViewportSize(wide);
  await page.goto(`${kitchen.address}/log`);
  const evenings = page.getByRole('list', { name: 'Evenings' });
  await expect(evenings.getByRole('listitem')).toHaveCount(3);
  await evenings.getByRole('button', { name: /^Sunday leg quarters/ }).click();
  const entry = page.getByRole('article', { name: 'Sunday leg quarters' });
  await entry.getByRole('group', { name: 'The meat' }).getByRole('button', { name: 'dry', exact: true }).click();
  await expect(entry.getByRole('button', { name: 'dry', exact: true })).toHaveAttribute('aria-pressed', 'true');
  await expect(entry.getByRole('button', { name: 'juicy' })).toHaveAttribute('aria-pressed', 'false');
  await entry.getByLabel('Next time', { exact: true }).fill('Foil after half an hour');
  await entry.getByLabel('Next time', { exact: true }).press('Enter');
  await expect(entry.getByText('Foil after half an hour', { exact: true }).first()).toBeVisible();
  await page
    .getByLabel('A photo of the evening')
    .setInputFiles({ name: 'tray.jpg', mimeType: 'image/jpeg', buffer: await picture(page) });
  await expect(entry.getByRole('img', { name: '1 of the evening' })).toBeVisible();
  await page
    .getByLabel('A photo of the evening')
    .setInputFiles({ name: 'x.png', mimeType: 'image/png', buffer: Buffer.from('no') });
  await expect(entry.getByRole('alert')).toContainText('no photo');

  await page.getByLabel('Look for').fill('foil after');
  await expect(evenings.getByRole('listitem')).toHaveCount(1);
  await page.getByLabel('Look for').fill('unicorn');
  await expect(page.getByText('No evening fits that.')).toBeVisible();
  await page.getByLabel('Look for').fill('');
  await expect(evenings.getByRole('listitem')).toHaveCount(3);

  await entry.getByRole('button', { name: 'Bake it again' }).click();
  await expect(page.getByLabel('Tonight')).toHaveValue('Sunday leg quarters');
  const last = page.getByRole('region', { name: 'The last time' });
  await expect(last).toContainText('“Start half an hour sooner”, “Foil after half an hour”');
  await expect(last).toContainText('The meat: dry.');
});

test('two evenings stand beside each other on the same minutes', async ({ page, kitchen }) => {
  await page.setViewportSize(wide);
  await page.goto(`${kitchen.address}/log`);
  const entry = page.getByRole('article').first();
  await entry.getByRole('button', { name: /^Beside another/ }).click();
  await entry.getByRole('button', { name: /^Show beside it/ }).click();
  await page.getByRole('option', { name: /^Quick lemon breasts/ }).click();
  await expect(page.getByRole('table', { name: 'Beside Quick lemon breasts' })).toContainText('Foretold');
  await expect(page.getByRole('slider')).toHaveCount(2);
});

test('what was learnt says so, an evening can be left out, and the oven begun anew', async ({ page, kitchen }) => {
  await page.goto(`${kitchen.address}/log`);
  await page.getByRole('radio', { name: 'What they taught' }).check();
  await expect(
    page.getByRole('heading', { name: /^Your oven runs about \d+ °C cool \(±\d+ °C\), from 3 bakes/ }),
  ).toBeVisible();
  await page.getByRole('radio', { name: 'Evenings' }).check();
  const entry = page.getByRole('article').first();
  await entry.getByRole('button', { name: /^Beside another/ }).click();
  await entry.getByRole('button', { name: 'Leave it out' }).click();
  await expect(entry.getByText('The oven is not learnt from this evening.')).toBeVisible();
  await page.getByRole('radio', { name: 'What they taught' }).check();
  await expect(page.getByRole('heading', { name: /from 2 bakes/ })).toBeVisible();
  await page.getByRole('button', { name: 'Begin anew with this oven' }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'Begin anew' }).click();
  await expect(page.getByText(/^Nothing yet: with the first reading/)).toBeVisible();
});

test('the whole house goes out as one file and comes back', async ({ page, kitchen }) => {
  await page.goto(`${kitchen.address}/kitchen`);
  const download = page.waitForEvent('download');
  await page.getByRole('link', { name: 'The whole house as one file' }).click();
  const backup = await (await download).path();
  await page.goto(`${kitchen.address}/log`);
  await page.getByRole('article').first().getByRole('button', { name: 'Delete' }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'Delete it' }).click();
  await expect(page.getByRole('list', { name: 'Evenings' }).getByRole('listitem')).toHaveCount(2);
  await page.goto(`${kitchen.address}/kitchen`);
  await page.getByLabel('A backup to bring back').setInputFiles(backup);
  const report = page.getByRole('region', { name: 'What the backup would bring' });
  await expect(report).toContainText('3 evenings');
  await report.getByRole('button', { name: 'Make this house what it was' }).click();
  await expect(page.getByText('The house is as it was then.')).toBeVisible();
  await page.goto(`${kitchen.address}/log`);
  await expect(page.getByRole('list', { name: 'Evenings' }).getByRole('listitem')).toHaveCount(3);
  await page.goto(`${kitchen.address}/kitchen`);
  await page
    .getByLabel('A backup to bring back')
    .setInputFiles({ name: 'x.zip', mimeType: 'application/zip', buffer: Buffer.from('PK no') });
  await expect(page.getByRole('alert')).toContainText('no whole backup');
});

test('two devices at the log: what one says the other sees, and an evening deleted on one is gone on both', async ({
  page,
  kitchen,
  browser,
}) => {
  await page.setViewportSize(wide);
  await page.goto(`${kitchen.address}/log`);
  const other = await (await browser.newContext()).newPage();
  await other.goto(`${kitchen.address}/log`);
  const here = page.getByRole('article').first();
  const there = other.getByRole('article').first();
  await expect(there).toHaveAccessibleName((await here.getAttribute('aria-label')) ?? '');

  // Both tap at once, on different questions.
  await Promise.all([
    here.getByRole('group', { name: 'The meat' }).getByRole('button', { name: 'dry', exact: true }).click(),
    there.getByRole('group', { name: 'Dinner' }).getByRole('button', { name: 'too early' }).click(),
  ]);
  for (const entry of [here, there]) {
    await expect(entry.getByRole('button', { name: 'dry', exact: true })).toHaveAttribute('aria-pressed', 'true');
    await expect(entry.getByRole('button', { name: 'too early' })).toHaveAttribute('aria-pressed', 'true');
  }

  // What is being written on one is not lost by what happens on the other.
  await there.getByLabel('How it tasted').fill('smoky');
  await here.getByLabel('Next time', { exact: true }).fill('More salt');
  await here.getByLabel('Next time', { exact: true }).press('Enter');
  await expect(there.getByText('More salt', { exact: true }).first()).toBeVisible();
  await expect(there.getByLabel('How it tasted')).toHaveValue('smoky');

  await here.getByRole('button', { name: 'Delete' }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'Delete it' }).click();
  for (const one of [page, other])
    await expect(one.getByRole('list', { name: 'Evenings' }).getByRole('listitem')).toHaveCount(2);
  await other.context().close();
});

test('a thermometer that stands in the oven is told at the oven, not too soon, and the log goes by it', async ({
  page,
  kitchen,
}) => {
  await page.setViewportSize(wide);
  await startBake(page, kitchen);
  await kitchen.pass(2, page);
  await page.getByRole('button', { name: 'Also done' }).click();
  const happened = page.getByRole('region', { name: 'Something else happened' });
  await happened.getByLabel('Air in the oven, °C').fill('194');
  await happened.getByRole('button', { name: 'A thermometer shows it' }).click();
  await expect(happened).toContainText(/look again in \d min/);
  await kitchen.pass(4, page);
  await happened.getByRole('button', { name: 'A thermometer shows it' }).click();
  await expect(page.getByText('The oven’s air: 194 °C.')).toBeVisible();
  await kitchen.pass(30, page);
  await page.getByRole('button', { name: 'Finish and log it' }).click();
  await page
    .getByRole('dialog')
    .getByRole('button', { name: /Finish/ })
    .click();
  await expect(page.getByRole('list', { name: 'Evenings' }).getByRole('listitem')).toHaveCount(4);
  await page.getByRole('radio', { name: 'What they taught' }).check();
  await expect(
    page.getByText(/^(Its air is about \d+ °C cooler than its dial says|Whether its air is off)/),
  ).toBeVisible();
});

test('a log kept in a spreadsheet comes in after a look at it, and a wrong one says where', async ({
  page,
  kitchen,
}) => {
  const table = (text: string) => ({ name: 'log.csv', mimeType: 'text/csv', buffer: Buffer.from(text) });
  await page.goto(`${kitchen.address}/kitchen`);
  await page
    .getByLabel('A table to add to the log')
    .setInputFiles(table('StartedAt;Minutes;Chicken;OvenC\n2026-10-03 18:05;45;6 turkeys;205\n'));
  await expect(page.getByRole('alert')).toContainText('Line 2, Chicken: “6 turkeys” is not understood');
  await page
    .getByLabel('A table to add to the log')
    .setInputFiles(
      table(
        'StartedAt;Minutes;Name;Chicken;OvenC;Notes\n2026-10-03 18:05;45;Old Sunday;6 bone-in thighs 990 g;205;crisp\n2026-10-10 18:05;40;;8 drumsticks 930 g;200;\n',
      ),
    );
  const look = page.getByRole('region', { name: 'What the table would bring' });
  await expect(look).toContainText(
    '2 evenings from Saturday 3 October to Saturday 10 October, none of them here already',
  );
  await look.getByRole('button', { name: 'Add 2 evenings' }).click();
  await expect(page.getByText('2 evenings added to the log.')).toBeVisible();
  await page.getByRole('link', { name: 'Log', exact: true }).click();
  await expect(page.getByRole('list', { name: 'Evenings' }).getByRole('listitem')).toHaveCount(5);
  await expect(page.getByRole('list', { name: 'Evenings' })).toContainText('Old Sunday');
});
