import type { CurvePoint, TemperatureUnit } from '../api/types';
import { sayTemperature } from '../words/temperatures';
import { MINUTE_MS, sayClock } from '../words/times';

const EVERY_MINUTES = 5;

/** A curve in numbers. The row nearest the minute that is shown stands out. */
export function CurveTable(props: {
  curve: readonly CurvePoint[];
  startAt: number;
  unit: TemperatureUnit;
  spoonAt: number;
  /** Only for those who hear the page. */
  heard?: boolean;
}) {
  const last = props.curve.length - 1;
  const rows = props.curve.filter((point, i) => point.minutes % EVERY_MINUTES === 0 || i === last);
  const away = (point: CurvePoint) => Math.abs(props.startAt + point.minutes * MINUTE_MS - props.spoonAt);
  const nearest = Math.min(...rows.map(away));
  const table = (
    <table className="figures w-full text-left">
      <caption className="sr-only">Predicted temperatures, every {EVERY_MINUTES} minutes</caption>
      <thead className="font-display">
        <tr>
          {['Time', 'Middle', 'Between', 'Outside'].map((name) => (
            <th key={name} scope="col" className="border-hairline border-b py-1 pr-3 font-semibold">
              {name}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {rows.map((point) => (
          <tr key={point.minutes} className={away(point) === nearest ? 'bg-paper-deep font-semibold' : ''}>
            <th scope="row" className="py-0.5 pr-3 font-normal">
              {sayClock(props.startAt + point.minutes * MINUTE_MS)}
            </th>
            <td className="pr-3">{sayTemperature(point.coldestC, props.unit)}</td>
            <td className="pr-3">
              {sayTemperature(point.coldestLowC, props.unit)} to {sayTemperature(point.coldestHighC, props.unit)}
            </td>
            <td className="pr-3">{sayTemperature(point.surfaceC, props.unit)}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
  // A table cannot be made narrow: what only is heard is cut off by the box around it.
  return props.heard ? <div className="sr-only">{table}</div> : table;
}
