import { useState } from 'react';
import type { LearntView } from '../../api/types';
import { useUnits } from '../../kitchen/household';
import { useLearnAnew, useLearnt } from '../../kitchen/log';
import { Ask } from '../../ui/Ask';
import { Button } from '../../ui/Button';
import { Refusal } from '../../ui/Refusal';
import { useWidth } from '../../ui/useWidth';
import { sayDifference } from '../../words/temperatures';
import { sayDay } from '../../words/times';

/** What the evenings have taught: of the oven, of the household, and whether it helps. */
export function LearntPanel() {
  const learnt = useLearnt();
  if (!learnt) return <p role="status">Looking back…</p>;
  return (
    <div className="grid content-start gap-8">
      {learnt.ovens.length === 0 && (
        <p className="max-w-prose text-xl">
          Nothing yet: with the first reading of a bake the oven begins to be known, and the next plan starts from it.
        </p>
      )}
      {learnt.ovens.map((oven) => (
        <OvenLearnt key={oven.oven} oven={oven} />
      ))}
      {learnt.pace && (
        <section aria-label="At the counter" className="grid gap-2">
          <h2 className="font-semibold text-2xl">At the counter</h2>
          <p className="figures max-w-prose text-lg leading-snug">{learnt.pace} The evening is worked back with it.</p>
        </section>
      )}
      {learnt.misses.length > 1 && (
        <section aria-label="Foretold and real" className="grid gap-2">
          <h2 className="font-semibold text-2xl">Foretold and real</h2>
          <p className="text-lg">{[learnt.trend, learnt.pastBest].filter(Boolean).join(' ')}</p>
          <Misses misses={learnt.misses} />
        </section>
      )}
    </div>
  );
}

/** Sentences on what was liked, beside what was learnt. */
export function Likes() {
  const wishes = useLearnt()?.wishes ?? [];
  return wishes.length === 0 ? null : (
    <section aria-label="What this house likes" className="grid gap-2 border-hairline border-t pt-3">
      <h2 className="font-semibold text-xl">What this house likes</h2>
      <ul className="figures grid gap-2 leading-snug">
        {wishes.map((wish) => (
          <li key={wish}>{wish}</li>
        ))}
      </ul>
    </section>
  );
}

function OvenLearnt({ oven }: { oven: LearntView['ovens'][number] }) {
  const [asking, setAsking] = useState(false);
  const anew = useLearnAnew();
  return (
    <section aria-label={oven.oven} className="grid gap-2">
      <h2 className="max-w-prose font-semibold text-3xl leading-tight tracking-tight">{oven.sentence}</h2>
      {oven.air && <p className="max-w-prose text-lg leading-snug">{oven.air}</p>}
      {oven.preheat && <p className="figures max-w-prose text-lg leading-snug">{oven.preheat}</p>}
      {oven.changed && <p className="text-lg">{oven.changed}</p>}
      <p className="text-ink-soft">Plans reckon with it. It plans; only measured temperatures permit serving.</p>
      {oven.steps.length > 0 && <OvenPlot steps={oven.steps} />}
      <Button className="justify-self-start" onClick={() => setAsking(true)}>
        Begin anew with this oven
      </Button>
      <Ask open={asking} room="day" title={`Begin anew with ${oven.oven}?`} onClose={() => setAsking(false)}>
        <p>For a new or a repaired oven: it is learnt from your next bakes. The log keeps the earlier ones.</p>
        <Refusal error={anew.error} />
        <div className="flex gap-3">
          <Button onClick={() => setAsking(false)}>Keep what was learnt</Button>
          <Button
            look="heat"
            busy={anew.isPending}
            onClick={() => anew.mutate(oven.oven, { onSuccess: () => setAsking(false) })}
          >
            Begin anew
          </Button>
        </div>
      </Ask>
    </section>
  );
}

const PLOT = { height: 220, left: 64, right: 12, top: 12, bottom: 26 };

