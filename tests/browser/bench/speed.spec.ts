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

  await page.goto(`${kitchen.address}/tray`);
  await expect(page.getByRole('slider')).toBeVisible();
  await page.waitForTimeout(1000);
  say('A frame while the spoon moves, six lots', await spoonFrames(page));
});

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
