import { Info } from 'lucide-react';
import type { TrayView } from '../../api/types';
import { CurvePlot } from '../../curve/CurvePlot';
import { curveAt } from '../../curve/curveAt';
import { PieceSide } from '../../tray/PieceSide';
import { sayTemperature } from '../../words/temperatures';
import { sayClock } from '../../words/times';
import { WhyButton } from './WhyButton';

const MINUTE_MS = 60_000;

/** When it comes out, how sure that is, and what the middle does meanwhile. */
export function AnswerPanel(props: { view: TrayView; spoonAt: number; stale: boolean }) {
  const { plan, answer } = props.view;
  const { forecast, timing } = answer;
  const unit = plan.targetCore.unit;
  const inAt = Date.parse(timing.inAt);
  const shown = curveAt(forecast.curve, (props.spoonAt - inAt) / MINUTE_MS);
  const target = plan.targetCore.unit === 'celsius' ? plan.targetCore.value : (plan.targetCore.value - 32) / 1.8;
  return (
    <section aria-label="The answer" aria-live="polite" className={props.stale ? 'opacity-60' : ''}>
      <div className="flex items-start justify-between gap-4">
        <h1 className="font-semibold text-6xl leading-none tracking-tight">
          {plan.eatAt && !props.view.eatAtHasPassed ? '' : 'In now, '}Out at{' '}
          <span className="figures">{sayClock(timing.outAt)}</span>
        </h1>
        <WhyButton reasons={answer.why} />
      </div>
      <p className="pt-2 text-xl">
        {bandWords(forecast.toTarget)} in the oven: between{' '}
        <b className="figures font-semibold">{sayClock(timing.outEarliestAt)}</b> and{' '}
        <b className="figures font-semibold">{sayClock(timing.outLatestAt)}</b>. In at{' '}
        <b className="figures font-semibold">{sayClock(timing.inAt)}</b>, first check{' '}
        <b className="figures font-semibold">{sayClock(timing.firstCheckAt)}</b>, eat at{' '}
        <b className="figures font-semibold">{sayClock(timing.eatAt)}</b>.
      </p>
      <div className="grid grid-cols-[minmax(0,22rem)_1fr] items-end gap-6 pt-4">
        <PieceSide
          cut={plan.cut}
          lengthMm={forecast.piece.halfLengthMm * 2}
          heightMm={forecast.piece.halfHeightMm * 2}
          heightText={heightText(forecast.piece.halfHeightMm * 2, plan.height?.unit === 'inch')}
          middleC={shown.coldestC}
          outsideC={shown.surfaceC}
          unit={unit}
        />
        <p className="pb-2 leading-snug">
          <span className="text-ink-soft">At {sayClock(props.spoonAt)}</span>
          <br />
          <span className="figures font-semibold text-3xl">{sayTemperature(shown.coldestC, unit)}</span>{' '}
          <span className="whitespace-nowrap">in the middle</span>
          <br />
          <span className="text-ink-soft">
            {sayTemperature(shown.coldestLowC, unit)} to {sayTemperature(shown.coldestHighC, unit)}
            <br />
            outside {sayTemperature(shown.surfaceC, unit)}
          </span>
        </p>
      </div>
      <div className="pt-3">
        <CurvePlot
          curve={forecast.curve}
          startAt={inAt}
          spoonAt={props.spoonAt}
          targetC={target}
          outAt={Date.parse(timing.outAt)}
          unit={unit}
          height={250}
        />
      </div>
      {answer.cautions.map((caution) => (
        <p key={caution} className="flex gap-2 pt-2">
          <Info aria-hidden className="mt-0.5 size-5 shrink-0" />
          {caution}
        </p>
      ))}
    </section>
  );
}

function bandWords(band: { lowMinutes: number; medianMinutes: number; highMinutes: number }): string {
  const give = Math.round((band.highMinutes - band.lowMinutes) / 2);
  return `${Math.round(band.medianMinutes)} min, give or take ${give},`;
}

const heightText = (mm: number, inches: boolean) =>
  inches ? `${(mm / 25.4).toFixed(1)} in tall` : `${Math.round(mm)} mm tall`;
