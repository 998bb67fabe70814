import { Printer } from 'lucide-react';
import { Link } from 'wouter';
import type { BowlView, PrepView, TrayView } from '../../api/types';
import { storedCoatsInWords } from '../../coats/coatDraft';
import { useUnits } from '../../kitchen/household';
import { usePrep } from '../../kitchen/prepQueries';
import { useChoices, useTray } from '../../kitchen/queries';
import { TrayPicture } from '../../tray/TrayPicture';
import { Button } from '../../ui/Button';
import { sayAmounts } from '../../words/amounts';
import { listed, sayStep, vegetableCutWords } from '../../words/food';
import { touchesWords } from '../../words/prep';
import { sayTyped } from '../../words/temperatures';
import { MINUTE_MS, sayClock, sayDay } from '../../words/times';
import { TrayNames } from '../../words/trayNames';
import { lengthIn, lengthSign, massIn, sayMass } from '../../words/units';

/** The whole plan on one or two sheets, A4 or Letter, black on white. */
export function PrintPage() {
  const tray = useTray().data;
  const prep = usePrep().data;
  const choices = useChoices();
  if (!tray || !prep || !choices) return <p className="p-8 text-xl">Writing the plan down…</p>;
  const names = new TrayNames(choices);
  return (
    <div data-room="day" className="paper mx-auto grid max-w-[19cm] gap-5 bg-paper p-6 text-ink print:p-0">
      <div className="flex flex-wrap gap-3 print:hidden">
        <Button look="heat" onClick={() => window.print()}>
          <Printer aria-hidden className="size-5" /> Print
        </Button>
        <Link to="/prep" className="inline-flex min-h-11 items-center rounded-md border border-control-line px-4">
          Back
        </Link>
      </div>
      <header>
        <h1 className="font-semibold text-3xl leading-tight">{tray.plan.name}</h1>
        <p>{whenWords(tray)}</p>
      </header>
      {tray.answer && (
        <div className="mx-auto w-[12cm] max-w-full">
          <TrayPicture
            plan={tray.plan}
            layout={tray.answer.layout}
            lots={tray.answer.forecast.lots}
            lead={tray.answer.forecast.lead}
            minutes={tray.answer.forecast.pullMinutes - 1}
            unit={tray.plan.ovenSetting.unit}
            maxHeight={300}
            chosen={null}
            names={(lot) => names.of(tray.plan, lot)}
            sayPiece={(spot) => names.of(tray.plan, spot.lot)}
            isNumbered={false}
          />
        </div>
      )}
      <Food tray={tray} names={names} />
      {prep.bowls.map((bowl) => (
        <BowlPart key={bowl.id} bowl={bowl} />
      ))}
      <Order prep={prep} />
      <Oven tray={tray} names={names} />
      <p className="border-hairline border-t pt-2 text-[0.9rem]">
        Planned times are a forecast.{goalWords(tray.plan, names)} Serve only what your safety rule allows by a
        thermometer in the thickest middle, and follow your local food-safety authority.
      </p>
    </div>
  );
}

/** " You aim for 80 °C in the thighs, 63 °C held for 9 min in the breasts.": a goal is a wish, and no rule. */
function goalWords(plan: TrayView['plan'], names: TrayNames): string {
  const goals = plan.chicken.map(
    (lot) => `${sayTyped(lot.goal.core)}${heldWords(lot.goal.holdSeconds)} in the ${names.of(plan, lot.id)}`,
  );
  return goals.length > 0 ? ` You aim for ${goals.join(', ')}.` : '';
}

const heldWords = (seconds = 0) => (seconds > 0 ? ` held for ${Math.ceil(seconds / 60)} min` : '');

