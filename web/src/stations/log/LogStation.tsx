import { useState } from 'react';
import type { BakeView } from '../../api/types';
import { Station } from '../../frame/Station';
import { usePastBake } from '../../kitchen/bakes';
import { type LogSearch, useLog } from '../../kitchen/log';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { LearntPanel, Likes } from './LearntPanel';
import { LogEntry } from './LogEntry';
import { LogLineButton } from './LogLineButton';
import { LogRail } from './LogRail';
import { LogSearchFields } from './LogSearchFields';
import { UndoBar } from './UndoBar';

type Look = 'evenings' | 'learnt';

/** Finished bakes: looked up, held against what was foretold, and what they have taught. */
export function LogStation({ connected }: { connected: boolean }) {
  const [look, setLook] = useState<Look>('evenings');
  const [search, setSearch] = useState<LogSearch>({});
  const log = useLog(search);
  const [chosenId, setChosenId] = useState<string | null>(null);
  const [besideId, setBesideId] = useState<string | null>(null);
  const [deleted, setDeleted] = useState<BakeView | null>(null);
  const [spoonMinute, setSpoonMinute] = useState(20);
  const chosen = chosenId ?? log.lines[0]?.id ?? '';
  const whole = usePastBake(chosen);
  const beside = usePastBake(besideId && besideId !== chosen ? besideId : '');
  const isSearching = Object.values(search).some(Boolean);
  const open = (id: string) => {
    setChosenId(id);
    setLook('evenings');
  };

  return (
    <Station
      room="day"
      connected={connected}
      rail={
        look === 'evenings' &&
        whole && (
          <>
            {beside && <LogRail bake={beside} asLongAs={whole} spoonMinute={spoonMinute} onSpoon={setSpoonMinute} />}
            <LogRail bake={whole} asLongAs={beside} spoonMinute={spoonMinute} onSpoon={setSpoonMinute} />
          </>
        )
      }
    >
      <div className="mx-auto grid max-w-[90rem] grid-cols-1 gap-x-10 gap-y-6 px-5 py-5 md:grid-cols-[minmax(15rem,21rem)_minmax(0,1fr)]">
        <div className="grid content-start gap-4">
          <h1 className="font-semibold text-4xl leading-none tracking-tight">Log</h1>
          <Choice<Look>
            label="What to see"
            value={look}
            options={[
              { value: 'evenings', label: 'Evenings' },
              { value: 'learnt', label: 'What they taught' },
            ]}
            onChange={setLook}
          />
          {look === 'learnt' ? (
            <Likes />
          ) : (
            <>
              <LogSearchFields search={search} filters={log.filters} onSearch={setSearch} />
              {deleted && <UndoBar bake={deleted} onDone={() => setDeleted(null)} />}
              {log.lines.length === 0 ? (
                <p>
                  {log.isPending
                    ? 'Fetching the log…'
                    : isSearching
                      ? 'No evening fits that.'
                      : 'Nothing here yet. A finished bake writes itself down here.'}
                </p>
              ) : (
                <ol aria-label="Evenings" className="max-h-[45vh] overflow-y-auto pr-1 md:max-h-[60vh]">
                  {log.lines.map((line) => (
                    <li key={line.id} className="border-hairline border-t last:border-b">
                      <LogLineButton line={line} current={line.id === chosen} onChoose={() => open(line.id)} />
                    </li>
                  ))}
                </ol>
              )}
              {log.hasNextPage && (
                <Button disabled={log.isFetchingNextPage} onClick={() => void log.fetchNextPage()}>
                  Earlier evenings
                </Button>
              )}
            </>
          )}
        </div>
        {look === 'learnt' ? (
          <LearntPanel />
        ) : whole ? (
          <LogEntry
            key={whole.id}
            bake={whole}
            spoonMinute={spoonMinute}
            others={log.lines.filter((line) => line.id !== whole.id)}
            beside={beside ?? null}
            onBeside={setBesideId}
            onDeleted={() => {
              setDeleted(whole);
              setChosenId(null);
            }}
          />
        ) : (
          chosen && <p role="status">Opening it…</p>
        )}
      </div>
    </Station>
  );
}
