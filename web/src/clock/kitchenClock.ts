import { useEffect, useState } from 'react';

/** How far the server's clock is ahead of this device's, ms. Times on screen follow the server. */
let aheadMs = 0;

export function noteServerTime(serverNow: string) {
  aheadMs = Date.parse(serverNow) - Date.now();
}

export const kitchenNow = () => Date.now() + aheadMs;

/** The kitchen's time, ms since 1970, new every second. */
export function useKitchenNow(): number {
  const [now, setNow] = useState(kitchenNow);
  useEffect(() => {
    const timer = setInterval(() => setNow(kitchenNow()), 1000);
    return () => clearInterval(timer);
  }, []);
  return now;
}
