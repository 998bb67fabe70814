import { HubConnectionBuilder, HubConnectionState, LogLevel } from '@microsoft/signalr';
import { useQueryClient } from '@tanstack/react-query';
import { useEffect, useState } from 'react';

const RETRY_MS = 1000;

/** Listens for news from the kitchen server, for as long as the page is open; false while it is out of reach. */
export function useLiveNews(): boolean {
  const queries = useQueryClient();
  const [connected, setConnected] = useState(true);

  useEffect(() => {
    const connection = new HubConnectionBuilder()
      .withUrl('/live')
      .withAutomaticReconnect({ nextRetryDelayInMilliseconds: () => RETRY_MS })
      .configureLogging(LogLevel.None)
      .build();
    let closed = false;

    // Whatever happened while we were away was missed: ask for everything again.
    const catchUp = () => {
      setConnected(true);
      queries.invalidateQueries();
    };
    const start = async () => {
      while (!closed && connection.state === HubConnectionState.Disconnected) {
        try {
          await connection.start();
          catchUp();
        } catch {
          if (!closed) setConnected(false);
          await new Promise((resolve) => setTimeout(resolve, RETRY_MS));
        }
      }
    };

    connection.on('changed', (topic: string) => {
      queries.invalidateQueries({ queryKey: [topic] });
      // What is done at the counter follows from the tray.
      if (topic === 'tray') queries.invalidateQueries({ queryKey: ['prep'] });
    });
    connection.onreconnecting(() => setConnected(false));
    connection.onreconnected(catchUp);
    connection.onclose(() => void start());
    void start();
    return () => {
      closed = true;
      void connection.stop();
    };
  }, [queries]);

  return connected;
}
