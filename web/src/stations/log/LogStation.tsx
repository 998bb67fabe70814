import { useState } from 'react';
import { useChoices, useLog, usePastBake } from '../../api/queries';
import type { BakeRecord } from '../../api/types';
import { Station } from '../../ui/Station';
import { verdictWords } from '../../words/names';
import { sayDay } from '../../words/times';
import { LogEntry } from './LogEntry';
import { LogRail } from './LogRail';
import { lotWords } from './planWords';
import { UndoBar } from './UndoBar';

/** Finished bakes: what happened over what was predicted. */
export function LogStation({ connected }: { connected: boolean }) {
  const log = useLog();
  const [chosenId, setChosenId] = useState<string | null>(null);
  const [deleted, setDeleted] = useState<BakeRecord | null>(null);
  const [spoonMinute, setSpoonMinute] = useState(20);
  const bakes = log.data?.bakes ?? [];
  const chosen = bakes.find((bake) => bake.id === chosenId) ?? bakes[0];
  const curve = usePastBake(chosen?.id ?? '')?.curve ?? chosen?.forecast.curve ?? [];

  return (
    <Station
      room="day"
      connected={connected}
      rail={chosen && <LogRail bake={chosen} curve={curve} spoonMinute={spoonMinute} onSpoon={setSpoonMinute} />}
    >
      <div className="mx-auto grid max-w-[90rem] grid-cols-1 gap-x-10 gap-y-6 px-5 py-5 md:grid-cols-[minmax(14rem,20rem)_minmax(0,1fr)]">
        <div>
          <h1 className="pb-3 font-semibold text-4xl">Log</h1>
          {deleted && <UndoBar bake={deleted} onDone={() => setDeleted(null)} />}
          {bakes.length === 0 ? (
            <p>{log.isPending ? 'Fetching the log…' : 'Nothing here yet. A finished bake writes itself down here.'}</p>
          ) : (
            <ol>
              {bakes.map((bake) => (
                <li key={bake.id} className="border-hairline border-t last:border-b">
                  <LogLine bake={bake} current={bake.id === chosen?.id} onChoose={() => setChosenId(bake.id)} />
                </li>
              ))}
            </ol>
          )}
        </div>
        {chosen && (
          <LogEntry
            key={chosen.id}
            bake={chosen}
            curve={curve}
            spoonMinute={spoonMinute}
            onDeleted={() => setDeleted(chosen)}
          />
        )}
      </div>
    </Station>
  );
}

function LogLine(props: { bake: BakeRecord; current: boolean; onChoose: () => void }) {
  const { plan, checks, startedAt } = props.bake;
  const choices = useChoices();
  const last = checks[checks.length - 1];
  return (
    <button
      type="button"
      aria-current={props.current}
      onClick={props.onChoose}
      className="w-full border-transparent border-l-4 px-3 py-3 text-left aria-[current=true]:border-ink aria-[current=true]:bg-paper-deep"
    >
      <span className="block font-display font-semibold text-lg leading-tight">{plan.name}</span>
      <span className="block text-ink-soft">
        {sayDay(startedAt)}, {choices && lotWords(plan, choices)}
      </span>
      <span className="block">{last ? verdictWords[last.verdict] : 'Never measured'}</span>
    </button>
  );
}
