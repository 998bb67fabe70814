import { useNavigate } from 'react-router';
import { Problem } from '../../api/problem';
import type { TrayView } from '../../api/types';
import { useLiveBakes, useStart } from '../../kitchen/bakes';
import { Button } from '../../ui/Button';

/** Into the oven, or on to the tray that is in it. */
export function StartButton(props: { view: TrayView; ready: boolean }) {
  const navigate = useNavigate();
  const start = useStart();
  const live = useLiveBakes().bakes.find((bake) => bake.trayId === props.view.id);
  if (live) {
    return (
      <p className="flex flex-wrap items-center gap-3">
        <span>“{live.name}” is in the oven. It can go in again when that bake is finished.</span>
        <Button onClick={() => navigate('/oven')}>Go to the oven</Button>
      </p>
    );
  }
  return (
    <div className="grid justify-items-end gap-1">
      <Button
        look="heat"
        big
        disabled={!props.ready || start.isPending}
        onClick={() =>
          start.mutate(
            { trayId: props.view.id, trayVersion: props.view.version },
            { onSuccess: () => navigate('/oven') },
          )
        }
      >
        The tray goes in now
      </Button>
      <p className="text-[0.9rem] text-ink-soft">A forecast. Only a measured temperature says serve.</p>
      {start.error instanceof Problem && (
        <p role="alert" className="max-w-xs text-right font-medium text-stop">
          {start.error.message}
        </p>
      )}
    </div>
  );
}
