import type { WholeBake } from '../../kitchen/bakes';
import { sayClock } from '../../words/times';

/** For a cook without a thermometer: how long to be cautious for, and what to look for. None of it says serve. */
export function Unmeasured({ bake }: { bake: WholeBake }) {
  return (
    <div className="grid gap-2 border-hairline border-t pt-3">
      <p className="figures">
        Without a thermometer:{' '}
        {bake.cautiousAt
          ? `leave it in until ${sayClock(bake.cautiousAt)}. By then 99 kitchens of 100 would have all of it hot enough.`
          : 'this oven may not get all of it hot enough. Turn it up, or measure.'}
      </p>
      <p className="text-ink-soft">
        Look for clear juice, meat that comes off the bone, no pink in the thickest part. These are signs, not proof: it
        is logged as not measured.
      </p>
    </div>
  );
}
