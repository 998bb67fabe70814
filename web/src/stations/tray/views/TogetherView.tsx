import type { FinishProposal, MinuteSpan, TrayView } from '../../../api/types';
import { useTogether } from '../../../kitchen/queries';
import { Button } from '../../../ui/Button';
import { Refusal } from '../../../ui/Refusal';
import { clockFrom, togetherWords, wholeMinutes } from '../../../words/windows';

/** Ways to have everything done in one window, each with what it costs; one tap takes it. */
export function TogetherView(props: { view: TrayView; ready: boolean; onAdopt: (proposal: FinishProposal) => void }) {
  const { view } = props;
  const forecast = view.answer?.forecast;
  const lots = forecast?.lots.length ?? 0;
  const asked = useTogether(view, lots > 1);
  if (!view.answer || !forecast || lots < 2)
    return <p className="py-6">There is one thing on the tray: it finishes with itself.</p>;
  const clock = clockFrom(Date.parse(view.answer.timing.inAt));
  const apart = forecast.apartMinutes ?? 0;
  const meets = apart < 1;
  return (
    <section aria-label="Finish together" className="grid gap-4 py-2">
      <p className="text-xl">
        {meets ? (
          <>
            All good together as it stands: <strong className="figures">{togetherWords(forecast, clock)}</strong>. Take
            everything out then.
          </>
        ) : (
          <>
            As it stands the first waits <strong className="figures">{Math.round(apart)} min</strong> past its best for
            the last.
          </>
        )}
      </p>
      {asked.isPending && <p role="status">Trying sizes, times and trays…</p>}
      <Refusal error={asked.error} />
      {asked.data?.proposals.length === 0 && (
        <p>{meets ? 'Nothing to change.' : 'No small change brings them nearer.'}</p>
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
        {proposal.apartAfter < 1 ? (
          <>
            <strong className="text-2xl">All good together</strong>
            {proposal.together && <span className="figures"> {spanWords(proposal.together)}</span>}
          </>
        ) : (
          <>
            <strong className="figures text-3xl">{Math.round(proposal.apartAfter)} min</strong> past its best, not{' '}
            <span className="figures">{Math.round(proposal.apartBefore)}</span>
          </>
        )}
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

/** "after 38 to 46 min" */
export function spanWords(span: MinuteSpan): string {
  const [from, until] = wholeMinutes(span);
  return from === until ? `after ${from} min` : `after ${from} to ${until} min`;
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
