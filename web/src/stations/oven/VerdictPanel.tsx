import { CircleCheckBig, CircleQuestionMark, CornerDownLeft, Hourglass, Thermometer } from 'lucide-react';
import type { VerdictKind, VerdictView } from '../../api/types';
import { verdictWords } from '../../words/names';

const shapes = {
  serve: CircleCheckBig,
  restThenCheck: Hourglass,
  backIn: CornerDownLeft,
  measure: Thermometer,
  cannotTell: CircleQuestionMark,
};

/** A verdict is told from others by its shape and its words, in greyscale too. */
export function VerdictMark(props: { kind: VerdictKind; className: string }) {
  const Shape = shapes[props.kind];
  return <Shape aria-hidden className={`shrink-0 ${props.kind === 'serve' ? 'text-good' : ''} ${props.className}`} />;
}

/** The verdict over the whole tray, and why. */
export function VerdictPanel({ verdict }: { verdict: VerdictView }) {
  return (
    <section
      aria-label="Verdict"
      aria-live="assertive"
      className="flex gap-3 border-ink border-l-4 py-0.5 pl-3 text-lg leading-snug"
    >
      <VerdictMark kind={verdict.kind} className="mt-0.5 size-7" />
      <p>
        <b className="font-semibold">{verdictWords[verdict.kind]}.</b> {verdict.reason}
        {verdict.kind === 'serve' && ' Where your local food-safety authority asks for more, follow it.'}
      </p>
    </section>
  );
}
