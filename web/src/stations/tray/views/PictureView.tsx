import { memo, useState } from 'react';
import type { LotForecast, Spot, TrayView } from '../../../api/types';
import type { FoodState } from '../../../foods/foodState';
import { useUnits } from '../../../kitchen/household';
import { pieceState } from '../../../tray/LotOnTray';
import { TrayPicture } from '../../../tray/TrayPicture';
import { TrayTable } from '../../../tray/TrayTable';
import { lotAt } from '../../../tray/trayMoment';
import { Button } from '../../../ui/Button';
import { useSize } from '../../../ui/useSize';
import { colourWords, middleWords } from '../../../words/food';
import { sayTemperature } from '../../../words/temperatures';
import { MINUTE_MS, sayClock } from '../../../words/times';
import type { TrayNames } from '../../../words/trayNames';
import { sayVolume, type Units } from '../../../words/units';

/** What stands under the picture takes this much of its box, px. */
const CAPTION_PX = 50;
/** Where the page scrolls anyhow. */
const TALLEST_PX = 340;
/** Below this, as when the rail draws a curve or lists many foods, one line of words is all there is room for. */
const TIGHT_PX = 215;
const ONE_LINE_PX = 28;
const LEAST_PX = 90;
/** The name of its shelf under each of several trays. */
const SHELF_PX = 22;

/** The tray from above, and in words what is pointed at: drawn again when the tray or the minute is another, not for what is typed beside it. */
export const PictureView = memo(function PictureView(props: {
  view: TrayView;
  minutes: number;
  names: TrayNames;
  chosen: number | null;
  onChoose: (lot: number) => void;
  onMove: (spot: Spot) => void;
  onFresh: () => void;
}) {
  const { view, minutes, names } = props;
  const [pointed, setPointed] = useState<Spot | null>(null);
  const [box, size] = useSize<HTMLDivElement>();
  const { answer, plan } = view;
  const units = useUnits();
  if (!answer) return null;
  const { forecast, layout, timing } = answer;
  const unit = plan.ovenSetting.unit;
  const inAt = Date.parse(timing.inAt);
  const clock = (minute: number) => sayClock(inAt + minute * MINUTE_MS);
  const nameOf = (lot: number) => names.of(plan, lot);

  const sayPiece = (spot: Spot) => {
    const lot = forecast.lots.find((other) => other.lot === spot.lot);
    if (!lot) return '';
    const moment = lotAt(lot, minutes, spot.index);
    if (!lot.isChicken)
      return `${nameOf(spot.lot)}: ${moment.where === 'waiting' ? `in at ${clock(lot.inMinutes)}` : `${tenderWords(pieceState(lot, minutes, moment))} at ${clock(minutes)}`}, tender from ${clock(lot.ready.medianMinutes)}, ${colourWords[lot.colour]} by then.`;
    const ready = lot.pieceReady[spot.index] ?? lot.ready.medianMinutes;
    const now =
      moment.where === 'waiting'
        ? `goes in at ${clock(lot.inMinutes)}`
        : `middle ${sayTemperature(moment.coldestC, unit)} at ${clock(minutes)}`;
    const lead = lot.lot === forecast.lead && spot.index === lot.slowest ? ', probe this one' : '';
    return `${names.one(plan, spot.lot)} ${spot.index + 1}: ${now}, done ${clock(ready)}, then ${middleWords[lot.state]} and ${colourWords[lot.colour]}, ${lossWords(lot, units)}${lead}.`;
  };
  const isWide = matchMedia('(min-width: 64rem)').matches;
  const isTight = isWide && size.height < TIGHT_PX;
  const captionPx = (isTight ? ONE_LINE_PX : CAPTION_PX) + (plan.vessels.length > 1 ? SHELF_PX : 0);
  // Beside a curve over a long list of foods a picture would be too small to be one.
  const isShown = !isWide || size.height === 0 || size.height - captionPx >= LEAST_PX;
  const shown = pointed ?? spotOf(view, props.chosen) ?? spotOf(view, forecast.lead);
  const pinned = plan.spots.some((spot) => spot.isPinned);
  return (
    // The box gets its height from the screen where there is no page scroll, from the picture elsewhere.
    <div ref={box} className="min-w-0 lg:min-h-0 lg:grow">
      {isShown && (
        <TrayPicture
          plan={plan}
          layout={layout}
          lots={forecast.lots}
          lead={forecast.lead}
          minutes={minutes}
          unit={unit}
          maxHeight={isWide ? Math.max(LEAST_PX, size.height - captionPx) : TALLEST_PX}
          chosen={props.chosen}
          names={nameOf}
          sayPiece={sayPiece}
          onChoose={props.onChoose}
          onPoint={setPointed}
          onMove={props.onMove}
        />
      )}
      <TrayTable lots={forecast.lots} inAt={inAt} minutes={minutes} unit={unit} names={nameOf} />
      <div className="flex items-start justify-between gap-3 pt-1">
        {/* Room for the longest sentence: what lies below must not move away from under a finger when it goes. */}
        <p
          className={`line-clamp-3 text-[0.95rem] leading-snug first-letter:uppercase ${isTight ? 'lg:line-clamp-1' : 'min-h-11 lg:line-clamp-2'}`}
        >
          {shown && sayPiece(shown)}
        </p>
        {pinned && (
          <Button className="shrink-0" onClick={props.onFresh}>
            Lay it out afresh
          </Button>
        )}
      </div>
    </div>
  );
});

/** How far a vegetable is, in a word. */
const tenderWords = (state: FoodState): string =>
  ({ waiting: 'not in yet', notYet: 'still firm', ready: 'tender', past: 'past its best' })[state];

/** What cooks out of it by then. */
const lossWords = (lot: LotForecast, units: Units) => {
  const share = `${Math.round(100 * lot.lossShare)} %`;
  const ml = 10 * Math.round((lot.juiceMl ?? 0) / 10);
  return `${share} lighter${ml > 0 ? `, about ${sayVolume(ml, units)} of juice in the tray from all` : ''}`;
};

const spotOf = ({ plan, answer }: TrayView, lot: number | null): Spot | null => {
  const slowest = answer?.forecast.lots.find((other) => other.lot === lot)?.slowest;
  return plan.spots.find((spot) => spot.lot === lot && spot.index === slowest) ?? null;
};

/** What a full tray costs, in a sentence. */
export function crowdingWords({ answer }: Pick<TrayView, 'answer'>): string[] {
  const fullest =
    answer?.layout.vessels.find((vessel) => vessel.fullness === 'crowded') ??
    answer?.layout.vessels.find((vessel) => vessel.fullness === 'close');
  const cost = answer?.crowding;
  const sentences: string[] = [];
  if (fullest && cost) {
    const minutes = Math.max(0, Math.round(cost.minutesAdded));
    const paler = cost.browningLost > 0.1 ? ' and leaves it paler' : '';
    const costs = minutes > 0 || paler ? `, which costs ${minutes} min${paler}` : ', which costs hardly any time';
    const better =
      cost.secondTraySaves >= 1
        ? ` A second tray would be ${Math.round(cost.secondTraySaves)} min quicker.`
        : ' A second tray would not be quicker.';
    sentences.push(`The tray is ${fullest.fullness === 'crowded' ? 'crowded' : 'close'}${costs}.${better}`);
  }
  if (answer?.layout.vessels.some((vessel) => vessel.isAfresh))
    sentences.push('There was only room after laying everything afresh.');
  return sentences;
}
