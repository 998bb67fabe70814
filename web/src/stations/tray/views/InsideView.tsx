import { useTraySection } from '../../../api/queries';
import type { TrayView } from '../../../api/types';
import { SectionView } from '../../../section/SectionView';
import { celsiusOf } from '../../../words/temperatures';

/** The heaviest piece of a lot cut open. */
export function InsideView(props: { view: TrayView; lot: number; minutes: number; name: string }) {
  const { view } = props;
  const film = useTraySection(view.answer ? view.version : 0, props.lot);
  const lot = view.answer?.forecast.lots.find((other) => other.lot === props.lot);
  const chicken = view.plan.chicken.find((other) => other.id === props.lot);
  const unit = view.plan.targetCore.unit;
  if (!film || !lot) return <p role="status">Cutting it open…</p>;
  return (
    <div className="pt-2">
      <p className="font-semibold text-lg first-letter:uppercase">{props.name}, the heaviest piece</p>
      <SectionView
        film={film}
        minutes={props.minutes - lot.inMinutes}
        targetC={celsiusOf(view.plan.targetCore)}
        units={{ temperature: unit, length: chicken?.height?.unit ?? 'millimetre' }}
      />
    </div>
  );
}
