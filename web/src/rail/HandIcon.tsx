/** What a hand holds, drawn small round its middle: a tray, a brush, tongs, foil, a thermometer, a dial, a spoon, a plate. */
export type HandSign = 'tray' | 'brush' | 'tongs' | 'foil' | 'probe' | 'dial' | 'spoon' | 'jug' | 'plate' | 'eye';

const drawings: Record<HandSign, string> = {
  tray: 'M-9 1 L-9 6 L9 6 L9 1 M0 -8 L0 2 M-4 -2 L0 2 L4 -2',
  brush: 'M-8 8 L1 -1 M-1 -3 L3 1 M0 -2 L6 -8 L8 -6 L2 0',
  tongs: 'M-7 8 C-3 2 -1 -2 0 -8 C1 -2 3 2 7 8 M-3 -3 L3 -3',
  foil: 'M-9 4 C-7 -6 7 -6 9 4 M-9 4 L-5 2 L-2 5 L2 2 L5 5 L9 4',
  probe: 'M-8 8 L2 -2 M2 -2 L6 -6 M3 -7 L7 -3 L8 -7 Z',
  dial: 'M-7 0 C-7 -9 7 -9 7 0 C7 9 -7 9 -7 0 Z M0 0 L4 -4',
  spoon: 'M-8 8 L2 -2 M1 -3 C1 -8 7 -9 8 -8 C9 -7 8 -1 3 -1 Z',
  jug: 'M-6 -7 L5 -7 L4 7 L-5 7 Z M5 -4 C10 -4 10 3 4 3',
  plate: 'M-8 0 C-8 -10 8 -10 8 0 C8 10 -8 10 -8 0 Z M-4 0 C-4 -5 4 -5 4 0 C4 5 -4 5 -4 0 Z',
  eye: 'M-9 0 C-5 -7 5 -7 9 0 C5 7 -5 7 -9 0 Z M-2.5 0 C-2.5 -3.4 2.5 -3.4 2.5 0 C2.5 3.4 -2.5 3.4 -2.5 0 Z',
};

export function HandIcon({ sign }: { sign: HandSign }) {
  return (
    <path
      d={drawings[sign]}
      fill="var(--paper)"
      stroke="var(--ink)"
      strokeWidth={2}
      strokeLinecap="round"
      strokeLinejoin="round"
    />
  );
}
