import type { Vegetable } from '../api/types';
import type { FoodState } from './foodState';

/** Lightness when tender (0 to 1), chroma and hue in OKLCH: near what the vegetable looks like, muted. */
const tender: Record<Vegetable, readonly [number, number, number]> = {
  potato: [0.8, 0.085, 88],
  babyPotato: [0.76, 0.085, 78],
  sweetPotato: [0.68, 0.13, 50],
  carrot: [0.66, 0.14, 45],
  parsnip: [0.83, 0.05, 90],
  squash: [0.74, 0.13, 68],
  onion: [0.62, 0.07, 320],
  shallot: [0.6, 0.09, 5],
  garlic: [0.84, 0.03, 60],
  pepper: [0.56, 0.16, 27],
  courgette: [0.7, 0.1, 130],
  aubergine: [0.76, 0.05, 100],
  cherryTomato: [0.6, 0.17, 30],
  broccoli: [0.56, 0.11, 140],
  cauliflower: [0.83, 0.045, 80],
  sprout: [0.64, 0.12, 125],
  greenBean: [0.6, 0.12, 135],
  mushroom: [0.68, 0.04, 60],
  fennel: [0.8, 0.05, 125],
  leek: [0.76, 0.08, 125],
};

/** The outside where it differs: the dark rim of courgette and aubergine, the skin of a potato. */
const rinds: Partial<Record<Vegetable, readonly [number, number, number]>> = {
  potato: [0.58, 0.09, 65],
  squash: [0.6, 0.1, 75],
  courgette: [0.42, 0.09, 140],
  aubergine: [0.32, 0.07, 310],
  cherryTomato: [0.48, 0.16, 28],
  sweetPotato: [0.48, 0.1, 30],
};

const stems: Partial<Record<Vegetable, readonly [number, number, number]>> = {
  broccoli: [0.72, 0.09, 125],
  cauliflower: [0.88, 0.03, 100],
  cherryTomato: [0.48, 0.1, 135],
  greenBean: [0.5, 0.09, 125],
};

/** How light and how strong a colour is in a state: pale until it is ready, dark when it is past. */
const states: Record<FoodState, { lift: (lightness: number) => number; strength: number }> = {
  waiting: { lift: (l) => 0.93 + 0.03 * l, strength: 0.35 },
  notYet: { lift: (l) => 0.88 + 0.06 * l, strength: 0.42 },
  ready: { lift: (l) => l, strength: 1 },
  past: { lift: (l) => 0.22 + 0.3 * l, strength: 0.55 },
};

const say = ([l, c, h]: readonly [number, number, number], state: FoodState): string => {
  const { lift, strength } = states[state];
  return `oklch(${lift(l).toFixed(3)} ${(c * strength).toFixed(3)} ${h})`;
};

export interface FoodColours {
  fill: string;
  rind: string;
  stem: string;
  /** Outline, seams and seeds. */
  line: string;
}

/** A vegetable's colours in a state. Lightness alone tells the states apart, so that they hold in greyscale. */
export function vegetableColours(kind: Vegetable, state: FoodState): FoodColours {
  const [lightness, chroma, hue] = tender[kind];
  const line = state === 'past' ? 0.2 : 0.18 + 0.3 * lightness;
  return {
    fill: say(tender[kind], state),
    rind: say(rinds[kind] ?? [lightness * 0.82, chroma, hue], state),
    stem: say(stems[kind] ?? [lightness * 0.9, chroma, hue], state),
    line: `oklch(${line.toFixed(3)} ${Math.min(0.09, chroma).toFixed(3)} ${hue})`,
  };
}
