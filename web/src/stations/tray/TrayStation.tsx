import { useQueryClient } from '@tanstack/react-query';
import { useCallback, useMemo, useState } from 'react';
import { api, unwrap } from '../../api/client';
import { commandHead, useCommand } from '../../api/command';
import type { Spot, TrayPlan, TrayView } from '../../api/types';
import { kitchenNow } from '../../clock/kitchenClock';
import { Station } from '../../frame/Station';
import { useChoices } from '../../kitchen/queries';
import { MINUTE_MS } from '../../words/times';
import { TrayNames } from '../../words/trayNames';
import { ClashPanel } from './ClashPanel';
import { lotIds, withChickenLot, withCount, withoutLeftOver, withSecondTray, withSpot } from './draft/changes';
import { draftFrom } from './draft/draftFrom';
import { useTrayKeys } from './keys/useTrayKeys';
import { StartButton } from './StartButton';
import { TrayForm } from './TrayForm';
import { railSpan, TrayRail } from './TrayRail';
import { TrayStatus } from './TrayStatus';
import { useTrayDraft } from './useTrayDraft';
import { Headline } from './views/Headline';
import { TrayViews } from './views/TrayViews';

/** Build tonight's tray, see at once when it comes out, and how to make everything finish together. */
export function TrayStation({ connected }: { connected: boolean }) {
  const { draft, change, show, decide, problem, saving, whereabouts, clashes, view, failed } = useTrayDraft();
  const choices = useChoices();
  const [chosen, setChosen] = useState<number | null>(null);
  // The spoon keeps its place in the bake while the plan, and with it the clock, changes around it.
  const [spoonShare, setSpoonShare] = useState(0.6);
  const span = view ? railSpan(view) : null;
  const spoonAt = span ? span.inAt + spoonShare * (span.eatAt - span.inAt) : 0;
  const moveSpoon = (at: number) => {
    if (span) setSpoonShare(Math.min(1, Math.max(0, (at - span.inAt) / (span.eatAt - span.inAt))));
  };

  const names = useMemo(() => choices && new TrayNames(choices), [choices]);
  const queries = useQueryClient();
  // One after another, each from what the last one led to: a quick hand is not held up by an answer on its way.
  const { mutate: sendStep } = useCommand(
    ({ name, id }: { name: 'undo' | 'redo'; id: number }, commandId) => {
      const version = queries.getQueryData<TrayView>(['tray'])?.version;
      return unwrap(
        api.POST(`/api/trays/{id}/${name}`, { params: { path: { id }, header: commandHead(commandId, version) } }),
      );
    },
    { scope: 'tray steps', onSuccess: show },
  );
  const step = useCallback(
    (name: 'undo' | 'redo') => {
      if (view && !saving) sendStep({ name, id: view.id });
    },
    [view, saving, sendStep],
  );
  const move = useCallback((spot: Spot) => draft && change(withSpot(draft, spot)), [draft, change]);
  // Everything of the other plan but when dinner is.
  const adopt = (plan: TrayPlan) =>
    draft && change({ ...draftFrom(plan, false, kitchenNow()), dinner: draft.dinner, dinnerTime: draft.dinnerTime });
  useTrayKeys({
    addChicken: () => document.getElementById('add-chicken')?.click(),
    addVegetable: () => document.getElementById('add-vegetable')?.click(),
    nextLot: () => {
      const ids = draft ? lotIds(draft) : [];
      setChosen(ids[(ids.indexOf(chosen ?? -1) + 1) % Math.max(1, ids.length)] ?? null);
    },
    count: (by) => {
      const lot = draft?.chicken.find((other) => other.id === chosen) ?? draft?.chicken[0];
      if (draft && lot)
        change(withChickenLot(draft, lot.id, withCount(lot, String(Math.max(1, Number(lot.count) + by)))));
    },
    spoon: (minutes) => moveSpoon(spoonAt + minutes * MINUTE_MS),
    undo: () => step('undo'),
    redo: () => step('redo'),
  });

  if (!draft || !view || !choices || !names) {
    return (
      <Station room="day" connected={connected}>
        <p className="p-8 text-xl">
          {failed ? 'The kitchen server does not answer. Is it running?' : 'Fetching the tray…'}
        </p>
      </Station>
    );
  }
  /** Brings the field that is wrong into view, its food opened. */
  const showField = (field: string) => {
    const at = /^(chicken|vegetables)\[(\d+)\]/.exec(field);
    const lot = at && draft[at[1] as 'chicken' | 'vegetables'][Number(at[2])];
    if (lot) setChosen(lot.id);
    // Once the food is open.
    setTimeout(() => {
      const wrong = document.querySelector('form [role="alert"]');
      wrong?.scrollIntoView({ block: 'center' });
      wrong?.parentElement?.querySelector<HTMLElement>('input, button')?.focus({ preventScroll: true });
    }, 60);
  };
  const ready = !saving && problem === null;
  return (
    <Station
      room="day"
      connected={connected}
      rail={view.answer && <TrayRail view={view} names={names} spoonAt={spoonAt} onSpoon={moveSpoon} />}
    >
      <div className="mx-auto grid max-w-[96rem] grid-cols-1 gap-x-8 gap-y-5 px-5 py-4 lg:grid-cols-[minmax(20rem,26rem)_minmax(0,1fr)]">
        <TrayForm
          draft={draft}
          problem={problem}
          onChange={change}
          view={view}
          saving={saving}
          choices={choices}
          names={names}
          chosen={chosen}
          onChoose={setChosen}
          onShow={show}
          onStep={step}
        />
        {/* On a tablet the answer stands above the form: it is what is read from two metres. */}
        <div className="order-first min-w-0 lg:order-none">
          {view.answer ? (
            <>
              <Headline view={view} stale={saving || problem !== null} refused={whereabouts === 'refused'}>
                <StartButton view={view} ready={ready} />
              </Headline>
              <ClashPanel clashes={clashes} draft={draft} names={names} onDecide={decide} />
              <TrayStatus
                problem={problem}
                whereabouts={whereabouts}
                overfull={view.answer.overfull}
                onShow={showField}
                onSecondTray={() => change(withSecondTray(draft))}
                onLess={() => view.answer && change(withoutLeftOver(draft, view.answer.layout))}
              />
              <TrayViews
                view={view}
                ready={ready}
                spoonAt={spoonAt}
                names={names}
                ways={choices.ways}
                chosen={chosen}
                onChoose={setChosen}
                onMove={move}
                onFresh={() => change({ ...draft, spots: [] })}
                onAdopt={adopt}
              />
            </>
          ) : (
            <EmptyTray />
          )}
        </div>
      </div>
    </Station>
  );
}

function EmptyTray() {
  return (
    <div className="grid min-h-80 place-content-center gap-3 rounded-lg border-2 border-hairline border-dashed p-8 text-center">
      <h1 className="font-semibold text-4xl">An empty tray</h1>
      <p className="max-w-md text-lg text-ink-soft">
        Put chicken and vegetables on it. It is laid out to scale at once, with when each is done and how to have all of
        it done together.
      </p>
    </div>
  );
}
