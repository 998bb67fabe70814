import { lazy, Suspense, useEffect } from 'react';
import { Redirect, Route, Switch } from 'wouter';
import { useLiveNews } from './api/live';
import { useSendWaiting } from './kitchen/bakes';
import { useHousehold } from './kitchen/household';
import { OvenAlarms } from './stations/oven/OvenAlarms';
import { Button } from './ui/Button';
import { setClockFace } from './words/times';

// Each station is fetched when it is first gone to, and the others once the first one stands: none is missing when the server goes.
const load = {
  tray: () => import('./stations/tray/TrayStation').then((m) => ({ default: m.TrayStation })),
  prep: () => import('./stations/prep/PrepStation').then((m) => ({ default: m.PrepStation })),
  evening: () => import('./stations/evening/EveningStation').then((m) => ({ default: m.EveningStation })),
  oven: () => import('./stations/oven/OvenStation').then((m) => ({ default: m.OvenStation })),
  log: () => import('./stations/log/LogStation').then((m) => ({ default: m.LogStation })),
  kitchen: () => import('./stations/kitchen/KitchenStation').then((m) => ({ default: m.KitchenStation })),
  print: () => import('./stations/print/PrintPage').then((m) => ({ default: m.PrintPage })),
  why: () => import('./stations/why/WhyStation').then((m) => ({ default: m.WhyStation })),
};
const TrayStation = lazy(load.tray);
const PrepStation = lazy(load.prep);
const EveningStation = lazy(load.evening);
const OvenStation = lazy(load.oven);
const LogStation = lazy(load.log);
const KitchenStation = lazy(load.kitchen);
const PrintPage = lazy(load.print);
const WhyStation = lazy(load.why);

const FETCH_OTHERS_AFTER_MS = 400;

export function App() {
  const connected = useLiveNews();
  const [refused, seen] = useSendWaiting(connected);
  useEffect(() => {
    const later = setTimeout(() => {
      for (const fetch of Object.values(load)) void fetch().catch(() => undefined);
    }, FETCH_OTHERS_AFTER_MS);
    return () => clearTimeout(later);
  }, []);
  const face = useHousehold()?.household.clock ?? 'twentyFour';
  setClockFace(face);
  return (
    <>
      <OvenAlarms />
      {refused && (
        <p role="alert" className="flex flex-wrap items-center justify-between gap-x-4 px-5 py-2 font-medium text-stop">
          Kept on this device, and not taken by the kitchen: {refused.message}
          <Button onClick={seen}>Seen</Button>
        </p>
      )}
      {/* Another clock face: every time of day is said anew. */}
      <Suspense key={face} fallback={<p className="p-8 text-xl">A moment…</p>}>
        <Switch>
          <Route path="/tray">
            <TrayStation connected={connected} />
          </Route>
          <Route path="/prep">
            <PrepStation connected={connected} />
          </Route>
          <Route path="/print">
            <PrintPage />
          </Route>
          <Route path="/evening">
            <EveningStation connected={connected} />
          </Route>
          <Route path="/oven">
            <OvenStation connected={connected} />
          </Route>
          <Route path="/kitchen">
            <KitchenStation connected={connected} />
          </Route>
          <Route path="/why">
            <WhyStation connected={connected} />
          </Route>
          <Route path="/log">
            <LogStation connected={connected} />
          </Route>
          <Route>
            <Redirect to="/tray" replace />
          </Route>
        </Switch>
      </Suspense>
    </>
  );
}
