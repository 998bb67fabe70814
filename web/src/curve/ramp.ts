import { scaleLinear } from 'd3-scale';

/**
 * Cold slate, through pale, to amber and deep brown: lightness rises to the pale and falls again, so that it reads
 * without colour vision too, and never stands without a number.
 */
const stopsC = [0, 45, 74, 100, 150];
const colours = ['#47586e', '#efe8d6', '#e39a26', '#a65a15', '#4f260b'];

const ramp = scaleLinear<string>().domain(stopsC).range(colours).clamp(true);

export const heatColour = (celsius: number): string => ramp(celsius);
