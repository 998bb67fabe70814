import { X } from 'lucide-react';
import type { Problem } from '../../../api/problem';
import type { CutChoice, Pack, PrepRequest } from '../../../api/types';
import { MassBox } from '../../../household/MassBox';
import { useUnits } from '../../../kitchen/household';
import { Field } from '../../../ui/Field';
import { IconButton } from '../../../ui/IconButton';
import { NumberBox } from '../../../ui/NumberBox';
import { Picker } from '../../../ui/Picker';
import { sayPrice } from '../../../words/units';

type PackRequest = NonNullable<PrepRequest['packs']>[number];

/** A pack as the shop sells it, with what its meat really costs. */
export function PackRow(props: {
  index: number;
  pack: Pack;
  cuts: readonly CutChoice[];
  problem: Problem | null;
  onChange: (pack: PackRequest) => void;
  onRemove: () => void;
}) {
  const { pack, problem } = props;
  const units = useUnits();
  const now: PackRequest = {
    cut: pack.cut,
    mass: { value: pack.massG, unit: 'gram' },
    count: pack.count,
    price: pack.price,
  };
  const at = (field: string) => problem?.at(`packs[${props.index}].${field}`);
  return (
    <li className="grid gap-2 border-hairline border-t pt-3">
      <div className="grid grid-cols-2 items-start gap-2 sm:grid-cols-[minmax(0,2fr)_1fr_1fr_1fr_auto]">
        <Field label="Which piece" error={at('cut')}>
          {(ids) => (
            <Picker
              ids={ids}
              value={pack.cut}
              options={props.cuts.map((cut) => ({ value: cut.cut, label: cut.plural }))}
              onChange={(cut) => props.onChange({ ...now, cut })}
            />
          )}
        </Field>
        <MassBox
          label="Weighs"
          massG={pack.massG}
          error={at('mass')}
          onMass={(mass) => props.onChange({ ...now, mass })}
        />
        <NumberBox
          label="Pieces"
          value={pack.count}
          error={at('count')}
          onNumber={(count) => props.onChange({ ...now, count: count === null ? null : Math.round(count) })}
        />
        <NumberBox
          label="Costs"
          value={pack.price}
          error={at('price')}
          onNumber={(price) => props.onChange({ ...now, price })}
        />
        <div className="pt-[1.65rem]">
          <IconButton name={`Leave out pack ${props.index + 1}`} onClick={props.onRemove}>
            <X aria-hidden className="size-5" />
          </IconButton>
        </div>
      </div>
      <p className="figures text-ink-soft">
        {sayPrice(pack.pricePerKg ?? 0, units)},{' '}
        <strong className="text-ink">{sayPrice(pack.pricePerEdibleKg ?? 0, units)}</strong> of meat without bones
      </p>
    </li>
  );
}
