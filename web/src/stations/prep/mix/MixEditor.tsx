import { Plus, X } from 'lucide-react';
import { Problem } from '../../../api/problem';
import type { MixBasis, MixKind, MixListed } from '../../../api/types';
import { useKept } from '../../../drafts/keptText';
import { useUnits } from '../../../kitchen/household';
import { useSaveMix } from '../../../kitchen/prepQueries';
import { Button } from '../../../ui/Button';
import { Choice } from '../../../ui/Choice';
import { Field } from '../../../ui/Field';
import { Group } from '../../../ui/Group';
import { IconButton } from '../../../ui/IconButton';
import { Picker } from '../../../ui/Picker';
import { Refusal } from '../../../ui/Refusal';
import { TextBox } from '../../../ui/TextBox';
import { UnitBox } from '../../../ui/UnitBox';
import { measureWords } from '../../../words/amounts';
import { mixKindWords } from '../../../words/prep';
import { massSign, sayMass } from '../../../words/units';
import { emptyPart, type MixDraft, mixDraftFrom, mixRequestFrom, type PartDraft } from './mixDraft';

const kinds = (Object.keys(mixKindWords) as MixKind[]).map((value) => ({ value, label: mixKindWords[value] }));

/** Writes a mix of the household's own, from nothing or from another. */
export function MixEditor(props: { from: MixListed | null; onDone: (saved: MixListed | null) => void }) {
  const { from } = props;
  const units = useUnits();
  const [draft, setDraft, forget] = useKept<MixDraft>(`mix.3.${from?.id ?? 'new'}`, () =>
    mixDraftFrom(from?.mix ?? null, from?.isOwn ?? false, units.mass),
  );
  const save = useSaveMix();
  const problem = save.error instanceof Problem ? save.error : null;
  const id = from?.isOwn ? Number(from.id.replace('own-', '')) : null;
  const leave = (saved: MixListed | null) => {
    forget();
    props.onDone(saved);
  };
  const setPart = (key: string, change: Partial<PartDraft>) =>
    setDraft({ ...draft, parts: draft.parts.map((part) => (part.key === key ? { ...part, ...change } : part)) });
  return (
    <form
      aria-label="A mix of your own"
      className="grid max-w-2xl content-start gap-4"
      onSubmit={(event) => {
        event.preventDefault();
        save.mutate(
          { id, mix: mixRequestFrom(draft), ...(from ? { version: from.version } : {}) },
          { onSuccess: (saved) => leave(saved) },
        );
      }}
    >
      <Group>
        <Field label="Name" error={problem?.at('name')}>
          {(ids) => <TextBox ids={ids} value={draft.name} onText={(name) => setDraft({ ...draft, name })} />}
        </Field>
        <Field label="What it is" error={problem?.at('kind')}>
          {(ids) => (
            <Picker ids={ids} value={draft.kind} options={kinds} onChange={(kind) => setDraft({ ...draft, kind })} />
          )}
        </Field>
      </Group>
      <Choice<MixBasis>
        label="Amounts are for"
        value={draft.per}
        options={[
          { value: 'asWritten', label: 'as written' },
          { value: 'kilogramOfMeat', label: `for ${sayMass(1000, units)} of meat` },
          { value: 'squareDecimetre', label: 'for a palm of surface' },
        ]}
        onChange={(per) => setDraft({ ...draft, per })}
      />
      {draft.per === 'asWritten' && (
        <div className="w-52">
          <Field label={`For so much meat, ${massSign[draft.forMeatUnit]}`} error={problem?.at('forMeat')}>
            {(ids) => (
              <TextBox
                ids={ids}
                value={draft.forMeat}
                inputMode="decimal"
                className="figures"
                onText={(forMeat) => setDraft({ ...draft, forMeat })}
              />
            )}
          </Field>
        </div>
      )}
      <ul className="grid gap-3">
        {draft.parts.map((part, i) => (
          <li key={part.key} className="grid grid-cols-[minmax(0,1fr)_6rem_5rem_auto] items-start gap-2">
            <Field label={i === 0 ? 'Ingredient' : `Ingredient ${i + 1}`} error={problem?.at(`parts[${i}].name`)}>
              {(ids) => <TextBox ids={ids} value={part.name} onText={(name) => setPart(part.key, { name })} />}
            </Field>
            <Field label="How much" error={problem?.at(`parts[${i}].value`)}>
              {(ids) => (
                <TextBox
                  ids={ids}
                  value={part.value}
                  inputMode="decimal"
                  className="figures"
                  onText={(value) => setPart(part.key, { value })}
                />
              )}
            </Field>
            <div className="pt-[1.65rem]">
              <UnitBox
                label={`Unit of ingredient ${i + 1}`}
                value={part.unit}
                units={measureWords}
                onChange={(unit) => setPart(part.key, { unit })}
              />
            </div>
            <div className="pt-[1.65rem]">
              <IconButton
                name={`Leave out ingredient ${i + 1}`}
                onClick={() => setDraft({ ...draft, parts: draft.parts.filter((other) => other.key !== part.key) })}
              >
                <X aria-hidden className="size-5" />
              </IconButton>
            </div>
          </li>
        ))}
      </ul>
      <Button
        className="justify-self-start"
        onClick={() => setDraft({ ...draft, parts: [...draft.parts, emptyPart()] })}
      >
        <Plus aria-hidden className="size-5" /> Another ingredient
      </Button>
      <Field label="How it is made" error={problem?.at('method')}>
        {(ids) => <TextBox ids={ids} value={draft.method} onText={(method) => setDraft({ ...draft, method })} />}
      </Field>
      {problem?.at('parts') && (
        <p role="alert" className="font-medium text-stop">
          {problem.at('parts')}
        </p>
      )}
      {!problem && <Refusal error={save.error} />}
      <div className="flex gap-3">
        <Button type="submit" look="heat" disabled={save.isPending}>
          Keep this mix
        </Button>
        <Button onClick={() => leave(null)}>Leave it</Button>
      </div>
    </form>
  );
}
