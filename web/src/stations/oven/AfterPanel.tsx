import type { WholeBake } from '../../kitchen/bakes';
import { useUnits } from '../../kitchen/household';
import { MINUTE_MS, sayClock } from '../../words/times';
import { sayVolume } from '../../words/units';

/** Leftovers are in the fridge within two hours of leaving the heat (common practice; one where it is hotter than 32 °C). */
const FRIDGE_MIN = 120;

/** Less juice than a spoonful makes no sauce, ml. */
const LEAST_ML = 30;

/** Out of the oven: how to rest it, the sauce in the tray, and until when what is left may stand. */
export function AfterPanel({ bake }: { bake: WholeBake }) {
  const units = useUnits();
  if (bake.place === 'oven') return null;
  const out = bake.moves.findLast((move) => move.place === 'worktop');
  const outMs = Date.parse(out?.at ?? bake.startedAt);
  const juiceMl = bake.forecast.lots.reduce((sum, lot) => sum + (lot.juiceMl ?? 0), 0);
  const isCrisp = bake.plan.chicken.some((lot) => lot.skinOn || (lot.coating ?? 'oil') !== 'oil');
  return (
    <section aria-label="After the oven" className="figures grid gap-1 border-hairline border-y py-2 leading-snug">
      {bake.verdict?.kind !== 'serve' && (
        <p>
          <b className="font-semibold">Rest</b>{' '}
          {isCrisp
            ? 'it open, so that skin and crumb stay crisp; loosely under foil only if it waits over ten minutes.'
            : 'it loosely under foil.'}{' '}
          Then measure again: only that says serve.
        </p>
      )}
      {juiceMl >= LEAST_ML && (
        <p>
          <b className="font-semibold">Sauce</b> up to {sayVolume(juiceMl, units)} of juice ran into the tray; some of
          it has dried. It met raw meat: boil it for a minute, then taste, thin or thicken.
        </p>
      )}
      <p>
        <b className="font-semibold">What is left</b> in the fridge by {sayClock(outMs + FRIDGE_MIN * MINUTE_MS)}, in a
        hot kitchen an hour sooner. Herbs, brushes and marinade that met raw meat go into the pan or the bin.
      </p>
    </section>
  );
}
