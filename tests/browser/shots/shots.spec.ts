import { join } from 'node:path';
import { choosePiece, expect, KitchenServer, measure, startBake, test } from '../kitchen';

const folder = process.env.SHOTS ?? join(import.meta.dirname, '../../docs/screenshots');
const sizes = [
  { name: '', width: 1280, height: 800 },
  { name: '-tablet', width: 820, height: 1180 },
];

const recipe = `Lemon thighs with roots
Serves 4
8 bone-in chicken thighs (about 1.3 kg)
500 g potatoes, in chunks
3 carrots
3 tbsp olive oil
juice of 1 lemon
2 tsp fine salt
4 garlic cloves, crushed
a few sprigs of thyme
Heat the oven to 425°F.
Roast for 35-40 minutes.`;

/** One picture of each main view, from the invented household, always at the same time of day. */
test('pictures for the docs', async ({ browser }) => {
  test.setTimeout(240_000);
  for (const size of sizes) {
    const kitchen = await KitchenServer.create({ clock: '2026-11-26T16:10:00Z', evenings: 24 });
    try {
      const page = await browser.newPage({ viewport: size, timezoneId: 'Etc/GMT-1' });
      const shoot = async (view: string, onTablet = false) => {
        if (size.name && !onTablet) return;
        await page.evaluate(() => document.fonts.ready);
        await page.waitForTimeout(300);
        await page.screenshot({ path: join(folder, `${view}${size.name}.png`) });
      };

      await page.goto(`${kitchen.address}/tray`);
      await expect(page.getByRole('slider')).toBeVisible();
      await expect(page.getByText('and all is good together')).toBeVisible();
      await shoot('tray', true);
      await page.getByRole('tab', { name: 'Inside' }).click();
      await expect(page.getByText(/^Coldest/)).toBeVisible();
      await shoot('inside');
      // Potatoes so large that the thighs cannot wait for them: something to propose.
      await page.getByRole('button', { name: /^potatoes \d/i }).click();
      await page.getByLabel('Size', { exact: true }).fill('45');
      await page.getByRole('button', { name: 'Back to the whole tray' }).click();
      await page.getByRole('tab', { name: 'Finish together' }).click();
      await expect(page.getByRole('button', { name: 'Do it like this' }).first()).toBeEnabled({ timeout: 20_000 });
      await shoot('together');
      await page.getByRole('button', { name: 'Undo' }).click();
      await page.getByRole('tab', { name: 'Other ways' }).click();
      await expect(page.getByRole('columnheader', { name: 'Hot and fast' })).toBeVisible({ timeout: 20_000 });
      await shoot('ways');
      await page.goto(`${kitchen.address}/prep`);
      await expect(page.getByRole('heading', { name: 'Harvest rub' })).toBeVisible();
      await shoot('mix');
      await page.getByRole('tab', { name: 'Order of work' }).click();
      for (let step = 1; step <= 3; step++) {
        await page.getByRole('button', { name: 'Done, next' }).click();
        await expect(page.getByText(new RegExp(`^${step} of \\d+ done`))).toBeVisible();
      }
      await shoot('order', true);
      await page.getByRole('tab', { name: 'Cut' }).click();
      await shoot('cut');
      await page.getByRole('tab', { name: 'Recipes' }).click();
      await page.getByLabel('Or paste it').fill(recipe);
      await page.getByRole('button', { name: 'Read it' }).click();
      await expect(page.getByRole('button', { name: 'Make the tray and the mix' })).toBeVisible();
      await shoot('recipe');
      await page.goto(`${kitchen.address}/evening`);
      await page.getByLabel('Dinner at').fill('19:45');
      await page.getByLabel('Dinner at').press('Enter');
      for (const side of ['rice', 'sprouts']) await page.getByRole('button', { name: `+ ${side}` }).click();
      await expect(page.getByRole('button', { name: 'No sprouts' })).toBeVisible();
      await expect(page.getByRole('heading', { level: 1 })).toHaveText(/^Dinner at 19:45/);
      await page.evaluate(() => {
        document.querySelectorAll('main *').forEach((one) => {
          one.scrollTop = 0;
        });
      });
      await shoot('evening');
      for (const side of ['rice', 'sprouts']) await page.getByRole('button', { name: `No ${side}` }).click();
      await page.goto(`${kitchen.address}/kitchen`);
      await expect(page.getByRole('heading', { name: 'Your kitchen' })).toBeVisible();
      await shoot('kitchen');
      await page.goto(`${kitchen.address}/why`);
      await expect(page.getByText('come out as published')).toBeVisible();
      await shoot('why');
      await page.goto(`${kitchen.address}/log`);
      await expect(page.getByRole('slider')).toBeVisible();
      await shoot('log');
      await page.evaluate(() =>
        localStorage.setItem(
          'amber.draft.wishes',
          JSON.stringify({ silent: false, spoken: false, notices: false, milestones: false }),
        ),
      );
      await startBake(page, kitchen);
      await kitchen.pass(21);
      await expect(page.getByTestId('elapsed')).toHaveText(/^21/, { timeout: 15_000 });
      await shoot('oven', true);
      await page.getByRole('button', { name: 'See inside' }).click();
      await shoot('oven-inside');
      await page.getByRole('button', { name: 'See the foods' }).click();
      await kitchen.pass(13);
      await expect(page.getByTestId('elapsed')).toHaveText(/^34/, { timeout: 15_000 });
      await choosePiece(page, /thigh 1/i);
      await measure(page, '72.5');
      await page.getByRole('button', { name: 'The tray is out, resting' }).click();
      await expect(page.getByRole('heading', { level: 1 })).toHaveText(/Let it rest|Put it back in/);
      await page.evaluate(() => window.scrollTo(0, 0));
      await shoot('verdict', true);
      await page.close();
    } finally {
      await kitchen.close();
    }
  }
});
