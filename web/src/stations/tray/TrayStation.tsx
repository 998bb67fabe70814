import { useQueryClient } from '@tanstack/react-query';
import { useCallback, useMemo, useState } from 'react';
import { Link } from 'wouter';
import { api, unwrap } from '../../api/client';
import { commandHead, useCommand } from '../../api/command';
import type { Spot, TrayPlan, TrayView } from '../../api/types';
import { kitchenNow } from '../../clock/kitchenClock';
import { Station } from '../../frame/Station';
import { FirstQuestions } from '../../household/FirstQuestions';
import { useHousehold, useUnits } from '../../kitchen/household';
import { useChoices } from '../../kitchen/queries';
import { Button } from '../../ui/Button';
import { useStable } from '../../ui/useStable';
import { MINUTE_MS } from '../../words/times';
import { TrayNames } from '../../words/trayNames';
import { ClashPanel } from './ClashPanel';
import { type Chosen, panelOf } from './chosen';
import {
  lotIds,
  sampleTray,
  withChickenLot,
  withChickenShared,
  withCount,
  withoutLeftOver,
  withSecondTray,
  withSpot,
} from './draft/changes';
import { draftFrom } from './draft/draftFrom';
import { useTrayKeys } from './keys/useTrayKeys';
import { AddBar } from './lots/AddBar';
import { DinnerField } from './programme/DinnerField';
import { StartButton } from './StartButton';
import { TrayBar } from './shelf/TrayBar';
import { curveOf, TrayPanel } from './TrayPanel';
import { railSpan, TrayRail } from './TrayRail';
import { TrayStatus } from './TrayStatus';
import { useTrayDraft } from './useTrayDraft';
import { Cautions } from './views/Cautions';
import { Headline } from './views/Headline';
import { LastTime } from './views/LastTime';
import { PictureView } from './views/PictureView';

