import { type ReactNode, useState } from 'react';
import { Link } from 'react-router';
import { useChoices, useMove, useOven, useOvenSection } from '../../api/queries';
import type { LiveBake } from '../../api/types';
import { useKitchenNow } from '../../clock/kitchenClock';
import { curveAt } from '../../curve/curveAt';
import { SectionView } from '../../section/SectionView';
import { Button } from '../../ui/Button';
import { Refusal } from '../../ui/Refusal';
import { Station } from '../../ui/Station';
import { leadLot } from '../../words/leadLot';
import { celsiusOf, sayTemperature } from '../../words/temperatures';
import { MINUTE_MS, sayClock, sayElapsed } from '../../words/times';
import { CheckPad } from './CheckPad';
import { FinishButton } from './FinishButton';
import { instructionFor } from './instruction';
import { LiveRail } from './LiveRail';
import { VerdictPanel } from './VerdictPanel';

/** The live bake: one instruction at a time, readable from across the kitchen. */
export function OvenStation({ connected }: { connected: boolean }) {
  const oven = useOven();
  const now = useKitchenNow();
  const [lookAt, setLookAt] = useState<number | null>(null);
  const bake = oven.data?.bake;
  return (
    <Station
      room="oven"
      connected={connected}
      rail={bake && <LiveRail bake={bake} now={now} spoonAt={lookAt ?? now} onSpoon={setLookAt} />}
    >
      {bake ? (
        <LiveBakeBoard key={bake.record.id} bake={bake} now={now} lookAt={lookAt} onNow={() => setLookAt(null)} />
      ) : (
        <div className="grid gap-4 px-6 py-16">
          <h1 className="font-semibold text-6xl">{oven.isPending ? 'Looking…' : 'Nothing in the oven'}</h1>
          <p className="text-xl">
            {oven.isError ? 'The kitchen server does not answer. Is it running?' : 'Plan a tray, then put it in. '}
            <Link to="/tray" className="font-semibold underline decoration-2 underline-offset-4">
              Go to the tray
            </Link>
          </p>
        </div>
      )}
    </Station>
  );
}

function LiveBakeBoard(props: { bake: LiveBake; now: number; lookAt: number | null; onNow: () => void }) {
  const { bake, now } = props;
  const { plan, checks, startedAt } = bake.record;
  const choices = useChoices();
  const lead = leadLot(bake.record);
  const cut = choices?.cuts.find((choice) => choice.cut === lead?.cut);
  const profile = choices?.profiles.find((choice) => choice.id === plan.profile);
  const instruction = instructionFor(bake, now);
  const last = checks[checks.length - 1];
  const unit = plan.targetCore.unit;
  const shownAt = props.lookAt ?? now;
  const minutes = (shownAt - Date.parse(startedAt)) / MINUTE_MS;
  const film = useOvenSection(bake.record.id, `${bake.record.moves.length} ${checks.length} ${bake.curve.length}`);
  const [cutOpen, setCutOpen] = useState(false);

  return (
    <div className="mx-auto grid max-w-[90rem] grid-cols-1 gap-x-12 gap-y-6 px-6 py-5 lg:grid-cols-[minmax(0,1fr)_34rem]">
      <div className="grid content-start gap-6">
        <div>
          <p className="text-ink-soft text-xl">{plan.name}</p>
          <h1
            className={`font-semibold text-7xl leading-none tracking-tight ${instruction.due ? 'text-heat-text' : ''}`}
          >
            {instruction.act}
          </h1>
          <p className="figures pt-3 text-3xl">{instruction.when}</p>
          {instruction.then.length > 0 && !cutOpen && (
            <ol className="figures pt-2 text-ink-soft text-xl">
              {instruction.then.map((step) => (
                <li key={step}>then {step}</li>
              ))}
            </ol>
          )}
        </div>
        {film && cutOpen ? (
          <div className="border-hairline border-y py-2 text-lg">
            <p className="figures flex min-h-11 items-center justify-between text-ink-soft">
              {props.lookAt === null ? 'Inside now, predicted' : `Inside at ${sayClock(shownAt)}, predicted`}
              {props.lookAt !== null && <Button onClick={props.onNow}>Back to now</Button>}
            </p>
            <SectionView
              film={film}
              minutes={minutes}
              targetC={celsiusOf(plan.targetCore)}
              units={{ temperature: unit, length: lead?.height?.unit ?? 'millimetre' }}
              tallestPx={115}
            />
          </div>
        ) : (
          <Numbers bake={bake} now={now} lookAt={props.lookAt} />
        )}
        {props.lookAt !== null && !cutOpen && (
          <Button className="justify-self-start" onClick={props.onNow}>
            Back to now
          </Button>
        )}
        {last && <VerdictPanel check={last} />}
        <Actions bake={bake}>
          {film && (
            <Button big aria-expanded={cutOpen} onClick={() => setCutOpen(!cutOpen)}>
              {cutOpen ? 'See the clock' : 'See inside'}
            </Button>
          )}
        </Actions>
      </div>
      <CheckPad bake={bake} probePlace={cut?.probePlace ?? ''} holdSeconds={profile?.holdSeconds ?? []} />
    </div>
  );
}

/** Time since it went in, and the middle, large. */
function Numbers(props: { bake: LiveBake; now: number; lookAt: number | null }) {
  const { bake, now } = props;
  const { plan, startedAt } = bake.record;
  const unit = plan.targetCore.unit;
  const start = Date.parse(startedAt);
  const shownAt = props.lookAt ?? now;
  const shown = curveAt(bake.curve, (shownAt - start) / MINUTE_MS);
  return (
    <dl className="grid grid-cols-2 gap-6 border-hairline border-y py-4">
      <div>
        <dt className="text-ink-soft text-lg">Since it went in at {sayClock(start)}</dt>
        <dd className="figures font-semibold text-7xl leading-tight" data-testid="elapsed">
          {sayElapsed(now - start)}
        </dd>
      </div>
      <div>
        <dt className="text-ink-soft text-lg">
          {props.lookAt === null ? 'Middle now, predicted' : `Middle at ${sayClock(shownAt)}, predicted`}
        </dt>
        <dd>
          <span className="figures font-semibold text-7xl leading-tight" data-testid="predicted">
            {sayTemperature(shown.coldestC, unit)}
          </span>
          <span className="block text-xl text-ink-soft">
            {sayTemperature(shown.coldestLowC, unit)} to {sayTemperature(shown.coldestHighC, unit)}
            {bake.targetAt && Date.parse(bake.targetAt) > now && `, target about ${sayClock(bake.targetAt)}`}
          </span>
        </dd>
      </div>
    </dl>
  );
}

function Actions({ bake, children }: { bake: LiveBake; children: ReactNode }) {
  const move = useMove();
  const inOven = bake.place === 'oven';
  return (
    <div className="grid gap-2">
      <div className="flex flex-wrap gap-3">
        <Button
          big
          disabled={move.isPending}
          onClick={() => move.mutate({ id: bake.record.id, place: inOven ? 'worktop' : 'oven' })}
        >
          {inOven ? 'The tray is out, resting' : 'The tray is back in'}
        </Button>
        <FinishButton bake={bake} />
        {children}
      </div>
      <Refusal error={move.error} />
    </div>
  );
}
