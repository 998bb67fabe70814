import { afterEach, expect, test, vi } from 'vitest';
import { Problem } from '../../../api/problem';
import type { TrayPlan, TrayPlanRequest, TrayView } from '../../../api/types';
import { type Units, usualUnits } from '../../../words/units';
import { bothWords } from '../ClashPanel';
import { mergeDrafts, mergeTheirs } from './mergeDrafts';
import { type EditingPort, TrayEditing } from './TrayEditing';

const plan = (part: Partial<TrayPlan> = {}): TrayPlan =>
  ({
    name: 'Thighs',
    chicken: [],
    vegetables: [],
    vessels: [],
    steps: [],
    ovenMode: 'still',
    ovenSetting: { value: 200, unit: 'celsius' },
    profile: 'unitedStates',
    restMinutes: 5,
    eatAt: null,
    spots: [],
    ...part,
  }) as TrayPlan;

const view = (version: number, part: Partial<TrayPlan> = {}): TrayView =>
  ({ id: 1, version, plan: plan(part), eatAtHasPassed: false }) as TrayView;

/** A server that takes a save only from its own version, and may be gone. */
class Server {
  stored = view(1);
  isGone = false;
  readonly heads: (string | undefined)[] = [];
  readonly ids: string[] = [];

  readonly save: EditingPort['save'] = async (_, body: TrayPlanRequest, head) => {
    this.ids.push(head['Command-Id']);
    if (this.isGone) throw new Problem(0, 'gone');
    this.heads.push(head['If-Match']);
    if (head['If-Match'] !== `"${this.stored.version}"`) throw new Problem(409, 'changed', { version: 'changed' });
    if (body.name === '') throw new Problem(400, 'no name', { name: 'Give it a name.' });
    this.stored = view(this.stored.version + 1, {
      name: body.name as string,
      restMinutes: body.restMinutes as number,
      ovenSetting: body.ovenSetting as TrayPlan['ovenSetting'],
    });
    return this.stored;
  };
}

let units: Units = usualUnits;

afterEach(() => {
  vi.useRealTimers();
});

function opened(server: Server, kept = new Map<string, string>()) {
  vi.useFakeTimers();
  const editing = new TrayEditing({
    save: server.save,
    fetch: async () => server.stored,
    onView: (newer) => editing.meet(newer),
    now: () => 0,
    units: () => units,
    keeper: {
      getItem: (key) => kept.get(key) ?? null,
      setItem: (key, value) => void kept.set(key, value),
      removeItem: (key) => void kept.delete(key),
    },
  });
  editing.meet(server.stored);
  const type = (part: object) => {
    const { draft } = editing.snapshot();
    if (draft) editing.change({ ...draft, ...part });
  };
  return { editing, type, kept, pass: (ms: number) => vi.advanceTimersByTimeAsync(ms) };
}

test('a change is kept on the device until the server has it', async () => {
  const server = new Server();
  const { editing, type, kept, pass } = opened(server);
  type({ oven: '215' });
  expect(kept.size).toBe(1);
  expect(editing.snapshot().whereabouts).toBe('sending');
  await pass(200);
  expect(server.stored.plan.ovenSetting.value).toBe(215);
  expect(editing.snapshot().whereabouts).toBe('stored');
  expect(kept.size).toBe(0);
});

test('while the server is gone it says so, goes on trying as one command, and a page opened anew goes on from there', async () => {
  const server = new Server();
  server.isGone = true;
  const first = opened(server);
  first.type({ oven: '215' });
  await first.pass(5000);
  expect(first.editing.snapshot().whereabouts).toBe('kept');
  expect(new Set(server.ids).size).toBe(1);
  expect(server.ids.length).toBeGreaterThan(1);

  const second = opened(server, first.kept);
  expect(second.editing.snapshot().draft?.oven).toBe('215');
  server.isGone = false;
  await second.pass(5000);
  expect(server.stored.plan.ovenSetting.value).toBe(215);
  expect(second.kept.size).toBe(0);
});

test('what two screens changed in different places is put together', async () => {
  const server = new Server();
  const { editing, type, pass } = opened(server);
  server.stored = view(2, { restMinutes: 12 });
  type({ oven: '215' });
  await pass(500);
  expect(server.stored.version).toBe(3);
  expect(server.stored.plan.restMinutes).toBe(12);
  expect(server.stored.plan.ovenSetting.value).toBe(215);
  expect(editing.snapshot()).toMatchObject({ clashes: [], whereabouts: 'stored', draft: { rest: '12', oven: '215' } });
});

