import type { HeatParameter } from '../../api/types';
import { WideTable } from './WideTable';

export function ParameterTable({ parameters }: { parameters: readonly HeatParameter[] }) {
  return (
    <WideTable label="Numbers">
      <thead>
        <tr className="border-ink border-b-2 font-display">
          <th scope="col" className="py-2 pr-4 font-semibold">
            What
          </th>
          <th scope="col" className="py-2 pr-4 text-right font-semibold">
            Value
          </th>
          <th scope="col" className="py-2 pr-4 text-right font-semibold">
            Range
          </th>
          <th scope="col" className="py-2 font-semibold">
            From
          </th>
        </tr>
      </thead>
      <tbody>
        {parameters.map((parameter) => (
          <tr key={parameter.name} className="border-hairline border-b align-top">
            <th scope="row" className="py-2 pr-4 font-normal">
              {parameter.name}
            </th>
            <td className="figures whitespace-nowrap py-2 pr-4 text-right font-semibold">
              {sayValue(parameter.value)} <span className="font-normal text-ink-soft">{sayUnit(parameter.unit)}</span>
            </td>
            <td className="figures whitespace-nowrap py-2 pr-4 text-right text-ink-soft">
              {sayValue(parameter.low)} to {sayValue(parameter.high)}
            </td>
            <td className="py-2 text-ink-soft">{parameter.source}</td>
          </tr>
        ))}
      </tbody>
    </WideTable>
  );
}

const sayValue = (value: number) => value.toLocaleString('en-GB', { maximumSignificantDigits: 4 });

const sayUnit = (unit: string) => (unit === '1' ? '' : unit);
