/** The inputs of a sum as a tree of values, by paths such as "outline.length" or "layers.0.thickness". Pure. */
import type { SumInput } from './api/client';

export type Node = number | string | boolean | Node[] | { [name: string]: Node };
export type Tree = Record<string, Node>;

export function get(tree: Node | undefined, path: string): Node | undefined {
  return path
    .split('.')
    .reduce<Node | undefined>(
      (node, key) => (typeof node === 'object' ? (node as Record<string, Node>)[key] : undefined),
      tree,
    );
}

/** The tree with one value put in, or taken out when it is undefined. Nothing given is changed. */
export function put(tree: Tree, path: string, value: Node | undefined): Tree {
  return step(tree, path.split('.'), value) as Tree;
}

function step(node: Node | undefined, [key, ...rest]: string[], value: Node | undefined): Node {
  const inner = rest.length === 0 ? value : step((node as Record<string, Node> | undefined)?.[key], rest, value);
  if (Array.isArray(node)) return node.map((item, i) => (String(i) === key ? (inner ?? item) : item));
  const copy = { ...(node as Tree | undefined) };
  if (inner === undefined) delete copy[key];
  else copy[key] = inner;
  return copy;
}

/** What a form starts with: typical numbers, first choices, one row in each list; what may be left out is, where a form does not start with it. */
export function typical(inputs: SumInput[]): Tree {
  return Object.fromEntries(
    inputs.filter((i) => !i.optional || i.default !== null || i.starts).map((i) => [i.name, startOf(i)]),
  );
}

export function startOf(input: SumInput): Node {
  switch (input.kind) {
    case 'Number':
      return (input.default as number | null) ?? input.typical ?? 0;
    case 'Choice':
      return (input.default as string | null) ?? input.options[0];
    case 'Flag':
      return (input.default as boolean | null) ?? true;
    case 'Group':
      return typical(input.fields);
    case 'Either':
      return typical(input.fields[0].fields);
    case 'List':
      return [typical(input.fields)];
  }
}

/** The group of an either that its value belongs to: by the choice they share, or by the fields that are there. */
export function chosenGroup(input: SumInput, value: Node | undefined): SumInput {
  const there = (typeof value === 'object' ? value : {}) as Record<string, Node>;
  return (
    input.fields.find((g) =>
      g.fields.every(
        (f) => f.optional || (f.name in there && (f.kind !== 'Choice' || f.options.includes(String(there[f.name])))),
      ),
    ) ?? input.fields[0]
  );
}

/** The titles of all numbers, by path. */
export function titles(inputs: SumInput[], value: Node | undefined, before = ''): Record<string, string> {
  const found: Record<string, string> = {};
  for (const input of inputs) {
    const inner = get(value, input.name);
    const path = before + input.name;
    if (input.kind === 'Number') found[path] = input.title;
    else if (input.kind === 'Group')
      Object.assign(found, prefixed(input.title, titles(input.fields, inner, `${path}.`)));
    else if (input.kind === 'Either') Object.assign(found, titles(chosenGroup(input, inner).fields, inner, `${path}.`));
    else if (input.kind === 'List' && Array.isArray(inner))
      inner.forEach((item, i) =>
        Object.assign(found, prefixed(`${i + 1}.`, titles(input.fields, item, `${path}.${i}.`))),
      );
  }
  return found;
}

function prefixed(words: string, all: Record<string, string>): Record<string, string> {
  return Object.fromEntries(Object.entries(all).map(([path, title]) => [path, `${words} ${title.toLowerCase()}`]));
}
