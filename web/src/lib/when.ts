import type { Schemas } from './api/client';

export type Dates = Schemas['Manner']['dates'];

/** Languages that write a day so. */
const WRITTEN = { iso: 'sv-SE', dmy: 'de-DE', mdy: 'en-US' } as const;

/** A moment as the garden writes it, in the time of the device: "Fri 2027-05-31, 14:05". */
export function when(at: string, dates: Dates): string {
  const moment = new Date(at);
  const weekday = moment.toLocaleDateString('en', { weekday: 'short' });
  const time = moment.toLocaleTimeString('en', { hour: '2-digit', minute: '2-digit', hourCycle: 'h23' });
  return `${weekday} ${moment.toLocaleDateString(WRITTEN[dates as keyof typeof WRITTEN] ?? WRITTEN.iso)}, ${time}`;
}

/** A day as the garden writes it: "2027-05-31". */
export function day(of: string, dates: Dates): string {
  return new Date(`${of}T12:00`).toLocaleDateString(WRITTEN[dates as keyof typeof WRITTEN] ?? WRITTEN.iso);
}

/** "1 thing", "12 things". */
export function counted(count: number, one: string, many = `${one}s`): string {
  return `${count} ${count === 1 ? one : many}`;
}
