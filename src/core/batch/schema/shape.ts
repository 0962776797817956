/**
 * One declaration of a kept record. From it come its type (`Kept`), the check that runs on every change and on
 * every file (`faultsOf`), its limits (`limitsOf`) and the Yup schema of a form (`yupOf`).
 *
 * Nothing is cast, and unknown fields pass: a valid record survives a round trip untouched. Every message says
 * what is wanted.
 */
import { isFields } from './fields';

declare const TYPE: unique symbol;

/** Bound with the message for a value beyond it. */
interface Bound {
  readonly at: number;
  readonly wanted: string;
}

/** Demand that a list, a text or a number does not state by its bounds. */
interface Rule {
  readonly wanted: string;
  readonly holds: (value: unknown, parent: unknown) => boolean;
}

interface Common<T> {
  /** Message for a value of another kind. */
  readonly wanted: string;
  /** Message where a required value is missing; undefined where it may be left out. */
  readonly needed?: string;
  /** Whether null means a missing value. */
  readonly nullable?: true;
  readonly least?: Bound;
  readonly most?: Bound;
  readonly rule?: Rule;
  readonly [TYPE]?: T;
}

type Nodes =
  | { readonly kind: 'number'; readonly unit: string }
  | { readonly kind: 'flag' }
  | { readonly kind: 'text'; readonly notBlank: boolean }
  | { readonly kind: 'choice'; readonly values: readonly (string | number)[] }
  | { readonly kind: 'time' }
  | {
      readonly kind: 'object';
      readonly fields: Fields;
      /** The fields by name, and the names of those that must be there: most records fill few of many. */
      readonly byName: ReadonlyMap<string, AnyShape>;
      readonly needs: readonly string[];
    }
  | {
      readonly kind: 'variants';
      readonly by: string;
      readonly base: AnyShape;
      readonly variants: Readonly<Record<string, AnyShape>>;
    }
  | { readonly kind: 'list'; readonly of: AnyShape }
  | { readonly kind: 'record'; readonly of: AnyShape };

export type Shape<T> = Common<T> & Nodes;
export type AnyShape = Shape<unknown>;
type Fields = Readonly<Record<string, AnyShape>>;

type Needed<T> = Shape<T> & { readonly needed: string };
/** Type of the records that a shape takes. */
export type Kept<S> = S extends { readonly [TYPE]?: infer T } ? Exclude<T, undefined> : never;

type NeededKeys<F> = {
  [K in keyof F]: F[K] extends { readonly needed: string } ? K : never;
}[keyof F];
type Flat<T> = { readonly [K in keyof T]: T[K] };
type KeptFields<F> = Flat<
  { readonly [K in NeededKeys<F>]: Kept<F[K]> } & {
    readonly [K in Exclude<keyof F, NeededKeys<F>>]?: Kept<F[K]>;
  }
>;
type ObjectShape<F> = Shape<KeptFields<F>> & { readonly kind: 'object'; readonly fields: F };

/** Number from `min` to `max`. */
export function number(
  min: number,
  max: number,
  unit: string,
): Shape<number> & { readonly least: Bound; readonly most: Bound } {
  const wanted = `a number from ${min} to ${max}${unit && ` ${unit}`}`;
  return {
    kind: 'number',
    unit,
    wanted,
    least: { at: min, wanted },
    most: { at: max, wanted },
  };
}

export const flag: Shape<boolean> = { kind: 'flag', wanted: 'true or false' };

/** Short text that is not blank. */
export function text(what: string): Shape<string> {
  const wanted = `${what}, 1 to 200 characters`;
  return {
    kind: 'text',
    notBlank: true,
    wanted,
    least: { at: 1, wanted },
    most: { at: 200, wanted },
  };
}

/** Text of any content. */
export function prose(most: number, wanted = 'text'): Shape<string> {
  return {
    kind: 'text',
    notBlank: false,
    wanted,
    most: { at: most, wanted: `at most ${most} characters` },
  };
}

export function oneOf<const T extends string | number>(
  values: readonly T[],
  wanted = `one of ${values.join(', ')}`,
): Shape<T> & { readonly values: readonly T[] } {
  return { kind: 'choice', values, wanted };
}

