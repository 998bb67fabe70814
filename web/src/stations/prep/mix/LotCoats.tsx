import { useEffect, useRef, useState } from 'react';
import { Problem } from '../../../api/problem';
import type { LotPrepView, PrepView } from '../../../api/types';
import { CoatList } from '../../../coats/CoatList';
import { type CoatDraft, coatFrom, coatRequest } from '../../../coats/coatDraft';
import { useCoatLots } from '../../../kitchen/prepQueries';
import { useTray } from '../../../kitchen/queries';
import { Button } from '../../../ui/Button';
import { Refusal } from '../../../ui/Refusal';
import { JudgementList } from './JudgementList';

/** A pause in typing, ms. */
const PAUSE_MS = 250;

/** One lot of chicken and what is on it, changed on the tray itself; with its salt, all coats together. */
export function LotCoats(props: {
  view: PrepView;
  lot: LotPrepView;
  isAlone: boolean;
  onTaken: (mix: string) => void;
}) {
  const { view, lot } = props;
  const stored = JSON.stringify(lot.coats);
  const [draft, setDraft] = useState<readonly CoatDraft[]>(() => lot.coats.map(coatFrom));
  const [touched, setTouched] = useState(false);
  const tray = useTray().data;
  const pause = useRef<ReturnType<typeof setTimeout>>(undefined);
  const waiting = useRef<(() => void) | null>(null);
  const save = useCoatLots(view.trayId);
  const problem = save.error instanceof Problem ? save.error : null;

  // What is stored is shown, unless something typed here is still on its way or was refused.
  useEffect(() => {
    if (!touched) setDraft((JSON.parse(stored) as LotPrepView['coats']).map(coatFrom));
  }, [stored, touched]);
  // What was typed a moment before another tab was opened is sent all the same.
  useEffect(
    () => () => {
      clearTimeout(pause.current);
      waiting.current?.();
    },
    [],
  );

  const send = (coats: readonly CoatDraft[], lots: number[] | null) =>
    save.mutate({ lots, coats: coats.map(coatRequest) }, { onSuccess: () => setTouched(false) });
  const change = (coats: CoatDraft[]) => {
    const added = coats.length > draft.length ? coats.at(-1)?.mix : null;
    if (added) props.onTaken(added);
    setDraft(coats);
    setTouched(true);
    clearTimeout(pause.current);
    waiting.current = () => {
      waiting.current = null;
      send(coats, [lot.id]);
    };
    pause.current = setTimeout(() => waiting.current?.(), PAUSE_MS);
  };
  return (
    <section aria-label={lot.name} className="grid grid-cols-1 gap-2 border-ink border-t-2 pt-2">
      <h2 className="font-display font-semibold text-lg leading-tight first-letter:uppercase">{lot.name}</h2>
      <CoatList
        coats={draft}
        mixes={view.mixes}
        hasDrain={tray?.plan.steps.some((step) => step.kind === 'drain') ?? false}
        usualSoak={view.choice.marinateMinutes}
        error={(field) => problem?.at(field)}
        onChange={change}
      />
      {problem && Object.keys(problem.fields).every((field) => !field.startsWith('coats')) && (
        <Refusal error={problem} />
      )}
      {!problem && <Refusal error={save.error} />}
      <JudgementList judgements={[lot.salt]} />
      {!props.isAlone && draft.length > 0 && (
        <Button className="justify-self-start" disabled={save.isPending} onClick={() => send(draft, null)}>
          The same on all chicken
        </Button>
      )}
    </section>
  );
}
