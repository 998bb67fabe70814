import { Timer } from 'lucide-react';
import { type ReactNode, useEffect, useRef, useState } from 'react';
import { SoundSwitch } from '../../alarm/SoundSwitch';
import { useScreenAwake } from '../../alarm/useScreenAwake';
import { useKitchenNow } from '../../clock/kitchenClock';
import { Station } from '../../frame/Station';
import { told, useBakeSection, useLiveBakes, useTell, useWaiting, type WholeBake } from '../../kitchen/bakes';
import { useHousehold, useUnits } from '../../kitchen/household';
import { useChoices } from '../../kitchen/queries';
import { SectionView } from '../../section/SectionView';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Refusal } from '../../ui/Refusal';
import { useFocusKept } from '../../ui/useFocusKept';
import { goalC } from '../../words/goals';
import { MINUTE_MS, sayClock, sayElapsed } from '../../words/times';
import { AfterPanel } from './AfterPanel';
import { BesidesPanel } from './BesidesPanel';
import { FinishButton } from './FinishButton';
import { HandsBar, LastAct } from './HandsBar';
import { instructionFor } from './instruction';
import { LiveRail } from './LiveRail';
import { LotBoard } from './LotBoard';
import { NothingInOven } from './NothingInOven';
import { actTime, type NextAct } from './nextActs';
import { ProbesPanel } from './ProbesPanel';
import { QuestionPanel } from './QuestionPanel';
import { ReadingPad } from './ReadingPad';
import { StartUndo } from './StartUndo';
import { RunningTimers, TimersPanel } from './TimersPanel';
import { Unmeasured } from './Unmeasured';
import { VerdictPanel } from './VerdictPanel';
import { WaitingPanel } from './WaitingPanel';
import { withWaiting } from './waiting';

/** Live bakes: one instruction at a time, readable from across the kitchen, and every food by itself. */
export function OvenStation({ connected }: { connected: boolean }) {
  const live = useLiveBakes();
  const now = useKitchenNow();
  const [chosen, setChosen] = useState<string | null>(null);
  const [lookAt, setLookAt] = useState<number | null>(null);
  const waiting = useWaiting();
  const known = live.bakes.find((other) => other.id === chosen) ?? live.bakes[0];
  const bake = known && withWaiting(known, waiting);
  return (
    <Station
      room="oven"
      connected={connected}
      rail={bake && <LiveRail bake={bake} now={now} spoonAt={lookAt ?? now} onSpoon={setLookAt} />}
    >
      {live.bakes.length > 1 && bake && (
        <div className="px-6 pt-4">
          <Choice
            label="Which oven"
            value={bake.id}
            options={live.bakes.map((other) => ({
              value: other.id,
              label: `${other.name}, in ${sayClock(other.startedAt)}`,
            }))}
            onChange={setChosen}
          />
        </div>
      )}
      {bake ? (
        <LiveBakeBoard
          key={bake.id}
          bake={bake}
          connected={connected}
          now={now}
          lookAt={lookAt}
          onNow={() => setLookAt(null)}
        />
      ) : (
        <NothingInOven
          now={now}
          words={
            live.isPending ? 'Looking…' : live.isError ? 'The kitchen server does not answer. Is it running?' : null
          }
        />
      )}
    </Station>
  );
}

