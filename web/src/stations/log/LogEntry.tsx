import { useState } from 'react';
import { CurvePlot } from '../../curve/CurvePlot';
import { useBakeSection, type WholeBake } from '../../kitchen/bakes';
import { useChoices } from '../../kitchen/queries';
import { SectionView } from '../../section/SectionView';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { goalC } from '../../words/goals';
import { verdictWords } from '../../words/names';
import { celsiusOf, sayTyped } from '../../words/temperatures';
import { MINUTE_MS, sayClock, sayDay } from '../../words/times';
import { DeleteButton } from './DeleteButton';
import { planWords } from './planWords';

/** One evening: for each food what was predicted and what was measured on it, and everything that happened. */
export function LogEntry(props: { bake: WholeBake; spoonMinute: number; onDeleted: () => void }) {
  const { bake } = props;
  const { plan, startedAt, finishedAt } = bake;
  const start = Date.parse(startedAt);
  const choices = useChoices();
  const out = bake.moves.findLast((move) => move.place === 'worktop');
  const outMinutes = out && Math.round((Date.parse(out.at) - start) / MINUTE_MS);
  return (
    <article aria-label={bake.name}>
      <div className="flex flex-wrap items-start justify-between gap-x-4 gap-y-2">
        <div>
          <h2 className="font-semibold break-words text-3xl leading-tight sm:text-4xl">{bake.name}</h2>
          <p className="text-ink-soft text-lg">{sayDay(startedAt)}</p>
        </div>
        <DeleteButton bake={bake} onDeleted={props.onDeleted} />
      </div>
      <p className="pt-2 text-lg">{choices && planWords(plan, choices)}</p>
      <p className="pt-2 text-xl">
        In at <b className="figures">{sayClock(start)}</b>,{' '}
        {outMinutes === undefined ? (
          'finished in the oven'
        ) : (
          <>
            out after <b className="figures">{outMinutes} min</b>
          </>
        )}
        {finishedAt && (
          <>
            , finished at <b className="figures">{sayClock(finishedAt)}</b>
          </>
        )}
        .
      </p>
      <LotChart bake={bake} spoonMinute={props.spoonMinute} outAt={out ? Date.parse(out.at) : null} />
      <h3 className="pt-4 pb-1 font-semibold text-2xl">What happened</h3>
      {bake.readings.length === 0 && <p>Nothing was measured.</p>}
      <ol aria-label="What happened">
        {bake.events?.map((event) => (
          <li key={event.seq} className="grid grid-cols-[4rem_1fr] gap-3 border-hairline border-t py-2">
            <span className="figures text-lg">{sayClock(event.at)}</span>
            <p>
              {event.kind === 'said' && <SaidKind bake={bake} text={event.text} />}
              {event.kind === 'note' ? `Seen: “${event.text}”` : event.text}
            </p>
          </li>
        ))}
      </ol>
    </article>
  );
}

/** The last thing that was said is the verdict; earlier ones stand as they were. */
function SaidKind({ bake, text }: { bake: WholeBake; text: string }) {
  return bake.verdict?.reason === text ? <b className="font-semibold">{verdictWords[bake.verdict.kind]}. </b> : null;
}

/** One lot's prediction, its goal, and what was measured on its pieces. */
function LotChart({ bake, spoonMinute, outAt }: { bake: WholeBake; spoonMinute: number; outAt: number | null }) {
  const chicken = bake.lots.filter((lot) => lot.isChicken);
  const [chosen, setChosen] = useState<number | null>(null);
  const [cutOpen, setCutOpen] = useState(false);
  const lot = chicken.find((other) => other.lot === chosen) ?? chicken[0];
  const film = useBakeSection(cutOpen ? bake.id : '', lot?.lot ?? 0, 'log');
  if (!lot) return null;
  const { unit } = bake.plan.ovenSetting;
  const planned = bake.plan.chicken.find((other) => other.id === lot.lot);
  const forecast = bake.forecast.lots.find((other) => other.lot === lot.lot)?.ready ?? bake.forecast.toTarget;
  return (
    <div className="grid grid-cols-1 gap-2 pt-3">
      {chicken.length > 1 && (
        <Choice
          label="Which food"
          value={String(lot.lot)}
          options={chicken.map((other) => ({ value: String(other.lot), label: other.name }))}
          onChange={(id) => setChosen(Number(id))}
        />
      )}
      <p className="text-lg">
        <span className="inline-block first-letter:uppercase">{lot.name}</span>, predicted:{' '}
        <b className="figures">{Math.round(forecast.medianMinutes)} min</b>
        {planned && ` to ${sayTyped(planned.goal.core)}`}, {Math.round(forecast.lowMinutes)} to{' '}
        {Math.round(forecast.highMinutes)}.
      </p>
      {cutOpen && film ? (
        <SectionView
          film={film}
          minutes={spoonMinute}
          targetC={goalC(bake.plan, lot.lot)}
          units={{ temperature: unit, length: planned?.height?.unit ?? 'millimetre' }}
        />
      ) : (
        <CurvePlot
          curve={lot.curve}
          startAt={Date.parse(bake.startedAt)}
          spoonAt={Date.parse(bake.startedAt) + spoonMinute * MINUTE_MS}
          targetC={goalC(bake.plan, lot.lot)}
          outAt={outAt}
          unit={unit}
          height={260}
          until={bake.finishedAt ? Date.parse(bake.finishedAt) : 0}
          readings={bake.readings
            .filter((reading) => reading.lot === lot.lot)
            .map((reading) => ({ at: Date.parse(reading.at), celsius: celsiusOf(reading.temperature) }))}
        />
      )}
      <Button className="justify-self-start" aria-expanded={cutOpen} onClick={() => setCutOpen(!cutOpen)}>
        {cutOpen ? 'See the curve' : 'See inside'}
      </Button>
    </div>
  );
}
