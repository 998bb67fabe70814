import { Link } from 'wouter';
import type { Explanation } from '../api/types';
import { Drop } from './Drop';

/** What a computed figure rests on: in words, with its source. */
export function WhyButton({ reasons }: { reasons: readonly Explanation[] }) {
  return (
    <Drop
      button="Why?"
      buttonClass="min-h-11 rounded-md px-3 font-semibold underline decoration-2 underline-offset-4"
      panelClass="p-5"
      widthPx={460}
      side="below"
    >
      {() => (
        <>
          <h2 className="pb-2 font-semibold text-xl">What this rests on</h2>
          <dl className="grid gap-3">
            {reasons.map((reason) => (
              <div key={reason.title}>
                <dt className="font-semibold">{reason.title}</dt>
                <dd>
                  {reason.sentence} <span className="text-[0.9rem] text-ink-soft">({reason.source})</span>
                </dd>
              </div>
            ))}
          </dl>
          <Link
            to="/why"
            className="inline-flex min-h-11 items-center pt-2 font-semibold underline decoration-2 underline-offset-4"
          >
            Check the engine against published cases
          </Link>
        </>
      )}
    </Drop>
  );
}
