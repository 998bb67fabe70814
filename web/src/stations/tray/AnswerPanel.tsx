import { Info } from 'lucide-react';
import { useState } from 'react';
import { useTraySection } from '../../api/queries';
import type { TrayView } from '../../api/types';
import { CurvePlot } from '../../curve/CurvePlot';
import { curveAt } from '../../curve/curveAt';
import { PieceButton } from '../../section/PieceButton';
import { SectionView } from '../../section/SectionView';
import { Button } from '../../ui/Button';
import { celsiusOf, sayDegrees, sayTemperature } from '../../words/temperatures';
import { MINUTE_MS, sayClock } from '../../words/times';
import { WhyButton } from './WhyButton';

/** When it comes out, how sure that is, and what the middle does meanwhile. */
export function AnswerPanel(props: { view: TrayView; spoonAt: number; stale: boolean }) {
  const { plan, answer } = props.view;
  const { forecast, timing } = answer;
  const unit = plan.targetCore.unit;
  const inAt = Date.parse(timing.inAt);
  const minutes = (props.spoonAt - inAt) / MINUTE_MS;
  const shown = curveAt(forecast.curve, minutes);
  const film = useTraySection(props.view.version);
  const [cutOpen, setCutOpen] = useState(false);
  const units = { temperature: unit, length: plan.height?.unit ?? 'millimetre' };
  return (
    <section aria-label="The answer" aria-live="polite" className={props.stale ? 'opacity-75' : ''}>
      <div className="flex items-start justify-between gap-4">
        <h1 className="font-semibold text-5xl leading-none tracking-tight xl:text-6xl">
          {plan.eatAt && !props.view.eatAtHasPassed ? 'Out' : 'In now, out'} at{' '}
          <span className="figures">{sayClock(timing.outAt)}</span>
        </h1>
        <WhyButton reasons={answer.why} />
      </div>
      <p className="pt-1.5 text-2xl">{bandWords(forecast.toTarget)}</p>
      <dl className="grid grid-cols-2 gap-x-6 gap-y-2 pt-3 md:flex md:flex-wrap md:gap-x-9">
        <When name="In" at={sayClock(timing.inAt)} />
        <When name="First check" at={sayClock(timing.firstCheckAt)} />
        <When name="Out between" at={`${sayClock(timing.outEarliestAt)} and ${sayClock(timing.outLatestAt)}`} />
        <When name="Eat" at={sayClock(timing.eatAt)} />
      </dl>
      <div
        className={`grid grid-cols-1 items-end gap-x-6 pt-3 ${cutOpen ? 'sm:grid-cols-[1fr_auto]' : 'min-h-36 sm:grid-cols-[minmax(0,19rem)_1fr]'}`}
      >
        {cutOpen ? (
          <Button className="order-last self-center" onClick={() => setCutOpen(false)}>
            See the curve
          </Button>
        ) : (
          <div>
            {film && <PieceButton film={film} minutes={minutes} units={units} onOpen={() => setCutOpen(true)} />}
          </div>
        )}
        <p className="pb-1 leading-snug">
          <span className="text-ink-soft">Middle at {sayClock(props.spoonAt)}</span>
          <br />
          <span className="figures font-semibold text-3xl">{sayTemperature(shown.coldestC, unit)}</span>{' '}
          <span className="text-ink-soft">
            ({sayDegrees(shown.coldestLowC, unit)} to {sayDegrees(shown.coldestHighC, unit)}), outside{' '}
            {sayTemperature(shown.surfaceC, unit)}
          </span>
        </p>
      </div>
      {film && cutOpen ? (
        <SectionView film={film} minutes={minutes} targetC={celsiusOf(plan.targetCore)} units={units} />
      ) : (
        <CurvePlot
          curve={forecast.curve}
          startAt={inAt}
          spoonAt={props.spoonAt}
          targetC={celsiusOf(plan.targetCore)}
          outAt={Date.parse(timing.outAt)}
          unit={unit}
          height={195}
        />
      )}
      {answer.cautions.map((caution) => (
        <p key={caution} className="flex gap-2 pt-2">
          <Info aria-hidden className="mt-0.5 size-5 shrink-0" />
          {caution}
        </p>
      ))}
    </section>
  );
}

function When(props: { name: string; at: string }) {
  return (
    <div>
      <dt className="text-ink-soft leading-tight">{props.name}</dt>
      <dd className="figures font-semibold text-xl">{props.at}</dd>
    </div>
  );
}

function bandWords(band: { lowMinutes: number; medianMinutes: number; highMinutes: number }): string {
  const give = Math.round((band.highMinutes - band.lowMinutes) / 2);
  return `${Math.round(band.medianMinutes)} min in the oven, give or take ${give}`;
}
