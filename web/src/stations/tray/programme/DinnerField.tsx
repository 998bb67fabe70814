import { kitchenNow } from '../../../clock/kitchenClock';
import { Button } from '../../../ui/Button';
import { Choice } from '../../../ui/Choice';
import { Field } from '../../../ui/Field';
import { TextBox } from '../../../ui/TextBox';
import { sayClock, toLocalIso } from '../../../words/times';
import type { DraftProps, TrayDraft } from '../draft/trayDraft';

/** When dinner is; an impossible time offers the earliest that works. */
export function DinnerField(props: DraftProps) {
  const { draft, problem } = props;
  const set = (part: Partial<TrayDraft>) => props.onChange({ ...draft, ...part });
  const error = (field: string) => problem?.at(field);
  const adoptEarliest = (iso: string) => {
    const earliest = new Date(iso);
    const isToday = earliest.toDateString() === new Date(kitchenNow()).toDateString();
    set({ dinner: isToday ? 'today' : 'tomorrow', dinnerTime: toLocalIso(earliest).slice(11, 16) });
  };
  return (
    <>
      <Field label="Dinner" error={error('eatAt')}>
        {(ids) => (
          <div className="grid grid-cols-[1fr_4.75rem] gap-1">
            <Choice
              label="Dinner"
              value={draft.dinner}
              options={[
                { value: 'soon', label: 'Soonest' },
                { value: 'today', label: 'Today' },
                { value: 'tomorrow', label: 'Tomorrow' },
              ]}
              onChange={(dinner) => set({ dinner })}
            />
            <TextBox
              ids={ids}
              inputMode="numeric"
              placeholder="18:30"
              aria-label="Dinner time"
              value={draft.dinnerTime}
              disabled={draft.dinner === 'soon'}
              onText={(dinnerTime) => set({ dinnerTime })}
              className="figures text-center disabled:opacity-50"
            />
          </div>
        )}
      </Field>
      {problem?.earliestEatAt && (
        <Button
          className="justify-self-start"
          onClick={() => problem.earliestEatAt && adoptEarliest(problem.earliestEatAt)}
        >
          Make it {sayClock(problem.earliestEatAt)}
        </Button>
      )}
    </>
  );
}
