import type { WholeBake } from '../../kitchen/bakes';
import type { Waiting } from '../../kitchen/outbox';
import { lookWords, stepWords } from '../../words/food';
import { sayTyped } from '../../words/temperatures';
import { sayClock } from '../../words/times';
import type { NextAct } from './nextActs';

/** Told, and not with the server yet: what stands on top goes on as if it were. What follows from it is computed there, later. */
export function withWaiting(bake: WholeBake, all: readonly Waiting[]): WholeBake {
  return all.filter((one) => one.bakeId === bake.id).reduce(asIfTold, bake);
}

function asIfTold(bake: WholeBake, { event, toldAt }: Waiting): WholeBake {
  const isOfAct = (act: NextAct) => act.act !== null && act.act === event.act;
  const isOfLot = (act: NextAct) => act.lot !== null && act.lot === event.lot;
  switch (event.kind) {
    case 'actDone':
    case 'actSkipped':
      return { ...bake, next: bake.next.filter((act) => !isOfAct(act)) };
    case 'lotIn':
    case 'lotOut':
    case 'lotNeverIn':
      return { ...bake, next: bake.next.filter((act) => !isOfLot(act)) };
    case 'later':
      return {
        ...bake,
        next: bake.next.map((act) =>
          isOfAct(act) || isOfLot(act) ? { ...act, dueAt: laterBy(act.dueAt, toldAt, event.minutes ?? 0) } : act,
        ),
      };
    case 'resting':
      return { ...bake, place: 'worktop' };
    case 'moved':
      return { ...bake, place: event.place ?? bake.place };
    default:
      return bake;
  }
}

/** Counted from when it was told where its time had come by then. */
function laterBy(dueAt: string, toldAt: string, minutes: number): string {
  return new Date(Math.max(Date.parse(dueAt), Date.parse(toldAt)) + minutes * 60_000).toISOString();
}

/** "18:04 Turn the pieces: done" */
export function sayWaiting({ event, toldAt }: Waiting, bake: WholeBake): string {
  const lot = bake.lots.find((other) => other.lot === event.lot);
  const act = bake.acts.find((other) => other.act === event.act)?.title ?? '';
  const piece = lot?.pieces.find((other) => other.piece === event.piece)?.name ?? 'a piece';
  const said = {
    actDone: `${act}: done`,
    actSkipped: `${act}: skipped`,
    later: `${act || lot?.name}: ${event.minutes} min later`,
    lotIn: `${lot?.name} went in`,
    lotOut: `${lot?.name} came off`,
    lotNeverIn: `${lot?.name} never went in`,
    resting: 'the tray is out, resting',
    moved: event.place === 'oven' ? 'the tray is back in' : 'the tray is out',
    reading: `${piece}: ${event.value != null && event.unit ? sayTyped({ value: event.value, unit: event.unit }) : ''}`,
    finished: 'finish and log it',
    note: `note: ${event.text}`,
    ovenSet: `oven to ${event.setting?.value}°`,
    did: event.step ? stepWords[event.step] : 'something besides',
    piecesOut: `${event.pieces?.length} of the ${lot?.name} came off`,
    piecesIn: `${event.pieces?.length} of the ${lot?.name} went back`,
    look: `the ${lot?.name}: ${event.look ? lookWords[event.look].toLowerCase() : ''}`,
  }[event.kind ?? ''];
  return `${sayClock(toldAt)} ${said ?? 'something besides'}`;
}
