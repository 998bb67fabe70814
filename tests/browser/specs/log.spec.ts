import type { Page } from '@playwright/test';
import { expect, test } from '../kitchen';

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
