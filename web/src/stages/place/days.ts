/** Days of a year that is no leap year, by their number from 1. Pure. */

export const MONTHS = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'] as const;

const LENGTHS = [31, 28, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31];

export const daysIn = (month: number): number => LENGTHS[month];

/** The number of a day; months from 0, and a day that a month has not is its last. */
export function numberOf(month: number, day: number): number {
  return LENGTHS.slice(0, month).reduce((sum, n) => sum + n, 0) + Math.min(day, LENGTHS[month]);
}

/** Month from 0 and day of a number; what is before the year or after it is of the year before or after. */
export function dateOf(number: number): { month: number; day: number } {
  let day = ((((number - 1) % 365) + 365) % 365) + 1;
  let month = 0;
  while (day > LENGTHS[month]) day -= LENGTHS[month++];
  return { month, day };
}

/** "21 Apr", which is read the same everywhere. */
export function dayAndMonth(number: number): string {
  const { month, day } = dateOf(number);
  return `${day} ${MONTHS[month]}`;
}

/** The 21st of each month, on which the sun is followed. */
export const DAYS = MONTHS.map((_, month) => numberOf(month, 21));
