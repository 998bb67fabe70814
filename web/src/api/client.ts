import createClient from 'openapi-fetch';
import { noteServerTime } from '../clock/kitchenClock';
import { Problem } from './problem';
import type { paths } from './schema';

export const api = createClient<paths>();

// What the kitchen writes into sentences is said as this device's clock shows it, also after it has travelled.
api.use({
  onRequest: ({ request }) => {
    request.headers.set('Utc-Offset-Minutes', String(-new Date().getTimezoneOffset()));
    return request;
  },
});

/** Unwraps an answer: the data, or a Problem that says what a cook can do about it. */
export async function unwrap<T>(request: Promise<{ data?: T; error?: unknown; response: Response }>): Promise<T> {
  const { data, error, response } = await request.catch(() => {
    throw new Problem(0, 'The kitchen server does not answer. What you typed is still here; trying again.');
  });
  if (!response.ok) throw Problem.from(response.status, error);
  if (data && typeof data === 'object' && 'now' in data && typeof data.now === 'string')
    noteServerTime(data.now, Number(response.headers.get('Kitchen-Pace') ?? 1));
  return data as T;
}
