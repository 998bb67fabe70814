import { kitchenNow } from '../../clock/kitchenClock';
import { type BakeLot, told, useTell, type WholeBake } from '../../kitchen/bakes';
import { Button } from '../../ui/Button';
import { Refusal } from '../../ui/Refusal';
import { MINUTE_MS, sayClock } from '../../words/times';

/** Later than it was planned, min. */
const LATER_MINUTES = [5, 10, 15];

/** Nobody said when it went in: it counts as in since it was due, until the cook says otherwise. */
export function WentInLater({ bake, lot }: { bake: WholeBake; lot: BakeLot }) {
  const tell = useTell(bake.id);
  const readings = bake.readings.filter((reading) => reading.lot === lot.lot);
  const until = Math.min(kitchenNow(), ...readings.map((reading) => Date.parse(reading.at)));
  const inMs = Date.parse(lot.inAt);
  const times = [0, ...LATER_MINUTES]
    .map((minutes) => inMs + minutes * MINUTE_MS)
    .filter((at) => at < until || at === inMs);
  return (
    <div className="grid gap-1">
      <p className="text-base text-ink-soft">Nobody said when the {lot.name} went in. They went in</p>
      <div className="figures flex flex-wrap gap-2">
        {times.map((at) => {
          const iso = new Date(at).toISOString();
          return (
            <Button
              key={at}
              busy={tell.isPending}
              onClick={() => tell.mutate([{ ...told({ kind: 'lotIn', lot: lot.lot }), at: iso }])}
            >
              at {sayClock(iso)}
            </Button>
          );
        })}
        {readings.length === 0 && (
          <Button busy={tell.isPending} onClick={() => tell.mutate([told({ kind: 'lotNeverIn', lot: lot.lot })])}>
            never
          </Button>
        )}
      </div>
      <Refusal error={tell.error} />
    </div>
  );
}