/** Date and time, ISO 8601. */
export const time: Shape<string> = {
  kind: 'time',
  wanted: 'a date and time, such as 2026-11-24T18:30:00',
};

export function object<const F extends Fields>(fields: F, wanted: string): ObjectShape<F> {
  const named = Object.entries(fields);
  return {
    kind: 'object',
    fields,
    byName: new Map(named),
    needs: named.flatMap(([name, { needed: must }]) => (must === undefined ? [] : [name])),
    wanted,
  };
}

type Variant<By extends string, F> = {
  [K in keyof F]: Flat<{ readonly [B in By]: K } & KeptFields<F[K]>>;
}[keyof F];

/**
 * Record of one of several kinds, each with fields of its own.
 *
 * @param by name of the field that holds the kind
 * @param shared fields of every kind
 * @param variants further fields of each kind
 */
export function variants<
  By extends string,
  const S extends Fields,
  const F extends Readonly<Record<string, Fields>>,
>(
  by: By,
  shared: S,
  kinds: F,
  wanted: string,
): Shape<Variant<By, { [K in keyof F]: S & F[K] }>> & {
  readonly variants: { readonly [K in keyof F]: ObjectShape<S & F[K]> };
} {
  const names = Object.keys(kinds);
  const kind = needed(oneOf(names));
  const of = (fields: Fields): AnyShape => object({ ...shared, [by]: kind, ...fields }, wanted);
  return {
    kind: 'variants',
    by,
    base: of({}),
    variants: Object.fromEntries(names.map((name) => [name, of(kinds[name] ?? {})])),
    wanted,
  } as unknown as ReturnType<typeof variants<By, S, F>>;
}

export function list<T, S extends Shape<T>>(
  of: S & Shape<T>,
  wanted: string,
): Shape<readonly Kept<S>[]> & { readonly of: S } {
  return { kind: 'list', of, wanted };
}

/** A value for each of a batch's items, by their ids. */
export function record<T>(of: Shape<T>, wanted: string): Shape<Readonly<Record<string, T>>> {
  return { kind: 'record', of, wanted };
}

/** Demands that a value is there. @param wanted message where it is missing */
export function needed<S extends AnyShape>(
  shape: S,
  wanted: string = shape.wanted,
): S & { readonly needed: string } {
  return { ...shape, needed: wanted };
}

/** Treats null as a missing value, as older files have it. */
export function nullable<S extends AnyShape>(shape: S): S {
  return { ...shape, nullable: true };
}

export function atMost<S extends AnyShape>(shape: S, at: number, what: string): S {
  return { ...shape, most: { at, wanted: `at most ${at} ${what}`.trim() } };
}

export function atLeast<S extends AnyShape>(shape: S, at: number, wanted: string): S {
  return { ...shape, least: { at, wanted } };
}

/** Adds a demand that may look at the record around the value. */
export function ruled<S extends AnyShape>(shape: S, wanted: string, holds: Rule['holds']): S {
  return { ...shape, rule: { wanted, holds } };
}

const INHERITED: ReadonlySet<string> = new Set(Object.getOwnPropertyNames(Object.prototype));

