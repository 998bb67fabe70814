import type { StepEffect } from '../../../api/types';
import { stepWords } from '../../../words/food';

/** Less than this is not worth a word: half a minute, a tenth of golden. */
const MINUTES = 0.5;
const BROWNING = 0.1;

/** "Baste, 3 times: adds 4 min; the top browns less." */
export function effectWords(effect: StepEffect): string {
  const name = `${stepWords[effect.kind][0]?.toUpperCase()}${stepWords[effect.kind].slice(1)}`;
  const times = effect.times > 1 ? `, ${effect.times} times` : '';
  const parts = [
    minutes(effect.minutesAdded),
    browning('the top', effect.browningAdded),
    browning('the under side', effect.browningUnderAdded),
  ].filter((part) => part !== '');
  return `${name}${times}: ${parts.length > 0 ? parts.join('; ') : 'hardly changes time or colour'}.`;
}

function minutes(added: number | null): string {
  if (added === null) return 'without it this would never be done';
  if (Math.abs(added) < MINUTES) return '';
  return added > 0 ? `adds ${Math.round(added)} min` : `saves ${Math.round(-added)} min`;
}

function browning(where: string, added: number): string {
  if (Math.abs(added) < BROWNING) return '';
  return `${where} browns ${Math.abs(added) > 1 ? 'much ' : ''}${added > 0 ? 'more' : 'less'}`;
}
