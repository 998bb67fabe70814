import type { WholeBake } from '../../kitchen/bakes';

/** A piece of chicken that a thermometer can go into. */
export interface OvenPiece {
  lot: number;
  piece: number;
  name: string;
  /** Why it is asked for; empty where it is not. */
  why: string;
}

const isSame = (a: { lot: number; piece: number }, b: { lot: number; piece: number }) =>
  a.lot === b.lot && a.piece === b.piece;

export const pieceKey = (piece: { lot: number; piece: number }) => `${piece.lot}.${piece.piece}`;

/** All pieces that are in or out of the oven, those that are asked for first. */
export function piecesOf(bake: WholeBake): OvenPiece[] {
  const asked = bake.verdict?.measureNext ?? [];
  const all = bake.lots
    .filter((lot) => lot.isChicken && lot.place !== null)
    .flatMap((lot) => lot.pieces.map((piece) => ({ lot: lot.lot, piece: piece.piece, name: piece.name, why: '' })));
  const first = asked.flatMap((next) =>
    all.filter((piece) => isSame(piece, next)).map((piece) => ({ ...piece, why: next.why })),
  );
  return [...first, ...all.filter((piece) => !first.some((other) => isSame(other, piece)))];
}