function LiveBakeBoard(props: {
  bake: WholeBake;
  connected: boolean;
  now: number;
  lookAt: number | null;
  onNow: () => void;
}) {
  const { bake, now } = props;
  const choices = useChoices();
  const hasNone = useHousehold()?.household.thermometer === 'none';
  const instruction = instructionFor(bake, now);
  const shownAt = props.lookAt ?? now;
  const [seen, setSeen] = useState<'foods' | 'inside' | 'besides' | 'timers'>('foods');
  const board = useRef<HTMLDivElement>(null);
  const headline = useRef<HTMLHeadingElement>(null);
  useFocusKept(board);
  useEffect(() => {
    // The button that started it is gone: the keyboard goes on from here, not from the top of the page.
    if (history.state?.isJustStarted && document.activeElement === document.body) headline.current?.focus();
  }, []);
  useScreenAwake(true);
  return (
    <div
      ref={board}
      className="mx-auto grid max-w-[90rem] grid-cols-1 gap-x-10 gap-y-6 px-4 py-3 sm:px-6 lg:grid-cols-[minmax(0,1fr)_34rem]"
    >
      <div className="grid min-w-0 content-start gap-3">
        <div>
          <p className="flex flex-wrap items-baseline justify-between gap-x-6 text-ink-soft text-xl">
            <span className="flex flex-wrap items-center gap-x-3 gap-y-1">
              <span className="pr-1">{bake.name}</span>
              <SoundSwitch />
              <Button
                aria-expanded={seen === 'timers'}
                onClick={() => setSeen(seen === 'timers' ? 'foods' : 'timers')}
                className="text-base"
              >
                <Timer aria-hidden className="size-5" />
                Timers
              </Button>
            </span>
            <span>
              in since {sayClock(bake.startedAt)},{' '}
              <b className="figures font-semibold text-2xl text-ink" data-testid="elapsed">
                {sayElapsed(now - Date.parse(bake.startedAt))}
              </b>
            </span>
          </p>
          <h1
            ref={headline}
            tabIndex={-1}
            className={`outline-none text-balance font-semibold leading-[0.92] tracking-tight ${instruction.due ? 'text-heat-text' : ''}`}
            style={{ fontSize: `min(6rem, ${widestLetters(instruction.act)}vw)` }}
          >
            {instruction.act}
          </h1>
          <p className="figures pt-1.5 text-2xl first-letter:uppercase">{instruction.when}</p>
        </div>
        {instruction.hands && (
          <HandsBar
            bake={bake}
            act={instruction.hands}
            isOnTop={instruction.hands.title === instruction.act}
            now={now}
          />
        )}
        <LastAct bake={bake} now={now} />
        <StartUndo bake={bake} now={now} />
        <WaitingPanel bake={bake} connected={props.connected} />
        <ActsAhead acts={instruction.ahead} now={now} />
        <RunningTimers now={now} />
        <QuestionPanel bake={bake} />
        {bake.verdict && bake.readings.length > 0 && <VerdictPanel verdict={bake.verdict} />}
        <div className="text-lg">
          {props.lookAt !== null && (
            <p className="figures flex items-center justify-between pb-2 text-base text-ink-soft">
              Predicted for {sayClock(shownAt)}
              <Button onClick={props.onNow}>Back to now</Button>
            </p>
          )}
          {seen === 'inside' && <Inside bake={bake} shownAt={shownAt} />}
          {seen === 'timers' && <TimersPanel bake={bake} now={now} />}
          {seen === 'besides' && <BesidesPanel bake={bake} onTold={() => setSeen('foods')} />}
          {seen === 'foods' && <LotBoard bake={bake} shownAt={shownAt} now={now} />}
        </div>
        <AfterPanel bake={bake} />
        <Actions bake={bake}>
          <Button big aria-expanded={seen === 'inside'} onClick={() => setSeen(seen === 'inside' ? 'foods' : 'inside')}>
            {seen === 'inside' ? 'See the foods' : 'See inside'}
          </Button>
          <Button
            big
            aria-expanded={seen === 'besides'}
            onClick={() => setSeen(seen === 'besides' ? 'foods' : 'besides')}
          >
            {seen === 'besides' ? 'Nothing else' : 'Also done'}
          </Button>
        </Actions>
      </div>
      <div className="grid min-w-0 content-start gap-5">
        <ProbesPanel bake={bake} />
        {hasNone && bake.verdict?.kind !== 'serve' && <Unmeasured bake={bake} />}
        <ReadingPad bake={bake} cuts={choices?.cuts ?? []} />
      </div>
    </div>
  );
}

/**
 * As large as fits a phone, in hundredths of its width: the longest word on a line of its own, and all of it above what is to be tapped,
 * which a long name of a glaze pushed off the screen.
 */
const widestLetters = (words: string) =>
  Math.min(22, 165 / Math.max(...words.split(' ').map((word) => word.length)), Math.sqrt(8850 / words.length)).toFixed(
    1,
  );

/** The next three things to do, the soonest with its countdown. */
function ActsAhead({ acts, now }: { acts: readonly NextAct[]; now: number }) {
  if (acts.length === 0) return null;
  return (
    <ol aria-label="Next" className="figures grid text-[length:min(2rem,7vw)] leading-[1.12]">
      {acts.map((act, n) => (
        <li key={`${act.kind}.${act.act}.${act.lot}`} className={n > 0 ? 'text-ink-soft' : ''}>
          {actTime(act, now)} {act.title}
          {n === 0 && !act.isExpected && Date.parse(act.dueAt) > now && (
            <span className="text-ink-soft">, in {sayElapsed(Date.parse(act.dueAt) - now)}</span>
          )}
        </li>
      ))}
    </ol>
  );
}

/** The slowest piece of a lot, cut open, by what is believed of it. */
function Inside({ bake, shownAt }: { bake: WholeBake; shownAt: number }) {
  const chicken = bake.lots.filter((lot) => lot.isChicken);
  const [chosen, setChosen] = useState<number | null>(null);
  const lot = chicken.find((other) => other.lot === chosen) ?? chicken[0];
  const film = useBakeSection(bake.id, lot?.lot ?? 0, String(bake.seq));
  const { length } = useUnits();
  if (!lot || !film) return <p role="status">Looking inside…</p>;
  return (
    <div className="grid grid-cols-1 gap-2 border-hairline border-y py-2">
      {chicken.length > 1 && (
        <Choice
          label="Which food"
          value={String(lot.lot)}
          options={chicken.map((other) => ({ value: String(other.lot), label: other.name }))}
          onChange={(id) => setChosen(Number(id))}
        />
      )}
      <SectionView
        film={film}
        minutes={(shownAt - Date.parse(lot.inAt)) / MINUTE_MS}
        targetC={goalC(bake.plan, lot.lot)}
        units={{ temperature: bake.plan.ovenSetting.unit, length }}
        tallestPx={115}
      />
    </div>
  );
}

function Actions({ bake, children }: { bake: WholeBake; children: ReactNode }) {
  const tell = useTell(bake.id);
  const inOven = bake.place === 'oven';
  return (
    <div className="grid gap-2">
      <div className="flex flex-wrap gap-3">
        <Button
          big
          busy={tell.isPending}
          onClick={() => tell.mutate([told(inOven ? { kind: 'resting' } : { kind: 'moved', place: 'oven' })])}
        >
          {inOven ? 'The tray is out, resting' : 'The tray is back in'}
        </Button>
        <FinishButton bake={bake} />
        {children}
      </div>
      <Refusal error={tell.error} />
    </div>
  );
}
