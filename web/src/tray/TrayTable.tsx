import type { LotForecast, TemperatureUnit } from '../api/types';
import { middleWords } from '../words/food';
import { sayTemperature } from '../words/temperatures';
import { MINUTE_MS, sayClock } from '../words/times';
import { lotAt } from './trayMoment';

/** The same as the picture says, for a screen reader. */
export function TrayTable(props: {
  lots: readonly LotForecast[];
  inAt: number;
  minutes: number;
  unit: TemperatureUnit;
  names: (lot: number) => string;
}) {
  const clock = (minutes: number) => sayClock(props.inAt + minutes * MINUTE_MS);
  return (
    <div className="sr-only">
      <table aria-label="What is on the tray">
        <thead>
          <tr>
            <th>What</th>
            <th>Pieces</th>
            <th>Middle at {clock(props.minutes)}</th>
            <th>Goes in</th>
            <th>Done</th>
            <th>Comes out</th>
            <th>Like then</th>
          </tr>
        </thead>
        <tbody>
          {props.lots.map((lot) => (
            <tr key={lot.lot}>
              <td>{props.names(lot.lot)}</td>
              <td>{lot.pieces}</td>
              <td>{sayTemperature(lotAt(lot, props.minutes).coldestC, props.unit)}</td>
              <td>{clock(lot.inMinutes)}</td>
              <td>{clock(lot.ready.medianMinutes)}</td>
              <td>{clock(lot.outMinutes)}</td>
              <td>{middleWords[lot.state]}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
