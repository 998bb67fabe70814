import { expect, test } from 'vitest';
import type { EveningView } from '../../api/types';
import { eveningLanes } from './eveningLanes';

const at = (minute: number) => new Date(Date.UTC(2026, 10, 26, 16, minute)).toISOString();
const task = (from: number, to: number) => ({
  kind: 'prepare',
  railLabel: 'cut',
  hands: [{ from: at(from), to: at(to) }],
  oven: [],
  hob: [],
});
const evening = (...tasks: ReturnType<typeof task>[]) =>
  ({ tasks, free: [], waits: [], choice: {}, now: at(0) }) as unknown as EveningView;

test('where two work at once the lanes have their names, and stay hands and helper where nobody is named', () => {
  const two = evening(task(0, 10), task(5, 12));
  expect(eveningLanes(two, ['Robin', 'Sam']).map((lane) => lane.name)).toEqual(['Robin', 'Sam']);
  expect(eveningLanes(two, ['Robin']).map((lane) => lane.name)).toEqual(['Robin', 'Helper']);
  expect(eveningLanes(two, []).map((lane) => lane.name)).toEqual(['Hands', 'Helper']);
});

test('one who works alone needs no name', () => {
  expect(eveningLanes(evening(task(0, 10), task(10, 12)), ['Robin']).map((lane) => lane.name)).toEqual(['Hands']);
});

test('two of one name are told apart', () => {
  const two = evening(task(0, 10), task(5, 12));
  expect(eveningLanes(two, ['Kim', 'Kim']).map((lane) => lane.name)).toEqual(['Kim', 'Kim 1']);
});

test('who is elsewhere has a lane, from now on, and what is over has none', () => {
  const away = [
    { title: 'Piano', from: at(-30), to: at(0) },
    { title: 'Choir', from: at(-10), to: at(15) },
  ];
  const view = { ...evening(task(20, 30)), choice: { away } } as unknown as EveningView;
  expect(eveningLanes(view, [])).toEqual([
    expect.objectContaining({ name: 'Hands' }),
    {
      name: 'Away',
      spans: [{ kind: 'rest', from: Date.parse(at(0)), to: Date.parse(at(15)), label: 'Choir' }],
    },
  ]);
});
