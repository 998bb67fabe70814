import { Plus } from 'lucide-react';
import { useRef, useState } from 'react';
import { Link } from 'wouter';
import type { MixListed, PrepView } from '../../../api/types';
import { coatOfMix, coatRequest } from '../../../coats/coatDraft';
import { type SavePrep, useCoatLots } from '../../../kitchen/prepQueries';
import { Button } from '../../../ui/Button';
import { measureSummary } from '../../../words/prep';
import { BowlSheet } from './BowlSheet';
import { LotCoats } from './LotCoats';
import { MixEditor } from './MixEditor';
import { OwnMixes } from './OwnMixes';
import { PaperRecipe } from './PaperRecipe';

/** What goes on each lot on the left; on the right what to take for each bowl. */
export function MixPage({ view, save }: { view: PrepView; save: SavePrep }) {
  const sheet = useRef<HTMLDivElement>(null);
  const [editing, setEditing] = useState<MixListed | 'new' | null>(null);
  const [wanted, setWanted] = useState<string | null>(null);
  const [waiting, setWaiting] = useState<string | null>(null);
  const coat = useCoatLots(view.trayId);
  const shown = view.bowls.find((bowl) => bowl.id === wanted) ?? view.bowls[0];
  const edit = (mix: MixListed | 'new') => {
    setEditing(mix);
    // On a tablet the sheet stands above the list, out of sight by now.
    const bottom = sheet.current?.getBoundingClientRect().bottom ?? 0;
    if (bottom < window.innerHeight / 3) sheet.current?.scrollIntoView();
  };
  return (
    <section
      aria-label="Mix"
      className="grid grid-cols-1 gap-x-10 gap-y-6 py-4 lg:grid-cols-[minmax(18rem,24rem)_minmax(0,1fr)]"
    >
      <div className="grid grid-cols-1 content-start gap-5">
        {view.lots.map((lot) => (
          <LotCoats
            key={lot.id}
            view={view}
            lot={lot}
            isAlone={view.lots.length === 1}
            onTaken={(mix) => {
              setEditing(null);
              setWaiting(null);
              setWanted(mix);
            }}
          />
        ))}
        <Button className="justify-self-start" onClick={() => edit('new')}>
          <Plus aria-hidden className="size-5" /> A mix of your own
        </Button>
        <OwnMixes mixes={view.mixes} onEdit={edit} />
        <p className="pt-2 text-ink-soft">
          Measured with {measureSummary(view.measures)}:{' '}
          <Link to="/kitchen" className="underline">
            said in the kitchen
          </Link>
        </p>
        <PaperRecipe view={view} save={save} />
      </div>
      <div ref={sheet} className="grid min-w-0 content-start gap-4 lg:sticky lg:top-4 lg:self-start">
        {editing ? (
          <MixEditor
            key={editing === 'new' ? 'new' : editing.id}
            from={editing === 'new' ? null : editing}
            onDone={(saved) => {
              setEditing(null);
              if (!saved) return;
              setWanted(saved.id);
              // What was just written is meant for meat that has nothing on it yet.
              const bare = view.lots.filter((lot) => lot.coats.length === 0).map((lot) => lot.id);
              const isNew = editing === 'new' || !editing.isOwn;
              if (isNew && bare.length > 0) coat.mutate({ lots: bare, coats: [coatRequest(coatOfMix(saved))] });
              setWaiting(isNew && bare.length === 0 ? saved.mix.name : null);
            }}
          />
        ) : (
          <>
            {waiting && (
              <p role="status" className="border-hairline border-y py-2 leading-snug">
                “{waiting}” is among the mixes now: put it on with “Another coat”.
              </p>
            )}
            {view.bowls.length > 1 && (
              <ul aria-label="Bowls" className="flex flex-wrap gap-2">
                {view.bowls.map((bowl) => (
                  <li key={bowl.id}>
                    <button
                      type="button"
                      aria-pressed={bowl === shown}
                      onClick={() => setWanted(bowl.id)}
                      className="min-h-11 rounded-md border border-control-line px-3 text-left leading-tight aria-pressed:bg-ink aria-pressed:font-semibold aria-pressed:text-paper"
                    >
                      {bowl.mix.name}
                    </button>
                  </li>
                ))}
              </ul>
            )}
            {shown ? (
              <BowlSheet view={view} bowl={shown} save={save} onEdit={edit} />
            ) : (
              <p className="max-w-prose text-lg">
                Oil to coat, and salt: 1.0 to 1.5 % of the meat in all. Coat the meat with a mix, and everything is
                measured for it.
              </p>
            )}
          </>
        )}
      </div>
    </section>
  );
}
