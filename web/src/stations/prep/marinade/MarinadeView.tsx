import { Snowflake, TriangleAlert } from 'lucide-react';
import { Problem } from '../../../api/problem';
import type { BowlView, Container, PrepView } from '../../../api/types';
import { useUnits } from '../../../kitchen/household';
import { type SavePrep, useStartMarinade } from '../../../kitchen/prepQueries';
import { Button } from '../../../ui/Button';
import { Choice } from '../../../ui/Choice';
import { Field } from '../../../ui/Field';
import { NumberBox } from '../../../ui/NumberBox';
import { Picker } from '../../../ui/Picker';
import { Refusal } from '../../../ui/Refusal';
import { sayLength } from '../../../words/amounts';
import { containerWords } from '../../../words/prep';
import { sayClock, sayDay } from '../../../words/times';
import { lengthIn, lengthSign, parseLength } from '../../../words/units';

/** Lengths cooks choose from, min. */
const lengths = [0, 15, 30, 60, 120, 240, 480, 720, 1440];
const containers = (Object.keys(containerWords) as Container[]).map((value) => ({
  value,
  label: containerWords[value],
}));

/** How long, where and in what; when to turn it and when it is ready. */
export function MarinadeView({ view, save }: { view: PrepView; save: SavePrep }) {
  const { choice } = view;
  const start = useStartMarinade();
  const lying = view.bowls.filter((bowl) => bowl.marinade !== null);
  const problem = save.error instanceof Problem ? save.error : null;
  return (
    <section aria-label="Marinate" className="grid gap-x-10 gap-y-6 py-4 lg:grid-cols-2">
      <div className="grid content-start gap-5">
        <fieldset className="grid gap-2">
          <legend className="pb-1 font-semibold">How long meat lies, where its coat says nothing else</legend>
          <div className="grid grid-cols-3 gap-2 sm:grid-cols-5">
            {lengths.map((minutes) => (
              <button
                key={minutes}
                type="button"
                aria-pressed={choice.marinateMinutes === minutes}
                onClick={() => save.change({ marinateMinutes: minutes })}
                className="min-h-12 rounded-md border border-control-line px-2 leading-tight aria-pressed:bg-ink aria-pressed:font-semibold aria-pressed:text-paper"
              >
                {minutes === 0 ? 'not at all' : sayLength(minutes)}
              </button>
            ))}
          </div>
          <div className="w-48">
            <NumberBox
              label="Or minutes"
              value={choice.marinateMinutes}
              error={problem?.at('marinateMinutes')}
              onNumber={(minutes) => save.change({ marinateMinutes: minutes === null ? null : Math.round(minutes) })}
            />
          </div>
        </fieldset>
        <Choice
          label="Where it lies"
          value={choice.place}
          options={[
            { value: 'fridge', label: 'in the fridge' },
            { value: 'counter', label: 'on the counter' },
          ]}
          onChange={(place) => save.change({ place })}
        />
        <Field label="In what">
          {(ids) => (
            <Picker
              ids={ids}
              value={choice.container}
              options={containers}
              onChange={(container) => save.change({ container })}
            />
          )}
        </Field>
        <Frozen view={view} save={save} error={problem?.at('frozen')} />
      </div>
      <div className="grid content-start gap-5">
        {lying.length === 0 && (
          <p className="text-lg">
            Nothing lies in anything tonight. Give the meat a marinade or a rub that goes on before, under “Mix”.
          </p>
        )}
        {lying.map((bowl) => (
          <div key={bowl.id} className="grid gap-3 border-hairline border-b pb-4 last:border-b-0">
            <Outlook view={view} bowl={bowl} />
            <Button
              look="heat"
              big
              className="justify-self-start"
              disabled={start.isPending || view.meat.pieces === 0 || view.thaw !== null}
              onClick={() => start.mutate({ trayId: view.trayId, mix: bowl.id })}
            >
              {lying.length > 1 ? `Into ${bowl.mix.name} now` : 'Into the marinade now'}
            </Button>
          </div>
        ))}
        {view.thaw && <p>The meat is still frozen. Say when it is thawed, and the clock can start.</p>}
        <Refusal error={start.error} />
      </div>
    </section>
  );
}

function Frozen(props: { view: PrepView; save: SavePrep; error: string | undefined }) {
  const { view, save } = props;
  const { length } = useUnits();
  const isFrozen = view.choice.frozenMm !== null;
  return (
    <div className="grid gap-3">
      <Choice
        label="The meat is"
        value={isFrozen ? 'frozen' : 'fresh'}
        options={[
          { value: 'fresh', label: 'not frozen' },
          { value: 'frozen', label: 'still frozen' },
        ]}
        onChange={(value) => save.change({ frozen: value === 'frozen' ? { value: 40, unit: 'millimetre' } : null })}
      />
      {isFrozen && (
        <div className="w-48">
          <NumberBox
            key={length}
            label={`Thickness of the pack, ${lengthSign[length]}`}
            value={view.choice.frozenMm === null ? null : lengthIn(view.choice.frozenMm, 'millimetre', length)}
            error={props.error}
            parse={(text) => parseLength(text, length)}
            onNumber={(value) => save.change({ frozen: { value, unit: length } })}
          />
        </div>
      )}
      {view.thaw && (
        <p className="flex gap-2.5 leading-snug">
          <Snowflake aria-hidden className="mt-0.5 size-5 shrink-0" />
          <span>
            <strong>
              Thawed {sayDay(view.thaw.thawedAt)} about {sayClock(view.thaw.thawedAt)}.
            </strong>{' '}
            {view.thaw.sentence}
          </span>
        </p>
      )}
    </div>
  );
}

function Outlook({ view, bowl }: { view: PrepView; bowl: BowlView }) {
  const { marinade } = bowl;
  if (!marinade) return null;
  const { times, limits } = marinade;
  return (
    <div className="grid gap-3">
      <p className="text-ink-soft">
        {bowl.mix.name}, {bowl.for}, {view.thaw ? 'as soon as the meat is thawed' : 'if it goes into it now'}:
      </p>
      <dl className="grid grid-cols-[auto_1fr] items-baseline gap-x-5 gap-y-1">
        {times.turnAt && <When name="Turn over" at={times.turnAt} now={view.now} />}
        <When name="Ready" at={times.readyAt} now={view.now} isLarge />
        <When name="Into the oven by" at={times.latestAt} now={view.now} />
      </dl>
      {limits.tooLongMinutes > 0 && (
        <p className="text-ink-soft">
          Enough from {sayLength(limits.enoughMinutes)}, too long from {sayLength(limits.tooLongMinutes)}.
        </p>
      )}
      <ul className="grid gap-2">
        {marinade.cautions.map((caution) => (
          <li key={caution} className="flex gap-2.5 font-medium text-stop leading-snug">
            <TriangleAlert aria-hidden className="mt-0.5 size-5 shrink-0" />
            <span>{caution}</span>
          </li>
        ))}
      </ul>
    </div>
  );
}

function When(props: { name: string; at: string; now: string; isLarge?: boolean }) {
  const day = sayDay(props.at);
  return (
    <>
      <dt className="text-lg">{props.name}</dt>
      <dd className={`figures font-semibold ${props.isLarge ? 'text-4xl' : 'text-2xl'}`}>
        {sayClock(props.at)}
        {day !== sayDay(props.now) && <span className="pl-2 font-normal text-ink-soft text-lg">{day}</span>}
      </dd>
    </>
  );
}
