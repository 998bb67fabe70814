import { Info } from 'lucide-react';
import type { ReactNode } from 'react';
import type { TrayView } from '../../../api/types';
import { WhyButton } from '../../../ui/WhyButton';
import { sayClock } from '../../../words/times';
import { clockFrom, goodWords, togetherWords } from '../../../words/windows';

/** When it comes out and how sure that is; when everything else happens. */
export function Headline(props: { view: TrayView; stale: boolean; refused: boolean; children: ReactNode }) {
  const { plan, answer } = props.view;
  if (!answer) return null;
  const { forecast, timing, brush } = answer;
  const inAt = Date.parse(timing.inAt);
  const clock = clockFrom(inAt);
  const only = forecast.lots.length === 1 ? forecast.lots[0]?.good : null;
  return (
    <section aria-label="The answer" aria-live="polite" aria-busy={props.stale}>
      {props.refused && <p className="pb-1 font-semibold text-stop">The answer to the last plan that worked:</p>}
      {/* An answer that comes at once should not flicker. */}
      <div className={props.stale ? 'opacity-60 transition-opacity delay-300 motion-reduce:transition-none' : ''}>
        <div className="flex flex-wrap items-start justify-between gap-x-4 gap-y-2">
          <h1 className="font-semibold text-5xl leading-none tracking-tight pt-1">
            {plan.eatAt && !props.view.eatAtHasPassed ? 'Out' : 'In now, out'} at{' '}
            <span className="figures">{sayClock(timing.outAt)}</span>
          </h1>
          {props.children}
        </div>
        <div className="flex items-end justify-between gap-4">
          <dl className="flex flex-wrap gap-x-7 gap-y-1 pt-2">
            <Fact name="Done after" value={bandWords(forecast.toTarget)} />
            <Fact name="In" value={sayClock(timing.inAt)} />
            <Fact name="First check" value={sayClock(timing.firstCheckAt)} />
            {forecast.lots.length > 1 && <Fact name="All good" value={togetherWords(forecast, clock)} />}
            {only && <Fact name="Good" value={goodWords(only, clock)} />}
            <Fact name="Eat" value={sayClock(timing.eatAt)} />
          </dl>
          <WhyButton reasons={answer.why} />
        </div>
        {brush && (
          <p className="flex flex-wrap items-center gap-x-3 gap-y-1 pt-1.5">
            <span>{brushWords(brush.untilMinutes, clock)}</span>
          </p>
        )}
        {answer.cautions.map((caution) => (
          <p key={caution} className="flex gap-2 pt-1.5">
            <Info aria-hidden className="mt-0.5 size-5 shrink-0" />
            {caution}
          </p>
        ))}
      </div>
    </section>
  );
}

/** The last moment for a brush that has met raw meat. */
export function brushWords(untilMinutes: number | null | undefined, clock: (minutes: number) => string): string {
  return untilMinutes === null || untilMinutes === undefined
    ? 'Keep the brush that met raw chicken away from it: it would not get hot enough. Set clean glaze aside now.'
    : `Last touch of the brush that met raw chicken: ${clock(untilMinutes)}. Set clean glaze aside now for after that.`;
}

function Fact(props: { name: string; value: string }) {
  return (
    <div>
      <dt className="text-ink-soft leading-tight">{props.name}</dt>
      <dd className="figures font-semibold text-xl leading-tight">{props.value}</dd>
    </div>
  );
}

export function bandWords(band: { lowMinutes: number; medianMinutes: number; highMinutes: number }): string {
  const give = Math.round((band.highMinutes - band.lowMinutes) / 2);
  return `${Math.round(band.medianMinutes)} min, give or take ${give}`;
}
