import { useState } from 'react';
import { Problem } from '../../../api/problem';
import type { MixListed, MixView, PrepView, ScaledPart } from '../../../api/types';
import type { SavePrep } from '../../../kitchen/prepQueries';
import { useCoatTray, useDeleteMix } from '../../../kitchen/prepQueries';
import { Ask } from '../../../ui/Ask';
import { Button } from '../../../ui/Button';
import { NumberBox } from '../../../ui/NumberBox';
import { Refusal } from '../../../ui/Refusal';
import { sayAmounts, sayExact, sayGrams } from '../../../words/amounts';
import { coatingWords } from '../../../words/food';
import { basisOfMix } from '../../../words/prep';
import { JudgementList } from './JudgementList';

/** The chosen mix for this meat: what to take, large; what it would be exactly, small; and what a careful cook says. */
export function MixSheet(props: { view: PrepView; save: SavePrep; onEdit: (mix: MixListed) => void }) {
  const { view } = props;
  const { mix } = view;
  if (!mix) {
    return (
      <p className="max-w-prose text-lg">
        Oil to coat, and salt: 1.0 to 1.5 % of the meat in all. Choose a mix, and everything is measured for the meat on
        the tray.
      </p>
    );
  }
  const listed = view.mixes.find((one) => one.id === mix.id);
  return (
    <div className="grid content-start gap-5">
      <div>
        <h2 className="font-semibold text-3xl leading-tight">{mix.mix.name}</h2>
        <p className="text-ink-soft">
          Made for {basisOfMix[mix.mix.per]}; here for{' '}
          {mix.mix.per === 'kilogramOfMeat' ? sayGrams(view.meat.massG) : `${view.meat.surfaceDm2.toFixed(1)} dm²`},{' '}
          {sayGrams(mix.scaled.totalG)} in all{mix.servedG > 0 && `, ${sayGrams(mix.servedG)} of it for the table`}.
        </p>
      </div>
      <Parts mix={mix} />
      {mix.mix.method && <p className="max-w-prose text-lg leading-snug">{mix.mix.method}</p>}
      <div className="flex flex-wrap items-end gap-3">
        {mix.mayBeServed && (
          <div className="w-52">
            <NumberBox
              label="Set aside for the table, g"
              value={view.choice.serveG}
              error={problemAt(props.save.error, 'serveG')}
              onNumber={(serveG) => props.save.change({ serveG })}
            />
          </div>
        )}
        {view.coatingDiffers && <CoatButton trayId={view.trayId} coating={coatingWords[view.coatingDiffers]} />}
        {listed && <Button onClick={() => props.onEdit(listed)}>{listed.isOwn ? 'Change it' : 'Make it yours'}</Button>}
        {listed?.isOwn && <DeleteMix listed={listed} onGone={() => props.save.change({ mix: null })} />}
      </div>
      <JudgementList judgements={mix.judgements} />
    </div>
  );
}

const problemAt = (error: Error | null, field: string) => (error instanceof Problem ? error.at(field) : undefined);

function Parts({ mix }: { mix: MixView }) {
  const groups = (['mix', 'binder', 'crumb'] as const)
    .map((role) => ({ role, parts: mix.scaled.parts.filter((scaled) => scaled.part.role === role) }))
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
  return (
    <tr className="border-hairline border-t">
      <td className="figures w-56 whitespace-nowrap py-2 pr-5 font-semibold text-2xl leading-tight">
        {sayAmounts(scaled.take)}
      </td>
      <th scope="row" className="py-2 pr-3 font-normal text-lg leading-tight">
        {scaled.part.name}
        {!scaled.part.ingredient && <span className="text-ink-soft"> · not in our table</span>}
      </th>
      <td className="figures w-28 whitespace-nowrap py-2 text-right text-ink-soft">{sayExact(scaled)}</td>
    </tr>
  );
}

function CoatButton(props: { trayId: number; coating: string }) {
  const coat = useCoatTray(props.trayId);
  return (
    <>
      <Button look="heat" disabled={coat.isPending} onClick={() => coat.mutate(null)}>
        Plan the tray with {props.coating}
      </Button>
      <Refusal error={coat.error} />
    </>
  );
}

function DeleteMix(props: { listed: MixListed; onGone: () => void }) {
  const [asking, setAsking] = useState(false);
  const remove = useDeleteMix();
  const id = Number(props.listed.id.replace('own-', ''));
  return (
    <>
      <Button onClick={() => setAsking(true)}>Throw it away</Button>
      <Ask open={asking} room="day" title={`Throw “${props.listed.mix.name}” away?`} onClose={() => setAsking(false)}>
        <p>The mix is gone for good. Trays that use it stay, with oil and salt.</p>
        <Refusal error={remove.error} />
        <div className="flex gap-3">
          <Button onClick={() => setAsking(false)}>Keep it</Button>
          <Button
            look="stop"
            disabled={remove.isPending}
            onClick={() => remove.mutate(id, { onSuccess: props.onGone })}
          >
            Throw it away
          </Button>
        </div>
      </Ask>
    </>
  );
}
