import { QueryClient } from '@tanstack/react-query';
import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import { freshest } from './freshest';

const key = ['tray'];
const view = (id: number, version: number) => ({ id, version });
let client: QueryClient;

beforeEach(() => {
  vi.useFakeTimers();
  client = new QueryClient();
});

afterEach(() => {
  vi.useRealTimers();
});

/** An answer that is there a second after it was asked for, and what happens meanwhile. */
async function asked(answer: ReturnType<typeof view>, meanwhile: () => void) {
  const ask = () =>
    new Promise<ReturnType<typeof view>>((resolve) => {
      setTimeout(() => {
        meanwhile();
        resolve(answer);
      }, 1000);
    });
  const found = freshest(client, key, ask, ({ id }) => id);
  await vi.advanceTimersByTimeAsync(1000);
  return found;
}

test('an answer that a command has overtaken is not shown', async () => {
  expect(await asked(view(1, 4), () => client.setQueryData(key, view(1, 5)))).toEqual(view(1, 5));
});

test('the same version said anew, a newer one, or one of another tray is', async () => {
  expect(await asked(view(1, 5), () => client.setQueryData(key, view(1, 5)))).toEqual(view(1, 5));
  expect(await asked(view(1, 6), () => client.setQueryData(key, view(1, 5)))).toEqual(view(1, 6));
  expect(await asked(view(2, 1), () => client.setQueryData(key, view(1, 5)))).toEqual(view(2, 1));
  client.clear();
  expect(await asked(view(1, 1), () => {})).toEqual(view(1, 1));
});

test('a house that was restored may count from less', async () => {
  client.setQueryData(key, view(1, 9));
  vi.advanceTimersByTime(1);
  expect(await asked(view(1, 2), () => {})).toEqual(view(1, 2));
});
