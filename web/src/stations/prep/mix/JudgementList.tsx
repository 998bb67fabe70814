import { Check, Info, TriangleAlert } from 'lucide-react';
import type { Judgement } from '../../../api/types';

const order = { warn: 0, note: 1, fine: 2 } as const;

const looks = {
  warn: { Icon: TriangleAlert, className: 'font-medium text-stop', said: 'Do something: ' },
  note: { Icon: Info, className: '', said: 'Worth knowing: ' },
  fine: { Icon: Check, className: 'text-ink-soft', said: 'Fine: ' },
} as const;

/** What a careful cook would say, the loudest first; told apart by shape and word. */
export function JudgementList({ judgements }: { judgements: readonly Judgement[] }) {
  return (
    <ul aria-label="What a careful cook would say" className="grid max-w-prose gap-2">
      {[...judgements]
        .sort((a, b) => order[a.level] - order[b.level])
        .map((judgement) => {
          const { Icon, className, said } = looks[judgement.level];
          return (
            <li key={judgement.topic + judgement.sentence} className={`flex gap-2.5 leading-snug ${className}`}>
              <Icon aria-hidden className="mt-0.5 size-5 shrink-0" />
              <span>
                <span className="sr-only">{said}</span>
                {judgement.sentence}
              </span>
            </li>
          );
        })}
    </ul>
  );
}
