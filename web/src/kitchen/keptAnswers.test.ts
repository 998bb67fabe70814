import { QueryClient } from '@tanstack/react-query';
import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import { keepAnswers } from './keptAnswers';

const stored = new Map<string, string>();
let leave = () => {};

beforeEach(() => {
  stored.clear();
  vi.useFakeTimers();
  vi.stubGlobal('localStorage', {
    getItem: (key: string) => stored.get(key) ?? null,
    setItem: (key: string, value: string) => void stored.set(key, value),
  });
  vi.stubGlobal('addEventListener', (_: string, act: () => void) => {
    leave = act;
  });
});

afterEach(() => {
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

/** A page that was opened just now, with what is kept on the device. */
function opened() {
  const queries = new QueryClient();
  keepAnswers(queries);
  return queries;
}

test('what comes every second is kept while it still comes', async () => {
  const queries = opened();
  for (let reading = 1; reading <= 4; reading++) {
    queries.setQueryData(['oven'], { reading });
    await vi.advanceTimersByTimeAsync(1000);
  }
  expect(opened().getQueryData(['oven'])).toEqual({ reading: 4 });
  queries.setQueryData(['oven'], { reading: 5 });
  expect(opened().getQueryData(['oven'])).toEqual({ reading: 4 });
});

test('a page that is left at once has kept how its kitchen measures', () => {
  const queries = opened();
  queries.setQueryData(['kitchen'], { household: { temperature: 'fahrenheit' } });
  queries.setQueryData(['log'], { entries: [] });
  leave();
  expect(opened().getQueryData(['kitchen'])).toEqual({ household: { temperature: 'fahrenheit' } });
  expect(opened().getQueryData(['log'])).toBeUndefined();
});

test('what was seen yesterday is not shown any more', async () => {
  opened().setQueryData(['tray'], { version: 3 });
  leave();
  await vi.advanceTimersByTimeAsync(17.9 * 3_600_000);
  expect(opened().getQueryData(['tray'])).toEqual({ version: 3 });
  await vi.advanceTimersByTimeAsync(0.2 * 3_600_000);
  expect(opened().getQueryData(['tray'])).toBeUndefined();
});
