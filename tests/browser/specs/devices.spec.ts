import { type ChildProcess, spawn } from 'node:child_process';
import { join } from 'node:path';
import { expect, KitchenServer, liveBake, test } from '../kitchen';

const DEVICES = join(import.meta.dirname, '../../../artifacts/bin/AmberSpoon.Devices/release/AmberSpoon.Devices.dll');

/** Thighs, drumsticks, breasts and tenders on two trays, turnips to nobody's taste left out. */
const FOUR_LOTS = [
  { cut: 'boneInThigh', count: 3, grams: 165, vessel: 0 },
  { cut: 'drumstick', count: 3, grams: 115, vessel: 0 },
  { cut: 'bonelessBreast', count: 2, grams: 225, vessel: 1 },
  { cut: 'tender', count: 4, grams: 50, vessel: 1 },
];

async function planFourLots(kitchen: KitchenServer) {
  const tray = await kitchen.get('/api/tray');
  const plan = {
    ...tray.plan,
    name: 'Everything at once',
    chicken: FOUR_LOTS.map((lot, n) => ({
      id: n + 1,
      cut: lot.cut,
      skinOn: lot.vessel === 0,
      coating: 'oil',
      sizes: {
        basis: 'piece',
        count: lot.count,
        mass: { value: lot.grams, unit: 'gram' },
        spreadPercent: 10,
        each: [],
      },
      height: null,
      startFrom: 'fridge',
      vessel: lot.vessel,
      addAtMinutes: 0,
      leavesWhenDone: false,
      skinDown: false,
    })),
    vegetables: [],
    steps: [],
    spots: [],
    vessels: [tray.plan.vessels[0], { ...tray.plan.vessels[0], shelf: null }],
  };
  const saved = await fetch(`${kitchen.address}/api/trays/${tray.id}`, {
    method: 'PUT',
    headers: {
      'content-type': 'application/json',
      'Command-Id': crypto.randomUUID(),
      'If-Match': `"${tray.version}"`,
    },
    body: JSON.stringify(plan),
  });
  expect(saved.status).toBe(200);
}

test('a four-lot evening in a minute: probes that slip and stick are named, and serve is said of food that is hot', async ({
  page,
}) => {
  test.setTimeout(240_000);
  const kitchen = await KitchenServer.create({ pace: 240 });
  let devices: ChildProcess | null = null;
  let said = '';
  try {
    await planFourLots(kitchen);
    const args = ['--Kitchen', kitchen.address, '--Start', 'true', '--Cook', 'true', '--Faults', 'true'];
    devices = spawn('dotnet', [DEVICES, ...args], { stdio: ['ignore', 'pipe', 'inherit'] });
    devices.stdout?.on('data', (text) => {
      said += text;
    });
    await page.goto(`${kitchen.address}/oven`);
    const probes = page.getByRole('list', { name: 'Probes' });
    // The cook's quick thermometer may have joined them by then.
    for (const name of ['Stick', 'Wire 1', 'Wire 2', 'Wire 3'])
      await expect(probes).toContainText(name, { timeout: 60_000 });
    await expect(probes).toContainText('° a minute');
    await expect(probes.getByRole('status').first()).toContainText(
      /in air or on the tray|has shown the same|Nothing comes|jumps/,
      {
        timeout: 60_000,
      },
    );
    await expect
      .poll(async () => (await liveBake(kitchen)).verdict.kind, { timeout: 150_000, intervals: [500] })
      .toBe('serve');
    await expect.poll(() => said, { timeout: 30_000 }).toContain('Served');
    const coldest = Number(/is at ([\d.]+) °C/.exec(said)?.[1]);
    expect(coldest).toBeGreaterThan(72.9);
    await expect(page.getByRole('heading', { level: 1 })).toHaveText(/Serve|Safe/);
    // What was in air was never believed.
    for (const reading of (await liveBake(kitchen)).readings)
      if (reading.isBelieved) expect(reading.temperature.value).toBeLessThan(103);
  } finally {
    devices?.kill();
    await kitchen.close();
  }
});
