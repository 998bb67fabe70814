import { memo } from 'react';
import type { ChickenLot, Coating, VegetableLot } from '../api/types';
import { type FoodDrawing, oval, type Part, stretched } from './drawing';
import type { FoodState } from './foodState';
import { glazeDrop, glazeShine, grains, meatDrawings, skinShine } from './meatDrawings';
import { type FoodColours, vegetableColours } from './vegetableColours';
import { vegetableDrawing } from './vegetableDrawings';

export type DrawnFood =
  | { meat: Pick<ChickenLot, 'cut' | 'skinOn' | 'coats'> }
  | { vegetable: Pick<VegetableLot, 'kind' | 'cut'> & Partial<Pick<VegetableLot, 'layers'>> };

const boneColour = 'oklch(0.94 0.02 85)';
const meatLine = 'oklch(0.27 0.05 60)';
const crumbs: readonly Coating[] = ['crumb', 'crumbOverEgg', 'crumbOverMayonnaise', 'crumbOverYogurt'];
const shiny: readonly Coating[] = ['glaze', 'sauce', 'juiceSauce'];

/**
 * One piece of food from above, round its middle, thick end to the left, in millimetres: what it is by its silhouette, how
 * far it is by its line (broken until it is ready, whole then, heavy when it is past) and its lightness.
 */
export const FoodPiece = memo(function FoodPiece(props: {
  food: DrawnFood;
  halfLengthMm: number;
  halfWidthMm: number;
  state: FoodState;
  /** The ramp's colour at the middle of meat; a vegetable has its own. */
  heat?: string | undefined;
  /** Millimetres of a hairline on this screen. */
  hairMm: number;
  isChosen?: boolean;
}) {
  const { food, state, hairMm } = props;
  const isMeat = 'meat' in food;
  const drawing = isMeat ? meatDrawings[food.meat.cut] : vegetableDrawing(food.vegetable.kind, food.vegetable.cut);
  const colours = isMeat ? meatColours(props.heat, state) : vegetableColours(food.vegetable.kind, state);
  const size = (d: string) => stretched(d, props.halfLengthMm, props.halfWidthMm);
  const rim = props.isChosen ? 2.6 : state === 'past' ? 2.2 : state === 'ready' ? 1.8 : 1.2;
  const isBroken = state === 'notYet' || state === 'waiting';
  return (
    <g
      stroke={props.isChosen ? 'var(--ink)' : colours.line}
      strokeWidth={rim * hairMm}
      strokeLinejoin="round"
      strokeLinecap="round"
      strokeDasharray={isBroken ? `${3.2 * hairMm} ${2.6 * hairMm}` : undefined}
    >
      <Parts parts={drawing.behind} size={size} colours={colours} />
      <path d={size(drawing.body)} fill={colours.fill} />
      <Parts parts={drawing.parts} size={size} colours={colours} />
      <g fill="none" strokeWidth={hairMm} strokeDasharray="none" stroke={colours.line} opacity={isMeat ? 0.55 : 0.8}>
        <Lines drawing={drawing} food={food} size={size} />
      </g>
      {isMeat && <OnMeat food={food.meat} size={size} hairMm={hairMm} line={colours.line} />}
      {state === 'past' && !isMeat && <Scorch size={size} hairMm={hairMm} />}
    </g>
  );
});

function meatColours(heat: string | undefined, state: FoodState): FoodColours {
  const fill = state === 'waiting' ? 'var(--enamel)' : (heat ?? 'var(--paper)');
  return { fill, rind: fill, stem: fill, line: meatLine };
}

function Parts({
  parts = [],
  size,
  colours,
}: {
  parts: readonly Part[] | undefined;
  size: (d: string) => string;
  colours: FoodColours;
}) {
  return parts.map(({ kind, d }) => {
    const fill = {
      bone: boneColour,
      skewer: 'none',
      rind: colours.rind,
      stem: colours.stem,
      filling: 'oklch(0.85 0.06 110)',
    }[kind];
    return (
      <path key={d} d={size(d)} fill={fill} fillRule="evenodd" strokeDasharray={kind === 'bone' ? 'none' : undefined} />
    );
  });
}

/** Seams and seeds; the folds of bare meat only where no skin hides them. */
function Lines({ drawing, food, size }: { drawing: FoodDrawing; food: DrawnFood; size: (d: string) => string }) {
  const isHidden =
    'meat' in food && food.meat.coats.some((coat) => crumbs.includes(coat.kind) || coat.kind === 'parcel');
  return isHidden ? null : drawing.lines?.map((d) => <path key={d} d={size(d)} />);
}

/** Skin that shines, and the outermost thing a cook sees: crumb, glaze, a rub, paper. */
function OnMeat(props: {
  food: Pick<ChickenLot, 'skinOn' | 'coats'>;
  size: (d: string) => string;
  hairMm: number;
  line: string;
}) {
  const { food, size, hairMm, line } = props;
  const has = (kinds: readonly Coating[]) => food.coats.some((coat) => kinds.includes(coat.kind));
  const isCrumbed = has(crumbs);
  if (has(['parcel']))
    return (
      <g fill="none" strokeWidth={1.4 * hairMm} strokeDasharray="none" stroke={line}>
        <path d={size('M-1.06 -.9 L1.06 -.9 L1.06 .95 L-1.06 .95Z')} fill="oklch(0.95 0.015 85 / 0.82)" />
        <path d={size('M-1.06 -.62 L1.06 -.62')} />
        <path d={size('M-1.06 -.9 L-.8 -.62 M1.06 -.9 L.8 -.62')} />
      </g>
    );
  return (
    <g fill="none" strokeDasharray="none">
      {food.skinOn && !isCrumbed && (
        <g stroke="oklch(0.97 0.02 85 / 0.62)" strokeWidth={2.6 * hairMm}>
          {skinShine.map((d) => (
            <path key={d} d={size(d)} />
          ))}
        </g>
      )}
      {has(shiny) && (
        <>
          <path d={size(glazeDrop)} fill="oklch(0.5 0.12 50)" stroke={line} strokeWidth={hairMm} />
          <g stroke="oklch(0.97 0.02 85 / 0.62)" strokeWidth={2 * hairMm}>
            {glazeShine.map((d) => (
              <path key={d} d={size(d)} />
            ))}
          </g>
        </>
      )}
      {(isCrumbed || has(['dryRub', 'topping', 'herbsUnderSkin'])) && (
        <path
          d={grains.map(([x, y]) => size(oval(x, y, isCrumbed ? 0.055 : 0.024, isCrumbed ? 0.075 : 0.034))).join(' ')}
          fill={isCrumbed ? 'oklch(0.55 0.09 65)' : 'oklch(0.35 0.08 40)'}
          stroke="none"
          opacity={0.8}
        />
      )}
    </g>
  );
}

/** Dark edges of what has stayed in too long. */
function Scorch({ size, hairMm }: { size: (d: string) => string; hairMm: number }) {
  return (
    <g fill="none" stroke="oklch(0.2 0.03 50)" strokeWidth={2.4 * hairMm}>
      <path d={size('M-.62 -.72 C-.3 -.8 -.1 -.8 .1 -.76')} />
      <path d={size('M.5 .62 C.62 .5 .7 .3 .72 .1')} />
    </g>
  );
}
