import { Search } from 'lucide-react';
import { useId, useState } from 'react';
import type { MixListed } from '../api/types';
import { coatingWords } from '../words/food';
import { mixKindWords } from '../words/prep';
import { type CoatDraft, coatOfKind, coatOfMix, plainCoats } from './coatDraft';

const kindOrder = Object.keys(mixKindWords) as MixListed['mix']['kind'][];

/** Everything that can be a coat, found by a few letters: mixes by what they are for, then what needs no mix. */
export function CoatChooser(props: { mixes: readonly MixListed[]; onChoose: (coat: CoatDraft) => void }) {
  const [sought, setSought] = useState('');
  const id = useId();
  const words = sought.trim().toLowerCase();
  const has = (...texts: string[]) => texts.some((text) => text.toLowerCase().includes(words));
  const found = props.mixes.filter(({ mix }) =>
    has(mix.name, mixKindWords[mix.kind], ...mix.parts.map((part) => part.name)),
  );
  const plain = plainCoats.filter((kind) => has(coatingWords[kind]));
  return (
    <div className="grid gap-2 rounded-md border border-control-line p-2">
      <label htmlFor={id} className="flex items-center gap-2 border-hairline border-b px-1">
        <Search aria-hidden className="size-5 shrink-0 text-ink-soft" />
        <span className="sr-only">Find a coat</span>
        <input
          id={id}
          type="search"
          value={sought}
          onChange={(event) => setSought(event.target.value)}
          placeholder="honey, crumb, lemon…"
          className="h-11 min-w-0 grow bg-transparent outline-offset-0 placeholder:text-ink-soft"
        />
      </label>
      <section className="grid max-h-80 gap-2 overflow-auto" aria-label="Coats to choose from">
        {kindOrder
          .filter((kind) => found.some((listed) => listed.mix.kind === kind))
          .map((kind) => (
            <div key={kind}>
              <p className="px-2 font-semibold text-[0.9rem] text-ink-soft">{mixKindWords[kind]}</p>
              <ul>
                {found
                  .filter((listed) => listed.mix.kind === kind)
                  .map((listed) => (
                    <Row
                      key={listed.id}
                      name={listed.mix.name}
                      note={listed.isOwn ? 'yours' : ''}
                      onTake={() => props.onChoose(coatOfMix(listed))}
                    />
                  ))}
              </ul>
            </div>
          ))}
        {plain.length > 0 && (
          <div>
            <p className="px-2 font-semibold text-[0.9rem] text-ink-soft">Without a recipe</p>
            <ul>
              {plain.map((kind) => (
                <Row key={kind} name={coatingWords[kind]} note="" onTake={() => props.onChoose(coatOfKind(kind))} />
              ))}
            </ul>
          </div>
        )}
        {found.length + plain.length === 0 && (
          <p className="p-2">Nothing is called that. Write a mix of your own in Prep, or take one without a recipe.</p>
        )}
      </section>
    </div>
  );
}

function Row(props: { name: string; note: string; onTake: () => void }) {
  return (
    <li>
      <button
        type="button"
        onClick={props.onTake}
        className="flex min-h-11 w-full items-center justify-between gap-2 rounded-sm px-2 text-left leading-tight hover:bg-paper-deep"
      >
        <span className="first-letter:uppercase">{props.name}</span>
        {props.note && <span className="text-ink-soft">{props.note}</span>}
      </button>
    </li>
  );
}