test.each([
  ['mine', 215, 12],
  ['theirs', 230, 12],
] as const)('what two screens changed in the same place is asked: %s', async (whose, oven, rest) => {
  const server = new Server();
  const { editing, type, pass } = opened(server);
  server.stored = view(2, { ovenSetting: { value: 230, unit: 'celsius' }, restMinutes: 12 });
  type({ oven: '215' });
  await pass(500);
  expect(editing.snapshot().clashes).toEqual([{ path: ['oven'], mine: '215', theirs: '230' }]);
  expect(editing.snapshot().whereabouts).toBe('asked');
  expect(bothWords(editing.snapshot().clashes)).toBe('Here “215”, there “230”. ');
  expect(server.stored.version).toBe(2);
  editing.decide(whose);
  await pass(500);
  expect(server.stored.version).toBe(3);
  expect(server.stored.plan.ovenSetting.value).toBe(oven);
  expect(server.stored.plan.restMinutes).toBe(rest);
});

test('what is refused stays with its reason, and a newer tray of another screen is shown when nothing waits', async () => {
  const server = new Server();
  const { editing, type, pass } = opened(server);
  type({ name: '' });
  await pass(500);
  expect(editing.snapshot()).toMatchObject({ whereabouts: 'refused', draft: { name: '' } });
  expect(editing.snapshot().problem?.at('name')).toBe('Give it a name.');
  server.stored = view(2, { name: 'Wings' });
  editing.meet(server.stored);
  expect(editing.snapshot()).toMatchObject({ whereabouts: 'stored', draft: { name: 'Wings' }, problem: null });
});

test('lots are merged one by one', () => {
  const lot = (id: number, count: string) => ({ id, count, cut: 'drumstick' });
  const draft = (...chicken: object[]) => ({ chicken, oven: '200' }) as never;
  const base = draft(lot(1, '2'), lot(2, '4'), lot(3, '6'));
  // Here: one more of lot 1, and a new lot 5. There: lot 2 changed, lot 3 taken off.
  const mine = draft(lot(1, '3'), lot(2, '4'), lot(3, '6'), lot(5, '1'));
  const theirs = draft(lot(1, '2'), lot(2, '8'));
  expect(mergeDrafts(base, mine, theirs)).toEqual({
    merged: draft(lot(1, '3'), lot(2, '8'), lot(5, '1')),
    clashes: [],
  });
  // Taken off there, changed here: that is asked.
  const changed = draft(lot(1, '2'), lot(2, '4'), lot(3, '9'));
  const { merged, clashes } = mergeDrafts(base, changed, theirs);
  expect(clashes).toEqual([{ path: ['chicken', 3], mine: lot(3, '9'), theirs: null }]);
  expect(merged).toEqual(draft(lot(1, '2'), lot(2, '8'), lot(3, '9')));
  expect(mergeTheirs(base, changed, theirs)).toEqual(draft(lot(1, '2'), lot(2, '8')));
});

test('two foods that both screens added are two foods', () => {
  const draft = (...chicken: object[]) => ({ chicken }) as never;
  const { merged, clashes } = mergeDrafts(
    draft({ id: 1, count: '2' }),
    draft({ id: 1, count: '2' }, { id: 2, count: '3' }),
    draft({ id: 1, count: '2' }, { id: 2, count: '8' }),
  );
  expect(clashes).toEqual([]);
  expect(merged).toEqual(draft({ id: 1, count: '2' }, { id: 1001, count: '3' }, { id: 2, count: '8' }));
});

test('a kitchen that changes its units sees what is stored in them, and never what it is typing', async () => {
  const server = new Server();
  const { editing, type, pass } = opened(server);
  const oven = () => editing.snapshot().draft?.oven;
  const celsius = Number(oven());
  units = { ...usualUnits, temperature: 'fahrenheit' };
  type({ oven: '210' });
  editing.unitsChanged();
  expect(oven()).toBe('210');
  // Once it is stored, it is shown in them, too, and stored anew.
  await pass(1000);
  expect(editing.snapshot().draft?.unit).toBe('fahrenheit');
  expect(Number(oven())).toBe(410);
  expect(celsius).toBeGreaterThan(0);
  units = usualUnits;
});
