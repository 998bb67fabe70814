import { Check, Droplets, Hand, Leaf, Package, Sprout, TriangleAlert } from 'lucide-react';
import type { PrepView, Touches, WorkStep } from '../../../api/types';
import { type SavePrep, useClearTicks, useTicks } from '../../../kitchen/prepQueries';
import { Button } from '../../../ui/Button';
import { Choice } from '../../../ui/Choice';
import { Refusal } from '../../../ui/Refusal';
import { touchesWords } from '../../../words/prep';
import { sayClock } from '../../../words/times';

/** Clean things first, raw meat last, a wash after it: one step at a time, large enough for a knuckle. */
export function OrderView({ view, save }: { view: PrepView; save: SavePrep }) {
  const ticks = useTicks(view.trayId);
  const clear = useClearTicks(view.trayId);
  const stored = new Set(view.choice.done);
  const isDone = (key: string) => ticks.isDone(key, stored.has(key));
  const next = view.order.find((step) => !isDone(step.key));
  const count = view.order.filter((step) => stored.has(step.key)).length;
  return (
    <section aria-label="Order of work" className="grid gap-6 py-4 lg:grid-cols-[minmax(0,1.1fr)_minmax(0,1fr)]">
      <div className="grid content-start gap-4 lg:sticky lg:top-4">
        {next ? (
          <NowCard key={next.key} step={next} onDone={() => ticks.tick(next.key, true)} />
        ) : (
          <div className="grid gap-3 border-ink border-t-4 pt-4">
            <p className="font-display font-semibold text-4xl leading-tight">Counter’s clear</p>
            <p className="text-lg">Every step is ticked. The tray may go in.</p>
          </div>
        )}
        <Refusal error={ticks.error} />
        <div className="flex flex-wrap items-center gap-3">
          <p className="figures">
            {count} of {view.order.length} done
          </p>
          {count > 0 && (
            <Button disabled={clear.isPending} onClick={() => clear.mutate(null)}>
              Begin again
            </Button>
          )}
        </div>
        <div className="max-w-sm">
          <p className="pb-1 font-semibold">Served with it, uncooked</p>
          <Choice
            label="Something is eaten raw with it"
            value={view.choice.garnish ? 'yes' : 'no'}
            options={[
              { value: 'no', label: 'nothing raw' },
              { value: 'yes', label: 'herbs, lemon' },
            ]}
            onChange={(value) => save.change({ garnish: value === 'yes' })}
          />
        </div>
      </div>
      <ol className="grid content-start">
        {view.order.map((step) => (
          <StepRow
            key={step.key}
            step={step}
            isDone={isDone(step.key)}
            isUnderway={ticks.isUnderway(step.key)}
            isNext={step === next}
            onTick={(is) => ticks.tick(step.key, is)}
          />
        ))}
      </ol>
    </section>
  );
}

function NowCard({ step, onDone }: { step: WorkStep; onDone: () => void }) {
  return (
    <div aria-live="polite" className="grid gap-3 border-ink border-t-4 pt-4">
      <p className="figures flex flex-wrap items-center gap-x-4 text-lg">
        <span className="font-semibold">{sayClock(step.at)}</span>
        <Zone step={step} />
      </p>
      <h2 className="font-semibold text-4xl leading-tight">{step.title}</h2>
      <p className="text-xl leading-snug">{step.detail}</p>
      <Button look="heat" big className="justify-self-start sm:min-w-64" onClick={onDone}>
        <Check aria-hidden className="size-7" /> Done, next
      </Button>
    </div>
  );
}

function StepRow(props: {
  step: WorkStep;
  isDone: boolean;
  isUnderway: boolean;
  isNext: boolean;
  onTick: (is: boolean) => void;
}) {
  const { step } = props;
  return (
    <li className="border-hairline border-t last:border-b" aria-current={props.isNext ? 'step' : undefined}>
      <label
        className={`flex min-h-16 cursor-pointer items-center gap-4 py-2 ${step.touches === 'wash' ? 'bg-paper-deep px-3' : 'px-3'}`}
      >
        <input
          type="checkbox"
          checked={props.isDone}
          onChange={(event) => props.onTick(event.target.checked)}
          aria-busy={props.isUnderway}
          className="size-8 shrink-0 accent-ink aria-busy:opacity-60"
        />
        <span className={`min-w-0 grow leading-tight ${props.isDone ? 'text-ink-soft line-through' : ''}`}>
          <span className="figures block text-[0.9rem] text-ink-soft">{sayClock(step.at)}</span>
          <span className={props.isNext ? 'font-semibold' : ''}>{step.title}</span>
        </span>
        <Zone step={step} small />
      </label>
    </li>
  );
}

const icons: Record<Touches, typeof Leaf> = {
  wash: Droplets,
  readyToEat: Leaf,
  stores: Package,
  toBeCooked: Sprout,
  raw: TriangleAlert,
};

/** What hands meet, by word and shape. */
function Zone({ step, small = false }: { step: WorkStep; small?: boolean }) {
  const Icon = icons[step.touches];
  const hand = step.hand === 'wet' ? ', wet hand' : step.hand === 'dry' ? ', dry hand' : '';
  return (
    <span
      className={`inline-flex shrink-0 items-center gap-1.5 ${small ? 'text-[0.9rem]' : 'text-lg'} ${step.touches === 'raw' ? 'font-semibold text-stop' : 'text-ink-soft'}`}
    >
      <Icon aria-hidden className={small ? 'size-4' : 'size-6'} />
      {touchesWords[step.touches]}
      {hand && !small && <Hand aria-hidden className="size-6" />}
      {hand}
    </span>
  );
}
