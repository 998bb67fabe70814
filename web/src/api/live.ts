import type { HubConnection } from '@microsoft/signalr';
import { type QueryClient, useQueryClient } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { Asking } from './asking';
import type { BakesView, TrayView } from './types';

const RETRY_MS = 1000;

/** Listens for news from the kitchen server, for as long as the page is open; false while it is out of reach. */
export function useLiveNews(): boolean {
  const queries = useQueryClient();
  const [connected, setConnected] = useState(true);

  useEffect(() => {
    let closed = false;
    let connection: HubConnection | null = null;

    // Whatever happened while we were away was missed: ask for everything again.
    const catchUp = () => {
      setConnected(true);
      queries.invalidateQueries();
    };
    const asking = new Asking((topic) => queries.invalidateQueries({ queryKey: [topic] }));
    const changed = (topic: string, id: string | null, version: number | null) => {
      // What is done at the counter follows from the tray.
      if (topic === 'tray' || topic === 'kitchen') void asking.about('prep');
      // What is said of a tray is said in the kitchen's own units.
      if (topic === 'kitchen') void asking.about('tray');
      // An evening follows from all of them.
      if (topic !== 'evening' && topic !== 'probes' && topic !== 'log') void asking.about('evening');
      if (!isKnown(queries, topic, id, version)) void asking.about(topic);
    };
    const start = async (live: HubConnection) => {
      while (!closed && live.state === 'Disconnected') {
        try {
          await live.start();
          catchUp();
        } catch {
          if (!closed) setConnected(false);
          await new Promise((resolve) => setTimeout(resolve, RETRY_MS));
        }
      }
    };
    // The page is there before its news are: what they come over is fetched meanwhile.
    void import('@microsoft/signalr').then(({ HubConnectionBuilder, LogLevel }) => {
      if (closed) return;
      const live = new HubConnectionBuilder()
        .withUrl('/live')
        .withAutomaticReconnect({ nextRetryDelayInMilliseconds: () => RETRY_MS })
        .configureLogging(LogLevel.None)
        .build();
      connection = live;
      live.on('changed', changed);
      live.onreconnecting(() => setConnected(false));
      live.onreconnected(catchUp);
      live.onclose(() => void start(live));
      void start(live);
    });
    return () => {
      closed = true;
      void connection?.stop();
    };
  }, [queries]);

  return connected;
}

/** Who made the change has it already: it came with the answer. */
function isKnown(queries: QueryClient, topic: string, id: string | null, version: number | null): boolean {
  if (version === null) return false;
  if (topic === 'tray') {
    const tray = queries.getQueryData<TrayView>(['tray']);
    return String(tray?.id) === id && tray?.version === version;
  }
  const bake = queries.getQueryData<BakesView>(['oven'])?.bakes.find((other) => other.id === id);
  return topic === 'oven' && bake !== undefined && bake.seq >= version;
}
