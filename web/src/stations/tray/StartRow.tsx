import { useNavigate } from 'react-router';
import { Problem } from '../../api/problem';
import { useOven, useStart } from '../../api/queries';
import type { TrayView } from '../../api/types';
import { Button } from '../../ui/Button';

/** Into the oven, or why not yet. */
export function StartRow(props: { view: TrayView; ready: boolean; problem: Problem | null; onSecondTray: () => void }) {
  const navigate = useNavigate();
  const start = useStart();
  const live = useOven().data?.bake;
  const overfull = props.problem?.at('vessels');
  const go = () => start.mutate(props.view.version, { onSuccess: () => navigate('/oven') });
  if (live) {
    return (
      <p className="flex flex-wrap items-center gap-4 pt-4">
        <span>“{live.record.plan.name}” is in the oven. The next tray can start when it is finished.</span>
        <Button onClick={() => navigate('/oven')}>Go to the oven</Button>
      </p>
    );
  }
  return (
    <div className="grid gap-2 pt-4">
      {overfull && (
        <p role="alert" className="flex flex-wrap items-center gap-3 font-medium text-stop">
          {overfull}
          {props.problem?.offer === 'secondTray' && <Button onClick={props.onSecondTray}>Use a second tray</Button>}
        </p>
      )}
      <div className="flex flex-wrap items-center gap-x-5 gap-y-2">
        <Button look="heat" big disabled={!props.ready || start.isPending} onClick={go}>
          The tray goes in now
        </Button>
        <p role="status" className="max-w-xs text-ink-soft leading-snug">
          {start.error instanceof Problem
            ? start.error.message
            : props.problem
              ? 'The answer above is for the last plan that worked.'
              : 'Predictions plan the evening. Only a measured temperature says serve.'}
        </p>
      </div>
    </div>
  );
}
