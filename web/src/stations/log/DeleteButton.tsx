import { Dialog, DialogPanel, DialogTitle } from '@headlessui/react';
import { Trash2 } from 'lucide-react';
import { useState } from 'react';
import { useDeleteBake } from '../../api/queries';
import type { BakeRecord } from '../../api/types';
import { Button } from '../../ui/Button';

export function DeleteButton(props: { bake: BakeRecord; onDeleted: () => void }) {
  const [asking, setAsking] = useState(false);
  const remove = useDeleteBake();
  const go = () =>
    remove.mutate(props.bake.id, {
      onSuccess: () => {
        setAsking(false);
        props.onDeleted();
      },
    });
  return (
    <>
      <Button onClick={() => setAsking(true)}>
        <Trash2 aria-hidden className="size-5" />
        Delete
      </Button>
      <Dialog open={asking} onClose={() => setAsking(false)} className="relative z-40">
        <div className="fixed inset-0 bg-ink/40" aria-hidden="true" />
        <div className="fixed inset-0 grid place-items-center p-6">
          <DialogPanel className="grid max-w-lg gap-4 rounded-lg border border-control-line bg-paper p-6 text-ink">
            <DialogTitle className="font-semibold text-2xl">Delete “{props.bake.plan.name}”?</DialogTitle>
            <p>It leaves the log with its readings and verdicts. You can undo this right after.</p>
            {remove.isError && (
              <p role="alert" className="font-medium text-stop">
                {remove.error.message}
              </p>
            )}
            <div className="flex gap-3">
              <Button onClick={() => setAsking(false)}>Keep it</Button>
              <Button look="stop" disabled={remove.isPending} onClick={go}>
                Delete it
              </Button>
            </div>
          </DialogPanel>
        </div>
      </Dialog>
    </>
  );
}
