import type { FinishProposal, TrayView } from '../../../api/types';
import { useTogether } from '../../../kitchen/queries';
import { Button } from '../../../ui/Button';
import { WhyButton } from '../../../ui/WhyButton';
import { sayClock } from '../../../words/times';
import { clockFrom, goodSentence } from '../../../words/windows';

/** When everything is good, in one sentence; the clock times that lead there; what would help most. */
export function Headline(props: {
  view: TrayView;
  stale: boolean;
  refused: boolean;
  ready: boolean;
  onAdopt: (proposal: FinishProposal) => void;
}) {
  const { plan, answer } = props.view;
  if (!answer) return null;
  const { forecast, timing } = answer;
  const clock = clockFrom(Date.parse(timing.inAt));
  const isApart = (forecast.apartMinutes ?? 0) >= 1;
  return (
    <section aria-label="The answer" aria-live="polite" aria-busy={props.stale} className="order-1 lg:order-none">
      <div
        className={`min-w-0 ${props.stale ? 'opacity-60 transition-opacity delay-300 motion-reduce:transition-none' : ''}`}
      >
        {props.refused && <p className="font-semibold text-stop">The answer to the last plan that worked:</p>}
        <h1 className="figures font-semibold text-[2rem] leading-none sm:text-[2.4rem] tracking-tight">
          {plan.eatAt && !props.view.eatAtHasPassed ? '' : 'In now: '}
          {goodSentence(forecast, clock)}
        </h1>
        <div className="flex flex-wrap items-end gap-x-4 gap-y-1 pt-2 sm:gap-x-6">
          <dl className="flex flex-wrap gap-x-4 gap-y-1 sm:gap-x-6">
            <Fact name="Oven on" value={sayClock(timing.ovenOnAt)} />
            <Fact name="In" value={sayClock(timing.inAt)} />
            <Fact name="First check" value={sayClock(timing.firstCheckAt)} />
            <Fact name="Out" value={sayClock(timing.outAt)} />
            <Fact name="Eat" value={sayClock(timing.eatAt)} />
          </dl>
          <WhyButton reasons={answer.why} />
        </div>
        <p className="pt-1 text-[0.92rem] text-ink-soft">
          Done after <span className="figures">{bandWords(forecast.toTarget)}</span>: a forecast. Only a measured
          temperature says serve.
        </p>
        {isApart && <BestRepair {...props} />}
      </div>
    </section>
  );
}

/** The change that brings all foods nearest, one tap away. */
function BestRepair(props: { view: TrayView; ready: boolean; onAdopt: (proposal: FinishProposal) => void }) {
  const asked = useTogether(props.view, true);
  const best = asked.data?.proposals[0];
  if (!best || asked.data?.version !== props.view.version) return null;
  return (
    <p className="flex flex-wrap items-center gap-3 pt-2">
      <Button disabled={!props.ready} onClick={() => props.onAdopt(best)}>
        {best.name}
      </Button>
      <span>{best.apartAfter < 1 ? 'and all is good together' : `leaves ${Math.round(best.apartAfter)} min`}</span>
    </p>
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
      <dt className="text-[0.9rem] text-ink-soft leading-tight">{props.name}</dt>
      <dd className="figures font-semibold text-lg leading-tight">{props.value}</dd>
    </div>
  );
}

export function bandWords(band: { lowMinutes: number; medianMinutes: number; highMinutes: number }): string {
  const give = Math.round((band.highMinutes - band.lowMinutes) / 2);
  return `${Math.round(band.medianMinutes)} min, give or take ${give}`;
}
