import type { Vegetable, VegetableCut } from '../api/types';
import { type FoodDrawing, oval, type Part } from './drawing';

const rind = (d: string): Part => ({ kind: 'rind', d });
const stem = (d: string): Part => ({ kind: 'stem', d });

const disc = oval(0, 0, 0.98, 0.98);
const cube =
  'M-.86 -.97 C-.3 -1 .3 -1 .86 -.97 C.95 -.97 .98 -.94 .98 -.86 L.98 .86 C.98 .94 .95 .97 .86 .97 L-.86 .97 C-.94 .97 -.98 .94 -.98 .86 L-.98 -.86 C-.98 -.94 -.94 -.97 -.86 -.97Z';
const skinOnCube =
  'M-.86 -.97 L.86 -.97 C.95 -.97 .98 -.94 .98 -.86 L.98 -.68 L-.98 -.68 L-.98 -.86 C-.98 -.94 -.94 -.97 -.86 -.97Z';
const crescent = 'M-1 .62 C-.8 -.7 -.4 -.98 0 -.98 C.4 -.98 .8 -.7 1 .62 C.6 1 -.6 1 -1 .62Z';
const crescentRind =
  'M-1 .62 C-.8 -.7 -.4 -.98 0 -.98 C.4 -.98 .8 -.7 1 .62 L.84 .68 C.66 -.4 .32 -.66 0 -.66 C-.32 -.66 -.66 -.4 -.84 .68Z';
const stick = 'M-.97 -.9 C-.5 -1 .5 -1 .97 -.8 L.99 .8 C.5 1 -.5 1 -.97 .9 C-1 .4 -1 -.4 -.97 -.9Z';
const longRoot =
  'M-.98 -.4 C-.9 -.98 -.7 -1 -.4 -.9 C.2 -.7 .7 -.3 1 -.04 C1 .02 1 .02 1 .04 C.7 .3 .2 .7 -.4 .9 C-.7 1 -.9 .98 -.98 .4Z';
const bulb =
  'M-.82 0 C-.85 -.6 -.45 -1 .05 -.98 C.45 -.95 .62 -.45 1 -.1 L1 .1 C.62 .45 .45 .95 .05 .98 C-.45 1 -.85 .6 -.82 0Z';
const bulbLayers = [
  'M-.55 0 C-.55 -.4 -.2 -.65 .15 -.6 C.4 -.5 .5 -.2 .7 0 C.5 .2 .4 .5 .15 .6 C-.2 .65 -.55 .4 -.55 0Z',
  'M-.28 0 C-.25 -.22 0 -.32 .18 -.28 C.32 -.2 .4 -.1 .5 0 C.4 .1 .32 .2 .18 .28 C0 .32 -.25 .22 -.28 0Z',
];
const onionWedge = [
  'M-.74 .5 C-.56 -.3 -.3 -.5 0 -.5 C.3 -.5 .56 -.3 .74 .5',
  'M-.45 .56 C-.32 0 -.2 -.1 0 -.1 C.2 -.1 .32 0 .45 .56',
];
const ring = oval(0, 0, 0.48, 0.48);
const seeds = [
  'M-.3 -.4 L-.3 -.22',
  'M.3 -.4 L.3 -.22',
  'M0 -.08 L0 .12',
  'M-.36 .2 L-.36 .38',
  'M.36 .2 L.36 .38',
  'M0 .44 L0 .58',
];
const crown =
  'M-.28 .3 C-.7 .55 -1.02 .2 -.9 -.1 C-1.02 -.45 -.72 -.72 -.46 -.66 C-.34 -1 .16 -1.05 .34 -.7 C.66 -.82 .98 -.5 .88 -.18 C1.02 .2 .72 .5 .32 .3Z';
const crownBuds = [
  'M-.62 -.1 C-.5 -.3 -.34 -.3 -.22 -.14',
  'M.02 -.3 C.14 -.5 .3 -.5 .42 -.32',
  'M.3 .04 C.42 -.1 .56 -.1 .66 .04',
];
const crownStem = stem('M-.3 .1 L-.2 1 L.2 1 L.34 .1Z');
const mushroom =
  'M-1 .12 C-1.02 -.6 -.5 -.98 0 -.98 C.5 -.98 1.02 -.6 1 .12 C.98 .3 .6 .3 .3 .26 L.26 .9 C.1 1 -.1 1 -.26 .9 L-.3 .26 C-.6 .3 -.98 .3 -1 .12Z';
