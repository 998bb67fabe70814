import { Trash2 } from 'lucide-react';
import { useState } from 'react';
import type { BakeView } from '../../api/types';
import { useDeleteBake } from '../../kitchen/bakes';
import { Ask } from '../../ui/Ask';
import { Button } from '../../ui/Button';
import { Refusal } from '../../ui/Refusal';

export function DeleteButton(props: { bake: BakeView; onDeleted: () => void }) {
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
      <Ask open={asking} room="day" title={`Delete “${props.bake.name}”?`} onClose={() => setAsking(false)}>
        <p>It leaves the log with its readings and verdicts. You can undo this right after.</p>
        <Refusal error={remove.error} />
        <div className="flex gap-3">
          <Button onClick={() => setAsking(false)}>Keep it</Button>
          <Button look="stop" disabled={remove.isPending} onClick={go}>
            Delete it
          </Button>
        </div>
      </Ask>
    </>
  );
}
