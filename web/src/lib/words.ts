/** Finding by words. Pure. */

/** Whether a text has every word that is looked for, in any order and in part; nothing looked for is in every text. */
export function hasWords(text: string, sought: string): boolean {
  const there = text.toLowerCase();
  return sought
    .toLowerCase()
    .split(/\s+/)
    .every((word) => there.includes(word));
}
