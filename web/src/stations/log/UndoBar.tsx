import { Undo2, X } from 'lucide-react';
import type { BakeView } from '../../api/types';
import { useRestoreBake } from '../../kitchen/bakes';
import { Button } from '../../ui/Button';
import { Refusal } from '../../ui/Refusal';

/** Stays until used or closed: messy hands are slow. */
export function UndoBar(props: { bake: BakeView; onDone: () => void }) {
  const restore = useRestoreBake();
  return (
    <div role="status" className="mb-3 grid gap-2 bg-paper-deep p-3">
      <p>Deleted “{props.bake.name}”.</p>
      <div className="flex gap-2">
        <Button onClick={() => restore.mutate(props.bake.id, { onSuccess: props.onDone })}>
          <Undo2 aria-hidden className="size-5" />
          Undo
        </Button>
        <Button onClick={props.onDone} aria-label="Close this message">
          <X aria-hidden className="size-5" />
        </Button>
      </div>
      <Refusal error={restore.error} />
    </div>
  );
}
