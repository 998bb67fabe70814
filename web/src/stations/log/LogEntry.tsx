import { useState } from 'react';
import { useChoices, usePastSection } from '../../api/queries';
import type { BakeRecord, CurvePoint } from '../../api/types';
import { CurvePlot } from '../../curve/CurvePlot';
import { SectionView } from '../../section/SectionView';
import { Button } from '../../ui/Button';
import { leadLot } from '../../words/leadLot';
import { verdictWords } from '../../words/names';
import { celsiusOf, sayTyped } from '../../words/temperatures';
import { MINUTE_MS, sayClock, sayDay } from '../../words/times';
import { DeleteButton } from './DeleteButton';
import { outMinutes } from './outMinutes';
import { planWords } from './planWords';

/** One evening: predicted curve, what was measured on it, each check and what it led to. */
export function LogEntry(props: {
  bake: BakeRecord;
  curve: readonly CurvePoint[];
  spoonMinute: number;
  onDeleted: () => void;
}) {
  const { plan, forecast, checks, startedAt, finishedAt } = props.bake;
  const start = Date.parse(startedAt);
  const unit = plan.targetCore.unit;
  const out = outMinutes(props.bake);
  const film = usePastSection(props.bake.id);
  const [cutOpen, setCutOpen] = useState(false);
  const choices = useChoices();
  const lead = leadLot(props.bake);
  return (
    <article aria-label={plan.name}>
      <div className="flex items-start justify-between gap-4">
        <div>
          <h2 className="font-semibold text-4xl leading-tight">{plan.name}</h2>
          <p className="text-ink-soft text-lg">{sayDay(startedAt)}</p>
        </div>
        <DeleteButton bake={props.bake} onDeleted={props.onDeleted} />
      </div>
      <p className="pt-2 text-lg">{choices && planWords(plan, choices)}</p>
      <p className="pt-2 text-xl">
        In at <b className="figures">{sayClock(start)}</b>,{' '}
        {out === null ? (
          'finished in the oven'
        ) : (
          <>
            out after <b className="figures">{Math.round(out)} min</b>
          </>
        )}
        {finishedAt && (
          <>
            , finished at <b className="figures">{sayClock(finishedAt)}</b>
          </>
        )}
        . Predicted: <b className="figures">{Math.round(forecast.toTarget.medianMinutes)} min</b> to{' '}
        {sayTyped(plan.targetCore)}, {Math.round(forecast.toTarget.lowMinutes)} to{' '}
        {Math.round(forecast.toTarget.highMinutes)}.
      </p>
      <div className="pt-4">
        {film && cutOpen ? (
          <SectionView
            film={film}
            minutes={props.spoonMinute}
            targetC={celsiusOf(plan.targetCore)}
            units={{ temperature: unit, length: lead?.height?.unit ?? 'millimetre' }}
          />
        ) : (
          <CurvePlot
            curve={props.curve}
            startAt={start}
            spoonAt={start + props.spoonMinute * MINUTE_MS}
            targetC={celsiusOf(plan.targetCore)}
            outAt={out === null ? null : start + out * MINUTE_MS}
            unit={unit}
            height={260}
            until={finishedAt ? Date.parse(finishedAt) : 0}
            readings={checks.flatMap((check) =>
              check.readings.map((r) => ({ at: Date.parse(check.at), celsius: celsiusOf(r.temperature) })),
            )}
          />
        )}
        {film && (
          <Button className="mt-2" aria-expanded={cutOpen} onClick={() => setCutOpen(!cutOpen)}>
            {cutOpen ? 'See the curve' : 'See inside'}
          </Button>
        )}
      </div>
      <h3 className="pt-4 pb-1 font-semibold text-2xl">Checks</h3>
      {checks.length === 0 && <p>Nothing was measured.</p>}
      <ol>
        {checks.map((check) => (
          <li key={check.at} className="grid grid-cols-[4rem_1fr] gap-3 border-hairline border-t py-2.5">
            <span className="figures text-lg">{sayClock(check.at)}</span>
            <div>
              <p>
                <b className="font-semibold">{verdictWords[check.verdict]}.</b> {check.reason}
              </p>
              <p className="text-ink-soft">
                {check.readings.map((r) => `Piece ${r.piece}: ${sayTyped(r.temperature)}`).join(', ')}
                {check.readings.length > 0 && '.'}
                {check.note && ` Seen: “${check.note}”`}
              </p>
            </div>
          </li>
        ))}
      </ol>
    </article>
  );
}
