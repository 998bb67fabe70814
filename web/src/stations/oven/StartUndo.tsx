import { useUnstart, type WholeBake } from '../../kitchen/bakes';
import { Button } from '../../ui/Button';
import { Refusal } from '../../ui/Refusal';

const UNDO_MS = 115_000;

/** The tray is not in after all: for two minutes, and until anything else is told. */
export function StartUndo({ bake, now }: { bake: WholeBake; now: number }) {
  const unstart = useUnstart();
  if (!bake.isJustIn || now - Date.parse(bake.startedAt) > UNDO_MS) return null;
  return (
    <p className="flex flex-wrap items-center gap-x-4 text-ink-soft text-lg">
      Not in yet after all?
      <Button busy={unstart.isPending} onClick={() => unstart.mutate(bake.id)}>
        Take the start back
      </Button>
      <Refusal error={unstart.error} />
    </p>
  );
}
