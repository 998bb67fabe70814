import { Station } from '../../frame/Station';
import { useHeatParameters, useSolves, useTextbook } from '../../kitchen/textbook';
import { Section } from '../../ui/Section';
import { ApartPlot } from './ApartPlot';
import { CaseTable } from './CaseTable';
import { heldAgainst } from './heldAgainst';
import { originsOf } from './origins';
import { ParameterList } from './ParameterList';

/** Anyone may check us: the heat engine against published answers, here and now, and every number it rests on. */
export function WhyStation({ connected }: { connected: boolean }) {
  const cases = useTextbook()?.cases ?? [];
  const solves = useSolves(cases);
  const parameters = useHeatParameters() ?? [];
  const held = cases.map((item, i) => heldAgainst(item, solves[i]?.data));
  const solved = held.filter((one) => one.worst !== null);
  const apart = solved.filter((one) => !one.holds);
  const failed = solves.some((solve) => solve.isError);
  const sources = [...new Set(cases.map((item) => item.source))].join('; ');
  return (
    <Station room="day" connected={connected}>
      <div className="mx-auto grid max-w-[100rem] grid-cols-1 gap-x-12 gap-y-8 px-5 py-6 lg:grid-cols-2">
        <section aria-labelledby="right" className="min-w-0">
          <h1 id="right" className="font-semibold text-5xl tracking-tight">
            Is it right?
          </h1>
          <p role="status" className="pt-3 text-xl leading-snug">
            {failed
              ? 'The server does not answer.'
              : cases.length === 0
                ? 'Fetching the published answers…'
                : solved.length < cases.length
                  ? `Solving ${cases.length} bodies with a published answer…`
                  : apart.length === 0
                    ? `Heat goes in as it should: all ${cases.length} bodies with a published answer come out as published.`
                    : `${apart.length} of ${cases.length} bodies with a published answer come out otherwise.`}
          </p>
          <p className="pt-1 text-ink-soft">
            The engine that plans your tray has just heated each of them on this kitchen’s server. A dot is one moment:
            how far our middle lies from the published one. It should stay between the posts.
          </p>
          <ApartPlot held={held} />
          <div className="pt-4">
            <Section title="All of it in numbers" summary="published, ours, and how long it took">
              <CaseTable held={held} />
            </Section>
            <Section title="Where they come from" summary="and what they leave out">
              <p>{sources}.</p>
              <p>
                They are of heat alone. Water, colours, windows and losses have no such answers: how they stand against
                practice, with every miss, is in docs/how-it-works.md.
              </p>
              <p>Bi is how strongly the air heats a body against how well the body passes heat on.</p>
            </Section>
          </div>
        </section>
        <section aria-labelledby="rests" className="min-w-0">
          <h2 id="rests" className="font-semibold text-3xl tracking-tight">
            What it rests on
          </h2>
          <p className="pt-3 text-lg leading-snug">
            {parameters.length} numbers, the same for every cut and every oven. Each may lie anywhere on its line; the
            mark is where we have it.
          </p>
          <div className="pt-4">
            {originsOf(parameters).map((origin) => (
              <Section
                key={origin.name}
                title={`${origin.parameters.length} ${origin.name}`}
                summary={origin.words}
                defaultOpen={origin.isOurs}
              >
                <ParameterList parameters={origin.parameters} />
              </Section>
            ))}
          </div>
        </section>
      </div>
    </Station>
  );
}
