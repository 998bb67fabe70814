import { useState } from 'react';
import { useNavigate } from 'react-router';
import { told, useTell, type WholeBake } from '../../kitchen/bakes';
import { Ask } from '../../ui/Ask';
import { Button } from '../../ui/Button';
import { Refusal } from '../../ui/Refusal';
import { sayClock } from '../../words/times';

/** For a cook without a thermometer: how long to be cautious for, and what to look for. None of it says serve. */
function Unmeasured({ bake }: { bake: WholeBake }) {
  return (
    <div className="grid gap-2 border-hairline border-t pt-3">
      <p className="figures">
        Without a thermometer:{' '}
        {bake.cautiousAt
          ? `leave it in until ${sayClock(bake.cautiousAt)}. By then 99 kitchens of 100 would have all of it hot enough.`
          : 'this oven may not get all of it hot enough. Turn it up, or measure.'}
      </p>
      <p className="text-ink-soft">
        Look for clear juice, meat that comes off the bone, no pink in the thickest part. These are signs, not proof: it
        is logged as not measured.
      </p>
    </div>
  );
}

/** Closes the bake; asks first while not every lot may be served. */
export function FinishButton({ bake }: { bake: WholeBake }) {
  const [asking, setAsking] = useState(false);
  const navigate = useNavigate();
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
