/** The address of a sum with its inputs as they stand. Pure. */
import type { Question } from './api/client';
import { put, type Tree } from './tree';

export function sumAddress(name: string, inputs: Tree): string {
  return `#/sums/${name}?i=${encodeURIComponent(JSON.stringify(inputs))}`;
}

/** The address of the question that a sum met elsewhere answers. */
export function questionAddress(question: Question): string {
  const numbers = Object.entries(question.numbers).reduce((tree, [path, value]) => put(tree, path, value), {} as Tree);
  return sumAddress(question.calculator, { ...numbers, ...question.words });
}
