import type { CurvePoint } from '../api/types';
import { MINUTE_MS } from '../words/times';
import type { TimeAxis } from './timeAxis';

/** A food's lane in a plan: not ready, good, at its best, past; said in the words that are given for them. */
export interface WindowSpan {
  kind: 'window';
  from: number;
  to: number;
  /** Null where it is never good in this oven. */
  good: { opensAt: number; bestFrom: number; bestUntil: number; pastAt: number | null } | null;
  /** Nine times in ten it opens within these. */
  opensBetween: { from: number; to: number } | null;
  words: { before: string; best: string; past: string };
  /** Temperatures that are written along the way, of meat. */
  curve?: readonly CurvePoint[];
  say?: (celsius: number) => string;
}

const NUMBER_EVERY_PX = 62;
const PX_PER_LETTER = 8.2;

export function WindowBar(props: { span: WindowSpan; x: TimeAxis; id: string; bar: number }) {
  const { span, x, id, bar } = props;
  const right = x.endPx;
  const at = (moment: number) => Math.min(right, Math.max(x.startPx, x(moment)));
  const { good } = span;
  const left = at(span.from);
  const opens = good ? at(good.opensAt) : at(span.to);
  const [best, bestEnd] = good ? [at(good.bestFrom), at(good.bestUntil)] : [opens, opens];
  const past = good && good.pastAt !== null ? at(good.pastAt) : right;
  const middle = bar / 2 + 4;
  return (
    <g>
      <rect
        x={left}
        width={Math.max(0, opens - left)}
        height={bar}
        fill={`url(#${id}-hatch)`}
        stroke="var(--hairline)"
      />
      <Along {...props} until={opens} y={middle} />
      {good && (
        <>
          <rect
            x={opens}
            width={Math.max(0, past - opens)}
            height={bar}
            fill="var(--lane-good)"
            stroke="var(--control-line)"
          />
          {past < right && <rect x={past} width={right - past} height={bar} fill="var(--lane-past)" />}
          <rect
            x={best}
            width={Math.max(3, bestEnd - best)}
            height={bar}
            rx={3}
            fill="var(--heat)"
            stroke="var(--ink)"
            strokeWidth={1.6}
          />
          <Word from={best} to={bestEnd} y={middle} word={span.words.best} fill="var(--on-heat)" />
          <Word from={past} to={right} y={middle} word={span.words.past} fill="var(--lane-past-text)" />
        </>
      )}
      {span.opensBetween && <Whisker from={at(span.opensBetween.from)} to={at(span.opensBetween.to)} y={bar - 3} />}
    </g>
  );
}

/** The middle's temperature every so often, or how the food is until it is ready. */
function Along(props: { span: WindowSpan; x: TimeAxis; until: number; y: number }) {
  const { span, x, until, y } = props;
  const left = x(span.from);
  if (!span.curve || !span.say) return <Word from={left} to={until} y={y} word={span.words.before} fill="var(--ink)" />;
  const numbers: { px: number; words: string }[] = [];
  for (const point of span.curve) {
    const px = x(span.from + (point.minutes - (span.curve[0]?.minutes ?? 0)) * MINUTE_MS);
    const last = numbers.at(-1)?.px ?? left - NUMBER_EVERY_PX / 2;
    if (px - last >= NUMBER_EVERY_PX && px < until - 22) numbers.push({ px, words: span.say(point.coldestC) });
  }
  return numbers.map(({ px, words }) => (
    <text key={px} x={px} y={y} textAnchor="middle" className="figures fill-ink text-[0.85rem]">
      {words}
    </text>
  ));
}

function Word({ from, to, y, word, fill }: { from: number; to: number; y: number; word: string; fill: string }) {
  if (to - from < word.length * PX_PER_LETTER + 8) return null;
  return (
    <text x={(from + to) / 2} y={y} textAnchor="middle" className="font-medium text-[0.9rem]" fill={fill}>
      {word}
    </text>
  );
}

/** Give or take: when it opens, nine times in ten. */
function Whisker({ from, to, y }: { from: number; to: number; y: number }) {
  if (to - from < 4) return null;
  return (
    <path
      d={`M${from} ${y - 3} L${from} ${y + 3} M${from} ${y} L${to} ${y} M${to} ${y - 3} L${to} ${y + 3}`}
      fill="none"
      stroke="var(--ink)"
      strokeWidth={1.6}
    />
  );
}