/** Build tonight's tray, see at once when it comes out, and how to make everything finish together. */
export function TrayStation({ connected }: { connected: boolean }) {
  const { draft, change, show, decide, problem, saving, whereabouts, clashes, view, failed } = useTrayDraft();
  const choices = useChoices();
  const units = useUnits();
  const household = useHousehold();
  // The bird that was weighed at the counter comes along in the address.
  const [chosen, setChosen] = useState<Chosen>(() =>
    new URLSearchParams(location.search).has('bird') ? 'bird' : null,
  );
  const [look, setLook] = useState(0);
  const [trayLook, setTrayLook] = useState(0);
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
  const move = useStable((spot: Spot) => draft && change(withSpot(draft, spot)));
  const layAfresh = useStable(() => draft && change({ ...draft, spots: [] }));
  // Everything of the other plan but when dinner is.
  const adopt = (plan: TrayPlan) =>
    draft &&
    change({ ...draftFrom(plan, false, kitchenNow(), units), dinner: draft.dinner, dinnerTime: draft.dinnerTime });
  useTrayKeys({
    addChicken: () => document.getElementById('add-chicken')?.click(),
    addVegetable: () => document.getElementById('add-vegetable')?.click(),
    nextLot: () => {
      const ids = draft ? lotIds(draft) : [];
      setChosen(ids[(ids.indexOf(typeof chosen === 'number' ? chosen : -1) + 1) % Math.max(1, ids.length)] ?? null);
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
  /** Brings the field that is wrong into view, its panel opened. */
  const showField = (field: string) => {
    const panel = panelOf(field, draft);
    if (panel !== undefined) setChosen(panel);
    setLook(0);
    // Once the panel is open.
    setTimeout(() => {
      const wrong = document.querySelector('main [aria-invalid="true"], main section [role="alert"]');
      wrong?.scrollIntoView({ block: 'center' });
      const box = wrong?.matches('input') ? wrong : wrong?.parentElement?.querySelector('input, button');
      if (box instanceof HTMLElement) box.focus({ preventScroll: true });
    }, 60);
  };
  const form = { draft, problem, onChange: change };
  const ready = !saving && problem === null;
  const minutes = view.answer ? (spoonAt - Date.parse(view.answer.timing.inAt)) / MINUTE_MS : 0;
  return (
    <Station
      room="day"
      connected={connected}
      bar={<TrayBar {...form} view={view} saving={saving} onShow={show} onStep={step} />}
      fits
    >
      {/* Two columns over the rail; on a narrow screen one, in the order in which a cook needs it. */}
      <div className="mx-auto flex max-w-[100rem] flex-col gap-x-8 gap-y-2 px-5 pt-2.5 lg:grid lg:h-full lg:grid-cols-[minmax(0,1.04fr)_minmax(0,1fr)] lg:grid-rows-[minmax(0,1fr)_auto]">
        <div className={column}>
          {view.answer && (
            <Headline
              view={view}
              stale={saving || problem !== null}
              refused={whereabouts === 'refused'}
              ready={ready}
              onAdopt={(proposal) => adopt(proposal.plan)}
            />
          )}
          <div className="order-4 flex min-h-0 min-w-0 flex-col lg:order-none lg:grow">
            {view.answer ? (
              <PictureView
                view={view}
                minutes={minutes}
                names={names}
                chosen={typeof chosen === 'number' ? chosen : null}
                onChoose={setChosen}
                onMove={move}
                onFresh={layAfresh}
              />
            ) : view.trouble ? (
              <p role="alert" className="max-w-xl py-6 text-xl leading-snug">
                {view.trouble}
              </p>
            ) : (
              <EmptyTray onSample={() => change(sampleTray(draft, choices))} />
            )}
          </div>
        </div>
        <div className={column}>
          <div className="order-2 flex flex-wrap items-end gap-x-4 gap-y-2 lg:order-none lg:flex-nowrap lg:justify-end">
            <div className="w-[22.5rem] max-w-full">
              <DinnerField {...form} />
            </div>
            {view.answer && <StartButton view={view} ready={ready} />}
          </div>
          <div className="order-3 lg:order-none">
            <ClashPanel clashes={clashes} draft={draft} names={names} onDecide={decide} />
            <TrayStatus
              problem={problem}
              whereabouts={whereabouts}
              overfull={view.answer?.overfull ?? []}
              onShow={showField}
              // Room is wanted: a full sheet, whatever else this kitchen owns.
              onSecondTray={() => change(withSecondTray(draft))}
              onShare={
                draft.vessels.length > 1 && draft.chicken.every((lot) => lot.vessel === 0)
                  ? () => change(withChickenShared(draft))
                  : undefined
              }
              onLess={() => view.answer && change(withoutLeftOver(draft, view.answer.layout))}
            />
          </div>
          <section
            aria-label="What is chosen"
            className="order-6 min-w-0 pb-4 lg:order-none lg:min-h-0 lg:grow lg:overflow-y-auto lg:pr-2"
          >
            {!view.answer && household && !household.household.isSaid && <FirstQuestions view={household} />}
            {chosen === null && <Before view={view} />}
            <TrayPanel
              {...form}
              view={view}
              choices={choices}
              names={names}
              spoonAt={spoonAt}
              ready={ready}
              chosen={chosen}
              look={look}
              onLook={setLook}
              trayLook={trayLook}
              onTrayLook={setTrayLook}
              onChoose={setChosen}
              onShow={show}
              onAdopt={adopt}
            />
            {chosen !== null && <Before view={view} />}
          </section>
        </div>
        <div className="order-5 -mx-5 border-hairline border-t px-5 lg:order-none lg:col-span-2">
          <TrayRail
            view={view}
            draft={draft}
            problem={problem}
            names={names}
            chosen={chosen}
            onChoose={setChosen}
            curveOf={curveOf(chosen, look, trayLook, view.answer?.forecast.lead)}
            spoonAt={spoonAt}
            onSpoon={moveSpoon}
            corner={<AddBar draft={draft} choices={choices} onBird={() => setChosen('bird')} onChange={change} />}
          />
        </div>
      </div>
    </Station>
  );
}

/** A column on a wide screen; on a narrow one its parts stand for themselves. */
const column = 'contents lg:flex lg:min-h-0 lg:min-w-0 lg:flex-col lg:gap-y-2';

/** Three ways in: what is in the fridge, a recipe, a sample. */
function EmptyTray({ onSample }: { onSample: () => void }) {
  return (
    <div className="grid min-h-64 grow content-center rounded-lg border-2 border-hairline border-dashed p-6 sm:p-10">
      <div className="grid content-center gap-3">
        <h1 className="font-semibold text-4xl">An empty tray</h1>
        <p className="max-w-md text-ink-soft text-lg">
          Put on it what is in the fridge, with “Chicken” and “Vegetable” below. It is laid out to scale at once, with
          when each is done and how to have all of it done together.
        </p>
        <p className="flex flex-wrap items-center gap-x-4 gap-y-2">
          <Button onClick={onSample}>Try it with thighs, potatoes and carrots</Button>
          <Link to="/prep" className="underline">
            Bring a recipe in
          </Link>
        </p>
      </div>
    </div>
  );
}

/** What to know before it goes in. */
function Before({ view }: { view: TrayView }) {
  return (
    <>
      <LastTime view={view} />
      <Cautions view={view} />
    </>
  );
}
