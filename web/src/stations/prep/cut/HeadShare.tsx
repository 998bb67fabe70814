import type { CuttingItem } from '../../../api/types';
import { vegetableColours } from '../../../foods/vegetableColours';
import type { TrayNames } from '../../../words/trayNames';
import { sayVolume, type Units } from '../../../words/units';

/** What each who eats gets of all vegetables together, against what cooks like to see on a plate. */
export function HeadShare(props: {
  items: readonly CuttingItem[];
  ml: number;
  wantedMl: number;
  heads: number;
  names: TrayNames;
  units: Units;
}) {
  const { ml, wantedMl, units } = props;
  const widest = Math.max(ml, wantedMl) * 1.05;
  const short = wantedMl - ml;
  return (
    <section aria-label="What each gets" className="grid gap-2 border-hairline border-t pt-4">
      <h2 className="font-semibold text-2xl leading-tight">
        {sayVolume(ml, units)} of vegetables a head, for {props.heads}
      </h2>
      <div className="relative flex h-10" aria-hidden>
        {props.items.map((item) => {
          const colours = vegetableColours(item.kind, 'ready');
          return (
            <div
              key={item.lot}
              style={{
                width: `${(100 * item.mlPerHead) / widest}%`,
                background: colours.fill,
                borderColor: colours.line,
              }}
              className="h-full border-2"
            />
          );
        })}
        <div
          className="-inset-y-1 absolute border-ink border-l-2 border-dashed"
          style={{ left: `${(100 * wantedMl) / widest}%` }}
        />
      </div>
      <p className="leading-snug first-letter:uppercase">
        {props.items.map((item) => `${props.names.vegetable(item)} ${sayVolume(item.mlPerHead, units)}`).join(', ')},
        cooked. The dashed line is {sayVolume(wantedMl, units)}, what many cooks count on
        {short > wantedMl / 10 ? `: ${sayVolume(short, units)} more a head gets there.` : '.'}
      </p>
    </section>
  );
}
