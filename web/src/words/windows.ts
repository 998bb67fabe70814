import type { GoodWindow, LotForecast, MinuteSpan, TrayForecast } from '../api/types';
import { MINUTE_MS, sayClock } from './times';

/** From a minute of the bake to the clock. */
export type Clock = (minutes: number) => string;

export const clockFrom =
  (inAt: number): Clock =>
  (minutes) =>
    sayClock(inAt + minutes * MINUTE_MS);

/** Past before it is safe or tender: in this oven it burns first. */
export const burnsFirst = ({ opensMinutes, pastMinutes }: GoodWindow) =>
  opensMinutes !== null && pastMinutes !== null && pastMinutes < opensMinutes;

/** A stretch in whole minutes inside it; the same twice where it is shorter than a minute, which is when all come out. */
export function wholeMinutes(span: MinuteSpan): [from: number, until: number] {
  const from = Math.ceil(span.fromMinutes);
  return [from, Math.max(from, Math.floor(span.untilMinutes))];
}

/** All lots at once: the stretch, or how long the first waits past its best. */
export function togetherWords(
  forecast: Pick<TrayForecast, 'together' | 'apartMinutes' | 'pullMinutes'>,
  clock: Clock,
): string {
  const { together } = forecast;
  if (together) {
    const [from, until] = wholeMinutes(together).map(clock);
    return from === until ? `at ${from}` : `${from}–${until}`;
  }
  const apart = Math.round(forecast.apartMinutes ?? 0);
  return apart > 0 ? `no, ${apart} min apart` : `at ${clock(forecast.pullMinutes)}`;
}

/** "Good together from 18:40 to 18:52": when one moment suits every food, or how far apart they are. */
export function goodSentence(
  forecast: Pick<TrayForecast, 'together' | 'apartMinutes' | 'pullMinutes'> & {
    lots: readonly Pick<LotForecast, 'good'>[];
  },
  clock: Clock,
): string {
  const { together, lots, pullMinutes } = forecast;
  const only = lots.length === 1 ? lots[0]?.good : null;
  if (only) {
    if (only.opensMinutes === null) return 'Not done in this oven';
    if (burnsFirst(only)) return 'Burns before it is done';
    return only.pastMinutes === null
      ? `Good from ${clock(only.opensMinutes)}`
      : `Good from ${clock(only.opensMinutes)} to ${clock(only.pastMinutes)}`;
  }
  if (together) {
    const [from, until] = wholeMinutes(together).map(clock);
    return from === until ? `Good together at ${from}` : `Good together from ${from} to ${until}`;
  }
  const apart = Math.round(forecast.apartMinutes ?? 0);
  return apart > 0 ? `${apart} min apart, out at ${clock(pullMinutes)}` : `Good together at ${clock(pullMinutes)}`;
}

/** A lot's whole window in a sentence, with how sure that is. */
export function windowSentence(lot: LotForecast, clock: Clock): string | null {
  const { good, goodSooner: sooner, goodLater: later } = lot;
  if (!good || good.opensMinutes === null) return null;
  if (burnsFirst(good))
    return `Burnt from ${clock(good.pastMinutes ?? 0)}, before it is ${lot.isChicken ? 'safe' : 'tender'} at ${clock(good.opensMinutes)}: lay foil over it in time, or take less heat.`;
  const sure = (a: number | null | undefined, b: number | null | undefined) =>
    a === null || a === undefined || b === null || b === undefined ? '' : ` (${clock(a)} to ${clock(b)})`;
  const parts = [
    `${lot.isChicken ? 'Safe' : 'Tender'} from ${clock(good.opensMinutes)}${sure(sooner?.opensMinutes, later?.opensMinutes)}`,
  ];
  if (good.bestFromMinutes !== null && good.bestUntilMinutes !== null) {
    const [from, until] = [clock(good.bestFromMinutes), clock(good.bestUntilMinutes)];
    parts.push(from === until ? `best at ${from}` : `best ${from} to ${until}`);
  }
  parts.push(
    good.pastMinutes === null
      ? 'not past within four hours'
      : `past from ${clock(good.pastMinutes)}${sure(sooner?.pastMinutes, later?.pastMinutes)}`,
  );
  return `${parts.join(', ')}.`;
}
