import { CircleCheckBig, CircleQuestionMark, CornerDownLeft, Hourglass } from 'lucide-react';
import type { CheckRecord } from '../../api/types';
import { verdictWords } from '../../words/names';
import { sayTyped } from '../../words/temperatures';
import { sayClock } from '../../words/times';

const shapes = {
  serve: CircleCheckBig,
  restThenCheck: Hourglass,
  backIn: CornerDownLeft,
  cannotTell: CircleQuestionMark,
};

/** A verdict: its shape and words, why, what was measured, and what was only seen. */
export function VerdictPanel({ check }: { check: CheckRecord }) {
  const Shape = shapes[check.verdict];
  return (
    <section aria-label="Verdict" aria-live="assertive" className="border-ink border-l-4 py-1 pl-4">
      <h2 className="flex items-center gap-3 font-semibold text-3xl">
        <Shape aria-hidden className={`size-9 shrink-0 ${check.verdict === 'serve' ? 'text-good' : ''}`} />
        {verdictWords[check.verdict]}
      </h2>
      <p className="pt-1 text-xl leading-snug">{check.reason}</p>
      <p className="pt-1 text-ink-soft">
        Measured at {sayClock(check.at)}
        {check.readings.length > 0 &&
          `: ${check.readings.map((r) => `piece ${r.piece} ${sayTyped(r.temperature)}`).join(', ')}`}
        .{check.note && ` Seen: “${check.note}”`}
      </p>
      {check.verdict === 'serve' && (
        <p className="pt-1 text-ink-soft">Where your local food-safety authority asks for more, follow it.</p>
      )}
    </section>
  );
}
