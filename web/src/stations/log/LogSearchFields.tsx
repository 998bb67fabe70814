import { useEffect, useState } from 'react';
import type { components } from '../../api/schema';
import type { LogSearch } from '../../kitchen/log';
import { useChoices } from '../../kitchen/queries';
import { Field } from '../../ui/Field';
import { Picker } from '../../ui/Picker';
import { Section } from '../../ui/Section';
import { TextBox } from '../../ui/TextBox';

type Filters = components['schemas']['LogFilters'];

/** A quick hand types a word before it is looked for. */
const TYPED_MS = 250;
const ANY = '';

/** Words, and what there is to choose from: only what was baked stands in the lists. */
export function LogSearchFields(props: {
  search: LogSearch;
  filters: Filters | undefined;
  onSearch: (search: LogSearch) => void;
}) {
  const { search, filters, onSearch } = props;
  const [words, setWords] = useState(search.words ?? '');
  const choices = useChoices();
  useEffect(() => {
    if (words.trim() === (search.words ?? '')) return;
    const timer = setTimeout(() => onSearch(without({ ...search, words: words.trim() })), TYPED_MS);
    return () => clearTimeout(timer);
  }, [words, search, onSearch]);
  const set = (part: Partial<Record<keyof LogSearch, string | boolean>>) =>
    onSearch(without({ ...search, ...part } as LogSearch));
  const chosen = Object.entries(search).filter(([key, value]) => key !== 'words' && value).length;
  const any = { value: ANY, label: 'Any' };
  return (
    <div className="grid gap-1">
      <Field label="Look for">
        {(ids) => (
          <TextBox
            ids={ids}
            type="search"
            value={words}
            maxLength={120}
            onText={setWords}
            placeholder="lemon, gone in ten minutes"
          />
        )}
      </Field>
      {filters && choices && (
        <Section title="Only some" summary={chosen > 0 ? `${chosen} chosen` : 'all of them'}>
          <Field label="Chicken">
            {(ids) => (
              <Picker
                ids={ids}
                value={search.cut ?? ANY}
                options={[
                  any,
                  ...filters.cuts.map((cut) => ({
                    value: cut,
                    label: choices.cuts.find((choice) => choice.cut === cut)?.plural ?? cut,
                  })),
                ]}
                onChange={(cut) => set({ cut })}
              />
            )}
          </Field>
          <Field label="Vegetable">
            {(ids) => (
              <Picker
                ids={ids}
                value={search.vegetable ?? ANY}
                options={[
                  any,
                  ...filters.vegetables.map((kind) => ({
                    value: kind,
                    label: choices.vegetables.find((choice) => choice.kind === kind)?.name ?? kind,
                  })),
                ]}
                onChange={(vegetable) => set({ vegetable })}
              />
            )}
          </Field>
          {filters.mixes.length > 0 && (
            <Field label="Mix">
              {(ids) => (
                <Picker
                  ids={ids}
                  value={search.mix ?? ANY}
                  options={[any, ...filters.mixes.map((mix) => ({ value: mix.id, label: mix.name }))]}
                  onChange={(mix) => set({ mix })}
                />
              )}
            </Field>
          )}
          {filters.ovens.length > 1 && (
            <Field label="Oven">
              {(ids) => (
                <Picker
                  ids={ids}
                  value={search.oven ?? ANY}
                  options={[any, ...filters.ovens.map((oven) => ({ value: oven, label: oven }))]}
                  onChange={(oven) => set({ oven })}
                />
              )}
            </Field>
          )}
          <Field label="How it ended">
            {(ids) => (
              <Picker
                ids={ids}
                value={search.verdict ?? ANY}
                options={[
                  any,
                  { value: 'serve', label: 'Measured, served' },
                  { value: 'measure', label: 'Not measured enough' },
                ]}
                onChange={(verdict) => set({ verdict })}
              />
            )}
          </Field>
          <label className="flex min-h-11 items-center gap-3">
            <input
              type="checkbox"
              className="size-5 accent-(--ink)"
              checked={search.past === true}
              onChange={(event) => set({ past: event.target.checked })}
            />
            Only with food past its best
          </label>
        </Section>
      )}
    </div>
  );
}

/** What is empty is not looked for. */
const without = (search: LogSearch): LogSearch =>
  Object.fromEntries(
    Object.entries(search).filter(([, value]) => value !== '' && value !== false && value !== undefined),
  );
