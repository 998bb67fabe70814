import type { HeatParameter } from '../../api/types';

const WIDTH = 60;
const HEIGHT = 14;

/** Each number, what it may be, and where it comes from. */
export function ParameterList({ parameters }: { parameters: readonly HeatParameter[] }) {
  return (
    <ul className="grid">
      {parameters.map((one) => (
        <li key={one.name} className="grid gap-x-4 border-hairline border-t py-2 sm:grid-cols-[1fr_auto]">
          <p className="leading-snug">
            {one.name}
            <span className="block text-ink-soft text-sm">{one.source}</span>
          </p>
          <p className="figures leading-snug sm:w-44 sm:text-right">
            <b className="font-semibold">{sayValue(one.value)}</b> {sayUnit(one.unit)}
            <Reach of={one} />
          </p>
        </li>
      ))}
    </ul>
  );
}

/** Where a number lies between the least and the most it may be. */
function Reach({ of }: { of: HeatParameter }) {
  const share = (of.value - of.low) / (of.high - of.low);
  return (
    <span className="flex items-center gap-2 text-ink-soft text-sm sm:justify-end">
      {sayValue(of.low)}
      <svg aria-hidden="true" width={WIDTH} height={HEIGHT} className="shrink-0">
        <line x2={WIDTH} y1={HEIGHT / 2} y2={HEIGHT / 2} stroke="var(--control-line)" strokeWidth={2} />
        <circle cx={4 + Math.min(1, Math.max(0, share)) * (WIDTH - 8)} cy={HEIGHT / 2} r={4} fill="var(--ink)" />
      </svg>
      <span className="sr-only">to</span>
      {sayValue(of.high)}
    </span>
  );
}

const sayValue = (value: number) => value.toLocaleString('en-GB', { maximumSignificantDigits: 4 });

const sayUnit = (unit: string) => (unit === '1' ? '' : unit);
