/** Finding, filtering and grouping things of the heap. Pure. */
import type { Kind, Thing } from '../../lib/api/client';
import { hasWords } from '../../lib/words';
import { standingOf, STANDINGS, type ThingStanding } from './standing';

export type Grouping = 'none' | 'form' | 'verdict' | 'place' | 'project' | 'source';

export interface Wanted {
  words: string;
  form: string;
  fitness: ThingStanding | '';
  place: string;
  /** "free", "taken", or everything. */
  free: '' | 'free' | 'taken';
}

export const EVERYTHING: Wanted = { words: '', form: '', fitness: '', place: '', free: '' };

export interface Row {
  key: string;
  /** A heading, or a thing. */
  head?: string;
  thing?: Thing;
}

/** What each thing is searched by, by id; worked out once, not at every letter typed. */
export function allWords(things: Thing[], kinds: Map<string, Kind>): Map<number, string> {
  return new Map(things.map((t) => [t.id, wordsOf(t, kinds)]));
}

/** Each word once, in order, empty ones left out. */
export function each(words: string[]): string[] {
  return [...new Set(words.filter(Boolean))].sort();
}

function wordsOf(thing: Thing, kinds: Map<string, Kind>): string {
  return [
    thing.number,
    thing.name,
    thing.place,
    thing.source,
    kinds.get(thing.kind)?.name,
    thing.substance,
    thing.remark,
    ...thing.spokenFor.map((s) => s.projectName),
  ]
    .join(' ')
    .toLowerCase();
}

export function matches(thing: Thing, words: string, wanted: Wanted, kinds: Map<string, Kind>): boolean {
  return (
    (wanted.fitness === '' || standingOf(thing) === wanted.fitness) &&
    (wanted.form === '' || kinds.get(thing.kind)?.group === wanted.form) &&
    (wanted.place === '' || thing.place === wanted.place) &&
    (wanted.free === '' || (wanted.free === 'free' ? thing.free > 0 : thing.spokenFor.length > 0)) &&
    hasWords(words, wanted.words)
  );
}

/** Things in order of number, under headings when they are grouped. */
export function rowsOf(things: Thing[], grouping: Grouping, kinds: Map<string, Kind>): Row[] {
  if (grouping === 'none') return things.map((thing) => ({ key: `t${thing.id}`, thing }));
  const by = new Map<string, Thing[]>();
  for (const thing of things) {
    for (const group of groupsOf(thing, grouping, kinds)) {
      const list = by.get(group);
      if (list) list.push(thing);
      else by.set(group, [thing]);
    }
  }
  return [...by.entries()]
    .sort(([a], [b]) => a.localeCompare(b))
    .flatMap(([head, list]) => [
      { key: `h${head}`, head: `${head} · ${list.length}` },
      ...list.map((thing) => ({ key: `${head}|${thing.id}`, thing })),
    ]);
}

function groupsOf(thing: Thing, grouping: Grouping, kinds: Map<string, Kind>): string[] {
  switch (grouping) {
    case 'form':
      return [kinds.get(thing.kind)?.group ?? ''];
    case 'verdict':
      return [STANDINGS[standingOf(thing)].said];
    case 'place':
      return [thing.place || 'Nobody wrote where'];
    case 'source':
      return [thing.source || 'Nobody wrote from where'];
    default:
      return thing.spokenFor.length > 0 ? each(thing.spokenFor.map((s) => s.projectName)) : ['Not spoken for'];
  }
}
