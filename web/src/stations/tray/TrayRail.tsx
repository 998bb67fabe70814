import { useMemo } from 'react';
import type { LotForecast, TrayView } from '../../api/types';
import type { Lane, Span } from '../../rail/LaneBar';
import { Rail } from '../../rail/Rail';
import { lotAt } from '../../tray/trayMoment';
import { stepWords } from '../../words/food';
import { sayDegrees, sayTemperature } from '../../words/temperatures';
import { MINUTE_MS, sayClock } from '../../words/times';
import type { TrayNames } from '../../words/trayNames';

/** The evening: the oven, every lot, and what hands do. */
export function TrayRail(props: { view: TrayView; names: TrayNames; spoonAt: number; onSpoon: (at: number) => void }) {
  const { view, names } = props;
  const strip = useMemo(() => stripOf(view, names), [view, names]);
  const { plan, answer } = view;
  if (!answer || !strip) return null;
  const { span } = strip;
  const unit = plan.ovenSetting.unit;
  const lead = answer.forecast.lots.find((lot) => lot.lot === answer.forecast.lead);
  const shown = lead && lotAt(lead, (props.spoonAt - span.inAt) / MINUTE_MS);
  return (
    <Rail
      from={span.ovenOnAt}
      to={span.eatAt + 5 * MINUTE_MS}
      spoonAt={props.spoonAt}
      onSpoon={(at) => props.onSpoon(Math.min(span.eatAt, Math.max(span.inAt, at)))}
      spoonText={`${sayClock(props.spoonAt)}, middle ${sayTemperature(shown?.coldestC ?? 0, unit)}`}
      marks={strip.marks}
      lanes={strip.lanes}
    />
  );
}

/** What does not change while the spoon moves. */
function stripOf(view: TrayView, names: TrayNames) {
  const { plan, answer } = view;
  const span = railSpan(view);
  if (!answer || !span) return null;
  const unit = plan.ovenSetting.unit;
  const marks = [
    { at: span.inAt, label: `in ${sayClock(span.inAt)}` },
    { at: span.outAt, label: `out ${sayClock(span.outAt)}` },
  ];
  const lanes: Lane[] = [
    { name: 'Oven', spans: ovenSpans(view, span) },
    ...answer.forecast.lots.map(
      (lot): Lane => ({
        name: names.of(plan, lot.lot),
        spans: [
          {
            kind: 'meat',
            from: span.inAt + lot.inMinutes * MINUTE_MS,
            to: span.inAt + lot.outMinutes * MINUTE_MS,
            zeroAt: span.inAt,
            doneAt: span.inAt + lot.ready.medianMinutes * MINUTE_MS,
            good: goodSpan(lot, span.inAt),
            curve: lot.curve,
            say: (celsius) => sayDegrees(celsius, unit),
          },
        ],
      }),
    ),
    { name: 'Hands', spans: handSpans(view, span, names) },
  ];
  return { span, marks, lanes };
}

export function railSpan({ answer }: TrayView) {
  if (!answer) return null;
  const { timing } = answer;
  const inAt = Date.parse(timing.inAt);
  const lastOut = Math.max(...answer.forecast.lots.map((lot) => lot.outMinutes));
  return {
    ovenOnAt: Date.parse(timing.ovenOnAt),
    inAt,
    outAt: Date.parse(timing.outAt),
    lastOutAt: inAt + lastOut * MINUTE_MS,
    eatAt: Date.parse(timing.eatAt),
  };
}

/** A lot's window on the clock; nothing where it burns before it is good. */
function goodSpan({ good }: LotForecast, inAt: number) {
  if (!good || good.opensMinutes === null || good.bestFromMinutes === null) return undefined;
  const at = (minutes: number) => inAt + minutes * MINUTE_MS;
  const pastAt = at(good.pastMinutes ?? 240);
  return {
    opensAt: at(good.opensMinutes),
    bestFrom: at(good.bestFromMinutes),
    bestUntil: good.bestUntilMinutes === null ? pastAt : at(good.bestUntilMinutes),
    pastAt,
  };
}

type RailSpan = NonNullable<ReturnType<typeof railSpan>>;

/** Heating, then one stretch per setting of the dial, then rest. */
function ovenSpans({ plan }: TrayView, span: RailSpan): Span[] {
  const sign = plan.ovenSetting.unit === 'celsius' ? '°C' : '°F';
  const settings = [
    { at: span.inAt, label: `${plan.ovenMode} ${plan.ovenSetting.value} ${sign}` },
    ...plan.steps
      .filter((step) => step.kind === 'lower' && step.setting)
      .map((step) => ({ at: span.inAt + step.atMinutes * MINUTE_MS, label: `${step.setting?.value} ${sign}` })),
  ];
  return [
    { kind: 'preheat', from: span.ovenOnAt, to: span.inAt, label: 'heating' },
    ...settings.map(
      (setting, i): Span => ({
        kind: 'oven',
        from: setting.at,
        to: Math.max(setting.at, settings[i + 1]?.at ?? span.lastOutAt),
        label: setting.label,
      }),
    ),
    { kind: 'rest', from: span.lastOutAt, to: span.eatAt, label: 'rest' },
  ];
}

/** What is done at which minute: everything at one minute in one mark. */
function handSpans(view: TrayView, span: RailSpan, names: TrayNames): Span[] {
  const { plan, answer } = view;
  const acts = new Map<number, string[]>();
  const add = (minute: number, what: string) => acts.set(minute, [...(acts.get(minute) ?? []), what]);
  for (const step of plan.steps) add(step.atMinutes, stepWords[step.kind]);
  for (const step of answer?.coatSteps ?? []) add(step.atMinutes, step.title);
  for (const lot of answer?.forecast.lots ?? []) {
    if (lot.inMinutes > 0) add(lot.inMinutes, `add ${names.of(plan, lot.lot)}`);
    if (lot.outMinutes !== answer?.forecast.pullMinutes) add(lot.outMinutes, `${names.of(plan, lot.lot)} out`);
  }
  if (answer?.brush) add(0, 'clean glaze aside');
  if (answer?.brush?.untilMinutes) add(answer.brush.untilMinutes, 'last raw brush');
  add(answer?.forecast.firstCheckMinutes ?? 0, 'probe');
  return [...acts]
    .sort(([a], [b]) => a - b)
    .map(([minute, what]) => ({
      kind: 'hand',
      at: span.inAt + minute * MINUTE_MS,
      from: span.inAt + minute * MINUTE_MS,
      to: span.inAt + minute * MINUTE_MS,
      label: what.join(', '),
    }));
}
