import { useState } from 'react';
import { useNavigate } from 'react-router';
import { Problem } from '../../api/problem';
import { useOven, useStart } from '../../api/queries';
import type { TrayView } from '../../api/types';
import { curveAt } from '../../curve/curveAt';
import { Rail } from '../../rail/Rail';
import { Button } from '../../ui/Button';
import { Station } from '../../ui/Station';
import { sayDegrees, sayTemperature } from '../../words/temperatures';
import { MINUTE_MS, sayClock } from '../../words/times';
import { AnswerPanel } from './AnswerPanel';
import { TrayForm } from './TrayForm';
import { useTrayDraft } from './useTrayDraft';

/** Build tonight's tray and see at once when it comes out. */
export function TrayStation({ connected }: { connected: boolean }) {
  const { draft, change, problem, saving, view, failed } = useTrayDraft();
  // The spoon keeps its place in the bake while the plan, and with it the clock, changes around it.
  const [spoonShare, setSpoonShare] = useState(0.6);
  const span = view && railSpan(view);
  const spoonAt = span ? span.inAt + spoonShare * (span.eatAt - span.inAt) : 0;

  return (
    <Station
      room="day"
      connected={connected}
      rail={
        view &&
        span && (
          <TrayRail
            view={view}
            spoonAt={spoonAt}
            onSpoon={(at) => setSpoonShare((at - span.inAt) / (span.eatAt - span.inAt))}
          />
        )
      }
    >
      {draft && view ? (
        <div className="mx-auto grid max-w-[90rem] grid-cols-1 gap-x-10 gap-y-6 px-5 py-5 lg:grid-cols-[minmax(20rem,30rem)_minmax(0,1fr)]">
          <TrayForm draft={draft} problem={problem} guessedHeight={guessedHeight(view)} onChange={change} />
          {/* On a tablet the answer stands above the form: it is what is read from two metres. */}
          <div className="order-first min-w-0 lg:order-none">
            <AnswerPanel view={view} spoonAt={spoonAt} stale={problem !== null} />
            <StartRow view={view} ready={!saving && problem === null} refused={problem !== null} />
          </div>
        </div>
      ) : (
        <p className="p-8 text-xl">
          {failed ? 'The kitchen server does not answer. Is it running?' : 'Fetching the tray…'}
        </p>
      )}
    </Station>
  );
}

function StartRow(props: { view: TrayView; ready: boolean; refused: boolean }) {
  const navigate = useNavigate();
  const start = useStart();
  const live = useOven().data?.bake;
  const go = () => start.mutate(props.view.version, { onSuccess: () => navigate('/oven') });
  if (live) {
    return (
      <p className="flex flex-wrap items-center gap-4 pt-4">
        <span>“{live.record.plan.name}” is in the oven. The next tray can start when it is finished.</span>
        <Button onClick={() => navigate('/oven')}>Go to the oven</Button>
      </p>
    );
  }
  return (
    <div className="flex flex-wrap items-center gap-x-5 gap-y-2 pt-4">
      <Button look="heat" big disabled={!props.ready || start.isPending} onClick={go}>
        The tray goes in now
      </Button>
      <p role="status" className="max-w-xs text-ink-soft leading-snug">
        {start.error instanceof Problem
          ? start.error.message
          : props.refused
            ? 'The answer above is for the last plan that worked.'
            : 'Predictions plan the evening. Only a measured temperature says serve.'}
      </p>
    </div>
  );
}

function TrayRail(props: { view: TrayView; spoonAt: number; onSpoon: (at: number) => void }) {
  const { plan, answer } = props.view;
  const span = railSpan(props.view);
  const unit = plan.targetCore.unit;
  const shown = curveAt(answer.forecast.curve, (props.spoonAt - span.inAt) / MINUTE_MS);
  const oven = `${plan.ovenMode} ${plan.ovenSetting.value} ${unit === 'celsius' ? '°C' : '°F'}`;
  return (
    <Rail
      from={span.ovenOnAt}
      to={span.eatAt + 5 * MINUTE_MS}
      spoonAt={props.spoonAt}
      onSpoon={(at) => props.onSpoon(Math.min(span.eatAt, Math.max(span.inAt, at)))}
      spoonText={`${sayClock(props.spoonAt)}, middle ${sayTemperature(shown.coldestC, unit)}`}
      marks={[
        { at: span.inAt, label: `in ${sayClock(span.inAt)}` },
        { at: span.outAt, label: `out ${sayClock(span.outAt)}` },
      ]}
      lanes={[
        {
          name: 'Oven',
          spans: [
            { kind: 'preheat', from: span.ovenOnAt, to: span.inAt, label: 'heating' },
            { kind: 'oven', from: span.inAt, to: span.outAt, label: oven },
            { kind: 'rest', from: span.outAt, to: span.eatAt, label: 'rest' },
          ],
        },
        {
          name: 'Chicken',
          spans: [
            {
              kind: 'meat',
              from: span.inAt,
              to: span.eatAt,
              curve: answer.forecast.curve,
              say: (celsius) => sayDegrees(celsius, unit),
            },
          ],
        },
      ]}
    />
  );
}

function railSpan({ answer }: TrayView) {
  const { timing } = answer;
  return {
    ovenOnAt: Date.parse(timing.ovenOnAt),
    inAt: Date.parse(timing.inAt),
    outAt: Date.parse(timing.outAt),
    eatAt: Date.parse(timing.eatAt),
  };
}

function guessedHeight({ plan, answer }: TrayView): string {
  const mm = answer.forecast.piece.heightMm;
  const guess = plan.height?.unit === 'inch' ? `${(mm / 25.4).toFixed(1)} in` : `${Math.round(mm)} mm`;
  return `Guessed at ${guess}. A ruler makes this surer.`;
}
