import type { WholeBake } from '../../kitchen/bakes';
import { loggedWords } from '../../words/names';
import { MINUTE_MS, sayClock } from '../../words/times';

/** In a few sentences: when it went in, out and was eaten, and how that was against what was foretold. */
export function HowItWent({ bake, outAt }: { bake: WholeBake; outAt: string | null }) {
  const { table, startedAt, finishedAt } = bake;
  const start = Date.parse(startedAt);
  const late = table?.dinnerLateMinutes;
  return (
    <div className="grid gap-1.5 text-xl leading-snug">
      <p className="figures">
        In at <b>{sayClock(start)}</b>,{' '}
        {outAt ? (
          <>
            out after <b>{Math.round((Date.parse(outAt) - start) / MINUTE_MS)} min</b>
          </>
        ) : (
          'finished in the oven'
        )}
        {table?.eatenAt ? (
          <>
            , eaten at <b>{sayClock(table.eatenAt)}</b>
          </>
        ) : (
          finishedAt && (
            <>
              , finished at <b>{sayClock(finishedAt)}</b>
            </>
          )
        )}
        .
      </p>
      <p className="figures text-lg">
        {foretold(table)} {loggedWords(bake.verdict?.kind)}.
        {table?.pastBest &&
          ` ${nameOf(bake, table.pastBest.lot)} past their best by ${Math.round(table.pastBest.minutes)} min.`}
        {late !== null &&
          late !== undefined &&
          Math.abs(late) >= 2 &&
          ` Dinner was ${Math.round(Math.abs(late))} min ${late > 0 ? 'late' : 'early'}.`}
      </p>
    </div>
  );
}

function foretold(table: WholeBake['table']): string {
  if (table?.plannedMinutes === null || table?.plannedMinutes === undefined) return '';
  const planned = Math.round(table.plannedMinutes);
  if (table.realMinutes === null || table.realMinutes === undefined) return `Foretold to be done after ${planned} min.`;
  const off = Math.round(table.realMinutes) - planned;
  return off === 0
    ? `Done after ${planned} min, as foretold.`
    : `Foretold to be done after ${planned} min; by its readings it was after ${Math.round(table.realMinutes)}.`;
}

const nameOf = (bake: WholeBake, lot: number) => {
  const name = bake.lots.find((other) => other.lot === lot)?.name ?? 'the food';
  return name.charAt(0).toUpperCase() + name.slice(1);
};
