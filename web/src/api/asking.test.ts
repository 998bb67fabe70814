import { expect, test } from 'vitest';
import { Asking } from './asking';

test('a stream of changes is asked about at once and once more at the end', async () => {
  const asked: string[] = [];
  let answer = () => {};
  const asking = new Asking((topic) => {
    asked.push(topic);
    return new Promise<void>((resolve) => {
      answer = resolve;
    });
  });
  const first = asking.about('oven');
  for (let i = 0; i < 5; i++) void asking.about('oven');
  expect(asked).toEqual(['oven']);
  answer();
  await new Promise((resolve) => setTimeout(resolve, 0));
  expect(asked).toEqual(['oven', 'oven']);
  answer();
  await first;
  expect(asked).toEqual(['oven', 'oven']);
});

test('topics do not wait for each other, and a lost answer does not end it', async () => {
  const asked: string[] = [];
  const asking = new Asking((topic) => {
    asked.push(topic);
    return Promise.reject(new Error('lost'));
  });
  await Promise.all([asking.about('oven'), asking.about('tray')]);
  await asking.about('oven');
  expect(asked).toEqual(['oven', 'tray', 'oven']);
});
