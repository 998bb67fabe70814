import { Problem } from '../../../api/problem';
import type { PrepView } from '../../../api/types';
import { MassBox } from '../../../household/MassBox';
import type { SavePrep } from '../../../kitchen/prepQueries';
import { Section } from '../../../ui/Section';

/** For a recipe on paper: what its amounts are multiplied by, instead of doubling by eye. */
export function PaperRecipe({ view, save }: { view: PrepView; save: SavePrep }) {
  const factor = view.recipeFactor === null ? null : `× ${view.recipeFactor.toFixed(2)}`;
  return (
    <Section title="A recipe on paper" summary={factor ?? 'how many times its amounts'}>
      <MassBox
        label="It is for so much meat"
        massG={view.choice.recipeMeatG}
        error={save.error instanceof Problem ? save.error.at('recipeMeat') : undefined}
        onMass={(mass) => save.change({ recipeMeat: mass.value === null ? null : mass })}
      />
      {factor && (
        <p className="leading-snug">
          <strong className="figures text-3xl">{factor}</strong>
          <br />
          Multiply its amounts for the meat by this. Its oven time does not grow with it: the tray works that out.
        </p>
      )}
    </Section>
  );
}
