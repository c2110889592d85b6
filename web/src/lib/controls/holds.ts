/** Which of a slider's stops hold, in a few words. Pure. */
import type { Schemas } from '../api/client';

type Notch = Pick<Schemas['NotchDto'], 'value' | 'verdict'>;

/** How many separate stretches are told one by one; beyond that only how many stops hold. */
const MOST_STRETCHES = 3;

const holds = (n: Notch) => n.verdict === 'Sound' || n.verdict === 'Tight';

/** "holds to 400", "only 7 holds", "holds 2 to 3 and 6"; gaps between are never told as holding. A stop that wants a test first is told apart. */
export function whatHolds(notches: Notch[], tell: (value: number) => string): string {
  const good = notches.filter(holds);
  const test = notches.filter((n) => n.verdict === 'ProveFirst');
  if (good.length === 0) return test.length > 0 ? 'to be tested with water' : 'none of it holds';
  if (good.length === notches.length) return 'all of it holds';
  if (good.length === 1) return `only ${tell(good[0].value)} holds`;
  const runs = stretches(notches);
  if (runs.length > MOST_STRETCHES) return `${good.length} of ${notches.length} stops hold`;
  const [only] = runs;
  if (runs.length === 1 && only[0] === 0) return `holds to ${tell(notches[only[1]].value)}`;
  if (runs.length === 1 && only[1] === notches.length - 1) return `holds from ${tell(notches[only[0]].value)}`;
  const said = runs.map(([a, b]) =>
    a === b ? tell(notches[a].value) : `${tell(notches[a].value)} to ${tell(notches[b].value)}`,
  );
  return `holds ${said.length > 1 ? `${said.slice(0, -1).join(', ')} and ${said[said.length - 1]}` : said[0]}`;
}

/** First and last index of each stretch of stops side by side that hold. */
function stretches(notches: Notch[]): [number, number][] {
  const runs: [number, number][] = [];
  notches.forEach((n, i) => {
    if (!holds(n)) return;
    const open = runs[runs.length - 1];
    if (open && open[1] === i - 1) open[1] = i;
    else runs.push([i, i]);
  });
  return runs;
}
