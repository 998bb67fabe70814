import { useKitchenNow } from '../../clock/kitchenClock';
import { useProbeSection, type WholeBake } from '../../kitchen/bakes';
import { useUnits } from '../../kitchen/household';
import { sayProbe } from '../../section/sectionWords';
import { MINUTE_MS } from '../../words/times';
import type { OvenPiece } from './pieces';

/** Asked for shortly before it is wanted: the piece has to be cut open for it. */
const AHEAD_MS = 12 * MINUTE_MS;

/** How deep and from where, as the section has it; of the piece that was cut open, the slowest of its lot. */
export function useProbeWay(bake: WholeBake, piece: OvenPiece | undefined): string | null {
  const soon = useKitchenNow() + AHEAD_MS >= Date.parse(bake.verdict?.nextCheckAt ?? bake.now ?? '');
  const lot = bake.lots.find((other) => other.lot === piece?.lot);
  const isCut = piece !== undefined && lot?.slowest === piece.piece;
  const film = useProbeSection(bake.id, piece?.lot ?? 0, isCut && soon);
  const { length } = useUnits();
  return film && isCut ? sayProbe(film, { temperature: bake.plan.ovenSetting.unit, length }) : null;
}
