import { Bell, BellOff } from 'lucide-react';
import { useRef } from 'react';
import { Button } from '../ui/Button';
import { useCanSound } from './sounding';
import { wish, wishes } from './wishes';

/** Whether this device rings; that it does not is in view. */
export function SoundSwitch() {
  const { silent } = wishes.use();
  const canSound = useCanSound();
  const Mark = silent || !canSound ? BellOff : Bell;
  // The touch itself lets the page sound: the same tap must not silence it again.
  const couldSound = useRef(canSound);
  const touched = () => {
    couldSound.current = canSound;
  };
  return (
    <Button
      aria-pressed={!silent}
      onPointerDown={touched}
      onKeyDown={touched}
      onClick={() => wish({ silent: couldSound.current && !silent })}
      className="text-base"
    >
      <Mark aria-hidden className="size-5" />
      {silent ? 'Silent here' : canSound ? 'Rings here' : 'Tap to let it ring'}
    </Button>
  );
}
