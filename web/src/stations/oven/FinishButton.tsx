import { useState } from 'react';
import { useLocation } from 'wouter';
import { told, useTell, type WholeBake } from '../../kitchen/bakes';
import { Ask } from '../../ui/Ask';
import { Button } from '../../ui/Button';
import { Refusal } from '../../ui/Refusal';
import { Unmeasured } from './Unmeasured';

/** Closes the bake; asks first while not every lot may be served. */
export function FinishButton({ bake }: { bake: WholeBake }) {
  const [asking, setAsking] = useState(false);
  const [, navigate] = useLocation();
  const tell = useTell(bake.id);
  const measured = bake.verdict?.kind === 'serve';
  // A promise, not a callback: by the time it is told, the bake and this button are gone from the page.
  const go = () =>
    void tell.mutateAsync([told({ kind: 'finished' })]).then(
      (bake) => (bake ? navigate('/log') : setAsking(false)),
      () => undefined,
    );
  return (
    <>
      <Button
        big
        look={measured ? 'heat' : 'plain'}
        busy={tell.isPending}
        onClick={() => (measured ? go() : setAsking(true))}
      >
        Finish and log it
      </Button>
      <Ask open={asking} room="oven" title="Not everything may be served" onClose={() => setAsking(false)}>
        <p>{bake.verdict?.reason}</p>
        <p>Finish only if nobody eats what was not measured, or measure it first.</p>
        <Unmeasured bake={bake} />
        <div className="flex flex-wrap gap-3">
          <Button big onClick={() => setAsking(false)}>
            Measure it first
          </Button>
          <Button big look="stop" onClick={go}>
            Finish, not measured
          </Button>
        </div>
        <Refusal error={tell.error} />
      </Ask>
      {!asking && <Refusal error={tell.error} />}
    </>
  );
}
