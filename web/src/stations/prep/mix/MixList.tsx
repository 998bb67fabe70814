import { Check, Plus } from 'lucide-react';
import type { MixListed, PrepView } from '../../../api/types';
import { mixKindWords } from '../../../words/prep';

/** All mixes by what they are for; the household's own stand first in their group. */
export function MixList(props: { view: PrepView; onChoose: (id: string | null) => void; onNew: () => void }) {
  const { mixes, choice } = props.view;
  const kinds = [...new Set(mixes.map((listed) => listed.mix.kind))].sort(
    (a, b) => kindOrder.indexOf(a) - kindOrder.indexOf(b),
  );
  return (
    <nav aria-label="Mixes" className="grid gap-3">
      <button
        type="button"
        onClick={props.onNew}
        className="inline-flex min-h-11 items-center gap-2 self-start rounded-md border border-control-line px-3"
      >
        <Plus aria-hidden className="size-5" /> A mix of your own
      </button>
      <ul>
        <Row name="Oil and salt only" isTaken={choice.mix === null} onTake={() => props.onChoose(null)} />
      </ul>
      {kinds.map((kind) => (
        <div key={kind}>
          <h3 className="pb-1 font-semibold text-ink-soft">{mixKindWords[kind]}</h3>
          <ul>
            {mixes
              .filter((listed) => listed.mix.kind === kind)
              .map((listed) => (
                <Row
                  key={listed.id}
                  name={listed.mix.name}
                  isOwn={listed.isOwn}
                  isTaken={choice.mix === listed.id}
                  onTake={() => props.onChoose(listed.id)}
                />
              ))}
          </ul>
        </div>
      ))}
    </nav>
  );
}

const kindOrder = Object.keys(mixKindWords) as MixListed['mix']['kind'][];

function Row(props: { name: string; isTaken: boolean; isOwn?: boolean; onTake: () => void }) {
  return (
    <li className="border-hairline border-b last:border-b-0">
      <button
        type="button"
        aria-pressed={props.isTaken}
        onClick={props.onTake}
        className="flex min-h-11 w-full items-center justify-between gap-2 px-2 text-left leading-tight aria-pressed:bg-ink aria-pressed:font-semibold aria-pressed:text-paper"
      >
        <span>
          {props.name}
          {props.isOwn && <span className="opacity-80"> · yours</span>}
        </span>
        {props.isTaken && <Check aria-hidden className="size-5 shrink-0" />}
      </button>
    </li>
  );
}
