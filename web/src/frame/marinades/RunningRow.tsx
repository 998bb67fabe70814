import type { RunningMarinade } from '../../api/types';
import { useKitchenNow } from '../../clock/kitchenClock';
import { useEndMarinade, useTurnMarinade } from '../../kitchen/prepQueries';
import { Button } from '../../ui/Button';
import { marinadeCall } from './marinadeWords';

/** One marinade that is running: what it wants, and what can be said of it. */
export function RunningRow({ marinade }: { marinade: RunningMarinade }) {
  const now = useKitchenNow();
  const turn = useTurnMarinade();
  const end = useEndMarinade();
  const call = marinadeCall(marinade, now);
  return (
    <li className="flex items-center gap-4 border-hairline border-t py-2">
      <p className="min-w-0 grow leading-snug">
        <span className="font-semibold">{marinade.trayName}</span> in {marinade.mixName.toLowerCase()}:{' '}
        <span className={`figures ${call.isDue ? 'font-semibold' : ''}`}>{call.words}</span>
        {marinade.onCounter && <span className="text-stop"> · on the counter</span>}
      </p>
      <div className="flex shrink-0 gap-2">
        {marinade.times.turnAt && !marinade.turnedAt && (
          <Button disabled={turn.isPending} onClick={() => turn.mutate(marinade.id)}>
            Turned
          </Button>
        )}
        <Button disabled={end.isPending} onClick={() => end.mutate(marinade.id)}>
          It is out
        </Button>
      </div>
    </li>
  );
}
