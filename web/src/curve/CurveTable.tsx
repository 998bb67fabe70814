import type { CurvePoint, TemperatureUnit } from '../api/types';
import { sayTemperature } from '../words/temperatures';
import { MINUTE_MS, sayClock } from '../words/times';

const EVERY_MINUTES = 5;

/** The curve in words, for those who hear the page. */
export function CurveTable(props: { curve: readonly CurvePoint[]; startAt: number; unit: TemperatureUnit }) {
  const last = props.curve.length - 1;
  return (
    <div className="sr-only">
      <table>
        <caption>Predicted temperatures, every {EVERY_MINUTES} minutes</caption>
        <thead>
          <tr>
            <th scope="col">Time</th>
            <th scope="col">Middle</th>
            <th scope="col">Between</th>
            <th scope="col">Outside</th>
          </tr>
        </thead>
        <tbody>
          {props.curve
            .filter((point, i) => point.minutes % EVERY_MINUTES === 0 || i === last)
            .map((point) => (
              <tr key={point.minutes}>
                <th scope="row">{sayClock(props.startAt + point.minutes * MINUTE_MS)}</th>
                <td>{sayTemperature(point.coldestC, props.unit)}</td>
                <td>
                  {sayTemperature(point.coldestLowC, props.unit)} and {sayTemperature(point.coldestHighC, props.unit)}
                </td>
                <td>{sayTemperature(point.surfaceC, props.unit)}</td>
              </tr>
            ))}
        </tbody>
      </table>
    </div>
  );
}
