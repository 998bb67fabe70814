import { join } from 'node:path';
import { expect, judge, KitchenServer, passMinutes, startBake, test, typeReadings } from '../kitchen';

const folder = process.env.SHOTS ?? join(import.meta.dirname, '../../docs/screenshots');
const sizes = [
  { name: '', width: 1280, height: 800 },
  { name: '-tablet', width: 820, height: 1180 },
];

/** One picture of each main view, from the invented household, always at the same time of day. */
test('pictures for the docs', async ({ browser }) => {
  test.setTimeout(240_000);
  for (const size of sizes) {
    const kitchen = await KitchenServer.create({ clock: '2026-11-26T16:10:00Z' });
    try {
      const page = await browser.newPage({ viewport: size, timezoneId: 'Etc/GMT-1' });
      const shoot = async (view: string) => {
        await page.evaluate(() => document.fonts.ready);
        await page.waitForTimeout(300);
        await page.screenshot({ path: join(folder, `${view}${size.name}.png`) });
      };

      await page.goto(`${kitchen.address}/tray`);
      await expect(page.getByRole('slider')).toBeVisible();
      await shoot('tray');
      await page.getByRole('tab', { name: 'Cut open' }).click();
      await expect(page.getByText(/^Coldest/)).toBeVisible();
      await shoot('inside');
      await page.getByRole('tab', { name: 'Finish together' }).click();
      await expect(page.getByRole('button', { name: 'Do it like this' }).first()).toBeEnabled({ timeout: 20_000 });
      await shoot('together');
      await page.getByRole('tab', { name: 'Other ways' }).click();
      await expect(page.getByRole('columnheader', { name: 'Hot and fast' })).toBeVisible({ timeout: 20_000 });
      await shoot('ways');
      await page.goto(`${kitchen.address}/why`);
      await expect(page.getByText('within 0.5°')).toBeVisible();
      await expect(page.getByText('solving', { exact: true })).toHaveCount(0);
      await shoot('why');
      await page.goto(`${kitchen.address}/log`);
      await expect(page.getByRole('slider')).toBeVisible();
      await shoot('log');
      await startBake(page, kitchen);
      await passMinutes(kitchen, 21);
      await expect(page.getByTestId('elapsed')).toHaveText(/^21/, { timeout: 15_000 });
      await shoot('oven');
      await page.getByRole('button', { name: 'See inside' }).click();
      await shoot('oven-inside');
      await page.getByRole('button', { name: 'See the clock' }).click();
      await passMinutes(kitchen, 13);
      await expect(page.getByTestId('elapsed')).toHaveText(/^34/, { timeout: 15_000 });
      await typeReadings(page, '72.5', '75.8');
      await judge(page);
      await page.getByRole('button', { name: 'The tray is out, resting' }).click();
      await expect(page.getByRole('heading', { level: 1 })).toHaveText('Let it rest');
      await page.evaluate(() => window.scrollTo(0, 0));
      await shoot('verdict');
      await page.close();
    } finally {
      await kitchen.close();
    }
  }
});
