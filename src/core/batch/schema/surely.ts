/**
 * Whether a value is surely what a Yup schema takes: the schema's own tests, without all that Yup does to tell
 * of a fault. A household of many years is read several times as fast; only parts that are not surely good are
 * asked of Yup.
 */
import type * as yup from 'yup';
import { isFields } from './fields';

interface Config {
  readonly test: (this: Context, value: unknown, context: Context) => unknown;
  readonly skipAbsent?: boolean;
}
interface Test {
  readonly OPTIONS?: Config;
}

/** Context of the schemas' own tests. */
interface Context {
  readonly path: string;
  readonly parent: unknown;
  readonly createError: () => false;
  readonly resolve: <T>(value: T) => T;
  readonly schema: unknown;
}

/** A schema of Yup, as far as it is looked into. */
interface Inside {
  readonly conditions: readonly unknown[];
  readonly internalTests: Readonly<Record<string, Test | undefined>>;
  readonly tests: readonly Test[];
  readonly fields?: Readonly<Record<string, Inside>>;
  readonly innerType?: Inside;
  readonly resolve: (options: { readonly value: unknown; readonly parent: unknown }) => Inside;
}

/** False where it may not be so. */
type Check = (value: unknown, parent: unknown) => boolean;

function ownTests(schema: Inside): Check {
  const configs = [...Object.values(schema.internalTests), ...schema.tests].flatMap((test) =>
    test ? [test.OPTIONS] : [],
  );
  const same = <T>(one: T): T => one;
  const none = (): false => false;
  return (value, parent) => {
    const context: Context = { path: '', parent, createError: none, resolve: same, schema };
    for (const config of configs) {
      // A test that tells nothing of itself is Yup's to make.
      if (!config) return false;
      if (config.skipAbsent && (value === undefined || value === null)) continue;
      if (config.test.call(context, value, context) !== true) return false;
    }
    return true;
  };
}

/** Made once for each schema. */
function once(make: (schema: Inside) => Check): (schema: Inside) => Check {
  const checks = new WeakMap<Inside, Check>();
  return (schema) => {
    const known = checks.get(schema);
    if (known) return known;
    const made = make(schema);
    checks.set(schema, made);
    return made;
  };
}

/** Demands of a schema on a value itself, and not on its parts. */
const ownOf = once(ownTests);
const checkOf = once(checkFor);

function checkFor(schema: Inside): Check {
  if (schema.conditions.length > 0)
    return (value, parent) => checkOf(schema.resolve({ value, parent }))(value, parent);
  const own = ownOf(schema);
  const { fields, innerType } = schema;
  if (fields) {
    const all = Object.entries(fields).map(([key, field]) => [key, checkOf(field)] as const);
    return (value, parent) =>
      own(value, parent) &&
      (!isFields(value) || all.every(([key, check]) => check(value[key], value)));
  }
  if (innerType) {
    const inner = checkOf(innerType);
    return (value, parent) =>
      own(value, parent) &&
      (!Array.isArray(value) || value.every((one: unknown) => inner(one, value)));
  }
  return own;
}

/** A part of a value that may be at fault. */
export interface Doubt {
  readonly schema: yup.Schema;
  readonly value: unknown;
  readonly parent: unknown;
  /** As Yup writes it, such as `batches[0].items[2].amount`. */
  readonly path: string;
}

type Doubts = Generator<Doubt, void, undefined>;

function* doubtsIn(unresolved: Inside, value: unknown, parent: unknown, path: string): Doubts {
  const schema =
    unresolved.conditions.length > 0 ? unresolved.resolve({ value, parent }) : unresolved;
  if (checkOf(schema)(value, parent)) return;
  const { fields, innerType } = schema;
  const within = ownOf(schema)(value, parent);
  if (within && fields && isFields(value))
    for (const [key, field] of Object.entries(fields))
      yield* doubtsIn(field, value[key], value, path === '' ? key : `${path}.${key}`);
  else if (within && innerType && Array.isArray(value))
    for (const [i, one] of value.entries()) yield* doubtsIn(innerType, one, value, `${path}[${i}]`);
  else yield { schema: schema as unknown as yup.Schema, value, parent, path };
}

/**
 * The smallest parts of a value that are not surely good, taken strictly, in the order of the schema; none where
 * all of it is. Only they are Yup's to tell of.
 */
export function doubtsOf(schema: yup.Schema, value: unknown): Doubts {
  return doubtsIn(schema as unknown as Inside, value, undefined, '');
}
