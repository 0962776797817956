/**
 * A record as a tree of leaves, so that two changes of one record can be joined leaf by leaf. A list entry is found
 * under its key, a word of a set under itself; what has no key is one leaf. Data in, data out.
 */
import { isFields } from '../batch/schema';
import { keysOf } from './keys';

/** Names from the record to a leaf, each with its kind in front, joined by `/`. The record itself is ''. */
export type Path = string;

/** A list: its entries in order, or in the order of their times. */
export interface ListLeaf {
  readonly list: readonly string[] | 'at';
}

type Fields = Readonly<Record<string, unknown>>;

const FIELD = '.';
const ENTRY = ':';
const WORD = '=';

const escaped = (name: string): string => name.replaceAll('~', '~0').replaceAll('/', '~1');
const unescaped = (name: string): string => name.replaceAll('~1', '/').replaceAll('~0', '~');

export const within = (path: Path, child: string): Path =>
  path === '' ? child : `${path}/${child}`;

/** Whether a path is another, or inside of it. */
export const isWithin = (path: Path, outer: Path): boolean =>
  outer === '' || path === outer || path.startsWith(`${outer}/`);

/** Parts of a record or a list, each by its name with its kind; null for one leaf. */
interface Parts {
  /** The container's own leaf. */
  readonly own: ListLeaf | Record<string, never>;
  readonly of: ReadonlyMap<string, unknown>;
}

const timeOf = (entry: unknown): string | null => {
  const at = isFields(entry) ? entry['at'] : undefined;
  return typeof at === 'string' ? at : null;
};

/** Names of a list's entries in the order of their times; those without a time come last. */
function byTime(of: ReadonlyMap<string, unknown>): readonly string[] {
  const key = ([name, entry]: readonly [string, unknown]): string =>
    `${timeOf(entry) ?? '~'} ${name}`;
  return [...of].toSorted((a, b) => (key(a) < key(b) ? -1 : 1)).map(([name]) => name);
}

/** @param field of the record that holds the value */
export function partsOf(value: unknown, field: string): Parts | null {
  if (isFields(value)) {
    const fields = Object.entries(value).filter(([, one]) => one !== undefined);
    return { own: {}, of: new Map(fields.map(([key, one]) => [FIELD + escaped(key), one])) };
  }
  if (!Array.isArray(value)) return null;
  const list = value as readonly unknown[];
  const names = list.every((one) => typeof one === 'string')
    ? list.map((one) => WORD + escaped(one))
    : keysOf(list, field)?.map((key) => ENTRY + escaped(key));
  if (!names || new Set(names).size < names.length) return null;
  const of = new Map(names.map((name, i) => [name, list[i]]));
  const isTimed = list.length > 0 && list.every((one) => timeOf(one) !== null);
  const inTime = isTimed && byTime(of).every((name, i) => name === names[i]);
  return { own: { list: inTime ? 'at' : names }, of };
}

/** Field by which the entries of a list are told apart. */
export const fieldOf = (name: string): string =>
  name.startsWith(FIELD) ? unescaped(name.slice(1)) : '';

/** Adds all leaves of a value. @param into leaves by their paths */
export function addLeaves(
  value: unknown,
  into: Map<Path, unknown>,
  path: Path = '',
  field = '',
): void {
  const parts = partsOf(value, field);
  into.set(path, parts ? parts.own : value);
  if (!parts) return;
  for (const [name, part] of parts.of) addLeaves(part, into, within(path, name), fieldOf(name));
}

/** All leaves of a record. @example leavesOf({ name: 'Stock' }).get('.name') // 'Stock' */
export function leavesOf(record: object): Map<Path, unknown> {
  const leaves = new Map<Path, unknown>();
  addLeaves(record, leaves);
  return leaves;
}

const isList = (leaf: unknown): leaf is ListLeaf => isFields(leaf) && 'list' in leaf;
const isContainer = (leaf: unknown): boolean => isFields(leaf);

/** Names of the entries of a list in order; those that no order names come last. */
function inOrder(order: ListLeaf['list'], of: ReadonlyMap<string, unknown>): readonly string[] {
  if (order === 'at') return byTime(of);
  const named = order.filter((name) => of.has(name));
  const known = new Set(named);
  return [...named, ...[...of.keys()].filter((name) => !known.has(name)).toSorted()];
}

interface Node {
  leaf: unknown;
  isThere: boolean;
  readonly children: Map<string, Node>;
}

function valueOf({ leaf, children }: Node): unknown {
  if (!isContainer(leaf)) return leaf;
  const parts = [...children].filter(([, node]) => node.isThere);
  const of = new Map(parts.map(([name, node]) => [name, valueOf(node)]));
  if (isList(leaf)) return inOrder(leaf.list, of).map((name) => of.get(name));
  const fields = parts.flatMap(([name]) =>
    name.startsWith(FIELD) ? [[fieldOf(name), of.get(name)] as const] : [],
  );
  return Object.fromEntries(fields);
}

/** The record of its leaves; null without a root leaf. A leaf whose container is gone is dropped. */
export function recordOf(leaves: ReadonlyMap<Path, unknown>): Fields | null {
  const root: Node = { leaf: undefined, isThere: false, children: new Map() };
  for (const [path, leaf] of leaves) {
    let node = root;
    for (const name of path === '' ? [] : path.split('/')) {
      const child = node.children.get(name) ?? {
        leaf: undefined,
        isThere: false,
        children: new Map<string, Node>(),
      };
      node.children.set(name, child);
      node = child;
    }
    node.leaf = leaf;
    node.isThere = true;
  }
  const record = root.isThere ? valueOf(root) : null;
  return isFields(record) ? record : null;
}
