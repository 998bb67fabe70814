import { Bell, BellOff } from 'lucide-react';
import { Button } from '../../../ui/Button';

/** Whether this device rings; that it does not is in view. */
export function SoundSwitch({ silent, onSilent }: { silent: boolean; onSilent: (silent: boolean) => void }) {
  const Mark = silent ? BellOff : Bell;
  return (
    <Button aria-pressed={!silent} onClick={() => onSilent(!silent)} className="text-base">
      <Mark aria-hidden className="size-5" />
      {silent ? 'Silent here' : 'Rings here'}
    </Button>
  );
}
