import { Download, FileUp } from 'lucide-react';
import { type DragEvent, useState } from 'react';
import { Link } from 'wouter';
import type { PrepView, RecipeMade } from '../../../api/types';
import { useKept } from '../../../drafts/keptText';
import { useReadRecipe, useUseRecipe } from '../../../kitchen/prepQueries';
import { Button } from '../../../ui/Button';
import { Refusal } from '../../../ui/Refusal';
import type { TrayNames } from '../../../words/trayNames';
import { refuseFile } from './recipeFile';
import { UnderstoodView } from './UnderstoodView';

/** Recipes in and out: see what is understood before anything is made of it. */
export function RecipesView(props: { view: PrepView; names: TrayNames; onDone: () => void }) {
  const [text, setText, forget] = useKept('recipe', () => '');
  const [refused, setRefused] = useState<Error | null>(null);
  const [made, setMade] = useState<RecipeMade | null>(null);
  const read = useReadRecipe();
  const use = useUseRecipe();

  const take = (recipe: string) => {
    setText(recipe);
    setRefused(null);
    setMade(null);
    use.reset();
    read.mutate(recipe);
  };
  const takeFile = async (file: File | undefined) => {
    if (!file) return;
    const why = refuseFile(file);
    read.reset();
    if (why) setRefused(new Error(why));
    else take(await file.text());
  };

  return (
    <section aria-label="Recipes" className="grid gap-x-10 gap-y-6 py-4 lg:grid-cols-[minmax(0,1fr)_minmax(0,1.2fr)]">
      <div className="grid content-start gap-4">
        <h2 className="font-semibold text-xl">A recipe comes in</h2>
        <DropPlace onFile={(file) => void takeFile(file)} />
        <label className="grid gap-1">
          <span className="font-semibold">Or paste it</span>
          <textarea
            value={text.length > 20_000 ? `${text.slice(0, 20_000)}…` : text}
            onChange={(event) => setText(event.target.value)}
            rows={8}
            placeholder={'Lemon thighs\nServes 4\n6 chicken thighs\n500 g potatoes\nBake at 200 °C for 40 minutes.'}
            className="w-full rounded-md border border-control-line bg-paper p-3 placeholder:text-ink-soft"
          />
        </label>
        <Button
          className="justify-self-start"
          disabled={read.isPending || text.trim() === ''}
          onClick={() => take(text)}
        >
          Read it
        </Button>
      </div>
      <div className="grid content-start gap-4">
        <Refusal error={refused ?? read.error ?? use.error} />
        {made ? (
          <MadeView made={made} onDone={props.onDone} />
        ) : (
          read.data && (
            <UnderstoodView
              understood={read.data}
              names={props.names}
              busy={use.isPending}
              onUse={() =>
                use.mutate(text, {
                  onSuccess: (answer) => {
                    setMade(answer);
                    forget();
                  },
                })
              }
            />
          )
        )}
        {!made && !read.data && (
          <div className="grid gap-3">
            <h2 className="font-semibold text-xl">Tonight’s plan goes out</h2>
            <p>The tray, its mix and the order of work as a recipe file that other programs can read (schema.org).</p>
            <a
              href={`/api/trays/${props.view.trayId}/recipe`}
              download
              className="inline-flex min-h-11 items-center gap-2 justify-self-start rounded-md border border-control-line px-4"
            >
              <Download aria-hidden className="size-5" /> Take it as a file
            </a>
          </div>
        )}
      </div>
    </section>
  );
}

function DropPlace(props: { onFile: (file: File | undefined) => void }) {
  const [over, setOver] = useState(false);
  const drop = (event: DragEvent) => {
    event.preventDefault();
    setOver(false);
    props.onFile(event.dataTransfer.files[0]);
  };
  return (
    <label
      onDragOver={(event) => {
        event.preventDefault();
        setOver(true);
      }}
      onDragLeave={() => setOver(false)}
      onDrop={drop}
      className={`grid min-h-28 cursor-pointer place-items-center rounded-md border-2 border-control-line border-dashed p-4 text-center focus-within:outline-3 ${over ? 'bg-paper-deep' : ''}`}
    >
      <span className="grid justify-items-center gap-1">
        <FileUp aria-hidden className="size-7" />
        <span className="font-semibold">Choose a recipe file, or drop one here</span>
        <span className="text-ink-soft">a .json file, or a page you saved as .html</span>
      </span>
      <input
        type="file"
        accept=".json,.jsonld,.html,.htm,.txt"
        className="sr-only"
        onChange={(event) => {
          props.onFile(event.target.files?.[0]);
          event.target.value = '';
        }}
      />
    </label>
  );
}

function MadeView({ made, onDone }: { made: RecipeMade; onDone: () => void }) {
  return (
    <div aria-live="polite" className="grid gap-3">
      <h2 className="font-semibold text-3xl leading-tight">{made.trayName}: on the tray</h2>
      {made.check ? (
        <>
          <p className="text-ink-soft">The recipe’s own oven and {made.check.minutes} min, tried on these pieces:</p>
          <p className="text-xl leading-snug">{made.check.advice}</p>
        </>
      ) : (
        <p>It names no oven or no time, so there was nothing to try: the tray works out its own.</p>
      )}
      <div className="flex flex-wrap gap-3">
        <Link
          to="/tray"
          className="inline-flex min-h-11 items-center rounded-md bg-heat px-4 font-semibold text-on-heat"
        >
          See the tray
        </Link>
        {made.mixIds.length > 0 && <Button onClick={onDone}>See its {made.mixIds.length > 1 ? 'mixes' : 'mix'}</Button>}
      </div>
    </div>
  );
}