const halfDome = 'M-1 .75 C-1.02 -.4 -.6 -.98 0 -.98 C.6 -.98 1.02 -.4 1 .75 C.6 .98 -.6 .98 -1 .75Z';

/** Blunt at both ends, with a rim of skin where it is cut lengthwise. */
const baton = 'M-1 0 C-1 -.6 -.9 -1 -.6 -1 L.6 -.95 C.88 -.92 1 -.5 1 0 C1 .5 .88 .92 .6 .95 L-.6 1 C-.9 1 -1 .6 -1 0Z';
const insideBaton =
  'M-.91 0 C-.91 -.45 -.82 -.76 -.58 -.76 L.58 -.72 C.8 -.7 .91 -.38 .91 0 C.91 .38 .8 .7 .58 .72 L-.58 .76 C-.82 .76 -.91 .45 -.91 0Z';
const batonStem = stem('M-.97 -.3 L-1.1 -.36 L-1.1 .36 L-.97 .3Z');
/** Fat in the middle, pointed at both ends. */
const spindle =
  'M-1 .06 C-.8 -.3 -.62 -.98 -.1 -.98 C.4 -.98 .72 -.5 1 -.08 C.8 .3 .6 .98 .05 .98 C-.45 .98 -.75 .5 -1 .06Z';

const byCut: Record<VegetableCut, FoodDrawing> = {
  cube: { body: cube },
  wedge: { body: crescent, parts: [rind(crescentRind)] },
  coin: { body: disc },
  half: { body: disc },
  whole: { body: disc },
  stick: { body: stick, lines: ['M-.8 0 C-.3 .15 .3 -.15 .8 0'] },
  floret: { body: crown, behind: [crownStem], lines: crownBuds },
};

const rootHalf: FoodDrawing = { body: longRoot, lines: ['M-.85 0 C-.3 .06 .3 .04 .85 0'] };
const rootWhole: FoodDrawing = {
  body: longRoot,
  parts: [stem('M-1 -.34 C-1.12 -.2 -1.12 .2 -1 .34 C-.9 .2 -.9 -.2 -1 -.34Z')],
  lines: ['M-.6 -.5 L-.45 -.3', 'M-.1 .3 L.04 .16', 'M.3 -.3 L.4 -.16'],
};

