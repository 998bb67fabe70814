import type { OvenShelf, TrayMaterial } from '../../../api/types';
import { useHousehold } from '../../../kitchen/household';
import { AmountBox } from '../../../ui/AmountBox';
import { Button } from '../../../ui/Button';
import { Choice } from '../../../ui/Choice';
import { Field } from '../../../ui/Field';
import { Picker } from '../../../ui/Picker';
import { TextBox } from '../../../ui/TextBox';
import { materialWords, shelfWords, vesselChoices } from '../../../words/food';
import { unitSign } from '../../../words/temperatures';
import { lengthSign, volumeSign } from '../../../words/units';
import { withOneTray, withSecondTray } from '../draft/changes';
import type { DraftProps, VesselDraft } from '../draft/trayDraft';
import { useSecondTray } from '../draft/useSecondTray';

const shelves = [
  { value: 'usual', label: 'the usual' },
  ...Object.entries(shelfWords).map(([value, label]) => ({ value: value as OvenShelf, label })),
] as const;
const materials = [
  { value: 'usual', label: 'the usual' },
  ...Object.entries(materialWords).map(([value, label]) => ({ value: value as TrayMaterial, label })),
] as const;

/** The oven and what the food lies in. */
export function OvenFields({ draft, problem, onChange }: DraftProps) {
  const second = useSecondTray();
  return (
    <>
      <WhichOven draft={draft} problem={problem} onChange={onChange} />
      <div className="grid gap-3 sm:grid-cols-2">
        <AmountBox
          label="Oven"
          error={problem?.at('ovenSetting')}
          value={draft.oven}
          unit={unitSign(draft.unit)}
          onText={(oven) => onChange({ ...draft, oven })}
        />
        <Field label="Kind of heat" error={problem?.at('ovenMode')}>
          {() => (
            <Choice
              label="Kind of heat"
              value={draft.ovenMode}
              options={[
                { value: 'still', label: 'Still' },
                { value: 'fan', label: 'Fan' },
                { value: 'grill', label: 'Grill' },
              ]}
              onChange={(ovenMode) => onChange({ ...draft, ovenMode })}
            />
          )}
        </Field>
      </div>
      <div className="grid gap-3 sm:grid-cols-2">
        <Field label="When the food goes in it is" error={problem?.at('ovenAtStart')}>
          {() => (
            <Choice
              label="When the food goes in it is"
              value={draft.ovenStart}
              options={[
                { value: 'hot', label: 'Hot' },
                { value: 'at', label: 'Warming' },
                { value: 'cold', label: 'Cold' },
              ]}
              onChange={(ovenStart) => onChange({ ...draft, ovenStart })}
            />
          )}
        </Field>
        {draft.ovenStart === 'at' && (
          <Field label={`It has got to, ${unitSign(draft.unit)}`} error={problem?.at('ovenAtStart')}>
            {(ids) => (
              <TextBox
                ids={ids}
                value={draft.ovenStartAt}
                onText={(ovenStartAt) => onChange({ ...draft, ovenStartAt })}
                inputMode="decimal"
                className="figures"
              />
            )}
          </Field>
        )}
      </div>
      {draft.vessels.map((vessel, i) => (
        <VesselFields
          // biome-ignore lint/suspicious/noArrayIndexKey: a tray is its shelf.
          key={i}
          vessel={vessel}
          label={draft.vessels.length < 2 ? 'Tray' : i === 0 ? 'Upper tray' : 'Lower tray'}
          error={(field) => problem?.at(`vessels[${i}].${field}`)}
          onChange={(part) =>
            onChange({
              ...draft,
              vessels: draft.vessels.map((other, n) => (n === i ? { ...other, ...part } : other)),
              // Another floor: everything is laid afresh.
              spots: part.kind ? draft.spots.filter((spot) => spot.vessel !== i) : draft.spots,
            })
          }
        />
      ))}
      {draft.vessels.length < 2 ? (
        <Button className="justify-self-start" onClick={() => onChange(withSecondTray(draft, second))}>
          Use a second tray
        </Button>
      ) : (
        <Button className="justify-self-start" onClick={() => onChange(withOneTray(draft))}>
          Use one tray only
        </Button>
      )}
    </>
  );
}

