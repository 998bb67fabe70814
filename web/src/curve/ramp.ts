/**
 * Cold slate, through pale, to amber and deep brown: lightness rises to the pale and falls again, so that it reads
 * without colour vision too, and never stands without a number.
 */
const stops: readonly (readonly [atC: number, red: number, green: number, blue: number])[] = [
  [0, 0x47, 0x58, 0x6e],
  [45, 0xef, 0xe8, 0xd6],
  [74, 0xe3, 0x9a, 0x26],
  [100, 0xa6, 0x5a, 0x15],
  [150, 0x4f, 0x26, 0x0b],
];

/** The colour of a temperature, °C; of the coldest or the hottest there is beyond the ends. */
export function heatColour(celsius: number): string {
  const after = stops.findIndex(([atC]) => atC >= celsius);
  const hot = stops[after === -1 ? stops.length - 1 : after];
  const cold = stops[after === -1 ? stops.length - 1 : Math.max(0, after - 1)];
  if (!hot || !cold) throw new Error('A ramp needs stops.');
  const share = hot === cold ? 0 : (celsius - cold[0]) / (hot[0] - cold[0]);
  const mix = (from: number, to: number) => Math.round(from + share * (to - from));
  return `rgb(${mix(cold[1], hot[1])}, ${mix(cold[2], hot[2])}, ${mix(cold[3], hot[3])})`;
}
