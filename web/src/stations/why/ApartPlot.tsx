import { useWidth } from '../../ui/useWidth';
import type { Held } from './heldAgainst';

const ROW_PX = 26;
const NAMES_PX = 190;
const AXIS_PX = 26;
const WIDE_PX = 480;
/** The widest of the promises has its posts this far out, as a share of the half width. */
const POSTS_AT = 0.82;

/** Every published case in one picture, on one scale: how far apart, as dots between posts that stand at what is promised. */
export function ApartPlot({ held }: { held: readonly Held[] }) {
  const [box, width] = useWidth<HTMLDivElement>();
  const widest = Math.max(0.1, ...held.map((one) => one.item.toleranceC));
  const middle = NAMES_PX + (width - NAMES_PX) / 2;
  const reach = Math.max(1, (width - NAMES_PX) / 2 - 8);
  const x = (celsius: number) => middle + reach * Math.max(-1, Math.min(1, (celsius / widest) * POSTS_AT));
  const height = held.length * ROW_PX + AXIS_PX;
  return (
    <div ref={box} className="mt-4" style={{ height }}>
      {width > 0 && (
        <svg width={width} height={height} role="img" aria-label={held.map(describe).join(' ')}>
          <line x1={middle} x2={middle} y2={height - AXIS_PX} stroke="var(--control-line)" />
          {held.map((one, i) => (
            <g key={`${one.item.name}${one.item.setting}`} transform={`translate(0,${i * ROW_PX + ROW_PX / 2})`}>
              <text y={5} className="fill-ink text-[0.9rem]">
                {one.item.name.replace(/,.*/, '')}
                <tspan className="fill-ink-soft">, {one.item.setting}</tspan>
              </text>
              <line x1={x(-one.item.toleranceC)} x2={x(one.item.toleranceC)} stroke="var(--hairline)" />
              {[-one.item.toleranceC, one.item.toleranceC].map((post) => (
                <line key={post} x1={x(post)} x2={x(post)} y1={-9} y2={9} stroke="var(--ink)" strokeWidth={2} />
              ))}
              {one.apart.map((each, moment) => (
                <circle
                  // biome-ignore lint/suspicious/noArrayIndexKey: moments never change their order.
                  key={moment}
                  cx={x(each)}
                  r={4.5}
                  fill={one.holds ? 'var(--ink)' : 'var(--stop)'}
                  fillOpacity={0.75}
                />
              ))}
            </g>
          ))}
          {[-widest, 0, widest].map((celsius) => (
            <text
              key={celsius}
              x={x(celsius)}
              y={height - 6}
              textAnchor="middle"
              className="figures fill-ink-soft text-[0.85rem]"
            >
              {celsius === 0
                ? width < WIDE_PX
                  ? '0'
                  : 'as published'
                : `${celsius > 0 ? '+' : '−'}${Math.abs(celsius)} °C`}
            </text>
          ))}
        </svg>
      )}
    </div>
  );
}

function describe({ item, apart }: Held): string {
  const said = apart.map((each) => `${each >= 0 ? '+' : '−'}${Math.abs(each).toFixed(2)} °C`).join(', ');
  return `${item.name}, ${item.setting}: ours less published ${said || 'being solved'}.`;
}