/** Asked where there is more than one answer: a tray keeps its oven when the kitchen no longer has it. */
function WhichOven({ draft, problem, onChange }: DraftProps) {
  const owned = useHousehold()?.household.ovens ?? [];
  const { house } = draft;
  const known = owned.find((oven) => oven.name === house?.name);
  const isOwned = known !== undefined;
  const hasChanged = known !== undefined && JSON.stringify(known) !== JSON.stringify(house);
  const error = problem?.at('oven');
  if (owned.length < 2 && (house === null || isOwned) && !hasChanged && !error) return null;
  const ovens = house === null || isOwned ? owned : [...owned, house];
  return (
    <Field
      label="Bakes in"
      hint={
        hasChanged ? (
          <>
            Your kitchen says something else of it now.{' '}
            <button
              type="button"
              className="font-semibold underline"
              onClick={() => onChange({ ...draft, house: known })}
            >
              Bake by that
            </button>
          </>
        ) : house && !isOwned ? (
          'Your kitchen no longer has it; this tray still does.'
        ) : undefined
      }
      error={error}
    >
      {(ids) => (
        <Picker
          ids={ids}
          value={house?.name ?? ''}
          options={ovens.map(({ name }) => ({ value: name, label: name }))}
          onChange={(name) => {
            const oven = ovens.find((one) => one.name === name);
            if (oven) onChange({ ...draft, house: oven, ovenMode: draft.ovenMode === 'grill' ? 'grill' : oven.air });
          }}
        />
      )}
    </Field>
  );
}

function VesselFields(props: {
  vessel: VesselDraft;
  label: string;
  error: (field: string) => string | undefined;
  onChange: (part: Partial<VesselDraft>) => void;
}) {
  const { vessel, error, onChange } = props;
  return (
    <div className="grid gap-3 sm:grid-cols-2">
      <Field label={props.label} error={error('kind')}>
        {(ids) => (
          <Picker
            ids={ids}
            value={vessel.kind}
            options={vesselChoices(vessel.sideUnit)}
            onChange={(kind) => onChange({ kind, madeOf: 'usual' })}
          />
        )}
      </Field>
      <Field label="Food lies on" error={error('rack') ?? error('parchment')}>
        {() => (
          <Choice
            label={`Food in the ${props.label.toLowerCase()} lies on`}
            value={vessel.rack ? 'rack' : vessel.parchment ? 'parchment' : 'bare'}
            options={[
              { value: 'bare', label: 'Metal' },
              { value: 'parchment', label: 'Paper' },
              { value: 'rack', label: 'Rack' },
            ]}
            onChange={(on) => onChange({ rack: on === 'rack', parchment: on === 'parchment' })}
          />
        )}
      </Field>
      {vessel.kind === 'custom' && (
        <>
          <Field label={`Left to right, ${lengthSign[vessel.sideUnit]}`} error={error('width')}>
            {(ids) => (
              <TextBox
                ids={ids}
                value={vessel.width}
                onText={(width) => onChange({ width })}
                inputMode="decimal"
                className="figures"
              />
            )}
          </Field>
          <Field label={`Front to back, ${lengthSign[vessel.sideUnit]}`} error={error('depth')}>
            {(ids) => (
              <TextBox
                ids={ids}
                value={vessel.depth}
                onText={(depth) => onChange({ depth })}
                inputMode="decimal"
                className="figures"
              />
            )}
          </Field>
        </>
      )}
      <Field label="Shelf" error={error('shelf')}>
        {(ids) => <Picker ids={ids} value={vessel.shelf} options={shelves} onChange={(shelf) => onChange({ shelf })} />}
      </Field>
      <Field label="Made of" error={error('madeOf')}>
        {(ids) => (
          <Picker ids={ids} value={vessel.madeOf} options={materials} onChange={(madeOf) => onChange({ madeOf })} />
        )}
      </Field>
      <Field label={`Water or stock in it, ${volumeSign[vessel.waterUnit]}`} error={error('waterMl')}>
        {(ids) => (
          <TextBox
            ids={ids}
            value={vessel.water}
            onText={(water) => onChange({ water })}
            inputMode="decimal"
            className="figures"
          />
        )}
      </Field>
      <label className="flex min-h-11 items-center gap-3">
        <input
          type="checkbox"
          checked={vessel.panBeneath}
          onChange={(event) => onChange({ panBeneath: event.target.checked })}
          className="size-6 accent-ink"
        />
        A second pan below, for drips
      </label>
    </div>
  );
}
