import { type ReactNode, useMemo } from 'react';
import type { Problem } from '../../api/problem';
import type { LotForecast, TemperatureUnit, TrayView } from '../../api/types';
import { kitchenNow } from '../../clock/kitchenClock';
import { heatColour } from '../../curve/ramp';
import { drawnFood } from '../../foods/drawnFood';
import { FoodIcon } from '../../foods/FoodIcon';
import { actSign } from '../../rail/actSign';
import type { HandSign } from '../../rail/HandIcon';
import type { Lane, Span } from '../../rail/LaneBar';
import { Rail } from '../../rail/Rail';
import { lotAt } from '../../tray/trayMoment';
import { sayStep, stepWords, vesselWords } from '../../words/food';
import { goalC } from '../../words/goals';
import { sayDegrees, sayTemperature, unitSign } from '../../words/temperatures';
import { MINUTE_MS, sayClock } from '../../words/times';
import type { TrayNames } from '../../words/trayNames';
import { type Chosen, laneId, panelOf } from './chosen';
import type { TrayDraft } from './draft/trayDraft';
import { LaneHead } from './lots/LaneHead';
import { chickenDetail, chickenTitle, vegetableDetail } from './lots/lotWords';
import { useForms } from './useForms';

/** The evening and everything on the tray: the oven, every food with its window, and what hands do. A row opens its panel. */
export function TrayRail(props: {
  view: TrayView;
  draft: TrayDraft;
  problem: Problem | null;
  names: TrayNames;
  chosen: Chosen;
  onChoose: (chosen: Chosen) => void;
  /** Whose row draws its curve. */
  curveOf: number | null;
  spoonAt: number;
  onSpoon: (at: number) => void;
  corner: ReactNode;
}) {
  const { view, names, draft, problem, chosen, onChoose } = props;
  const strip = useMemo(() => stripOf(view, names), [view, names]);
  const unit = view.plan.ovenSetting.unit;
  const { answer, plan } = view;
  const forms = useForms();
  const head = (of: Chosen, name: string, detail: string, refused: boolean, icon?: ReactNode) => (
    <LaneHead
      id={laneId(of)}
      name={name}
      detail={detail}
      icon={icon}
      isOpen={chosen === of}
      isRefused={refused}
      onToggle={() => onChoose(chosen === of ? null : of)}
    />
  );
  const iconOf = (lot: number) => {
    const food = drawnFood(plan, lot);
    const outline = answer?.layout.outlines.find((other) => other.lot === lot)?.outline;
    return food && outline && <FoodIcon food={food} outline={outline} state="ready" heat={heatColour(74)} px={36} />;
  };
  const plotOf = (id: number) => {
    const lot = id === props.curveOf && answer?.forecast.lots.find((other) => other.lot === id);
    if (!lot || !strip || !forms) return undefined;
    const targetC = lot.isChicken ? goalC(plan, id) : null;
    return forms.curvePlot({ curve: lot.curve, startAt: strip.span.inAt, targetC, unit });
  };
  const isWrong = (panel: Chosen) =>
    Object.keys(problem?.fields ?? {}).some((field) => panelOf(field, draft) === panel);
  const lanes: Lane[] = [
    {
      name: 'Oven',
      head: head('oven', 'Oven', ovenDetail(draft), isWrong('oven')),
      isChosen: chosen === 'oven',
      spans: strip?.oven ?? [],
    },
    ...draft.chicken.map((lot) => ({
      name: `lot ${lot.id}`,
      head: head(lot.id, chickenTitle(lot, names), chickenDetail(lot, draft.unit), isWrong(lot.id), iconOf(lot.id)),
      isChosen: chosen === lot.id,
      spans: strip?.lots.get(lot.id) ?? [],
      plot: plotOf(lot.id),
    })),
    ...draft.vegetables.map((lot) => ({
      name: `lot ${lot.id}`,
      head: head(lot.id, names.vegetable(lot), vegetableDetail(lot), isWrong(lot.id), iconOf(lot.id)),
      isChosen: chosen === lot.id,
      spans: strip?.lots.get(lot.id) ?? [],
      plot: plotOf(lot.id),
    })),
    {
      name: 'Hands',
      head: head('hands', 'Hands', tendingDetail(draft), isWrong('hands')),
      isChosen: chosen === 'hands',
      spans: strip?.hands ?? [],
    },
  ];
  const lead = answer?.forecast.lots.find((lot) => lot.lot === answer.forecast.lead);
  const shown = lead && strip && lotAt(lead, (props.spoonAt - strip.span.inAt) / MINUTE_MS);
  // An empty tray has no evening yet: an hour from now on stands for it.
  const now = strip?.span.inAt ?? HOUR_MS * Math.floor(kitchenNow() / HOUR_MS);
  return (
    <Rail
      from={strip?.span.ovenOnAt ?? now}
      to={strip ? strip.span.eatAt + AFTER_DINNER_MS : now + 3 * HOUR_MS}
      spoonAt={strip ? props.spoonAt : null}
      onSpoon={(at) => strip && props.onSpoon(Math.min(strip.span.eatAt, Math.max(strip.span.inAt, at)))}
      spoonText={`${sayClock(props.spoonAt)}, middle ${sayTemperature(shown?.coldestC ?? 0, unit)}`}
      marks={strip?.marks ?? []}
      band={strip?.band ?? null}
      lanes={lanes}
      corner={props.corner}
    />
  );
}

