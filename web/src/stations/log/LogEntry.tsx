import { Repeat2 } from 'lucide-react';
import { useState } from 'react';
import { useLocation } from 'wouter';
import type { BakeView, LogLine } from '../../api/types';
import { useBakeSection, type WholeBake } from '../../kitchen/bakes';
import { useAgain, useSay } from '../../kitchen/log';
import { useChoices } from '../../kitchen/queries';
import { SectionView } from '../../section/SectionView';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { DownloadLink } from '../../ui/DownloadLink';
import { Field } from '../../ui/Field';
import { Picker } from '../../ui/Picker';
import { Refusal } from '../../ui/Refusal';
import { Section } from '../../ui/Section';
import { goalC } from '../../words/goals';
import { verdictWords } from '../../words/names';
import { celsiusOf, sayTyped } from '../../words/temperatures';
import { MINUTE_MS, sayClock, sayDay } from '../../words/times';
import { AtTable } from './AtTable';
import { CurvePlot } from './CurvePlot';
import { DeleteButton } from './DeleteButton';
import { HowItWent } from './HowItWent';
import { Photos } from './Photos';
import { methodWords, planWords } from './planWords';

const NOBODY = '';

/** One evening: how it went, how it was, by what method, and everything that happened. */
export function LogEntry(props: {
  bake: WholeBake;
  spoonMinute: number;
  others: readonly LogLine[];
  beside: WholeBake | null;
  onBeside: (id: string | null) => void;
  onDeleted: (bake: BakeView) => void;
}) {
  const { bake, beside } = props;
  const { plan, startedAt, table } = bake;
  const choices = useChoices();
  const again = useAgain();
  const [, go] = useLocation();
  const out = bake.moves.findLast((move) => move.place === 'worktop');
  return (
    <article aria-label={bake.name} className="grid min-w-0 grid-cols-1 content-start gap-4">
      <div className="flex flex-wrap items-start justify-between gap-x-4 gap-y-2">
        <div>
          <h2 className="break-words font-semibold text-3xl leading-tight tracking-tight sm:text-4xl">{bake.name}</h2>
          <p className="text-ink-soft text-lg">{sayDay(startedAt)}</p>
        </div>
        <div className="flex flex-wrap gap-2">
          <Button
            look="heat"
            busy={again.isPending}
            onClick={() => again.mutate(bake.id, { onSuccess: () => void go('/tray') })}
          >
            <Repeat2 aria-hidden className="size-5" />
            Bake it again
          </Button>
          <DeleteButton bake={bake} onDeleted={() => props.onDeleted(bake)} />
        </div>
      </div>
      <Refusal error={again.error} />
      <HowItWent bake={bake} outAt={out?.at ?? null} />
      {beside && <Compared bake={bake} beside={beside} />}
      {table && <AtTable bake={bake} table={table} />}
      {table && <Photos bake={bake.id} photos={table.photos} />}
      <Section title="How it was made" summary={plan.oven?.name ?? ''} defaultOpen>
        <p>{choices && planWords(plan, choices)}</p>
        {choices && (
          <ul className="grid gap-1">
            {methodWords(bake, choices).map((line) => (
              <li key={line}>{line}</li>
            ))}
          </ul>
        )}
      </Section>
      <Section title="What each food did" summary="predicted and measured" defaultOpen>
        <LotChart bake={bake} spoonMinute={props.spoonMinute} outAt={out ? Date.parse(out.at) : null} />
      </Section>
      <Section title="What happened" summary={`${bake.readings.length} readings`} defaultOpen>
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
      </Section>
      <Section title="Beside another, and as files">
        <Field label="Show beside it">
          {(ids) => (
            <Picker
              ids={ids}
              value={beside?.id ?? NOBODY}
              options={[
                { value: NOBODY, label: 'No other evening' },
                ...props.others.map((line) => ({ value: line.id, label: `${line.name}, ${sayDay(line.startedAt)}` })),
              ]}
              onChange={(id) => props.onBeside(id || null)}
            />
          )}
        </Field>
        <p className="flex flex-wrap gap-x-5 gap-y-2">
          <DownloadLink to={`/api/bakes/${bake.id}/file`} name="This evening as a file" />
          <DownloadLink to={`/api/bakes/${bake.id}/readings.csv`} name="Its readings as a table" />
        </p>
        <Counts bake={bake} />
      </Section>
    </article>
  );
}

/** An evening on which the oven door stood open teaches nothing about the oven. */
function Counts({ bake }: { bake: WholeBake }) {
  const say = useSay(bake.id);
  const counts = bake.table?.counts ?? true;
  return (
    <div className="flex flex-wrap items-center gap-3">
      <p>{counts ? 'The oven is learnt from this evening, too.' : 'The oven is not learnt from this evening.'}</p>
      <Button busy={say.isPending} onClick={() => say.mutate({ kind: 'counted', counts: !counts })}>
        {counts ? 'Leave it out' : 'Count it again'}
      </Button>
      <Refusal error={say.error} />
    </div>
  );
}

/** Two evenings in a table; their rails stand under each other on the same minutes. */
function Compared({ bake, beside }: { bake: WholeBake; beside: WholeBake }) {
  const rows: [string, (of: WholeBake) => string][] = [
    ['Oven', (of) => `${sayTyped(of.plan.ovenSetting)}, ${of.plan.ovenMode}`],
    ['Foretold', (of) => minutesSaid(of.table?.plannedMinutes)],
    ['Done', (of) => minutesSaid(of.table?.realMinutes)],
    [
      'At table',
      (of) =>
        of.table?.ratings.flatMap((one) => (one.value ? [`${one.subject}: ${wordsOf(one)}`] : [])).join('; ') ||
        'nothing said',
    ],
  ];
  return (
    <table className="figures w-full text-left">
      <caption className="pb-1 text-left font-semibold text-lg">Beside {beside.name}</caption>
      <thead>
        <tr>
          <th />
          {[bake, beside].map((of) => (
            <th key={of.id} scope="col" className="border-hairline border-b py-1 pr-4 font-semibold">
              {of.name}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {rows.map(([name, say]) => (
          <tr key={name}>
            <th scope="row" className="border-hairline border-b py-1 pr-4 align-top font-normal text-ink-soft">
              {name}
            </th>
            {[bake, beside].map((of) => (
              <td key={of.id} className="border-hairline border-b py-1 pr-4 align-top">
                {say(of)}
              </td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  );
}

const minutesSaid = (minutes: number | null | undefined) =>
  minutes === null || minutes === undefined ? 'not measured' : `after ${Math.round(minutes)} min`;

const wordsOf = (rating: NonNullable<WholeBake['table']>['ratings'][number]) =>
  rating.choices.find((choice) => choice.value === rating.value)?.words ?? '';

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
    <div className="grid grid-cols-1 gap-2">
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
          height={240}
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
