import type { Container, KitchenMeasures, MixBasis, MixKind, SpoonSet, Touches } from '../api/types';

export const mixKindWords: Record<MixKind, string> = {
  dryRub: 'Dry rubs',
  wetMarinade: 'Marinades with oil and acid',
  yogurtMarinade: 'Yogurt marinades',
  glaze: 'Glazes',
  underSkinButter: 'Butters under the skin',
  crumbOverEgg: 'Crumb over egg',
  crumbOverMayonnaise: 'Crumb over mayonnaise',
  crumbOverYogurt: 'Crumb over yogurt',
  sauce: 'Sauces',
  juiceSauce: 'Sauces from the juices',
};

export const basisOfMix: Record<MixBasis, string> = {
  kilogramOfMeat: 'Goes by the mass of the meat',
  squareDecimetre: 'Goes by the surface of the meat',
  asWritten: 'Written for the meat in its recipe',
};

export const containerWords: Record<Container, string> = {
  glassOrChina: 'glass or china',
  bag: 'a bag',
  plastic: 'a plastic box',
  stainlessSteel: 'steel',
  bareAluminium: 'bare aluminium',
};

export const spoonSetWords: Record<SpoonSet, string> = {
  metric: 'metric: 5, 15, 250 ml',
  unitedStates: 'US: 4.9, 14.8, 237 ml',
  australian: 'Australian: 5, 20, 250 ml',
};

/** "a scale and spoons" */
export const measureSummary = (measures: KitchenMeasures): string =>
  `${measures.scale ? 'a scale and spoons' : 'spoons and cups'}${measures.hasJug ? ', a jug' : ''}`;

/** What hands meet; each with a shape of its own beside the word. */
export const touchesWords: Record<Touches, string> = {
  wash: 'Wash',
  readyToEat: 'Eaten as it is',
  stores: 'Clean jars',
  toBeCooked: 'Clean, cooked later',
  raw: 'Raw',
};
