import type { Schemas } from './api/client';

export type Dates = Schemas['Manner']['dates'];

const two = (n: number) => String(n).padStart(2, '0');

/** A day as the garden writes it: 2027-05-31, 31.5.2027 or 5/31/2027. */
export function day(at: Date, dates: Dates): string {
  const [y, m, d] = [at.getFullYear(), at.getMonth() + 1, at.getDate()];
  if (dates === 'dmy') return `${d}.${m}.${y}`;
  return dates === 'mdy' ? `${m}/${d}/${y}` : `${y}-${two(m)}-${two(d)}`;
}

/** A moment as the garden writes it, in the time of the device. */
export function when(at: string, dates: Dates): string {
  const moment = new Date(at);
  const weekday = moment.toLocaleString('en', { weekday: 'short' });
  return `${weekday} ${day(moment, dates)}, ${two(moment.getHours())}:${two(moment.getMinutes())}`;
}

/** "1 thing", "12 things". */
export function counted(count: number, one: string, many = `${one}s`): string {
  return `${count} ${count === 1 ? one : many}`;
}
