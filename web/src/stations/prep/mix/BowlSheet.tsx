import { useState } from 'react';
import { Problem } from '../../../api/problem';
import type { BowlView, MixListed, PrepView, ScaledPart } from '../../../api/types';
import { MassBox } from '../../../household/MassBox';
import { useUnits } from '../../../kitchen/household';
import type { SavePrep } from '../../../kitchen/prepQueries';
import { useDeleteMix } from '../../../kitchen/prepQueries';
import { Ask } from '../../../ui/Ask';
import { Button } from '../../../ui/Button';
import { Refusal } from '../../../ui/Refusal';
import { sayAmounts, sayExact } from '../../../words/amounts';
import { basisOfMix } from '../../../words/prep';
import { sayMass, type Units } from '../../../words/units';
import { JudgementList } from './JudgementList';

/** One bowl for the meat it goes on: what to take, large; what it would be exactly, small; and what a careful cook says. */
export function BowlSheet(props: { view: PrepView; bowl: BowlView; save: SavePrep; onEdit: (mix: MixListed) => void }) {
  const { view, bowl } = props;
  const units = useUnits();
  const listed = view.mixes.find((one) => one.id === bowl.id);
  return (
    <div className="grid content-start gap-5">
      <div>
        <h2 className="font-semibold text-3xl leading-tight">{bowl.mix.name}</h2>
        <p className="text-ink-soft first-letter:uppercase">
          {bowl.for}: {sayMass(bowl.scaled.totalG, units)} in all
          {bowl.servedG > 0 && `, ${sayMass(bowl.servedG, units)} of it for the table`}. {writtenFor(bowl, units)}.
        </p>
      </div>
      <Parts bowl={bowl} />
      {bowl.mix.method && <p className="max-w-prose text-lg leading-snug">{bowl.mix.method}</p>}
      <div className="flex flex-wrap items-end gap-3">
        {bowl.mayBeServed && (
          <div className="w-52">
            <MassBox
              label="Set aside for the table"
              massG={view.choice.serveG}
              error={problemAt(props.save.error, 'serveG')}
              onMass={(_, serveG) => props.save.change({ serveG })}
            />
          </div>
        )}
        {listed && <Button onClick={() => props.onEdit(listed)}>{listed.isOwn ? 'Change it' : 'Make it yours'}</Button>}
        {listed?.isOwn && <DeleteMix listed={listed} />}
      </div>
      <JudgementList judgements={bowl.judgements} />
    </div>
  );
}

const writtenFor = ({ mix }: BowlView, units: Units) =>
  mix.per === 'asWritten' ? `Written for ${sayMass(mix.forMassG ?? 1000, units)} of meat` : basisOfMix[mix.per];

const problemAt = (error: Error | null, field: string) => (error instanceof Problem ? error.at(field) : undefined);

function Parts({ bowl }: { bowl: BowlView }) {
  const groups = (['mix', 'binder', 'crumb'] as const)
    .map((role) => ({ role, parts: bowl.scaled.parts.filter((scaled) => scaled.part.role === role) }))
    .filter((group) => group.parts.length > 0);
  return (
    <table className="w-full max-w-2xl border-collapse text-left">
      <thead className="text-[0.9rem] text-ink-soft">
        <tr>
          <th className="font-normal">take</th>
          <th className="font-normal">of</th>
          <th className="text-right font-normal">exactly</th>
        </tr>
      </thead>
      {groups.map((group) => (
        <tbody key={group.role}>
          {group.role !== 'mix' && (
            <tr>
              <th colSpan={3} scope="rowgroup" className="pt-3 font-semibold text-ink-soft">
                {group.role === 'binder' ? 'In the bowl' : 'On the plate'}
              </th>
            </tr>
          )}
          {group.parts.map((scaled) => (
            <PartRow key={scaled.part.name} scaled={scaled} />
          ))}
        </tbody>
      ))}
    </table>
  );
}

function PartRow({ scaled }: { scaled: ScaledPart }) {
  const { mass } = useUnits();
  return (
    <tr className="border-hairline border-t">
      <td className="figures py-2 pr-3 font-semibold text-xl sm:w-56 sm:whitespace-nowrap sm:pr-5 sm:text-2xl leading-tight">
        {sayAmounts(scaled.take)}
      </td>
      <th scope="row" className="py-2 pr-3 font-normal text-lg leading-tight">
        {scaled.part.name}
        {!scaled.part.ingredient && <span className="text-ink-soft"> · not in our table</span>}
      </th>
      <td className="figures whitespace-nowrap py-2 text-right text-ink-soft sm:w-28">{sayExact(scaled, mass)}</td>
    </tr>
  );
}

function DeleteMix(props: { listed: MixListed }) {
  const [asking, setAsking] = useState(false);
  const remove = useDeleteMix();
  const id = Number(props.listed.id.replace('own-', ''));
  return (
    <>
      <Button onClick={() => setAsking(true)}>Throw it away</Button>
      <Ask open={asking} room="day" title={`Throw “${props.listed.mix.name}” away?`} onClose={() => setAsking(false)}>
        <p>The mix is gone for good. Trays that use it keep its name, and nothing is measured for it any more.</p>
        <Refusal error={remove.error} />
        <div className="flex gap-3">
          <Button onClick={() => setAsking(false)}>Keep it</Button>
          <Button
            look="stop"
            disabled={remove.isPending}
            onClick={() => remove.mutate(id, { onSuccess: () => setAsking(false) })}
          >
            Throw it away
          </Button>
        </div>
      </Ask>
    </>
  );
}
