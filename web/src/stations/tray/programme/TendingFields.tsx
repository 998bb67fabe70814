import { Plus, Trash2 } from 'lucide-react';
import { useState } from 'react';
import { api, unwrap } from '../../../api/client';
import { commandHead, useCommand } from '../../../api/command';
import type { OvenShelf, StepEffect, StepKind, TendingRequest, TrayView } from '../../../api/types';
import { Button } from '../../../ui/Button';
import { Choice } from '../../../ui/Choice';
import { Field } from '../../../ui/Field';
import { IconButton } from '../../../ui/IconButton';
import { Refusal } from '../../../ui/Refusal';
import { TextBox } from '../../../ui/TextBox';
import { shelfWords, stepWords } from '../../../words/food';
import { withStep } from '../draft/changes';
import type { DraftProps, StepDraft } from '../draft/trayDraft';
import { effectWords } from './effectWords';

/** Coats belong to their food. */
const kinds = (Object.keys(stepWords) as StepKind[]).filter((kind) => kind !== 'coat');
const howOften = [
  { value: 'never', label: 'Never' },
  { value: 'once', label: 'Once' },
  { value: 'often', label: 'Often' },
] as const;

/** What is done while it bakes: by the school the cook picks, or step by step; and what each step does. */
export function TendingFields(
  props: DraftProps & { view: TrayView; ready: boolean; onShow: (view: TrayView) => void },
) {
  const { draft, problem, onChange, view } = props;
  const [school, setSchool] = useState<Required<TendingRequest>>({
    heat: 'steady',
    turning: 'once',
    basting: 'never',
    drainsJuices: false,
  });
  const propose = useCommand(
    ({ id, version, body }: { id: number; version: number; body: TendingRequest }, commandId) =>
      unwrap(
        api.POST('/api/trays/{id}/tending', {
          params: { path: { id }, header: commandHead(commandId, version) },
          body,
        }),
      ),
    { onSuccess: props.onShow },
  );
  return (
    <>
      <div className="grid gap-3 sm:grid-cols-2">
        <Field label="Heat">
          {(ids) => (
            <select
              id={ids.id}
              value={school.heat ?? 'steady'}
              onChange={(event) => setSchool({ ...school, heat: event.target.value as 'steady' })}
              className="h-11 w-full rounded-md border border-control-line bg-paper px-2"
            >
              <option value="steady">the same throughout</option>
              <option value="twoStage">hot, then lower</option>
              <option value="coveredThenOpen">foil on, then off</option>
              <option value="grillFinish">grill at the end</option>
            </select>
          )}
        </Field>
        <Field label="Juices">
          {() => (
            <Choice
              label="Juices"
              value={school.drainsJuices ? 'drain' : 'leave'}
              options={[
                { value: 'leave', label: 'Leave' },
                { value: 'drain', label: 'Drain' },
              ]}
              onChange={(juices) => setSchool({ ...school, drainsJuices: juices === 'drain' })}
            />
          )}
        </Field>
        <Field label="Turn">
          {() => (
            <Choice
              label="Turn"
              value={school.turning ?? 'never'}
              options={howOften}
              onChange={(turning) => setSchool({ ...school, turning })}
            />
          )}
        </Field>
        <Field label="Baste">
          {() => (
            <Choice
              label="Baste"
              value={school.basting ?? 'never'}
              options={howOften}
              onChange={(basting) => setSchool({ ...school, basting })}
            />
          )}
        </Field>
      </div>
      <Button
        className="justify-self-start"
        disabled={!props.ready || view.plan.chicken.length === 0}
        onClick={() => propose.mutate({ id: view.id, version: view.version, body: school })}
      >
        Plan the steps like this
      </Button>
      <Refusal error={propose.error} />
      <ol aria-label="Steps" className="grid gap-2">
        {draft.steps.map((step, i) => (
          <StepRow
            // biome-ignore lint/suspicious/noArrayIndexKey: steps have no other name while they are typed.
            key={i}
            step={step}
            trays={draft.vessels.length}
            unit={draft.unit === 'celsius' ? '°C' : '°F'}
            error={
              problem?.at(`steps[${i}].kind`) ??
              problem?.at(`steps[${i}].atMinutes`) ??
              problem?.at(`steps[${i}].setting`) ??
              problem?.at(`steps[${i}].forMinutes`) ??
              problem?.at(`steps[${i}].shelf`) ??
              problem?.at(`steps[${i}].vessel`)
            }
            onChange={(part) => onChange(withStep(draft, i, part))}
            onRemove={() => onChange({ ...draft, steps: draft.steps.filter((_, n) => n !== i) })}
          />
        ))}
      </ol>
      <Button
        className="justify-self-start"
        onClick={() =>
          onChange({
            ...draft,
            steps: [
              ...draft.steps,
              { kind: 'turn', at: '20', setting: '', forMinutes: '', shelf: 'topThird', vessel: 0 },
            ],
          })
        }
      >
        <Plus aria-hidden className="size-5" /> Add a step
      </Button>
      {problem?.at('steps') && <p className="font-medium text-stop">{problem.at('steps')}</p>}
      <Field
        label="Stays in at least, min"
        hint="Empty: as long as its food needs, and until the last step is done."
        error={problem?.at('stayUntilMinutes')}
      >
        {(ids) => (
          <div className="w-28">
            <TextBox
              ids={ids}
              value={draft.stayUntil}
              inputMode="numeric"
              onText={(stayUntil) => onChange({ ...draft, stayUntil })}
              className="figures"
            />
          </div>
        )}
      </Field>
      <Effects effects={view.answer?.effects ?? []} />
    </>
  );
}

