import { useState } from 'react';
import type { BakeView } from '../../api/types';
import { Station } from '../../frame/Station';
import { useLog, usePastBake } from '../../kitchen/bakes';
import { useChoices } from '../../kitchen/queries';
import { Button } from '../../ui/Button';
import { loggedWords } from '../../words/names';
import { sayDay } from '../../words/times';
import { LogEntry } from './LogEntry';
import { LogRail } from './LogRail';
import { contentWords } from './planWords';
import { UndoBar } from './UndoBar';

/** Finished bakes: what happened over what was predicted. */
export function LogStation({ connected }: { connected: boolean }) {
  const log = useLog();
  const [chosenId, setChosenId] = useState<string | null>(null);
  const [deleted, setDeleted] = useState<BakeView | null>(null);
  const [spoonMinute, setSpoonMinute] = useState(20);
  const chosen = log.bakes.find((bake) => bake.id === chosenId) ?? log.bakes[0];
  const whole = usePastBake(chosen?.id ?? '');

  return (
    <Station
      room="day"
      connected={connected}
      rail={whole && <LogRail bake={whole} spoonMinute={spoonMinute} onSpoon={setSpoonMinute} />}
    >
      <div className="mx-auto grid max-w-[90rem] grid-cols-1 gap-x-10 gap-y-6 px-5 py-5 md:grid-cols-[minmax(14rem,20rem)_minmax(0,1fr)]">
        <div>
          <h1 className="pb-3 font-semibold text-4xl">Log</h1>
          {deleted && <UndoBar bake={deleted} onDone={() => setDeleted(null)} />}
          {log.bakes.length === 0 ? (
            <p>{log.isPending ? 'Fetching the log…' : 'Nothing here yet. A finished bake writes itself down here.'}</p>
          ) : (
            <ol>
              {log.bakes.map((bake) => (
                <li key={bake.id} className="border-hairline border-t last:border-b">
                  <LogLine bake={bake} current={bake.id === chosen?.id} onChoose={() => setChosenId(bake.id)} />
                </li>
              ))}
            </ol>
          )}
          {log.hasNextPage && (
            <Button className="mt-3" disabled={log.isFetchingNextPage} onClick={() => void log.fetchNextPage()}>
              Earlier evenings
            </Button>
          )}
        </div>
        {chosen && whole ? (
          <LogEntry key={whole.id} bake={whole} spoonMinute={spoonMinute} onDeleted={() => setDeleted(chosen)} />
        ) : (
          chosen && <p role="status">Opening it…</p>
        )}
      </div>
    </Station>
  );
}

function LogLine(props: { bake: BakeView; current: boolean; onChoose: () => void }) {
  const { bake } = props;
  const choices = useChoices();
  return (
    <button
      type="button"
      aria-current={props.current}
      onClick={props.onChoose}
      className="w-full border-transparent border-l-4 px-3 py-3 text-left aria-[current=true]:border-ink aria-[current=true]:bg-paper-deep"
    >
      <span className="block font-display font-semibold text-lg leading-tight">{bake.name}</span>
      <span className="block text-ink-soft">
        {sayDay(bake.startedAt)}, {choices && contentWords(bake, choices)}
      </span>
      <span className="block">{loggedWords(bake.verdict?.kind)}</span>
    </button>
  );
}
