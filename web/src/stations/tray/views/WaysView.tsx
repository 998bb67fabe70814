import { useState } from 'react';
import type { TrayView, WayChoice, WayReport } from '../../../api/types';
import { useWays } from '../../../kitchen/queries';
import { Button } from '../../../ui/Button';
import { colourWords } from '../../../words/food';
import { SmallCurve } from './SmallCurve';
import { spanWords } from './TogetherView';

const FIRST = ['asPlanned', 'hot', 'twoStage'];
const MOST = 4;
const FEWEST = 2;
const burnWords = { low: 'low', some: 'some: watch it', high: 'high' } as const;

/** The same food baked two to four ways, side by side. */
export function WaysView(props: {
  view: TrayView;
  ways: readonly WayChoice[];
  ready: boolean;
  onAdopt: (report: WayReport) => void;
}) {
  const [chosen, setChosen] = useState<readonly string[]>(FIRST);
  const asked = useWays(props.view, [...chosen]);
  const toggle = (id: string) =>
    setChosen(chosen.includes(id) ? chosen.filter((other) => other !== id) : [...chosen, id]);
  const reports = asked.data ?? [];
  const longest = Math.max(1, ...reports.map((report) => report.eatMinutes));
  return (
    <section aria-label="Ways side by side" className="grid gap-4 py-2">
      <fieldset className="flex flex-wrap gap-2">
        <legend className="sr-only">Ways to compare, two to four</legend>
        {props.ways.map((way) => {
          const taken = chosen.includes(way.id);
          return (
            <button
              key={way.id}
              type="button"
              aria-pressed={taken}
              title={way.sentence}
              disabled={taken ? chosen.length <= FEWEST : chosen.length >= MOST}
              onClick={() => toggle(way.id)}
              className={`min-h-11 rounded-md border px-3 disabled:opacity-50 ${taken ? 'border-ink bg-ink font-semibold text-paper' : 'border-control-line'}`}
            >
              {way.name}
            </button>
          );
        })}
      </fieldset>
      <p role="status" className="min-h-6 text-ink-soft">
        {asked.isFetching ? 'Baking it every way…' : ''}
      </p>
      <div className="overflow-x-auto">
        <table className="w-full min-w-[34rem] border-collapse text-left">
          <thead>
            <tr>
              <th className="w-36" />
              {reports.map((report) => (
                <th
                  key={report.id}
                  scope="col"
                  className="px-2 pb-1 align-bottom font-display font-semibold text-lg leading-tight"
                >
                  {report.name}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            <Row
              name="Middle over time"
              reports={reports}
              of={(report) => <SmallCurve curve={report.curve} minutes={longest} />}
            />
            <Row name="Chicken done" reports={reports} of={bandWords} />
            <Row name="Dinner after" reports={reports} of={(report) => `${report.eatMinutes} min`} />
            <Row name="All good together" reports={reports} of={togetherAfter} />
            <Row name="Breast loses" reports={reports} of={(report) => lossWords(report.breastLossShare)} />
            <Row name="Dark meat loses" reports={reports} of={(report) => lossWords(report.darkLossShare)} />
            <Row name="Skin or crumb" reports={reports} of={(report) => colourWords[report.colour]} />
            <Row name="Risk of burning" reports={reports} of={(report) => burnWords[report.burnRisk]} />
            <Row name="Door opened" reports={reports} of={(report) => `${report.doorOpenings} times`} />
            <Row
              name="Work at the oven"
              reports={reports}
              of={(report) => `${Math.round(report.handsOnMinutes)} min`}
            />
            <tr>
              <td />
              {reports.map((report) => (
                <td key={report.id} className="px-2 pt-2">
                  {report.id !== 'asPlanned' && (
                    <Button disabled={!props.ready} onClick={() => props.onAdopt(report)}>
                      Do it like this
                    </Button>
                  )}
                </td>
              ))}
            </tr>
          </tbody>
        </table>
      </div>
      <p className="text-ink-soft">Juice lost is known to about a quarter of the figure; colour to about a third.</p>
    </section>
  );
}

function Row(props: { name: string; reports: readonly WayReport[]; of: (report: WayReport) => React.ReactNode }) {
  return (
    <tr className="border-hairline border-t">
      <th scope="row" className="py-1.5 pr-2 font-normal text-ink-soft">
        {props.name}
      </th>
      {props.reports.map((report) => (
        <td key={report.id} className="figures px-2 py-1.5 font-medium">
          {props.of(report)}
        </td>
      ))}
    </tr>
  );
}

function bandWords({ toTarget }: WayReport): string {
  const give = Math.round((toTarget.highMinutes - toTarget.lowMinutes) / 2);
  return `${Math.round(toTarget.medianMinutes)} min ± ${give}`;
}

const togetherAfter = (report: WayReport) =>
  report.together
    ? spanWords(report.together)
    : report.apartMinutes < 1
      ? 'at one moment'
      : `no, ${Math.round(report.apartMinutes)} min apart`;

const lossWords = (share: number | null | undefined) =>
  share === null || share === undefined ? 'none on the tray' : `${Math.round(100 * share)} % of its mass`;
