import { useRef, useState } from 'react';
import type { MixListed, PrepView } from '../../../api/types';
import type { SavePrep } from '../../../kitchen/prepQueries';
import { MeasuresFields } from './MeasuresFields';
import { MixEditor } from './MixEditor';
import { MixList } from './MixList';
import { MixSheet } from './MixSheet';
import { PaperRecipe } from './PaperRecipe';

/** What goes on the meat: choose it on the left, read what to take on the right. */
export function MixPage({ view, save }: { view: PrepView; save: SavePrep }) {
  const sheet = useRef<HTMLDivElement>(null);
  const [editing, setEditing] = useState<MixListed | 'new' | null>(null);
  return (
    <section aria-label="Mix" className="grid gap-x-10 gap-y-6 py-4 lg:grid-cols-[minmax(15rem,20rem)_minmax(0,1fr)]">
      <div className="order-last grid content-start gap-5 lg:order-none">
        <MixList
          view={view}
          onChoose={(mix) => {
            setEditing(null);
            save.change({ mix });
            // On a tablet the sheet stands above the list, out of sight by now.
            const bottom = sheet.current?.getBoundingClientRect().bottom ?? 0;
            if (bottom < window.innerHeight / 3) sheet.current?.scrollIntoView();
          }}
          onNew={() => setEditing('new')}
        />
        <MeasuresFields measures={view.measures} />
        <PaperRecipe view={view} save={save} />
      </div>
      <div ref={sheet} className="min-w-0 lg:sticky lg:top-4 lg:self-start">
        {editing ? (
          <MixEditor
            key={editing === 'new' ? 'new' : editing.id}
            from={editing === 'new' ? null : editing}
            onDone={(saved) => {
              setEditing(null);
              if (saved) save.change({ mix: saved });
            }}
          />
        ) : (
          <MixSheet view={view} save={save} onEdit={setEditing} />
        )}
      </div>
    </section>
  );
}
