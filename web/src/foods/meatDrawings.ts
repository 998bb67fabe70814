import type { Cut } from '../api/types';
import { type FoodDrawing, oval, type Part } from './drawing';

const bone = (d: string): Part => ({ kind: 'bone', d });

/** A shaft to the right with a knuckle of two lobes. */
const knuckle = (fromX: number, toX: number, half: number): readonly Part[] => [
  bone(`M${fromX} ${-half} L${toX} ${-half} L${toX} ${half} L${fromX} ${half}Z`),
  bone(oval(toX + 0.04, -half, 0.1, half * 1.15)),
  bone(oval(toX + 0.04, half, 0.1, half * 1.15)),
];

const breast =
  'M-.98 .1 C-1 -.5 -.7 -.95 -.15 -.97 C.4 -.98 .75 -.6 .98 .1 C1.03 .3 .85 .36 .7 .4 C.5 .75 .1 .97 -.4 .95 C-.8 .9 -.97 .6 -.98 .1Z';

/** Each cut from above. Whether it has skin, and what is on it, is drawn over this. */
export const meatDrawings: Record<Cut, FoodDrawing> = {
  boneInThigh: {
    body: 'M-.93 .1 C-1 -.5 -.6 -1 0 -.98 C.6 -.97 1 -.6 1 -.05 C1 .6 .65 1 .1 .96 C-.05 .9 -.15 .9 -.3 .96 C-.65 1 -.9 .7 -.93 .1Z',
    behind: [bone(oval(-0.98, 0.22, 0.13, 0.2)), bone(oval(-0.92, 0.52, 0.13, 0.2))],
    lines: ['M-.72 .45 C-.5 .3 -.35 .5 -.3 .72'],
  },
  bonelessThigh: {
    body: 'M-.95 -.55 C-.6 -.95 -.1 -.8 .3 -.9 C.7 -1 .95 -.75 .95 -.5 C1.05 0 .9 .4 .97 .6 C.75 1 .3 .85 0 .95 C-.4 1 -.8 .9 -.93 .65 C-1.02 .3 -.85 -.1 -.95 -.55Z',
    lines: ['M-.6 -.25 C-.2 0 .2 -.35 .7 -.28', 'M-.55 .4 C-.1 .6 .3 .25 .68 .42'],
  },
  thighSkewer: {
    body: 'M-.9 -.6 C-.6 -1 .6 -1 .9 -.6 C1.02 -.2 1.02 .2 .9 .6 C.6 1 -.6 1 -.9 .6 C-1.02 .2 -1.02 -.2 -.9 -.6Z',
    behind: [{ kind: 'skewer', d: 'M-1.45 0 L1.45 0' }],
    lines: ['M-.35 -.7 C-.2 -.3 -.2 .3 -.35 .7', 'M.4 -.65 C.5 -.3 .5 .3 .4 .65'],
  },
  drumstick: {
    body: 'M.6 -.26 C.35 -.7 -.1 -1 -.5 -.95 C-.9 -.85 -1 -.35 -1 .05 C-1 .6 -.75 .98 -.35 .95 C.1 .95 .4 .65 .6 .26Z',
    behind: knuckle(0.5, 0.92, 0.17),
  },
  legQuarter: {
    body: 'M.66 -.2 C.42 -.42 .28 -.5 .1 -.75 C-.2 -1.05 -.75 -1 -.93 -.5 C-1.08 .1 -.95 .75 -.5 .95 C-.15 1.05 .1 .82 .22 .64 C.34 .5 .5 .4 .66 .24Z',
    behind: knuckle(0.6, 0.93, 0.14),
    lines: ['M.1 -.7 C.3 -.3 .32 .2 .18 .62'],
  },
  bonelessBreast: { body: breast, lines: ['M-.7 -.2 C-.2 -.5 .3 -.3 .65 0', 'M-.62 .35 C-.2 .1 .2 .2 .5 .32'] },
  breastHalf: {
    body: 'M-.97 -.2 C-.9 -.8 -.4 -1 .1 -.95 C.6 -.9 .98 -.4 .98 .1 C.98 .6 .6 .98 .1 .95 L-.82 .92 C-.97 .6 -1 .2 -.97 -.2Z',
    lines: ['M-.8 .9 C-.6 .3 -.6 -.2 -.75 -.55', 'M-.2 -.4 C.2 -.3 .5 0 .6 .3'],
  },
  breastThird: {
    body: 'M-.9 -.8 C-.4 -1 .4 -1 .85 -.82 L.98 .75 C.5 1 -.5 1 -.98 .8Z',
    lines: ['M-.55 -.5 C-.4 -.1 -.5 .3 -.6 .6', 'M.1 -.6 C.2 -.1 .1 .3 .1 .65', 'M.6 -.45 C.65 0 .6 .3 .65 .5'],
  },
  poundedBreast: {
    body: 'M-.98 -.1 C-.95 -.6 -.75 -.75 -.5 -.85 C-.25 -1.02 .15 -.85 .4 -.92 C.75 -.95 .98 -.55 .95 -.2 C1.02 .2 .95 .6 .7 .8 C.45 1 .1 .88 -.2 .96 C-.6 1 -.9 .8 -.92 .45 C-1 .25 -1 .1 -.98 -.1Z',
    lines: [
      oval(-0.45, -0.3, 0.12, 0.16),
      oval(0.1, 0.1, 0.12, 0.16),
      oval(0.5, -0.35, 0.12, 0.16),
      oval(-0.3, 0.45, 0.12, 0.16),
    ],
  },
  stuffedBreast: {
    body: breast,
    parts: [{ kind: 'filling', d: 'M-.62 .18 C-.3 -.1 .25 -.08 .6 .14 C.25 .42 -.3 .45 -.62 .18Z' }],
    lines: ['M-.4 -.2 L-.28 .5', 'M0 -.28 L.06 .52', 'M.36 -.2 L.38 .42'],
  },
  tender: {
    body: 'M-1 0 C-.95 -.7 -.5 -1 0 -.85 C.5 -.7 .9 -.4 1 .05 C.85 .5 .4 .9 -.1 .95 C-.6 1 -.95 .6 -1 0Z',
    lines: ['M-.75 .1 C-.2 -.25 .3 -.1 .8 .05'],
  },
  boneInBreast: {
    body: breast,
    behind: [
      bone('M-.8 .6 C-.5 .98 .2 1.05 .68 .5 L.86 .62 C.4 1.3 -.6 1.25 -.95 .85Z'),
      bone(oval(0.8, 0.52, 0.09, 0.13)),
    ],
    lines: ['M-.5 .98 L-.44 .72', 'M-.2 1 L-.16 .76', 'M.12 .96 L.12 .74', 'M.4 .8 L.36 .6'],
  },
  wholeWing: {
    body: 'M-1 .35 C-1 -.2 -.72 -.62 -.38 -.52 C-.12 -.42 .02 -.12 .08 0 C.2 -.42 .42 -.95 .72 -.96 C.9 -1 1.02 -.9 .99 -.75 C1.05 -.5 .98 -.35 .9 -.2 C.75 .2 .5 .62 .15 .86 C-.1 1 -.35 .96 -.6 .86 C-.85 .76 -1 .6 -1 .35Z',
    lines: ['M.08 0 C.16 .3 .16 .55 .12 .84', 'M.7 -.9 C.74 -.72 .84 -.6 .96 -.56'],
  },
  drumette: {
    body: 'M.6 -.34 C.35 -.75 -.1 -1 -.5 -.95 C-.9 -.85 -1 -.35 -1 .05 C-1 .6 -.75 .98 -.35 .95 C.1 .95 .4 .7 .6 .34Z',
    behind: [bone(oval(0.72, -0.14, 0.24, 0.28)), bone(oval(0.72, 0.16, 0.24, 0.28))],
  },
  wingFlat: {
    body: 'M-.82 -.7 C-.4 -1.02 .4 -1.02 .82 -.66 C.98 -.3 .98 .3 .82 .7 C.4 1.02 -.4 1.02 -.82 .7 C-.98 .3 -.98 -.3 -.82 -.7Z',
    behind: [
      bone(oval(-0.94, -0.34, 0.1, 0.22)),
      bone(oval(-0.94, 0.34, 0.1, 0.22)),
      bone(oval(0.94, -0.34, 0.1, 0.22)),
      bone(oval(0.94, 0.34, 0.1, 0.22)),
    ],
    lines: ['M-.7 0 C-.3 .08 .3 -.08 .7 0'],
  },
  diced: {
    body: 'M-.85 -.8 C-.3 -.98 .4 -.95 .85 -.85 C1 -.3 .95 .4 .88 .82 C.3 1 -.4 .96 -.88 .86 C-1 .3 -.96 -.4 -.85 -.8Z',
    lines: ['M-.45 -.4 C0 -.2 .2 -.45 .5 -.3', 'M-.4 .3 C0 .5 .2 .25 .5 .4'],
  },
};

/** Skin that shines, over the top of a piece. */
export const skinShine = ['M-.7 -.3 C-.5 -.78 .2 -.88 .5 -.6', 'M.64 -.46 C.7 -.4 .73 -.34 .75 -.28'];

/** Glaze that has run: a drop at the rim and a second shine. */
export const glazeDrop = 'M-.16 .9 C-.14 1.2 -.22 1.32 -.1 1.34 C.04 1.34 -.04 1.14 .02 .9Z';
export const glazeShine = ['M-.55 .48 C-.3 .7 .1 .72 .4 .56'];

/** Where grains of crumb or spice lie, in the box: the same on each piece, which is turned its own way anyhow. */
export const grains: readonly (readonly [number, number])[] = [
  [-0.72, -0.2],
  [-0.55, 0.3],
  [-0.5, -0.55],
  [-0.3, 0.02],
  [-0.28, 0.62],
  [-0.15, -0.4],
  [-0.1, -0.75],
  [0.02, 0.3],
  [0.1, -0.1],
  [0.18, 0.68],
  [0.24, -0.55],
  [0.36, 0.16],
  [0.45, -0.2],
  [0.5, 0.45],
  [0.62, -0.4],
  [0.7, 0.08],
];
