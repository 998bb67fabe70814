import { Dialog, DialogPanel, DialogTitle } from '@headlessui/react';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { Problem } from '../../api/problem';
import { useFinish } from '../../api/queries';
import type { LiveBake } from '../../api/types';
import { Button } from '../../ui/Button';

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
      <Dialog open={asking} onClose={() => setAsking(false)} className="relative z-40">
        <div className="fixed inset-0 bg-black/50" aria-hidden="true" />
        <div data-room="oven" className="fixed inset-0 grid place-items-center p-6">
          <DialogPanel className="grid max-w-lg gap-4 rounded-lg border border-control-line bg-paper p-6 text-ink">
            <DialogTitle className="font-semibold text-2xl">No reading has said serve</DialogTitle>
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
          </DialogPanel>
        </div>
      </Dialog>
      {finish.error instanceof Problem && (
        <p role="alert" className="font-medium text-stop">
          {finish.error.message}
        </p>
      )}
    </>
  );
}
