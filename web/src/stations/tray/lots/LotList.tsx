import { useState } from 'react';
import { useSearchParams } from 'react-router';
import type { components } from '../../../api/schema';
import type { TemperatureUnit, TrayView } from '../../../api/types';
import { coatsInWords } from '../../../coats/coatDraft';
import { usePrep } from '../../../kitchen/prepQueries';
import { vegetableCutWords } from '../../../words/food';
import { unitSign } from '../../../words/temperatures';
import type { TrayNames } from '../../../words/trayNames';
import { massUnits } from '../../../words/units';
import { clockFrom, goodWords, windowSentence } from '../../../words/windows';
import {
  withBird,
  withChicken,
  withChickenLot,
  withCoatsOfAll,
  withOwnTray,
  withoutLot,
  withVegetable,
  withVegetableLot,
} from '../draft/changes';
import type { ChickenDraft, DraftProps, VegetableDraft } from '../draft/trayDraft';
import { AddFood } from './AddFood';
import { BirdPanel } from './BirdPanel';
import { ChickenFields } from './ChickenFields';
import { LotCard } from './LotCard';
import { VegetableFields } from './VegetableFields';

/** Everything on the tray, and what can be added. */
export function LotList(
  props: DraftProps & {
    view: TrayView;
    choices: components['schemas']['ChoicesView'];
    names: TrayNames;
    chosen: number | null;
    onChoose: (lot: number | null) => void;
  },
) {
  const { draft, problem, onChange, view, choices, names, chosen } = props;
  // The bird that was weighed at the counter comes along in the address.
  const [address, setAddress] = useSearchParams();
  const [bird, setBird] = useState(address.has('bird'));
  const prep = usePrep().data;
  const closeBird = () => {
    setBird(false);
    setAddress({}, { replace: true });
  };
  const trays = draft.vessels.length;
  const clock = clockFrom(Date.parse(view.answer?.timing.inAt ?? ''));
  const answered = (id: number) => view.answer?.forecast.lots.find((lot) => lot.lot === id);
  const shared = (id: number, path: string) => {
    const lot = answered(id);
    return {
      outline: view.answer?.layout.outlines.find((outline) => outline.lot === id),
      good: lot?.good ? goodWords(lot.good, clock) : null,
      window: lot ? windowSentence(lot, clock) : null,
      refused: problem?.hasUnder(path) ?? false,
      isOpen: chosen === id,
      onToggle: () => props.onChoose(chosen === id ? null : id),
      onRemove: () => {
        props.onChoose(null);
        onChange(withoutLot(draft, id));
      },
    };
  };
  return (
    <div className="grid grid-cols-1 gap-2">
      <ul aria-label="On the tray">
        {draft.chicken.map((lot, i) => (
          <LotCard
            key={lot.id}
            {...shared(lot.id, `chicken[${i}]`)}
            title={chickenTitle(lot, names)}
            detail={chickenDetail(lot, draft.unit)}
          >
            <ChickenFields
              lot={lot}
              cuts={choices.cuts}
              unit={draft.unit}
              rule={choices.profiles.find((profile) => profile.id === draft.profile)}
              trays={trays}
              guessedHeight={guessed(answered(lot.id)?.piece.heightMm, lot)}
              error={(field) => problem?.at(`chicken[${i}].${field}`)}
              mixes={prep?.mixes ?? []}
              hasDrain={draft.steps.some((step) => step.kind === 'drain')}
              usualSoak={prep?.choice.marinateMinutes ?? 60}
              onCoatAll={draft.chicken.length > 1 ? () => onChange(withCoatsOfAll(draft, lot.coats)) : undefined}
              onChange={(part) => onChange(withChickenLot(draft, lot.id, part))}
            />
          </LotCard>
        ))}
        {draft.vegetables.map((lot, i) => (
          <LotCard
            key={lot.id}
            {...shared(lot.id, `vegetables[${i}]`)}
            title={names.vegetable(lot)}
            detail={vegetableDetail(lot)}
          >
            <VegetableFields
              lot={lot}
              choice={choices.vegetables.find((choice) => choice.kind === lot.kind) ?? neverMissing()}
              trays={trays}
              error={(field) => problem?.at(`vegetables[${i}].${field}`)}
              onChange={(part) => onChange(withVegetableLot(draft, lot.id, part))}
              onOwnTray={() => onChange(withOwnTray(draft, lot.id))}
            />
          </LotCard>
        ))}
      </ul>
      {bird && (
        <BirdPanel
          bird={choices.bird}
          massG={Number(address.get('bird')) || choices.bird.usualMassG}
          onAdd={(massG) => {
            onChange(withBird(draft, massG, choices.bird, choices.cuts));
            closeBird();
          }}
          onLeave={closeBird}
        />
      )}
      <div className="flex gap-2">
        <AddFood
          name="Chicken"
          buttonId="add-chicken"
          choices={[
            ...choices.cuts.map((cut) => ({ value: cut.cut as string, label: cut.plural })),
            { value: WHOLE_BIRD, label: 'a whole bird, cut up' },
          ]}
          onAdd={(value) => {
            setBird(value === WHOLE_BIRD);
            const cut = choices.cuts.find((choice) => choice.cut === value);
            if (cut) onChange(withChicken(draft, cut));
          }}
        />
        <AddFood
          name="Vegetable"
          buttonId="add-vegetable"
          choices={choices.vegetables.map((choice) => ({ value: choice.kind, label: choice.name }))}
          onAdd={(value) => {
            const choice = choices.vegetables.find((other) => other.kind === value);
            if (choice) onChange(withVegetable(draft, choice));
          }}
        />
      </div>
    </div>
  );
}

const WHOLE_BIRD = 'wholeBird';

function chickenTitle(lot: ChickenDraft, names: TrayNames): string {
  const count = lot.basis === 'eachPiece' ? lot.each.split(/[;\s]+/).filter(Boolean).length : Number(lot.count);
  return Number.isFinite(count) && count > 0 ? `${count} ${names.chicken(lot, count)}` : names.chicken(lot, 2);
}

function chickenDetail(lot: ChickenDraft, unit: TemperatureUnit): string {
  const sign = massUnits.find((unit) => unit.value === lot.massUnit)?.label;
  const mass = {
    pack: `${lot.mass} ${sign}`,
    piece: `${lot.mass} ${sign} each`,
    eachPiece: 'weighed one by one',
    height: 'by height',
  };
  return `${mass[lot.basis]}, ${coatsInWords(lot.coats)}, to ${lot.goal} ${unitSign(unit)}${lot.addAt === '0' ? '' : `, in after ${lot.addAt} min`}`;
}

function vegetableDetail(lot: VegetableDraft): string {
  const [mass, length] = [
    massUnits.find((unit) => unit.value === lot.amountUnit)?.label,
    lot.sizeUnit === 'inch' ? 'in' : 'mm',
  ];
  return `${lot.amount} ${mass}, ${lot.size} ${length} ${vegetableCutWords[lot.cut]}${lot.addAt === '0' ? '' : `, in after ${lot.addAt} min`}`;
}

function guessed(heightMm: number | undefined, lot: ChickenDraft): string | undefined {
  if (heightMm === undefined || lot.basis === 'height') return undefined;
  return `Guessed at ${lot.heightUnit === 'inch' ? `${(heightMm / 25.4).toFixed(1)} in` : `${Math.round(heightMm)} mm`}.`;
}

function neverMissing(): never {
  throw new Error('A vegetable of the draft is always one of the choices.');
}
