import { CircleHelp } from 'lucide-react';
import type { IngredientLine, RecipeUnderstood } from '../../../api/types';
import { useUnits } from '../../../kitchen/household';
import { Button } from '../../../ui/Button';
import { sayQuantity } from '../../../words/amounts';
import { listed, sayStep } from '../../../words/food';
import { mixKindWords } from '../../../words/prep';
import { sayTyped } from '../../../words/temperatures';
import type { TrayNames } from '../../../words/trayNames';
import { massIn, sayMass } from '../../../words/units';

/** What was understood of a recipe, line by line, and what it would make. */
export function UnderstoodView(props: {
  understood: RecipeUnderstood;
  names: TrayNames;
  busy: boolean;
  onUse: () => void;
}) {
  const { recipe, notUnderstood, plan, mixes, leftOut } = props.understood;
  const units = useUnits();
  const oven = recipe.ovens?.[0];
  return (
    <div className="grid gap-4">
      <h2 className="font-semibold text-3xl leading-tight">{recipe.name}</h2>
      <p className="figures text-lg">
        {[
          recipe.serves !== null && `serves ${recipe.serves}`,
          oven && `oven ${sayTyped(oven.setting)}${oven.isFan ? ' fan' : ''}`,
          recipe.bakeMinutes !== null && `${recipe.bakeMinutes} min in it`,
        ]
          .filter(Boolean)
          .join(' · ')}
      </p>
      {plan ? (
        <div className="grid gap-2 border-ink border-t-2 pt-3">
          <p className="text-lg leading-snug">
            Makes a tray of{' '}
            {listed([
              ...plan.chicken.map((lot) => `${lot.sizes.count} ${props.names.chicken(lot, lot.sizes.count)}`),
              ...plan.vegetables.map(
                (lot) =>
                  `${sayMass(massIn(lot.amount.value, lot.amount.unit, 'gram'), units)} ${props.names.vegetable(lot)}`,
              ),
            ])}
            {mixes.map(
              (mix) => `, and a mix of ${mix.parts.length} ingredients (${mixKindWords[mix.kind].toLowerCase()})`,
            )}
            {plan.steps.length > 0 &&
              `, with ${listed(plan.steps.map((step) => `${sayStep(step)} at ${step.atMinutes} min`))}`}
            .
          </p>
          <Button look="heat" big className="justify-self-start" disabled={props.busy} onClick={props.onUse}>
            {mixes.length > 1 ? 'Make the tray and its mixes' : 'Make the tray and the mix'}
          </Button>
        </div>
      ) : null}
      <table className="w-full border-collapse text-left">
        <caption className="pb-1 text-left text-ink-soft">Ingredients as they were read</caption>
        <thead className="sr-only">
          <tr>
            <th>How much</th>
            <th>Of what</th>
            <th>Said besides</th>
          </tr>
        </thead>
        <tbody>
          {recipe.ingredients.map((line, i) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: two lines may be the same; their place tells them apart.
            <tr key={i} className={`border-hairline border-t ${leftOut.includes(line.text) ? 'text-ink-soft' : ''}`}>
              <td className="figures w-32 py-1.5 pr-3 align-top font-semibold">{quantityWords(line)}</td>
              <th scope="row" className="py-1.5 pr-3 align-top font-normal">
                {line.name}
                {leftOut.includes(line.text) && ' (left out)'}
              </th>
              <td className="py-1.5 align-top text-ink-soft">{line.note}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {notUnderstood.length > 0 && (
        <ul aria-label="Not understood" className="grid gap-1.5">
          {notUnderstood.map((sentence) => (
            <li key={sentence} className="flex gap-2.5 leading-snug">
              <CircleHelp aria-hidden className="mt-0.5 size-5 shrink-0" />
              <span>{sentence}</span>
            </li>
          ))}
        </ul>
      )}
    </div>
  );
}

/** Words that are counted grow an end: "4 cloves", "2 leaves"; "2 tbsp" stays. */
function unitWords(unit: string, count: number): string {
  if (count <= 1 || unit.length < 4 || unit === 'tbsp') return unit;
  if (unit === 'leaf') return 'leaves';
  return /(ch|sh|ss)$/.test(unit) ? `${unit}es` : `${unit}s`;
}

/** "2 to 3 tbsp"; nothing where no amount was said. */
export function quantityWords(line: Pick<IngredientLine, 'low' | 'high' | 'unit'>): string {
  if (line.low === null) return '';
  const range = line.high !== null && line.high > line.low ? ` to ${sayQuantity(line.high)}` : '';
  return `${sayQuantity(line.low)}${range} ${unitWords(line.unit, line.high ?? line.low)}`.trim();
}
