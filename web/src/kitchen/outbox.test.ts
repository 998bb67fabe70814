import { describe, expect, it, vi } from 'vitest';
import { Problem } from '../api/problem';
import type { BakeView } from '../api/types';
import type { Keeper } from '../drafts/keptText';
import { Outbox, type Told } from './outbox';

const memory = (): Keeper & { kept: Map<string, string> } => {
  const kept = new Map<string, string>();
  return {
    kept,
    getItem: (key) => kept.get(key) ?? null,
    setItem: (key, value) => void kept.set(key, value),
    removeItem: (key) => void kept.delete(key),
  };
};

const event = (commandId: string): Told => ({ commandId, kind: 'note', text: commandId });
const answer = { id: 'b' } as BakeView;
const unanswered = () => Promise.reject(new Problem(0, 'no answer'));

function kitchen(reply: (ids: string[]) => Promise<BakeView>) {
  const keep = memory();
  const sent: Told[][] = [];
  const send = (_: string, events: readonly Told[]) => {
    sent.push([...events]);
    return reply(events.map((one) => one.commandId));
  };
  return { keep, sent, outbox: new Outbox(send, () => Date.UTC(2026, 10, 26, 18, 4), keep), send };
}

describe('what is told', () => {
  it('is kept first, sent once and then gone', async () => {
    const { keep, sent, outbox } = kitchen(() => Promise.resolve(answer));
    outbox.add('b', [event('1'), event('2')]);
    outbox.add('b', [event('1')]);
    // What was told a moment ago is still being sent by who told it.
    expect([outbox.of('b'), outbox.of('b', 60_000)].map((events) => events.length)).toEqual([2, 0]);
    expect(JSON.parse(keep.kept.get('outbox') ?? '')).toHaveLength(2);
    expect(await outbox.flush('b', outbox.of('b'))).toEqual({ kind: 'answered', bake: answer });
    expect(sent.map((events) => events.map((one) => one.commandId))).toEqual([['1', '2']]);
    expect(outbox.list()).toEqual([]);
    expect(keep.kept.get('outbox')).toBe('[]');
  });

  it('waits where nobody answers or the kitchen is unwell, over a reload, and keeps its moment', async () => {
    for (const why of [new Problem(0, 'no answer'), new Problem(503, 'the disk is full')]) {
      const { keep, outbox, send } = kitchen(() => Promise.reject(why));
      outbox.add('b', [event('1')]);
      expect(await outbox.flush('b', outbox.of('b'))).toEqual({ kind: 'waiting' });

      // Told ten minutes ago by this device's clock.
      const kept = JSON.parse(keep.kept.get('outbox') ?? '');
      keep.kept.set('outbox', JSON.stringify([{ ...kept[0], toldMs: kept[0].toldMs - 600_000 }]));
      const again: Told[] = [];
      const reloaded = new Outbox(
        async (_, events) => {
          again.push(...events);
          return answer;
        },
        () => 0,
        keep,
      );
      expect(await reloaded.flush('b', reloaded.of('b'))).toEqual({ kind: 'answered', bake: answer });
      expect(again).toEqual([{ ...event('1'), at: '2026-11-26T18:04:00.000Z' }]);
      expect(send).toBeTypeOf('function');
    }
  });

  it('that is sent at once is timed where it arrives', async () => {
    const { sent, outbox } = kitchen(() => Promise.resolve(answer));
    outbox.add('b', [event('1')]);
    await outbox.flush('b', outbox.of('b'));
    expect(sent[0]?.[0]).not.toHaveProperty('at');
  });

  it('keeps the moment it was told once it is sent later than a moment after, or the moment it says itself', async () => {
    vi.useFakeTimers({ now: 0 });
    try {
      const { sent, outbox } = kitchen(() => Promise.resolve(answer));
      outbox.add('b', [event('1')]);
      vi.setSystemTime(2_000);
      await outbox.flush('b', outbox.of('b'));
      outbox.add('b', [event('2'), { ...event('3'), at: '2026-11-26T17:50:00.000Z' }]);
      vi.setSystemTime(5_000);
      await outbox.flush('b', outbox.of('b'));
      expect(sent.flat().map((told) => told.at)).toEqual([
        undefined,
        '2026-11-26T18:04:00.000Z',
        '2026-11-26T17:50:00.000Z',
      ]);
    } finally {
      vi.useRealTimers();
    }
  });

  it('and refused is taken out and said; the others go on', async () => {
    const refused = new Problem(409, 'That was done already.');
    const { sent, outbox } = kitchen((ids) => (ids.includes('2') ? Promise.reject(refused) : Promise.resolve(answer)));
    outbox.add('b', [event('1'), event('2'), event('3')]);
    expect(await outbox.flush('b', outbox.of('b'))).toEqual({ kind: 'refused', why: refused });
    expect(sent.map((events) => events.map((one) => one.commandId).join(''))).toEqual(['123', '1', '2', '3']);
    expect(outbox.list()).toEqual([]);
  });

  it('of one bake does not wait for another', async () => {
    const { outbox } = kitchen(unanswered);
    outbox.add('a', [event('1')]);
    outbox.add('b', [event('2')]);
    outbox.takeBack('1');
    expect(outbox.list().map((one) => one.event.commandId)).toEqual(['2']);
  });

  it('on two pages of one device is lost by neither', async () => {
    const keep = memory();
    const one = new Outbox(unanswered, () => 0, keep);
    const two = new Outbox(
      () => Promise.resolve(answer),
      () => 0,
      keep,
    );
    one.add('b', [event('1')]);
    two.add('b', [event('2')]);
    expect(two.list().map((waits) => waits.event.commandId)).toEqual(['1', '2']);
    await two.flush('b', two.of('b'));
    expect(keep.kept.get('outbox')).toBe('[]');
    one.takeBack('1');
    expect(one.list()).toEqual([]);
  });

  it('while something is on its way goes after it', async () => {
    let release = () => {};
    const first = new Promise<void>((resolve) => {
      release = resolve;
    });
    const { sent, outbox } = kitchen((ids) => (ids.includes('1') ? first.then(() => answer) : Promise.resolve(answer)));
    outbox.add('b', [event('1')]);
    const one = outbox.flush('b', [event('1')]);
    await Promise.resolve();
    outbox.add('b', [event('2')]);
    const two = outbox.flush('b', [event('2')]);
    const three = outbox.flush('b', [event('1')]);
    release();
    expect(await Promise.all([one, two, three])).toEqual(Array(3).fill({ kind: 'answered', bake: answer }));
    expect(sent.map((events) => events.map((told) => told.commandId))).toEqual([['1'], ['2']]);
  });
});