/** What was believed of the oven after each bake, with how sure that was. */
function OvenPlot({ steps }: { steps: LearntView['ovens'][number]['steps'] }) {
  const [box, width] = useWidth<HTMLDivElement>();
  const { temperature } = useUnits();
  const most = Math.max(10, ...steps.flatMap((step) => [Math.abs(step.hotterByC) + step.withinC]));
  const across = Math.max(0, width - PLOT.left - PLOT.right);
  const x = (at: number) => PLOT.left + (across * (at + 0.5)) / steps.length;
  const y = (celsius: number) => PLOT.top + ((PLOT.height - PLOT.top - PLOT.bottom) * (most - celsius)) / (2 * most);
  const band = [
    ...steps.map((step, at) => `${x(at)},${y(step.hotterByC + step.withinC)}`),
    ...[...steps.keys()]
      .reverse()
      .map((at) => `${x(at)},${y((steps[at]?.hotterByC ?? 0) - (steps[at]?.withinC ?? 0))}`),
  ].join(' ');
  const lines = [most > 14 ? 10 : 5, 0, most > 14 ? -10 : -5];
  return (
    <div ref={box} className="min-w-0">
      <svg
        width={width}
        height={PLOT.height}
        role="img"
        aria-label={steps
          .map(
            (step) =>
              `${sayDay(step.at)}: ${sayDifference(step.hotterByC, temperature)}, within ${sayDifference(step.withinC, temperature)}`,
          )
          .join('; ')}
      >
        {lines.map((celsius) => (
          <g key={celsius}>
            <line
              x1={PLOT.left}
              x2={width - PLOT.right}
              y1={y(celsius)}
              y2={y(celsius)}
              stroke="var(--hairline)"
              strokeWidth={celsius === 0 ? 2 : 1}
            />
            <text x={PLOT.left - 8} y={y(celsius) + 5} textAnchor="end" className="figures fill-ink-soft text-[0.9rem]">
              {celsius === 0 ? 'as set' : `${celsius > 0 ? '+' : '−'}${sayDifference(Math.abs(celsius), temperature)}`}
            </text>
          </g>
        ))}
        <polygon points={band} fill="var(--lane-good)" opacity={0.9} />
        <polyline
          points={steps.map((step, at) => `${x(at)},${y(step.hotterByC)}`).join(' ')}
          fill="none"
          stroke="var(--heat)"
          strokeWidth={3}
          strokeLinejoin="round"
        />
        {steps.map((step, at) => (
          <circle key={step.bake} cx={x(at)} cy={y(step.hotterByC)} r={5} fill="var(--heat)">
            <title>{`${sayDay(step.at)}`}</title>
          </circle>
        ))}
        <text x={PLOT.left} y={PLOT.height - 6} className="fill-ink-soft text-[0.9rem]">
          {steps[0] && sayDay(steps[0].at)}
        </text>
        <text x={width - PLOT.right} y={PLOT.height - 6} textAnchor="end" className="fill-ink-soft text-[0.9rem]">
          {steps.length > 1 && sayDay(steps.at(-1)?.at ?? '')}
        </text>
      </svg>
    </div>
  );
}

/** How much later or sooner than foretold each evening was done: bars up are later. */
function Misses({ misses }: { misses: LearntView['misses'] }) {
  const [box, width] = useWidth<HTMLDivElement>();
  const most = Math.max(5, ...misses.map((miss) => Math.abs(miss.minutes)));
  const height = 150;
  const middle = height / 2;
  const step = Math.max(0, width - PLOT.left) / misses.length;
  return (
    <div ref={box} className="min-w-0">
      <svg
        width={width}
        height={height}
        role="img"
        aria-label={misses.map((miss) => `${sayDay(miss.at)}: ${Math.round(miss.minutes)} min`).join('; ')}
      >
        {[most, -most].map((minutes) => (
          <text
            key={minutes}
            x={PLOT.left - 8}
            y={minutes > 0 ? 14 : height - 4}
            textAnchor="end"
            className="figures fill-ink-soft text-[0.9rem]"
          >
            {Math.round(most)} min
          </text>
        ))}
        <text x={0} y={middle - 8} className="fill-ink-soft text-[0.9rem]">
          later
        </text>
        <text x={0} y={middle + 20} className="fill-ink-soft text-[0.9rem]">
          sooner
        </text>
        <line x1={PLOT.left} x2={width} y1={middle} y2={middle} stroke="var(--control-line)" />
        {misses.map((miss, at) => {
          const tall = Math.max(2, (Math.abs(miss.minutes) / most) * (middle - 8));
          return (
            <rect
              key={miss.bake}
              x={PLOT.left + at * step + step * 0.2}
              width={step * 0.6}
              y={miss.minutes > 0 ? middle - tall : middle}
              height={tall}
              rx={2}
              fill={miss.pastBestMinutes > 0 ? 'var(--lane-past)' : 'var(--ink)'}
            >
              <title>{`${sayDay(miss.at)}: ${Math.round(miss.minutes)} min`}</title>
            </rect>
          );
        })}
      </svg>
    </div>
  );
}
