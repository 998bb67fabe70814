import type { QueryClient } from '@tanstack/react-query';

/**
 * Asks for a view that commands change, too. An answer that was asked for before a command and comes after the command's own is older
 * than what is shown: what is shown stays. Of another tray it is another answer, and a house that was restored may count anew.
 *
 * @param key Of the query.
 * @param idOf Which tray a view is of.
 */
export async function freshest<T extends { version: number }>(
  client: QueryClient,
  key: readonly string[],
  ask: () => Promise<T>,
  idOf: (view: T) => number,
): Promise<T> {
  const askedAt = Date.now();
  const answer = await ask();
  const shown = client.getQueryData<T>(key);
  const wasOvertaken = (client.getQueryState(key)?.dataUpdatedAt ?? 0) >= askedAt;
  return wasOvertaken && shown && idOf(shown) === idOf(answer) && shown.version > answer.version ? shown : answer;
}
