import { useEffect, useState } from 'react';

/** How far the server's clock is ahead of this device's, ms. Times on screen follow the server. */
let aheadMs = 0;
const onCorrection = new Set<() => void>();

export function noteServerTime(serverNow: string) {
  aheadMs = Date.parse(serverNow) - Date.now();
  for (const tell of onCorrection) tell();
}

export const kitchenNow = () => Date.now() + aheadMs;

/** The kitchen's time, ms since 1970, new every second and whenever the server corrects it. */
export function useKitchenNow(): number {
  const [now, setNow] = useState(kitchenNow);
  useEffect(() => {
    const tell = () => setNow(kitchenNow());
    const timer = setInterval(tell, 1000);
    onCorrection.add(tell);
    return () => {
      clearInterval(timer);
      onCorrection.delete(tell);
    };
  }, []);
  return now;
}
