import { useState } from 'react';
import type { Look, TemperatureUnit } from '../../api/types';
import { type BakeLot, told, useTell, type WholeBake } from '../../kitchen/bakes';
import { Button } from '../../ui/Button';
import { Refusal } from '../../ui/Refusal';
import { lookWords } from '../../words/food';
import { sayDegrees, sayRise } from '../../words/temperatures';
import { sayClock } from '../../words/times';
import { WentInLater } from './WentInLater';

const colours: readonly Look[] = ['pale', 'browned', 'dark'];
const forks: readonly Look[] = ['hard', 'tender', 'soft'];

/** One food opened: how sure its time is, what eye and fork say of it, and pieces of it that came off. */
export function LotDetail({ bake, lot }: { bake: WholeBake; lot: BakeLot }) {
  const { unit } = bake.plan.ovenSetting;
  return (
    <div className="grid gap-3 pt-1 pb-3">
      {!lot.isTimeTold && <WentInLater bake={bake} lot={lot} />}
      <Chances lot={lot} unit={unit} />
      <Looks bake={bake} lot={lot} />
      {lot.isChicken && lot.pieces.length > 1 && <Pieces bake={bake} lot={lot} unit={unit} />}
    </div>
  );
}

function Chances({ lot, unit }: { lot: BakeLot; unit: TemperatureUnit }) {
  if (lot.doneBy.length === 0) return null;
  return (
    <div className="grid gap-x-5">
      <p className="text-base text-ink-soft">
        {lot.isChicken && `The middle is ${sayRise(lot.risePerMinuteC, unit)}. `}
        Chance that the {lot.name} are {lot.isChicken ? 'done' : 'tender'} by
      </p>
      <dl className="flex flex-wrap gap-x-4">
        {lot.doneBy.map((done) => (
          <div key={done.chance} className="grid justify-items-center">
            <dt className="text-ink-soft text-sm">{Math.round(100 * done.chance)} %</dt>
            <dd className={done.chance === 0.5 ? 'font-semibold' : ''}>{sayClock(done.at)}</dd>
          </div>
        ))}
      </dl>
    </div>
  );
}

function Looks({ bake, lot }: { bake: WholeBake; lot: BakeLot }) {
  const tell = useTell(bake.id);
  return (
    <div className="grid gap-1">
      <p className="text-base text-ink-soft">{lot.isChicken ? 'Its colour is' : 'The fork says'}</p>
      <div className="flex flex-wrap gap-2">
        {(lot.isChicken ? colours : forks).map((look) => (
          <Button
            key={look}
            busy={tell.isPending}
            onClick={() => tell.mutate([told({ kind: 'look', lot: lot.lot, look })])}
          >
            {lookWords[look]}
          </Button>
        ))}
      </div>
      <Refusal error={tell.error} />
    </div>
  );
}

/** Tapped one after the other, told at once. */
function Pieces({ bake, lot, unit }: { bake: WholeBake; lot: BakeLot; unit: TemperatureUnit }) {
  const tell = useTell(bake.id);
  const [chosen, setChosen] = useState<readonly number[]>([]);
  const off = lot.pieces.filter((piece) => piece.isOff);
  const on = lot.pieces.filter((piece) => !piece.isOff);
  const picked = on.filter((piece) => chosen.includes(piece.piece)).map((piece) => piece.piece);
  const say = (kind: 'piecesOut' | 'piecesIn', pieces: number[]) =>
    tell.mutate([told({ kind, lot: lot.lot, pieces })], { onSuccess: () => setChosen([]) });
  return (
    <div className="grid gap-1">
      <p className="text-base text-ink-soft">Tap the pieces that came off before the others</p>
      <div className="flex flex-wrap gap-2">
        {on.map(({ piece, name, middleC }) => (
          <Button
            key={piece}
            aria-pressed={chosen.includes(piece)}
            className={chosen.includes(piece) ? 'border-ink bg-ink text-paper' : ''}
            onClick={() =>
              setChosen(chosen.includes(piece) ? chosen.filter((other) => other !== piece) : [...chosen, piece])
            }
          >
            {name} <span className="figures opacity-80">{sayDegrees(middleC, unit)}</span>
          </Button>
        ))}
      </div>
      <div className="flex flex-wrap items-center gap-2">
        <Button
          busy={tell.isPending}
          disabled={picked.length === 0}
          onClick={() =>
            picked.length === on.length
              ? tell.mutate([told({ kind: 'lotOut', lot: lot.lot })])
              : say('piecesOut', picked)
          }
        >
          {picked.length > 1 ? `These ${picked.length} came off` : 'It came off'}
        </Button>
        {off.map(({ piece, name }) => (
          <Button key={piece} busy={tell.isPending} onClick={() => say('piecesIn', [piece])}>
            {name}: back in
          </Button>
        ))}
      </div>
      <Refusal error={tell.error} />
    </div>
  );
}