function whenWords({ answer, plan }: TrayView): string {
  if (!answer) return 'Nothing on the tray yet.';
  const { timing } = answer;
  const oven = sayTyped(plan.ovenSetting);
  return `${sayDay(timing.eatAt)}: in ${sayClock(timing.inAt)}, out ${sayClock(timing.outAt)}, dinner ${sayClock(timing.eatAt)}. Oven ${oven}${plan.ovenMode === 'still' ? '' : `, ${plan.ovenMode}`}.`;
}

function Food({ tray, names }: { tray: TrayView; names: TrayNames }) {
  const units = useUnits();
  return (
    <Part title="On the tray">
      <ul>
        {tray.plan.chicken.map((lot) => (
          <li key={lot.id}>
            {lot.sizes.count} {names.chicken(lot, lot.sizes.count)}, {storedCoatsInWords(lot.coats)}, skin{' '}
            {lot.skinOn ? 'on' : 'off'}
          </li>
        ))}
        {tray.plan.vegetables.map((lot) => (
          <li key={lot.id}>
            {sayMass(massIn(lot.amount.value, lot.amount.unit, 'gram'), units)} {names.vegetable(lot)}:{' '}
            {vegetableCutWords[lot.cut]}, {lengthIn(lot.size.value, lot.size.unit, units.length)}{' '}
            {lengthSign[units.length]}
          </li>
        ))}
      </ul>
    </Part>
  );
}

function BowlPart({ bowl }: { bowl: BowlView }) {
  const units = useUnits();
  return (
    <Part title={`${bowl.mix.name}, ${bowl.for}`}>
      <table className="border-collapse text-left">
        <tbody>
          {bowl.scaled.parts.map((scaled) => (
            <tr key={scaled.part.name}>
              <td className="figures pr-4 font-semibold">{sayAmounts(scaled.take)}</td>
              <td>{scaled.part.name}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <p>{bowl.mix.method}</p>
      {bowl.servedG > 0 && <p>Set {sayMass(bowl.servedG, units)} aside, clean, before the meat comes out.</p>}
    </Part>
  );
}

function Order({ prep }: { prep: PrepView }) {
  return (
    <Part title="Order of work">
      <ol className="grid gap-1.5">
        {prep.order.map((step) => (
          <li key={step.key} className="grid grid-cols-[auto_1fr] gap-2.5 break-inside-avoid">
            <span aria-hidden className="mt-1 size-4 border border-ink" />
            <span>
              <span className="figures">{sayClock(step.at)}</span> <strong>{step.title}</strong>{' '}
              <span className="text-[0.9rem]">({touchesWords[step.touches].toLowerCase()})</span>
              <br />
              {step.detail}
            </span>
          </li>
        ))}
      </ol>
    </Part>
  );
}

function Oven({ tray, names }: { tray: TrayView; names: TrayNames }) {
  const { answer, plan } = tray;
  if (!answer) return null;
  const at = (minutes: number) => sayClock(Date.parse(answer.timing.inAt) + minutes * MINUTE_MS);
  return (
    <Part title="In the oven">
      <ul>
        {answer.forecast.lots.map((lot) => (
          <li key={lot.lot}>
            <strong className="first-letter:uppercase">{names.of(plan, lot.lot)}</strong>: in {at(lot.inMinutes)}, out{' '}
            {at(lot.outMinutes)}
            {lot.isChicken && `; measure from ${at(lot.ready.lowMinutes)}`}
          </li>
        ))}
        {plan.steps.map((step) => (
          <li key={`${step.kind}${step.atMinutes}`}>
            {at(step.atMinutes)}: {sayStep(step)}
          </li>
        ))}
        {answer.coatSteps.map((step) => (
          <li key={`${step.atMinutes}${step.title}`}>
            {at(step.atMinutes)}: {step.title}
          </li>
        ))}
      </ul>
      <p>{listed(answer.cautions)}</p>
    </Part>
  );
}

function Part(props: { title: string; children: React.ReactNode }) {
  return (
    <section className="grid gap-1">
      <h2 className="border-ink border-b-2 font-semibold text-xl">{props.title}</h2>
      {props.children}
    </section>
  );
}
