import { Problem } from '../api/problem';
import type { BakeView, EventRequest } from '../api/types';
import { type Keeper, keeper, readKept } from '../drafts/keptText';

/** What happened, with the id by which it happens once. */
export type Told = EventRequest & { commandId: string };

/** Something told that the kitchen server has not confirmed yet. */
export interface Waiting {
  bakeId: string;
  event: Told;
  /** When it was told, by the kitchen's clock: it happened then, however late it is sent. */
  toldAt: string;
  /** The same by this device's clock, ms. */
  toldMs: number;
}

const KEY = 'outbox';

/** Sent this soon, ms, it is timed when it arrives: two clocks never agree to the second. */
const PROMPT_MS = 2500;

/** One telling carries no more. */
const MOST_AT_ONCE = 100;

export type Sent = { kind: 'answered'; bake: BakeView } | { kind: 'refused'; why: Problem } | { kind: 'waiting' };

const WAITING: Sent = { kind: 'waiting' };

type Send = (bakeId: string, events: readonly Told[]) => Promise<BakeView>;

/**
 * Everything told goes through here: first onto this device, then to the server, in the order it was told. What finds no answer
 * waits, over reloads too, and is sent again with the same id, so that it happens once; what is refused is taken out and said.
 */
export class Outbox {
  private waiting: readonly Waiting[];
  private readonly underway = new Map<string, Promise<void>>();
  private readonly became = new Map<string, Sent>();
  private readonly gone = new Set<string>();
  private readonly listeners = new Set<() => void>();

  constructor(
    private readonly send: Send,
    private readonly nowMs: () => number,
    private readonly keep: Keeper = keeper,
  ) {
    this.waiting = readKept<Waiting[]>(KEY, keep) ?? [];
  }

  /** The same list as long as nothing has changed. */
  list = (): readonly Waiting[] => this.waiting;

  subscribe = (listener: () => void) => {
    this.listeners.add(listener);
    return () => {
      this.listeners.delete(listener);
    };
  };

  add(bakeId: string, events: readonly Told[]) {
    const toldAt = new Date(this.nowMs()).toISOString();
    const known = new Set(this.waiting.map((other) => other.event.commandId));
    const fresh = events.filter((event) => !known.has(event.commandId));
    this.change((list) => [...list, ...fresh.map((event) => ({ bakeId, event, toldAt, toldMs: Date.now() }))]);
  }

  /** Told by mistake, and not sent yet. */
  takeBack(commandId: string) {
    this.remove(new Set([commandId]));
  }

  /**
   * Sends what waits of a bake; a second call meanwhile waits for the first and goes on after it.
   *
   * @returns What became of these events, whoever sent them.
   */
  async flush(bakeId: string, events: readonly Told[]): Promise<Sent> {
    const next = (this.underway.get(bakeId) ?? Promise.resolve()).then(() => this.sendAll(bakeId));
    this.underway.set(bakeId, next);
    await next;
    if (this.underway.get(bakeId) === next) this.underway.delete(bakeId);
    const became = events.map((event) => this.became.get(event.commandId) ?? WAITING);
    return (
      became.find((one) => one.kind === 'refused') ??
      became.find((one) => one.kind === 'waiting') ??
      became.at(-1) ??
      WAITING
    );
  }

  /** What waits of a bake, for at least so long, ms. */
  of = (bakeId: string, forMs = 0): readonly Told[] =>
    this.waiting
      .filter((other) => other.bakeId === bakeId && Date.now() - other.toldMs >= forMs)
      .map((one) => one.event);

  private async sendAll(bakeId: string): Promise<void> {
    let most = MOST_AT_ONCE;
    for (;;) {
      const batch = this.waiting.filter((other) => other.bakeId === bakeId).slice(0, most);
      if (batch.length === 0) return;
      try {
        const bake = await this.send(
          bakeId,
          batch.map((one) => timed(one)),
        );
        this.settle(batch, { kind: 'answered', bake });
      } catch (error) {
        const why = error instanceof Problem ? error : new Problem(0, String(error));
        // Not answered, or the kitchen is unwell: it waits.
        if (why.status === 0 || why.status >= 500) return;
        if (batch.length > 1) {
          // One of them is refused, and all with it: from here on one by one.
          most = 1;
          continue;
        }
        this.settle(batch, { kind: 'refused', why });
      }
    }
  }

  private settle(gone: readonly Waiting[], as: Sent) {
    const ids = new Set(gone.map((one) => one.event.commandId));
    for (const id of ids) this.became.set(id, as);
    for (const id of [...this.became.keys()].slice(0, -MOST_AT_ONCE)) this.became.delete(id);
    this.remove(ids);
  }

  private remove(ids: ReadonlySet<string>) {
    for (const id of ids) this.gone.add(id);
    this.change((list) => list.filter((other) => !ids.has(other.event.commandId)));
  }

  /** What another page of this device has kept meanwhile stays kept: sent by either, it happens once. */
  private change(to: (list: readonly Waiting[]) => readonly Waiting[]) {
    const own = new Set(this.waiting.map((one) => one.event.commandId));
    const others = (readKept<Waiting[]>(KEY, this.keep) ?? []).filter(
      ({ event }) => !own.has(event.commandId) && !this.gone.has(event.commandId),
    );
    this.waiting = to([...this.waiting, ...others]);
    this.keep.setItem(KEY, JSON.stringify(this.waiting));
    for (const tell of this.listeners) tell();
  }
}

const timed = (one: Waiting): Told =>
  Date.now() - one.toldMs < PROMPT_MS ? one.event : { at: one.toldAt, ...one.event };
