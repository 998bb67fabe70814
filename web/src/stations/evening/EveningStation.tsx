import { useState } from 'react';
import { Link } from 'wouter';
import { kitchenNow } from '../../clock/kitchenClock';
import { Station } from '../../frame/Station';
import { useEvening } from '../../kitchen/evening';
import { Button } from '../../ui/Button';
import { Refusal } from '../../ui/Refusal';
import { DinnerBar } from './DinnerBar';
import { EveningRail } from './EveningRail';
import { SidesPanel } from './SidesPanel';
import { TaskList } from './TaskList';
import { useDinner } from './useDinner';

/** The whole meal worked back from dinner: on the rail, and as a list with clock times. */
export function EveningStation({ connected }: { connected: boolean }) {
  const { data: view, error, refetch } = useEvening();
  const dinner = useDinner(view);
  const [later, setLater] = useState(20);
  if (!view)
    return (
      <Station room="day" connected={connected}>
        {error ? (
          <div className="grid max-w-xl gap-4 p-8">
            <h1 className="font-semibold text-4xl tracking-tight">The evening</h1>
            <Refusal error={error} />
            <p className="text-xl">It cannot be worked out as it stands. What is on the tray is kept.</p>
            <div className="flex flex-wrap items-center gap-5">
              <Button onClick={() => refetch()}>Try again</Button>
              <Link to="/tray" className="font-semibold text-lg underline underline-offset-4">
                To the tray
              </Link>
            </div>
          </div>
        ) : (
          <p className="p-8 text-xl">Working the evening out…</p>
        )}
      </Station>
    );
  if (view.tasks.length === 0 || !view.eatAt)
    return (
      <Station room="day" connected={connected}>
        <div className="grid max-w-xl gap-4 p-8">
          <h1 className="font-semibold text-4xl tracking-tight">The evening</h1>
          <p className="text-xl">{view.headline}</p>
          <Link to="/tray" className="justify-self-start font-semibold text-lg underline underline-offset-4">
            To the tray
          </Link>
        </div>
      </Station>
    );
  const slip = view.slips.find((one) => one.lateMinutes === later);
  return (
    <Station
      room="day"
      connected={connected}
      fits
      rail={<EveningRail view={view} shiftMs={dinner.shiftMs} eatAt={dinner.eatAt} onDinner={dinner.drag} />}
    >
      <div className="grid gap-x-10 gap-y-6 px-5 pt-5 pb-3 lg:h-full lg:grid-cols-[minmax(0,1fr)_minmax(0,1.1fr)] lg:grid-rows-[minmax(0,1fr)] lg:overflow-hidden">
        {/* On a narrow screen the list comes right after dinner, and what is beside it last. */}
        <div className="contents content-start gap-5 lg:grid lg:overflow-y-auto lg:pr-2">
          <div className="order-1 grid content-start gap-4">
            <h1 className="figures font-semibold text-3xl leading-tight tracking-tight">{view.headline}</h1>
            {view.notes.length > 0 && (
              <ul aria-label="To know" className="figures grid gap-1.5 leading-snug">
                {view.notes.map((note) => (
                  <li key={note}>{note}</li>
                ))}
              </ul>
            )}
            <DinnerBar view={view} dinner={dinner} />
          </div>
          <div className="order-3 grid content-start gap-5">
            <SidesPanel view={view} />
            {view.others.length > 0 && (
              <section aria-label="Other evenings" className="grid gap-1 border-hairline border-t pt-3">
                <h2 className="font-semibold text-lg">Besides</h2>
                {view.others.map((other) => (
                  <p key={other.trayId} className="figures">
                    {other.name}: next, {other.nextTitle.toLowerCase()} at {dinner.say(other.nextAt)}; dinner{' '}
                    {dinner.say(other.eatAt)}.
                  </p>
                ))}
              </section>
            )}
            <section aria-label="If dinner slips" className="grid gap-2 border-hairline border-t pt-3">
              <h2 className="font-semibold text-lg">If dinner slips by</h2>
              <div className="flex gap-2">
                {view.slips.map((one) => (
                  <button
                    key={one.lateMinutes}
                    type="button"
                    aria-pressed={one.lateMinutes === later}
                    onClick={() => setLater(one.lateMinutes)}
                    className="figures min-h-11 rounded-md border border-control-line px-4 aria-pressed:bg-ink aria-pressed:font-semibold aria-pressed:text-paper"
                  >
                    {one.lateMinutes} min
                  </button>
                ))}
              </div>
              <ul className="figures grid gap-1 leading-snug">
                {slip?.sentences.map((sentence) => (
                  <li key={sentence}>{sentence}</li>
                ))}
              </ul>
            </section>
          </div>
        </div>
        <div className="order-2 grid content-start lg:h-full lg:min-h-0 lg:content-stretch">
          <TaskList view={view} shiftMs={dinner.shiftMs} nowMs={kitchenNow()} />
        </div>
      </div>
    </Station>
  );
}
