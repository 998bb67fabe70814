import type { WholeBake } from '../kitchen/bakes';
import { sayDegrees, sayTyped } from '../words/temperatures';
import { MINUTE_MS } from '../words/times';
import type { Lane, Span } from './LaneBar';

/** The lanes of a bake: where the tray really stood, and every food by what is believed of its slowest piece. */
export function bakeLanes(bake: WholeBake, to: number): Lane[] {
  const from = Date.parse(bake.startedAt);
  const { unit } = bake.plan.ovenSetting;
  return [
    { name: 'Oven', spans: placeSpans(bake, to) },
    ...bake.lots.map(
      (lot): Lane => ({
        name: lot.name,
        spans: [
          {
            kind: 'meat',
            from: from + (lot.curve[0]?.minutes ?? 0) * MINUTE_MS,
            to: Math.min(to, from + (lot.curve.at(-1)?.minutes ?? 0) * MINUTE_MS),
            zeroAt: from,
            ...(lot.goalAt ? { doneAt: Date.parse(lot.goalAt) } : {}),
            curve: lot.curve,
            say: (celsius) => sayDegrees(celsius, unit),
          },
        ],
      }),
    ),
  ];
}

function placeSpans({ moves, plan }: WholeBake, to: number): Span[] {
  return moves.map((move, i) => {
    const next = moves[i + 1];
    return {
      kind: move.place === 'oven' ? 'oven' : 'rest',
      from: Date.parse(move.at),
      to: next ? Date.parse(next.at) : to,
      label: move.place === 'oven' ? `${plan.ovenMode} ${sayTyped(plan.ovenSetting)}` : 'rest',
    };
  });
}
