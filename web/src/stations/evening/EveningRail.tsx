import type { EveningView } from '../../api/types';
import { useHousehold } from '../../kitchen/household';
import type { Lane, Span } from '../../rail/LaneBar';
import { Rail } from '../../rail/Rail';
import { MINUTE_MS, sayClock } from '../../words/times';
import { eveningLanes } from './eveningLanes';

/** Longer before dinner the rail does not reach: what lies in a marinade since yesterday stands in the list. */
const LONGEST_MS = 4 * 60 * MINUTE_MS;
const AFTER_MS = 45 * MINUTE_MS;

/** The evening on the rail: hands, oven, hob and fridge; the spoon is dinner, and everything hangs on it. */
export function EveningRail(props: {
  view: EveningView;
  shiftMs: number;
  eatAt: number;
  onDinner: (at: number) => void;
}) {
  const { view, shiftMs } = props;
  const cooks = useHousehold()?.household.cooks ?? [];
  const eatAt = Date.parse(view.eatAt ?? view.now);
  const first = Math.min(...view.tasks.map((task) => Date.parse(task.beginsAt)), eatAt - 30 * MINUTE_MS);
  const from = Math.max(first, eatAt - LONGEST_MS) - 5 * MINUTE_MS;
  const lanes: Lane[] = eveningLanes(view, cooks).map((lane) => ({
    ...lane,
    spans: lane.spans.flatMap((span): Span[] => moved(span, shiftMs, from)),
  }));
  return (
    <Rail
      from={from}
      to={eatAt + AFTER_MS}
      lanes={lanes}
      marks={[]}
      spoonAt={props.eatAt}
      onSpoon={props.onDinner}
      spoonText={`Dinner at ${sayClock(props.eatAt)}`}
      spoonName="Dinner"
      grabbed
    />
  );
}

/** What lies before the rail begins is cut off at its edge. */
function moved(span: Span, shiftMs: number, from: number): Span[] {
  if (span.kind === 'hand') return span.at + shiftMs < from ? [] : [{ ...span, at: span.at + shiftMs }];
  const to = span.to + shiftMs;
  return to <= from ? [] : [{ ...span, from: Math.max(from, span.from + shiftMs), to }];
}
