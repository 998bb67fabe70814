import { Check, Undo2 } from 'lucide-react';
import { Link } from 'wouter';
import type { EveningTask, EveningView } from '../../api/types';
import { useTickTask } from '../../kitchen/evening';
import { Button } from '../../ui/Button';
import { Refusal } from '../../ui/Refusal';
import { MINUTE_MS, sayClock, sayDay } from '../../words/times';

/** What nobody ticks: it follows by itself. */
const passive = new Set(['rest', 'eat']);

/** Everything still to do, in order of time, each with a box for a knuckle. */
export function TaskList({ view, shiftMs, nowMs }: { view: EveningView; shiftMs: number; nowMs: number }) {
  const tick = useTickTask();
  const last = view.choice.done.at(-1);
  const next = view.tasks.find((task) => task.hands.length > 0 || task.kind === 'preheat');
  return (
    <section aria-label="What to do, by the clock" className="grid content-start gap-2 lg:overflow-y-auto lg:pr-1">
      <div className="flex flex-wrap items-center justify-between gap-2">
        <h2 className="font-semibold text-xl">By the clock</h2>
        {last && (
          <Button disabled={tick.isPending} onClick={() => tick.mutate({ key: last.key, done: false })}>
            <Undo2 aria-hidden className="size-5" /> Take the last tick back
          </Button>
        )}
      </div>
      {view.bakeId && (
        <p className="text-lg">
          The tray is in:{' '}
          <Link to="/oven" className="font-semibold underline underline-offset-4">
            the oven leads
          </Link>
          . Here is what stands beside it.
        </p>
      )}
      <Refusal error={tick.error} />
      {view.warming && (
        <p className="figures flex flex-wrap items-center justify-between gap-2 border-heat border-l-4 pl-3 text-lg leading-snug">
          {view.warming.sentence}
          <Button disabled={tick.isPending} onClick={() => tick.mutate({ key: 'hot', done: true })}>
            It is hot now
          </Button>
        </p>
      )}
      <ol className="grid">
        {view.tasks.map((task, at) => (
          <TaskRow
            key={task.key}
            task={task}
            dayBefore={dayBreak(view.tasks[at - 1], task, shiftMs, nowMs)}
            shiftMs={shiftMs}
            isNext={task === next}
            busy={tick.isPending}
            onDone={() => tick.mutate({ key: task.key, done: true })}
          />
        ))}
      </ol>
    </section>
  );
}

/** The day, where a list goes over into another one. */
function dayBreak(before: EveningTask | undefined, task: EveningTask, shiftMs: number, nowMs: number): string | null {
  const dayOf = (ms: number) => new Date(ms).toDateString();
  const day = Date.parse(task.beginsAt) + shiftMs;
  return dayOf(before ? Date.parse(before.beginsAt) + shiftMs : nowMs) === dayOf(day) ? null : sayDay(day);
}

function TaskRow(props: {
  task: EveningTask;
  dayBefore: string | null;
  shiftMs: number;
  isNext: boolean;
  busy: boolean;
  onDone: () => void;
}) {
  const { task } = props;
  const begins = Date.parse(task.beginsAt) + props.shiftMs;
  const minutes = Math.round((Date.parse(task.endsAt) - Date.parse(task.beginsAt)) / MINUTE_MS);
  const takes = task.hands.length > 0 && task.oven.length === 0 && task.hob.length === 0;
  return (
    <>
      {props.dayBefore && <li className="border-ink border-t-2 pt-2 font-semibold">{props.dayBefore}</li>}
      <li
        className={`grid grid-cols-[4.75rem_minmax(0,1fr)_auto] items-start gap-x-3 border-hairline border-t py-2 ${props.isNext ? 'bg-paper-deep' : ''}`}
      >
        <span className="figures pt-0.5 pl-1 font-display font-semibold text-xl">
          {task.isUnderWay ? <span className="text-heat-text">now</span> : sayClock(begins)}
        </span>
        <div className="min-w-0">
          <p className={`leading-snug ${props.isNext ? 'font-semibold text-xl' : 'text-lg'}`}>
            {task.title}
            {takes && minutes > 0 && (
              <span className="figures font-normal text-base text-ink-soft">, {minutes} min</span>
            )}
          </p>
          {task.kind === 'load' ? (
            <p>
              <Link to="/tray" className="font-semibold underline underline-offset-4">
                Put it in from the tray
              </Link>
            </p>
          ) : (
            props.isNext && task.detail && <p className="leading-snug">{task.detail}</p>
          )}
          {props.isNext && task.steps.length > 0 && (
            <ul className="grid gap-0.5 pt-1">
              {task.steps.map((step) => (
                <li key={step.key} className="leading-snug">
                  {step.title}
                </li>
              ))}
            </ul>
          )}
        </div>
        {passive.has(task.kind) ? (
          <span />
        ) : (
          <button
            type="button"
            aria-label={`Done: ${task.title}`}
            disabled={props.busy}
            onClick={props.onDone}
            className={`grid size-11 place-items-center rounded-md border-2 ${props.isNext ? 'border-ink bg-heat text-on-heat' : 'border-control-line'}`}
          >
            <Check aria-hidden className="size-6" />
          </button>
        )}
      </li>
    </>
  );
}
