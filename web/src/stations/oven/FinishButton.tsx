import { useState } from 'react';
import { useNavigate } from 'react-router';
import { useFinish } from '../../api/queries';
import type { LiveBake } from '../../api/types';
import { Ask } from '../../ui/Ask';
import { Button } from '../../ui/Button';
import { Refusal } from '../../ui/Refusal';

/** Closes the bake; asks first when no measurement has said serve. */
export function FinishButton({ bake }: { bake: LiveBake }) {
  const [asking, setAsking] = useState(false);
  const navigate = useNavigate();
  const finish = useFinish();
  const measured = bake.record.checks[bake.record.checks.length - 1]?.verdict === 'serve';
  const go = () => finish.mutate(bake.record.id, { onSuccess: () => navigate('/log') });
  return (
    <>
      <Button
        big
        look={measured ? 'heat' : 'plain'}
        disabled={finish.isPending}
        onClick={() => (measured ? go() : setAsking(true))}
      >
        Finish and log it
      </Button>
      <Ask open={asking} room="oven" title="No reading has said serve" onClose={() => setAsking(false)}>
        <p>
          The last check does not clear this tray for eating. Finish only if nobody eats from it, or check it first.
        </p>
        <div className="flex flex-wrap gap-3">
          <Button big onClick={() => setAsking(false)}>
            Check it first
          </Button>
          <Button big look="stop" onClick={go}>
            Finish all the same
          </Button>
        </div>
        <Refusal error={finish.error} />
      </Ask>
      {!asking && <Refusal error={finish.error} />}
    </>
  );
}
