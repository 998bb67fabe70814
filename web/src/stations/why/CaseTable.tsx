import type { Held } from './heldAgainst';

/** The published cases in numbers. What the middle of each body was published to be, and is here. */
export function CaseTable({ held }: { held: readonly Held[] }) {
  return (
    // biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls must be reachable by keyboard.
    <section tabIndex={0} aria-label="Cases" className="overflow-x-auto">
      <table className="figures w-full min-w-lg border-collapse text-left">
        <caption className="sr-only">The heat engine against published answers, in air of 180 °C</caption>
        <thead>
          <tr className="border-ink border-b-2 font-display">
            {['Body in air of 180 °C', 'After', 'Published', 'Ours', 'Held to', 'Solved in'].map((name) => (
              <th key={name} scope="col" className="py-1.5 pr-4 font-semibold">
                {name}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {held.map(({ item, oursC, elapsedMs }) =>
            item.publishedCoreC.map((published, i) => (
              <tr key={`${item.name}${item.setting}${published}`} className={i === 0 ? 'border-hairline border-t' : ''}>
                <th scope="row" className={`pr-4 text-left font-normal ${i > 0 ? 'text-transparent' : ''}`}>
                  {item.name}, {item.setting}
                </th>
                <td className="whitespace-nowrap pr-4">{sayMinutes(item.request.sampleMinutes?.[i] ?? 0)}</td>
                <td className="whitespace-nowrap pr-4">{published.toFixed(1)} °C</td>
                <td className="whitespace-nowrap pr-4 font-semibold">
                  {oursC[i] === undefined ? '…' : `${oursC[i].toFixed(1)} °C`}
                </td>
                <td className="whitespace-nowrap pr-4">{item.toleranceC} °C</td>
                <td className="whitespace-nowrap text-ink-soft">
                  {elapsedMs !== null && `${Math.round(elapsedMs)} ms`}
                </td>
              </tr>
            )),
          )}
        </tbody>
      </table>
    </section>
  );
}

const sayMinutes = (minutes: number) => `${minutes < 10 ? minutes.toFixed(1) : Math.round(minutes)} min`;
