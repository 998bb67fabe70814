import { Station } from '../../frame/Station';
import { useHeatParameters, useTextbook } from '../../kitchen/queries';
import { CaseRow } from './CaseRow';
import { ParameterTable } from './ParameterTable';
import { WideTable } from './WideTable';

/** Anyone may check us: the heat engine against published answers, here and now, and every number it rests on. */
export function WhyStation({ connected }: { connected: boolean }) {
  const cases = useTextbook()?.cases ?? [];
  const parameters = useHeatParameters() ?? [];
  return (
    <Station room="day" connected={connected}>
      <div className="mx-auto max-w-[72rem] px-5 py-6">
        <h1 className="font-semibold text-5xl tracking-tight">Is it right?</h1>
        <p className="max-w-[46rem] pt-3 text-xl">
          Each case below has a published answer. The engine that plans your tray is solving all of them now, on this
          kitchen’s server. A dot is one moment: how far our middle lies from the published one. It should stay between
          the posts.
        </p>
        <WideTable label="Cases">
          <caption className="sr-only">The heat engine against published answers</caption>
          <thead>
            <tr className="border-ink border-b-2 font-display">
              <th scope="col" className="py-2 pr-4 font-semibold">
                Heated in 180 °C air
              </th>
              <th scope="col" className="py-2 pr-4 font-semibold">
                Middle, published and ours
              </th>
              <th scope="col" className="py-2 pr-4 font-semibold">
                Apart
              </th>
              <th scope="col" className="whitespace-nowrap py-2 font-semibold max-md:hidden">
                Solved in
              </th>
            </tr>
          </thead>
          <tbody>
            {cases.map((item) => (
              <CaseRow key={`${item.name}${item.setting}`} item={item} />
            ))}
          </tbody>
        </WideTable>
        <p className="pt-3 text-ink-soft">
          Bi is how strongly the air heats the body against how well the body passes heat on. Published:{' '}
          {[...new Set(cases.map((item) => item.source))].join('; ')}.
        </p>
        <h2 className="pt-10 font-semibold text-3xl">What it rests on</h2>
        <p className="max-w-[46rem] pt-2 text-lg">
          Every number the engine shares between all cuts and ovens, with the range it may lie in and where it comes
          from.
        </p>
        <ParameterTable parameters={parameters} />
      </div>
    </Station>
  );
}
