import { Info } from 'lucide-react';
import type { TrayView } from '../../../api/types';
import { clockFrom } from '../../../words/windows';
import { brushWords } from './Headline';
import { crowdingWords } from './PictureView';

/** What to take care of with this tray, in sentences. */
export function Cautions({ view }: { view: TrayView }) {
  const { answer } = view;
  if (!answer) return null;
  const clock = clockFrom(Date.parse(answer.timing.inAt));
  const sentences = [
    ...(answer.brush ? [brushWords(answer.brush.untilMinutes, clock)] : []),
    ...answer.cautions,
    ...crowdingWords(view),
  ];
  return sentences.map((sentence) => (
    <p key={sentence} className="flex gap-2 pt-1.5 leading-snug">
      <Info aria-hidden className="mt-0.5 size-5 shrink-0" />
      {sentence}
    </p>
  ));
}
