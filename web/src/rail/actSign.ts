import type { StepKind } from '../api/types';
import type { HandSign } from './HandIcon';

/** What a hand holds for each kind of step. */
export const actSign: Record<StepKind, HandSign> = {
  baste: 'brush',
  coat: 'brush',
  turn: 'tongs',
  rotate: 'tray',
  swap: 'tray',
  shelf: 'tray',
  look: 'eye',
  cover: 'foil',
  uncover: 'foil',
  drain: 'jug',
  lower: 'dial',
  grill: 'dial',
};