function StepRow(props: {
  step: StepDraft;
  trays: number;
  unit: string;
  error: string | undefined;
  onChange: (part: Partial<StepDraft>) => void;
  onRemove: () => void;
}) {
  const { step } = props;
  const box = 'h-11 w-full rounded-md border border-control-line bg-paper px-2';
  return (
    <li>
      <div className="grid grid-cols-[1fr_5.5rem_5.5rem_auto] items-center gap-1">
        <select
          aria-label="What is done"
          value={step.kind}
          onChange={(event) => {
            const kind = event.target.value as StepKind;
            props.onChange({ kind, forMinutes: kind === 'grill' ? '4' : '', setting: kind === 'lower' ? '175' : '' });
          }}
          className={box}
        >
          {kinds.map((kind) => (
            <option key={kind} value={kind}>
              {stepWords[kind]}
            </option>
          ))}
        </select>
        <label className="flex items-center gap-1">
          <span className="sr-only">After how many minutes</span>
          <input
            value={step.at}
            inputMode="numeric"
            onChange={(event) => props.onChange({ at: event.target.value })}
            className={`${box} figures`}
          />
          min
        </label>
        {step.kind === 'lower' ? (
          <label className="flex items-center gap-1">
            <span className="sr-only">To what</span>
            <input
              value={step.setting}
              inputMode="decimal"
              onChange={(event) => props.onChange({ setting: event.target.value })}
              className={`${box} figures`}
            />
            {props.unit}
          </label>
        ) : step.kind === 'grill' ? (
          <label className="flex items-center gap-1">
            <span className="sr-only">For how many minutes</span>
            <input
              value={step.forMinutes}
              inputMode="numeric"
              onChange={(event) => props.onChange({ forMinutes: event.target.value })}
              className={`${box} figures`}
            />
            min
          </label>
        ) : (
          <span />
        )}
        <IconButton name={`Leave out: ${stepWords[step.kind]} at ${step.at} min`} onClick={props.onRemove}>
          <Trash2 aria-hidden className="size-5" />
        </IconButton>
      </div>
      {(step.kind === 'grill' || step.kind === 'shelf') && (
        <div className="grid grid-cols-2 gap-1 pt-1">
          {step.kind === 'grill' ? (
            <label className="flex items-center gap-1">
              <span className="shrink-0">Grill at</span>
              <input
                value={step.setting}
                placeholder="full"
                inputMode="decimal"
                onChange={(event) => props.onChange({ setting: event.target.value })}
                className={`${box} figures`}
              />
              {props.unit}
            </label>
          ) : props.trays > 1 ? (
            <select
              aria-label="Which tray is moved"
              value={step.vessel}
              onChange={(event) => props.onChange({ vessel: Number(event.target.value) })}
              className={box}
            >
              {[...Array(props.trays).keys()].map((vessel) => (
                <option key={vessel} value={vessel}>
                  tray {vessel + 1}
                </option>
              ))}
            </select>
          ) : (
            <span className="self-center text-right">to</span>
          )}
          <select
            aria-label={step.kind === 'grill' ? 'Where the tray stands under the grill' : 'Where the tray is moved to'}
            value={step.shelf}
            onChange={(event) => props.onChange({ shelf: event.target.value as OvenShelf })}
            className={box}
          >
            {Object.entries(shelfWords).map(([value, label]) => (
              <option key={value} value={value}>
                {label}
              </option>
            ))}
          </select>
        </div>
      )}
      {props.error && (
        <p role="alert" className="pt-1 font-medium text-[0.9rem] text-stop">
          {props.error}
        </p>
      )}
    </li>
  );
}

function Effects({ effects }: { effects: readonly StepEffect[] }) {
  return effects.length === 0 ? null : (
    <ul aria-label="What the steps do" className="grid gap-1 text-[0.95rem]">
      {effects.map((effect) => (
        <li key={effect.kind}>{effectWords(effect)}</li>
      ))}
    </ul>
  );
}
