import { Check, TriangleAlert } from 'lucide-react';
import type { TextbookCase } from '../../api/types';
import { useSolve } from '../../kitchen/queries';
import { ApartPlot } from './ApartPlot';

/** One textbook case: asked of the bare engine, and held against what was published. */
export function CaseRow({ item }: { item: TextbookCase }) {
  const { data, isError } = useSolve(item);
  const apart = data?.samples.map((sample, i) => sample.coreC - (item.publishedCoreC[i] ?? Number.NaN)) ?? [];
  const worst = apart.reduce((most, each) => Math.max(most, Math.abs(each)), 0);
  return (
    <tr className="border-hairline border-b align-top">
      <th scope="row" className="w-52 py-2.5 pr-4 font-semibold">
        {item.name}
        <span className="block font-normal text-ink-soft">{item.setting}</span>
      </th>
      <td className="py-2.5 pr-4">
        <ol className="figures grid gap-x-5 leading-snug lg:grid-cols-3">
          {item.publishedCoreC.map((published, i) => (
            <li key={item.request.sampleMinutes?.[i]} className="whitespace-nowrap">
              <span className="inline-block min-w-18 text-ink-soft lg:block">
                {sayMinutes(item.request.sampleMinutes?.[i] ?? 0)}
              </span>
              {published.toFixed(1)}° <span className="text-ink-soft">and</span>{' '}
              <b>{data ? `${data.samples[i]?.coreC.toFixed(1)}°` : '…'}</b>
            </li>
          ))}
        </ol>
      </td>
      <td className="py-2.5 pr-4">
        {data ? (
          <div className="flex items-center gap-x-3 max-sm:flex-wrap">
            <ApartPlot apart={apart} tolerance={item.toleranceC} />
            <span className="figures flex items-center gap-1.5 whitespace-nowrap">
              {worst <= item.toleranceC ? (
                <Check aria-hidden className="size-5 text-good" />
              ) : (
                <TriangleAlert aria-hidden className="size-5 text-stop" />
              )}
              {worst <= item.toleranceC ? 'within' : 'beyond'} {item.toleranceC}°
            </span>
          </div>
        ) : isError ? (
          'The server does not answer.'
        ) : (
          'solving'
        )}
      </td>
      <td className="figures whitespace-nowrap py-2.5 text-ink-soft max-md:hidden">
        {data && `${Math.round(data.elapsedMs)} ms`}
      </td>
    </tr>
  );
}

const sayMinutes = (minutes: number) => `${minutes < 10 ? minutes.toFixed(1) : Math.round(minutes)} min`;
