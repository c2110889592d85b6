/** Finding by words. Pure. */

/** Whether a text has every word that is looked for, in any order and in part; nothing looked for is in every text. */
export function hasWords(text: string, sought: string): boolean {
  const there = text.toLowerCase();
  return sought
    .toLowerCase()
    .split(/\s+/)
    .every((word) => there.includes(word));
}

/** A name as it goes on in a sentence: its first letter small, the rest as it stands, since M8 is no m8. */
export function goingOn(name: string): string {
  return /^[A-Z](?=[a-z ])/.test(name) ? name[0].toLowerCase() + name.slice(1) : name;
}

/** A thing's number as it is stencilled on its tag: 07, 12, 114. */
export const stencilled = (number: number): string => String(number).padStart(2, '0');
