const clocks = {
  twentyFour: new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit', hourCycle: 'h23' }),
  twelve: new Intl.DateTimeFormat('en-US', { hour: 'numeric', minute: '2-digit', hourCycle: 'h12' }),
};

/** How this household says times of day: one for the page, set before anything is shown. */
let face: keyof typeof clocks = 'twentyFour';
export const setClockFace = (to: keyof typeof clocks) => {
  face = to;
};
const day = new Intl.DateTimeFormat('en-GB', { weekday: 'long', day: 'numeric', month: 'long' });

export const MINUTE_MS = 60_000;

export type Moment = string | number | Date;

/** "18:42", or "6:42 pm" */
export const sayClock = (moment: Moment) => {
  const said = clocks[face].format(new Date(moment));
  return face === 'twelve' ? said.toLowerCase().replace('\u202f', ' ') : said;
};

/** "18:45", "18.45", "1845", "6:45 pm", "7pm" as hours and minutes; null where it is no time of day. */
export function parseClock(text: string): { hours: number; minutes: number } | null {
  const [, hour, minute = '00', half] =
    /^\s*(\d{1,2}?)\s*[:.h ]?\s*(\d{2})?\s*(am|pm|a\.m\.|p\.m\.)?\s*$/i.exec(text) ?? [];
  if (hour === undefined || (text.trim().length < 3 && !half)) return null;
  const [typed, minutes] = [Number(hour), Number(minute)];
  if (half && (typed < 1 || typed > 12)) return null;
  const hours = half ? (typed % 12) + (half.toLowerCase().startsWith('p') ? 12 : 0) : typed;
  return hours > 23 || minutes > 59 ? null : { hours, minutes };
}

/** "Thursday 26 November" */
export const sayDay = (moment: Moment) => day.format(new Date(moment)).replace(',', '');

/** "24:07", or "1:04:07" from an hour on; never below zero. */
export function sayElapsed(ms: number): string {
  const seconds = Math.max(0, Math.floor(ms / 1000));
  const [hours, minutes] = [Math.floor(seconds / 3600), Math.floor(seconds / 60) % 60];
  const tail = `${String(minutes).padStart(2, '0')}:${String(seconds % 60).padStart(2, '0')}`;
  return hours > 0 ? `${hours}:${tail}` : tail;
}

/** "in 12 min", "now", "3 min ago" */
export function sayFromNow(moment: Moment, nowMs: number): string {
  const minutes = Math.round((new Date(moment).getTime() - nowMs) / 60_000);
  if (minutes === 0) return 'now';
  return minutes > 0 ? `in ${minutes} min` : `${-minutes} min ago`;
}

/** Local date and time with its offset, so that the server can answer in the cook's own clock times. */
export function toLocalIso(moment: Date): string {
  const two = (value: number) => String(value).padStart(2, '0');
  const east = -moment.getTimezoneOffset();
  const offset = `${east < 0 ? '-' : '+'}${two(Math.floor(Math.abs(east) / 60))}:${two(Math.abs(east) % 60)}`;
  const date = `${moment.getFullYear()}-${two(moment.getMonth() + 1)}-${two(moment.getDate())}`;
  return `${date}T${two(moment.getHours())}:${two(moment.getMinutes())}:00${offset}`;
}
