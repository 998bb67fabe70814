import { expect } from './kitchen';

/** A tray with something to do: courgettes after 6 min, a turn at 10, the dial at 12. */
export async function startBusyBake(kitchen: { address: string }) {
  const headers = { 'content-type': 'application/json', 'Command-Id': crypto.randomUUID() };
  const made = await fetch(`${kitchen.address}/api/trays`, {
    method: 'POST',
    headers,
    body: JSON.stringify({ name: 'Busy' }),
  });
  const tray = await made.json();
  const lot = { startFrom: 'fridge', vessel: 0, addAtMinutes: 0, leavesWhenDone: false, height: null };
  const plan = {
    ...tray.plan,
    name: 'Busy',
    chicken: [
      {
        ...lot,
        id: 1,
        cut: 'boneInThigh',
        skinOn: true,
        coating: 'oil',
        skinDown: false,
        sizes: { basis: 'piece', count: 2, mass: { value: 165, unit: 'gram' }, spreadPercent: 0, each: [] },
      },
    ],
    vegetables: [
      {
        id: 2,
        kind: 'courgette',
        cut: 'coin',
        size: { value: 20, unit: 'millimetre' },
        amount: { value: 150, unit: 'gram' },
        place: 'around',
        vessel: 0,
        addAtMinutes: 6,
        leavesWhenDone: false,
        goal: 'tender',
      },
    ],
    steps: [
      { kind: 'turn', atMinutes: 10 },
      { kind: 'lower', atMinutes: 12, setting: { value: 180, unit: 'celsius' } },
    ],
  };
  const saved = await fetch(`${kitchen.address}/api/trays/${tray.id}`, {
    method: 'PUT',
    headers: { ...headers, 'Command-Id': crypto.randomUUID(), 'If-Match': `"${tray.version}"` },
    body: JSON.stringify(plan),
  });
  expect(saved.status).toBe(200);
  const { version } = await saved.json();
  const started = await fetch(`${kitchen.address}/api/bakes`, {
    method: 'POST',
    headers,
    body: JSON.stringify({ trayId: tray.id, trayVersion: version, commandId: crypto.randomUUID() }),
  });
  expect(started.status).toBe(201);
}
