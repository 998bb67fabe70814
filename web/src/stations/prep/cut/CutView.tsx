import { useState } from 'react';
import type { CuttingItem, PrepView } from '../../../api/types';
import { useUnits } from '../../../kitchen/household';
import { Button } from '../../../ui/Button';
import { vegetableCutWords } from '../../../words/food';
import type { TrayNames } from '../../../words/trayNames';
import { sayMass, saySize } from '../../../words/units';
import { CardRuler } from './CardRuler';
import { HeadShare } from './HeadShare';
import { readRuler } from './ruler';
import { TrueSize } from './TrueSize';

/** Each vegetable, how large to cut it, drawn at its true size. */
export function CutView({ view, names }: { view: PrepView; names: TrayNames }) {
  const [ruler, setRuler] = useState(() => readRuler(localStorage));
  const [measuring, setMeasuring] = useState(false);
  const units = useUnits();
  if (view.cutting.length === 0) {
    return (
      <p className="py-6 text-lg">There are no vegetables on the tray. Add some there, and they are listed here.</p>
    );
  }
  return (
    <section aria-label="Cutting list" className="grid gap-4 py-4">
      <div className="flex flex-wrap items-center gap-x-4 gap-y-2">
        <p className="max-w-prose">
          {ruler.isCalibrated
            ? 'Drawings are true to size on this screen: lay a piece on one.'
            : 'Hold a bank card against this screen once, and the drawings are true to size.'}
        </p>
        <Button onClick={() => setMeasuring(!measuring)}>
          {ruler.isCalibrated ? 'Measure the screen again' : 'Measure this screen'}
        </Button>
      </div>
      {measuring && (
        <CardRuler
          pxPerMm={ruler.pxPerMm}
          onKeep={(pxPerMm) => {
            setRuler({ pxPerMm, isCalibrated: true });
            setMeasuring(false);
          }}
        />
      )}
      <ul className="grid gap-x-8 gap-y-6 sm:grid-cols-2 xl:grid-cols-3">
        {view.cutting.map((item) => (
          <Item key={item.lot} item={item} name={names.vegetable(item)} pxPerMm={ruler.pxPerMm} />
        ))}
      </ul>
      <HeadShare
        items={view.cutting}
        ml={view.vegetableMlPerHead}
        wantedMl={view.wantedMlPerHead}
        heads={view.choice.heads}
        names={names}
        units={units}
      />
    </section>
  );
}

function Item(props: { item: CuttingItem; name: string; pxPerMm: number }) {
  const { item } = props;
  const units = useUnits();
  return (
    <li className="grid content-start gap-2 border-ink border-t-2 pt-2">
      <h2 className="font-semibold text-2xl leading-tight first-letter:uppercase">{props.name}</h2>
      <p className="text-lg leading-snug">
        <strong className="figures text-3xl">{saySize(item.sizeMm, units)}</strong> {vegetableCutWords[item.cut]},{' '}
        {item.sizeMeans}
      </p>
      <TrueSize item={item} pxPerMm={props.pxPerMm} units={units} />
      <p className="figures text-ink-soft">
        {item.pieces} piece{item.pieces === 1 ? '' : 's'} from {sayMass(item.massG, units)}
      </p>
    </li>
  );
}
