import { useEffect, useState } from 'react';

const KEY = 'amber.clock';

interface Known {
  serverMs: number;
  deviceMs: number;
  pace: number;
}

/** What the server's clock showed last, and when that was by this device's. Times on screen follow the server. */
let known: Known = keptClock() ?? { serverMs: Date.now(), deviceMs: Date.now(), pace: 1 };
const onCorrection = new Set<() => void>();

/** A page that is opened without the server goes on by its clock. */
export function keepClock() {
  try {
    localStorage.setItem(KEY, JSON.stringify(known));
  } catch {
    // Kept nowhere, the device's own clock does.
  }
}

function keptClock(): Known | null {
  try {
    const kept = JSON.parse(globalThis.localStorage?.getItem(KEY) ?? 'null');
    return typeof kept?.serverMs === 'number' && typeof kept.deviceMs === 'number' && typeof kept.pace === 'number'
      ? kept
      : null;
  } catch {
    return null;
  }
}

/** @param pace Seconds of the kitchen in a second of the wall: more than 1 in a rehearsal only. */
export function noteServerTime(serverNow: string, pace: number) {
  known = { serverMs: Date.parse(serverNow), deviceMs: Date.now(), pace };
  for (const tell of onCorrection) tell();
}

export const kitchenNow = () => known.serverMs + (Date.now() - known.deviceMs) * known.pace;

/** So many ms of the kitchen, in ms of this device. */
export const onDeviceMs = (kitchenMs: number) => kitchenMs / known.pace;

const TICK_MS = 1000;
const SHORTEST_TICK_MS = 200;

/** The kitchen's time, ms since 1970, new every second and whenever the server corrects it. */
export function useKitchenNow(): number {
  const [now, setNow] = useState(kitchenNow);
  useEffect(() => {
    const tell = () => setNow(kitchenNow());
    const timer = setInterval(tell, Math.max(SHORTEST_TICK_MS, onDeviceMs(TICK_MS)));
    onCorrection.add(tell);
    return () => {
      clearInterval(timer);
      onCorrection.delete(tell);
    };
  }, []);
  return now;
}
