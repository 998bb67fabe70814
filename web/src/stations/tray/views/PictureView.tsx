import { Info } from 'lucide-react';
import { useState } from 'react';
import type { LotForecast, Spot, TrayView } from '../../../api/types';
import { TrayPicture } from '../../../tray/TrayPicture';
import { TrayTable } from '../../../tray/TrayTable';
import { lotAt } from '../../../tray/trayMoment';
import { Button } from '../../../ui/Button';
import { colourWords, middleWords } from '../../../words/food';
import { sayTemperature } from '../../../words/temperatures';
import { MINUTE_MS, sayClock } from '../../../words/times';
import type { TrayNames } from '../../../words/trayNames';

/** The tray from above, and in words what is pointed at. */
export function PictureView(props: {
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
  const { answer, plan } = view;
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
    const ready = lot.pieceReady[spot.index] ?? lot.ready.medianMinutes;
    const which = lot.isChicken ? `${names.one(plan, spot.lot)} ${spot.index + 1}` : nameOf(spot.lot);
    const now =
      moment.where === 'waiting'
        ? `goes in at ${clock(lot.inMinutes)}`
        : `middle ${sayTemperature(moment.coldestC, unit)} at ${clock(minutes)}`;
    const lead = lot.lot === forecast.lead && spot.index === lot.slowest ? ', probe this one' : '';
    return `${which}: ${now}, done ${clock(ready)}, then ${middleWords[lot.state]} and ${colourWords[lot.colour]}, ${lossWords(lot)}${lead}.`;
  };
  const shown = pointed ?? spotOf(view, props.chosen) ?? spotOf(view, forecast.lead);
  const pinned = plan.spots.some((spot) => spot.isPinned);
  return (
    <div className="grid grid-cols-1 gap-x-6 gap-y-1 pt-3 xl:grid-cols-[minmax(0,1fr)_17rem]">
      <TrayPicture
        layout={layout}
        lots={forecast.lots}
        lead={forecast.lead}
        minutes={minutes}
        unit={unit}
        maxHeight={312}
        chosen={props.chosen}
        names={nameOf}
        sayPiece={sayPiece}
        onChoose={props.onChoose}
        onPoint={setPointed}
        onMove={props.onMove}
      />
      <TrayTable lots={forecast.lots} inAt={inAt} minutes={minutes} unit={unit} names={nameOf} />
      <div className="grid content-start gap-3">
        {/* Room for the longest sentence: what lies below must not move away from under a finger when it goes. */}
        <p className="min-h-32 text-lg leading-snug first-letter:uppercase">{shown && sayPiece(shown)}</p>
        {crowdingWords(view).map((sentence) => (
          <p key={sentence} className="flex gap-2 leading-snug">
            <Info aria-hidden className="mt-0.5 size-5 shrink-0" />
            {sentence}
          </p>
        ))}
        {pinned && (
          <Button className="justify-self-start" onClick={props.onFresh}>
            Lay it out afresh
          </Button>
        )}
      </div>
    </div>
  );
}

/** What cooks out of it by then. */
const lossWords = (lot: LotForecast) => {
  const share = `${Math.round(100 * lot.lossShare)} %`;
  if (!lot.isChicken) return `${share} lighter by lost water`;
  const ml = 10 * Math.round((lot.juiceMl ?? 0) / 10);
  return `${share} of its mass lost, juice and steam${ml > 0 ? `, about ${ml} ml of juice from all of them in the tray` : ''}`;
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
    sentences.push(
      `The tray is ${fullest.fullness === 'crowded' ? 'crowded' : 'close'}: ${Math.round(100 * fullest.coverShare)} % covered${costs}.${better}`,
    );
  }
  if (answer?.layout.vessels.some((vessel) => vessel.isAfresh))
    sentences.push('There was only room after laying everything afresh.');
  return sentences;
}
