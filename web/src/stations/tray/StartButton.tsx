import { useState } from 'react';
import { useLocation } from 'wouter';
import { Problem } from '../../api/problem';
import type { TrayView } from '../../api/types';
import { kitchenNow } from '../../clock/kitchenClock';
import { useLiveBakes, useStart } from '../../kitchen/bakes';
import { useMarinades } from '../../kitchen/prepQueries';
import { Ask } from '../../ui/Ask';
import { Button } from '../../ui/Button';
import { sayTyped } from '../../words/temperatures';
import { MINUTE_MS, sayClock } from '../../words/times';
import { earlyStart } from './earlyStart';

/** Into the oven, or on to the tray that is in it. */
export function StartButton(props: { view: TrayView; ready: boolean }) {
  const [, navigate] = useLocation();
  const start = useStart();
  const live = useLiveBakes().bakes.find((bake) => bake.trayId === props.view.id);
  const running = useMarinades()?.running ?? [];
  const [asking, setAsking] = useState(false);
  const early = earlyStart(props.view, running, kitchenNow());
  const go = () => {
    setAsking(false);
    start.mutate(
      { trayId: props.view.id, trayVersion: props.view.version },
      {
        onSuccess: () => navigate('/oven', { state: { isJustStarted: true } }),
      },
    );
  };
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
        onClick={() => (early.minutes > 0 || early.marinades.length > 0 ? setAsking(true) : go())}
      >
        The tray goes in now
      </Button>
      <Ask open={asking} room="day" title="Now already?" onClose={() => setAsking(false)}>
        {early.minutes > 0 && (
          <p className="figures">
            Planned to go in at {sayClock(early.plannedAt)}; it is {sayClock(kitchenNow())}. Now, all would be ready{' '}
            {early.minutes} min sooner, about {sayClock(early.eatAt - early.minutes * MINUTE_MS)}.
          </p>
        )}
        {early.marinades.map((marinade) => (
          <p key={marinade.mixName} className="figures">
            {marinade.mixName} has not had its time yet: from {sayClock(marinade.fromAt)} on.
          </p>
        ))}
        <p>Is the oven at {sayTyped(props.view.plan.ovenSetting)}? In a cold one everything takes longer.</p>
        <div className="flex flex-wrap gap-3">
          <Button big look="heat" onClick={go}>
            It goes in now
          </Button>
          <Button big onClick={() => setAsking(false)}>
            Not yet
          </Button>
        </div>
      </Ask>
      {start.error instanceof Problem && (
        <p role="alert" className="max-w-xs text-right font-medium text-stop">
          {start.error.message}
        </p>
      )}
    </div>
  );
}
