import { History } from 'lucide-react';
import type { TrayView } from '../../../api/types';
import { useLastTime } from '../../../kitchen/log';
import { sayDay } from '../../../words/times';

/** Of a tray that repeats an evening: what was to be done otherwise, and how it went. */
export function LastTime({ view }: { view: TrayView }) {
  const last = useLastTime(view, view.plan.repeats);
  if (!last) return null;
  return (
    <section aria-label="The last time" className="pt-1.5 leading-snug">
      <p className="flex gap-2">
        <History aria-hidden className="mt-0.5 size-5 shrink-0" />
        <span>
          Like “{last.name}” of {sayDay(last.at)}.{' '}
          {last.nextTime.length > 0 && (
            <b className="font-semibold">
              Next time, you wrote: {last.nextTime.map((note) => `“${note}”`).join(', ')}.{' '}
            </b>
          )}
          {last.sentences.join(' ')}
        </span>
      </p>
    </section>
  );
}
