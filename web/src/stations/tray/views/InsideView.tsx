import type { TrayView } from '../../../api/types';
import { useUnits } from '../../../kitchen/household';
import { useTraySection } from '../../../kitchen/queries';
import { SectionView } from '../../../section/SectionView';
import { goalC } from '../../../words/goals';

/** The heaviest piece of a lot cut open. */
export function InsideView(props: { view: TrayView; lot: number; minutes: number; name: string }) {
  const { view } = props;
  const film = useTraySection(view, props.lot);
  const lot = view.answer?.forecast.lots.find((other) => other.lot === props.lot);
  const unit = view.plan.ovenSetting.unit;
  const { length } = useUnits();
  // What was refused, and what is not saved yet, has no answer to look into.
  if (!lot) return <p role="status">It has no answer yet: this look begins once the tray has one.</p>;
  if (!film) return <p role="status">Looking inside…</p>;
  return (
    <div className="pt-2">
      <p className="font-semibold text-lg first-letter:uppercase">{props.name}, the heaviest piece</p>
      <SectionView
        film={film}
        minutes={props.minutes - lot.inMinutes}
        targetC={goalC(view.plan, props.lot)}
        units={{ temperature: unit, length }}
      />
    </div>
  );
}
