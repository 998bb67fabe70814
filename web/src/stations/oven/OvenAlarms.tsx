import { forgetTemperature, stopTimer, temperatures, timers } from '../../alarm/timers';
import { useAlarm } from '../../alarm/useAlarm';
import { useKitchenNow } from '../../clock/kitchenClock';
import { useLiveBakes, useWaiting, type WholeBake } from '../../kitchen/bakes';
import { Button } from '../../ui/Button';
import { instructionFor } from './instruction';
import { useMilestones } from './useMilestones';
import { useStarts } from './useStarts';
import { withWaiting } from './waiting';

/** Rings on every station for what is due at any oven, for the cook's own timers and temperatures; those stand in view until stopped. */
export function OvenAlarms() {
  const now = useKitchenNow();
  const waiting = useWaiting();
  const bakes = useLiveBakes().bakes.map((bake) => withWaiting(bake, waiting));
  const acts = bakes.map((bake) => instructionFor(bake, now)).flatMap((one) => (one.due ? [one.act] : []));
  const over = timers.use().filter((timer) => timer.endsMs <= now);
  const reached = temperatures
    .use()
    .filter((wanted) => bakes.some((bake) => bake.id === wanted.bakeId && hottest(bake, wanted.lot) >= wanted.celsius));
  const starts = useStarts(now);
  const own = [
    ...starts,
    ...over.map((timer) => ({ id: timer.id, words: `${timer.name} is over`, stop: () => stopTimer(timer.id) })),
    ...reached.map((wanted) => ({
      id: wanted.id,
      words: `${lotName(bakes, wanted)} at ${wanted.said} by prediction`,
      stop: () => forgetTemperature(wanted.id),
    })),
  ];
  const due = [...acts, ...own.map((one) => one.words)].join(', ');
  useAlarm(due === '' ? null : due);
  const milestone = useMilestones(bakes, now);
  if (own.length === 0 && !milestone) return null;
  return (
    <aside
      aria-label="Alarms"
      data-room="oven"
      className="pointer-events-none fixed inset-x-3 bottom-34 z-40 mx-auto grid max-w-2xl gap-1 rounded-md border-2 border-heat bg-paper px-4 py-2 text-ink shadow-lg"
    >
      {own.map((one) => (
        <p
          key={one.id}
          role="alert"
          className="flex flex-wrap items-center justify-between gap-x-4 font-semibold text-3xl"
        >
          <span className="first-letter:uppercase">{one.words}</span>
          <Button big look="heat" className="pointer-events-auto" onClick={one.stop}>
            Seen
          </Button>
        </p>
      ))}
      {milestone && (
        <p role="status" className="text-lg first-letter:uppercase sm:text-2xl">
          {milestone}
        </p>
      )}
    </aside>
  );
}

/** What its slowest piece is believed to be at, °C. */
const hottest = (bake: WholeBake, lot: number) => {
  const found = bake.lots.find((other) => other.lot === lot);
  return found?.pieces.find((piece) => piece.piece === found.slowest)?.middleC ?? Number.NEGATIVE_INFINITY;
};

const lotName = (bakes: readonly WholeBake[], wanted: { bakeId: string; lot: number }) =>
  bakes.find((bake) => bake.id === wanted.bakeId)?.lots.find((lot) => lot.lot === wanted.lot)?.name ?? 'meat';
