import type { ReadingAnswer, ReadingView } from '../../api/types';
import { told, useTell, type WholeBake } from '../../kitchen/bakes';
import { Button } from '../../ui/Button';
import { Refusal } from '../../ui/Refusal';
import { unitSign } from '../../words/temperatures';
import { WentInLater } from './WentInLater';

/** A reading that raises a question counts for nothing until it is answered here or measured again. */
export function QuestionPanel({ bake }: { bake: WholeBake }) {
  const tell = useTell(bake.id);
  const asked = bake.readings.filter((reading) => reading.answers.length > 0 && !isMeasuredSince(bake, reading));
  const [reading] = asked;
  if (!reading) return null;
  const lot = bake.lots.find((other) => other.lot === reading.lot);
  return (
    <section aria-label="Question" className="grid gap-3 rounded-md border-2 border-heat p-4">
      <p className="text-xl leading-snug">{reading.question}</p>
      <div className="flex flex-wrap gap-3">
        {reading.answers.map((answer) => (
          <Button
            key={answer}
            big
            busy={tell.isPending}
            onClick={() => tell.mutate([told({ kind: 'answer', reading: reading.seq, answer })])}
          >
            {answerWords(answer, reading)}
          </Button>
        ))}
      </div>
      {lot && !lot.isTimeTold && <WentInLater bake={bake} lot={lot} />}
      <Refusal error={tell.error} />
    </section>
  );
}

const isMeasuredSince = (bake: WholeBake, reading: ReadingView) =>
  bake.readings.some(
    (other) =>
      other.lot === reading.lot && other.piece === reading.piece && other.seq > reading.seq && other.isBelieved,
  );

function answerWords(answer: ReadingAnswer, reading: ReadingView): string {
  const { unit } = reading.temperature;
  const other = unit === 'celsius' ? 'fahrenheit' : 'celsius';
  switch (answer) {
    case 'asTyped':
      return `It was ${unitSign(unit)}`;
    case 'otherUnit':
      return `It was ${unitSign(other)}`;
    case 'inTheMiddle':
      return 'Yes, in the middle';
    case 'notInTheMiddle':
      return 'No, it had slipped';
  }
}
