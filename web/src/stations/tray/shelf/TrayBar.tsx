import { Archive, Copy, Plus, Redo2, Undo2 } from 'lucide-react';
import { api, unwrap } from '../../../api/client';
import { commandHead, useCommand } from '../../../api/command';
import type { TrayList, TrayView } from '../../../api/types';
import { useTrays } from '../../../kitchen/queries';
import { Button } from '../../../ui/Button';
import { Drop } from '../../../ui/Drop';
import { IconButton } from '../../../ui/IconButton';
import { Refusal } from '../../../ui/Refusal';
import { TextBox } from '../../../ui/TextBox';
import { sayDay } from '../../../words/times';
import type { DraftProps } from '../draft/trayDraft';

type ShelfAct = 'new' | 'duplicate' | 'archive' | 'open';

/** The tray's name, undo and redo, and the other trays on the shelf. */
export function TrayBar(
  props: DraftProps & {
    view: TrayView;
    saving: boolean;
    onShow: (view: TrayView) => void;
    onStep: (step: 'undo' | 'redo') => void;
  },
) {
  const { draft, problem, onChange, view } = props;
  const wrong = problem?.at('name');
  return (
    <div className="grid grid-cols-[1fr_auto] items-start gap-2">
      <div>
        <TextBox
          ids={{ id: 'tray-name', labelId: 'tray-name', describedBy: 'tray-name-note', invalid: wrong !== undefined }}
          aria-label="Tonight"
          value={draft.name}
          onText={(name) => onChange({ ...draft, name })}
          className="font-display text-lg"
        />
        {wrong && (
          <p id="tray-name-note" role="alert" className="pt-1 font-medium text-[0.9rem] text-stop leading-snug">
            {wrong}
          </p>
        )}
      </div>
      <div className="flex gap-1">
        <IconButton name="Undo" disabled={!view.canUndo || props.saving} onClick={() => props.onStep('undo')}>
          <Undo2 aria-hidden className="size-5" />
        </IconButton>
        <IconButton name="Redo" disabled={!view.canRedo || props.saving} onClick={() => props.onStep('redo')}>
          <Redo2 aria-hidden className="size-5" />
        </IconButton>
        <Shelf view={view} onShow={props.onShow} />
      </div>
    </div>
  );
}

function Shelf(props: { view: TrayView; onShow: (view: TrayView) => void }) {
  const run = useCommand(
    ({ act, id }: { act: ShelfAct; id: number }, commandId) => {
      const header = commandHead(commandId);
      return unwrap(
        act === 'new'
          ? api.POST('/api/trays', { params: { header } })
          : api.POST(`/api/trays/{id}/${act}`, { params: { path: { id }, header } }),
      );
    },
    { onSuccess: props.onShow },
  );
  const { id } = props.view;
  return (
    <Drop
      button="Trays"
      buttonClass="min-h-11 rounded-md border border-control-line px-4 font-semibold"
      panelClass="grid gap-2 p-4"
      widthPx={425}
      side="below"
    >
      {(shut) => (
        <>
          <div className="flex flex-wrap gap-2">
            <Button onClick={() => run.mutate({ act: 'new', id }, { onSuccess: shut })}>
              <Plus aria-hidden className="size-5" /> New tray
            </Button>
            <Button onClick={() => run.mutate({ act: 'duplicate', id }, { onSuccess: shut })}>
              <Copy aria-hidden className="size-5" /> Copy this
            </Button>
            <Button onClick={() => run.mutate({ act: 'archive', id }, { onSuccess: shut })}>
              <Archive aria-hidden className="size-5" /> Put this away
            </Button>
          </div>
          <Refusal error={run.error} />
          <ShelfList current={id} onOpen={(other) => run.mutate({ act: 'open', id: other }, { onSuccess: shut })} />
        </>
      )}
    </Drop>
  );
}

function ShelfList(props: { current: number; onOpen: (id: number) => void }) {
  const trays = useTrays()?.trays.filter((tray) => tray.id !== props.current) ?? [];
  const rows = (list: TrayList['trays']) =>
    list.map((tray) => (
      <li key={tray.id}>
        <button
          type="button"
          onClick={() => props.onOpen(tray.id)}
          className="min-h-12 w-full rounded-md px-2 py-1 text-left leading-tight hover:bg-paper-deep"
        >
          <span className="block font-semibold">{tray.name}</span>
          <span className="text-ink-soft">
            {tray.pieces > 0 ? `${tray.pieces} pieces of chicken` : 'no chicken'}, changed {sayDay(tray.savedAt)}
          </span>
        </button>
      </li>
    ));
  const [kept, away] = [trays.filter((tray) => !tray.isArchived), trays.filter((tray) => tray.isArchived)];
  return (
    <>
      {kept.length > 0 && <ul aria-label="Other trays">{rows(kept)}</ul>}
      {away.length > 0 && (
        <>
          <p className="pt-1 font-semibold">Put away</p>
          <ul aria-label="Put away">{rows(away)}</ul>
        </>
      )}
      {trays.length === 0 && <p className="text-ink-soft">No other trays yet.</p>}
    </>
  );
}