/** What differs from how every vegetable is drawn in that cut. */
const own: Partial<Record<Vegetable, Partial<Record<VegetableCut, FoodDrawing>>>> = {
  potato: {
    cube: { body: cube, parts: [rind(skinOnCube)] },
    half: {
      body: 'M-1 0 C-1 -.7 -.5 -1 .1 -.98 C.7 -.95 1 -.5 1 .05 C1 .7 .5 1 -.1 .97 C-.7 .95 -1 .6 -1 0Z',
      lines: [oval(0, 0, 0.72, 0.68)],
    },
    whole: {
      body: 'M-1 0 C-1 -.7 -.5 -1 .1 -.98 C.7 -.95 1 -.5 1 .05 C1 .7 .5 1 -.1 .97 C-.7 .95 -1 .6 -1 0Z',
      lines: [oval(-0.4, -0.3, 0.06, 0.07), oval(0.3, 0.1, 0.06, 0.07), oval(-0.1, 0.5, 0.06, 0.07)],
    },
  },
  babyPotato: {
    whole: {
      body: 'M-.98 .05 C-1 -.6 -.5 -1 .05 -.98 C.65 -.96 1 -.5 .98 .05 C.96 .7 .5 .98 -.05 .97 C-.65 .95 -.96 .6 -.98 .05Z',
      lines: [oval(-0.4, -0.25, 0.08, 0.09), oval(0.35, 0.2, 0.08, 0.09), oval(0.1, -0.5, 0.07, 0.08)],
    },
    half: { body: disc, lines: [oval(0, 0, 0.76, 0.74)] },
  },
  sweetPotato: {
    cube: { body: cube, lines: ['M-.6 -.3 L-.2 -.36', 'M.1 .1 L.55 .04', 'M-.5 .5 L-.1 .46'] },
    coin: { body: disc, lines: [oval(0, 0, 0.8, 0.8), 'M-.3 -.1 L-.1 -.16', 'M.15 .2 L.4 .16'] },
    half: {
      body: spindle,
      lines: ['M-.7 .05 C-.5 -.4 -.3 -.72 -.05 -.74', 'M-.2 .2 L.1 .14', 'M.2 -.24 L.46 -.3', 'M.1 .5 L.36 .44'],
    },
    whole: {
      body: spindle,
      lines: ['M-.55 -.3 L-.45 -.16', 'M-.05 .36 L.08 .24', 'M.32 -.4 L.44 -.28', 'M-.2 -.6 L-.08 -.5'],
    },
  },
  carrot: { coin: { body: disc, lines: [ring] }, half: rootHalf, whole: rootWhole },
  parsnip: {
    coin: { body: disc, lines: [ring, 'M0 -.48 L0 -.9', 'M.42 .24 L.78 .45', 'M-.42 .24 L-.78 .45'] },
    half: rootHalf,
    whole: rootWhole,
  },
  squash: {
    cube: { body: cube, lines: ['M-.7 -.5 C-.2 -.3 .3 -.35 .75 -.2', 'M-.6 .3 C-.1 .5 .3 .4 .7 .55'] },
    coin: { body: disc, parts: [rind(`${disc} ${oval(0, 0, 0.84, 0.84)}`)], lines: [oval(0, 0, 0.34, 0.34)] },
  },
  onion: {
    wedge: { body: crescent, lines: onionWedge },
    coin: { body: disc, lines: [oval(0, 0, 0.72, 0.72), oval(0, 0, 0.46, 0.46), oval(0, 0, 0.2, 0.2)] },
    half: { body: bulb, lines: bulbLayers },
    whole: { body: bulb, lines: ['M-.7 -.2 C-.2 -.7 .4 -.5 .9 -.06', 'M-.7 .2 C-.2 .7 .4 .5 .9 .06'] },
  },
  shallot: {
    half: { body: bulb, lines: bulbLayers },
    whole: { body: bulb, lines: ['M-.7 -.2 C-.2 -.6 .4 -.4 .9 -.06', 'M-.7 .25 C-.2 .6 .4 .4 .9 .06'] },
  },
  garlic: {
    whole: {
      body: 'M-.95 .2 C-1 -.4 -.5 -.98 0 -.95 C.5 -.9 .75 -.4 1 0 C.8 .5 .4 .97 -.1 .95 C-.6 .9 -.92 .6 -.95 .2Z',
      lines: ['M-.7 .2 C-.3 -.2 .3 -.3 .9 0'],
    },
  },
  pepper: {
    wedge: {
      body: 'M-1 -.1 C-.95 -.7 -.5 -1 0 -.94 C.5 -1 .95 -.7 1 -.1 C.96 .3 .72 .95 .5 .98 C.3 1 .2 .76 0 .76 C-.2 .76 -.3 1 -.5 .98 C-.72 .95 -.96 .3 -1 -.1Z',
      parts: [stem('M-.16 -.88 L-.12 -1.18 L.14 -1.18 L.16 -.88Z')],
      lines: ['M-.3 -.7 C-.42 -.2 -.36 .4 -.2 .6', 'M.3 -.7 C.42 -.2 .36 .4 .2 .6'],
    },
  },
  courgette: {
    coin: { body: disc, parts: [rind(`${disc} ${oval(0, 0, 0.78, 0.78)}`)], lines: seeds },
    stick: { body: stick, parts: [rind('M-.97 -.9 C-.5 -1 .5 -1 .97 -.8 L.98 -.4 C.5 -.5 -.5 -.5 -.99 -.4Z')] },
    half: {
      body: baton,
      parts: [rind(`${baton} ${insideBaton}`), batonStem],
      lines: ['M-.55 -.14 L-.42 -.14', 'M-.2 .16 L-.07 .16', 'M.14 -.14 L.27 -.14', 'M.46 .16 L.59 .16'],
    },
    whole: {
      body: baton,
      parts: [batonStem],
      lines: ['M-.8 -.5 C-.2 -.6 .4 -.56 .86 -.36', 'M-.86 0 L.94 0', 'M-.8 .5 C-.2 .6 .4 .56 .86 .36'],
    },
  },
  aubergine: {
    cube: { body: cube, parts: [rind(skinOnCube)], lines: ['M-.3 .1 L-.2 .2', 'M.2 0 L.3 .1', 'M0 .5 L.1 .6'] },
    coin: { body: disc, parts: [rind(`${disc} ${oval(0, 0, 0.86, 0.86)}`)], lines: seeds },
    half: {
      body: bulb,
      parts: [stem('M.88 -.22 L1.12 -.3 L1.12 .3 L.88 .22Z')],
      lines: ['M-.4 -.3 L-.3 -.24', 'M0 .2 L.1 .26', 'M-.3 .34 L-.2 .4', 'M.2 -.2 L.3 -.14'],
    },
  },
  cherryTomato: {
    whole: {
      body: disc,
      parts: [stem('M0 -.1 L.36 -.44 L.14 -.02 L.44 .3 L.04 .1 L-.2 .46 L-.12 .06 L-.5 -.04 L-.1 -.1 L-.14 -.5Z')],
    },
    half: {
      body: disc,
      lines: [
        'M-.55 -.4 C-.2 -.5 -.15 -.1 -.16 .5 C-.5 .4 -.66 0 -.55 -.4Z',
        'M.55 -.4 C.2 -.5 .15 -.1 .16 .5 C.5 .4 .66 0 .55 -.4Z',
      ],
    },
    wedge: {
      body: crescent,
      parts: [rind(crescentRind)],
      lines: [
        'M-.34 .6 C-.56 .3 -.5 -.1 -.16 -.3 C-.06 .1 -.14 .44 -.34 .6Z',
        'M.34 .6 C.56 .3 .5 -.1 .16 -.3 C.06 .1 .14 .44 .34 .6Z',
      ],
    },
  },
  cauliflower: {
    floret: {
      body: crown,
      behind: [crownStem],
      lines: [...crownBuds, oval(-0.35, -0.4, 0.12, 0.12), oval(0.55, -0.35, 0.12, 0.12)],
    },
  },
  sprout: {
    half: {
      body: halfDome,
      lines: [
        'M0 .9 L0 -.4',
        'M0 .6 C-.3 .4 -.5 .1 -.55 -.2',
        'M0 .6 C.3 .4 .5 .1 .55 -.2',
        'M0 .2 C-.14 0 -.24 -.2 -.26 -.44',
        'M0 .2 C.14 0 .24 -.2 .26 -.44',
      ],
    },
    whole: {
      body: disc,
      lines: ['M-.9 .1 C-.4 -.5 .3 -.6 .8 -.3', 'M-.4 .86 C-.3 .2 .2 -.2 .9 -.1', 'M-.7 -.5 C-.3 -.3 0 .2 .06 .9'],
    },
  },
  greenBean: {
    whole: {
      body: 'M-.9 -.7 C-.3 -1 .4 -.95 .98 -.1 L1 .2 C.4 .9 -.3 1 -.9 .75 C-1 .4 -1 -.4 -.9 -.7Z',
      parts: [stem('M-.94 -.4 L-1.06 -.1 L-1.06 .2 L-.94 .4Z')],
      lines: ['M-.6 0 L-.4 0', 'M-.1 .05 L.1 .05', 'M.4 0 L.6 .02'],
    },
  },
  mushroom: {
    half: { body: mushroom, lines: ['M-.72 .08 C-.3 -.14 .3 -.14 .72 .08'] },
    whole: { body: disc, lines: [oval(0, 0, 0.3, 0.3), 'M-.6 -.46 C-.4 -.7 .1 -.8 .4 -.66'] },
  },
  fennel: {
    wedge: {
      body: 'M-1 .5 C-.9 -.3 -.4 -.9 .1 -.8 L.62 -1 L.74 -.74 L.5 -.46 L1 -.5 L1 -.16 L.6 -.06 C.62 .4 .3 .98 -.3 .96 C-.7 .94 -.98 .8 -1 .5Z',
      lines: ['M-.8 .5 C-.6 0 -.1 -.3 .4 -.3', 'M-.5 .66 C-.3 .3 .1 .1 .5 .1'],
    },
    half: {
      body: 'M-.96 0 C-.98 -.5 -.6 -.98 -.1 -.96 C.15 -.94 .3 -.8 .4 -.66 L.9 -.86 L.98 -.56 L.6 -.3 L1 -.16 L1 .16 L.6 .3 L.98 .56 L.9 .86 L.4 .66 C.3 .8 .15 .94 -.1 .96 C-.6 .98 -.98 .5 -.96 0Z',
      lines: ['M-.86 0 C-.6 -.5 -.1 -.62 .42 -.44', 'M-.86 0 C-.6 .5 -.1 .62 .42 .44', 'M-.8 0 L.6 0'],
    },
  },
  leek: {
    coin: {
      body: disc,
      lines: [oval(0, 0, 0.78, 0.78), oval(0, 0, 0.56, 0.56), oval(0, 0, 0.34, 0.34), oval(0, 0, 0.13, 0.13)],
    },
    half: { body: stick, lines: ['M-.9 -.5 L.9 -.5', 'M-.9 0 L.9 0', 'M-.9 .5 L.9 .5'] },
  },
};

/** A vegetable in its cut from above. */
export const vegetableDrawing = (kind: Vegetable, cut: VegetableCut): FoodDrawing => own[kind]?.[cut] ?? byCut[cut];
