import { useMarinades } from '../../kitchen/prepQueries';
import { RunningRow } from './RunningRow';

/** Marinades that are running stand at the top of every station, so that none is forgotten. */
export function MarinadeBar() {
  const running = useMarinades()?.running ?? [];
  if (running.length === 0) return null;
  return (
    <section aria-label="Marinades that are running" className="border-hairline border-b bg-paper-deep px-5">
      <ul className="[&>li]:first:border-t-0">
        {running.map((marinade) => (
          <RunningRow key={marinade.id} marinade={marinade} />
        ))}
      </ul>
    </section>
  );
}
