import { useHousehold, useUnits } from '../../../kitchen/household';
import { vesselFrom } from './draftFrom';
import type { VesselDraft } from './trayDraft';

/** What goes on the other shelf where a second tray is wanted: the second that this household owns; undefined where it has one. */
export function useSecondTray(): VesselDraft | undefined {
  const second = useHousehold()?.household.vessels[1]?.vessel;
  const units = useUnits();
  return second && vesselFrom(second, units);
}
