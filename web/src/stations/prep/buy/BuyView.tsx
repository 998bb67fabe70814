import { Plus } from 'lucide-react';
import { Link } from 'wouter';
import { Problem } from '../../../api/problem';
import type { CutChoice, PrepView } from '../../../api/types';
import { MassBox } from '../../../household/MassBox';
import { useUnits } from '../../../kitchen/household';
import type { SavePrep } from '../../../kitchen/prepQueries';
import { prepRequestFrom } from '../../../kitchen/prepRequest';
import { Button } from '../../../ui/Button';
import { NumberBox } from '../../../ui/NumberBox';
import { sayMass, sayPrice } from '../../../words/units';
import { PackRow } from './PackRow';

/** Who eats how much, what it costs, and what is left. */
export function BuyView(props: { view: PrepView; save: SavePrep; cuts: readonly CutChoice[] }) {
  const { view, save } = props;
  const { choice } = view;
  const problem = save.error instanceof Problem ? save.error : null;
  const packs = prepRequestFrom(choice).packs ?? [];
  return (
    <section
      aria-label="Buy and portion"
      className="grid gap-x-10 gap-y-6 py-4 lg:grid-cols-[minmax(0,1fr)_minmax(0,1.2fr)]"
    >
      <div className="grid content-start gap-5">
        <div className="grid max-w-md grid-cols-2 gap-4">
          <NumberBox
            label="Heads"
            value={choice.heads}
            error={problem?.at('heads')}
            onNumber={(heads) => save.change({ heads })}
          />
          <MassBox
            label="Cooked meat each"
            massG={choice.portionG}
            error={problem?.at('portionG')}
            onMass={(_, portionG) => save.change({ portionG })}
          />
        </div>
        <PortionWords view={view} />
      </div>
      <div className="grid content-start gap-4">
        <h2 className="font-semibold text-xl">What the shop sells</h2>
        <ul className="grid gap-4">
          {choice.packs.map((pack, i) => (
            <PackRow
              // A pack has no name of its own: its place is its name.
              // biome-ignore lint/suspicious/noArrayIndexKey: as said above.
              key={i}
              index={i}
              pack={pack}
              cuts={props.cuts}
              problem={problem}
              onChange={(changed) => save.change({ packs: packs.map((other, at) => (at === i ? changed : other)) })}
              onRemove={() => save.change({ packs: packs.filter((_, at) => at !== i) })}
            />
          ))}
        </ul>
        <Button
          className="justify-self-start"
          onClick={() =>
            save.change({
              packs: [
                ...packs,
                {
                  cut: packs.length === 0 ? 'boneInThigh' : 'drumstick',
                  mass: { value: 1000, unit: 'gram' },
                  count: 6,
                  price: 7,
                },
              ],
            })
          }
        >
          <Plus aria-hidden className="size-5" /> A pack
        </Button>
        <Bird view={view} save={save} problem={problem} />
      </div>
    </section>
  );
}

function PortionWords({ view }: { view: PrepView }) {
  const { portions, choice } = view;
  const units = useUnits();
  if (!portions) return <p className="text-lg">Put chicken on the tray, and portions appear here.</p>;
  return (
    <div className="grid gap-2">
      <p className="font-display font-semibold text-3xl leading-tight">
        {portions.shortG > 0
          ? `${sayMass(portions.shortG, units)} short for ${choice.heads}`
          : `Enough for ${Math.floor(portions.portions)}`}
      </p>
      <p className="text-lg leading-snug">
        About {sayMass(portions.cookedG, units)} of cooked meat without bones.
        {portions.leftG >= 1 &&
          ` ${sayMass(portions.leftG, units)} left for tomorrow or the freezer: in the fridge within 2 hours, in small pieces.`}
      </p>
      {portions.costPerHead !== null ? (
        <p className="figures text-lg">
          <strong className="text-3xl">{portions.costPerHead.toFixed(2)}</strong> a head,{' '}
          {sayPrice(portions.costPerEdibleKg ?? 0, units)} of meat without bones
        </p>
      ) : (
        <p className="text-ink-soft">Write what each cut on the tray costs, and a portion gets its price.</p>
      )}
    </div>
  );
}

function Bird(props: { view: PrepView; save: SavePrep; problem: Problem | null }) {
  const { view, save, problem } = props;
  const units = useUnits();
  const bird = prepRequestFrom(view.choice).bird;
  if (!bird) {
    return (
      <Button
        className="justify-self-start"
        onClick={() => save.change({ bird: { mass: { value: 1600, unit: 'gram' }, price: 8 } })}
      >
        Against a whole bird
      </Button>
    );
  }
  return (
    <div className="grid gap-3 border-ink border-t-2 pt-3">
      <h3 className="font-semibold text-lg">A whole bird, cut up at home</h3>
      <div className="grid max-w-md grid-cols-[1fr_1fr_auto] items-start gap-3">
        <MassBox
          label="It weighs"
          massG={view.choice.bird?.massG ?? null}
          error={problem?.at('bird.mass')}
          onMass={(mass) => save.change({ bird: { ...bird, mass } })}
        />
        <NumberBox
          label="It costs"
          value={view.choice.bird?.price ?? null}
          error={problem?.at('bird.price')}
          onNumber={(price) => save.change({ bird: { ...bird, price } })}
        />
        <Button className="mt-[1.65rem]" onClick={() => save.change({ bird: null })}>
          Leave it out
        </Button>
      </div>
      {view.bird && (
        <>
          <ul className="figures">
            {view.bird.whole.parts?.map((part) => (
              <li key={part.cut}>
                {part.count} {birdPartWords[part.cut] ?? ''}: {sayMass(part.massG, units)}
              </li>
            ))}
          </ul>
          <p className="leading-snug">{view.bird.sentence}</p>
          <Link
            to={`/tray?bird=${Math.round(view.bird.whole.massG)}`}
            className="inline-flex min-h-11 items-center justify-self-start rounded-md border border-control-line px-4"
          >
            Put its parts on the tray
          </Link>
        </>
      )}
    </div>
  );
}

const birdPartWords: Partial<Record<CutChoice['cut'], string>> = {
  bonelessBreast: 'breasts',
  legQuarter: 'leg quarters',
  wholeWing: 'wings',
};
