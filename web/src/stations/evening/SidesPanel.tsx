import { X } from 'lucide-react';
import { Problem } from '../../api/problem';
import type { EveningView } from '../../api/types';
import { type Side, useSaveEvening } from '../../kitchen/evening';
import { useHousehold } from '../../kitchen/household';
import { Choice } from '../../ui/Choice';
import { IconButton } from '../../ui/IconButton';
import { Refusal } from '../../ui/Refusal';
import { Section } from '../../ui/Section';
import { Stepper } from '../../ui/Stepper';

const heatWords = { cold: 'cold', hob: 'on the hob', oven: 'in the oven' } as const;

/** What stands beside the tray, and whose hands there are. */
export function SidesPanel({ view }: { view: EveningView }) {
  const save = useSaveEvening();
  const { sides, cooks, rings, pace } = view.choice;
  const names = useHousehold()?.household.cooks ?? [];
  const left = view.library.filter((side) => !sides.some((taken) => taken.kind === side.kind));
  const problem = save.error instanceof Problem ? save.error : null;
  return (
    <section aria-label="Beside the tray" className="grid gap-3 border-hairline border-t pt-3">
      <h2 className="font-semibold text-lg">Beside the tray</h2>
      {sides.length > 0 && (
        <ul className="grid gap-2">
          {sides.map((side, at) => (
            <SideRow
              key={side.kind}
              side={side}
              view={view}
              error={(['prepareMinutes', 'cookMinutes', 'keepsMinutes'] as const)
                .map((field) => problem?.at(`sides[${at}].${field}`))
                .find(Boolean)}
              onChange={(part) => save.mutate({ minutes: { ...side, ...part } })}
              onGone={() => save.mutate({ leaveOut: side.kind })}
            />
          ))}
        </ul>
      )}
      <fieldset className="flex flex-wrap gap-1.5">
        <legend className="sr-only">Add a side</legend>
        {left.map((side) => (
          <button
            key={side.kind}
            type="button"
            onClick={() => save.mutate({ add: { kind: side.kind } })}
            className="min-h-11 rounded-md border border-control-line border-dashed px-3 hover:bg-paper-deep"
          >
            + {side.name}
          </button>
        ))}
      </fieldset>
      <Section title="Hands and rings" summary={`${cooks === 1 ? 'one cook' : 'two cooks'}, ${rings} rings`}>
        <Choice
          label="Whose hands"
          value={String(cooks)}
          options={[
            { value: '1', label: names[0] ?? 'One cook' },
            { value: '2', label: names.length > 1 ? `${names[0]} and ${names[1]}` : 'Two cooks' },
          ]}
          onChange={(value) => save.mutate({ cooks: Number(value) })}
        />
        <Choice
          label="How quick with the knife"
          value={pace === null ? 'learnt' : String(pace)}
          options={[
            { value: 'learnt', label: 'As ever' },
            { value: '0.75', label: 'Quick' },
            { value: '1', label: 'As most' },
            { value: '1.5', label: 'Unhurried' },
          ]}
          onChange={(value) => save.mutate({ pace: value === 'learnt' ? null : Number(value) })}
        />
        <p className="figures text-ink-soft leading-snug">
          {view.learntPace ??
            'Nothing is known of your pace yet: tick each task off as it is done, and the next evenings reckon with it.'}
        </p>
        <div className="grid grid-cols-[1fr_12rem] items-center gap-3">
          <span id="rings-label" className="font-semibold">
            Free rings of the hob
          </span>
          <Stepper
            ids={{
              id: 'rings',
              labelId: 'rings-label',
              describedBy: undefined,
              invalid: Boolean(problem?.at('rings')),
            }}
            value={String(rings)}
            what="ring"
            onText={(text) => save.mutate({ rings: Number.parseInt(text, 10) || 1 })}
          />
        </div>
      </Section>
      <Refusal error={save.error} />
    </section>
  );
}

/** One side, with its minutes to be typed over. */
function SideRow(props: {
  side: Side;
  view: EveningView;
  error: string | undefined;
  onChange: (part: Partial<Side>) => void;
  onGone: () => void;
}) {
  const { side, error } = props;
  const facts = props.view.library.find((one) => one.kind === side.kind);
  if (!facts) return null;
  const minutes = (
    label: string,
    value: number | null | undefined,
    usual: number,
    part: (minutes: number | null) => Partial<Side>,
  ) => (
    <label className="figures flex items-center gap-1.5">
      <span className="text-ink-soft">{label}</span>
      <input
        aria-label={`${facts.name}, ${label}, min`}
        inputMode="numeric"
        defaultValue={value ?? ''}
        placeholder={String(usual)}
        key={value ?? 'usual'}
        onBlur={(event) => {
          const text = event.target.value.trim();
          const typed = text === '' ? null : Math.round(Number(text.replace(',', '.')));
          if (typed !== (value ?? null)) props.onChange(part(Number.isNaN(typed) ? -1 : typed));
        }}
        className="h-11 w-14 rounded-md border border-control-line bg-transparent px-1 text-center placeholder:text-ink-soft"
      />
      min
    </label>
  );
  return (
    <li className="grid gap-1 border-hairline border-b pb-2">
      <div className="flex flex-wrap items-center gap-x-4 gap-y-1">
        <span className="grow font-semibold text-lg first-letter:uppercase">
          {facts.name} <span className="font-normal text-base text-ink-soft">{heatWords[facts.heat]}</span>
        </span>
        {minutes('hands', side.prepareMinutes, facts.prepareMinutes, (prepareMinutes) => ({ prepareMinutes }))}
        {facts.heat !== 'cold' &&
          minutes('heat', side.cookMinutes, facts.cookMinutes, (cookMinutes) => ({ cookMinutes }))}
        {minutes('keeps', side.keepsMinutes, facts.keepsMinutes, (keepsMinutes) => ({ keepsMinutes }))}
        <IconButton name={`No ${facts.name}`} onClick={props.onGone}>
          <X aria-hidden className="size-5" />
        </IconButton>
      </div>
      {error && (
        <p role="alert" className="font-medium text-[0.9rem] text-stop">
          {error}
        </p>
      )}
    </li>
  );
}
