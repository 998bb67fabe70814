import type { Problem } from '../../api/problem';
import { Button } from '../../ui/Button';

/** What stands between the cook and the oven, if anything. */
export function TrayStatus(props: { problem: Problem | null; onSecondTray: () => void }) {
  const { problem } = props;
  const overfull = problem?.at('vessels');
  return (
    <>
      {overfull && (
        <p role="alert" className="flex flex-wrap items-center gap-3 pt-2 font-medium text-stop">
          {overfull}
          {problem?.offer === 'secondTray' && <Button onClick={props.onSecondTray}>Use a second tray</Button>}
        </p>
      )}
      <p role="status" className={problem ? 'pt-1.5 font-medium text-stop' : 'sr-only'}>
        {problem ? 'Something needs another look. The answer above is for the last plan that worked.' : ''}
      </p>
    </>
  );
}
