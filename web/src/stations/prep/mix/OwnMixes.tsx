import type { MixListed } from '../../../api/types';
import { Section } from '../../../ui/Section';

/** The household's own mixes, to be looked up and changed. */
export function OwnMixes(props: { mixes: readonly MixListed[]; onEdit: (mix: MixListed) => void }) {
  const own = props.mixes.filter((listed) => listed.isOwn);
  if (own.length === 0) return null;
  return (
    <Section title="Your mixes" summary={`${own.length}`}>
      <ul>
        {own.map((listed) => (
          <li key={listed.id} className="border-hairline border-b last:border-b-0">
            <button
              type="button"
              onClick={() => props.onEdit(listed)}
              className="min-h-11 w-full px-2 text-left leading-tight"
            >
              {listed.mix.name}
            </button>
          </li>
        ))}
      </ul>
    </Section>
  );
}
