import { randomUUID } from 'node:crypto';
import { expect, KitchenServer, liveBake, test } from '../kitchen';

/** As many as fit the suite; the bench takes fifty. */
const KILLS = Number(process.env.KILLS ?? 3);

/** A page that streams readings: it keeps what was not acknowledged and sends it again, as the page does. */
class Sender {
  readonly acknowledged = new Set<string>();
  readonly told: string[] = [];
  private waiting: { commandId: string }[] = [];

  constructor(
    readonly kitchen: KitchenServer,
    readonly bake: string,
    readonly piece: number,
  ) {}

  async send() {
    const event = { commandId: randomUUID(), kind: 'reading', lot: 1, piece: this.piece, value: 5, unit: 'celsius' };
    this.told.push(event.commandId);
    this.waiting.push(event);
    await this.flush();
  }

  async flush() {
    const sent = [...this.waiting];
    try {
      const answer = await fetch(`${this.kitchen.address}/api/bakes/${this.bake}/events`, {
        method: 'POST',
        headers: { 'Content-Type': 'application/json' },
        body: JSON.stringify({ events: sent }),
        signal: AbortSignal.timeout(8000),
      });
      if (!answer.ok) throw new Error(`${answer.status} ${await answer.text()}`);
      await answer.text();
      for (const event of sent) this.acknowledged.add(event.commandId);
      this.waiting = this.waiting.filter((event) => !sent.includes(event));
    } catch (error) {
      if (String(error).includes(' {')) throw error;
    }
  }
}

test('killed while two pages stream: nothing acknowledged is lost, nothing is doubled', async () => {
  test.setTimeout(60_000 + KILLS * 30_000);
  const kitchen = await KitchenServer.create();
  try {
    const tray = await kitchen.get('/api/tray');
    const start = () =>
      fetch(`${kitchen.address}/api/bakes`, {
        method: 'POST',
        headers: { 'Content-Type': 'application/json' },
        body: JSON.stringify({
          trayId: tray.id,
          trayVersion: tray.version,
          commandId: '0199ab00-0000-4000-8000-000000000001',
        }),
      });
    expect((await start()).status).toBe(201);
    const { id } = await liveBake(kitchen);
    const senders = [new Sender(kitchen, id, 1), new Sender(kitchen, id, 2)];
    for (let kill = 0; kill < KILLS; kill++) {
      let running = true;
      const streams = senders.map(async (sender) => {
        while (running) await sender.send();
      });
      // Anywhere in a start, a computation or a commit.
      await new Promise((resolve) => setTimeout(resolve, 150 + Math.random() * 900));
      await kitchen.kill();
      running = false;
      await Promise.all(streams);
      if (kill % 2 === 1) await kitchen.killWhileStarting(Math.random() * 2500);
      await kitchen.open();
      const stored = await commandIds(kitchen, id);
      for (const sender of senders)
        expect([...sender.acknowledged].filter((command) => !stored.includes(command))).toEqual([]);
      expect((await start()).status).toBe(201);
    }
    for (const sender of senders) await sender.flush();
    const told = senders.flatMap((sender) => sender.told);
    expect((await commandIds(kitchen, id)).filter((command) => told.includes(command)).sort()).toEqual(told.sort());
    expect((await kitchen.get('/api/bakes?live=true')).bakes).toHaveLength(1);
    console.log(
      `    ${KILLS} kills, half of them once more while it started, ${told.length} readings, each stored once`,
    );
  } finally {
    await kitchen.close();
  }
});

/** By the events of the bake, in order. */
async function commandIds(kitchen: KitchenServer, id: string): Promise<string[]> {
  const { events } = await kitchen.get(`/api/bakes/${id}`);
  return events.map((event: { commandId: string }) => event.commandId);
}
