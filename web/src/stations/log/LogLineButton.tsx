import type { LogLine } from '../../api/types';
import { useChoices } from '../../kitchen/queries';
import { loggedWords } from '../../words/names';
import { sayDay } from '../../words/times';
import { contentWords } from './planWords';

/** An evening in the list: when, what, how it went and how it was. */
export function LogLineButton(props: { line: LogLine; current: boolean; onChoose: () => void }) {
  const { line } = props;
  const choices = useChoices();
  return (
    <button
      type="button"
      aria-current={props.current}
      onClick={props.onChoose}
      className="flex w-full gap-3 border-transparent border-l-4 px-3 py-3 text-left aria-[current=true]:border-ink aria-[current=true]:bg-paper-deep"
    >
      <span className="min-w-0 grow">
        <span className="block font-display font-semibold text-lg leading-tight">{line.name}</span>
        <span className="block text-ink-soft">
          {sayDay(line.startedAt)}, {choices && contentWords(line, choices)}
        </span>
        <span className="figures block">{line.went}</span>
        <span className="block text-ink-soft">
          {loggedWords(line.verdict ?? undefined)}
          {line.rated && `; ${line.rated.right} of ${line.rated.of} right at table`}
          {!line.counts && '; not learnt from'}
        </span>
      </span>
      {line.photo && (
        <img
          src={`/api/bakes/${line.id}/photos/${line.photo}`}
          alt=""
          loading="lazy"
          className="size-16 shrink-0 rounded-md object-cover"
        />
      )}
    </button>
  );
}