/** Letters that have a meaning of their own in an address, and paths that lead elsewhere. */
const NO_PLACE = /[/\\?#%\p{Cc}]|^\.{1,2}$/u;

/** Key of a record: any text but the names that every object has, such as valueOf, and what no address can carry. */
export function ownId(): Needed<string> {
  return needed(
    ruled(
      text('an id'),
      'another id: without / \\ ? # %, and no name that every object has',
      (value) => !INHERITED.has(String(value)) && !NO_PLACE.test(String(value)),
    ),
    'an id',
  );
}

/** Bounds of a number, and the message for one beyond them. */
export interface Limits {
  readonly min: number;
  readonly max: number;
  readonly wanted: string;
}

/**
 * Limits of a number.
 *
 * @throws where the shape is no number with two bounds
 */
export function limitsOf(shape: AnyShape): Limits {
  if (shape.kind !== 'number' || !shape.least || !shape.most)
    throw new TypeError(`no number: ${shape.wanted}`);
  return { min: shape.least.at, max: shape.most.at, wanted: shape.least.wanted };
}

/** Shape of a variant's value: of its kind, or of what all kinds share where the kind is unknown. */
export function variantOf(
  shape: Extract<AnyShape, { kind: 'variants' }>,
  value: unknown,
): AnyShape {
  const name = isFields(value) ? value[shape.by] : undefined;
  return typeof name === 'string' && Object.hasOwn(shape.variants, name)
    ? (shape.variants[name] ?? shape.base)
    : shape.base;
}

function isOfKind(shape: AnyShape, value: unknown): boolean {
  switch (shape.kind) {
    case 'number':
      return typeof value === 'number' && !Number.isNaN(value);
    case 'flag':
      return typeof value === 'boolean';
    case 'text':
      return typeof value === 'string';
    case 'choice':
      return shape.values.some((one) => one === value);
    case 'time':
      return typeof value === 'string' && !Number.isNaN(Date.parse(value));
    case 'list':
      return Array.isArray(value);
    case 'object':
    case 'variants':
    case 'record':
      return isFields(value);
  }
}

/** Size that the bounds of a shape are about. */
function sizeOf(value: unknown): number {
  return typeof value === 'number' ? value : (value as string | readonly unknown[]).length;
}

/** Message for a value's own fault, its parts aside; null for none. */
function ownFault(shape: AnyShape, value: unknown, parent: unknown): string | null {
  if (value === undefined) return shape.needed ?? null;
  if (value === null)
    return shape.nullable && shape.needed === undefined ? null : (shape.needed ?? shape.wanted);
  if (!isOfKind(shape, value)) return shape.wanted;
  const { least, most, rule } = shape;
  // A required text is no empty one.
  if (value === '' && shape.needed !== undefined && !least) return shape.needed;
  if (least && sizeOf(value) < least.at) return least.wanted;
  if (most && sizeOf(value) > most.at) return most.wanted;
  if (shape.kind === 'text' && shape.notBlank && !/\S/.test(String(value))) return shape.wanted;
  return rule && !rule.holds(value, parent) ? rule.wanted : null;
}

/** Whether a value is good, parts and all. Stops at the first fault. */
function isGood(shape: AnyShape, value: unknown, parent: unknown): boolean {
  if (ownFault(shape, value, parent) !== null) return false;
  if (value === undefined || value === null) return true;
  switch (shape.kind) {
    case 'object': {
      const record = value as Readonly<Record<string, unknown>>;
      for (const name of shape.needs) if (record[name] === undefined) return false;
      for (const name in record) {
        const field = shape.byName.get(name);
        if (field && !isGood(field, record[name], record)) return false;
      }
      return true;
    }
    case 'variants':
      return isGood(variantOf(shape, value), value, parent);
    case 'list':
      return (value as readonly unknown[]).every((one) => isGood(shape.of, one, value));
    case 'record':
      return Object.values(value).every((one) => isGood(shape.of, one, value));
    default:
      return true;
  }
}

/** A value at fault: its place as `batches[0].items[2].amount`, the value, and what is wanted. */
export interface Fault {
  readonly path: string;
  readonly value: unknown;
  readonly wanted: string;
}

/**
 * All faults of a value, in the order of its declaration; none where it is good. A list that is too long is one
 * fault, whose entries are not read.
 *
 * @example [...faultsOf(number(0, 10, 'min'), 12)] // [{ path: '', value: 12, wanted: 'a number from 0 to 10 min' }]
 */
export function* faultsOf(
  shape: AnyShape,
  value: unknown,
  parent: unknown = undefined,
  path = '',
): Generator<Fault, void, undefined> {
  const wanted = ownFault(shape, value, parent);
  if (wanted !== null) return yield { path, value, wanted };
  if (value === undefined || value === null || isGood(shape, value, parent)) return;
  const within = (key: string): string => (path === '' ? key : `${path}.${key}`);
  if (shape.kind === 'object') {
    const record = value as Readonly<Record<string, unknown>>;
    for (const [key, field] of Object.entries(shape.fields))
      yield* faultsOf(field, record[key], record, within(key));
  } else if (shape.kind === 'variants')
    yield* faultsOf(variantOf(shape, value), value, parent, path);
  else if (shape.kind === 'list')
    for (const [i, one] of (value as readonly unknown[]).entries())
      yield* faultsOf(shape.of, one, value, `${path}[${i}]`);
  else yield { path, value, wanted: shape.wanted };
}
