/**
 * Asks again when something has changed: at once, and once more at the end if more changed while the answer was on its way. A
 * stream of changes so never keeps an answer from arriving, as starting over with each would.
 */
export class Asking {
  private readonly underway = new Set<string>();
  private readonly wanted = new Set<string>();

  constructor(private readonly ask: (topic: string) => Promise<unknown>) {}

  async about(topic: string): Promise<void> {
    if (this.underway.has(topic)) {
      this.wanted.add(topic);
      return;
    }
    this.underway.add(topic);
    try {
      do {
        this.wanted.delete(topic);
        await this.ask(topic).catch(() => undefined);
      } while (this.wanted.has(topic));
    } finally {
      this.underway.delete(topic);
    }
  }
}
