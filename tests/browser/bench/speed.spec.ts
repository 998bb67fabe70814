import type { Page } from '@playwright/test';
import { expect, test } from '../kitchen';

const WARM_UP = 60;
const CHANGES = 60;
const FRAMES = 240;

/**
 * What a cook waits for with six lots on the tray: a change to a field, client to client, and the spoon on the rail.
 * Prints; fails only where the job itself cannot be done.
 */
test('a change to a field, and the spoon', async ({ page, kitchen }) => {
  const { id, plan } = await kitchen.get('/api/tray');
  const [thighs] = plan.chicken;
  plan.spots = [];
  const coats = [
    { kind: 'dryRub', when: 'on', mix: 'harvest-rub' },
    { kind: 'glaze', when: 'atMinute', atMinutes: 25, mix: 'apricot' },
    { kind: 'sauce', when: 'atTable', mix: 'cold-herb' },
  ];
  plan.chicken = [
    sized(thighs, { id: 1, cut: 'boneInThigh', coats }, 4, 660),
    sized(thighs, { id: 5, cut: 'drumstick', coats }, 3, 345),
    sized(thighs, { id: 6, cut: 'bonelessBreast', coats }, 2, 400),
  ];
  const changes: number[] = [];
  for (let i = 0; i < WARM_UP + CHANGES; i++) {
    plan.ovenSetting.value = 190 + i / 4;
    const from = performance.now();
    const answer = await fetch(`${kitchen.address}/api/trays/${id}`, {
      method: 'PUT',
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify(plan),
    });
    const view = await answer.json();
    changes.push(performance.now() - from);
    expect(view.answer.forecast.lots).toHaveLength(6);
    // As the page does: pieces stay where they lie.
    plan.spots = view.plan.spots;
  }
  say('A change to a field, six lots, three coats on each of the chicken, bands included', changes.slice(WARM_UP));

  const opened: number[] = [];
  for (let i = 0; i < 10; i++) {
    // A page that has nothing kept: every script comes from the server.
    const fresh = await (await page.context().browser()?.newContext())?.newPage();
    if (!fresh) throw new Error('There is no browser.');
    await fresh.addInitScript(() => {
      const look = () => {
        if (document.querySelector('[role=slider]')) Object.assign(window, { usableAt: performance.now() });
        else requestAnimationFrame(look);
      };
      requestAnimationFrame(look);
    });
    await fresh.goto(`${kitchen.address}/tray`);
    await fresh.getByRole('slider').waitFor();
    opened.push(await fresh.evaluate(() => (window as unknown as { usableAt: number }).usableAt));
    await fresh.context().close();
  }
  say('From the address to a tray that can be used, nothing kept', opened.slice(1));

  await page.goto(`${kitchen.address}/tray`);
  await expect(page.getByRole('slider')).toBeVisible();
  await page.waitForTimeout(1000);
  const { painted, long } = await typing(page);
  say('From the last key in a field to the new times on the screen, six lots', painted);
  console.log(`Tasks that held the page up for more than 50 ms while typing: ${long.length} (${long.map(Math.round)})`);
  say('A frame while the spoon moves, six lots', await spoonFrames(page));
});

/** Types other ovens, key by key, and waits each time until the forecast has changed. */
async function typing(page: Page) {
  await page.getByRole('button', { name: /^Oven (still|fan)/ }).click();
  const oven = page.getByRole('textbox', { name: 'Oven' });
  const times = page.getByRole('definition');
  await page.evaluate(() => {
    const tasks: number[] = [];
    Object.assign(window, { tasks });
    new PerformanceObserver((list) => tasks.push(...list.getEntries().map((entry) => entry.duration))).observe({
      type: 'longtask',
    });
  });
  const painted: number[] = [];
  for (let i = 0; i < 20; i++) {
    const before = (await times.allTextContents()).join();
    await oven.fill('');
    await oven.pressSequentially(String(i % 2 ? 170 : 230), { delay: 60 });
    const from = performance.now();
    await page.waitForFunction(
      (was) =>
        Array.from(document.querySelectorAll('dd'))
          .map((one) => one.textContent)
          .join() !== was,
      before,
      { polling: 'raf' },
    );
    painted.push(performance.now() - from);
    await page.waitForTimeout(600);
  }
  return { painted, long: await page.evaluate(() => (window as unknown as { tasks: number[] }).tasks) };
}

/** Steps the spoon once a frame, and gives the time from each frame to the next. */
const spoonFrames = (page: Page) =>
  page.getByRole('slider').evaluate(
    (spoon, frames) =>
      new Promise<number[]>((resolve) => {
        const times: number[] = [];
        (spoon as HTMLElement).focus();
        let last = 0;
        const step = (now: number) => {
          if (last) times.push(now - last);
          last = now;
          if (times.length === frames) return resolve(times);
          spoon.dispatchEvent(
            new KeyboardEvent('keydown', { key: times.length % 160 < 80 ? 'ArrowRight' : 'ArrowLeft', bubbles: true }),
          );
          requestAnimationFrame(step);
        };
        requestAnimationFrame(step);
      }),
    FRAMES,
  );

interface Lot {
  sizes: { count: number; mass: { value: number } };
}

const sized = (lot: Lot, change: object, count: number, massG: number) => ({
  ...lot,
  ...change,
  sizes: { ...lot.sizes, count, mass: { ...lot.sizes.mass, value: massG } },
});

function say(what: string, times: number[]) {
  const sorted = times.toSorted((a, b) => a - b);
  const at = (share: number) => sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))]?.toFixed(1);
  console.log(`${what}: median ${at(0.5)} ms, nine in ten below ${at(0.9)} ms (${times.length})`);
}
