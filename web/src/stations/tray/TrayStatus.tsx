import type { Problem } from '../../api/problem';
import type { OverfullView } from '../../api/types';
import { Button } from '../../ui/Button';
import type { Whereabouts } from './draft/TrayEditing';

const words: Record<Whereabouts, string> = {
  stored: '',
  sending: '',
  kept: 'Not saved yet: what you typed is kept on this device, and is sent as soon as the server answers.',
  // The question stands above.
  asked: '',
  refused: '',
};

/** What stands between the cook and the oven, if anything. */
export function TrayStatus(props: {
  problem: Problem | null;
  whereabouts: Whereabouts;
  overfull: readonly OverfullView[];
  /** Brings a field into view. */
  onShow: (field: string) => void;
  onSecondTray: () => void;
  /** Half of the chicken on the other tray; undefined where there is no other, or it is shared already. */
  onShare: (() => void) | undefined;
  onLess: () => void;
}) {
  const { problem } = props;
  const overfull = problem?.at('vessels');
  const wrong = props.whereabouts === 'refused' && !overfull ? Object.entries(problem?.fields ?? {})[0] : undefined;
  return (
    <>
      {overfull && (
        <p role="alert" className="flex flex-wrap items-center gap-3 pt-2 font-medium text-stop">
          {overfull}
          {problem?.offer === 'secondTray' && <Button onClick={props.onSecondTray}>Use a second tray</Button>}
        </p>
      )}
      {wrong && (
        // The field itself is the alert; this says where it is.
        <div role="status" className="flex flex-wrap items-center gap-3 pt-2 font-medium text-stop">
          <span>{wrong[1]}</span>
          <Button onClick={() => props.onShow(wrong[0])}>Show me where</Button>
        </div>
      )}
      {!problem &&
        props.overfull.map(({ vessel, sentence, canAddTray }) => (
          <div key={vessel} role="alert" className="grid gap-2 pt-2">
            <p className="font-medium">{sentence}</p>
            <p className="flex flex-wrap gap-3">
              {canAddTray && <Button onClick={props.onSecondTray}>Use a second tray</Button>}
              {!canAddTray && props.onShare && (
                <Button onClick={props.onShare}>Half of the chicken on the other tray</Button>
              )}
              <Button onClick={props.onLess}>Leave out what has no room</Button>
            </p>
          </div>
        ))}
      <p role="status" className={words[props.whereabouts] ? 'pt-1.5 font-medium text-stop' : 'sr-only'}>
        {words[props.whereabouts]}
      </p>
    </>
  );
}
