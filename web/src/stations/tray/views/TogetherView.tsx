import type { FinishProposal, TrayView } from '../../../api/types';
import { useTogether } from '../../../kitchen/queries';
import { Button } from '../../../ui/Button';
import { Refusal } from '../../../ui/Refusal';

/** Ways to have everything done in one window, each with what it costs; one tap takes it. */
export function TogetherView(props: { view: TrayView; ready: boolean; onAdopt: (proposal: FinishProposal) => void }) {
  const { view } = props;
  const spread = view.answer?.forecast.spread;
  const lots = view.answer?.forecast.lots.length ?? 0;
  const asked = useTogether(view, lots > 1);
  if (!spread || lots < 2) return <p className="py-6">There is one thing on the tray: it finishes with itself.</p>;
  const apart = spread.lastMinutes - spread.firstMinutes;
  return (
    <section aria-label="Finish together" className="grid gap-4 py-2">
      <p className="text-xl">
        First to last: <strong className="figures">{Math.round(apart)} min</strong> apart as it stands.
      </p>
      {asked.isPending && <p role="status">Trying sizes, times and trays…</p>}
      <Refusal error={asked.error} />
      {asked.data?.proposals.length === 0 && (
        <p>{apart <= 5 ? 'Everything is done together. Nothing to change.' : 'No small change brings them nearer.'}</p>
      )}
      <ul className="grid gap-4 xl:grid-cols-3">
        {asked.data?.proposals.map((proposal, i) => (
          <Proposal
            key={proposal.name}
            proposal={proposal}
            isBest={i === 0}
            ready={props.ready && asked.data.version === view.version}
            onAdopt={() => props.onAdopt(proposal)}
          />
        ))}
      </ul>
    </section>
  );
}

function Proposal(props: { proposal: FinishProposal; isBest: boolean; ready: boolean; onAdopt: () => void }) {
  const { proposal } = props;
  return (
    <li className="flex flex-col gap-2 border-ink border-t-2 pt-2">
      <h3 className="font-semibold text-xl leading-tight">{proposal.name}</h3>
      <p>
        <span className="figures text-ink-soft text-xl">{Math.round(proposal.spreadBefore)} min</span>{' '}
        <span aria-hidden>→</span>
        <span className="sr-only">becomes</span>{' '}
        <strong className="figures text-3xl">{Math.round(proposal.spreadAfter)} min</strong> apart
      </p>
      <Button
        look={props.isBest ? 'heat' : 'plain'}
        className="self-start"
        disabled={!props.ready}
        onClick={props.onAdopt}
      >
        Do it like this
      </Button>
      <p className="text-ink-soft leading-snug">{costWords(proposal)}</p>
      <ul className="grid list-disc gap-1 pl-5 leading-snug">
        {proposal.changes.map((change) => (
          <li key={change}>{change}</li>
        ))}
      </ul>
    </li>
  );
}

/** "Costs: the door once more, dinner 8 min later, a little paler." */
export function costWords(proposal: Pick<FinishProposal, 'doorOpeningsMore' | 'minutesMore' | 'browningMore'>): string {
  const { doorOpeningsMore: doors, minutesMore: minutes, browningMore: browning } = proposal;
  const parts = [
    doors === 0
      ? 'no more door openings'
      : `the door ${Math.abs(doors)} time${Math.abs(doors) === 1 ? '' : 's'} ${doors > 0 ? 'more' : 'less'}`,
    Math.abs(minutes) < 1
      ? 'dinner at the same time'
      : `dinner ${Math.round(Math.abs(minutes))} min ${minutes > 0 ? 'later' : 'sooner'}`,
    Math.abs(browning) < 0.15
      ? 'the same colour'
      : `skin ${Math.abs(browning) > 0.6 ? '' : 'a little '}${browning > 0 ? 'browner' : 'paler'}`,
  ];
  return `Costs: ${parts.join(', ')}.`;
}
