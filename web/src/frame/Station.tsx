import type { ReactNode } from 'react';
import { Link, useLocation } from 'wouter';
import { useLiveBakes } from '../kitchen/bakes';
import { SpoonMark } from '../rail/SpoonMark';
import { HelpButton } from './help/HelpButton';
import { MarinadeBar } from './marinades/MarinadeBar';

const stations = [
  { to: '/tray', name: 'Tray' },
  { to: '/prep', name: 'Prep' },
  { to: '/evening', name: 'Evening' },
  { to: '/oven', name: 'Oven' },
  { to: '/log', name: 'Log' },
  { to: '/kitchen', name: 'Kitchen' },
];

/** The frame of a station: where you are at the top, the work, and the rail along the bottom. */
export function Station(props: {
  room: 'day' | 'oven';
  connected: boolean;
  children: ReactNode;
  rail?: ReactNode;
  /** What belongs to the whole station, such as the name of what is worked on. */
  bar?: ReactNode;
  /** On a wide screen everything is seen at once: its parts scroll, the page does not. */
  fits?: boolean;
}) {
  const [at] = useLocation();
  const live = useLiveBakes().bakes.length > 0;
  return (
    <div
      data-room={props.room}
      className={`flex min-h-full flex-col bg-paper text-ink ${props.fits ? 'lg:h-dvh lg:min-h-[44rem]' : ''}`}
    >
      <a
        href="#work"
        className="sr-only focus:not-sr-only focus:absolute focus:top-2 focus:left-2 focus:z-50 focus:bg-paper focus:p-3"
      >
        Skip to the work
      </a>
      <header className="flex flex-wrap items-stretch justify-between border-hairline border-b px-3 sm:px-5">
        <p className="hidden items-center gap-2 whitespace-nowrap py-2 font-display font-semibold text-lg sm:flex">
          <SpoonMark className="h-8" />
          <span>Amber Spoon</span>
        </p>
        {props.bar && (
          <div className="order-last basis-full py-1.5 lg:order-none lg:mx-auto lg:min-w-60 lg:max-w-[34rem] lg:grow lg:basis-0 lg:px-4">
            {props.bar}
          </div>
        )}
        <nav aria-label="Stations" className="flex w-full items-stretch justify-between sm:w-auto">
          {stations.map((station) => (
            <Link
              key={station.to}
              to={station.to}
              aria-current={station.to === at ? 'page' : undefined}
              className="flex min-h-13 min-w-11 items-center justify-center gap-1.5 border-transparent border-b-4 px-1.5 pt-1 font-display min-[360px]:px-2 min-[360px]:text-lg sm:min-w-16 sm:px-3.5 aria-[current=page]:border-ink aria-[current=page]:font-semibold"
            >
              {station.name}
              {station.to === '/oven' && live && (
                <>
                  <span aria-hidden className="size-2.5 rounded-full bg-heat" />
                  <span className="sr-only">, a tray is in</span>
                </>
              )}
            </Link>
          ))}
          <HelpButton room={props.room} />
        </nav>
      </header>
      {!props.connected && (
        <p role="status" className="border-hairline border-b bg-paper-deep px-5 py-2 font-medium">
          Lost touch with the kitchen server. What you type is kept on this device; trying again every second.
        </p>
      )}
      <MarinadeBar />
      <main id="work" className={props.fits ? 'grow lg:min-h-0' : 'grow'}>
        {props.children}
      </main>
      {/* On a low screen, or one that is zoomed in, it would cover half of the work: there it lies below it. */}
      {props.rail && (
        <div className="bottom-0 z-10 [@media(min-height:36rem)]:sticky border-hairline border-t bg-paper px-5">
          {props.rail}
        </div>
      )}
    </div>
  );
}
