import { Button } from '../../ui/Button';
import { listed } from '../../words/food';
import type { TrayNames } from '../../words/trayNames';
import type { Clash } from './draft/mergeDrafts';
import type { TrayDraft } from './draft/trayDraft';

/** Two screens changed the same thing: one tap says which stands. */
export function ClashPanel(props: {
  clashes: readonly Clash[];
  draft: TrayDraft;
  names: TrayNames;
  onDecide: (whose: 'mine' | 'theirs') => void;
}) {
  if (props.clashes.length === 0) return null;
  const what = listed([...new Set(props.clashes.map((clash) => clashWords(clash, props.draft, props.names)))]);
  return (
    <section role="alert" className="my-3 grid gap-3 rounded-md border-2 border-heat p-4">
      <p className="text-lg">
        <b className="font-semibold">Changed on two screens: {what}.</b> {bothWords(props.clashes)}Everything else of
        both is kept.
      </p>
      <div className="flex flex-wrap gap-3">
        <Button look="heat" onClick={() => props.onDecide('mine')}>
          Keep what I typed
        </Button>
        <Button onClick={() => props.onDecide('theirs')}>Take the other screen’s</Button>
      </div>
    </section>
  );
}

/** The two values, where there is one question and it is about something short. */
export function bothWords(clashes: readonly Clash[]): string {
  const [only, ...more] = clashes;
  if (!only || more.length > 0 || typeof only.mine !== 'string' || typeof only.theirs !== 'string') return '';
  return `Here “${only.mine}”, there “${only.theirs}”. `;
}

const parts: Record<string, string> = {
  name: 'the name',
  ovenMode: 'the kind of oven',
  profile: 'the safety rule',
  vessels: 'the trays',
  steps: 'the steps',
  house: 'which oven',
  oven: 'the oven’s temperature',
  unit: 'the unit',
  rest: 'the rest',
  dinner: 'dinner',
  dinnerTime: 'dinner',
};

/** What both changed, as a cook says it. */
export function clashWords(clash: Clash, draft: TrayDraft, names: TrayNames): string {
  const [part, id] = clash.path;
  const chicken = part === 'chicken' && draft.chicken.find((lot) => lot.id === id);
  if (chicken) return `the ${names.chicken(chicken, Number(chicken.count) || 2)}`;
  const vegetable = part === 'vegetables' && draft.vegetables.find((lot) => lot.id === id);
  if (vegetable) return `the ${names.vegetable(vegetable)}`;
  return parts[String(part)] ?? 'a food';
}
