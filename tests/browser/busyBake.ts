import { expect } from './kitchen';

type Kitchen = { address: string };

const lot = { startFrom: 'fridge', vessel: 0, addAtMinutes: 0, leavesWhenDone: false, height: null };

/** A lot of chicken on the only tray. */
export const chicken = (cut: string, count: number, massG: number, more: object = {}) => ({
  ...lot,
  id: 1,
  cut,
  skinOn: true,
  coating: 'oil',
  skinDown: false,
  sizes: { basis: 'piece', count, mass: { value: massG, unit: 'gram' }, spreadPercent: 0, each: [] },
  ...more,
});

/** A vegetable around it, tender. */
export const vegetable = (kind: string, cut: string, millimetres: number, grams: number, more: object = {}) => ({
  id: 2,
  kind,
  cut,
  size: { value: millimetres, unit: 'millimetre' },
  amount: { value: grams, unit: 'gram' },
  place: 'around',
  vessel: 0,
  addAtMinutes: 0,
  leavesWhenDone: false,
  goal: 'tender',
  ...more,
});

/** A new tray with these in its plan, put in at once. */
export async function startTray(kitchen: Kitchen, name: string, parts: object) {
  const send = async (method: string, path: string, body: object, more: object = {}) => {
    const answer = await fetch(kitchen.address + path, {
      method,
      headers: { 'content-type': 'application/json', 'Command-Id': crypto.randomUUID(), ...more },
      body: JSON.stringify(body),
    });
    expect(answer.ok, await answer.clone().text()).toBe(true);
    return answer.json();
  };
  const tray = await send('POST', '/api/trays', { name });
  const plan = { ...tray.plan, name, vegetables: [], ...parts };
  const { version } = await send('PUT', `/api/trays/${tray.id}`, plan, { 'If-Match': `"${tray.version}"` });
  await send('POST', '/api/bakes', { trayId: tray.id, trayVersion: version, commandId: crypto.randomUUID() });
}

/** A tray with something to do: courgettes after 6 min, a turn at 10, the dial at 12. */
export const startBusyBake = (kitchen: Kitchen) =>
  startTray(kitchen, 'Busy', {
    chicken: [chicken('boneInThigh', 2, 165)],
    vegetables: [vegetable('courgette', 'coin', 20, 150, { addAtMinutes: 6 })],
    steps: [
      { kind: 'turn', atMinutes: 10 },
      { kind: 'lower', atMinutes: 12, setting: { value: 180, unit: 'celsius' } },
    ],
  });