/** A window without an end goes on to the end of the rail. */
const FAR_MINUTES = 600;
const HOUR_MS = 60 * MINUTE_MS;
const AFTER_DINNER_MS = 8 * MINUTE_MS;

const ovenDetail = (draft: TrayDraft): string =>
  `${draft.ovenMode} ${draft.oven} ${unitSign(draft.unit)}, ${draft.vessels.map((vessel) => vesselWords[vessel.kind]).join(', ')}`;

const tendingDetail = (draft: TrayDraft): string =>
  draft.steps
    .map(
      (step) =>
        `${stepWords[step.kind]}${step.setting ? ` ${step.setting} ${unitSign(draft.unit)}` : ''} at ${step.at}`,
    )
    .join(', ') || 'nothing to do meanwhile';

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
  const { together, lots } = answer.forecast;
  const at = (minutes: number) => span.inAt + minutes * MINUTE_MS;
  return {
    span,
    marks,
    band: together && lots.length > 1 ? { from: at(together.fromMinutes), to: at(together.untilMinutes) } : null,
    oven: ovenSpans(view, span),
    lots: new Map(lots.map((lot) => [lot.lot, [windowSpan(lot, span, unit)]])),
    hands: handSpans(view, span, names),
  };
}

/** A lot from when it goes in on: not ready, good, best, past. */
function windowSpan(lot: LotForecast, span: RailSpan, unit: TemperatureUnit): Span {
  const at = (minutes: number) => span.inAt + minutes * MINUTE_MS;
  const { good, goodSooner: sooner, goodLater: later } = lot;
  const between = (from: number | null | undefined, to: number | null | undefined) =>
    from === null || from === undefined || to === null || to === undefined ? null : { from: at(from), to: at(to) };
  return {
    kind: 'window',
    from: at(lot.inMinutes),
    to: span.eatAt + AFTER_DINNER_MS,
    good:
      good && good.opensMinutes !== null && good.bestFromMinutes !== null
        ? {
            opensAt: at(good.opensMinutes),
            bestFrom: at(good.bestFromMinutes),
            bestUntil: at(good.bestUntilMinutes ?? good.pastMinutes ?? FAR_MINUTES),
            pastAt: good.pastMinutes === null ? null : at(good.pastMinutes),
          }
        : null,
    opensBetween: between(sooner?.opensMinutes, later?.opensMinutes),
    words: lot.isChicken
      ? { before: '', best: 'best', past: 'past' }
      : { before: 'firm', best: 'tender', past: 'past' },
    ...(lot.isChicken ? { curve: lot.curve, say: (celsius: number) => sayDegrees(celsius, unit) } : {}),
  };
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

/** What is done at which minute: everything at one minute in one mark, under the sign of the first. */
function handSpans(view: TrayView, span: RailSpan, names: TrayNames): Span[] {
  const { plan, answer } = view;
  const acts = new Map<number, { what: string; sign: HandSign }[]>();
  const add = (minute: number, what: string, sign: HandSign) =>
    acts.set(minute, [...(acts.get(minute) ?? []), { what, sign }]);
  const toMinutes = (at: number) => Math.round((at - span.inAt) / MINUTE_MS);
  add(0, 'in', 'tray');
  add(toMinutes(span.outAt), 'out', 'tray');
  add(toMinutes(span.eatAt), 'eat', 'plate');
  for (const step of plan.steps) add(step.atMinutes, sayStep(step), actSign[step.kind]);
  for (const step of answer?.coatSteps ?? []) add(step.atMinutes, step.title, 'brush');
  for (const lot of answer?.forecast.lots ?? []) {
    if (lot.inMinutes > 0) add(lot.inMinutes, `add ${names.of(plan, lot.lot)}`, 'tray');
    if (lot.outMinutes !== answer?.forecast.pullMinutes) add(lot.outMinutes, `${names.of(plan, lot.lot)} out`, 'tray');
  }
  if (answer?.brush) add(0, 'clean glaze aside', 'spoon');
  if (answer?.brush?.untilMinutes) add(answer.brush.untilMinutes, 'last raw brush', 'brush');
  add(answer?.forecast.firstCheckMinutes ?? 0, 'probe', 'probe');
  return [...acts]
    .sort(([a], [b]) => a - b)
    .map(([minute, what]) => ({
      kind: 'hand',
      at: span.inAt + minute * MINUTE_MS,
      from: span.inAt + minute * MINUTE_MS,
      to: span.inAt + minute * MINUTE_MS,
      label: what.map((act) => act.what).join(', '),
      sign: what[0]?.sign ?? 'eye',
    }));
}
