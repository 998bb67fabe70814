import type { PrepChoice, PrepRequest } from '../api/types';

/** What was decided, as it is sent back. */
export function prepRequestFrom(choice: PrepChoice): PrepRequest {
  return {
    serveG: choice.serveG,
    marinateMinutes: choice.marinateMinutes,
    place: choice.place,
    container: choice.container,
    frozen: choice.frozenMm === null ? null : { value: choice.frozenMm, unit: 'millimetre' },
    garnish: choice.garnish,
    heads: choice.heads,
    portionG: choice.portionG,
    packs: choice.packs.map((pack) => ({
      cut: pack.cut,
      mass: { value: pack.massG, unit: 'gram' },
      count: pack.count,
      price: pack.price,
    })),
    recipeMeat: choice.recipeMeatG === null ? null : { value: choice.recipeMeatG, unit: 'gram' },
    bird: choice.bird && { mass: { value: choice.bird.massG, unit: 'gram' }, price: choice.bird.price },
  };
}
