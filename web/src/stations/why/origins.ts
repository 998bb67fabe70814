import type { HeatParameter } from '../../api/types';

export interface Origin {
  /** After how many they are. */
  name: string;
  words: string;
  /** Set by us, to agree with practice: the ones to doubt first. */
  isOurs: boolean;
  parameters: readonly HeatParameter[];
}

/** Numbers by how they came about, those that were fitted first. */
export function originsOf(parameters: readonly HeatParameter[]): Origin[] {
  const isFitted = ({ source }: HeatParameter) => source.startsWith('Calibrated');
  const isPractice = ({ source }: HeatParameter) => /common practice/i.test(source);
  return [
    {
      name: 'fitted by us',
      words: 'set so that losses and windows of practice come out',
      isOurs: true,
      parameters: parameters.filter(isFitted),
    },
    {
      name: 'of common practice',
      words: 'what cooks and their kitchens have in common',
      isOurs: false,
      parameters: parameters.filter((one) => !isFitted(one) && isPractice(one)),
    },
    {
      name: 'of physics',
      words: 'from the literature, geometry, or computed from them',
      isOurs: false,
      parameters: parameters.filter((one) => !isFitted(one) && !isPractice(one)),
    },
  ].filter((origin) => origin.parameters.length > 0);
}
