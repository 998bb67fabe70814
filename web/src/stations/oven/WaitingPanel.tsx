import { outbox, useWaiting, type WholeBake } from '../../kitchen/bakes';
import { Button } from '../../ui/Button';
import { sayWaiting } from './waiting';

const MOMENT_MS = 3000;

/** What was told while the server was out of reach: kept on this device, sent in order as soon as it is back. */
export function WaitingPanel({ bake, connected }: { bake: WholeBake; connected: boolean }) {
  const waiting = useWaiting().filter((one) => one.bakeId === bake.id);
  // With a server that answers they are gone in a moment.
  if (waiting.length === 0 || (connected && waiting.every((one) => Date.now() - one.toldMs < MOMENT_MS))) return null;
  return (
    <section aria-label="Waiting to be sent" className="grid gap-1 rounded-md border border-control-line px-4 py-2">
      <p className="font-medium">
        Kept on this device, sent when the kitchen server is back. What follows from it is worked out then.
      </p>
      <ul className="figures">
        {waiting.map((one) => (
          <li key={one.event.commandId} className="flex flex-wrap items-center justify-between gap-x-4">
            {sayWaiting(one, bake)}
            <Button onClick={() => outbox.takeBack(one.event.commandId)}>Take it back</Button>
          </li>
        ))}
      </ul>
    </section>
  );
}
