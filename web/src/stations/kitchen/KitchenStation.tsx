import { Plus, X } from 'lucide-react';
import { type ReactNode, useRef } from 'react';
import { Problem } from '../../api/problem';
import type { Household, OwnedVessel } from '../../api/types';
import { Station } from '../../frame/Station';
import { MeasuresFields } from '../../household/MeasuresFields';
import { useHousehold, useSaveHousehold } from '../../kitchen/household';
import { usePrep } from '../../kitchen/prepQueries';
import { useChoices } from '../../kitchen/queries';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Field } from '../../ui/Field';
import { IconButton } from '../../ui/IconButton';
import { Picker } from '../../ui/Picker';
import { Refusal } from '../../ui/Refusal';
import { Stepper } from '../../ui/Stepper';
import { vesselChoices } from '../../words/food';
import { changed, dialIn, isRearranged, ownedVessel, withUsualFirst } from '../../words/household';
import { sayNumber } from '../../words/numbers';
import { unitSign } from '../../words/temperatures';
import { parseTemperature } from '../../words/units';
import { BackupFields } from './BackupFields';
import { OvensFields } from './OvensFields';
import { Typed } from './Typed';

const MOST_VESSELS = 8;
const MOST_COOKS = 6;

/** What is said once of the kitchen and holds everywhere. */
export function KitchenStation({ connected }: { connected: boolean }) {
  const view = useHousehold();
  const measures = usePrep().data?.measures;
  const profiles = useChoices()?.profiles ?? [];
  const save = useSaveHousehold();
  const latest = useRef<Household | null>(null);
  if (!view)
    return (
      <Station room="day" connected={connected}>
        <p className="p-8 text-xl">Fetching the kitchen…</p>
      </Station>
    );
  if (!save.isPending || !latest.current) latest.current = view.household;
  // What went or moved in a list is shown at once: a quick hand means the place it sees. What was typed is not, so that a refusal
  // leaves it standing.
  const kitchen = (['ovens', 'vessels'] as const).some((list) =>
    isRearranged<unknown>(latest.current?.[list] ?? [], view.household[list]),
  )
    ? latest.current
    : view.household;
  const problem = save.error instanceof Problem ? save.error : null;
  const error = (field: string) => problem?.at(field);
  const now = () => latest.current ?? kitchen;
  const change = (part: Partial<Household>) => {
    latest.current = changed(now(), part);
    save.mutate(part);
  };
  const vessels = (owned: readonly OwnedVessel[]) => change({ vessels: [...owned] });
  const profile = profiles.find((choice) => choice.id === kitchen.profile);
  return (
    <Station room="day" connected={connected}>
      <div className="mx-auto grid max-w-[84rem] grid-cols-1 gap-x-12 gap-y-8 px-5 py-5 md:grid-cols-2 xl:grid-cols-3">
        <header className="md:col-span-2 xl:col-span-3">
          <h1 className="font-semibold text-4xl leading-none tracking-tight">Your kitchen</h1>
          <p className="pt-2 text-ink-soft">
            Said once here, used everywhere. After a weight, a size or a temperature another unit may be typed: “1 lb 4
            oz”, “¾ in”.
          </p>
        </header>
        {problem && problem.status === 409 && (
          <div className="md:col-span-2 xl:col-span-3">
            <Refusal error={problem} />
          </div>
        )}
        <Part title="Reads">
          <Field label="Temperatures" error={error('temperature')}>
            {() => (
              <Choice
                label="Temperatures"
                value={kitchen.temperature}
                options={[
                  { value: 'celsius', label: '°C' },
                  { value: 'fahrenheit', label: '°F' },
                ]}
                onChange={(temperature) => change({ temperature })}
              />
            )}
          </Field>
          <Field label="Food is weighed in" error={error('mass')}>
            {() => (
              <Choice
                label="Food is weighed in"
                value={kitchen.mass}
                options={[
                  { value: 'gram', label: 'Grams' },
                  { value: 'ounce', label: 'Ounces' },
                ]}
                onChange={(mass) => change({ mass })}
              />
            )}
          </Field>
          <Field label="Lengths" error={error('length')}>
            {() => (
              <Choice
                label="Lengths"
                value={kitchen.length}
                options={[
                  { value: 'millimetre', label: 'Millimetres' },
                  { value: 'inch', label: 'Inches' },
                ]}
                onChange={(length) => change({ length })}
              />
            )}
          </Field>
          <Field label="The clock" error={error('clock')}>
            {() => (
              <Choice
                label="The clock"
                value={kitchen.clock}
                options={[
                  { value: 'twentyFour', label: '18:45' },
                  { value: 'twelve', label: '6:45 pm' },
                ]}
                onChange={(clock) => change({ clock })}
              />
            )}
          </Field>
          {measures && <MeasuresFields measures={measures} />}
        </Part>
        <Part title="Bakes with">
          <Field label="The oven is usually at" error={error('dial')}>
            {(ids) => (
              <Typed
                ids={ids}
                value={String(kitchen.dial.value)}
                sign={unitSign(kitchen.temperature)}
                onSaid={(text) =>
                  change({
                    dial: {
                      value: parseTemperature(text, kitchen.temperature) ?? Number.NaN,
                      unit: kitchen.temperature,
                    },
                  })
                }
              />
            )}
          </Field>
          <OvensFields kitchen={kitchen} error={error} onChange={(next) => change({ ovens: next(now().ovens) })} />
          <div className="grid gap-2">
            <h3 className="font-semibold text-[0.95rem]">Trays and dishes, the usual one first</h3>
            <ul className="grid gap-2">
              {kitchen.vessels.map((owned, at) => (
                // biome-ignore lint/suspicious/noArrayIndexKey: two may be alike; their place tells them apart.
                <li key={at} className="grid gap-1 border-hairline border-t pt-2">
                  <div className="flex items-start gap-1">
                    <div className="grow">
                      <Field label={`Name of tray ${at + 1}`} error={error(`vessels[${at}].name`)}>
                        {(ids) => (
                          <Typed
                            ids={ids}
                            value={owned.name}
                            onSaid={(name) =>
                              vessels(now().vessels.map((other, i) => (i === at ? { ...other, name } : other)))
                            }
                          />
                        )}
                      </Field>
                    </div>
                    <div className="flex pt-6.5">
                      <IconButton
                        name={`${owned.name} is gone`}
                        disabled={kitchen.vessels.length === 1}
                        onClick={() => vessels(now().vessels.filter((_, i) => i !== at))}
                      >
                        <X aria-hidden className="size-5" />
                      </IconButton>
                    </div>
                  </div>
                  <Picker
                    ids={{ id: `vessel-${at}`, labelId: `vessel-${at}`, describedBy: undefined, invalid: false }}
                    value={owned.vessel.kind}
                    options={vesselChoices(kitchen.length).filter(({ value }) => value !== 'custom')}
                    onChange={(kind) =>
                      vessels(
                        kitchen.vessels.map((other, i) =>
                          i === at ? { ...ownedVessel(kind), name: other.name } : other,
                        ),
                      )
                    }
                  />
                  {at > 0 && (
                    <Button className="justify-self-start" onClick={() => vessels(withUsualFirst(now().vessels, at))}>
                      Make it the usual one
                    </Button>
                  )}
                </li>
              ))}
            </ul>
            {kitchen.vessels.length < MOST_VESSELS && (
              <Button className="justify-self-start" onClick={() => vessels([...now().vessels, ownedVessel('dish')])}>
                <Plus aria-hidden className="size-5" /> Another tray or dish
              </Button>
            )}
          </div>
        </Part>
        <Part title="Who eats, and what is safe">
          <Field label="Usually at the table" error={error('heads')}>
            {(ids) => (
              <Stepper
                ids={ids}
                value={String(kitchen.heads)}
                what="head"
                onText={(text) => change({ heads: Number.parseInt(text, 10) || 0 })}
              />
            )}
          </Field>
          <Field label="Thermometer" error={error('thermometer')}>
            {() => (
              <Choice
                label="Thermometer"
                value={kitchen.thermometer}
                options={[
                  { value: 'instant', label: 'Quick' },
                  { value: 'leaveIn', label: 'Stays in' },
                  { value: 'both', label: 'Both' },
                  { value: 'none', label: 'None' },
                ]}
                onChange={(thermometer) => change({ thermometer })}
              />
            )}
          </Field>
          {(kitchen.thermometer === 'leaveIn' || kitchen.thermometer === 'both') && (
            <Field
              label="Its lead stands"
              hint="As its maker says; you are told before an oven that is too hot for it."
              error={error('probeLimit')}
            >
              {(ids) => (
                <Typed
                  ids={ids}
                  value={kitchen.probeLimit ? sayNumber(dialIn(kitchen.probeLimit, kitchen.temperature)) : ''}
                  sign={unitSign(kitchen.temperature)}
                  onSaid={(text) =>
                    change({
                      probeLimit:
                        text.trim() === ''
                          ? null
                          : {
                              value: parseTemperature(text, kitchen.temperature) ?? Number.NaN,
                              unit: kitchen.temperature,
                            },
                    })
                  }
                />
              )}
            </Field>
          )}
          <Field
            label="Safety rule"
            hint={profile && [profile.rule, profile.caution].filter(Boolean).join(' ')}
            error={error('profile')}
          >
            {(ids) => (
              <Picker
                ids={ids}
                value={kitchen.profile}
                options={profiles.map((choice) => ({ value: choice.id, label: choice.name }))}
                onChange={(id) => change({ profile: id })}
              />
            )}
          </Field>
          <p className="text-ink-soft leading-snug">Your local food-safety authority has the last word.</p>
          <div className="grid gap-2">
            <h3 className="font-semibold text-[0.95rem]">Who cooks</h3>
            {kitchen.cooks.map((name, at) => (
              // biome-ignore lint/suspicious/noArrayIndexKey: two may have one name; their place tells them apart.
              <div key={at} className="flex items-start gap-1">
                <div className="grow">
                  <Field label={`First name ${at + 1}`} error={error(`cooks[${at}]`)}>
                    {(ids) => (
                      <Typed
                        ids={ids}
                        value={name}
                        onSaid={(said) => change({ cooks: now().cooks.map((other, i) => (i === at ? said : other)) })}
                      />
                    )}
                  </Field>
                </div>
                <div className="flex pt-6.5">
                  <IconButton
                    name={`${name} no longer cooks`}
                    onClick={() => change({ cooks: now().cooks.filter((_, i) => i !== at) })}
                  >
                    <X aria-hidden className="size-5" />
                  </IconButton>
                </div>
              </div>
            ))}
            {kitchen.cooks.length < MOST_COOKS && (
              <Button
                className="justify-self-start"
                onClick={() => change({ cooks: [...kitchen.cooks, `Cook ${kitchen.cooks.length + 1}`] })}
              >
                <Plus aria-hidden className="size-5" /> Another cook
              </Button>
            )}
          </div>
        </Part>
        <Part title="Yours to keep">
          <BackupFields />
        </Part>
      </div>
    </Station>
  );
}

function Part(props: { title: string; children: ReactNode }) {
  return (
    <section aria-label={props.title} className="grid grid-cols-1 content-start gap-4 border-ink border-t-2 pt-3">
      <h2 className="font-semibold text-xl leading-tight">{props.title}</h2>
      {props.children}
    </section>
  );
}
