import { ChevronDown } from 'lucide-react';
import { useState } from 'react';
import type { TemperatureUnit } from '../../api/types';
import { curveAt } from '../../curve/curveAt';
import { type BakeLot, told, useTell, type WholeBake } from '../../kitchen/bakes';
import { Button } from '../../ui/Button';
import { Refusal } from '../../ui/Refusal';
import { middleWords } from '../../words/food';
import { verdictWords } from '../../words/names';
import { sayDegrees, sayTemperature } from '../../words/temperatures';
import { MINUTE_MS, sayClock } from '../../words/times';
import { LotDetail } from './LotDetail';
import { VerdictMark } from './VerdictPanel';

/** Every food by itself: what it is like at the minute shown, when it gets where it should, and what the judge says of it. */
export function LotBoard(props: { bake: WholeBake; shownAt: number; now: number }) {
  const { bake } = props;
  const tell = useTell(bake.id);
  const [opened, setOpened] = useState<number | null>(null);
  const start = Date.parse(bake.startedAt);
  // Of one lot the tray's verdict says it already.
  const several = bake.lots.filter((lot) => lot.isChicken).length > 1;
  return (
    <div>
      <ul aria-label="Foods" className="figures">
        {bake.lots.map((lot) => (
          <li
            key={lot.lot}
            className="flex min-h-10 flex-wrap items-center gap-x-3 border-hairline border-t py-0.5 text-lg leading-tight last:border-b"
          >
            <button
              type="button"
              aria-expanded={opened === lot.lot}
              disabled={lot.place === null || lot.isOff}
              onClick={() => setOpened(opened === lot.lot ? null : lot.lot)}
              className="flex min-h-11 w-40 items-center justify-between gap-1 pr-3 text-left font-display font-semibold"
            >
              <span className="first-letter:uppercase">{lot.name}</span>
              {lot.place !== null && !lot.isOff && (
                <ChevronDown
                  aria-hidden
                  className={`size-5 shrink-0 text-ink-soft ${opened === lot.lot ? 'rotate-180' : ''}`}
                />
              )}
            </button>
            <Middle lot={lot} minutes={(props.shownAt - start) / MINUTE_MS} unit={bake.plan.ovenSetting.unit} />
            <When lot={lot} now={props.now} isJudged={several} />
            {lot.place === null && (
              <Button busy={tell.isPending} onClick={() => tell.mutate([told({ kind: 'lotIn', lot: lot.lot })])}>
                It is in now
              </Button>
            )}
            {lot.verdict?.kind === 'serve' && !lot.isOff && bake.lots.length > 1 && (
              <Button busy={tell.isPending} onClick={() => tell.mutate([told({ kind: 'lotOut', lot: lot.lot })])}>
                Taken off
              </Button>
            )}
            {opened === lot.lot && lot.place !== null && !lot.isOff && (
              <div className="basis-full">
                <LotDetail bake={bake} lot={lot} />
              </div>
            )}
          </li>
        ))}
      </ul>
      <Refusal error={tell.error} />
    </div>
  );
}

/** Chicken by its temperature with a band, a vegetable by how tender it is. */
function Middle(props: { lot: BakeLot; minutes: number; unit: TemperatureUnit }) {
  const { lot, unit } = props;
  if (!lot.isChicken || lot.place === null)
    return <span className="w-36">{lot.place === null ? '' : middleWords[lot.state]}</span>;
  const at = curveAt(lot.curve, props.minutes);
  return (
    <span className="w-36 whitespace-nowrap">
      <b className="font-semibold text-xl" data-testid={`middle-${lot.lot}`}>
        {sayTemperature(at.coldestC, unit)}
      </b>{' '}
      <span className="text-base text-ink-soft">
        {sayDegrees(at.coldestLowC, unit)} to {sayDegrees(at.coldestHighC, unit)}
      </span>
    </span>
  );
}

/** Its verdict once there is something to judge, and when it gets where it should. */
function When({ lot, now, isJudged }: { lot: BakeLot; now: number; isJudged: boolean }) {
  const { verdict } = lot;
  const first = verdict?.kind === 'measure' && verdict.nextCheckAt && Date.parse(verdict.nextCheckAt) > now;
  return (
    <span className="flex grow flex-wrap items-baseline gap-x-3">
      {isJudged && verdict && lot.place !== null && !first && (
        <span className="inline-flex items-center gap-1.5">
          <VerdictMark kind={verdict.kind} className="size-5" />
          {verdictWords[verdict.kind]}
        </span>
      )}
      <span className="text-base text-ink-soft">{whenWords(lot)}</span>
    </span>
  );
}

function whenWords(lot: BakeLot): string {
  if (lot.place === null) return `goes in ${sayClock(lot.inAt)}`;
  if (lot.isOff) return 'off the tray';
  if (lot.place === 'worktop') return 'resting';
  if (!lot.goalAt) return 'not done in this oven';
  const [from, until] = [sayClock(lot.goalFrom ?? lot.goalAt), sayClock(lot.goalUntil ?? lot.goalAt)];
  const done = `${lot.isChicken ? 'done' : 'tender'} ${from} to ${until}`;
  if (lot.good?.pastAt && lot.good.isHurried) return `${done}, past ${sayClock(lot.good.pastAt)}: take it out first`;
  // Of a wide band and a short window the end of the one may lie before the end of the other: that says nothing to a cook.
  const isAfter = lot.good?.bestUntil && Date.parse(lot.good.bestUntil) > Date.parse(lot.goalUntil ?? lot.goalAt);
  return isAfter ? `${done}, best until ${sayClock(lot.good?.bestUntil ?? '')}` : done;
}
